using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data;

/// <summary>The SQLite store.</summary>
public sealed class JollyBrookDb(DbContextOptions<JollyBrookDb> options) : DbContext(options)
{
    public DbSet<StoredRecord> Records => Set<StoredRecord>();

    public DbSet<StoreIdentity> Identity => Set<StoreIdentity>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        ArgumentNullException.ThrowIfNull(modelBuilder);
        modelBuilder.Entity<StoredRecord>(record =>
        {
            record.ToTable("records");
            record.HasKey(r => new { r.OwnerId, r.Kind, r.Id });
            record.HasIndex(r => new { r.OwnerId, r.Revision }).IsUnique();
            record.Property(r => r.Kind).HasMaxLength(40);
        });
        modelBuilder.Entity<StoreIdentity>().ToTable("store");
    }
}
