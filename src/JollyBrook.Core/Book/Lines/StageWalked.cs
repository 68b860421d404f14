using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A stage was walked.</summary>
/// <param name="Hours">From setting out to arriving, breaks counted, h, 0.05 to 24.</param>
/// <param name="RouteId">The route walked.</param>
/// <param name="Day">Its day, from 0, to 400.</param>
/// <param name="Effort">
/// Air, ground and pace of the stage; what is left out is taken from the plan's day, or <see cref="Body.Effort.Default"/>.
/// </param>
public sealed record StageWalked(double? Hours, Guid? RouteId = null, double? Day = null, Effort? Effort = null) : BookLine
{
    private static readonly NumberField DayField = new("day", "Day of the walk", Quantity.Plain, 0, 400, "The first day is 0.");
    private static readonly NumberField HoursField = new(
        "hours",
        "Hours walked",
        Quantity.Plain,
        0.05,
        24,
        "From setting out to arriving, breaks counted."
    );

    internal static readonly LineKind Described = new(
        BookLineKind.Stage,
        "Stage walked",
        new StageWalked((double?)null),
        [DayField, HoursField, .. Body.Effort.FieldsAt("effort")],
        [
            Column<StageWalked>.Thing("trip", "Trip", l => l.RouteId, (l, v) => l with { RouteId = v }),
            Column<StageWalked>.Number("day", "Day, from 0", l => l.Day, (l, v) => l with { Day = v }),
            Column<StageWalked>.Number("hours", "Hours", l => l.Hours, (l, v) => l with { Hours = v }),
            .. EffortColumns,
        ]
    );

    private static IEnumerable<LineColumn> EffortColumns =>
        [
            Told("air_c", "Air, °C", e => e.TemperatureC, (e, v) => e with { TemperatureC = v }),
            Told("humidity_percent", "Humidity, %", e => e.HumidityPercent, (e, v) => e with { HumidityPercent = v }),
            Column<StageWalked>.Choice("sun", "Sun", l => l.Effort?.Sun, (l, v) => l.With(e => e with { Sun = v })),
            Told("speed_km_h", "Pace, km/h", e => e.SpeedKmH, (e, v) => e with { SpeedKmH = v }),
            Told("grade_percent", "Grade, %", e => e.GradePercent, (e, v) => e with { GradePercent = v }),
            Column<StageWalked>.Choice("terrain", "Terrain", l => l.Effort?.Terrain, (l, v) => l.With(e => e with { Terrain = v })),
            Told("elevation_m", "Height, m", e => e.ElevationM, (e, v) => e with { ElevationM = v }),
            Column<StageWalked>.Truth("running", "Run", l => l.Effort?.Running, (l, v) => l.With(e => e with { Running = v })),
            Told("wind_m_s", "Wind, m/s", e => e.WindMs, (e, v) => e with { WindMs = v }),
        ];

    private static LineColumn Told(string name, string title, Func<Effort, double?> get, Func<Effort, double, Effort> set) =>
        Column<StageWalked>.Number(name, title, l => l.Effort is { } told ? get(told) : null, (l, v) => l.With(e => set(e, v)));

    private StageWalked With(Func<Effort, Effort> told) => this with { Effort = told(Effort ?? new Effort()) };

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Stage;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"Walked {Speaker.Minutes((Hours ?? 0) * 60)}";

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        if (Effort?.TemperatureC is { } air)
        {
            yield return $"{say.Of(Quantity.Temperature, air)} in the shade";
        }

        if (Effort?.SpeedKmH is { } pace)
        {
            yield return say.Of(Quantity.Speed, pace);
        }
    }

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(HoursField, Hours);
        intake.Optional(DayField, Day);
        Body.Effort.Check(Effort, "effort", intake);
    }
}
