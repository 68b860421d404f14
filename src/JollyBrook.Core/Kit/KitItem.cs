using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>
/// A thing carried, as its label and its owner describe it. What is left of it, and what it has been through, is told by lines of the log
/// and is found in its <see cref="KitEntry"/>, never here.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Container), "container")]
[JsonDerivedType(typeof(CookingPot), "pot")]
[JsonDerivedType(typeof(ChemicalProduct), "product")]
[JsonDerivedType(typeof(WaterFilter), "filter")]
[JsonDerivedType(typeof(UvLamp), "lamp")]
[JsonDerivedType(typeof(Stove), "burner")]
[JsonDerivedType(typeof(FlocculantPack), "flocculant")]
[JsonDerivedType(typeof(MakeshiftFilter), "improvisedFilter")]
[JsonDerivedType(typeof(PermanganateCrystals), "permanganate")]
[JsonDerivedType(typeof(TastePortions), "taste")]
[JsonDerivedType(typeof(NeutraliserPortions), "neutraliser")]
[JsonDerivedType(typeof(ElectrolytePortions), "electrolytes")]
public abstract record KitItem
{
    private const int LongestName = 80;
    private const int LongestBag = 40;
    private const int LongestNote = 200;

    private static readonly NumberField Mass = new(
        "massKg",
        "Mass",
        Quantity.KitMass,
        0.001,
        20,
        "Weigh it as it is carried; a pot with its lid."
    );

    private static readonly ChoiceField NameField = new("name", "Name", [$"1 to {LongestName} characters"]);

    private static readonly ChoiceField BagField = new("bag", "Bag", [$"1 to {LongestBag} characters"]);

    private static readonly ChoiceField NoteField = new("accessNote", "Note", [$"1 to {LongestNote} characters"]);

    /// <summary>Fields of all kinds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        ChoiceField.Of<KitItemKind>("kind", "Kind of item"),
        NameField,
        Mass,
        BagField,
        NoteField,
        .. Container.OwnFields,
    ];

    /// <summary>What its owner calls it, 1 to 80 characters.</summary>
    public string? Name { get; init; }

    /// <summary>Mass, kg, 0.001 to 20; pots with their lid.</summary>
    public double? MassKg { get; init; }

    /// <summary>Whether it is no longer carried; it is then counted nowhere, and can be brought back.</summary>
    public bool? Retired { get; init; }

    /// <summary>Where it is carried; the pack when left out.</summary>
    public CarriedAt? At { get; init; }

    /// <summary>Which pack or pouch it travels in, 1 to 40 characters: what is lost together.</summary>
    public string? Bag { get; init; }

    /// <summary>How it is got at, how it sloshes, 1 to 200 characters.</summary>
    public string? AccessNote { get; init; }

    /// <summary>What it is.</summary>
    [JsonIgnore]
    public KitItemKind Kind => OwnKind;

    /// <summary>The kind, by each record.</summary>
    protected abstract KitItemKind OwnKind { get; }

    /// <summary>An amount of what it holds, in words.</summary>
    /// <param name="units">In its own measure.</param>
    /// <param name="say">Puts figures into words.</param>
    internal virtual string Amount(double units, Speaker say) => Speaker.Number(Math.Ceiling(units - 1e-9), 0);

    /// <summary>Whether it can't be used without its mass.</summary>
    protected virtual bool MassIsNeeded => false;

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
        if (string.IsNullOrWhiteSpace(Name) || Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give it a short name.");
        }

        if (MassIsNeeded)
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

        CheckOwn(intake);
        return intake.Errors == before;
    }

    /// <summary>What is missing or can't be right in the kind's own fields.</summary>
    protected abstract void CheckOwn(Intake intake);

    /// <summary>The barriers it makes as it is now; none for most kinds.</summary>
    internal virtual IEnumerable<IBarrier> Barriers(string id, KitEntry now) => [];

    /// <summary>It in a line, as it is now.</summary>
    internal abstract string Words(KitEntry now, Speaker say);

    /// <summary>What to mind about it, each a sentence.</summary>
    internal virtual IEnumerable<string> Warnings(KitEntry now) => [];

    /// <summary>Notes that a kind's details were left out altogether.</summary>
    private protected void DetailsMissing(Intake intake)
    {
        var name = ContractName.Of(Kind);
        intake.Refuse(
            new ChoiceField(name, Kind.ToString(), ["its details"]),
            $"The details of this {name} are missing. Copy them from its label."
        );
    }
}
