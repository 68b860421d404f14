using System.Data;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data;

/// <summary>How a write ended.</summary>
public enum WriteEnd
{
    Written,

    /// <summary>The same body was there already: nothing changed.</summary>
    AlreadyThere,

    /// <summary>The record has moved on, or may not change: nothing was written.</summary>
    Refused,
}

/// <summary>How a write ended, and the record as it now stands.</summary>
public sealed record WriteResult(WriteEnd End, StoredRecord Current);

/// <summary>Reads and writes records of one owner.</summary>
public sealed class RecordStore(JollyBrookDb db, TimeProvider time)
{
    /// <summary>
    /// Writes a record. Sending the same body again changes nothing. A change must name the revision it was made from;
    /// an append-only record never changes.
    /// </summary>
    public async Task<WriteResult> PutAsync(
        Guid owner, string kind, Guid id, string body, long? baseRevision, bool appendOnly, CancellationToken cancellation)
    {
        // Serializable takes SQLite's write lock at once, so that revisions are handed out one at a time.
        await using var transaction = await db.Database.BeginTransactionAsync(IsolationLevel.Serializable, cancellation);
        var existing = await db.Records.FindAsync([owner, kind, id], cancellation);
        if (existing is not null)
        {
            if (SameJson(existing.Body, body))
            {
                return new WriteResult(WriteEnd.AlreadyThere, existing);
            }

            if (appendOnly || baseRevision != existing.Revision)
            {
                return new WriteResult(WriteEnd.Refused, existing);
            }
        }

        var record = existing ?? db.Records.Add(new StoredRecord { OwnerId = owner, Kind = kind, Id = id, Body = body }).Entity;
        record.Body = body;
        record.ReceivedAt = time.GetUtcNow();
        record.Revision = 1 + (await db.Records.Where(r => r.OwnerId == owner).MaxAsync(r => (long?)r.Revision, cancellation) ?? 0);
        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return new WriteResult(WriteEnd.Written, record);
    }

    /// <summary>A record as it now stands, or null.</summary>
    public async Task<StoredRecord?> FindAsync(Guid owner, string kind, Guid id, CancellationToken cancellation) =>
        await db.Records.AsNoTracking().FirstOrDefaultAsync(r => r.OwnerId == owner && r.Kind == kind && r.Id == id, cancellation);

    /// <summary>Records written after a revision, oldest first, at most <paramref name="most"/>.</summary>
    public async Task<IReadOnlyList<StoredRecord>> ChangesAsync(Guid owner, long since, int most, CancellationToken cancellation) =>
        await db.Records.AsNoTracking()
            .Where(r => r.OwnerId == owner && r.Revision > since)
            .OrderBy(r => r.Revision)
            .Take(most)
            .ToListAsync(cancellation);

    private static bool SameJson(string left, string right) =>
        left == right || JsonNode.DeepEquals(JsonNode.Parse(left), JsonNode.Parse(right));
}
