namespace JollyBrook.Server.Site;

/// <summary>The addresses of the page's rooms, as its router has them: what else is asked for is not there.</summary>
internal static class SiteRooms
{
    public static readonly IReadOnlyList<string> All =
    [
        "now",
        "treat",
        "route",
        "day",
        "winter",
        "body",
        "kit",
        "book",
        "scarce",
        "drills",
        "words",
        "settings",
        "handover",
        "choose",
        "join",
        "more",
        "start",
    ];

    /// <summary>Whether an address is one a person would open, and not one programs talk to.</summary>
    public static bool IsForPeople(PathString path) =>
        !path.StartsWithSegments("/api")
        && !path.StartsWithSegments("/openapi")
        && !path.StartsWithSegments("/health")
        && !path.StartsWithSegments("/metrics");
}
