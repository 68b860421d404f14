using System.Text.Json.Serialization;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

[JsonConverter(typeof(CamelCaseEnumConverter<KitItemKind>))]
public enum KitItemKind
{
    Container,
    Pot,
}

/// <summary>A thing carried that holds water.</summary>
/// <param name="Kind">Container or pot.</param>
/// <param name="Name">What its owner calls it, 1 to 80 characters.</param>
/// <param name="VolumeL">What it holds to the brim, litres.</param>
/// <param name="Opaque">Whether its wall keeps light out; null when not known (counts as clear). Containers only.</param>
/// <param name="MassKg">Mass with lid, kg. Pots only.</param>
/// <param name="Material">Pots only.</param>
public sealed record KitItem(
    KitItemKind? Kind, string? Name, double? VolumeL, bool? Opaque = null, double? MassKg = null, PotMaterial? Material = null)
{
    private const int LongestName = 80;

    private static readonly NumberField Volume = new(
        "volumeL", "Volume", Quantity.Volume, 0.05, 200, "Enter what it holds to the brim.");

    private static readonly NumberField Mass = new("massKg", "Mass", Quantity.KitMass, 0.02, 10, "Weigh it with its lid.");

    private static readonly ChoiceField KindField = ChoiceField.Of<KitItemKind>("kind", "Kind of item");

    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);

    public static readonly IReadOnlyList<Field> Fields = [KindField, NameField, Volume, Mass];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(KitItem item)
    {
        ArgumentNullException.ThrowIfNull(item);
        var intake = new Intake(Speaker.Metric);
        intake.Present(KindField, item.Kind);
        if (string.IsNullOrWhiteSpace(item.Name) || item.Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give it a short name.");
        }

        intake.Required(Volume, item.VolumeL);
        if (item.Kind == KitItemKind.Pot)
        {
            intake.Required(Mass, item.MassKg);
        }

        intake.ThrowIfWrong();
    }
}
