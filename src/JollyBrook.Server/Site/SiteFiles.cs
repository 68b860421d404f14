using JollyBrook.Server.Access;
using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;

namespace JollyBrook.Server.Site;

/// <summary>
/// Serves the built page: compressed files as they lie beside the plain ones, and the page itself for every room's address.
/// </summary>
internal static class SiteFiles
{
    private const string Brotli = ".br";
    private static readonly string[] GetAndHead = [HttpMethods.Get, HttpMethods.Head];

    public static void UseSiteFiles(this WebApplication app, string? folder)
    {
        if (folder is null)
        {
            return;
        }

        if (!File.Exists(Path.Combine(folder, "index.html")))
        {
            throw new InvalidOperationException($"There is no built page in '{folder}'. Build it with ./run.");
        }

        var files = new PhysicalFileProvider(folder);
        var types = new FileExtensionContentTypeProvider();
        types.Mappings[".dat"] = "application/octet-stream";
        types.Mappings[".pmtiles"] = "application/octet-stream";
        types.Mappings[".webmanifest"] = "application/manifest+json";

        app.Use(
            (context, next) =>
            {
                PreferCompressed(context, files);
                return next(context);
            }
        );
        app.UseStaticFiles(
            new StaticFileOptions
            {
                FileProvider = files,
                ContentTypeProvider = new CompressedContentType(types),
                OnPrepareResponse = served => Describe(served.Context),
            }
        );

        // A browser would keep on saying that a file is missing which has come back since.
        app.Use(
            (context, next) =>
            {
                if (IsNamedByContent(context.Request.Path.Value ?? "/"))
                {
                    context.Response.Headers.CacheControl = "no-store";
                }

                return next(context);
            }
        );
    }

    /// <summary>A room's address opened directly, or reloaded, gets the page; an unknown API address stays a 404.</summary>
    public static void MapSitePage(this WebApplication app, string? folder)
    {
        if (folder is null)
        {
            return;
        }

        var page = new SitePage(Path.Combine(folder, "index.html"));
        app.MapMethods("/", GetAndHead, (HttpContext http) => page.Answer(http, StatusCodes.Status200OK))
            .ExcludeFromDescription()
            .For(Audience.Anyone);
        foreach (var room in SiteRooms.All)
        {
            app.MapMethods($"/{room}/{{**rest:nonfile}}", GetAndHead, (HttpContext http) => page.Answer(http, StatusCodes.Status200OK))
                .ExcludeFromDescription()
                .For(Audience.Anyone);
        }

        // A page all the same, which leads on; but not one that is there.
        app.MapFallback("{*path:nonfile}", (HttpContext http) =>
                SiteRooms.IsForPeople(http.Request.Path) ? page.Answer(http, StatusCodes.Status404NotFound) : Results.NotFound()
            )
            .For(Audience.Anyone);
    }

    private static void PreferCompressed(HttpContext context, PhysicalFileProvider files)
    {
        // The page itself is written anew for each visit.
        var path = context.Request.Path.Value ?? "/";
        if (path == SitePage.File)
        {
            context.Request.Path = "/";
        }
        else if (
            HttpMethods.IsGet(context.Request.Method)
            && context.Request.Headers.AcceptEncoding.ToString().Contains("br", StringComparison.Ordinal)
            && files.GetFileInfo(path + Brotli).Exists
        )
        {
            context.Request.Path = path + Brotli;
        }
    }

    private static void Describe(HttpContext context)
    {
        var path = context.Request.Path.Value!;
        var headers = context.Response.Headers;
        if (path.EndsWith(Brotli, StringComparison.Ordinal))
        {
            headers.ContentEncoding = "br";
        }

        headers.Vary = "Accept-Encoding";
        headers.CacheControl = IsNamedByContent(path) ? "public, max-age=31536000, immutable" : "no-cache";
    }

    /// <summary>Files whose names change with their content may be kept for good; the rest are asked for again each time.</summary>
    private static bool IsNamedByContent(string path) =>
        path.StartsWith("/assets/", StringComparison.Ordinal)
        || (
            path.StartsWith("/_framework/", StringComparison.Ordinal) && !path.StartsWith("/_framework/dotnet.js", StringComparison.Ordinal)
        );

    /// <summary>Names the type of the file inside a compressed one.</summary>
    private sealed class CompressedContentType(FileExtensionContentTypeProvider inner) : IContentTypeProvider
    {
        public bool TryGetContentType(string subpath, out string contentType) =>
            inner.TryGetContentType(
                subpath.EndsWith(Brotli, StringComparison.Ordinal) ? subpath[..^Brotli.Length] : subpath,
                out contentType!
            );
    }
}
