using System.Text.Json;
using JollyBrook.Core.Contract;
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

/// <summary>Takes a checked backup into the book in hand, whole or not at all, and takes it back.</summary>
public sealed class BookRestore(JollyBrookDb db, BookInHand book, RecordStore store, TimeProvider time)
{
    /// <summary>Takes a backup in.</summary>
    /// <param name="records">Its records, which <see cref="CheckBackup"/> has found sound.</param>
    /// <param name="mode">Merge or replace.</param>
    /// <param name="author">Who does it.</param>
    /// <param name="onlyCount">Counts what it would do, and does nothing.</param>
    /// <param name="cancellation">Stops before anything is done.</param>
    /// <exception cref="BookFullException">The book would hold more than it may.</exception>
    public async Task<RestoreCounts> TakeInAsync(
        IReadOnlyList<BackupEntry> records, RestoreMode mode, Guid author, bool onlyCount, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        var here = await HereAsync(cancellation);
        var before = onlyCount ? null : Snapshot(here.Values);
        var counts = await ApplyAsync(here, records, mode, author, 0, cancellation);
        if (before is null)
        {
            return counts;
        }

        await KeepPointAsync(before, cancellation);
        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return counts;
    }

    /// <summary>When a backup was last taken in, or null when there is nothing to undo.</summary>
    public async Task<DateTimeOffset?> LastAsync(CancellationToken cancellation) =>
        (await db.RestorePoints.AsNoTracking().FirstOrDefaultAsync(cancellation))?.TakenAt;

    /// <summary>Makes the book what it was before the last backup was taken in; what was written since stays. Null when there is nothing to undo.</summary>
    public async Task<RestoreCounts?> UndoAsync(Guid author, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        if (await db.RestorePoints.FirstOrDefaultAsync(cancellation) is not { } point)
        {
            return null;
        }

        var before = JsonSerializer.Deserialize(point.Backup, ContractJson.Default.BackupFile)!.Records!;
        var counts = await ApplyAsync(await HereAsync(cancellation), before, RestoreMode.Replace, author, point.RevisionAfter, cancellation);
        db.RestorePoints.Remove(point);
        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return counts;
    }

    private Task<Dictionary<(string, Guid), StoredRecord>> HereAsync(CancellationToken cancellation) =>
        db.Records.ToDictionaryAsync(r => (r.Kind, r.Id), cancellation);

    private string Snapshot(IEnumerable<StoredRecord> records) => JsonSerializer.Serialize(
        new BackupFile(
            BackupFile.FormatName, BackupFile.CurrentVersion, time.GetUtcNow(),
            [.. records.Where(r => !r.TakenOut).Select(r => new BackupEntry(r.Kind, r.Id, JsonSerializer.Deserialize<JsonElement>(r.Body)))]),
        ContractJson.Default.BackupFile);

    private async Task KeepPointAsync(string before, CancellationToken cancellation)
    {
        db.RestorePoints.RemoveRange(await db.RestorePoints.ToListAsync(cancellation));
        await db.SaveChangesAsync(cancellation);
        db.RestorePoints.Add(new RestorePoint
        {
            BookId = book.Id,
            TakenAt = time.GetUtcNow(),
            Backup = before,
            RevisionAfter = await store.LatestRevisionAsync(cancellation),
        });
    }

    /// <summary>Brings the book to what the records say; leaves alone what was written after <paramref name="untouchedAfter"/>, where that is given.</summary>
    private async Task<RestoreCounts> ApplyAsync(
        Dictionary<(string Kind, Guid Id), StoredRecord> here, IReadOnlyList<BackupEntry> records, RestoreMode mode, Guid author,
        long untouchedAfter, CancellationToken cancellation)
    {
        var (added, changed, takenOut, same, left) = (0, 0, 0, 0, 0);
        var revision = await store.LatestRevisionAsync(cancellation);
        var inFile = new HashSet<(string, Guid)>();
        bool Untouched(StoredRecord record) => untouchedAfter > 0 && record.Revision > untouchedAfter;

        long grown = 0;

        void Write(StoredRecord record, string body, bool gone)
        {
            grown += RecordStore.Bytes(body) - (db.Entry(record).State == EntityState.Added ? 0 : RecordStore.Bytes(record.Body));
            (record.Body, record.TakenOut) = (body, gone);
            (record.Revision, record.AuthorId, record.ReceivedAt) = (++revision, author, time.GetUtcNow());
        }

        foreach (var entry in records)
        {
            var (key, body) = ((entry.Kind!, entry.Id!.Value), RecordKinds.Find(entry.Kind!)!.Canonical(entry.Body!.Value.GetRawText(), out _)!);
            inFile.Add(key);
            if (!here.TryGetValue(key, out var record))
            {
                record = db.Records.Add(new StoredRecord { BookId = book.Id, Kind = key.Item1, Id = key.Item2, Body = body }).Entity;
                Write(record, body, false);
                added++;
            }
            else if (Untouched(record))
            {
                left++;
            }
            else if (record.TakenOut)
            {
                Write(record, body, false);
                added++;
            }
            else if (RecordStore.SameJson(record.Body, body))
            {
                same++;
            }
            else if (mode == RestoreMode.Merge)
            {
                left++;
            }
            else
            {
                Write(record, body, false);
                changed++;
            }
        }

        foreach (var record in here.Values.Where(r => mode == RestoreMode.Replace && !r.TakenOut && !inFile.Contains((r.Kind, r.Id)) && !Untouched(r)))
        {
            Write(record, "", true);
            takenOut++;
        }

        return await store.TakeRoomAsync(grown, cancellation) ? new RestoreCounts(added, changed, takenOut, same, left) : throw new BookFullException();
    }
}
