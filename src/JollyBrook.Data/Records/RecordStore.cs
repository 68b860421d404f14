using System.Text;
using System.Text.Json.Nodes;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Records;

/// <summary>Reads and writes the records of the book in hand.</summary>
public sealed class RecordStore(JollyBrookDb db, BookInHand book, TimeProvider time)
{
    /// <summary>
    /// Writes a record. Sending the same body again changes nothing. A change must name the revision it was made from;
    /// an append-only record never changes.
    /// </summary>
    public async Task<WriteResult> PutAsync(RecordWrite write, Guid? author, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        var result = await WriteAsync(write, author, cancellation);
        await transaction.CommitAsync(cancellation);
        return result;
    }

    /// <summary>Writes several records under one lock, each by itself: one that can't be written leaves the others alone.</summary>
    public async Task<IReadOnlyList<WriteResult>> PutAllAsync(
        IReadOnlyList<RecordWrite> writes,
        Guid? author,
        CancellationToken cancellation
    )
    {
        ArgumentNullException.ThrowIfNull(writes);
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        List<WriteResult> results = [];
        foreach (var write in writes)
        {
            results.Add(await WriteAsync(write, author, cancellation));
        }

        await transaction.CommitAsync(cancellation);
        return results;
    }

    private async Task<WriteResult> WriteAsync(RecordWrite write, Guid? author, CancellationToken cancellation)
    {
        var existing = await db.Records.FirstOrDefaultAsync(r => r.Kind == write.Kind && r.Id == write.Id, cancellation);
        if (existing is not null)
        {
            if (!existing.TakenOut && SameJson(existing.Body, write.Body))
            {
                return new WriteResult(WriteEnd.AlreadyThere, existing);
            }

            if (write.AppendOnly || write.BaseRevision != existing.Revision)
            {
                return new WriteResult(WriteEnd.Refused, existing);
            }
        }

        if (!await TakeRoomAsync(Bytes(write.Body) - Bytes(existing?.Body ?? ""), cancellation))
        {
            return new WriteResult(WriteEnd.Full, existing);
        }

        var record = existing
            ?? db.Records.Add(
                new StoredRecord
                {
                    BookId = book.Id,
                    Kind = write.Kind,
                    Id = write.Id,
                    Body = write.Body,
                }
            ).Entity;
        record.Body = write.Body;
        record.Schema = write.Schema;
        record.TakenOut = false;
        record.AuthorId = author;
        record.ReceivedAt = time.GetUtcNow();
        // Under the write lock revisions are handed out one at a time.
        record.Revision = 1 + await LatestRevisionAsync(cancellation);
        await db.SaveChangesAsync(cancellation);
        return new WriteResult(WriteEnd.Written, record);
    }

    /// <summary>Bytes the book's records take.</summary>
    public async Task<long> BytesAsync(CancellationToken cancellation) =>
        (await db.BookSizes.AsNoTracking().FirstOrDefaultAsync(cancellation))?.Bytes ?? 0;

    /// <summary>A record as it now stands, or null.</summary>
    public async Task<StoredRecord?> FindAsync(string kind, Guid id, CancellationToken cancellation) =>
        await db.Records.AsNoTracking().FirstOrDefaultAsync(r => r.Kind == kind && r.Id == id, cancellation);

    /// <summary>Records written after a revision, oldest first, read as they are asked for.</summary>
    public IAsyncEnumerable<StoredRecord> ChangesAsync(long since) =>
        db.Records.AsNoTracking().Where(r => r.Revision > since).OrderBy(r => r.Revision).AsAsyncEnumerable();

    /// <summary>The revision of the book's last write; 0 in an empty one.</summary>
    public async Task<long> LatestRevisionAsync(CancellationToken cancellation) =>
        await db.Records.MaxAsync(r => (long?)r.Revision, cancellation) ?? 0;

    /// <summary>Counts bytes into the book's size; false when they would not fit. For use inside a transaction.</summary>
    private async Task<bool> TakeRoomAsync(long bytes, CancellationToken cancellation)
    {
        var size = db.BookSizes.Local.FirstOrDefault(s => s.BookId == book.Id)
            ?? await db.BookSizes.FirstOrDefaultAsync(cancellation)
            ?? db.BookSizes.Add(new BookSize { BookId = book.Id }).Entity;
        if (bytes > 0 && size.Bytes + bytes > BookSize.Most)
        {
            return false;
        }

        size.Bytes += bytes;
        return true;
    }

    private static int Bytes(string body) => Encoding.UTF8.GetByteCount(body);

    private static bool SameJson(string left, string right) =>
        left == right || JsonNode.DeepEquals(JsonNode.Parse(left), JsonNode.Parse(right));
}
