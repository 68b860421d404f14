using System.Net;
using System.Text.Json;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Tests;

public sealed class AccountTests : IDisposable
{
    private readonly RunningServer _server = new(makeOwner: false);

    public void Dispose() => _server.Dispose();

    private static string Owner(string name, string passphrase, string? code = null) => JsonSerializer.Serialize(new { name, passphrase, code });

    private async Task<JsonElement> MakeOwnerAsync() =>
        await _server.Owner.PostForAsync("/api/account/owner", Owner("Ilva", Visitor.Passphrase));

    private static async Task<string> MessageAsync(HttpResponseMessage response)
    {
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        return JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement.GetProperty("errors")[0].GetProperty("message").GetString()!;
    }

    [Fact]
    public async Task The_first_visit_makes_the_owner_and_no_one_after_it()
    {
        _server.Owner.About.GetProperty("state").GetString().ShouldBe("needsOwner");
        (await MakeOwnerAsync()).GetProperty("codes").GetArrayLength().ShouldBe(10);
        _server.Owner.About.GetProperty("state").GetString().ShouldBe("signedIn");

        using var late = _server.NewVisitor();
        (await late.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");
        (await MessageAsync(await late.PostAsync("/api/account/owner", Owner("Late", Visitor.Passphrase)))).ShouldContain("has been made already");
    }

    [Fact]
    public async Task Two_first_visits_at_once_make_one_owner()
    {
        var visitors = Enumerable.Range(0, 6).Select(_ => _server.NewVisitor()).ToList();
        await Task.WhenAll(visitors.Select(v => v.AskAboutAsync()));
        var answers = await Task.WhenAll(visitors.Select((v, i) => v.PostAsync("/api/account/owner", Owner($"Owner {i}", Visitor.Passphrase))));
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(1);
        Execute("SELECT COUNT(*) FROM people").ShouldBe(1L);
    }

    [Fact]
    public async Task From_another_machine_the_first_visit_wants_the_printed_code()
    {
        using var far = _server.NewVisitor();
        far.Client.DefaultRequestHeaders.Add(RunningServer.From, "192.0.2.7");
        (await far.AskAboutAsync()).GetProperty("wantsCode").GetBoolean().ShouldBeTrue();
        (await MessageAsync(await far.PostAsync("/api/account/owner", Owner("Ilva", Visitor.Passphrase, "guess")))).ShouldContain("printed where the server runs");

        var code = ((Start.FirstStart)_server.Factory.Services.GetService(typeof(Start.FirstStart))!).Code;
        (await far.PostAsync("/api/account/owner", Owner("Ilva", Visitor.Passphrase, code))).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Theory]
    [InlineData("short", "15 to 128 characters")]
    [InlineData("fourteen chars", "this has 14")]
    [InlineData("Correct horse battery staple", "among the first that are guessed")]
    [InlineData("123456789012345", "among the first that are guessed")]
    [InlineData("aaaaaaaaaaaaaaaaaaaa", "among the first that are guessed")]
    [InlineData("brookbrookbrookbrook", "among the first that are guessed")]
    [InlineData("Torren Jolly Brook 1", "little more than your name")]
    public async Task A_passphrase_that_is_guessed_at_once_is_refused(string passphrase, string words) =>
        (await MessageAsync(await _server.Owner.PostAsync("/api/account/owner", Owner("Torren", passphrase)))).ShouldContain(words);

    [Theory]
    [InlineData("wet wool by the fire")]
    [InlineData("all lower case words only")]
    [InlineData("høye fjell og kaldt vann")]
    [InlineData("          tea and oats          ")]
    public async Task Long_and_unlikely_is_all_a_passphrase_must_be(string passphrase)
    {
        (await _server.Owner.PostAsync("/api/account/owner", Owner("Ilva", passphrase))).StatusCode.ShouldBe(HttpStatusCode.OK);
        using var other = _server.NewVisitor();
        await other.AskAboutAsync();
        (await other.SignInAsync("ilva", passphrase)).StatusCode.ShouldBe(HttpStatusCode.OK); // names go by letters, not by case
    }

    [Fact]
    public async Task Wrong_name_and_wrong_passphrase_get_the_same_words_and_five_wrong_ones_a_lockout()
    {
        await MakeOwnerAsync();
        using var guesser = _server.NewVisitor();
        await guesser.AskAboutAsync();
        var unknown = await MessageAsync(await guesser.SignInAsync("Nobody here"));
        for (var i = 0; i < 5; i++)
        {
            (await MessageAsync(await guesser.SignInAsync("Ilva", "not the right passphrase"))).ShouldBe(unknown);
        }

        (await MessageAsync(await guesser.SignInAsync("Ilva"))).ShouldBe(unknown); // right, and too late
        LockedOutMinutes().ShouldBe(5, 0.5);
        Execute("UPDATE people SET LockoutEnd = '2026-01-01 00:00:00+00:00'");
        (await guesser.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Sign_out_everywhere_ends_every_visit_at_once()
    {
        await MakeOwnerAsync();
        using var phone = _server.NewVisitor();
        await phone.AskAboutAsync();
        await phone.SignInAsync("Ilva");
        (await phone.Client.GetAsync($"/api/books/{phone.PersonId}/changes")).StatusCode.ShouldBe(HttpStatusCode.OK);

        (await _server.Owner.PostAsync("/api/account/sign-out-everywhere", "{}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);

        (await phone.Client.GetAsync($"/api/books/{phone.PersonId}/changes")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await phone.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");
        _server.Owner.About.GetProperty("state").GetString().ShouldBe("signedOut");
    }

    [Fact]
    public async Task A_changed_passphrase_signs_out_the_others_and_the_old_one_no_longer_holds()
    {
        await MakeOwnerAsync();
        using var phone = _server.NewVisitor();
        await phone.AskAboutAsync();
        await phone.SignInAsync("Ilva");
        const string next = "snow on the far ridge at dusk";

        (await MessageAsync(await _server.Owner.PostAsync("/api/account/passphrase", $$"""{"now":"wrong one altogether","next":"{{next}}"}"""))).ShouldContain("do not go together");
        (await _server.Owner.PostAsync("/api/account/passphrase", $$"""{"now":"{{Visitor.Passphrase}}","next":"{{next}}"}""")).StatusCode.ShouldBe(HttpStatusCode.OK);

        _server.Owner.About.GetProperty("state").GetString().ShouldBe("signedIn");
        (await phone.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");
        (await phone.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await phone.SignInAsync("Ilva", next)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_recovery_code_sets_a_new_passphrase_once()
    {
        var codes = (await MakeOwnerAsync()).GetProperty("codes").EnumerateArray().Select(c => c.GetString()!).ToList();
        codes.Distinct().Count().ShouldBe(10);
        using var phone = _server.NewVisitor();
        await phone.AskAboutAsync();
        string Recover(string code, string passphrase) => JsonSerializer.Serialize(new { name = "Ilva", code, passphrase });

        // As a tired hand copies it: capitals, no dashes.
        (await phone.PostAsync("/api/account/recover", Recover(codes[3].ToUpperInvariant().Replace('-', ' '), "three stones and a cold stream"))).StatusCode.ShouldBe(HttpStatusCode.OK);
        phone.About.GetProperty("state").GetString().ShouldBe("signedIn");
        (await _server.Owner.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");

        (await MessageAsync(await phone.PostAsync("/api/account/recover", Recover(codes[3], "another one altogether here")))).ShouldContain("has been used");
        // A weak passphrase uses no code up.
        (await MessageAsync(await phone.PostAsync("/api/account/recover", Recover(codes[4], "weak")))).ShouldContain("15 to 128");
        (await phone.PostAsync("/api/account/recover", Recover(codes[4], "another one altogether here"))).StatusCode.ShouldBe(HttpStatusCode.OK);

        var fresh = await phone.PostForAsync("/api/account/recovery-codes", """{"passphrase":"another one altogether here"}""");
        fresh.GetProperty("codes").GetArrayLength().ShouldBe(10);
        (await MessageAsync(await phone.PostAsync("/api/account/recover", Recover(codes[5], "the old codes no longer hold")))).ShouldContain("do not go together");
    }

    [Fact]
    public async Task Too_many_tries_from_one_address_have_to_wait()
    {
        using var server = new RunningServer(settings: new() { ["secretTriesPerMinute"] = "3" });
        using var guesser = server.NewVisitor();
        guesser.Client.DefaultRequestHeaders.Add(RunningServer.From, "192.0.2.9");
        await guesser.AskAboutAsync();
        for (var i = 0; i < 3; i++)
        {
            (await guesser.SignInAsync($"Name {i}")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        }

        var refused = await guesser.SignInAsync("Ilva");
        refused.StatusCode.ShouldBe(HttpStatusCode.TooManyRequests);
        refused.Headers.RetryAfter.ShouldNotBeNull();
        // Another address is not held up by it.
        using var other = server.NewVisitor();
        other.Client.DefaultRequestHeaders.Add(RunningServer.From, "192.0.2.10");
        await other.AskAboutAsync();
        (await other.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task The_demo_signs_in_by_itself_on_this_machine_only()
    {
        using var server = new RunningServer(demo: true);
        server.Owner.About.GetProperty("state").GetString().ShouldBe("signedIn");
        foreach (var (header, value) in new[] { (RunningServer.From, "192.0.2.7"), ("X-Forwarded-For", "192.0.2.7"), ("Host", "water.example") })
        {
            using var far = server.NewVisitor();
            far.Client.DefaultRequestHeaders.TryAddWithoutValidation(header, value);
            (await far.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut", header);
            (await far.SignInAsync("Ilva", "")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        }
    }

    [Fact]
    public async Task Cookies_are_for_this_site_alone_and_out_of_scripts_reach()
    {
        await MakeOwnerAsync();
        using var visitor = _server.NewVisitor();
        await visitor.AskAboutAsync();
        var cookies = (await visitor.SignInAsync("Ilva")).Headers.GetValues("Set-Cookie").ToList();
        cookies.ShouldNotBeEmpty();
        cookies.ShouldAllBe(c => c.Contains("samesite=strict") && c.Contains("httponly"));
    }

    [Fact]
    public async Task Passphrases_and_codes_are_kept_as_hashes_alone()
    {
        var codes = (await MakeOwnerAsync()).GetProperty("codes").EnumerateArray().Select(c => c.GetString()!).ToList();
        await _server.Owner.InviteAsync(await _server.Owner.MakeTripAsync());
        SqliteConnection.ClearAllPools();
        var kept = string.Concat(Directory.GetFiles(_server.Folder, "jolly-brook.db*").Select(f => System.Text.Encoding.Latin1.GetString(ReadShared(f))));
        kept.ShouldContain("Ilva");
        kept.ShouldNotContain(Visitor.Passphrase);
        kept.ShouldNotContain(codes[0]);
        kept.ShouldNotContain(codes[0].Replace("-", ""));
    }

    private double LockedOutMinutes() =>
        (DateTimeOffset.Parse((string)Execute("SELECT LockoutEnd FROM people")!, System.Globalization.CultureInfo.InvariantCulture) - DateTimeOffset.UtcNow).TotalMinutes;

    private object? Execute(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={_server.DatabaseFile}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar();
    }

    private static byte[] ReadShared(string file)
    {
        using var stream = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return copy.ToArray();
    }
}
