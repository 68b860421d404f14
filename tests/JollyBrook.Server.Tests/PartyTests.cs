using System.Net;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

public sealed class PartyTests : IDisposable
{
    private const string Source = """{"name":"Ledge seep","class":"seep","alongKm":20.3}""";
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private static IEnumerable<string?> BookNames(JsonElement about) =>
        about.GetProperty("books").EnumerateArray().Select(b => b.GetProperty("name").GetString());

    private static async Task<string> RefusalAsync(HttpResponseMessage response, HttpStatusCode status = HttpStatusCode.BadRequest)
    {
        response.StatusCode.ShouldBe(status);
        return await response.Content.ReadAsStringAsync();
    }

    [Fact]
    public async Task Members_write_in_the_trips_book_and_followers_read_it()
    {
        using var cast = await Cast.MakeAsync(_server);
        var id = Guid.CreateVersion7();
        (await cast.Member.PutRecordAsync(cast.Trip, "trip-source", id, Source)).StatusCode.ShouldBe(HttpStatusCode.OK);

        var seen = (await cast.Follower.ChangesAsync(cast.Trip)).GetProperty("records")[0];
        seen.GetProperty("author").GetGuid().ShouldBe(cast.Member.PersonId);
        seen.GetProperty("body").GetProperty("name").GetString().ShouldBe("Ledge seep");
        (
            await RefusalAsync(
                await cast.Follower.PutRecordAsync(cast.Trip, "trip-source", Guid.CreateVersion7(), Source),
                HttpStatusCode.Forbidden
            )
        ).ShouldContain("You follow this trip");
        // A person's own things have no place in it.
        (
            await RefusalAsync(
                await cast.Member.PutRecordAsync(
                    cast.Trip,
                    "kit-item",
                    Guid.CreateVersion7(),
                    """{"kind":"container","name":"Bottle","volumeL":1}"""
                )
            )
        ).ShouldContain("own book");
    }

    [Fact]
    public async Task Who_is_made_a_member_may_write_and_who_is_removed_sees_nothing_more()
    {
        using var cast = await Cast.MakeAsync(_server);
        var path = $"/api/trips/{cast.Trip}/party/{cast.Follower.PersonId}";
        (await cast.Keeper.PutJsonAsync(path, """{"role":"member"}""")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await cast.Follower.PutRecordAsync(cast.Trip, "trip-source", Guid.CreateVersion7(), Source)).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );

        (await cast.Keeper.Client.DeleteAsync(path)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await cast.Follower.Client.GetAsync($"/api/books/{cast.Trip}/changes")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        BookNames(await cast.Follower.AskAboutAsync()).ShouldNotContain("Over the ridge");
    }

