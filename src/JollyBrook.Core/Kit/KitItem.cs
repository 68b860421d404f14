using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Kit;

[JsonConverter(typeof(CamelCaseEnumConverter<KitItemKind>))]
public enum KitItemKind
{
    Container,
    Pot,
    Product,
    Filter,
    Lamp,
    Burner,
    Flocculant,
    ImprovisedFilter,
    Permanganate,
    Taste,
    Neutraliser,
    Electrolytes,
}

/// <summary>Where a thing is carried, which says how soon a hand gets at it.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<CarriedAt>))]
public enum CarriedAt
{
    Pack,
    Hand,
    Belt,
    Vest,
}

/// <summary>A thing carried: what holds water, what treats it, what clears it. Each kind fills its own part.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What its owner calls it, 1 to 80 characters.</param>
/// <param name="VolumeL">Containers and pots: what it holds to the brim, litres.</param>
/// <param name="Opaque">Containers: whether the wall keeps light out; null when not known (counts as clear).</param>
/// <param name="MassKg">Mass, kg; pots with their lid.</param>
/// <param name="Material">Pots.</param>
/// <param name="ClearPlastic">Containers: whether it is clear PET or glass, for sunlight.</param>
/// <param name="Squeezable">Containers: whether the wall gives.</param>
/// <param name="HasHose">Containers: whether it is drunk from through a hose.</param>
/// <param name="DepthCm">Containers: depth of the water standing in it, cm.</param>
/// <param name="Product">Chemical products.</param>
/// <param name="Filter">Filters.</param>
/// <param name="Lamp">UV lamps.</param>
/// <param name="Burner">Burners with their fuel.</param>
/// <param name="Flocculant">Flocculants.</param>
/// <param name="Retired">Whether it is no longer carried; it is then counted nowhere, and can be brought back.</param>
/// <param name="Role">Containers: whether it holds clean or dirty water; either when left out.</param>
/// <param name="HeatSafe">Containers: whether it may stand on a flame.</param>
/// <param name="LevelVisible">Containers: whether what is in it can be seen without opening it.</param>
/// <param name="At">Where it is carried; the pack when left out.</param>
/// <param name="Bag">Which pack or pouch it travels in, 1 to 40 characters: what is lost together.</param>
/// <param name="AccessNote">How it is got at, how it sloshes, 1 to 200 characters.</param>
/// <param name="Extra">Taste, neutraliser, electrolytes.</param>
/// <param name="CountedTo">Until when what was used has been taken off what is left; null counts from the beginning.</param>
/// <param name="LyingDepthCm">Containers: depth of the water when it lies on its side, cm, for sunlight.</param>
public sealed record KitItem(
    KitItemKind? Kind, string? Name, double? VolumeL = null, bool? Opaque = null, double? MassKg = null, PotMaterial? Material = null,
    bool? ClearPlastic = null, bool? Squeezable = null, bool? HasHose = null, double? DepthCm = null,
    ProductSpec? Product = null, FilterSpec? Filter = null, LampSpec? Lamp = null, BurnerSpec? Burner = null,
    FlocculantSpec? Flocculant = null, bool? Retired = null, ContainerRole? Role = null,
    bool? HeatSafe = null, bool? LevelVisible = null, CarriedAt? At = null, string? Bag = null, string? AccessNote = null, ExtraSpec? Extra = null, DateTimeOffset? CountedTo = null,
    double? LyingDepthCm = null)
{
    private const int LongestName = 80;
    private const int LongestBag = 40;
    private const int LongestNote = 200;

    private static readonly NumberField Volume = new(
        "volumeL", "Volume", Quantity.Volume, 0.05, 200, "Enter what it holds to the brim.");

    private static readonly NumberField Mass = new("massKg", "Mass", Quantity.KitMass, 0.001, 20, "Weigh it as it is carried; a pot with its lid.");

    private static readonly NumberField Depth = new(
        "depthCm", "Depth of the water", Quantity.Length, 2, 60, "Measure from the surface to the bottom.");

    private static readonly NumberField Lying = new(
        "lyingDepthCm", "Depth as it lies", Quantity.Length, 1, 60, "Lay it down full and measure its thickness.");

    private static readonly ChoiceField KindField = ChoiceField.Of<KitItemKind>("kind", "Kind of item");

    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);

    private static readonly ChoiceField BagField = new("bag", "Bag", ["1 to 40 characters"]);

    private static readonly ChoiceField NoteField = new("accessNote", "Note", ["1 to 200 characters"]);

    public static readonly IReadOnlyList<Field> Fields = [KindField, NameField, Volume, Mass, Depth, Lying, BagField, NoteField];

    private static readonly PermanganateSpec Crystals = new();

    /// <summary>The barriers this item is: a new method adds its part to this list and to the record above.</summary>
    public IEnumerable<IBarrier> Barriers(string id) =>
        new IBarrierSource?[] { Product, Filter, Lamp, Burner, Kind == KitItemKind.Permanganate ? Crystals : null }
            .OfType<IBarrierSource>().SelectMany(s => s.Barriers(id, Name ?? ""));

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(KitItem item)
    {
        ArgumentNullException.ThrowIfNull(item);
        var intake = new Intake(Speaker.Metric);
        item.IsSound(intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right. Returns whether nothing was.</summary>
    public bool IsSound(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        var before = intake.Errors;
        intake.Present(KindField, Kind);
        if (string.IsNullOrWhiteSpace(Name) || Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give it a short name.");
        }

        if (Kind is KitItemKind.Container or KitItemKind.Pot)
        {
            intake.Required(Volume, VolumeL);
            intake.Optional(Depth, DepthCm);
            intake.Optional(Lying, LyingDepthCm);
        }

        if (Kind == KitItemKind.Pot)
        {
            intake.Required(Mass, MassKg);
        }
        else
        {
            intake.Optional(Mass, MassKg);
        }

        if (Bag is { Length: 0 or > LongestBag })
        {
            intake.Refuse(BagField, $"Bag must be 1 to {LongestBag} characters. Give the pack or pouch a short name.");
        }

        if (AccessNote is { Length: 0 or > LongestNote })
        {
            intake.Refuse(NoteField, $"Note must be 1 to {LongestNote} characters. Shorten it.");
        }

        CheckPart(intake, KitItemKind.Product, Product, p => p.Check(intake));
        CheckPart(intake, KitItemKind.Filter, Filter, f => f.Check(intake));
        CheckPart(intake, KitItemKind.Lamp, Lamp, l => l.Check(intake));
        CheckPart(intake, KitItemKind.Burner, Burner, b => b.Check(intake));
        CheckPart(intake, KitItemKind.Flocculant, Flocculant, f => f.Check(intake));
        Extra?.Check(intake);
        return intake.Errors == before;
    }

    private void CheckPart<T>(Intake intake, KitItemKind kind, T? part, Action<T> check)
        where T : class
    {
        if (part is not null)
        {
            check(part);
        }
        else if (Kind == kind)
        {
            var name = ContractName.Of(kind);
            intake.Refuse(new ChoiceField(name, kind.ToString(), ["its details"]), $"The details of this {name} are missing. Copy them from its label.");
        }
    }
}
