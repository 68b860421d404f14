using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Boiling;

/// <summary>How long to hold a rolling boil: where practitioners disagree.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BoilSchool>))]
public enum BoilSchool
{
    /// <summary>1 minute, 3 above 2 000 m: US public-health advice, and the default.</summary>
    OneOrThree,

    /// <summary>Reaching a rolling boil is enough: WHO 2015.</summary>
    RollingBoil,

    /// <summary>The traveller's own minutes.</summary>
    LongBoil,

    /// <summary>Held below the boil, by a thermometer: 70 °C for 10 minutes, or 65 °C for 30.</summary>
    Pasteurise,
}

/// <summary>How long each school boils, and why.</summary>
public static class BoilSchools
{
    /// <summary>Above this elevation in m the default school asks for three minutes.</summary>
    public const double HighElevationM = 2000;

    /// <summary>The long boil's minutes until the traveller sets their own.</summary>
    public const double DefaultLongMinutes = 5;

    /// <summary>In the order they are offered.</summary>
    public static readonly IReadOnlyList<BoilSchool> All =
    [
        BoilSchool.OneOrThree,
        BoilSchool.RollingBoil,
        BoilSchool.LongBoil,
        BoilSchool.Pasteurise,
    ];

    /// <summary>What a school is called.</summary>
    public static string Name(BoilSchool school) =>
        school switch
        {
            BoilSchool.OneOrThree => "1 or 3 minutes",
            BoilSchool.RollingBoil => "Rolling boil",
            BoilSchool.Pasteurise => "Held below the boil",
            _ => "Long boil",
        };

    /// <summary>Why it boils as long as it does.</summary>
    public static string Reason(BoilSchool school) =>
        school switch
        {
            BoilSchool.OneOrThree =>
                $"1 minute at a rolling boil, 3 above {Speaker.Both(Quantity.Elevation, HighElevationM)}. US public-health advice.",
            BoilSchool.RollingBoil => "Once the whole pot churns, it is done: the way up and down is the margin. WHO, 2015.",
            BoilSchool.Pasteurise => $"{Speaker.Both(Quantity.Temperature, Pasteurising.UsualC)} for 10 minutes or "
                + $"{Speaker.Both(Quantity.Temperature, Pasteurising.LeastC)} for 30, by a thermometer in the water. When fuel is short.",
            _ => "Your own minutes. Costs fuel and water; kills nothing more.",
        };

    /// <summary>Minutes to hold the boil. An unknown elevation counts as high.</summary>
    public static double HoldMinutes(BoilSchool school, double? elevationM, double longMinutes) =>
        school switch
        {
            BoilSchool.RollingBoil => 0,
            BoilSchool.LongBoil => longMinutes,
            BoilSchool.Pasteurise => throw new ArgumentOutOfRangeException(nameof(school), school, "Held by Pasteurising.HoldMinutes."),
            _ => elevationM is { } h && h <= HighElevationM ? 1 : 3,
        };
}
