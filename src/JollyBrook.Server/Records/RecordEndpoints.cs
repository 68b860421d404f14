using System.Text.Json;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;
using JollyBrook.Data.Records;
using JollyBrook.Server.Access;

namespace JollyBrook.Server.Records;

/// <summary>
/// The records of a book: <c>PUT /api/books/{book}/records/{kind}/{id}</c> (idempotent), <c>GET</c> of the same, and
/// <c>GET /api/books/{book}/changes?since=</c>.
/// </summary>
internal static class RecordEndpoints
{
    private const int MostPerPull = 1000;

    public static void MapRecords(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/books/{book}/records").WithTags("records").WantsFormToken();
        foreach (var kind in RecordKinds.All)
        {
            group.MapPut($"{kind.Name}/{{id}}", (string book, string id, HttpRequest request, RecordStore store) =>
                    PutAsync(kind, book, id, request, store))
                .WithName($"put-{kind.Name}")
                .WithSummary(kind.AppendOnly ? "Keeps a record, once and for good." : "Keeps a record or a change of it.")
                .For(Audience.Writer)
                .Accepts(typeof(RecordEnvelope<>).MakeGenericType(kind.BodyType), "application/json")
                .Produces<RecordKept>()
                .Produces<Problem>(400, "application/problem+json")
                .Produces<Problem>(409, "application/problem+json");
        }

        // An unknown kind, or a body sent under another content type.
        group.MapPut("{kind}/{id}", async (string book, string kind, string id, HttpRequest request, RecordStore store) =>
                RecordKinds.Find(kind) is { } known
                    ? await PutAsync(known, book, id, request, store)
                    : RequestText.Problem(UnknownKind(kind)))
            .ExcludeFromDescription().For(Audience.Writer);
        group.MapGet("{kind}/{id:guid}", GetAsync).WithName("get-record").WithSummary("A record as it now stands.")
            .Produces<ChangedRecord>()
            .Produces<Problem>(404, "application/problem+json")
            .For(Audience.Reader);
        routes.MapGet("/api/books/{book}/changes", ChangesAsync).WithName("changes").WithTags("records")
            .WithSummary("Records written after a revision, oldest first.")
            .For(Audience.Reader);
    }

    private static async Task<IResult> PutAsync(
        RecordKind kind, string book, string idText, HttpRequest request, RecordStore store)
    {
        var person = request.HttpContext.User.PersonId();
        if (kind.PersonalOnly && Guid.Parse(book) != person)
        {
            return RequestText.Problem(NotForTrips(kind));
        }

        if (!Guid.TryParse(idText, out var id) || id.Version != 7)
        {
            return RequestText.Problem(Problem.BadInput(
                [new FieldProblem("id", "The record's id must be a version 7 UUID. Make a new one.", "a version 7 UUID")]));
        }

        if (!TryRead(await RequestText.ReadAsync(request), out var baseRevision, out var body, out var unreadable))
        {
            return RequestText.Problem(unreadable);
        }

        if (kind.Check(body) is { } problem)
        {
            return RequestText.Problem(problem);
        }

        var result = await store.PutAsync(
            kind.Name, id, body, baseRevision, kind.AppendOnly, person, request.HttpContext.RequestAborted);
        return result.End == WriteEnd.Refused
            ? RequestText.Problem(MovedOn(kind, result.Current))
            : Results.Ok(new RecordKept(kind.Name, id, result.Current.Revision));
    }

    private static bool TryRead(string text, out long? baseRevision, out string body, out Problem unreadable)
    {
        (baseRevision, body, unreadable) = (null, "", Problem.Unreadable("The record is cut short or is not JSON. Send it again, whole."));
        try
        {
            using var document = JsonDocument.Parse(text);
            if (document.RootElement.ValueKind != JsonValueKind.Object
                || !document.RootElement.TryGetProperty("body", out var bodyElement))
            {
                unreadable = Problem.Unreadable("A record is sent as {\"baseRevision\": …, \"body\": {…}}.");
                return false;
            }

            if (document.RootElement.TryGetProperty("baseRevision", out var revision) && revision.TryGetInt64Safely(out var number))
            {
                baseRevision = number;
            }

            body = bodyElement.GetRawText();
            return true;
        }
        catch (JsonException)
        {
            return false;
        }
    }

    private static bool TryGetInt64Safely(this JsonElement element, out long value)
    {
        value = 0;
        return element.ValueKind == JsonValueKind.Number && element.TryGetInt64(out value);
    }

    private static async Task<IResult> GetAsync(
        string book, string kind, Guid id, RecordStore store, CancellationToken cancellation) =>
        await store.FindAsync(kind, id, cancellation) is { } found
            ? Results.Ok(Out(found))
            : RequestText.Problem(new Problem(
                "/problems/no-such-record", "There is no such record.", 404, $"There is no {kind} with the id {id}.", []));

    private static async Task<Changes> ChangesAsync(
        string book, RecordStore store, CancellationToken cancellation, long since = 0)
    {
        var records = await store.ChangesAsync(since, MostPerPull, cancellation);
        return new Changes(
            records.Count > 0 ? records[^1].Revision : since,
            records.Count == MostPerPull,
            [.. records.Select(Out)]);
    }

    private static ChangedRecord Out(StoredRecord record) =>
        new(record.Kind, record.Id, record.Revision, record.AuthorId,
            record.TakenOut ? null : JsonSerializer.Deserialize<JsonElement>(record.Body));

    private static Problem NotForTrips(RecordKind kind) => new(
        "/problems/not-for-trips", "That is a person's own.", 400, $"{kind.Title} belong in a person's own book, not in a trip's.", []);

    private static Problem UnknownKind(string kind) => new(
        "/problems/unknown-kind", "There is no such kind of record.", 404,
        $"There is no kind of record called '{kind}'. Known: {string.Join(", ", RecordKinds.All.Select(k => k.Name))}.", []);

    private static Problem MovedOn(RecordKind kind, StoredRecord current) => new(
        "/problems/moved-on", "The record has moved on.", 409,
        kind.AppendOnly
            ? "This record is kept for good and can't be changed. Add a new one that corrects it."
            : $"It was changed elsewhere: it is now at revision {current.Revision}. Pull the changes and decide again.",
        []);
}
