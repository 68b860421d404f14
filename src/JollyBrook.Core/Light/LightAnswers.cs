namespace JollyBrook.Core.Light;

/// <summary>A UV lamp on this water.</summary>
/// <param name="Fills">How many bottles of the rated volume.</param>
/// <param name="CyclesPerFill">Cycles for each: one, and one more each for slight cloud and for colour.</param>
/// <param name="Cycles">Cycles in all.</param>
/// <param name="CyclesNow">Cycles the battery still gives in this cold.</param>
/// <param name="ColdShare">What the cold leaves of the charge, 0 to 1.</param>
/// <param name="SecondsPerFill">Seconds of light and stirring for each fill.</param>
public sealed record LampAnswer(int Fills, int CyclesPerFill, int Cycles, int CyclesNow, double ColdShare, double SecondsPerFill);

/// <summary>Sunlight here, from the moment the bottle is laid out.</summary>
/// <param name="Days">Days of exposure; 0 when it does not work from here on today.</param>
/// <param name="StrongHours">Hours with at least 500 W/m² left today under this sky.</param>
/// <param name="NoonElevationDeg">The sun's height at its highest, degrees.</param>
/// <param name="NoonWPerM2">Sunlight then, under this sky, W/m².</param>
/// <param name="CloudFactor">What the cloud leaves of it, 0 to 1.</param>
/// <param name="SolarNoon">When the sun is highest.</param>
/// <param name="EndsAt">When the exposure is long enough; null where it never is.</param>
public sealed record SunAnswer(
    int Days,
    double StrongHours,
    double NoonElevationDeg,
    double NoonWPerM2,
    double CloudFactor,
    DateTimeOffset SolarNoon,
    DateTimeOffset? EndsAt
);
