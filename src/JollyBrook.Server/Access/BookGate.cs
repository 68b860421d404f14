using JollyBrook.Core.Contract;
using JollyBrook.Data.Parties;
using JollyBrook.Data.Records;

namespace JollyBrook.Server.Access;

/// <summary>Opens the book named in the address, for those who may. To anyone else it does not exist.</summary>
internal sealed class BookGate(Audience audience) : IEndpointFilter
{
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var http = context.HttpContext;
        if (!Guid.TryParse(http.Request.RouteValues["book"] as string, out var book) || await RoleAsync(http, book) is not { } role)
        {
            return RequestText.Problem(NoSuchBook);
        }

        if (role < Least)
        {
            return RequestText.Problem(NotAllowed(role));
        }

        http.RequestServices.GetRequiredService<BookInHand>().Open(book);
        return await next(context);
    }

    private PartyRole Least =>
        audience switch
        {
            Audience.Reader => PartyRole.Follower,
            Audience.Writer => PartyRole.Member,
            _ => PartyRole.Keeper,
        };

    private static Task<PartyRole?> RoleAsync(HttpContext http, Guid book) =>
        http.RequestServices.GetRequiredService<PartyStore>().RoleAsync(http.User.PersonId(), book, http.RequestAborted);

    private static Problem NoSuchBook =>
        new("/problems/no-such-book", "There is no such book.", 404, "There is no such book, or it is not shared with you.", []);

    private static Problem NotAllowed(PartyRole role) =>
        new(
            "/problems/not-allowed",
            "That is not yours to do.",
            403,
            role == PartyRole.Follower
                ? "You follow this trip: you can read it. Ask its keeper to make you a member."
                : "Only the trip's keeper can do that.",
            []
        );
}
