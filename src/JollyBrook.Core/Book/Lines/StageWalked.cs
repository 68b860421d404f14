using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A stage was walked.</summary>
/// <param name="Hours">From setting out to arriving, breaks counted, h, 0.05 to 24.</param>
/// <param name="RouteId">The route walked.</param>
/// <param name="Day">Its day, from 0, to 400.</param>
/// <param name="Effort">Air, ground and pace of the stage.</param>
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
            Column<StageWalked>.Number("day", "Day, from 0", l => l.Day, (l, v) => l with { Day = v }),
            Column<StageWalked>.Number("hours", "Hours", l => l.Hours, (l, v) => l with { Hours = v }),
        ]
    );

    protected override BookLineKind OwnKind => BookLineKind.Stage;

    public override string Title(LineNames names, Speaker say) => $"Walked {Speaker.Minutes((Hours ?? 0) * 60)}";

    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(HoursField, Hours);
        intake.Optional(DayField, Day);
        Body.Effort.Check(Effort, "effort", intake);
    }
}
