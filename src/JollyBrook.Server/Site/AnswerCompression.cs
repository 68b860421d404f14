using System.IO.Compression;
using Microsoft.AspNetCore.ResponseCompression;

namespace JollyBrook.Server.Site;

/// <summary>
/// Answers to be read over a poor line go out compressed: records and calculations alone, which hold no secret that a guess beside it could
/// be measured against.
/// </summary>
internal static class AnswerCompression
{
    private static readonly string[] Compressed = ["/api/books", "/api/calc"];

    public static void AddAnswerCompression(this IServiceCollection services)
    {
        services.AddResponseCompression(options =>
        {
            options.EnableForHttps = true;
            options.MimeTypes = ["application/json"];
            options.Providers.Add<BrotliCompressionProvider>();
            options.Providers.Add<GzipCompressionProvider>();
        });
        services.Configure<BrotliCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest);
        services.Configure<GzipCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest);
    }

    public static void UseAnswerCompression(this IApplicationBuilder app) =>
        app.UseWhen(
            context => Array.Exists(Compressed, path => context.Request.Path.StartsWithSegments(path, StringComparison.OrdinalIgnoreCase)),
            branch => branch.UseResponseCompression()
        );
}
