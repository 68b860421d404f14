namespace JollyBrook.Core.Packing.Choosing;

/// <summary>
/// What a set costs in all, so that unlike things can be weighed against one another. One step is 100 g, half a litre of room, 10 of one's
/// money, 5 minutes of work a day, 30 minutes of the longest wait, or one step of taste (pick). Fixed steps, and none by the sets that
/// happen to be compared: one more set never changes what another costs.
/// </summary>
internal static class KitSteps
{
    public const double DefaultWeight = 2;

    private const double Kg = 0.1,
        BulkL = 0.5,
        Price = 10,
        WorkMinutes = 5,
        WaitMinutes = 30;

    /// <param name="set">Measured.</param>
    /// <param name="weights">Nothing left out.</param>
    public static double Of(KitSet set, KitWeights weights)
    {
        ArgumentNullException.ThrowIfNull(set);
        ArgumentNullException.ThrowIfNull(weights);
        static double W(double? weight) => weight!.Value / DefaultWeight;
        return (W(weights.Mass) * set.MassKg / Kg)
            + (W(weights.Bulk) * set.BulkL / BulkL)
            + (W(weights.Price) * set.Price / Price)
            + (W(weights.Work) * set.WorkMinutesPerDay / WorkMinutes)
            + (W(weights.Wait) * set.WaitMinutes / WaitMinutes)
            + (W(weights.Taste) * set.TasteSteps);
    }

    /// <summary>Whether one is at least as good as another in every respect.</summary>
    public static bool IsNoWorse(KitSet one, KitSet other)
    {
        ArgumentNullException.ThrowIfNull(one);
        ArgumentNullException.ThrowIfNull(other);
        return one.Lacks.Count <= other.Lacks.Count
            && one.MassKg <= other.MassKg + 1e-9
            && one.BulkL <= other.BulkL + 1e-9
            && one.Price <= other.Price + 1e-9
            && one.WorkMinutesPerDay <= other.WorkMinutesPerDay + 1e-9
            && one.WaitMinutes <= other.WaitMinutes
            && one.Taste <= other.Taste
            && one.LeavesNothing.Count <= other.LeavesNothing.Count
            && one.LeavesOne.Count <= other.LeavesOne.Count;
    }
}
