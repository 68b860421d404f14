using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Data.Parties;

/// <summary>A book a person may open.</summary>
/// <param name="Id">The book's id.</param>
/// <param name="Name">The trip's name; null for the person's own.</param>
/// <param name="Role">What they may do in it.</param>
public sealed record OpenBook(Guid Id, string? Name, PartyRole Role);

/// <summary>A person in a party, by name.</summary>
public sealed record PartyMember(Guid PersonId, string Name, PartyRole Role, DateTimeOffset JoinedAt);

/// <summary>Who shares which trip, and the links by which others may join.</summary>
public sealed class PartyStore(JollyBrookDb db, TimeProvider time)
{
    /// <summary>How long an invitation holds.</summary>
    public static readonly TimeSpan InvitationHolds = TimeSpan.FromDays(7);

    /// <summary>How many may join by one link.</summary>
    public const int UsesOfOneLink = 12;

    /// <summary>What a person may do in a book; null when they may not open it. Everyone keeps their own.</summary>
    public async Task<PartyRole?> RoleAsync(Guid personId, Guid bookId, CancellationToken cancellation) =>
        personId == bookId
            ? PartyRole.Keeper
            : (await db.Party.AsNoTracking().FirstOrDefaultAsync(p => p.TripId == bookId && p.PersonId == personId, cancellation))?.Role;

    /// <summary>A person's own book, then their trips, the newest first.</summary>
    public async Task<IReadOnlyList<OpenBook>> BooksAsync(Guid personId, CancellationToken cancellation)
    {
        var trips = await db
            .Party.AsNoTracking()
            .Where(p => p.PersonId == personId)
            .Join(db.Trips, p => p.TripId, t => t.Id, (p, t) => new OpenBook(t.Id, t.Name, p.Role))
            .ToListAsync(cancellation);
        return [new OpenBook(personId, null, PartyRole.Keeper), .. trips.OrderByDescending(t => t.Id.ToString(), StringComparer.Ordinal)];
    }

