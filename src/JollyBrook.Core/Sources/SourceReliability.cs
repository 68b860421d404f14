using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Sources;

/// <summary>Mapped sources by how surely they run.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SourceClass>))]
public enum SourceClass
{
    /// <summary>Marked as running all year.</summary>
    Perennial,

    /// <summary>A lake.</summary>
    Lake,

    /// <summary>A tank or a tap.</summary>
    TankOrTap,

    /// <summary>Runs in its season, which this is.</summary>
    SeasonalInSeason,

    /// <summary>Runs in its season, which is nearly over.</summary>
    SeasonalLate,

    /// <summary>A seep.</summary>
    Seep,

    /// <summary>Melts off a patch of snow.</summary>
    SnowPatch,

    /// <summary>Somebody found it dry.</summary>
    ReportedDry,

    /// <summary>A place that may have water: what kind of it is not known, and it is counted on as little as one reported dry.</summary>
    Unknown,
}

/// <summary>The chance that a mapped source runs when you come, by class and by its last report (handbook room 10).</summary>
public static class SourceReliability
{
    /// <summary>A source is trusted from here up.</summary>
    public const double Trusted = 0.95;

    private const double AfterFlowing = 0.97;
    private const double AfterDry = 0.05;
    private const double HalfLifeDays = 21;

    /// <summary>
    /// By class alone: perennial 0.98, lake 0.99, tank or tap 0.9, seasonal 0.75 and late 0.4, seep 0.5, snow patch 0.8, dry 0.05, and no
    /// more where the kind is not known (rule 2).
    /// </summary>
    public static double OfClass(SourceClass source) =>
        source switch
        {
            SourceClass.Perennial => 0.98,
            SourceClass.Lake => 0.99,
            SourceClass.TankOrTap => 0.9,
            SourceClass.SeasonalInSeason => 0.75,
            SourceClass.SeasonalLate => 0.4,
            SourceClass.Seep => 0.5,
            SourceClass.SnowPatch => 0.8,
            _ => 0.05,
        };

    /// <summary>
    /// ρ of a walk's one draw of weather on the logit of the chance: 0.8 for seasonal streams, seeps and snow patches, 0.3 for springs and
    /// rivers, 0 for lakes, taps and caches (handbook room 70, pick).
    /// </summary>
    public static double WeatherShare(SourceClass? source) =>
        source switch
        {
            SourceClass.SeasonalInSeason or SourceClass.SeasonalLate or SourceClass.Seep or SourceClass.SnowPatch => 0.8,
            SourceClass.Perennial => 0.3,
            _ => 0,
        };

    /// <summary>What the class is called.</summary>
    public static string Name(SourceClass source) =>
        source switch
        {
            SourceClass.Perennial => "Perennial spring or river",
            SourceClass.Lake => "Lake",
            SourceClass.TankOrTap => "Tank, trough or hut tap",
            SourceClass.SeasonalInSeason => "Seasonal stream, in season",
            SourceClass.SeasonalLate => "Seasonal stream, late",
            SourceClass.Seep => "Seep",
            SourceClass.SnowPatch => "Snow patch",
            SourceClass.ReportedDry => "Reported dry",
            _ => "Kind not known",
        };

    /// <summary>Whole per cent, never rounded up.</summary>
    public static string Percent(double chance) => Units.Speaker.Number(Math.Floor((chance * 100) + 1e-9), 0);

    /// <summary>p = p_class + (p_report − p_class)·2^(−age/21 days); the half-life is a pick.</summary>
    public static double At(SourceClass source, bool? reportedFlowing, double ageDays)
    {
        var byClass = OfClass(source);
        return reportedFlowing is { } flowing
            ? byClass + (((flowing ? AfterFlowing : AfterDry) - byClass) * Math.Pow(2, -Math.Max(0, ageDays) / HalfLifeDays))
            : byClass;
    }
}
