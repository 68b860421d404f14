using JollyBrook.Data.Parties;
using JollyBrook.Data.Store;
using JollyBrook.Server.Access;
using JollyBrook.Server.Start;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Accounts;

/// <summary><c>GET /api/about</c>: which store this is, who is signed in, which books they may open.</summary>
internal static class AboutEndpoint
{
    public static void MapAbout(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/about", AnswerAsync)
            .WithName("about")
            .WithSummary("Which store this is, and who is signed in.")
            .For(Audience.Anyone);
        routes
            .MapMethods("/api/about", [HttpMethods.Head], () => Results.Text("", "application/json"))
            .ExcludeFromDescription()
            .For(Audience.Anyone);
        routes.MapMethods("/api/alive", [HttpMethods.Head], () => Results.NoContent()).ExcludeFromDescription().For(Audience.Anyone);
        routes
            .MapGet("/api/alive", () => Results.NoContent())
            .WithName("alive")
            .WithSummary("Nothing, as fast as it goes.")
            .For(Audience.Anyone);
    }

    private static async Task<About> AnswerAsync(
        HttpContext http,
        FirstStart first,
        ServerOptions options,
        JollyBrookDb db,
        PartyStore parties,
        AccountService accounts,
        TimeProvider time,
        CancellationToken cancellation
    )
    {
        var person = http.User.PersonIdOrNull() is { } id
            ? await db.Users.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancellation)
            : null;
        if (person is null && options.Demo && DirectLoopback.Is(http))
        {
            person = await db.Users.FirstAsync(p => p.Id == first.OwnerId, cancellation);
            await accounts.SignInAsync(person, http);
        }

        var state =
            person is not null ? AccountState.SignedIn
            : await db.Users.AnyAsync(cancellation) ? AccountState.SignedOut
            : AccountState.NeedsOwner;
        return new About(
            StoreId: first.StoreId,
            Epoch: first.Epoch,
            Demo: options.Demo,
            State: state,
            WantsCode: state == AccountState.NeedsOwner && !DirectLoopback.Is(http),
            Person: person is null ? null : new PersonCard(person.Id, person.UserName!),
            Books: person is null ? [] : await BooksAsync(parties, person.Id, person.UserName!, cancellation),
            FormToken: FormTokens.For(http),
            ServerTime: time.GetUtcNow()
        );
    }

    private static async Task<IReadOnlyList<BookCard>> BooksAsync(
        PartyStore parties,
        Guid person,
        string name,
        CancellationToken cancellation
    )
    {
        List<BookCard> cards = [];
        foreach (var book in await parties.BooksAsync(person, cancellation))
        {
            IReadOnlyList<PartyCard> party =
                book.Id == person
                    ? [new PartyCard(person, name, PartyRole.Keeper)]
                    : [.. (await parties.PartyAsync(book.Id, cancellation)).Select(p => new PartyCard(p.PersonId, p.Name, p.Role))];
            cards.Add(new BookCard(book.Id, book.Name, book.Role, party));
        }

        return cards;
    }
}
