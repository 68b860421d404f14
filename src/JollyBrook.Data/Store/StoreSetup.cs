using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Store;

/// <summary>Brings the store up to date at start.</summary>
public sealed class StoreSetup(JollyBrookDb db, TimeProvider time)
{
    /// <summary>Applies migrations and returns the store's identity, made on its first start.</summary>
    /// <returns>The identity, and whether it was made just now.</returns>
    public async Task<(StoreIdentity Identity, bool IsNew)> OpenAsync(CancellationToken cancellation)
    {
        await db.Database.MigrateAsync(cancellation);
        if (await db.Identity.SingleOrDefaultAsync(cancellation) is { } known)
        {
            return (known, false);
        }

        var identity = new StoreIdentity
        {
            Id = Guid.CreateVersion7(),
            OwnerId = Guid.CreateVersion7(),
            CreatedAt = time.GetUtcNow(),
        };
        db.Identity.Add(identity);
        await db.SaveChangesAsync(cancellation);
        return (identity, true);
    }
}
