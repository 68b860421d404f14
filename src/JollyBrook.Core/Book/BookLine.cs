using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>
/// A line of the log: written once, never changed. A correction is a line of its own that stands in the place of the one it names.
/// Each kind is a record of its own with its own fields, check and words; see <see cref="LineKinds"/>.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Drank), "drank")]
[JsonDerivedType(typeof(Filled), "filled")]
[JsonDerivedType(typeof(Poured), "poured")]
[JsonDerivedType(typeof(Cooked), "cooked")]
[JsonDerivedType(typeof(Spilt), "spilt")]
[JsonDerivedType(typeof(Rinsed), "rinsed")]
[JsonDerivedType(typeof(Dipped), "dipped")]
[JsonDerivedType(typeof(SourceSeen), "sourceSeen")]
[JsonDerivedType(typeof(PassedBy), "passedBy")]
[JsonDerivedType(typeof(UrinePassed), "urine")]
[JsonDerivedType(typeof(BodyWeighed), "bodyMass")]
[JsonDerivedType(typeof(SignsLookedFor), "signs")]
[JsonDerivedType(typeof(FilterServiced), "filterServiced")]
[JsonDerivedType(typeof(FilterLookedOver), "filterLookedOver")]
[JsonDerivedType(typeof(Mishap), "mishap")]
[JsonDerivedType(typeof(GuardedFromFrost), "frostGuarded")]
[JsonDerivedType(typeof(StayedWarm), "stayedWarm")]
[JsonDerivedType(typeof(FuelBurnt), "fuelBurnt")]
[JsonDerivedType(typeof(CanisterWeighed), "canisterWeighed")]
[JsonDerivedType(typeof(Counted), "counted")]
[JsonDerivedType(typeof(Charged), "charged")]
[JsonDerivedType(typeof(StageWalked), "stage")]
[JsonDerivedType(typeof(SymptomFelt), "symptom")]
[JsonDerivedType(typeof(Noted), "note")]
[JsonDerivedType(typeof(TakenBack), "takenBack")]
public abstract record BookLine
{
    private const int LongestNote = 1000;

    private static readonly InstantField AtField = new("at", "When it was");

    /// <summary>The note's field, for kinds that say nothing without one.</summary>
    protected static readonly ChoiceField NoteField = new("note", "Note", [$"up to {LongestNote} characters"]);

    /// <summary>Fields that every kind has.</summary>
    public static readonly IReadOnlyList<Field> CommonFields = [AtField, NoteField];

    /// <summary>When it was.</summary>
    public DateTimeOffset? At { get; init; }

    /// <summary>The line it stands for; null for a line of its own.</summary>
    public Guid? Corrects { get; init; }

    /// <summary>In words, up to 1 000 characters.</summary>
    public string? Note { get; init; }

    /// <summary>What it tells.</summary>
    [JsonIgnore]
    public BookLineKind Tells => OwnKind;

    /// <summary>Flow by timing a fill, L/min; null where none was timed.</summary>
    [JsonIgnore]
    public double? FlowLPerMin => TimedFlow;

    /// <summary>The kind, by each record.</summary>
    protected abstract BookLineKind OwnKind { get; }

    /// <summary>The timed flow of kinds that have one, L/min.</summary>
    protected virtual double? TimedFlow => null;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(BookLine line)
    {
        ArgumentNullException.ThrowIfNull(line);
        var intake = new Intake(Speaker.Metric);
        line.Check(intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(AtField, At);
        if (Note is { Length: > LongestNote })
        {
            intake.Refuse(NoteField, $"Note takes up to {LongestNote} characters; this has {Note.Length}. Shorten it.");
        }

        CheckOwn(intake);
    }

    /// <summary>The line in a few words.</summary>
    public abstract string Title(LineNames names, Speaker say);

    /// <summary>More about it, each in a few words, the note last.</summary>
    public IEnumerable<string> Details(LineNames names, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(names);
        return [.. Given(names.Walker), .. OwnDetails(say), .. NoteIsTitle ? [] : Given(Note)];
    }

    /// <summary>Whether the title says the note already.</summary>
    protected virtual bool NoteIsTitle => false;

    /// <summary>What is missing or can't be right in the kind's own fields.</summary>
    protected abstract void CheckOwn(Intake intake);

    /// <summary>The kind's own details, each in a few words.</summary>
    protected virtual IEnumerable<string> OwnDetails(Speaker say) => [];

    /// <summary>A name, or a stand-in where none is known.</summary>
    protected static string Or(string? name, string otherwise) => string.IsNullOrEmpty(name) ? otherwise : name;

    /// <summary>The first line of a note, shortened.</summary>
    protected static string FirstLine(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Split('\n')[0] is var line && line.Length > 120 ? line[..119] + "…" : line;
    }

    private static string[] Given(string? text) => string.IsNullOrEmpty(text) ? [] : [text];
}

/// <summary>Names of what a line is about; null where it is not known.</summary>
/// <param name="Walker">Whose it is.</param>
/// <param name="Thing">The container, piece of kit or source it is about.</param>
/// <param name="Other">The container it was poured into, or rinsed from.</param>
public sealed record LineNames(string? Walker = null, string? Thing = null, string? Other = null);
