using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Carry;

/// <summary>A place on the route with its profile step and, once the walk is laid out, its point on the line.</summary>
internal sealed record Place(StopKind Kind, string Id, string Name, int Step, TripSource? Source = null, double? Chance = null)
{
    /// <summary>When it is met.</summary>
    public MeetingTime Met { get; init; }

    public bool IsMorning => Met == MeetingTime.Morning;

    public bool IsEvening => Met == MeetingTime.Evening;

    /// <summary>Its name, with the time of day where it is met twice.</summary>
    public string FullName =>
        IsEvening ? $"{Name}, evening"
        : IsMorning ? $"{Name}, morning"
        : Name;

    public int Point { get; set; }

    /// <summary>The day it is reached on, from 0.</summary>
    public int Day { get; set; }

    /// <summary>Whether water is to be had here at all, as far as the plan may think of it.</summary>
    public bool HasWater => Source is { IsOutOfUse: false, OnlyIfNeeded: not true };

    /// <summary>Whether the plan may count on it.</summary>
    public bool Trusted => HasWater && Chance >= SourceReliability.Trusted;
}
