using System.Globalization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Book;

/// <summary>A column of a kind's table: how it is written, and how it is read.</summary>
/// <param name="Name">Its heading, with the unit.</param>
/// <param name="Title">What a person calls it.</param>
/// <param name="Write">The cell; empty where nothing is known.</param>
/// <param name="Read">The line with the cell taken in; null when the cell can't be right.</param>
internal sealed record EntryColumn(string Name, string Title, Func<BookEntry, Names, string> Write, Func<BookEntry, string, CellReader, BookEntry?> Read);

/// <summary>Names of walkers, items and sources by id, and ids by name.</summary>
/// <param name="Pairs">Ids with their names.</param>
internal sealed class Names(IEnumerable<(Guid Id, string Name)> Pairs)
{
    private readonly List<(Guid Id, string Name)> _pairs = [.. Pairs];

    public string Of(Guid? id) => id is null ? "" : _pairs.Find(p => p.Id == id).Name ?? id.Value.ToString();

    public Guid? Find(string text) => Guid.TryParse(text, out var id)
        ? id
        : _pairs.Find(p => string.Equals(p.Name, text.Trim(), StringComparison.OrdinalIgnoreCase)) is { Name: not null } found ? found.Id : null;
}

/// <summary>The columns of every kind, once: what is written is what is read.</summary>
internal static class EntryColumns
{
    public const string AtColumn = "at";

    private static readonly EntryColumn At = new(AtColumn, "When", (e, _) => e.At?.ToString("yyyy-MM-dd'T'HH:mm:sszzz", CultureInfo.InvariantCulture) ?? "", (e, t, r) => r.Instant(t) is { } at ? e with { At = at } : null);
    private static readonly EntryColumn Walker = new("walker", "Walker", (e, n) => n.Of(e.WalkerId), (e, t, r) => r.Names.Find(t) is { } id ? e with { WalkerId = id } : null);
    private static readonly EntryColumn Item = new("item", "Piece of kit", (e, n) => n.Of(e.ItemId), (e, t, r) => r.Names.Find(t) is { } id ? e with { ItemId = id } : null);
    private static readonly EntryColumn Source = new("source", "Source", (e, n) => n.Of(e.SourceId), (e, t, r) => r.Names.Find(t) is { } id ? e with { SourceId = id } : null);
    private static readonly EntryColumn Note = new("note", "Note", (e, _) => e.Note ?? "", (e, t, _) => e with { Note = t });
    private static readonly EntryColumn Litres = Number("litres", "Litres", e => e.Litres, (e, v) => e with { Litres = v });

    public static IReadOnlyList<EntryColumn> Of(BookEntryKind kind) => kind switch
    {
        BookEntryKind.Drink => [At, Walker, Litres, Truth("untreated", "Untreated", e => e.Untreated, (e, v) => e with { Untreated = v }), Note],
        BookEntryKind.Urine => [At, Walker, Number("colour_1_to_8", "Colour, 1 to 8", e => e.UrineColour, (e, v) => e with { UrineColour = v }), Litres, Note],
        BookEntryKind.BodyMass => [At, Walker, Number("mass_kg", "Body mass, kg", e => e.MassKg, (e, v) => e with { MassKg = v }), Note],
        BookEntryKind.SourceReport =>
        [
            At, Source, Truth("flowing", "Running", e => e.Flowing, (e, v) => e with { Flowing = v }),
            Number("fill_l", "Filled, L", e => e.FillL, (e, v) => e with { FillL = v }), Number("fill_seconds", "In seconds", e => e.FillSeconds, (e, v) => e with { FillSeconds = v }),
            Choice("clarity", "Clarity", e => e.Clarity, (e, v) => e with { Clarity = v }), Number("temperature_c", "Temperature, °C", e => e.TemperatureC, (e, v) => e with { TemperatureC = v }), Note,
        ],
        BookEntryKind.FilterService =>
        [
            At, Item, Choice("service", "What was done", e => e.Service, (e, v) => e with { Service = v }),
            Truth("passed", "Check passed", e => e.Passed, (e, v) => e with { Passed = v }), Litres,
            Number("fill_l", "Filled, L", e => e.FillL, (e, v) => e with { FillL = v }), Number("fill_seconds", "In seconds", e => e.FillSeconds, (e, v) => e with { FillSeconds = v }), Note,
        ],
        BookEntryKind.Mishap => [At, Item, Choice("mishap", "What happened", e => e.Mishap, (e, v) => e with { Mishap = v }), Note],
        BookEntryKind.FuelUsed => [At, Item, Number("fuel_g", "Fuel, g", e => e.FuelG, (e, v) => e with { FuelG = v }), Litres, Note],
        BookEntryKind.Stage => [At, Number("day", "Day, from 0", e => e.Day, (e, v) => e with { Day = v }), Number("hours", "Hours", e => e.Hours, (e, v) => e with { Hours = v }), Note],
        BookEntryKind.Symptom =>
        [
            At, Walker, Note, Number("fever_c", "Body temperature, °C", e => e.FeverC, (e, v) => e with { FeverC = v }), Truth("blood", "Blood", e => e.Blood, (e, v) => e with { Blood = v }),
        ],
        _ => [At, Walker, Note],
    };

    private static EntryColumn Number(string name, string title, Func<BookEntry, double?> get, Func<BookEntry, double, BookEntry> set) => new(
        name, title, (e, _) => get(e)?.ToString("R", CultureInfo.InvariantCulture) ?? "", (e, t, r) => r.Number(t) is { } value ? set(e, value) : null);

    private static EntryColumn Truth(string name, string title, Func<BookEntry, bool?> get, Func<BookEntry, bool, BookEntry> set) => new(
        name, title, (e, _) => get(e) switch { true => "yes", false => "no", _ => "" }, (e, t, _) => CellReader.Truth(t) is { } value ? set(e, value) : null);

    private static EntryColumn Choice<T>(string name, string title, Func<BookEntry, T?> get, Func<BookEntry, T, BookEntry> set)
        where T : struct, Enum => new(
        name, title, (e, _) => get(e) is { } value ? ContractName.Of(value) : "",
        (e, t, _) => Enum.GetValues<T>().Where(v => string.Equals(ContractName.Of(v), t.Replace(" ", "", StringComparison.Ordinal), StringComparison.OrdinalIgnoreCase)).Select(v => (T?)v).FirstOrDefault() is { } value ? set(e, value) : null);
}
