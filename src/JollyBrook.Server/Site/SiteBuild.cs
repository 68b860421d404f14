namespace JollyBrook.Server.Site;

/// <summary>Which build of the page, and so of the core in it, this server belongs to.</summary>
internal static class SiteBuild
{
    /// <summary>Tells, with a calculation, which build the page that asks is of.</summary>
    public const string Header = "X-Build";

    private const string File = "build.txt";

    /// <summary>The build of the page in a folder; null where there is no page, or it does not say.</summary>
    public static string? In(string? folder) =>
        folder is not null && Path.Combine(folder, File) is var file && System.IO.File.Exists(file)
            ? System.IO.File.ReadAllText(file).Trim()
            : null;

    /// <summary>
    /// Answers 412 to a page of another build: its core may give other answers than this one's, and a page must not mix the two. Who names
    /// no build is answered.
    /// </summary>
    public static TBuilder ForBuild<TBuilder>(this TBuilder routes, string? build)
        where TBuilder : IEndpointConventionBuilder =>
        routes.AddEndpointFilter(
            async (context, next) =>
            {
                var named = context.HttpContext.Request.Headers[Header].ToString();
                return build is null || named.Length == 0 || named == build
                    ? await next(context)
                    : Results.Problem(
                        type: "/problems/other-build",
                        title: "This page is of another build than the server.",
                        detail: "Reload the page for answers of the server's.",
                        statusCode: StatusCodes.Status412PreconditionFailed
                    );
            }
        );
}
