using JollyBrook.Data.Parties;
using JollyBrook.Data.People;
using JollyBrook.Data.Records;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Store;

/// <summary>The SQLite store. Records are seen only through the book in hand.</summary>
public sealed class JollyBrookDb(DbContextOptions<JollyBrookDb> options, BookInHand book) : IdentityUserContext<Person, Guid>(options)
{
    /// <summary>Every record of every book.</summary>
    public DbSet<StoredRecord> Records => Set<StoredRecord>();

    /// <summary>How much each book holds.</summary>
    public DbSet<BookSize> BookSizes => Set<BookSize>();

    /// <summary>Records put aside by a restore.</summary>
    public DbSet<ShelvedRecord> Shelf => Set<ShelvedRecord>();

    /// <summary>What can be gone back to.</summary>
    public DbSet<RestorePoint> RestorePoints => Set<RestorePoint>();

    /// <summary>Which store this is; one row.</summary>
    public DbSet<StoreIdentity> Identity => Set<StoreIdentity>();

    /// <summary>Codes for a lost passphrase, hashed.</summary>
    public DbSet<RecoveryCode> RecoveryCodes => Set<RecoveryCode>();

    /// <summary>Who is signed in, and where.</summary>
    public DbSet<Session> Sessions => Set<Session>();

    /// <summary>Trips shared by several people.</summary>
    public DbSet<Trip> Trips => Set<Trip>();

    /// <summary>Who is on which trip.</summary>
    public DbSet<TripPerson> Party => Set<TripPerson>();

    /// <summary>Who was taken off a trip.</summary>
    public DbSet<RemovedPerson> Removed => Set<RemovedPerson>();

    /// <summary>Invitations that are still open.</summary>
    public DbSet<Invitation> Invitations => Set<Invitation>();

    private Guid Book => book.Id;

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        builder.Entity<StoredRecord>(record =>
        {
            record.ToTable("records");
            record.HasKey(r => new
            {
                r.BookId,
                r.Kind,
                r.Id,
            });
            record.HasIndex(r => new { r.BookId, r.Revision }).IsUnique();
            record.Property(r => r.Kind).HasMaxLength(40);
            record.HasQueryFilter(r => r.BookId == Book);
        });
        builder.Entity<RestorePoint>(point =>
        {
            point.ToTable("restore_points");
            point.HasKey(p => p.BookId);
            point.HasQueryFilter(p => p.BookId == Book);
        });
        builder.Entity<ShelvedRecord>(shelved =>
        {
            shelved.ToTable("shelved_records");
            shelved.HasKey(s => new
            {
                s.Lot,
                s.Kind,
                s.Id,
            });
            shelved.Property(s => s.Kind).HasMaxLength(40);
        });
        builder.Entity<BookSize>(size =>
        {
            size.ToTable("book_sizes");
            size.HasKey(s => s.BookId);
            size.HasQueryFilter(s => s.BookId == Book);
        });
        builder.Entity<StoreIdentity>().ToTable("store");
        NamePeople(builder);
        NameParties(builder);
    }

    private static void NamePeople(ModelBuilder builder)
    {
        builder.Entity<Person>().ToTable("people");
        builder.Entity<RecoveryCode>(code =>
        {
            code.ToTable("recovery_codes");
            code.HasKey(c => new { c.PersonId, c.Hash });
            code.HasOne<Person>().WithMany().HasForeignKey(c => c.PersonId);
        });
        builder.Entity<Session>(session =>
        {
            session.ToTable("sessions");
            session.HasIndex(s => s.PersonId);
            session.HasOne<Person>().WithMany().HasForeignKey(s => s.PersonId);
        });
    }

    private static void NameParties(ModelBuilder builder)
    {
        builder.Entity<Trip>().ToTable("trips");
        builder.Entity<TripPerson>(person =>
        {
            person.ToTable("trip_people");
            person.HasKey(p => new { p.TripId, p.PersonId });
            person.HasIndex(p => p.PersonId);
            person.HasOne<Trip>().WithMany().HasForeignKey(p => p.TripId);
            person.HasOne<Person>().WithMany().HasForeignKey(p => p.PersonId);
        });
        builder.Entity<RemovedPerson>(removed =>
        {
            removed.ToTable("removed_people");
            removed.HasKey(r => new { r.TripId, r.PersonId });
            removed.HasOne<Trip>().WithMany().HasForeignKey(r => r.TripId);
            removed.HasOne<Person>().WithMany().HasForeignKey(r => r.PersonId);
        });
        builder.Entity<Invitation>(invitation =>
        {
            invitation.ToTable("invitations");
            invitation.HasIndex(i => i.SecretHash).IsUnique();
            invitation.HasOne<Trip>().WithMany().HasForeignKey(i => i.TripId);
        });
    }
}
