namespace JollyBrook.Core.Body;

/// <summary>What one walker loses walking, before the personal factor.</summary>
/// <param name="MetabolicW">Metabolic rate, W.</param>
/// <param name="Heat">Heat to shed and what the air takes up.</param>
/// <param name="SweatLPerH">Predicted sweat, L/h.</param>
/// <param name="BreathedLPerH">Breathed out, L/h.</param>
/// <param name="Worn">What is counted as worn.</param>
public readonly record struct Loss(double MetabolicW, HeatBalance Heat, double SweatLPerH, double BreathedLPerH, Clothing Worn)
{
    /// <summary>What a walker loses at an effort. The walker's mass and height and the effort's grade must have been checked.</summary>
    public static Loss Of(Walker walker, Effort effort, SweatSchool school)
    {
        ArgumentNullException.ThrowIfNull(walker);
        ArgumentNullException.ThrowIfNull(effort);
        var total = walker.MassKg!.Value + walker.LoadKg;
        var grade = effort.GradePercent!.Value;
        var metabolic = effort.PerKgW * total;
        return Of(walker, metabolic, HeatBalance.ClimbWork(total, effort.SpeedMs, grade), effort.Air, school);
    }

    /// <summary>The same from a mean metabolic rate and climb work, W.</summary>
    public static Loss Of(Walker walker, double metabolicW, double climbW, Air air, SweatSchool school) =>
        Of(walker, walker?.SurfaceM2 ?? 0, metabolicW, climbW, air, school);

    /// <summary>The same with the body's surface already known, m².</summary>
    internal static Loss Of(Walker walker, double surface, double metabolicW, double climbW, Air air, SweatSchool school)
    {
        ArgumentNullException.ThrowIfNull(walker);
        if (walker.Worn is { } worn)
        {
            return In(worn, walker, surface, metabolicW, climbW, air, school);
        }

        // Not told what is worn: of what people wear in such air, the one that asks for the most water.
        Loss? most = null;
        foreach (var possible in ClothingForAir.Possible(air.TemperatureC))
        {
            var loss = In(possible, walker, surface, metabolicW, climbW, air, school);
            most = most is { } known && known.SweatLPerH >= loss.SweatLPerH ? known : loss;
        }

        return most!.Value;
    }

    /// <summary>Lost with a personal factor, L/h: sweat times the factor, up to the body's ceiling, and what is breathed out.</summary>
    /// <param name="k">The personal factor, above 0.</param>
    /// <param name="acclimatised">Whether the body is used to heat.</param>
    public double LPerH(double k, bool acclimatised) => Math.Min(Sweating.Ceiling(acclimatised), SweatLPerH * k) + BreathedLPerH;

    private static Loss In(Clothing worn, Walker walker, double surface, double metabolicW, double climbW, Air air, SweatSchool school)
    {
        var heat = HeatBalance.Of(metabolicW, climbW, surface, air, ClothingResistance.Of(worn));
        return new Loss(
            metabolicW,
            heat,
            Sweating.LPerH(heat, surface, walker.IsAcclimatised, school),
            Sweating.BreathedLPerH(heat, surface),
            worn
        );
    }
}
