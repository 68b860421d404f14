namespace JollyBrook.Core.Units;

/// <summary>The units each quantity is shown in, per system: the one place conversion factors are written.</summary>
/// <remarks>
/// 1 US gal = 3.785412 L, 1 US qt = 0.946353 L, 1 ft = 0.3048 m exactly, 1 lb = 0.45359237 kg exactly (handbook, README).
/// </remarks>
public static class UnitTable
{
    /// <summary>Litres in a US quart.</summary>
    public const double LitresPerQuart = 0.946353;

    /// <summary>Litres in a US gallon.</summary>
    public const double LitresPerGallon = 3.785412;

    /// <summary>Millilitres in a US teaspoon (a 768th of a gallon).</summary>
    public const double MillilitresPerTeaspoon = 1000 * LitresPerGallon / 768;

    private const double CentimetresPerInch = 2.54;
    private const double KilometresPerMile = 1.609344;
    private const double MetresPerFoot = 0.3048;
    private const double KilogramsPerPound = 0.45359237;
    private const double LitresPerFluidOunce = LitresPerGallon / 128;
    private const double GramsPerOunce = 1000 * KilogramsPerPound / 16;

    private static readonly Dictionary<(Quantity, UnitSystem), UnitScale[]> Scales = new()
    {
        [(Quantity.Volume, UnitSystem.Metric)] = [new("L", 1, 0, 2, 0, true)],
        [(Quantity.Volume, UnitSystem.Us)] =
        [
            new("fl oz", 1 / LitresPerFluidOunce, 0, 1, 0, false),
            new("qt", 1 / LitresPerQuart, 0, 2, LitresPerQuart / 4, true),
            new("gal", 1 / LitresPerGallon, 0, 2, 2 * LitresPerGallon, false),
        ],
        [(Quantity.SmallVolume, UnitSystem.Metric)] = [new("mL", 1, 0, 1, 0, true)],
        [(Quantity.SmallVolume, UnitSystem.Us)] = [new("mL", 1, 0, 1, 0, true)],
        [(Quantity.Temperature, UnitSystem.Metric)] = [new("°C", 1, 0, 1, 0, true)],
        [(Quantity.Temperature, UnitSystem.Us)] = [new("°F", 1.8, 32, 1, 0, true)],
        [(Quantity.Elevation, UnitSystem.Metric)] = [new("m", 1, 0, 0, 0, true)],
        [(Quantity.Elevation, UnitSystem.Us)] = [new("ft", 1 / MetresPerFoot, 0, 0, 0, true)],
        [(Quantity.FuelMass, UnitSystem.Metric)] =
        [
            new("g", 1, 0, 1, 0, true),
            new("g", 1, 0, 0, 100, false),
            new("kg", 0.001, 0, 2, 1000, false),
        ],
        [(Quantity.FuelMass, UnitSystem.Us)] = [new("oz", 1 / GramsPerOunce, 0, 2, 0, true)],
        [(Quantity.KitMass, UnitSystem.Metric)] = [new("kg", 1, 0, 2, 0, true)],
        [(Quantity.KitMass, UnitSystem.Us)] = [new("lb", 1 / KilogramsPerPound, 0, 2, 0, true)],
        [(Quantity.Duration, UnitSystem.Metric)] = [new("min", 1, 0, 0, 0, true)],
        [(Quantity.Duration, UnitSystem.Us)] = [new("min", 1, 0, 0, 0, true)],
        [(Quantity.Months, UnitSystem.Metric)] = [new("months", 1, 0, 0, 0, true)],
        [(Quantity.Months, UnitSystem.Us)] = [new("months", 1, 0, 0, 0, true)],
        [(Quantity.Percent, UnitSystem.Metric)] = [new("%", 1, 0, 2, 0, true)],
        [(Quantity.Percent, UnitSystem.Us)] = [new("%", 1, 0, 2, 0, true)],
        [(Quantity.Length, UnitSystem.Metric)] = [new("cm", 1, 0, 0, 0, true)],
        [(Quantity.Length, UnitSystem.Us)] = [new("in", 1 / CentimetresPerInch, 0, 1, 0, true)],
        [(Quantity.Angle, UnitSystem.Metric)] = [new("°", 1, 0, 2, 0, true)],
        [(Quantity.Angle, UnitSystem.Us)] = [new("°", 1, 0, 2, 0, true)],
        [(Quantity.Share, UnitSystem.Metric)] = [new("%", 100, 0, 0, 0, true)],
        [(Quantity.Share, UnitSystem.Us)] = [new("%", 100, 0, 0, 0, true)],
        [(Quantity.Turbidity, UnitSystem.Metric)] = [new("NTU", 1, 0, 1, 0, true), new("NTU", 1, 0, 0, 20, false)],
        [(Quantity.Turbidity, UnitSystem.Us)] = [new("NTU", 1, 0, 1, 0, true), new("NTU", 1, 0, 0, 20, false)],
        [(Quantity.Flow, UnitSystem.Metric)] = [new("L/min", 1, 0, 2, 0, true)],
        [(Quantity.Flow, UnitSystem.Us)] = [new("qt/min", 1 / LitresPerQuart, 0, 2, 0, true)],
        [(Quantity.Conductivity, UnitSystem.Metric)] = [new("µS/cm", 1, 0, 0, 0, true)],
        [(Quantity.Conductivity, UnitSystem.Us)] = [new("µS/cm", 1, 0, 0, 0, true)],
        [(Quantity.Seconds, UnitSystem.Metric)] = [new("s", 1, 0, 0, 0, true)],
        [(Quantity.Seconds, UnitSystem.Us)] = [new("s", 1, 0, 0, 0, true)],
        [(Quantity.Distance, UnitSystem.Metric)] = [new("km", 1, 0, 1, 0, true)],
        [(Quantity.Distance, UnitSystem.Us)] = [new("mi", 1 / KilometresPerMile, 0, 1, 0, true)],
        [(Quantity.Speed, UnitSystem.Metric)] = [new("km/h", 1, 0, 1, 0, true)],
        [(Quantity.Speed, UnitSystem.Us)] = [new("mph", 1 / KilometresPerMile, 0, 1, 0, true)],
        [(Quantity.Wind, UnitSystem.Metric)] = [new("m/s", 1, 0, 1, 0, true)],
        [(Quantity.Wind, UnitSystem.Us)] = [new("mph", 3.6 / KilometresPerMile, 0, 1, 0, true)],
        [(Quantity.Bulk, UnitSystem.Metric)] = [new("L", 1, 0, 1, 0, true)],
        [(Quantity.Bulk, UnitSystem.Us)] = [new("gal", 1 / LitresPerGallon, 0, 1, 0, true)],
        [(Quantity.Burden, UnitSystem.Metric)] = [new("kg·km", 1, 0, 2, 0, true), new("kg·km", 1, 0, 0, 10, false)],
        [(Quantity.Burden, UnitSystem.Us)] =
        [
            new("lb·mi", 1 / (KilogramsPerPound * KilometresPerMile), 0, 2, 0, true),
            new("lb·mi", 1 / (KilogramsPerPound * KilometresPerMile), 0, 0, 10, false),
        ],
        [(Quantity.Plain, UnitSystem.Metric)] = [new("", 1, 0, 2, 0, true)],
        [(Quantity.Plain, UnitSystem.Us)] = [new("", 1, 0, 2, 0, true)],
    };

    /// <summary>The units a quantity is shown in; each is taken from its own least amount on.</summary>
    public static IReadOnlyList<UnitScale> For(Quantity quantity, UnitSystem system) => Scales[(quantity, system)];

    /// <summary>The scale a value of this size is shown in.</summary>
    public static UnitScale ForShowing(Quantity quantity, UnitSystem system, double inside) =>
        Scales[(quantity, system)].Last(s => Math.Abs(inside) >= s.From);

    /// <summary>The scale numbers are typed in.</summary>
    public static UnitScale ForEntry(Quantity quantity, UnitSystem system) => Scales[(quantity, system)].First(s => s.ForEntry);
}
