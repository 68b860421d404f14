using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>The water a disinfectant works in after its demand has been met.</summary>
/// <param name="ResidualMgPerL">Disinfectant left, mg/L.</param>
/// <param name="TemperatureC">Water temperature, °C.</param>
/// <param name="PH">pH, used by free chlorine only.</param>
public readonly record struct ContactConditions(double ResidualMgPerL, double TemperatureC, double PH);

/// <summary>What a published requirement is given as.</summary>
public enum RequirementKind
{
    /// <summary>None is published, or none is credited.</summary>
    None,

    /// <summary>Concentration times time, mg·min/L.</summary>
    Ct,

    /// <summary>A table of minutes.</summary>
    Minutes,
}

/// <summary>How fast a disinfectant works on one class, and by what formula.</summary>
/// <param name="LogsPerMinute">Log reduction per minute of contact; 0 when none is credited.</param>
/// <param name="Formula">The formula.</param>
/// <param name="Source">Its published source.</param>
/// <param name="Requirement">CT in mg·min/L, or minutes, for the class's standard target.</param>
/// <param name="RequirementIs">What <paramref name="Requirement"/> is.</param>
public readonly record struct InactivationRate(
    double LogsPerMinute,
    string Formula,
    string Source,
    double Requirement,
    RequirementKind RequirementIs
)
{
    /// <summary>A class that this disinfectant is not credited for.</summary>
    public static InactivationRate None(string source) => new(0, "not credited", source, 0, RequirementKind.None);

    /// <summary>Logs proportional to CT: the CT in mg·min/L that gives <paramref name="logs"/>, at a residual in mg/L.</summary>
    public static InactivationRate ByCt(double logs, double ct, double residualMgPerL, string formula, string source) =>
        new(logs * residualMgPerL / ct, formula, source, ct, RequirementKind.Ct);
}

/// <summary>One room per disinfectant; this finds it.</summary>
public static class Disinfectant
{
    /// <summary>How fast <paramref name="active"/> works on <paramref name="organism"/> in these conditions.</summary>
    public static InactivationRate Rate(ActiveIngredient active, OrganismClass organism, ContactConditions at)
    {
        if (at.ResidualMgPerL <= 0)
        {
            return InactivationRate.None("No residual: the water uses up the whole dose");
        }

        if (organism == OrganismClass.Bacteria)
        {
            return BacteriaCt.Rate(active, at);
        }

        return active switch
        {
            ActiveIngredient.FreeChlorine => FreeChlorineCt.Rate(organism, at),
            ActiveIngredient.ChlorineDioxide => ChlorineDioxideCt.Rate(organism, at),
            _ => IodineTimes.Rate(organism, at),
        };
    }
}
