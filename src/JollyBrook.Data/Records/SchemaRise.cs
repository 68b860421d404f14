using System.Text;
using JollyBrook.Core.Records;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Records;

/// <summary>
/// Brings every stored body up to the schema its kind is written in now, so that nothing later reads two shapes. Revisions stay: a device
/// that has the body brings up its own by the same steps.
/// </summary>
public sealed class SchemaRise(JollyBrookDb db)
{
    private const int Slice = 500;

    /// <summary>Brings up the records and the shelf, a slice a transaction: a stop in between is gone on from.</summary>
    /// <exception cref="StoreRefusedException">A newer version of the program has written here.</exception>
    public async Task BringUpAsync(IReadOnlyList<RecordKind> kinds, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(kinds);
        foreach (var kind in kinds)
        {
            var current = kind.Schema.Current;
            if (await db.Records.IgnoreQueryFilters().AnyAsync(r => r.Kind == kind.Name && r.Schema > current, cancellation))
            {
                throw new StoreRefusedException(
                    $"A newer version of this program has written to the store ({kind.Title}). Start that version; nothing was changed."
                );
            }

            while (await SliceAsync(kind, cancellation))
            {
                db.ChangeTracker.Clear();
            }
        }
    }

    private async Task<bool> SliceAsync(RecordKind kind, CancellationToken cancellation)
    {
        var current = kind.Schema.Current;
        var records = await db
            .Records.IgnoreQueryFilters()
            .Where(r => r.Kind == kind.Name && r.Schema < current)
            .OrderBy(r => r.BookId)
            .ThenBy(r => r.Id)
            .Take(Slice)
            .ToListAsync(cancellation);
        var shelved = await db
            .Shelf.Where(s => s.Kind == kind.Name && s.Schema < current)
            .OrderBy(s => s.Lot)
            .ThenBy(s => s.Id)
            .Take(Slice)
            .ToListAsync(cancellation);
        foreach (var record in records)
        {
            var before = Bytes(record.Body);
            record.Body = record.TakenOut ? record.Body : Up(kind, record.Body, record.Schema);
            record.Schema = current;
            var size = await db.BookSizes.IgnoreQueryFilters().SingleAsync(s => s.BookId == record.BookId, cancellation);
            size.Bytes += Bytes(record.Body) - before;
        }

        foreach (var record in shelved)
        {
            (record.Body, record.Schema) = (Up(kind, record.Body, record.Schema), current);
        }

        await db.SaveChangesAsync(cancellation);
        return records.Count > 0 || shelved.Count > 0;
    }

    /// <exception cref="InvalidDataException">A stored body can't be read: the store is damaged, or a step is wrong.</exception>
    private static string Up(RecordKind kind, string body, int schema) =>
        kind.Schema.BringUp(body, schema, out var problem) ?? throw new InvalidDataException(problem!.Detail);

    private static int Bytes(string body) => Encoding.UTF8.GetByteCount(body);
}
