namespace JollyBrook.Core.Body;

/// <summary>From what is lost to what is drunk (handbook room 60; US Army TB MED 507 for the ceilings).</summary>
public static class DrinkPlan
{
    /// <summary>Share of the loss replaced while walking; the rest at camp.</summary>
    public const double DefaultReplaceShare = 0.8;

    /// <summary>Never planned above, L/h.</summary>
    public const double MostPlannedLPerH = 1.0;

    /// <summary>Never drunk above, L/h.</summary>
    public const double CeilingLPerH = 1.4;

    /// <summary>Never drunk above, L a day.</summary>
    public const double CeilingLPerDay = 11.4;

    /// <summary>Water for one cooked meal, L.</summary>
    public const double LPerMeal = 0.5;

    /// <summary>Water for one hot drink, L.</summary>
    public const double LPerHotDrink = 0.3;

    /// <summary>Water for one person's wash in the evening, L.</summary>
    public const double LPerWash = 0.5;

    /// <summary>A drink where nobody says how large, L (pick).</summary>
    public const double UsualL = 0.5;

    private const double RestMlPerKgH = 1.5;
    private const double HotAboveC = 28;
    private const double HighAboveM = 2500;

    /// <summary>A day out never takes less drink than this, L a person (35 mL/kg rounded), winter included.</summary>
    public const double LeastLPerDay = 2.5;

    /// <summary>Colder than this, thirst hides, °C.</summary>
    public const double ThirstHidesBelowC = 10;

    /// <summary>That thirst says too little in the cold.</summary>
    public static Contract.Caution ThirstHides { get; } =
        new("cold-thirst", Contract.Severity.Warning, "In the cold, thirst hides: drink by the clock, a few mouthfuls every half hour.");

    /// <summary>
    /// Planned drinking while walking, L/h: a share of the loss, at most 1 L/h, and never less than an hour of rest asks for.
    /// </summary>
    public static double WalkingLPerH(double lossLPerH, double replaceShare, double restLPerH) =>
        Math.Min(MostPlannedLPerH, Math.Max(restLPerH, lossLPerH * replaceShare));

    /// <summary>Need at rest, L/h: 1.5 mL/kg/h, × 1.3 above 28 °C, + 10 % above 2 500 m.</summary>
    public static double RestLPerH(double massKg, double temperatureC, double elevationM) =>
        RestMlPerKgH / 1000 * massKg * (temperatureC > HotAboveC ? 1.3 : 1) * (elevationM > HighAboveM ? 1.1 : 1);
}
