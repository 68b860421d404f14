using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>A walker of the party.</summary>
/// <param name="Name">What the party calls them, 1 to 80 characters.</param>
/// <param name="MassKg">Body mass, kg, 25 to 200.</param>
/// <param name="HeightCm">Height, cm, 110 to 220.</param>
/// <param name="Acclimatised">Whether used to heat; null when not known (counts as used to it: the higher ceiling).</param>
/// <param name="Worn">What is worn walking; null goes by the air (<see cref="ClothingForAir"/>).</param>
/// <param name="PackKg">Pack with food and the water usually in it, kg, 0 to 60.</param>
public sealed record Walker(
    string? Name,
    double? MassKg,
    double? HeightCm,
    bool? Acclimatised = null,
    Clothing? Worn = null,
    double? PackKg = null
)
{
    /// <summary>A pack's mass where it is not told, kg.</summary>
    public const double DefaultPackKg = 12;
    private const int LongestName = 80;

    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);
    private static readonly NumberField Mass = new(
        "massKg",
        "Body mass",
        Quantity.KitMass,
        25,
        200,
        "Weigh yourself without pack and boots."
    );
    private static readonly NumberField Height = new("heightCm", "Height", Quantity.Length, 110, 220, "Measure it against a door frame.");
    private static readonly NumberField Pack = new("packKg", "Pack", Quantity.KitMass, 0, 60, "Weigh it as carried, with its usual water.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        NameField,
        Mass,
        Height,
        new ChoiceField("acclimatised", "Used to heat", ["true", "false"]),
        ChoiceField.Of<Clothing>("worn", "Clothing"),
        Pack,
    ];

    /// <summary>Not known counts as used to heat: the higher ceiling, so the more water.</summary>
    public bool IsAcclimatised => Acclimatised != false;

    /// <summary>The pack, kg, told or assumed.</summary>
    public double LoadKg => PackKg ?? DefaultPackKg;

    /// <summary>Surface of the body, m²; mass and height must have been checked.</summary>
    public double SurfaceM2 => HeatBalance.SurfaceM2(MassKg!.Value, HeightCm!.Value);

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(Walker walker)
    {
        ArgumentNullException.ThrowIfNull(walker);
        var intake = new Intake(Speaker.Metric);
        walker.Check(intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        if (string.IsNullOrWhiteSpace(Name) || Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give the walker a short name.");
        }

        intake.Required(Mass, MassKg);
        intake.Required(Height, HeightCm);
        intake.Optional(Pack, PackKg);
    }
}
