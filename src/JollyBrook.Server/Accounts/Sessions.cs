using System.Globalization;
using System.Security.Claims;
using JollyBrook.Data.People;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Accounts;

/// <summary>Devices that are signed in, kept by the server: signing out ends the cookie itself, wherever a copy of it lies.</summary>
public sealed class Sessions(JollyBrookDb db, TimeProvider time)
{
    /// <summary>The claim that names a session in its cookie.</summary>
    public const string ClaimType = "session";

    /// <summary>Long enough for a walk without signal; any visit begins it anew.</summary>
    public static readonly TimeSpan Holds = TimeSpan.FromDays(180);

    private static readonly TimeSpan RenewedEvery = TimeSpan.FromDays(1);

    /// <summary>Which session a cookie names; null when it names none.</summary>
    public static Guid? IdOf(ClaimsPrincipal user) =>
        Guid.TryParse(user.FindFirstValue(ClaimType), CultureInfo.InvariantCulture, out var id) ? id : null;

    /// <summary>Begins one, and forgets those of the person that have run out.</summary>
    public async Task<Claim> BeginAsync(Guid personId)
    {
        var session = new Session
        {
            Id = Guid.CreateVersion7(),
            PersonId = personId,
            RenewedAt = time.GetUtcNow(),
        };
        var sessions = await db.Sessions.Where(s => s.PersonId == personId).ToListAsync();
        db.Sessions.RemoveRange(sessions.Where(s => s.RenewedAt < time.GetUtcNow() - Holds));
        db.Sessions.Add(session);
        await db.SaveChangesAsync();
        return new Claim(ClaimType, session.Id.ToString());
    }

    /// <summary>Whether it still holds; one that is used is renewed once a day.</summary>
    public async Task<bool> HoldsAsync(Guid? id, CancellationToken cancellation)
    {
        if (await db.Sessions.FindAsync([id], cancellation) is not { } session || session.RenewedAt < time.GetUtcNow() - Holds)
        {
            return false;
        }

        if (session.RenewedAt < time.GetUtcNow() - RenewedEvery)
        {
            session.RenewedAt = time.GetUtcNow();
            await db.SaveChangesAsync(cancellation);
        }

        return true;
    }

    /// <summary>Ends one.</summary>
    public Task EndAsync(Guid? id) => db.Sessions.Where(s => s.Id == id).ExecuteDeleteAsync();

    /// <summary>Ends every session of a person.</summary>
    public Task EndAllAsync(Guid personId) => db.Sessions.Where(s => s.PersonId == personId).ExecuteDeleteAsync();
}
