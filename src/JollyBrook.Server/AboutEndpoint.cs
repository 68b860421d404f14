namespace JollyBrook.Server;

/// <param name="StoreId">Which store this is; a page keeps one local store for each.</param>
/// <param name="Demo">Whether it holds the demo data.</param>
public sealed record About(Guid StoreId, bool Demo);

internal static class AboutEndpoint
{
    public static void MapAbout(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/about", (CurrentPerson person, ServerOptions options) => new About(person.StoreId, options.Demo))
            .WithName("about")
            .WithSummary("Which store this is.");
}
