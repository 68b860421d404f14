using JollyBrook.Core.Records;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Records;

/// <summary>What taking in a backup did, or would do.</summary>
/// <param name="Added">Records that were not here.</param>
/// <param name="Changed">Records that now say what the file says.</param>
/// <param name="TakenOut">Records that are not in the file.</param>
/// <param name="Same">Records that were the same.</param>
/// <param name="LeftAsIs">Records that differ and stay as they are here.</param>
public sealed record RestoreCounts(int Added, int Changed, int TakenOut, int Same, int LeftAsIs);

/// <summary>The book would hold more than it may; nothing was written.</summary>
public sealed class BookFullException() : Exception("The book would hold more than it may.");

/// <summary>
/// Takes a checked backup into the book in hand, whole or not at all, and takes it back. It is laid on a shelf in slices, between which
/// others write, and swapped in by a few statements, so that the write lock is held only for those.
/// </summary>
public sealed class BookRestore(JollyBrookDb db, BookInHand book, RecordStore store, ShelfSwap swap, TimeProvider time)
{
    private const int Slice = 500;

    /// <summary>Takes a backup in.</summary>
    /// <param name="records">Its records, which <see cref="CheckBackup"/> has found sound.</param>
    /// <param name="mode">Merge or replace.</param>
    /// <param name="author">Who does it.</param>
    /// <param name="onlyCount">Counts what it would do, and does nothing.</param>
    /// <param name="cancellation">Stops before anything is done.</param>
    /// <exception cref="BookFullException">The book would hold more than it may.</exception>
    public async Task<RestoreCounts> TakeInAsync(
        IReadOnlyList<BackupEntry> records,
        RestoreMode mode,
        Guid author,
        bool onlyCount,
        CancellationToken cancellation
    )
    {
        var lot = Guid.CreateVersion7();
        try
        {
            await ShelveAsync(lot, records, cancellation);
            await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
            var before = Guid.CreateVersion7();
            if (!onlyCount)
            {
                await swap.ShelveBookAsync(before, cancellation);
            }

            // Without a commit, what was only to be counted is undone with the transaction.
            var counts = await swap.SwapInAsync(new Swap(lot, mode, author, 0), cancellation);
            if (onlyCount)
            {
                return counts;
            }

            await ForgetPointAsync(cancellation);
            db.RestorePoints.Add(
                new RestorePoint
                {
                    BookId = book.Id,
                    TakenAt = time.GetUtcNow(),
                    Lot = before,
                    RevisionAfter = await store.LatestRevisionAsync(cancellation),
                }
            );
            await db.SaveChangesAsync(cancellation);
            await transaction.CommitAsync(cancellation);
            return counts;
        }
        finally
        {
            await db.Shelf.Where(s => s.Lot == lot).ExecuteDeleteAsync(CancellationToken.None);
        }
    }

    /// <summary>When a backup was last taken in, or null when there is nothing to undo.</summary>
    public async Task<DateTimeOffset?> LastAsync(CancellationToken cancellation) =>
        (await db.RestorePoints.AsNoTracking().FirstOrDefaultAsync(cancellation))?.TakenAt;

    /// <summary>
    /// Makes the book what it was before the last backup was taken in; what was written since stays. Null when there is nothing to undo.
    /// </summary>
    public async Task<RestoreCounts?> UndoAsync(Guid author, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        if (await db.RestorePoints.AsNoTracking().FirstOrDefaultAsync(cancellation) is not { } point)
        {
            return null;
        }

        var counts = await swap.SwapInAsync(new Swap(point.Lot, RestoreMode.Replace, author, point.RevisionAfter), cancellation);
        await ForgetPointAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return counts;
    }

    private async Task ForgetPointAsync(CancellationToken cancellation)
    {
        var lots = await db.RestorePoints.Select(p => p.Lot).ToListAsync(cancellation);
        await db.Shelf.Where(s => lots.Contains(s.Lot)).ExecuteDeleteAsync(cancellation);
        await db.RestorePoints.ExecuteDeleteAsync(cancellation);
    }

    private async Task ShelveAsync(Guid lot, IReadOnlyList<BackupEntry> records, CancellationToken cancellation)
    {
        foreach (var slice in records.Chunk(Slice))
        {
            db.Shelf.AddRange(
                slice.Select(entry => new ShelvedRecord
                {
                    Lot = lot,
                    Kind = entry.Kind!,
                    Id = entry.Id!.Value,
                    Schema = RecordKinds.Find(entry.Kind!)!.Schema.Current,
                    Body = RecordKinds.Find(entry.Kind!)!.Canonical(entry.Body!.Value.GetRawText(), entry.Schema, out _)!,
                })
            );
            await db.SaveChangesAsync(cancellation);
            db.ChangeTracker.Clear();
        }
    }
}