    [Fact]
    public async Task The_keeper_hands_over_before_leaving()
    {
        using var cast = await Cast.MakeAsync(_server);
        (await RefusalAsync(await cast.Keeper.PostAsync($"/api/trips/{cast.Trip}/leave", "{}"))).ShouldContain(
            "Make someone else keeper first"
        );
        (
            await cast.Keeper.PutJsonAsync($"/api/trips/{cast.Trip}/party/{cast.Member.PersonId}", """{"role":"keeper"}""")
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await cast.Keeper.PostAsync($"/api/trips/{cast.Trip}/invitations", """{"role":"member"}""")).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await cast.Keeper.PostAsync($"/api/trips/{cast.Trip}/leave", "{}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await cast.Member.PostAsync($"/api/trips/{cast.Trip}/invitations", """{"role":"member"}""")).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
    }

    [Fact]
    public async Task A_link_holds_for_its_days_and_uses_and_until_it_is_withdrawn()
    {
        var trip = await _server.Owner.MakeTripAsync();
        var made = await _server.Owner.PostForAsync($"/api/trips/{trip}/invitations", """{"role":"follower"}""");
        var (secret, id) = (made.GetProperty("secret").GetString()!, made.GetProperty("invitation").GetProperty("id").GetGuid());
        using var guest = _server.NewVisitor();
        await guest.AskAboutAsync();
        string Link(string s) => JsonSerializer.Serialize(new { secret = s });

        var look = await guest.PostForAsync("/api/invitations/look", Link(secret));
        (look.GetProperty("tripName").GetString(), look.GetProperty("role").GetString()).ShouldBe(("Over the ridge", "follower"));
        (await RefusalAsync(await guest.PostAsync("/api/invitations/look", Link(secret + "x")))).ShouldContain("no longer holds");

        _server.Time.Advance(TimeSpan.FromDays(7.1));
        await guest.AskAboutAsync();
        (await RefusalAsync(await guest.PostAsync("/api/invitations/look", Link(secret)))).ShouldContain("no longer holds");

        var next = await _server.Owner.InviteAsync(trip);
        (await guest.PostAsync("/api/invitations/look", Link(next))).StatusCode.ShouldBe(HttpStatusCode.OK);
        foreach (var open in (await _server.Owner.Client.GetStringAsync($"/api/trips/{trip}/invitations")).Split("\"id\":\"").Skip(1))
        {
            await _server.Owner.Client.DeleteAsync($"/api/trips/{trip}/invitations/{open[..36]}");
        }

        (await RefusalAsync(await guest.PostAsync("/api/invitations/look", Link(next)))).ShouldContain("no longer holds");
        id.ShouldNotBe(Guid.Empty);
    }

    [Fact]
    public async Task Twelve_join_by_one_link_and_no_more_however_fast()
    {
        var trip = await _server.Owner.MakeTripAsync();
        var secret = await _server.Owner.InviteAsync(trip);
        var guests = Enumerable.Range(0, 14).Select(_ => _server.NewVisitor()).ToList();
        await Task.WhenAll(guests.Select(g => g.AskAboutAsync()));
        await Task.WhenAll(
            guests.Select(
                (g, i) =>
                    g.PostAsync(
                        "/api/account/join",
                        JsonSerializer.Serialize(
                            new
                            {
                                secret,
                                name = $"Guest {i}",
                                passphrase = Visitor.Passphrase,
                            }
                        )
                    )
            )
        );
        var party = (await _server.Owner.AskAboutAsync())
            .GetProperty("books")
            .EnumerateArray()
            .First(b => b.GetProperty("id").GetGuid() == trip)
            .GetProperty("party");
        party.GetArrayLength().ShouldBe(13); // twelve and the keeper
    }

    [Fact]
    public async Task Joining_twice_is_joining_once_and_never_lowers_a_role()
    {
        using var cast = await Cast.MakeAsync(_server);
        var follower = await cast.Keeper.InviteAsync(cast.Trip, "follower");
        await cast.Member.PostForAsync("/api/invitations/accept", JsonSerializer.Serialize(new { secret = follower }));
        (await cast.Member.PutRecordAsync(cast.Trip, "trip-source", Guid.CreateVersion7(), Source)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_persons_own_book_and_another_persons_trip_cant_be_made_a_trip()
    {
        using var cast = await Cast.MakeAsync(_server);
        foreach (var id in new[] { cast.Stranger.PersonId, _server.Owner.PersonId, cast.Trip })
        {
            (await cast.Stranger.PutJsonAsync($"/api/trips/{id}", """{"name":"Mine now"}""")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        }

        (
            await RefusalAsync(await _server.Owner.PostAsync($"/api/trips/{_server.Owner.PersonId}/invitations", """{"role":"member"}"""))
        ).ShouldContain("yours alone");
        (await RefusalAsync(await cast.Keeper.PostAsync($"/api/trips/{cast.Trip}/invitations", """{"role":"keeper"}"""))).ShouldContain(
            "member or a follower"
        );
        (await RefusalAsync(await cast.Keeper.PutJsonAsync($"/api/trips/{cast.Trip}", """{"name":"  "}"""))).ShouldContain(
            "1 to 80 characters"
        );
    }
}
