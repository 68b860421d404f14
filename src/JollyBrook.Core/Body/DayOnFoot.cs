using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Body;

/// <summary>What a day's walking is known by.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<WalkKnownBy>))]
public enum WalkKnownBy
{
    /// <summary>Stages in the log.</summary>
    Log,

    /// <summary>The trip's plan for the day.</summary>
    Plan,
}

/// <summary>When a day is walked, and in what air (handbook room 60: by the stage log, else by the plan).</summary>
/// <param name="From">When it begins: with its first step, where that is before the morning it was asked for.</param>
/// <param name="KnownBy">By which of them.</param>
/// <param name="Effort">The day's air, ground and pace as a whole.</param>
/// <param name="Walks">Its stretches in order.</param>
public sealed record DayOnFoot(DateTimeOffset From, WalkKnownBy KnownBy, Effort Effort, IReadOnlyList<WalkedStretch> Walks);
