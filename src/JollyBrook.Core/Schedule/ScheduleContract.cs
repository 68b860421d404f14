using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>Water wanted by a time.</summary>
/// <param name="Id">Names it through edits, 1 to 60 characters.</param>
/// <param name="Name">What for: breakfast, leaving, cooking.</param>
/// <param name="Litres">How much, L, 0.1 to 200.</param>
/// <param name="By">By when.</param>
/// <param name="WillBoil">Whether it is cooked with or brewed: it goes from clearing to the pot, without filter or dose.</param>
public sealed record WantedWater(string? Id, string? Name, double? Litres, DateTimeOffset? By, bool? WillBoil = null);

/// <summary>What a hand changed about one batch.</summary>
/// <param name="Key">The batch.</param>
/// <param name="StartAt">Put to this time; earlier hands and things are kept free for it.</param>
/// <param name="Method">Treated by this chain.</param>
/// <param name="Container">In this container.</param>
/// <param name="VolumeL">Of this size, L.</param>
public sealed record BatchEdit(
    string? Key,
    DateTimeOffset? StartAt = null,
    string? Method = null,
    string? Container = null,
    double? VolumeL = null
);

/// <summary>A batch of the schedule that was begun.</summary>
/// <param name="Key">The batch.</param>
/// <param name="StartedAt">When.</param>
/// <param name="PlannedReadyAt">When the schedule had it ready.</param>
/// <param name="Steps">Its steps.</param>
/// <param name="Taps">What was tapped.</param>
/// <param name="ContainerId">What it was begun in; null where that is no container of the kit.</param>
/// <param name="Treat">What Treat was asked to begin it: its litres and its chain.</param>
public sealed record BegunBatch(
    string? Key,
    DateTimeOffset? StartedAt,
    DateTimeOffset? PlannedReadyAt,
    IReadOnlyList<TreatmentStep>? Steps,
    IReadOnlyList<BatchTap>? Taps,
    string? ContainerId,
    TreatRequest? Treat
);

/// <summary>A day's water to be put on a clock line.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Kit">What there is to treat with and to hold it in.</param>
/// <param name="Water">The water there; its volume is not used.</param>
/// <param name="Sky">Air and place.</param>
/// <param name="Wants">Litres by time.</param>
/// <param name="People">Pairs of hands, 1 to 12.</param>
/// <param name="From">Nothing begins sooner.</param>
/// <param name="QuietFromHour">From this clock hour nobody works, 0 to 24; null for no rest.</param>
/// <param name="QuietToHour">Until this clock hour.</param>
/// <param name="Edits">What a hand changed.</param>
/// <param name="Begun">Batches begun already.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="Now">The time now; what has not begun cannot begin before it.</param>
/// <param name="Snow">Snow or ice all of it is melted from; null for water.</param>
/// <param name="InUse">Containers that hold water: taken for a batch only where no other is left, once they are empty.</param>
public sealed record ScheduleRequest(
    UnitSystem? Units,
    IReadOnlyList<KitEntry>? Kit,
    WaterInput? Water,
    SkyInput? Sky,
    IReadOnlyList<WantedWater>? Wants,
    double? People,
    DateTimeOffset? From,
    double? QuietFromHour = null,
    double? QuietToHour = null,
    IReadOnlyList<BatchEdit>? Edits = null,
    IReadOnlyList<BegunBatch>? Begun = null,
    bool? CountViruses = null,
    DateTimeOffset? Now = null,
    IReadOnlyList<string>? InUse = null,
    SnowInput? Snow = null
);

/// <summary>A stretch on the clock line.</summary>
/// <param name="Title">What is done.</param>
/// <param name="StartAt">From.</param>
/// <param name="EndAt">Until.</param>
/// <param name="Person">Who, from 1; null where it runs by itself.</param>
/// <param name="Things">Equipment it holds, by name.</param>
public sealed record ScheduledStep(string Title, DateTimeOffset StartAt, DateTimeOffset EndAt, int? Person, IReadOnlyList<string> Things);

