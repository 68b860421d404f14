namespace JollyBrook.Core.Carry.Here;

/// <summary>The plan as it was made, out of the answer that "plan" gave to the trip before anything was found on the way.</summary>
/// <param name="Stops">Its stops.</param>
/// <param name="Carried">What it carries along the line.</param>
/// <param name="Reports">The last report on each source that it went by.</param>
public sealed record PlannedBefore(
    IReadOnlyList<PlannedStop>? Stops = null,
    IReadOnlyList<LinePoint>? Carried = null,
    IReadOnlyList<EarlierReport>? Reports = null
);

/// <summary>A stop of the plan as it was made.</summary>
/// <param name="Id">Of the source, camp or way out.</param>
/// <param name="Met">When it is met: one at a camp twice. Its name may have changed since.</param>
/// <param name="AlongKm">km along the trip.</param>
/// <param name="Day">The day it is reached on, from 0.</param>
/// <param name="ArriveHour">When, h after midnight of its day.</param>
/// <param name="TakeL">What is taken there, L; 0 for walking by.</param>
public sealed record PlannedStop(string? Id, MeetingTime? Met, double? AlongKm, int? Day, double? ArriveHour, double? TakeL);

/// <summary>When a source was last reported on, as the plan knew it.</summary>
/// <param name="Id">The source.</param>
/// <param name="ReportedAt">When; null where nobody had.</param>
public sealed record EarlierReport(string? Id, DateTimeOffset? ReportedAt = null);