    /// <summary>Makes a trip with its keeper, or gives one the keeper has made another name.</summary>
    /// <returns>False when a trip of that id is someone else's.</returns>
    public async Task<bool> NameTripAsync(Guid tripId, string name, Guid personId, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        var trip = await db.Trips.FindAsync([tripId], cancellation);
        if (trip is null)
        {
            // A person's own book must never become a trip's.
            if (await db.Users.AnyAsync(p => p.Id == tripId, cancellation))
            {
                return false;
            }

            db.Trips.Add(
                new Trip
                {
                    Id = tripId,
                    Name = name,
                    CreatedAt = time.GetUtcNow(),
                }
            );
            Join(tripId, personId, PartyRole.Keeper);
        }
        else if (await RoleAsync(personId, tripId, cancellation) == PartyRole.Keeper)
        {
            trip.Name = name;
        }
        else
        {
            return false;
        }

        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>Everybody of a trip, with what each may do.</summary>
    public async Task<IReadOnlyList<PartyMember>> PartyAsync(Guid tripId, CancellationToken cancellation)
    {
        var people = await db
            .Party.AsNoTracking()
            .Where(p => p.TripId == tripId)
            .Join(db.Users, p => p.PersonId, u => u.Id, (p, u) => new PartyMember(u.Id, u.UserName!, p.Role, p.JoinedAt))
            .ToListAsync(cancellation);
        return [.. people.OrderByDescending(p => p.Role).ThenBy(p => p.JoinedAt)];
    }

    /// <summary>Invitations that can still be used.</summary>
    public async Task<IReadOnlyList<Invitation>> InvitationsAsync(Guid tripId, CancellationToken cancellation)
    {
        var all = await db.Invitations.AsNoTracking().Where(i => i.TripId == tripId).ToListAsync(cancellation);
        return [.. all.Where(IsOpen).OrderBy(i => i.ExpiresAt)];
    }

    /// <summary>Makes a link's secret. It is given out here and never again.</summary>
    public async Task<(Invitation Invitation, string Secret)> InviteAsync(Guid tripId, PartyRole role, CancellationToken cancellation)
    {
        var secret = Secret.New();
        var invitation = new Invitation
        {
            Id = Guid.CreateVersion7(),
            TripId = tripId,
            Role = role,
            SecretHash = Secret.Hash(secret),
            ExpiresAt = time.GetUtcNow() + InvitationHolds,
            UsesLeft = UsesOfOneLink,
        };
        db.Invitations.Add(invitation);
        await db.SaveChangesAsync(cancellation);
        return (invitation, secret);
    }

    /// <summary>Takes an invitation back; one that is gone already stays gone.</summary>
    public async Task WithdrawAsync(Guid tripId, Guid invitationId, CancellationToken cancellation) =>
        await db.Invitations.Where(i => i.TripId == tripId && i.Id == invitationId).ExecuteDeleteAsync(cancellation);

    /// <summary>What a link invites to; null when it is not known, used up, withdrawn or past its date.</summary>
    public async Task<(Trip Trip, PartyRole Role)?> LookAsync(string secret, CancellationToken cancellation)
    {
        var hash = Secret.Hash(secret);
        var invitation = await db.Invitations.AsNoTracking().FirstOrDefaultAsync(i => i.SecretHash == hash, cancellation);
        return invitation is not null && IsOpen(invitation)
            ? (await db.Trips.AsNoTracking().FirstAsync(t => t.Id == invitation.TripId, cancellation), invitation.Role)
            : null;
    }

    /// <summary>
    /// Joins by a link. Who is in the party already keeps the higher of both roles, and uses nothing up; whom the keeper took out, or gave
    /// a lower role, no link brings back.
    /// </summary>
    /// <returns>The trip, or null when the link no longer holds, or not for this person.</returns>
    public async Task<Guid?> AcceptAsync(string secret, Guid personId, CancellationToken cancellation)
    {
        var hash = Secret.Hash(secret);
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        var invitation = await db.Invitations.FirstOrDefaultAsync(i => i.SecretHash == hash, cancellation);
        if (invitation is null || !IsOpen(invitation) || await WasRemovedAsync(invitation.TripId, personId, cancellation))
        {
            return null;
        }

        if (await db.Party.FindAsync([invitation.TripId, personId], cancellation) is { } already)
        {
            already.Role = already.HeldDown || already.Role > invitation.Role ? already.Role : invitation.Role;
        }
        else
        {
            Join(invitation.TripId, personId, invitation.Role);
            invitation.UsesLeft--;
        }

        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return invitation.TripId;
    }

    /// <summary>Gives a person another role. A new keeper takes the place of the old one, who stays a member.</summary>
    /// <returns>False when the person is not in the party, or a keeper would step down with no one in their place.</returns>
    public async Task<bool> ChangeRoleAsync(Guid tripId, Guid personId, PartyRole role, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        var person = await db.Party.FindAsync([tripId, personId], cancellation);
        if (person is null && role != PartyRole.Keeper && await WasRemovedAsync(tripId, personId, cancellation))
        {
            // The keeper lets someone back in.
            await db.Removed.Where(r => r.TripId == tripId && r.PersonId == personId).ExecuteDeleteAsync(cancellation);
            Join(tripId, personId, role);
            await db.SaveChangesAsync(cancellation);
            await transaction.CommitAsync(cancellation);
            return true;
        }

        if (person is null || (person.Role == PartyRole.Keeper && role != PartyRole.Keeper))
        {
            return false;
        }

        if (role == PartyRole.Keeper && person.Role != PartyRole.Keeper)
        {
            var keeper = await db.Party.FirstAsync(p => p.TripId == tripId && p.Role == PartyRole.Keeper, cancellation);
            keeper.Role = PartyRole.Member;
        }

        if (role < person.Role)
        {
            await CloseLinksAsync(tripId, cancellation);
        }

        person.HeldDown = role < person.Role || (person.HeldDown && role == person.Role);
        person.Role = role;
        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>Takes a person out of the party. Taken out by the keeper they stay out, and the links that are open are closed.</summary>
    /// <param name="tripId">The trip.</param>
    /// <param name="personId">Who goes.</param>
    /// <param name="byThemselves">Whether they leave of their own accord; then a link may bring them back.</param>
    /// <param name="cancellation">Stops before anything is done.</param>
    /// <returns>False for a keeper who would leave others behind: someone else has to become keeper first.</returns>
    public async Task<bool> RemoveAsync(Guid tripId, Guid personId, bool byThemselves, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        if (await db.Party.FindAsync([tripId, personId], cancellation) is not { } person)
        {
            return true;
        }

        if (person.Role == PartyRole.Keeper)
        {
            if (await db.Party.CountAsync(p => p.TripId == tripId, cancellation) > 1)
            {
                return false;
            }

            await CloseLinksAsync(tripId, cancellation);
        }
        else if (!byThemselves)
        {
            await CloseLinksAsync(tripId, cancellation);
            db.Removed.Add(
                new RemovedPerson
                {
                    TripId = tripId,
                    PersonId = personId,
                    At = time.GetUtcNow(),
                }
            );
        }

        db.Party.Remove(person);
        await db.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>People the keeper took out of the party, by name.</summary>
    public async Task<IReadOnlyList<(Guid PersonId, string Name)>> RemovedAsync(Guid tripId, CancellationToken cancellation)
    {
        var people = await db
            .Removed.AsNoTracking()
            .Where(r => r.TripId == tripId)
            .Join(db.Users, r => r.PersonId, u => u.Id, (r, u) => new { u.Id, u.UserName })
            .ToListAsync(cancellation);
        return [.. people.Select(p => (p.Id, p.UserName!)).OrderBy(p => p.Item2, StringComparer.Ordinal)];
    }

    private Task<bool> WasRemovedAsync(Guid tripId, Guid personId, CancellationToken cancellation) =>
        db.Removed.AnyAsync(r => r.TripId == tripId && r.PersonId == personId, cancellation);

    private Task<int> CloseLinksAsync(Guid tripId, CancellationToken cancellation) =>
        db.Invitations.Where(i => i.TripId == tripId).ExecuteDeleteAsync(cancellation);

    private void Join(Guid tripId, Guid personId, PartyRole role) =>
        db.Party.Add(
            new TripPerson
            {
                TripId = tripId,
                PersonId = personId,
                Role = role,
                JoinedAt = time.GetUtcNow(),
            }
        );

    private bool IsOpen(Invitation invitation) => invitation.UsesLeft > 0 && invitation.ExpiresAt > time.GetUtcNow();
}