/// <summary>A batch on the clock line.</summary>
/// <param name="Key">Names it through edits.</param>
/// <param name="WantId">What it is for.</param>
/// <param name="WantName">What it is for.</param>
/// <param name="VolumeL">L.</param>
/// <param name="ContainerId">What it is in; null where there is no container left.</param>
/// <param name="Container">Its name.</param>
/// <param name="Method">The chain.</param>
/// <param name="MethodName">Its name.</param>
/// <param name="Headline">The dose or time.</param>
/// <param name="StartAt">When it begins.</param>
/// <param name="ReadyAt">When it is drinkable.</param>
/// <param name="By">When it is wanted.</param>
/// <param name="LateMinutes">How much later it is ready; 0 in time.</param>
/// <param name="HandsMinutes">Hands-on.</param>
/// <param name="Begun">Whether it was begun.</param>
/// <param name="SlipMinutes">How much later than the schedule had it, for one begun; negative when sooner.</param>
/// <param name="Moved">Whether a time put by hand could not be kept.</param>
/// <param name="MeetsTarget">Whether its chain meets the target.</param>
/// <param name="Words">In a line.</param>
/// <param name="Steps">Stretch by stretch.</param>
/// <param name="Choices">The chains it could be treated by.</param>
/// <param name="Treat">What Treat is asked to begin it; its start is the moment it is begun.</param>
public sealed record ScheduledBatch(
    string Key,
    string WantId,
    string WantName,
    double VolumeL,
    string? ContainerId,
    string Container,
    string Method,
    string MethodName,
    string Headline,
    DateTimeOffset StartAt,
    DateTimeOffset ReadyAt,
    DateTimeOffset By,
    double LateMinutes,
    double HandsMinutes,
    bool Begun,
    double SlipMinutes,
    bool Moved,
    bool MeetsTarget,
    string Words,
    IReadOnlyList<ScheduledStep> Steps,
    IReadOnlyList<ChainChoice> Choices,
    TreatRequest Treat
);

/// <summary>A chain a batch could be treated by.</summary>
public sealed record ChainChoice(string Id, string Name, double Minutes, double HandsMinutes);

/// <summary>What cannot be ready, and when it can.</summary>
public sealed record LateWant(string WantId, string Name, DateTimeOffset By, DateTimeOffset EarliestAt, string Words);

/// <summary>One pair of hands through the day.</summary>
/// <param name="Person">From 1.</param>
/// <param name="BusyMinutes">Hands-on.</param>
/// <param name="IdleMinutes">Free between the first and the last step, the quiet hours left out.</param>
public sealed record PersonLoad(int Person, double BusyMinutes, double IdleMinutes);

/// <summary>A day's water on a clock line.</summary>
/// <param name="Headline">In a line.</param>
/// <param name="InTime">Whether all is ready in time.</param>
/// <param name="From">The line's beginning.</param>
/// <param name="Until">Its end.</param>
/// <param name="Batches">By start.</param>
/// <param name="Late">What cannot be ready.</param>
/// <param name="People">Each pair of hands.</param>
/// <param name="Quiet">When nobody works.</param>
/// <param name="Slips">What runs later than it was to, and what that pushes; each a sentence.</param>
/// <param name="Assumptions">What was not known and taken as worse.</param>
/// <param name="Cautions">What to mind.</param>
/// <param name="Working">How it was found.</param>
public sealed record ScheduleResponse(
    string Headline,
    bool InTime,
    DateTimeOffset From,
    DateTimeOffset Until,
    IReadOnlyList<ScheduledBatch> Batches,
    IReadOnlyList<LateWant> Late,
    IReadOnlyList<PersonLoad> People,
    IReadOnlyList<QuietHours> Quiet,
    IReadOnlyList<string> Slips,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working
);

/// <summary>When nobody works.</summary>
public sealed record QuietHours(DateTimeOffset From, DateTimeOffset Until);
