using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Carry;

/// <summary>A plan as it is walked: its fills in order, and what to do where it turns out otherwise.</summary>
internal abstract class PlannedWalk(PlanSetup setup, IReadOnlyList<PlannedFill> fills)
{
    public IReadOnlyList<PlannedFill> Fills { get; } = fills;

    public bool IsFeasible => Fills.All(f => f.ShortL <= 0);

    protected PlanSetup Setup { get; } = setup;

    /// <summary>How a walker decides at each water, for the simulation.</summary>
    public abstract LeaveWith Decide { get; }

    /// <summary>Share of walks that run short, 0 to 1, by what every plan is judged by.</summary>
    public virtual double ShortChance => PlanPromise.OddsOf(CarrySimulation.Of(Setup, new PolicyWay(Setup))).Reckon(Decide).ShortChance;

    /// <summary>What to leave a place's water with that the plan does not count on, should it run; null for walking by.</summary>
    /// <param name="place">The place.</param>
    /// <param name="inHandL">In hand on arrival, L.</param>
    /// <returns>Litres in hand on leaving, and how far they are to last.</returns>
    public abstract (double LeaveL, Place To)? IfRunning(Place place, double inHandL);

    /// <summary>What to do at a water by what is in hand there, from empty on; none where the plan is no policy.</summary>
    public virtual IReadOnlyList<PolicyRung> Rungs(Place place) => [];

    /// <summary>Where a camp fetches from if the water it was to draw from is dry; null where nowhere else is in reach.</summary>
    public virtual (Place Water, double TripMinutes)? ElseFetch(PlannedFill fill) => null;
}

/// <summary>From so much in hand on, what to leave a water with.</summary>
/// <param name="FromL">In hand on arrival, L.</param>
/// <param name="LeaveL">In hand on leaving, L; null for walking by.</param>
public sealed record PolicyRung(double FromL, double? LeaveL);

/// <summary>What to leave a water with, in hand on the line; null for walking by.</summary>
/// <param name="place">Index of the place on the line.</param>
/// <param name="water">Index of its water.</param>
/// <param name="inHandL">In hand on arrival, L.</param>
internal delegate double? LeaveWith(int place, int water, double inHandL);
