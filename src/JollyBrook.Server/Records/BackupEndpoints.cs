using JollyBrook.Core;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;
using JollyBrook.Data.Records;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Mvc;

namespace JollyBrook.Server.Records;

/// <summary>Takes a backup into a person's own book, whole or not at all, and takes it back.</summary>
internal static class BackupEndpoints
{
    /// <summary>The largest backup taken in, bytes.</summary>
    public const int MostBytes = 32 * 1024 * 1024;

    public static void MapBackups(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/books/{book}/restore").WithTags("backup").SaysWhatIsWrong().WantsFormToken();
        group
            .MapPost("", TakeInAsync)
            .WithName("restore")
            .WithSummary("Takes a backup in, or counts what that would do.")
            .Accepts<BackupFile>("application/json")
            .Produces<RestoreCounts>()
            .Produces<Problem>(400, "application/problem+json")
            .WithMetadata(new RequestSizeLimitAttribute(MostBytes))
            .For(Audience.Keeper);
        group
            .MapGet("", async (string book, BookRestore restore, CancellationToken cancellation) =>
                new LastRestore(await restore.LastAsync(cancellation))
            )
            .WithName("last-restore")
            .WithSummary("When a backup was last taken in, while that can be undone.")
            .For(Audience.Keeper);
        group
            .MapPost("undo", UndoAsync)
            .WithName("undo-restore")
            .WithSummary("Makes the book what it was before; what was written since stays.")
            .Produces<RestoreCounts>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.Keeper);
    }

    private static async Task<IResult> TakeInAsync(
        Guid book,
        HttpContext http,
        BookRestore restore,
        string mode = "merge",
        bool onlyCount = false
    )
    {
        OwnBook(book, http);
        if (mode is not ("merge" or "replace"))
        {
            throw RequestText.Wrong("mode", "The backup is merged or replaces the book. Choose one of them.", "merge, replace");
        }

        var file = Read(await RequestText.ReadAsync(http.Request));
        var check = CheckBackup.Compute(file);
        if (!check.Sound)
        {
            throw new BadInputException([
                .. check.Faults.Select(f => new FieldProblem($"records[{f.Number - 1}]", $"Record {f.Number}: {f.Message}", null)),
            ]);
        }

        try
        {
            return Results.Ok(
                await restore.TakeInAsync(
                    file.Records!,
                    mode == "replace" ? RestoreMode.Replace : RestoreMode.Merge,
                    http.User.PersonId(),
                    onlyCount,
                    http.RequestAborted
                )
            );
        }
        catch (BookFullException)
        {
            return RequestText.Problem(RecordIntake.Full);
        }
    }

    private static async Task<IResult> UndoAsync(Guid book, HttpContext http, BookRestore restore)
    {
        OwnBook(book, http);
        return await restore.UndoAsync(http.User.PersonId(), http.RequestAborted) is { } counts
            ? Results.Ok(counts)
            : throw RequestText.Wrong("book", "There is nothing to undo: no backup has been taken in, or it was undone already.");
    }

    private static BackupFile Read(string text)
    {
        var file = StrictJson.Read(text, ContractJson.Default.BackupFile, () => BackupFile.Fields, out var problem);
        return problem is null
            ? file!
            : throw new BadInputException(problem.Errors.Count > 0 ? problem.Errors : [new FieldProblem("", problem.Detail, null)]);
    }

    private static void OwnBook(Guid book, HttpContext http)
    {
        if (book != http.User.PersonId())
        {
            throw RequestText.Wrong("book", "A backup goes into your own book. A trip's records stay with the trip.");
        }
    }
}
