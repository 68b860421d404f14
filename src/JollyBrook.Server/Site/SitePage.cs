using System.Text;
using JollyBrook.Server.Access;

namespace JollyBrook.Server.Site;

/// <summary>The page, with this visit's nonce for the styles it makes while it runs.</summary>
internal sealed class SitePage(string file)
{
    public const string File = "/index.html";

    /// <summary>Stands in the built page where the nonce goes.</summary>
    private const string NonceMark = "__STYLE_NONCE__";

    private readonly string _html = System.IO.File.ReadAllText(file);

    public IResult Answer(HttpContext http, int status)
    {
        http.Response.Headers.CacheControl = "no-cache";
        return Results.Text(_html.Replace(NonceMark, http.StyleNonce(), StringComparison.Ordinal), "text/html", Encoding.UTF8, status);
    }
}
