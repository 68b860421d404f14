using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>Air, ground and pace of a walk; what is left out is taken from <see cref="Default"/>.</summary>
/// <param name="TemperatureC">Air in the shade, °C, −40 to 50.</param>
/// <param name="HumidityPercent">Relative humidity, %, 0 to 100.</param>
/// <param name="Sun">Sun on the walker.</param>
/// <param name="SpeedKmH">Pace, km/h, 0.5 to 25; above 8 it is running.</param>
/// <param name="GradePercent">Grade, %, −40 to 40.</param>
/// <param name="Terrain">What is walked on.</param>
/// <param name="ElevationM">Height above the sea, m.</param>
/// <param name="Running">Whether it is run, also slower than 8 km/h.</param>
/// <param name="WindMs">Wind, m/s, 0 to 40; none when left out, which asks for the more water.</param>
public sealed record Effort(
    double? TemperatureC = null,
    double? HumidityPercent = null,
    SunLoad? Sun = null,
    double? SpeedKmH = null,
    double? GradePercent = null,
    Terrain? Terrain = null,
    double? ElevationM = null,
    bool? Running = null,
    double? WindMs = null
)
{
    /// <summary>A warm late-summer walk on a good path in the sun (pick).</summary>
    public static readonly Effort Default = new(
        TemperatureC: 22,
        HumidityPercent: 60,
        Sun: SunLoad.Full,
        SpeedKmH: 4,
        GradePercent: 0,
        Terrain: Body.Terrain.GoodPath,
        ElevationM: 500
    );

    /// <summary>The slowest and the fastest pace, km/h.</summary>
    internal const double SlowestKmH = 0.5,
        FastestKmH = 25;

    /// <summary>The steepest grade up or down, %.</summary>
    internal const double SteepestPercent = 40;

    /// <summary>The coldest and the hottest air, °C.</summary>
    internal const double ColdestC = -40,
        HottestC = 50;

    /// <summary>The lowest and the highest ground, m.</summary>
    internal const double LowestM = -400,
        HighestM = 8000;

    /// <summary>The strongest wind, m/s.</summary>
    internal const double WindiestMs = 40;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> FieldsAt(string path) => [.. Numbers(path), .. Choices(path)];

    /// <summary>The effort with defaults filled in; what is out of range is noted under the path.</summary>
    public static Effort Check(Effort? given, string path, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        var effort = given ?? Default;
        var fields = Numbers(path);
        intake.Optional(fields[0], effort.TemperatureC);
        intake.Optional(fields[1], effort.HumidityPercent);
        intake.Optional(fields[2], effort.SpeedKmH);
        intake.Optional(fields[3], effort.GradePercent);
        intake.Optional(fields[4], effort.ElevationM);
        intake.Optional(fields[5], effort.WindMs);
        return Default.With(effort);
    }

    /// <summary>This effort with what another tells in its place.</summary>
    public Effort With(Effort? told) =>
        told is null
            ? this
            : new Effort(
                TemperatureC: told.TemperatureC ?? TemperatureC,
                HumidityPercent: told.HumidityPercent ?? HumidityPercent,
                Sun: told.Sun ?? Sun,
                SpeedKmH: told.SpeedKmH ?? SpeedKmH,
                GradePercent: told.GradePercent ?? GradePercent,
                Terrain: told.Terrain ?? Terrain,
                ElevationM: told.ElevationM ?? ElevationM,
                Running: told.Running ?? Running,
                WindMs: told.WindMs ?? WindMs
            );

    /// <summary>Whether it is run: told so, or faster than anyone walks.</summary>
    public bool IsRunning => Running == true || SpeedKmH > MetabolicRate.RunningAboveKmH;

    /// <summary>Metabolic rate for one kilogram, W/kg.</summary>
    internal double PerKgW => MetabolicRate.OnFootPerKg(SpeedMs, GradePercent!.Value, Terrain!.Value, IsRunning);

    /// <summary>The air on the body: running makes a wind of its own.</summary>
    internal Air Air => new(TemperatureC!.Value, HumidityPercent!.Value, Sun!.Value, (WindMs ?? 0) + (IsRunning ? SpeedMs : 0));

    internal double SpeedMs => SpeedKmH!.Value / 3.6;

    private static NumberField[] Numbers(string path) =>
        [
            new($"{path}.temperatureC", "Air temperature", Quantity.Temperature, ColdestC, HottestC, "Measure it in the shade."),
            new($"{path}.humidityPercent", "Humidity", Quantity.Percent, 0, 100, "Take it from the forecast."),
            new($"{path}.speedKmH", "Pace", Quantity.Speed, SlowestKmH, FastestKmH, "Give the pace while moving."),
            new(
                $"{path}.gradePercent",
                "Grade",
                Quantity.Percent,
                -SteepestPercent,
                SteepestPercent,
                "Metres up for each 100 m along; less than 0 is down."
            ),
            new($"{path}.elevationM", "Elevation", Quantity.Elevation, LowestM, HighestM, "Take it from the map."),
            new($"{path}.windMs", "Wind", Quantity.Wind, 0, WindiestMs, "Take it from the forecast, or leave it out."),
        ];

    private static ChoiceField[] Choices(string path) =>
        [ChoiceField.Of<SunLoad>($"{path}.sun", "Sun"), ChoiceField.Of<Terrain>($"{path}.terrain", "Terrain")];
}
