using System.Net;
using System.Net.Http.Json;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

/// <summary>One browser's worth of cookies and form token, over HTTP.</summary>
public sealed class Visitor(HttpClient client) : IDisposable
{
    public const string Passphrase = "four wet boots and a kettle";

    public HttpClient Client { get; } = client;

    public JsonElement About { get; private set; }

    public Guid PersonId => About.GetProperty("person").GetProperty("id").GetGuid();

    /// <summary>Asks who it is, and takes the form token that goes with it.</summary>
    public async Task<JsonElement> AskAboutAsync()
    {
        About = await Client.GetFromJsonAsync<JsonElement>("/api/about");
        Client.DefaultRequestHeaders.Remove("X-Form-Token");
        Client.DefaultRequestHeaders.Add("X-Form-Token", About.GetProperty("formToken").GetString());
        return About;
    }

    public async Task<HttpResponseMessage> PostAsync(string path, string json)
    {
        var response = await Client.PostAsync(path, RunningServer.Json(json));
        if (path.StartsWith("/api/account/", StringComparison.Ordinal) && response.IsSuccessStatusCode)
        {
            await AskAboutAsync();
        }

        return response;
    }

    public async Task<JsonElement> PostForAsync(string path, string json)
    {
        var response = await PostAsync(path, json);
        var text = await response.Content.ReadAsStringAsync();
        response.StatusCode.ShouldBe(HttpStatusCode.OK, text);
        return JsonDocument.Parse(text).RootElement;
    }

    public Task<HttpResponseMessage> PutJsonAsync(string path, string json) => Client.PutAsync(path, RunningServer.Json(json));

    public Task<HttpResponseMessage> SignInAsync(string name, string passphrase = Passphrase) =>
        PostAsync("/api/account/sign-in", JsonSerializer.Serialize(new { name, passphrase }));

    public Task<HttpResponseMessage> PutRecordAsync(Guid book, string kind, Guid id, string body, long? baseRevision = null) =>
        PutJsonAsync(
            $"/api/books/{book}/records/{kind}/{id}",
            $$"""{"baseRevision":{{baseRevision?.ToString() ?? "null"}},"body":{{body}}}"""
        );

    public Task<JsonElement> ChangesAsync(Guid book, long since = 0) =>
        Client.GetFromJsonAsync<JsonElement>($"/api/books/{book}/changes?since={since}");

    /// <summary>Makes a trip and returns its id.</summary>
    public async Task<Guid> MakeTripAsync(string name = "Over the ridge")
    {
        var trip = Guid.CreateVersion7();
        (await PutJsonAsync($"/api/trips/{trip}", JsonSerializer.Serialize(new { name }))).StatusCode.ShouldBe(HttpStatusCode.OK);
        return trip;
    }

    /// <summary>Makes an invitation and returns its secret.</summary>
    public async Task<string> InviteAsync(Guid trip, string role = "member") =>
        (await PostForAsync($"/api/trips/{trip}/invitations", $$"""{"role":"{{role}}"}""")).GetProperty("secret").GetString()!;

    /// <summary>Makes an account of its own by an invitation.</summary>
    public async Task JoinAsync(string secret, string name)
    {
        await AskAboutAsync();
        await PostForAsync(
            "/api/account/join",
            JsonSerializer.Serialize(
                new
                {
                    secret,
                    name,
                    passphrase = Passphrase,
                }
            )
        );
    }

    public void Dispose() => Client.Dispose();
}
