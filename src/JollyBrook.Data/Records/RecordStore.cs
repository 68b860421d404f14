using System.Data;
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
    public async Task<WriteResult> PutAsync(
        string kind, Guid id, string body, long? baseRevision, bool appendOnly, Guid? author, CancellationToken cancellation)
    {
        // Serializable takes SQLite's write lock at once, so that revisions are handed out one at a time.
        await using var transaction = await db.Database.BeginTransactionAsync(IsolationLevel.Serializable, cancellation);
        var existing = await db.Records.FirstOrDefaultAsync(r => r.Kind == kind && r.Id == id, cancellation);
        if (existing is not null)
        {
            if (!existing.TakenOut && SameJson(existing.Body, body))
            {
                return new WriteResult(WriteEnd.AlreadyThere, existing);
            }

            if (appendOnly || baseRevision != existing.Revision)
            {
                return new WriteResult(WriteEnd.Refused, existing);
            }
        }

        var record = existing ?? db.Records.Add(new StoredRecord { BookId = book.Id, Kind = kind, Id = id, Body = body }).Entity;
        record.Body = body;
        record.TakenOut = false;
        record.AuthorId = author;
        record.ReceivedAt = time.GetUtcNow();
        record.Revision = 1 + await LatestRevisionAsync(cancellation);
        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return new WriteResult(WriteEnd.Written, record);
    }

    /// <summary>A record as it now stands, or null.</summary>
    public async Task<StoredRecord?> FindAsync(string kind, Guid id, CancellationToken cancellation) =>
        await db.Records.AsNoTracking().FirstOrDefaultAsync(r => r.Kind == kind && r.Id == id, cancellation);

    /// <summary>Records written after a revision, oldest first, at most <paramref name="most"/>.</summary>
    public async Task<IReadOnlyList<StoredRecord>> ChangesAsync(long since, int most, CancellationToken cancellation) =>
        await db.Records.AsNoTracking()
            .Where(r => r.Revision > since)
            .OrderBy(r => r.Revision)
            .Take(most)
            .ToListAsync(cancellation);

    internal async Task<long> LatestRevisionAsync(CancellationToken cancellation) =>
        await db.Records.MaxAsync(r => (long?)r.Revision, cancellation) ?? 0;

    internal static bool SameJson(string left, string right) =>
        left == right || JsonNode.DeepEquals(JsonNode.Parse(left), JsonNode.Parse(right));
}
