namespace JollyBrook.Server.Tests;

/// <summary>Everyone who might call an endpoint about the owner's trip.</summary>
public sealed class Cast : IDisposable
{
    private Cast(RunningServer server, Guid trip, Visitor nobody, Visitor stranger, Visitor follower, Visitor member) =>
        (Server, Trip, Nobody, Stranger, Follower, Member) = (server, trip, nobody, stranger, follower, member);

    public RunningServer Server { get; }

    public Guid Trip { get; }

    /// <summary>Signed in as no one.</summary>
    public Visitor Nobody { get; }

    /// <summary>Has an account, and no part in the trip.</summary>
    public Visitor Stranger { get; }

    public Visitor Follower { get; }

    public Visitor Member { get; }

    public Visitor Keeper => Server.Owner;

    public static async Task<Cast> MakeAsync(RunningServer server)
    {
        var trip = await server.Owner.MakeTripAsync();
        var other = await server.Owner.MakeTripAsync("Another walk");
        var (stranger, follower, member, nobody) = (server.NewVisitor(), server.NewVisitor(), server.NewVisitor(), server.NewVisitor());
        await stranger.JoinAsync(await server.Owner.InviteAsync(other), "Sorrel");
        await follower.JoinAsync(await server.Owner.InviteAsync(trip, "follower"), "Maud");
        await member.JoinAsync(await server.Owner.InviteAsync(trip), "Torren");
        await nobody.AskAboutAsync();
        return new Cast(server, trip, nobody, stranger, follower, member);
    }

    public void Dispose()
    {
        foreach (var visitor in new[] { Nobody, Stranger, Follower, Member })
        {
            visitor.Dispose();
        }
    }
}
