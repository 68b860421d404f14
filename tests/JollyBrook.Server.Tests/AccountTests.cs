using System.Net;
using System.Text.Json;
using JollyBrook.Data.People;
using Microsoft.AspNetCore.Identity;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Server.Tests;

public sealed class AccountTests : IDisposable
{
    private readonly RunningServer _server = new(makeOwner: false);

    public void Dispose() => _server.Dispose();

    private static string Owner(string name, string passphrase, string? code = null) =>
        JsonSerializer.Serialize(
            new
            {
                name,
                passphrase,
                code,
            }
        );

    private async Task<JsonElement> MakeOwnerAsync() =>
        await _server.Owner.PostForAsync("/api/account/owner", Owner("Ilva", Visitor.Passphrase));

    private static async Task<string> MessageAsync(HttpResponseMessage response)
    {
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        return JsonDocument
            .Parse(await response.Content.ReadAsStringAsync())
            .RootElement.GetProperty("errors")[0]
            .GetProperty("message")
            .GetString()!;
    }

    [Fact]
    public async Task The_first_visit_makes_the_owner_and_no_one_after_it()
    {
        _server.Owner.About.GetProperty("state").GetString().ShouldBe("needsOwner");
        (await MakeOwnerAsync()).GetProperty("codes").GetArrayLength().ShouldBe(10);
        _server.Owner.About.GetProperty("state").GetString().ShouldBe("signedIn");

        using var late = _server.NewVisitor();
        (await late.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");
        (await MessageAsync(await late.PostAsync("/api/account/owner", Owner("Late", Visitor.Passphrase)))).ShouldContain(
            "has been made already"
        );
    }

    [Fact]
    public async Task Two_first_visits_at_once_make_one_owner()
    {
        var visitors = Enumerable.Range(0, 6).Select(_ => _server.NewVisitor()).ToList();
        await Task.WhenAll(visitors.Select(v => v.AskAboutAsync()));
        var answers = await Task.WhenAll(
            visitors.Select((v, i) => v.PostAsync("/api/account/owner", Owner($"Owner {i}", Visitor.Passphrase)))
        );
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(1);
        _server.Execute("SELECT COUNT(*) FROM people").ShouldBe(1L);
    }

    [Fact]
    public async Task From_another_machine_the_first_visit_wants_the_printed_code()
    {
        using var far = _server.NewVisitor();
        far.Client.DefaultRequestHeaders.Add(RunningServer.From, "192.0.2.7");
        (await far.AskAboutAsync()).GetProperty("wantsCode").GetBoolean().ShouldBeTrue();
        (await MessageAsync(await far.PostAsync("/api/account/owner", Owner("Ilva", Visitor.Passphrase, "guess")))).ShouldContain(
            "printed where the server runs"
        );

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
    public async Task Wrong_name_and_wrong_passphrase_get_the_same_words_and_five_wrong_ones_a_wait()
    {
        await MakeOwnerAsync();
        using var guesser = _server.NewVisitor();
        await guesser.AskAboutAsync();
        var unknown = await MessageAsync(await guesser.SignInAsync("Nobody here"));
        for (var i = 0; i < 5; i++)
        {
            (await MessageAsync(await guesser.SignInAsync("Ilva", "not the right passphrase"))).ShouldBe(unknown);
        }

        var refused = await guesser.SignInAsync("Ilva"); // right, and too late
        refused.StatusCode.ShouldBe(HttpStatusCode.TooManyRequests);
        refused.Headers.RetryAfter!.Delta!.Value.TotalMinutes.ShouldBe(5, 0.5);
        _server.Time.Advance(TimeSpan.FromMinutes(5));
        (await guesser.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    /// <summary>An unknown name costs the one comparison that a wrong passphrase costs, so that the wait tells nothing.</summary>
    [Fact]
    public async Task An_unknown_name_takes_the_work_of_a_wrong_passphrase()
    {
        var hasher = new CountingHasher();
        using var server = new RunningServer(services: s => s.AddSingleton<IPasswordHasher<Person>>(hasher));
        using var guesser = server.NewVisitor();
        await guesser.AskAboutAsync();
        foreach (var name in new[] { "Ilva", "Nobody here", "", "Nobody here" })
        {
            hasher.Compared = 0;
            await MessageAsync(await guesser.SignInAsync(name, "not the right passphrase"));
            hasher.Compared.ShouldBe(1, name);
        }
    }

    private sealed class CountingHasher : IPasswordHasher<Person>
    {
        private readonly PasswordHasher<Person> _real = new();

        public int Compared { get; set; }

        public string HashPassword(Person user, string password) => _real.HashPassword(user, password);

        public PasswordVerificationResult VerifyHashedPassword(Person user, string hashedPassword, string providedPassword)
        {
            Compared++;
            return _real.VerifyHashedPassword(user, hashedPassword, providedPassword);
        }
    }

    /// <summary>Who knows a name can't keep its person out: the wait is the guesser's own, and a code works through it.</summary>
    [Fact]
    public async Task A_guesser_locks_out_nobody_but_themselves()
    {
        var codes = (await MakeOwnerAsync()).GetProperty("codes").EnumerateArray().Select(c => c.GetString()!).ToList();
        using var guesser = _server.NewVisitor();
        guesser.Client.DefaultRequestHeaders.Add(RunningServer.From, "192.0.2.66");
        await guesser.AskAboutAsync();
        // Many at once are as many.
        var answers = await Task.WhenAll(Enumerable.Range(0, 20).Select(_ => guesser.SignInAsync("Ilva", "not the right passphrase")));
        answers.Count(a => a.StatusCode == HttpStatusCode.BadRequest).ShouldBe(5);
        answers.Count(a => a.StatusCode == HttpStatusCode.TooManyRequests).ShouldBe(15);

        using var ilva = _server.NewVisitor();
        ilva.Client.DefaultRequestHeaders.Add(RunningServer.From, "198.51.100.4");
        await ilva.AskAboutAsync();
        (await ilva.SignInAsync("Ilva")).StatusCode.ShouldBe(HttpStatusCode.OK);
        var recover = JsonSerializer.Serialize(
            new
            {
                name = "Ilva",
                code = codes[0],
                passphrase = "three stones and a cold stream",
            }
        );
        (await guesser.PostAsync("/api/account/recover", recover)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    /// <summary>One subscriber may hold a whole /64: all of it counts as one.</summary>
    [Fact]
    public async Task A_network_of_IPv6_is_one_address()
    {
        await MakeOwnerAsync();
        for (var i = 0; i < 5; i++)
        {
            (await FromAsync($"2001:db8:1:2::{i + 1}")).ShouldBe(HttpStatusCode.BadRequest);
        }

        (await FromAsync("2001:db8:1:2:ffff::9")).ShouldBe(HttpStatusCode.TooManyRequests);
        (await FromAsync("2001:db8:1:3::1")).ShouldBe(HttpStatusCode.BadRequest);

        async Task<HttpStatusCode> FromAsync(string address)
        {
            using var guesser = _server.NewVisitor();
            guesser.Client.DefaultRequestHeaders.Add(RunningServer.From, address);
            await guesser.AskAboutAsync();
            return (await guesser.SignInAsync("Ilva", "not the right passphrase")).StatusCode;
        }
    }

    /// <summary>A double tap: one of both sets the passphrase, and no code is used up for nothing.</summary>
    [Fact]
    public async Task A_code_sent_twice_sets_the_passphrase_once()
    {
        var codes = (await MakeOwnerAsync()).GetProperty("codes").EnumerateArray().Select(c => c.GetString()!).ToList();
        using var phone = _server.NewVisitor();
        await phone.AskAboutAsync();
        var recover = JsonSerializer.Serialize(
            new
            {
                name = "Ilva",
                code = codes[0],
                passphrase = "three stones and a cold stream",
            }
        );
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(_ => phone.Client.PostAsync("/api/account/recover", RunningServer.Json(recover)))
        );
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(1);
        _server.Execute("SELECT COUNT(*) FROM recovery_codes").ShouldBe(9L);
        using var laptop = _server.NewVisitor();
        await laptop.AskAboutAsync();
        (await laptop.SignInAsync("Ilva", "three stones and a cold stream")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    /// <summary>A copy of the cookie is worth nothing once its device has signed out; another device's own is not touched.</summary>
    [Fact]
    public async Task Signing_out_ends_the_cookie_itself()
    {
        await MakeOwnerAsync();
        using var phone = _server.NewVisitor();
        await phone.AskAboutAsync();
        var cookie = (await phone.SignInAsync("Ilva"))
            .Headers.GetValues("Set-Cookie")
            .First(c => c.StartsWith("jolly-brook=", StringComparison.Ordinal))
            .Split(';')[0];
        using var thief = _server.Factory.CreateClient(
            new Microsoft.AspNetCore.Mvc.Testing.WebApplicationFactoryClientOptions { HandleCookies = false }
        );
        thief.DefaultRequestHeaders.Add("Cookie", cookie);
        var book = $"/api/books/{phone.PersonId}/changes";
        (await thief.GetAsync(book)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await phone.PostAsync("/api/account/sign-out", "{}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await thief.GetAsync(book)).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await _server.Client.GetAsync(book)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    /// <summary>The answer to a name nobody has is the same in words, and does the same work: a passphrase is hashed for it too.</summary>
    [Fact]
    public async Task A_name_nobody_has_is_answered_alike_and_hashed_alike()
    {
        await MakeOwnerAsync();
        using var guesser = _server.NewVisitor();
        await guesser.AskAboutAsync();
        string Recover(string name) =>
            JsonSerializer.Serialize(
                new
                {
                    name,
                    code = "aaaa-aaaa-aaaa-aaaa",
                    passphrase = $"{name} and three stones beside it",
                }
            );
        (await MessageAsync(await guesser.PostAsync("/api/account/recover", Recover("Ilva")))).ShouldBe(
            await MessageAsync(await guesser.PostAsync("/api/account/recover", Recover("Nobody here")))
        );
        // A passphrase that is little more than the name is judged by what was typed, whoever has that name.
        string Weak(string name) =>
            JsonSerializer.Serialize(
                new
                {
                    name,
                    code = "aaaa-aaaa-aaaa-aaaa",
                    passphrase = $"{name} jolly brook 1",
                }
            );
        (await MessageAsync(await guesser.PostAsync("/api/account/recover", Weak("Torrenius")))).ShouldContain(
            "little more than your name"
        );
    }

    [Theory]
    [InlineData("Ilva", "\u0406lva")] // Ukrainian capital I
    [InlineData("Ilva", "llva")] // a small l
    [InlineData("Ilva", "I\u200Blva")] // nothing that can be seen
    [InlineData("Ilva", "Ilv\u0430")] // Cyrillic a
    [InlineData("Ilva", "  ILVA ")]
    [InlineData("Ilva", "\uFF29\uFF4C\uFF56\uFF41")] // full width
    [InlineData("Ilva", "I\u0301lva")]
    [InlineData("Torren", "Torr\u0435n")]
    [InlineData("Maud", "rnaud")]
    public void Names_that_look_alike_are_the_same(string one, string other) =>
        Accounts.PersonNames.Sameness(other).ShouldBe(Accounts.PersonNames.Sameness(one));

    [Theory]
    [InlineData("Ilva", "Elva")]
    [InlineData("川", "山")]
    [InlineData("Ада", "Ида")]
    [InlineData("Ann", "Anne")]
    public void Names_that_do_not_are_not(string one, string other) =>
        Accounts.PersonNames.Sameness(other).ShouldNotBe(Accounts.PersonNames.Sameness(one));

    [Fact]
    public async Task Nobody_joins_under_a_name_that_passes_for_another()
    {
        await MakeOwnerAsync();
        var trip = await _server.Owner.MakeTripAsync();
        var secret = await _server.Owner.InviteAsync(trip);
        using var guest = _server.NewVisitor();
        await guest.AskAboutAsync();
        (
            await MessageAsync(
                await guest.PostAsync(
                    "/api/account/join",
                    JsonSerializer.Serialize(
                        new
                        {
                            secret,
                            name = "\u0406lva",
                            passphrase = Visitor.Passphrase,
                        }
                    )
                )
            )
        ).ShouldContain("looks like it");
        (
            await MessageAsync(
                await guest.PostAsync(
                    "/api/account/join",
                    JsonSerializer.Serialize(
                        new
                        {
                            secret,
                            name = "\u200B\u2060",
                            passphrase = Visitor.Passphrase,
                        }
                    )
                )
            )
        ).ShouldContain("1 to 60");
    }

    /// <summary>A link for twelve makes twelve accounts, however many come at once.</summary>
    [Fact]
    public async Task A_link_makes_no_more_accounts_than_it_has_uses()
    {
        await MakeOwnerAsync();
        var secret = await _server.Owner.InviteAsync(await _server.Owner.MakeTripAsync());
        var answers = await Task.WhenAll(
            "bcdefghjkmnpqrst".Select(async letter =>
            {
                using var guest = _server.NewVisitor();
                await guest.AskAboutAsync();
                return (
                    await guest.PostAsync(
                        "/api/account/join",
                        JsonSerializer.Serialize(
                            new
                            {
                                secret,
                                name = $"Guest {letter}{letter}",
                                passphrase = Visitor.Passphrase,
                            }
                        )
                    )
                ).StatusCode;
            })
        );
        answers.Count(a => a == HttpStatusCode.OK).ShouldBe(12);
        _server.Execute("SELECT COUNT(*) FROM people").ShouldBe(13L);
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

        (
            await MessageAsync(
                await _server.Owner.PostAsync("/api/account/passphrase", $$"""{"now":"wrong one altogether","next":"{{next}}"}""")
            )
        ).ShouldContain("do not go together");
        (
            await _server.Owner.PostAsync("/api/account/passphrase", $$"""{"now":"{{Visitor.Passphrase}}","next":"{{next}}"}""")
        ).StatusCode.ShouldBe(HttpStatusCode.OK);

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
        string Recover(string code, string passphrase) =>
            JsonSerializer.Serialize(
                new
                {
                    name = "Ilva",
                    code,
                    passphrase,
                }
            );

        // As a tired hand copies it: capitals, no dashes.
        (
            await phone.PostAsync(
                "/api/account/recover",
                Recover(codes[3].ToUpperInvariant().Replace('-', ' '), "three stones and a cold stream")
            )
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        phone.About.GetProperty("state").GetString().ShouldBe("signedIn");
        (await _server.Owner.AskAboutAsync()).GetProperty("state").GetString().ShouldBe("signedOut");

        (await MessageAsync(await phone.PostAsync("/api/account/recover", Recover(codes[3], "another one altogether here")))).ShouldContain(
            "has been used"
        );
        // A weak passphrase uses no code up.
        (await MessageAsync(await phone.PostAsync("/api/account/recover", Recover(codes[4], "weak")))).ShouldContain("15 to 128");
        (await phone.PostAsync("/api/account/recover", Recover(codes[4], "another one altogether here"))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );

        var fresh = await phone.PostForAsync("/api/account/recovery-codes", """{"passphrase":"another one altogether here"}""");
        fresh.GetProperty("codes").GetArrayLength().ShouldBe(10);
        (
            await MessageAsync(await phone.PostAsync("/api/account/recover", Recover(codes[5], "the old codes no longer hold")))
        ).ShouldContain("do not go together");
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
        foreach (
            var (header, value) in new[] { (RunningServer.From, "192.0.2.7"), ("X-Forwarded-For", "192.0.2.7"), ("Host", "water.example") }
        )
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
        var kept = string.Concat(
            Directory.GetFiles(_server.Folder, "jolly-brook.db*").Select(f => System.Text.Encoding.Latin1.GetString(ReadShared(f)))
        );
        kept.ShouldContain("Ilva");
        kept.ShouldNotContain(Visitor.Passphrase);
        kept.ShouldNotContain(codes[0]);
        kept.ShouldNotContain(codes[0].Replace("-", ""));
    }

    private static byte[] ReadShared(string file)
    {
        using var stream = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return copy.ToArray();
    }
}
