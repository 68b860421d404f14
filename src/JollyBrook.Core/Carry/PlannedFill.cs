namespace JollyBrook.Core.Carry;

/// <summary>One fill of a plan, as it goes at the median with every likely source running: where, out of what, how much.</summary>
/// <param name="At">The place on the line it is made from.</param>
/// <param name="To">Where the next one is made, or the finish.</param>
/// <param name="Water">The source drawn from: the place itself, or one a camp fetches from.</param>
internal sealed record PlannedFill(Place At, Place To, Place Water)
{
    /// <summary>In hand on arrival at the water, L; 0 at the start, below 0 where the bodies are owed.</summary>
    public double ArriveL { get; init; }

    /// <summary>Drunk on the spot, L.</summary>
    public double DrinkL { get; init; }

    /// <summary>Taken along, and used on the spot at a camp, L.</summary>
    public double LeaveL { get; init; }

    /// <summary>Of it used by the camp on the spot: drawn as needed, so no container binds, L.</summary>
    public double OnTheSpotL { get; init; }

    /// <summary>In hand on arrival at the next water, L.</summary>
    public double ArriveNextL { get; init; }

    /// <summary>Used on the way back to the line, L.</summary>
    public double DetourUseL { get; init; }

    /// <summary>There and back, min.</summary>
    public double TripMinutes { get; init; }

    /// <summary>Collecting and hands-on treatment for each litre, min.</summary>
    public double MinutesPerL { get; init; }

    /// <summary>How long the treatment runs by itself, min.</summary>
    public double WaitMinutes { get; init; }

    /// <summary>Whether that is waited for here.</summary>
    public bool WaitsHere { get; init; }

    /// <summary>Most that can be carried away, L.</summary>
    public double CapacityL { get; init; }

    /// <summary>Litres too few to arrive with the reserve, for want of room, L; 0 when it fits.</summary>
    public double ShortL { get; init; }

    /// <summary>Taken from the source, L.</summary>
    public double TakenL => LeaveL + DrinkL - ArriveL;

    /// <summary>Carried away, without what the camp uses there, L.</summary>
    public double CarriedL => Math.Max(0, LeaveL - OnTheSpotL);

    /// <summary>Minutes stopped for it.</summary>
    public double Minutes => TripMinutes + (TakenL * MinutesPerL) + (WaitsHere ? WaitMinutes : 0);
}
