using JollyBrook.Core.Records;
using JollyBrook.Data.Records;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Store;

/// <summary>Brings the store up to date at start. The caller holds the lock on the data folder.</summary>
public sealed class StoreSetup(JollyBrookDb db, StoreMark mark, SchemaRise rise, TimeProvider time)
{
    /// <summary>Applies migrations and returns the store's identity, made on its first start.</summary>
    public async Task<StoreIdentity> OpenAsync(CancellationToken cancellation)
    {
        await ClearStaleLockAsync(cancellation);
        await db.Database.MigrateAsync(cancellation);
        // What a backup that was cut off while it was laid out has left.
        await db.Database.ExecuteSqlRawAsync("DELETE FROM shelved_records WHERE Lot NOT IN (SELECT Lot FROM restore_points)", cancellation);
        await rise.BringUpAsync(RecordKinds.All, cancellation);
        var identity = await db.Identity.SingleOrDefaultAsync(cancellation);
        if (identity is null)
        {
            identity = new StoreIdentity
            {
                Id = Guid.CreateVersion7(),
                OwnerId = Guid.CreateVersion7(),
                CreatedAt = time.GetUtcNow(),
                Epoch = Guid.CreateVersion7(),
            };
            db.Identity.Add(identity);
        }
        else if (mark.Read() != identity.Mark)
        {
            identity.Epoch = Guid.CreateVersion7();
        }

        // A stop between the two only makes the next start count as a restore, which costs a comparison and no data.
        identity.Mark = Guid.CreateVersion7();
        mark.Write(identity.Mark);
        await db.SaveChangesAsync(cancellation);
        return identity;
    }

    /// <summary>
    /// A server killed while migrating leaves its row in the lock table, for which the next one would wait for ever. No other server has
    /// the folder, so whatever stands there is stale.
    /// </summary>
    private async Task ClearStaleLockAsync(CancellationToken cancellation)
    {
        var has = await db
            .Database.SqlQueryRaw<int>("SELECT COUNT(*) AS Value FROM sqlite_master WHERE type = 'table' AND name = '__EFMigrationsLock'")
            .SingleAsync(cancellation);
        if (has > 0)
        {
            await db.Database.ExecuteSqlRawAsync("DELETE FROM \"__EFMigrationsLock\"", cancellation);
        }
    }
}
