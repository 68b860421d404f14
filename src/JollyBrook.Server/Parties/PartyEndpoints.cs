using JollyBrook.Core.Contract;
using JollyBrook.Data.Parties;
using JollyBrook.Server.Access;
using JollyBrook.Server.Accounts;

namespace JollyBrook.Server.Parties;

/// <summary><c>/api/trips</c> and <c>/api/invitations</c>: who shares a trip's book.</summary>
internal static class PartyEndpoints
{
    private const int LongestName = 80;

    public static void MapParties(this IEndpointRouteBuilder routes)
    {
        var trips = routes.MapGroup("/api/trips").WithTags("party").SaysWhatIsWrong().WantsFormToken();
        trips
            .MapPut("{book}", NameAsync)
            .WithName("name-trip")
            .WithSummary("Makes a trip of that id, or names the keeper's anew.")
            .Accepts<TripName>("application/json")
            .Produces<TripName>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.SignedIn);
        trips
            .MapGet("{book}/invitations", async (Guid book, PartyStore parties, CancellationToken cancellation) =>
                (await parties.InvitationsAsync(book, cancellation)).Select(Card).ToList()
            )
            .WithName("invitations")
            .WithSummary("Invitations that still hold.")
            .For(Audience.Keeper);
        trips
            .MapPost("{book}/invitations", InviteAsync)
            .WithName("invite")
            .WithSummary("Makes an invitation link.")
            .Accepts<RoleGiven>("application/json")
            .Produces<FreshInvitation>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.Keeper);
        trips
            .MapDelete(
                "{book}/invitations/{invitation}",
                async (Guid book, Guid invitation, PartyStore parties, CancellationToken cancellation) =>
                {
                    await parties.WithdrawAsync(book, invitation, cancellation);
                    return Results.NoContent();
                }
            )
            .WithName("withdraw")
            .WithSummary("Withdraws an invitation.")
            .Produces(204)
            .For(Audience.Keeper);
        trips
            .MapGet("{book}/removed", async (Guid book, PartyStore parties, CancellationToken cancellation) =>
                (await parties.RemovedAsync(book, cancellation)).Select(p => new PersonCard(p.PersonId, p.Name)).ToList()
            )
            .WithName("removed")
            .WithSummary("People the keeper took out. A role given to them lets them back in.")
            .For(Audience.Keeper);
        trips
            .MapPut("{book}/party/{person}", ChangeRoleAsync)
            .WithName("change-role")
            .WithSummary("Gives a person another role, or makes them keeper.")
            .Accepts<RoleGiven>("application/json")
            .Produces<RoleGiven>()
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.Keeper);
        trips
            .MapDelete("{book}/party/{person}", TakeOutAsync)
            .WithName("remove")
            .WithSummary("Takes a person out of the party.")
            .Produces(204)
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.Keeper);
        trips
            .MapPost("{book}/leave", (Guid book, HttpContext http, PartyStore parties) =>
                TakeOutAsync(book, http.User.PersonId(), http, parties)
            )
            .WithName("leave")
            .WithSummary("Leaves the party.")
            .Produces(204)
            .Produces<Problem>(400, "application/problem+json")
            .For(Audience.Reader);

        var links = routes.MapGroup("/api/invitations").WithTags("party").SaysWhatIsWrong().WantsFormToken();
        links
            .MapPost("look", LookAsync)
            .WithName("look-at-invitation")
            .WithSummary("What a link invites to.")
            .Accepts<LinkSecret>("application/json")
            .Produces<InvitedTo>()
            .Produces<Problem>(400, "application/problem+json")
            .LimitsTries()
            .For(Audience.Anyone);
        links
            .MapPost("accept", AcceptAsync)
            .WithName("accept-invitation")
            .WithSummary("Joins a party by a link.")
            .Accepts<LinkSecret>("application/json")
            .Produces<InvitedTo>()
            .Produces<Problem>(400, "application/problem+json")
            .LimitsTries()
            .For(Audience.SignedIn);
    }

    internal static BadInputException LinkNoLongerHolds() =>
        RequestText.Wrong(
            "secret",
            "This link no longer holds: it was withdrawn, used up or is past its date, or the keeper "
                + "has taken you out. Ask the trip's keeper."
        );

    private static async Task<IResult> NameAsync(string book, HttpContext http, PartyStore parties)
    {
        if (!Guid.TryParse(book, out var id) || id.Version != 7)
        {
            throw RequestText.Wrong("book", "The trip's id must be a version 7 UUID. Make a new one.", "a version 7 UUID");
        }

        var name = ((await RequestText.ReadAsync<TripName>(http.Request)).Name ?? "").Trim();
        if (name.Length is < 1 or > LongestName || name.Any(char.IsControl))
        {
            throw RequestText.Wrong(
                "name",
                $"The trip's name must have 1 to {LongestName} characters. Say where it goes.",
                $"1 to {LongestName} characters"
            );
        }

        return await parties.NameTripAsync(id, name, http.User.PersonId(), http.RequestAborted)
            ? Results.Ok(new TripName(name))
            : RequestText.Problem(
                new Problem(
                    "/problems/no-such-book",
                    "There is no such trip of yours.",
                    404,
                    "There is no such trip, or you are not its keeper.",
                    []
                )
            );
    }

    private static async Task<IResult> InviteAsync(Guid book, HttpContext http, PartyStore parties)
    {
        // A person's own book is theirs alone.
        if (book == http.User.PersonId())
        {
            throw RequestText.Wrong("book", "Your own book is yours alone. Make a trip and share that.");
        }

        var role = await RoleAsync(http.Request);
        if (role == PartyRole.Keeper)
        {
            throw RequestText.Wrong(
                "role",
                "A link invites a member or a follower. Make someone keeper once they are in.",
                "member, follower"
            );
        }

        var (invitation, secret) = await parties.InviteAsync(book, role, http.RequestAborted);
        return Results.Ok(new FreshInvitation(Card(invitation), secret));
    }

    private static async Task<IResult> ChangeRoleAsync(Guid book, Guid person, HttpContext http, PartyStore parties)
    {
        var role = await RoleAsync(http.Request);
        return await parties.ChangeRoleAsync(book, person, role, http.RequestAborted)
            ? Results.Ok(new RoleGiven(role))
            : throw RequestText.Wrong("person", "They are not in the party, or are its keeper: make someone else keeper first.");
    }

    private static async Task<IResult> TakeOutAsync(Guid book, Guid person, HttpContext http, PartyStore parties) =>
        await parties.RemoveAsync(book, person, byThemselves: person == http.User.PersonId(), http.RequestAborted)
            ? Results.NoContent()
            : throw RequestText.Wrong("person", "The keeper can't leave the others without one. Make someone else keeper first.");

    private static async Task<IResult> LookAsync(HttpContext http, PartyStore parties) =>
        await parties.LookAsync((await RequestText.ReadAsync<LinkSecret>(http.Request)).Secret ?? "", http.RequestAborted) is { } found
            ? Results.Ok(new InvitedTo(found.Trip.Id, found.Trip.Name, found.Role))
            : throw LinkNoLongerHolds();

    private static async Task<IResult> AcceptAsync(HttpContext http, PartyStore parties)
    {
        var secret = (await RequestText.ReadAsync<LinkSecret>(http.Request)).Secret ?? "";
        var found = await parties.LookAsync(secret, http.RequestAborted);
        return found is { } to && await parties.AcceptAsync(secret, http.User.PersonId(), http.RequestAborted) is not null
            ? Results.Ok(new InvitedTo(to.Trip.Id, to.Trip.Name, to.Role))
            : throw LinkNoLongerHolds();
    }

    private static async Task<PartyRole> RoleAsync(HttpRequest request) =>
        (await RequestText.ReadAsync<RoleGiven>(request)).Role
        ?? throw RequestText.Wrong("role", "The role is missing. Give member, follower or keeper.", "member, follower, keeper");

    private static InvitationCard Card(Invitation invitation) =>
        new(invitation.Id, invitation.Role, invitation.ExpiresAt, invitation.UsesLeft);
}
