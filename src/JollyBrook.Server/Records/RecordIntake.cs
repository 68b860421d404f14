using System.Text.Json;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;
using JollyBrook.Data.Records;

namespace JollyBrook.Server.Records;

/// <summary>Reads records on their way in, and says in words why one was not kept.</summary>
internal static class RecordIntake
{
    /// <summary>The most records sent at once.</summary>
    public const int MostAtOnce = 500;

    public static Problem CutShort => Problem.Unreadable("The record is cut short or is not JSON. Send it again, whole.");

    public static Problem NoBatch =>
        Problem.Unreadable(
            $"Records are sent as {{\"records\": [{{\"kind\": …, \"id\": …, \"baseRevision\": …, \"body\": "
                + $"{{…}}}}]}}, at most {MostAtOnce} at once."
        );

    /// <summary>The entries of several records sent at once; null when it is none.</summary>
    public static IReadOnlyList<JsonElement>? Entries(string text)
    {
        try
        {
            var sent = JsonElement.Parse(text);
            return
                sent.ValueKind == JsonValueKind.Object
                && sent.TryGetProperty("records", out var list)
                && list.ValueKind == JsonValueKind.Array
                && list.GetArrayLength() <= MostAtOnce
                ? [.. list.EnumerateArray()]
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>One of several records sent at once.</summary>
    public static RecordWrite? Read(JsonElement entry, bool own, out Problem? problem) =>
        Text(entry, "kind") is { } kind && Text(entry, "id") is { } id
            ? Read(kind, id, entry, own, out problem)
            : Nothing(Problem.Unreadable("A record needs a kind and an id."), out problem);

    /// <summary>Checks a record.</summary>
    /// <param name="kindName">The kind it is sent as.</param>
    /// <param name="idText">Its id, as it is sent.</param>
    /// <param name="sent">Its body and the revision it was changed from.</param>
    /// <param name="own">Whether the book is the person's own.</param>
    /// <param name="problem">What is wrong with it.</param>
    /// <returns>Null with <paramref name="problem"/> set when it can't be kept.</returns>
    public static RecordWrite? Read(string kindName, string idText, JsonElement sent, bool own, out Problem? problem)
    {
        if (RecordKinds.Find(kindName) is not { } kind)
        {
            return Nothing(UnknownKind(kindName), out problem);
        }

        if (kind.PersonalOnly && !own)
        {
            return Nothing(NotForTrips(kind), out problem);
        }

        if (!Guid.TryParse(idText, out var id) || id.Version != 7)
        {
            return Nothing(
                Problem.BadInput([new FieldProblem("id", "The record's id must be a version 7 UUID. Make a new one.", "a version 7 UUID")]),
                out problem
            );
        }

        if (sent.ValueKind != JsonValueKind.Object || !sent.TryGetProperty("body", out var body))
        {
            return Nothing(Problem.Unreadable("A record is sent as {\"baseRevision\": …, \"body\": {…}}."), out problem);
        }

        return kind.Canonical(body.GetRawText(), Schema(sent), out problem) is { } kept
            ? new RecordWrite(kind.Name, id, kept, BaseRevision(sent), kind.AppendOnly) { Schema = kind.Schema.Current }
            : null;
    }

    /// <summary>Why a record was not kept; null when it was.</summary>
    public static Problem? Refusal(RecordWrite write, WriteResult result) =>
        result.End switch
        {
            WriteEnd.Refused => MovedOn(write, result.Current!),
            WriteEnd.Full => Full,
            _ => null,
        };

    private static RecordWrite? Nothing(Problem wrong, out Problem? problem)
    {
        problem = wrong;
        return null;
    }

    private static string? Text(JsonElement entry, string name) =>
        entry.ValueKind == JsonValueKind.Object && entry.TryGetProperty(name, out var text) && text.ValueKind == JsonValueKind.String
            ? text.GetString()
            : null;

    private static long? BaseRevision(JsonElement sent) =>
        sent.TryGetProperty("baseRevision", out var revision)
        && revision.ValueKind == JsonValueKind.Number
        && revision.TryGetInt64(out var number)
            ? number
            : null;

    /// <summary>Null where it does not say; what is no number is no schema.</summary>
    private static int? Schema(JsonElement sent) =>
        !sent.TryGetProperty("schema", out var schema) || schema.ValueKind == JsonValueKind.Null ? null
        : schema.ValueKind == JsonValueKind.Number && schema.TryGetInt32(out var number) ? number
        : 0;

    private static Problem NotForTrips(RecordKind kind) =>
        new("/problems/not-for-trips", "That is a person's own.", 400, $"{kind.Title} belong in a person's own book, not in a trip's.", []);

    private static Problem UnknownKind(string kind) =>
        new(
            "/problems/unknown-kind",
            "There is no such kind of record.",
            404,
            $"There is no kind of record called '{kind}'. Known: {string.Join(", ", RecordKinds.All.Select(k => k.Name))}.",
            []
        );

    private static Problem MovedOn(RecordWrite write, StoredRecord current) =>
        new(
            "/problems/moved-on",
            "The record has moved on.",
            409,
            write.AppendOnly
                ? "This record is kept for good and can't be changed. Add a new one that corrects it."
                : $"It was changed elsewhere: it is now at revision {current.Revision}. Pull the changes and decide again.",
            []
        );

    public static Problem Full =>
        new(
            "/problems/book-full",
            "This book is full.",
            413,
            $"This book holds as much as it may ({BookSize.Most / 1024 / 1024} MB). It stays on this "
                + "device. Take a backup, then go on in a new trip, or ask whoever runs the server.",
            []
        );
}
