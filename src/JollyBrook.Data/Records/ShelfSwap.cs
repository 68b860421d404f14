using JollyBrook.Core.Records;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Records;

/// <summary>A lot to be swapped in.</summary>
/// <param name="Lot">Which.</param>
/// <param name="Mode">Merge or replace.</param>
/// <param name="Author">Who does it.</param>
/// <param name="UntouchedAfter">What was written after this revision stays as it is; 0 takes all.</param>
public sealed record Swap(Guid Lot, RestoreMode Mode, Guid Author, long UntouchedAfter);

/// <summary>Brings the book in hand to what a lot on the shelf says, by statements over whole sets. For use inside a transaction.</summary>
public sealed class ShelfSwap(JollyBrookDb db, BookInHand book, RecordStore store, TimeProvider time)
{
    private enum Fate
    {
        New = 0,
        Revived = 1,
        Changed = 2,
        Same = 3,
        LeftAsIs = 4,
    }

    /// <summary>Lays the book as it is on the shelf.</summary>
    public Task ShelveBookAsync(Guid lot, CancellationToken cancellation) =>
        db.Database.ExecuteSqlAsync(
            $"INSERT INTO shelved_records (Lot, Kind, Id, Body, Schema) SELECT {lot}, Kind, Id, Body, Schema FROM records WHERE BookId = {book.Id} AND TakenOut = 0",
            cancellation
        );

    /// <returns>What became of the records.</returns>
    /// <exception cref="BookFullException">The book would hold more than it may.</exception>
    public async Task<RestoreCounts> SwapInAsync(Swap swap, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(swap);
        var fates = await FatesAsync(swap, cancellation);
        int Of(Fate fate) => fates.GetValueOrDefault((int)fate);
        await AddAsync(swap, cancellation);
        await ChangeAsync(swap, cancellation);
        var takenOut = swap.Mode == RestoreMode.Replace ? await TakeOutAsync(swap, cancellation) : 0;
        await MeasureAsync(cancellation);
        return new RestoreCounts(Of(Fate.New) + Of(Fate.Revived), Of(Fate.Changed), takenOut, Of(Fate.Same), Of(Fate.LeftAsIs));
    }

    private async Task<Dictionary<int, int>> FatesAsync(Swap swap, CancellationToken cancellation)
    {
        var merge = swap.Mode == RestoreMode.Merge;
        var rows = await db
            .Database.SqlQuery<FateCount>(
                $"""
                SELECT CASE WHEN r.Id IS NULL THEN 0
                            WHEN {swap.UntouchedAfter} > 0 AND r.Revision > {swap.UntouchedAfter} THEN 4
                            WHEN r.TakenOut THEN 1
                            WHEN r.Body = s.Body THEN 3
                            WHEN {merge} THEN 4
                            ELSE 2 END AS Fate, COUNT(*) AS Count
                FROM shelved_records s LEFT JOIN records r ON r.BookId = {book.Id} AND r.Kind = s.Kind AND r.Id = s.Id
                WHERE s.Lot = {swap.Lot} GROUP BY 1
                """
            )
            .ToListAsync(cancellation);
        return rows.ToDictionary(r => r.Fate, r => r.Count);
    }

    private async Task<int> AddAsync(Swap swap, CancellationToken cancellation)
    {
        var latest = await store.LatestRevisionAsync(cancellation);
        return await db.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO records (BookId, Kind, Id, Revision, Body, Schema, AuthorId, TakenOut, ReceivedAt)
            SELECT {book.Id}, s.Kind, s.Id, {latest} + ROW_NUMBER() OVER (ORDER BY s.Id, s.Kind), s.Body, s.Schema, {swap.Author}, 0, {time.GetUtcNow()}
            FROM shelved_records s
            WHERE s.Lot = {swap.Lot} AND NOT EXISTS (SELECT 1 FROM records r WHERE r.BookId = {book.Id} AND r.Kind = s.Kind AND r.Id = s.Id)
            """,
            cancellation
        );
    }

    private async Task<int> ChangeAsync(Swap swap, CancellationToken cancellation)
    {
        var (latest, replace) = (await store.LatestRevisionAsync(cancellation), swap.Mode == RestoreMode.Replace);
        return await db.Database.ExecuteSqlAsync(
            $"""
            UPDATE records SET Body = c.Body, Schema = c.Schema, TakenOut = 0, Revision = {latest} + c.Nth, AuthorId = {swap.Author}, ReceivedAt = {time.GetUtcNow()}
            FROM (SELECT s.Kind AS Kind, s.Id AS Id, s.Body AS Body, s.Schema AS Schema, ROW_NUMBER() OVER (ORDER BY s.Id, s.Kind) AS Nth
                  FROM shelved_records s JOIN records r ON r.BookId = {book.Id} AND r.Kind = s.Kind AND r.Id = s.Id
                  WHERE s.Lot = {swap.Lot} AND NOT ({swap.UntouchedAfter} > 0 AND r.Revision > {swap.UntouchedAfter})
                    AND (r.TakenOut OR ({replace} AND r.Body <> s.Body))) AS c
            WHERE records.BookId = {book.Id} AND records.Kind = c.Kind AND records.Id = c.Id
            """,
            cancellation
        );
    }

    private async Task<int> TakeOutAsync(Swap swap, CancellationToken cancellation)
    {
        var latest = await store.LatestRevisionAsync(cancellation);
        return await db.Database.ExecuteSqlAsync(
            $"""
            UPDATE records SET Body = '', TakenOut = 1, Revision = {latest} + c.Nth, AuthorId = {swap.Author}, ReceivedAt = {time.GetUtcNow()}
            FROM (SELECT r.Kind AS Kind, r.Id AS Id, ROW_NUMBER() OVER (ORDER BY r.Id, r.Kind) AS Nth FROM records r
                  WHERE r.BookId = {book.Id} AND NOT r.TakenOut AND NOT ({swap.UntouchedAfter} > 0 AND r.Revision > {swap.UntouchedAfter})
                    AND NOT EXISTS (SELECT 1 FROM shelved_records s WHERE s.Lot = {swap.Lot} AND s.Kind = r.Kind AND s.Id = r.Id)) AS c
            WHERE records.BookId = {book.Id} AND records.Kind = c.Kind AND records.Id = c.Id
            """,
            cancellation
        );
    }

    private async Task MeasureAsync(CancellationToken cancellation)
    {
        var before = await store.BytesAsync(cancellation);
        await db.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO book_sizes (BookId, Bytes) SELECT {book.Id}, COALESCE(SUM(LENGTH(CAST(Body AS BLOB))), 0) FROM records WHERE BookId = {book.Id}
            ON CONFLICT (BookId) DO UPDATE SET Bytes = excluded.Bytes
            """,
            cancellation
        );
        if (await store.BytesAsync(cancellation) is var after && after > BookSize.Most && after > before)
        {
            throw new BookFullException();
        }
    }

    private sealed record FateCount(int Fate, int Count);
}
