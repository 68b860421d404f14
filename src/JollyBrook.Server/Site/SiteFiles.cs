using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;

namespace JollyBrook.Server.Site;

/// <summary>Serves the built page: compressed files as they lie beside the plain ones, and the page itself for every room's address.</summary>
internal static class SiteFiles
{
    private const string Brotli = ".br";

    public static void UseSite(this WebApplication app, string? folder)
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
        types.Mappings[".webmanifest"] = "application/manifest+json";

        app.Use((context, next) =>
        {
            PreferCompressed(context, files);
            return next(context);
        });
        app.UseStaticFiles(new StaticFileOptions
        {
            FileProvider = files,
            ContentTypeProvider = new CompressedContentType(types),
            OnPrepareResponse = served => Describe(served.Context),
        });

        // Routing comes after the files, or the fallback below would answer for them.
        app.UseRouting();

        // A room's address opened directly, or reloaded, gets the page; an unknown API address stays a 404.
        app.MapFallback("{*path:nonfile:regex(^(?!api/|openapi/).*$)}", (HttpContext context) =>
        {
            context.Response.Headers.CacheControl = "no-cache";
            return Results.File(Path.Combine(folder, "index.html"), "text/html; charset=utf-8");
        });
    }

    private static void PreferCompressed(HttpContext context, PhysicalFileProvider files)
    {
        var path = context.Request.Path.Value ?? "/";
        var file = path == "/" ? "/index.html" : path;
        if (HttpMethods.IsGet(context.Request.Method)
            && context.Request.Headers.AcceptEncoding.ToString().Contains("br", StringComparison.Ordinal)
            && files.GetFileInfo(file + Brotli).Exists)
        {
            context.Request.Path = file + Brotli;
        }
        else if (path == "/")
        {
            context.Request.Path = file;
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
        || (path.StartsWith("/_framework/", StringComparison.Ordinal) && !path.StartsWith("/_framework/dotnet.js", StringComparison.Ordinal));

    /// <summary>Names the type of the file inside a compressed one.</summary>
    private sealed class CompressedContentType(FileExtensionContentTypeProvider inner) : IContentTypeProvider
    {
        public bool TryGetContentType(string subpath, out string contentType) => inner.TryGetContentType(
            subpath.EndsWith(Brotli, StringComparison.Ordinal) ? subpath[..^Brotli.Length] : subpath, out contentType!);
    }
}
