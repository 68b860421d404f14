namespace JollyBrook.Core.Carry.Promise;

/// <summary>What a leg costs for the litres in hand at its beginning: use is even along it.</summary>
public static class PolicyLeg
{
    /// <summary>Carried kg × equivalent km, and what is owed on the way by the hour, kg·km.</summary>
    /// <param name="place">The leg.</param>
    /// <param name="needL">Used on it, L, 0 and up.</param>
    /// <param name="inHandL">In hand at its beginning, L; below 0 is owed.</param>
    /// <param name="inBodyL">Of it drunk on the spot and not yet used, L: not carried.</param>
    public static double Cost(PolicyPlace place, double needL, double inHandL, double inBodyL = 0)
    {
        ArgumentNullException.ThrowIfNull(place);
        var carried = MeanAbove(inHandL, needL) - MeanAbove(Math.Min(inBodyL, Math.Max(0, inHandL)), needL);
        return (carried * place.EffortKm) + (PolicyProblem.DebtPrice * MeanAbove(needL - inHandL, needL) * place.Hours);
    }

    /// <summary>
    /// The mean over a leg of what is above 0 in a level that falls evenly from <paramref name="levelL"/> by <paramref name="fallL"/>; read
    /// from the leg's end, the same of what is owed.
    /// </summary>
    public static double MeanAbove(double levelL, double fallL) =>
        levelL <= 0 ? 0
        : levelL >= fallL ? levelL - (fallL / 2)
        : levelL * levelL / (2 * fallL);
}
