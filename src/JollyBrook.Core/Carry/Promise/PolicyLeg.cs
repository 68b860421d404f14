using System.Runtime.CompilerServices;

namespace JollyBrook.Core.Carry.Promise;

/// <summary>What a leg costs for the litres in hand at its beginning: use is even along it.</summary>
public static class PolicyLeg
{
    /// <summary>What is carried along it in the mean, L; what is in the body is not.</summary>
    /// <param name="inHandL">In hand at its beginning, L; below 0 is owed.</param>
    /// <param name="needL">Used on it, L, 0 and up.</param>
    /// <param name="inBodyL">Of what is in hand drunk on the spot and not yet used, L.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static double CarriedL(double inHandL, double needL, double inBodyL) =>
        MeanAbove(inHandL, needL) - (inBodyL > 0 ? MeanAbove(Math.Min(inBodyL, Math.Max(0, inHandL)), needL) : 0);

    /// <summary>
    /// The mean over a leg of what is above 0 in a level that falls evenly from <paramref name="levelL"/> by <paramref name="fallL"/>; read
    /// from the leg's end, the same of what is owed.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static double MeanAbove(double levelL, double fallL) =>
        levelL <= 0 ? 0
        : levelL >= fallL ? levelL - (fallL / 2)
        : levelL * levelL / (2 * fallL);
}
