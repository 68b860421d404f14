using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>One sweat test: weighed nude and dry before and after a walk. A log entry: it stays as written.</summary>
/// <param name="WalkerId">Whose.</param>
/// <param name="At">When it ended.</param>
/// <param name="Hours">How long was walked, h.</param>
/// <param name="BeforeKg">Mass before, kg.</param>
/// <param name="AfterKg">Mass after, kg.</param>
/// <param name="DrunkL">Drunk in between, L.</param>
/// <param name="UrineL">Passed in between, L.</param>
/// <param name="EatenKg">Eaten in between, kg.</param>
/// <param name="Effort">Air, ground and pace of the walk.</param>
/// <param name="HeightCm">The walker's height, cm.</param>
/// <param name="Acclimatised">Whether used to heat then.</param>
/// <param name="Worn">What was worn.</param>
/// <param name="PackKg">What was carried, kg.</param>
public sealed record SweatTest(
    Guid? WalkerId,
    DateTimeOffset? At,
    double? Hours,
    double? BeforeKg,
    double? AfterKg,
    double? DrunkL = null,
    double? UrineL = null,
    double? EatenKg = null,
    Effort? Effort = null,
    double? HeightCm = null,
    bool? Acclimatised = null,
    Clothing? Worn = null,
    double? PackKg = null
)
{
    private static readonly NumberField HoursField = new(
        "hours",
        "Hours walked",
        Quantity.Plain,
        0.05,
        24,
        "Give the time between the two weighings."
    );
    private static readonly NumberField Before = new("beforeKg", "Mass before", Quantity.KitMass, 25, 200, "Weigh nude and dry.");
    private static readonly NumberField After = new("afterKg", "Mass after", Quantity.KitMass, 25, 200, "Weigh nude, towelled dry.");
    private static readonly NumberField Drunk = new(
        "drunkL",
        "Drunk",
        Quantity.Volume,
        0,
        15,
        "Weigh or measure the bottles before and after."
    );
    private static readonly NumberField Urine = new(
        "urineL",
        "Urine",
        Quantity.Volume,
        0,
        5,
        "Measure it, or empty the bladder before the first weighing."
    );
    private static readonly NumberField Eaten = new(
        "eatenKg",
        "Eaten",
        Quantity.KitMass,
        0,
        5,
        "Weigh the food taken along and what is left."
    );
    private static readonly NumberField Height = new("heightCm", "Height", Quantity.Length, 110, 220, "Measure it against a door frame.");
    private static readonly NumberField Pack = new("packKg", "Pack", Quantity.KitMass, 0, 60, "Weigh it as carried.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        new ChoiceField("walkerId", "Walker", ["the id of a walker"]),
        new InstantField("at", "When it ended"),
        HoursField,
        Before,
        After,
        Drunk,
        Urine,
        Eaten,
        Height,
        Pack,
        ChoiceField.Of<Clothing>("worn", "Clothing"),
        .. Body.Effort.FieldsAt("effort"),
    ];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(SweatTest test)
    {
        ArgumentNullException.ThrowIfNull(test);
        var intake = new Intake(Speaker.Metric);
        test.Check(intake);
        intake.Present(Fields[0], test.WalkerId);
        intake.Present(Fields[1], test.At);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Required(HoursField, Hours);
        intake.Required(Before, BeforeKg);
        intake.Required(After, AfterKg);
        intake.Optional(Drunk, DrunkL);
        intake.Optional(Urine, UrineL);
        intake.Optional(Eaten, EatenKg);
        intake.Required(Height, HeightCm);
        intake.Optional(Pack, PackKg);
        Body.Effort.Check(Effort, "effort", intake);
    }
}
