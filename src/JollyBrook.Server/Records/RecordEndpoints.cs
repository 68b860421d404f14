using System.Text.Json;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;
using JollyBrook.Data.Records;
using JollyBrook.Server.Access;

namespace JollyBrook.Server.Records;

/// <summary>
/// The records of a book: <c>PUT /api/books/{book}/records/{kind}/{id}</c> (idempotent), <c>POST /api/books/{book}/records</c> for several
/// at once, <c>GET</c> of one, and <c>GET /api/books/{book}/changes?since=</c>.
/// </summary>
internal static class RecordEndpoints
{
    public static void MapRecords(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/books/{book}/records").WithTags("records").WantsFormToken();
        foreach (var kind in RecordKinds.All)
        {
            group
                .MapPut($"{kind.Name}/{{id}}", (string book, string id, HttpRequest request, RecordStore store) =>
                    PutAsync(kind.Name, book, id, request, store)
                )
                .WithName($"put-{kind.Name}")
                .WithSummary(kind.AppendOnly ? "Keeps a record, once and for good." : "Keeps a record or a change of it.")
                .For(Audience.Writer)
                .Accepts(typeof(RecordEnvelope<>).MakeGenericType(kind.BodyType), "application/json")
                .Produces<RecordKept>()
                .Produces<Problem>(400, "application/problem+json")
                .Produces<Problem>(409, "application/problem+json")
                .Produces<Problem>(413, "application/problem+json");
        }

        // An unknown kind, or a body sent under another content type.
        group.MapPut("{kind}/{id}", PutAsync).ExcludeFromDescription().For(Audience.Writer);
        group
            .MapPost("", PutAllAsync)
            .WithName("put-records")
            .WithSummary("Keeps several records, each by itself; the answers stand in the same order.")
            .Accepts<RecordBatch>("application/json")
            .Produces<RecordBatchAnswer>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.Writer);
        group
            .MapGet("{kind}/{id:guid}", GetAsync)
            .WithName("get-record")
            .WithSummary("A record as it now stands.")
            .Produces<ChangedRecord>()
            .Produces<Problem>(404, "application/problem+json")
            .For(Audience.Reader);
        routes
            .MapGet("/api/books/{book}/changes", ChangesAsync)
            .WithName("changes")
            .WithTags("records")
            .WithSummary("Records written after a revision, oldest first, a page of them.")
            .Produces<Changes>()
            .For(Audience.Reader);
    }

    private static async Task<IResult> PutAsync(string kind, string book, string id, HttpRequest request, RecordStore store)
    {
        JsonElement sent;
        try
        {
            sent = JsonElement.Parse(await RequestText.ReadAsync(request));
        }
        catch (JsonException)
        {
            return RequestText.Problem(RecordIntake.CutShort);
        }

        var person = request.HttpContext.User.PersonId();
        var write = RecordIntake.Read(kind, id, sent, own: Guid.Parse(book) == person, out var problem);
        if (write is null)
        {
            return RequestText.Problem(problem!);
        }

        var result = await store.PutAsync(write, person, request.HttpContext.RequestAborted);
        return RecordIntake.Refusal(write, result) is { } refused
            ? RequestText.Problem(refused)
            : Results.Ok(new RecordKept(write.Kind, write.Id, result.Current!.Revision));
    }

    private static async Task<IResult> PutAllAsync(string book, HttpRequest request, RecordStore store)
    {
        if (RecordIntake.Entries(await RequestText.ReadAsync(request)) is not { } entries)
        {
            return RequestText.Problem(RecordIntake.NoBatch);
        }

        var person = request.HttpContext.User.PersonId();
        var own = Guid.Parse(book) == person;
        var read = entries.Select(e => (Write: RecordIntake.Read(e, own, out var problem), Problem: problem)).ToList();
        var results = new Queue<WriteResult>(
            await store.PutAllAsync([.. read.Select(r => r.Write).OfType<RecordWrite>()], person, request.HttpContext.RequestAborted)
        );
        return Results.Ok(new RecordBatchAnswer([.. read.Select(r => Answer(r.Write, r.Problem))]));

        RecordEnd Answer(RecordWrite? write, Problem? problem)
        {
            if (write is null)
            {
                return new RecordEnd(null, problem);
            }

            var result = results.Dequeue();
            return RecordIntake.Refusal(write, result) is { } refused
                ? new RecordEnd(null, refused)
                : new RecordEnd(result.Current!.Revision, null);
        }
    }

    private static async Task<IResult> GetAsync(string book, string kind, Guid id, RecordStore store, CancellationToken cancellation) =>
        await store.FindAsync(kind, id, cancellation) is { } found
            ? Results.Ok(
                new ChangedRecord(
                    found.Kind,
                    found.Id,
                    found.Revision,
                    found.AuthorId,
                    found.Schema,
                    found.TakenOut ? null : JsonSerializer.Deserialize<JsonElement>(found.Body)
                )
            )
            : RequestText.Problem(
                new Problem("/problems/no-such-record", "There is no such record.", 404, $"There is no {kind} with the id {id}.", [])
            );

    private static ChangesPage ChangesAsync(string book, RecordStore store, long since = 0) => new(store, since);
}
