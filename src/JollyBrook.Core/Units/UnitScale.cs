namespace JollyBrook.Core.Units;

/// <summary>One unit a quantity is shown in: shown = inside × <paramref name="Factor"/> + <paramref name="Offset"/>.</summary>
/// <param name="Symbol">The unit's symbol.</param>
/// <param name="Factor">Shown units for one inside unit.</param>
/// <param name="Offset">Added after the factor (°F only).</param>
/// <param name="Decimals">Decimals worth showing.</param>
/// <param name="From">The scale is used from this inside value (absolute) up.</param>
/// <param name="ForEntry">Whether numbers are typed in this unit.</param>
public sealed record UnitScale(string Symbol, double Factor, double Offset, int Decimals, double From, bool ForEntry)
{
    /// <summary>A figure in this unit, from one in the core's own.</summary>
    public double Shown(double inside) => (inside * Factor) + Offset;
}
