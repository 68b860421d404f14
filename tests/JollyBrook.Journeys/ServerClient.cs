using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>Someone who talks to the server without a browser: cookies and form token of their own.</summary>
public sealed class ServerClient : IDisposable
{
    public const string OwnerName = "Ilva";
    public const string Passphrase = "four wet boots and a kettle";
    private readonly CookieContainer _cookies = new();
    private readonly Uri _address;

    public ServerClient(string address)
    {
        _address = new Uri(address);
        Http = new HttpClient(new SocketsHttpHandler { CookieContainer = _cookies })
        {
            BaseAddress = _address,
            Timeout = TimeSpan.FromSeconds(30),
        };
    }

    public HttpClient Http { get; }

    public JsonElement About { get; private set; }

    public Guid PersonId => About.GetProperty("person").GetProperty("id").GetGuid();

    public IEnumerable<Guid> Books => About.GetProperty("books").EnumerateArray().Select(b => b.GetProperty("id").GetGuid());

    public IEnumerable<Cookie> Cookies => _cookies.GetCookies(_address);

    public async Task AskAboutAsync()
    {
        About = await Http.GetFromJsonAsync<JsonElement>("/api/about");
        Http.DefaultRequestHeaders.Remove("X-Form-Token");
        Http.DefaultRequestHeaders.Add("X-Form-Token", About.GetProperty("formToken").GetString());
    }

    /// <summary>Signs the owner in, making the account on the first start.</summary>
    public async Task SignInAsync()
    {
        await AskAboutAsync();
        var state = About.GetProperty("state").GetString();
        if (state != "signedIn")
        {
            var path = state == "needsOwner" ? "/api/account/owner" : "/api/account/sign-in";
            using var response = await PostAsync(path, JsonSerializer.Serialize(new { name = OwnerName, passphrase = Passphrase }));
            response.EnsureSuccessStatusCode();
            await AskAboutAsync();
        }
    }

    public Task<HttpResponseMessage> PostAsync(string path, string json) => Http.PostAsync(path, Json(json));

    /// <summary>Keeps a record in the person's own book; a refusal fails the test with what the server says.</summary>
    public async Task KeepAsync(string kind, Guid id, string body)
    {
        using var kept = await PutRecordAsync(PersonId, kind, id, body);
        kept.IsSuccessStatusCode.ShouldBeTrue(await kept.Content.ReadAsStringAsync());
    }

    public Task<HttpResponseMessage> PutRecordAsync(
        Guid book,
        string kind,
        Guid id,
        string body,
        long? baseRevision = null,
        CancellationToken cancellation = default
    ) =>
        Http.PutAsync(
            $"/api/books/{book}/records/{kind}/{id}",
            Json(
                $$"""{"baseRevision":{{baseRevision?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "null"}},"body":{{body}}}"""
            ),
            cancellation
        );

    /// <summary>Every record of a book, oldest first.</summary>
    public async Task<IReadOnlyList<JsonElement>> RecordsAsync(Guid book)
    {
        List<JsonElement> all = [];
        for (long since = 0; ; )
        {
            var page = await Http.GetFromJsonAsync<JsonElement>($"/api/books/{book}/changes?since={since}");
            all.AddRange(page.GetProperty("records").EnumerateArray());
            since = page.GetProperty("revision").GetInt64();
            if (!page.GetProperty("more").GetBoolean())
            {
                return all;
            }
        }
    }

    public void Dispose() => Http.Dispose();

    private static StringContent Json(string text) => new(text, Encoding.UTF8, "application/json");
}
