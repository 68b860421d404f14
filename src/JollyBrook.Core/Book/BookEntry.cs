using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Book;

/// <summary>What a line of the book tells.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<BookEntryKind>))]
public enum BookEntryKind
{
    Drink,
    Urine,
    BodyMass,
    SourceReport,
    FilterService,

    /// <summary>A piece of kit froze or fell.</summary>
    Mishap,
    FuelUsed,

    /// <summary>A stage walked.</summary>
    Stage,
    Symptom,
    Note,
}

[JsonConverter(typeof(CamelCaseEnumConverter<FilterService>))]
public enum FilterService
{
    BackFlush,
    Scrub,
    IntegrityCheck,
    NewElement,
}

/// <summary>A line of the book: written once. A correction is a line of its own that names the one it stands for.</summary>
/// <param name="Kind">What it tells.</param>
/// <param name="At">When it was.</param>
/// <param name="WalkerId">Whose; null for the party.</param>
/// <param name="Corrects">The line it stands for.</param>
/// <param name="StruckOut">Whether that line is taken back without another in its place.</param>
/// <param name="Note">In words, up to 1 000 characters.</param>
/// <param name="Litres">Drunk; passed; through the filter; heated, L, 0 to 200.</param>
/// <param name="Untreated">A drink: whether it was not treated.</param>
/// <param name="BatchId">A drink: the batch it came from.</param>
/// <param name="UrineColour">1 (like water) to 8 (brown).</param>
/// <param name="MassKg">Body mass, kg, 25 to 200.</param>
/// <param name="ItemId">The piece of kit.</param>
/// <param name="Service">What was done to a filter.</param>
/// <param name="Passed">Whether the integrity check was passed.</param>
/// <param name="Mishap">What happened to it.</param>
/// <param name="FuelG">Fuel burnt, g, 0 to 5 000.</param>
/// <param name="SourceId">The source.</param>
/// <param name="Flowing">Whether it ran.</param>
/// <param name="FillL">What was filled to time it, L.</param>
/// <param name="FillSeconds">How long that took, s.</param>
/// <param name="Clarity">How clear.</param>
/// <param name="TemperatureC">How cold, °C.</param>
/// <param name="Photo">A small picture, as a data address of at most 120 000 characters.</param>
/// <param name="RouteId">The route walked.</param>
/// <param name="Day">Its day, from 0.</param>
/// <param name="Hours">Walked, breaks counted, h.</param>
/// <param name="Effort">Air, ground and pace of the stage.</param>
/// <param name="FeverC">Body temperature, °C.</param>
/// <param name="Blood">Whether there was blood.</param>
public sealed record BookEntry(
    BookEntryKind? Kind, DateTimeOffset? At, Guid? WalkerId = null, Guid? Corrects = null, bool? StruckOut = null, string? Note = null,
    double? Litres = null, bool? Untreated = null, Guid? BatchId = null, double? UrineColour = null, double? MassKg = null, Guid? ItemId = null,
    FilterService? Service = null, bool? Passed = null, MishapKind? Mishap = null, double? FuelG = null, Guid? SourceId = null, bool? Flowing = null,
    double? FillL = null, double? FillSeconds = null, Clarity? Clarity = null, double? TemperatureC = null, string? Photo = null, Guid? RouteId = null,
    double? Day = null, double? Hours = null, Effort? Effort = null, double? FeverC = null, bool? Blood = null)
{
    private const int LongestNote = 1000;
    private const int LongestPhoto = 120_000;
    private const string PhotoStart = "data:image/jpeg;base64,";

    private static readonly ChoiceField KindField = ChoiceField.Of<BookEntryKind>("kind", "Kind of line");
    private static readonly InstantField AtField = new("at", "When it was");
    private static readonly NumberField LitresField = new("litres", "Litres", Quantity.Volume, 0, 200, "Give what was drunk, passed, filtered or heated.");
    private static readonly NumberField Colour = new("urineColour", "Urine colour", Quantity.Plain, 1, 8, "1 is like water, 8 is brown.");
    private static readonly NumberField Mass = new("massKg", "Body mass", Quantity.KitMass, 25, 200, "Weigh as light and dry as you can.");
    private static readonly NumberField Fuel = new("fuelG", "Fuel burnt", Quantity.FuelMass, 0, 5000, "Weigh the canister before and after.");
    private static readonly NumberField Fill = new("fillL", "Filled", Quantity.Volume, 0.05, 50, "Give what the bottle holds.");
    private static readonly NumberField Seconds = new("fillSeconds", "Seconds to fill it", Quantity.Seconds, 1, 7200, "Time it by the clock.");
    private static readonly NumberField Cold = new("temperatureC", "Water temperature", Quantity.Temperature, 0, 40, "Measure the water itself.");
    private static readonly NumberField DayField = new("day", "Day of the walk", Quantity.Plain, 0, 400, "The first day is 0.");
    private static readonly NumberField HoursField = new("hours", "Hours walked", Quantity.Plain, 0.05, 24, "From setting out to arriving, breaks counted.");
    private static readonly NumberField Fever = new("feverC", "Body temperature", Quantity.Temperature, 33, 43, "Under the tongue or in the ear.");
    private static readonly ChoiceField NoteField = new("note", "Note", [$"up to {LongestNote} characters"]);
    private static readonly ChoiceField PhotoField = new("photo", "Picture", ["a small JPEG"]);
    private static readonly ChoiceField CorrectsField = new("corrects", "Line it stands for", ["the id of a line"]);

    public static readonly IReadOnlyList<Field> Fields =
    [
        KindField, AtField, LitresField, Colour, Mass, Fuel, Fill, Seconds, Cold, DayField, HoursField, Fever, NoteField, PhotoField, CorrectsField,
        ChoiceField.Of<FilterService>("service", "What was done"), ChoiceField.Of<MishapKind>("mishap", "What happened"), ChoiceField.Of<Clarity>("clarity", "Clarity"),
        .. Body.Effort.FieldsAt("effort"),
    ];

    /// <summary>Flow by timing a fill, L/min; null without one.</summary>
    public double? FlowLPerMin => FillL is { } litres && FillSeconds is > 0 and { } seconds ? litres / seconds * 60 : null;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(BookEntry entry)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var intake = new Intake(Speaker.Metric);
        entry.Check(intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(KindField, Kind);
        intake.Present(AtField, At);
        intake.Optional(LitresField, Litres);
        intake.Optional(Colour, UrineColour);
        intake.Optional(Mass, MassKg);
        intake.Optional(Fuel, FuelG);
        intake.Optional(Fill, FillL);
        intake.Optional(Seconds, FillSeconds);
        intake.Optional(Cold, TemperatureC);
        intake.Optional(DayField, Day);
        intake.Optional(HoursField, Hours);
        intake.Optional(Fever, FeverC);
        if (Note is { Length: > LongestNote })
        {
            intake.Refuse(NoteField, $"Note takes up to {LongestNote} characters; this has {Note.Length}. Shorten it.");
        }

        if (Photo is not null && (Photo.Length > LongestPhoto || !Photo.StartsWith(PhotoStart, StringComparison.Ordinal)))
        {
            intake.Refuse(PhotoField, "The picture is too large or no JPEG. Take another.");
        }

        if (StruckOut == true)
        {
            // Takes another back: says nothing by itself.
            intake.Present(CorrectsField, Corrects);
            return;
        }

        CheckKind(intake);
    }

    private void CheckKind(Intake intake)
    {
        switch (Kind)
        {
            case BookEntryKind.Drink:
                intake.Required(LitresField, Litres);
                break;
            case BookEntryKind.Urine when UrineColour is null && Litres is null:
                intake.Required(Colour, null);
                break;
            case BookEntryKind.BodyMass:
                intake.Required(Mass, MassKg);
                break;
            case BookEntryKind.FilterService:
                intake.Present(Fields[15], Service);
                break;
            case BookEntryKind.Mishap:
                intake.Present(Fields[16], Mishap);
                break;
            case BookEntryKind.FuelUsed:
                intake.Required(Fuel, FuelG);
                break;
            case BookEntryKind.Stage:
                intake.Required(HoursField, Hours);
                Body.Effort.Check(Effort, "effort", intake);
                break;
            case BookEntryKind.Note or BookEntryKind.Symptom when string.IsNullOrWhiteSpace(Note):
                intake.Refuse(NoteField, "Nothing is written. Say it in a few words.");
                break;
            default:
                break;
        }
    }
}
