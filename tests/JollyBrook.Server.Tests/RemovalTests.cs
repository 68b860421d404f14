using System.Net;
using System.Text.Json;

namespace JollyBrook.Server.Tests;

/// <summary>Who was taken out of a party, or given a lower role, stays so.</summary>
public sealed class RemovalTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    private static Task<HttpResponseMessage> AcceptAsync(Visitor visitor, string secret) =>
        visitor.PostAsync("/api/invitations/accept", JsonSerializer.Serialize(new { secret }));

    private async Task<JsonElement> OpenLinksAsync(Guid trip) =>
        JsonDocument.Parse(await _server.Client.GetStringAsync($"/api/trips/{trip}/invitations")).RootElement;

    [Fact]
    public async Task Removing_closes_the_open_links_and_no_later_one_lets_them_back()
    {
        using var cast = await Cast.MakeAsync(_server);
        var old = await cast.Keeper.InviteAsync(cast.Trip);
        (await cast.Keeper.Client.DeleteAsync($"/api/trips/{cast.Trip}/party/{cast.Member.PersonId}")).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await OpenLinksAsync(cast.Trip)).GetArrayLength().ShouldBe(0);
        (await AcceptAsync(cast.Member, old)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        // A new link is for others.
        var fresh = await cast.Keeper.InviteAsync(cast.Trip);
        (await AcceptAsync(cast.Member, fresh)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await cast.Member.Client.GetAsync($"/api/books/{cast.Trip}/changes")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await AcceptAsync(cast.Stranger, fresh)).StatusCode.ShouldBe(HttpStatusCode.OK);

        (await cast.Keeper.Client.GetStringAsync($"/api/trips/{cast.Trip}/removed")).ShouldContain("Torren");
        (
            await cast.Keeper.PutJsonAsync($"/api/trips/{cast.Trip}/party/{cast.Member.PersonId}", """{"role":"follower"}""")
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await cast.Member.Client.GetAsync($"/api/books/{cast.Trip}/changes")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await cast.Keeper.Client.GetStringAsync($"/api/trips/{cast.Trip}/removed")).ShouldBe("[]");
    }

    [Fact]
    public async Task A_lower_role_is_not_raised_again_by_a_link()
    {
        using var cast = await Cast.MakeAsync(_server);
        (
            await cast.Keeper.PutJsonAsync($"/api/trips/{cast.Trip}/party/{cast.Member.PersonId}", """{"role":"follower"}""")
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await OpenLinksAsync(cast.Trip)).GetArrayLength().ShouldBe(0);
        (await AcceptAsync(cast.Member, await cast.Keeper.InviteAsync(cast.Trip))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await cast.Member.PutRecordAsync(cast.Trip, "walker", Guid.CreateVersion7(), "{}")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        // Only the keeper raises it.
        (
            await cast.Keeper.PutJsonAsync($"/api/trips/{cast.Trip}/party/{cast.Member.PersonId}", """{"role":"member"}""")
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await cast.Member.PutRecordAsync(cast.Trip, "walker", Guid.CreateVersion7(), "{}")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Who_left_of_their_own_accord_may_come_back_by_a_link()
    {
        using var cast = await Cast.MakeAsync(_server);
        (await cast.Member.PostAsync($"/api/trips/{cast.Trip}/leave", "{}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await AcceptAsync(cast.Member, await cast.Keeper.InviteAsync(cast.Trip))).StatusCode.ShouldBe(HttpStatusCode.OK);
    }
}
