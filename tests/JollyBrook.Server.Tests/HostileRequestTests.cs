using System.Net;
using System.Net.Http.Headers;
using System.Text;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace JollyBrook.Server.Tests;

/// <summary>What is sent to do harm: over a real connection, where sizes and headers count.</summary>
public sealed class HostileRequestTests : IDisposable
{
    private const string Bottle = """{"kind":"container","name":"Bottle","volumeL":1}""";
    private readonly string _folder = Directory.CreateTempSubdirectory("jolly-brook-hostile-").FullName;
    private readonly WebApplicationFactory<Program> _factory;
    private readonly Visitor _owner;

    public HostileRequestTests()
    {
        _factory = new WebApplicationFactory<Program>().WithWebHostBuilder(web =>
            web.UseSetting("data", _folder).UseSetting("local", "true")
        );
        _factory.UseKestrel(0);
        _owner = new Visitor(_factory.CreateClient());
        _owner.AskAboutAsync().GetAwaiter().GetResult();
        _owner.PostForAsync("/api/account/owner", $$"""{"name":"Ilva","passphrase":"{{Visitor.Passphrase}}"}""").GetAwaiter().GetResult();
    }

    public void Dispose()
    {
        _factory.Dispose();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    [Theory]
    [InlineData("PUT", "records/kit-item/01980000-0000-7000-8000-000000000001")]
    [InlineData("POST", "restore?mode=replace")]
    public async Task A_body_of_50_MB_is_turned_away(string method, string path)
    {
        await _owner.PutRecordAsync(_owner.PersonId, "kit-item", Guid.CreateVersion7(), Bottle);
        using var request = new HttpRequestMessage(new HttpMethod(method), $"/api/books/{_owner.PersonId}/{path}")
        {
            Content = new ByteArrayContent(new byte[50 * 1024 * 1024])
            {
                Headers = { ContentType = new MediaTypeHeaderValue("application/json") },
            },
        };
        request.Headers.ExpectContinue = true;
        try
        {
            using var response = await _owner.Client.SendAsync(request);
            response.StatusCode.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
        }
        catch (HttpRequestException)
        {
            // The server hung up in the middle of it, which is as clear.
        }

        (await _owner.ChangesAsync(_owner.PersonId)).GetProperty("revision").GetInt64().ShouldBe(1);
    }

    [Fact]
    public async Task A_record_over_1_MB_is_turned_away_and_a_backup_of_that_size_is_not()
    {
        var long_ = new string(' ', 1_200_000);
        (await _owner.PutRecordAsync(_owner.PersonId, "kit-item", Guid.CreateVersion7(), Bottle + long_)).StatusCode.ShouldBe(
            HttpStatusCode.RequestEntityTooLarge
        );
        (
            await _owner.PostAsync(
                $"/api/books/{_owner.PersonId}/restore?mode=merge",
                """{"format":"jolly-brook-backup","version":1,"records":[]}""" + long_
            )
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Theory]
    [InlineData("../../etc/passwd")]
    [InlineData("01980000-0000-7000-8000-00000000000g")]
    [InlineData("' OR 1=1 --")]
    [InlineData("00000000-0000-0000-0000-000000000000")]
    [InlineData("%00")]
    public async Task An_id_that_is_none_finds_and_keeps_nothing(string id)
    {
        var escaped = Uri.EscapeDataString(id);
        var read = await _owner.Client.GetAsync($"/api/books/{_owner.PersonId}/records/kit-item/{escaped}");
        ((int)read.StatusCode).ShouldBeInRange(400, 499);
        var book = await _owner.Client.GetAsync($"/api/books/{escaped}/changes");
        ((int)book.StatusCode).ShouldBeInRange(400, 499);
        var put = await _owner.PutJsonAsync(
            $"/api/books/{_owner.PersonId}/records/kit-item/{escaped}",
            $$"""{"baseRevision":null,"body":{{Bottle}}}"""
        );
        ((int)put.StatusCode).ShouldBeInRange(400, 499);
        (await _owner.ChangesAsync(_owner.PersonId)).GetProperty("records").GetArrayLength().ShouldBe(0);
    }

    [Theory]
    [InlineData("jolly-brook=forged")]
    [InlineData("jolly-brook=CfDJ8AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA")]
    [InlineData("jolly-brook=; jolly-brook=%00%ff; jolly-brook-form=x")]
    public async Task A_forged_cookie_is_nobody(string cookie)
    {
        using var client = new HttpClient(new SocketsHttpHandler { UseCookies = false }) { BaseAddress = _owner.Client.BaseAddress };
        client.DefaultRequestHeaders.Add("Cookie", cookie);
        (await client.GetAsync($"/api/books/{_owner.PersonId}/changes")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (
            await client.PutAsync($"/api/books/{_owner.PersonId}/records/kit-item/{Guid.CreateVersion7()}", RunningServer.Json("{}"))
        ).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await client.GetStringAsync("/api/about")).ShouldContain("signedOut");
    }

    [Fact]
    public async Task A_persons_cookie_does_not_open_another_persons_book_by_changing_the_address()
    {
        var trip = await _owner.MakeTripAsync();
        using var guest = new Visitor(_factory.CreateClient());
        await guest.JoinAsync(await _owner.InviteAsync(trip, "follower"), "Maud");
        foreach (var path in new[] { "changes", "restore", $"records/settings/{_owner.PersonId}" })
        {
            (await guest.Client.GetAsync($"/api/books/{_owner.PersonId}/{path}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        }
    }

    [Fact]
    public async Task Every_answer_carries_the_policy_and_no_name_of_the_server()
    {
        foreach (var path in new[] { "/api/about", "/api/nowhere", $"/api/books/{_owner.PersonId}/changes" })
        {
            using var response = await _owner.Client.GetAsync(path);
            var policy = response.Headers.GetValues("Content-Security-Policy").Single();
            policy.ShouldContain("default-src 'none'");
            policy.ShouldContain("script-src 'self' 'wasm-unsafe-eval';");
            policy.ShouldNotContain("unsafe-inline");
            policy.ShouldNotContain("http");
            policy.ShouldContain("frame-ancestors 'none'");
            response.Headers.GetValues("X-Content-Type-Options").Single().ShouldBe("nosniff");
            response.Headers.Contains("Server").ShouldBeFalse();
        }
    }

    [Fact]
    public async Task Bytes_that_are_no_text_are_refused_in_words()
    {
        var junk = new ByteArrayContent([0xff, 0xfe, 0x00, 0x80, 0x7b])
        {
            Headers = { ContentType = new MediaTypeHeaderValue("application/json") },
        };
        using var response = await _owner.Client.PutAsync($"/api/books/{_owner.PersonId}/records/kit-item/{Guid.CreateVersion7()}", junk);
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        Encoding.UTF8.GetString(await response.Content.ReadAsByteArrayAsync()).ShouldContain("cut short or is not JSON");
    }
}
