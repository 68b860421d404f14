using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A line of the book to be checked and said.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Entry">The line.</param>
/// <param name="Walker">Whose it is, by name.</param>
/// <param name="Thing">The item or source it is about, by name.</param>
public sealed record BookEntryRequest(UnitSystem? Units, BookEntry? Entry, string? Walker = null, string? Thing = null);

/// <summary>A line of the book in words.</summary>
/// <param name="Title">In a few words.</param>
/// <param name="Detail">More; empty where there is none.</param>
/// <param name="FlowLPerMin">By timing a fill; null without one.</param>
public sealed record BookEntryResponse(string Title, string Detail, double? FlowLPerMin);

/// <summary>The calculation "book-entry".</summary>
public static class EntryWords
{
    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static BookEntryResponse Compute(BookEntryRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var entry = request.Entry ?? new BookEntry(null, null);
        entry.Check(intake);
        intake.ThrowIfWrong();
        return new BookEntryResponse(Title(entry, request, intake.Say), Detail(entry, request, intake.Say), entry.FlowLPerMin);
    }

    public static string Name(BookEntryKind kind) => kind switch
    {
        BookEntryKind.Drink => "Drink",
        BookEntryKind.Urine => "Urine",
        BookEntryKind.BodyMass => "Body mass",
        BookEntryKind.SourceReport => "Source report",
        BookEntryKind.FilterService => "Filter service",
        BookEntryKind.Mishap => "Froze or fell",
        BookEntryKind.FuelUsed => "Fuel used",
        BookEntryKind.Stage => "Stage walked",
        BookEntryKind.Symptom => "Symptom",
        _ => "Note",
    };

    private static string Title(BookEntry entry, BookEntryRequest request, Speaker say)
    {
        var thing = request.Thing ?? "";
        if (entry.StruckOut == true)
        {
            return "Struck out";
        }

        return entry.Kind switch
        {
            BookEntryKind.Drink => $"Drank {say.Of(Quantity.Volume, entry.Litres!.Value)}{(entry.Untreated == true ? ", untreated" : "")}",
            BookEntryKind.Urine => entry.UrineColour is { } colour ? $"Urine {UrineScale.Of(colour).Words}" : $"Urine, {say.Of(Quantity.Volume, entry.Litres!.Value)}",
            BookEntryKind.BodyMass => $"Weighed {say.Of(Quantity.KitMass, entry.MassKg!.Value)}",
            BookEntryKind.SourceReport => $"{Or(thing, "Source")}: {entry.Flowing switch { true => "running", false => "dry", _ => "state not told" }}",
            BookEntryKind.FilterService => $"{Or(thing, "Filter")}: {ServiceWords(entry)}",
            BookEntryKind.Mishap => $"{Or(thing, "Kit")}: {(entry.Mishap == MishapKind.Froze ? "froze, or may have" : "was dropped")}",
            BookEntryKind.FuelUsed => $"Burnt {say.Of(Quantity.FuelMass, entry.FuelG!.Value)}",
            BookEntryKind.Stage => $"Walked {Speaker.Minutes(entry.Hours!.Value * 60)}",
            _ => FirstLine(entry.Note!),
        };
    }

    private static string Detail(BookEntry entry, BookEntryRequest request, Speaker say)
    {
        List<string> parts = [];
        if (request.Walker is { Length: > 0 } walker)
        {
            parts.Add(walker);
        }

        if (entry.FlowLPerMin is { } flow)
        {
            parts.Add(say.Of(Quantity.Flow, flow));
        }

        if (entry.Kind is BookEntryKind.Urine && entry is { UrineColour: { } colour })
        {
            parts.Add(UrineScale.Of(colour).Advice);
        }

        if (entry.Kind is BookEntryKind.FuelUsed && entry is { Litres: > 0 and { } heated, FuelG: { } fuel })
        {
            parts.Add($"{Speaker.Number(fuel / heated, 1)} g a litre");
        }

        if (entry.Kind is BookEntryKind.FilterService && entry.Litres is { } through)
        {
            parts.Add($"{say.Of(Quantity.Volume, through)} since the last");
        }

        if (entry.TemperatureC is { } cold)
        {
            parts.Add(say.Of(Quantity.Temperature, cold));
        }

        if (entry.Clarity is { } clarity and not Water.Clarity.Unknown)
        {
            parts.Add(Water.Turbidity.Spoken(clarity));
        }

        if (entry.FeverC is { } fever)
        {
            parts.Add($"body {say.Of(Quantity.Temperature, fever)}");
        }

        if (entry.Blood == true)
        {
            parts.Add("with blood");
        }

        if (entry.Note is { Length: > 0 } note && entry.Kind is not (BookEntryKind.Note or BookEntryKind.Symptom))
        {
            parts.Add(note);
        }

        return string.Join(" · ", parts);
    }

    private static string ServiceWords(BookEntry entry) => entry.Service switch
    {
        FilterService.BackFlush => "back-flushed",
        FilterService.Scrub => "scrubbed",
        FilterService.NewElement => "new element",
        _ => entry.Passed switch { true => "air hardly passes the wet element", false => "air passes: broken", _ => "checked" },
    };

    private static string FirstLine(string text) => text.Split('\n')[0] is var line && line.Length > 120 ? line[..119] + "…" : line;

    private static string Or(string text, string other) => text.Length > 0 ? text : other;
}
