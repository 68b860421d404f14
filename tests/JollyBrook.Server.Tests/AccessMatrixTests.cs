using System.Net;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Server.Tests;

/// <summary>
/// Every mapped endpoint, called as nobody, a stranger, a follower, a member and the keeper. The endpoints are enumerated from the running
/// server, so that one without a rule, or missing from the table, fails.
/// </summary>
public sealed class AccessMatrixTests : IDisposable
{
    private readonly RunningServer _server = new();

    public void Dispose() => _server.Dispose();

    /// <summary>What each may do, by the rule on the endpoint: yes, or the answer they get.</summary>
    private static readonly Dictionary<Audience, HttpStatusCode?[]> Allowed = new()
    {
        // nobody, stranger, follower, member, keeper; null is let in.
        [Audience.Anyone] = [null, null, null, null, null],
        [Audience.SignedIn] = [HttpStatusCode.Unauthorized, null, null, null, null],
        [Audience.Reader] = [HttpStatusCode.Unauthorized, HttpStatusCode.NotFound, null, null, null],
        [Audience.Writer] = [HttpStatusCode.Unauthorized, HttpStatusCode.NotFound, HttpStatusCode.Forbidden, null, null],
        [Audience.Keeper] =
        [
            HttpStatusCode.Unauthorized,
            HttpStatusCode.NotFound,
            HttpStatusCode.Forbidden,
            HttpStatusCode.Forbidden,
            null,
        ],
    };

    /// <summary>
    /// The rule every endpoint must carry. A new endpoint has to be written in here, by someone who has thought about it.
    /// </summary>
    private static readonly Dictionary<string, Audience> Expected = new()
    {
        ["GET /api/about"] = Audience.Anyone,
        ["GET /api/alive"] = Audience.Anyone,
        ["HEAD /api/about"] = Audience.Anyone,
        ["HEAD /api/alive"] = Audience.Anyone,
        ["GET /health/live"] = Audience.Anyone,
        ["GET /health/ready"] = Audience.Anyone,
        ["POST /api/account/owner"] = Audience.Anyone,
        ["POST /api/account/join"] = Audience.Anyone,
        ["POST /api/account/sign-in"] = Audience.Anyone,
        ["POST /api/account/recover"] = Audience.Anyone,
        ["POST /api/account/passphrase"] = Audience.SignedIn,
        ["POST /api/account/recovery-codes"] = Audience.SignedIn,
        ["POST /api/account/sign-out"] = Audience.SignedIn,
        ["POST /api/account/sign-out-everywhere"] = Audience.SignedIn,
        ["PUT /api/trips/{book}"] = Audience.SignedIn,
        ["GET /api/trips/{book}/invitations"] = Audience.Keeper,
        ["GET /api/trips/{book}/removed"] = Audience.Keeper,
        ["POST /api/trips/{book}/invitations"] = Audience.Keeper,
        ["DELETE /api/trips/{book}/invitations/{invitation}"] = Audience.Keeper,
        ["PUT /api/trips/{book}/party/{person}"] = Audience.Keeper,
        ["DELETE /api/trips/{book}/party/{person}"] = Audience.Keeper,
        ["POST /api/trips/{book}/leave"] = Audience.Reader,
        ["POST /api/invitations/look"] = Audience.Anyone,
        ["POST /api/invitations/accept"] = Audience.SignedIn,
        ["POST /api/calc/{name}"] = Audience.SignedIn,
        ["PUT /api/books/{book}/records/{kind}/{id}"] = Audience.Writer,
        ["GET /api/books/{book}/records/{kind}/{id:guid}"] = Audience.Reader,
        ["GET /api/books/{book}/changes"] = Audience.Reader,
        ["POST /api/books/{book}/records/"] = Audience.Writer,
        ["POST /api/books/{book}/restore/"] = Audience.Keeper,
        ["GET /api/books/{book}/restore/"] = Audience.Keeper,
        ["POST /api/books/{book}/restore/undo"] = Audience.Keeper,
        ["GET /api/probe"] = Audience.SignedIn,
        ["GET /api/weather"] = Audience.SignedIn,
        ["GET /api/scale"] = Audience.SignedIn,
        ["GET /openapi/{documentName}.json"] = Audience.SignedIn,
    };

    private IReadOnlyList<(string Name, string Method, string Pattern, AccessRule? Rule)> Endpoints() =>
        [
            .. _server
                .Factory.Services.GetRequiredService<EndpointDataSource>()
                .Endpoints.OfType<RouteEndpoint>()
                .SelectMany(e =>
                    (e.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods ?? ["GET"]).Select(method =>
                    {
                        var pattern = "/" + e.RoutePattern.RawText!.TrimStart('/');
                        return (Named(method, pattern), method, pattern, e.Metadata.GetMetadata<AccessRule>());
                    })
                ),
        ];

    /// <summary>Every calculation and every kind of record has an address of its own and one rule.</summary>
    private static string Named(string method, string pattern)
    {
        if (pattern.StartsWith("/api/calc/", StringComparison.Ordinal))
        {
            return $"{method} /api/calc/{{name}}";
        }

        return Core.Records.RecordKinds.All.Any(k => pattern == $"/api/books/{{book}}/records/{k.Name}/{{id}}")
            ? $"{method} /api/books/{{book}}/records/{{kind}}/{{id}}"
            : $"{method} {pattern}";
    }

    [Fact]
    public void Every_endpoint_carries_the_rule_written_down_for_it()
    {
        var endpoints = Endpoints();
        endpoints.Count.ShouldBeGreaterThan(30);
        foreach (var (name, _, _, rule) in endpoints)
        {
            Expected.ContainsKey(name).ShouldBeTrue($"{name} stands in no table: who may call it?");
            rule.ShouldNotBeNull($"{name} has no rule: give it one with For(…).");
            rule.Audience.ShouldBe(Expected[name], name);
        }

        Expected.Keys.Except(endpoints.Select(e => e.Name)).ShouldBeEmpty("written down, and not there");
    }

    [Fact]
    public async Task Everyone_gets_what_the_rule_says_at_every_endpoint()
    {
        using var cast = await Cast.MakeAsync(_server);
        // Those who would spoil the cast for the rest come last.
        var inOrder = Endpoints().OrderBy(e => e.Pattern.Contains("sign-out") || e.Pattern.EndsWith("leave", StringComparison.Ordinal));
        foreach (var (name, method, pattern, rule) in inOrder)
        {
            var who = new (string Name, Visitor Visitor)[]
            {
                ("nobody", cast.Nobody),
                ("stranger", cast.Stranger),
                ("follower", cast.Follower),
                ("member", cast.Member),
                ("keeper", cast.Keeper),
            };
            for (var i = 0; i < who.Length; i++)
            {
                using var request = new HttpRequestMessage(new HttpMethod(method), Address(pattern, cast));
                if (method is "POST" or "PUT")
                {
                    request.Content = RunningServer.Json("{}");
                }

                using var response = await who[i].Visitor.Client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead);
                var expected = Allowed[rule!.Audience][i];
                var where = $"{name} as {who[i].Name}: {response.StatusCode}";
                if (expected is { } refusal)
                {
                    response.StatusCode.ShouldBe(refusal, where);
                }
                else
                {
                    // Let in: what the empty body then meets is the endpoint's own affair.
                    response.StatusCode.ShouldNotBe(HttpStatusCode.Unauthorized, where);
                    response.StatusCode.ShouldNotBe(HttpStatusCode.Forbidden, where);
                    ((int)response.StatusCode).ShouldBeLessThan(500, where);
                }
            }

            if (pattern.Contains("sign-out", StringComparison.Ordinal))
            {
                await SignInAgainAsync(cast);
            }
        }
    }

    [Fact]
    public async Task Nothing_that_changes_something_is_taken_without_the_form_token()
    {
        var owner = _server.Owner;
        owner.Client.DefaultRequestHeaders.Remove("X-Form-Token");
        foreach (
            var (name, method, pattern, _) in Endpoints()
                .Where(e => e.Method is "POST" or "PUT" or "DELETE" && !e.Pattern.StartsWith("/api/calc", StringComparison.Ordinal))
        )
        {
            var address = pattern
                .Replace("{book}", owner.PersonId.ToString())
                .Replace("{kind}", "settings")
                .Replace("{id}", Guid.CreateVersion7().ToString())
                .Replace("{person}", owner.PersonId.ToString())
                .Replace("{invitation}", Guid.CreateVersion7().ToString());
            using var request = new HttpRequestMessage(new HttpMethod(method), address) { Content = RunningServer.Json("{}") };
            using var response = await owner.Client.SendAsync(request);
            response.StatusCode.ShouldBe(HttpStatusCode.BadRequest, name);
            (await response.Content.ReadAsStringAsync()).ShouldContain("/problems/form-token", customMessage: name);
        }
    }

    [Fact]
    public async Task A_records_book_is_nobody_elses_whatever_the_address_says()
    {
        using var cast = await Cast.MakeAsync(_server);
        var id = Guid.CreateVersion7();
        (await _server.PutAsync("kit-item", id, """{"kind":"container","name":"Bottle","volumeL":1}""")).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        var own = _server.Owner.PersonId;
        foreach (var visitor in new[] { cast.Stranger, cast.Follower, cast.Member })
        {
            foreach (
                var path in new[] { $"/api/books/{own}/records/kit-item/{id}", $"/api/books/{own}/changes", $"/api/books/{own}/restore" }
            )
            {
                (await visitor.Client.GetAsync(path)).StatusCode.ShouldBe(HttpStatusCode.NotFound, path);
            }

            // The same id in a book of one's own is another record.
            (await visitor.Client.GetAsync($"/api/books/{visitor.PersonId}/records/kit-item/{id}")).StatusCode.ShouldBe(
                HttpStatusCode.NotFound
            );
            (await visitor.ChangesAsync(visitor.PersonId)).GetProperty("records").GetArrayLength().ShouldBe(0);
        }
    }

    private static async Task SignInAgainAsync(Cast cast)
    {
        foreach (
            var (name, visitor) in new[]
            {
                ("Sorrel", cast.Stranger),
                ("Maud", cast.Follower),
                ("Torren", cast.Member),
                ("Ilva", cast.Keeper),
            }
        )
        {
            await visitor.AskAboutAsync();
            (await visitor.SignInAsync(name)).StatusCode.ShouldBe(HttpStatusCode.OK);
        }
    }

    private static string Address(string pattern, Cast cast) =>
        pattern
            .Replace("{book}", cast.Trip.ToString())
            .Replace("{kind}", "batch")
            .Replace("{id:guid}", Guid.CreateVersion7().ToString())
            .Replace("{id}", Guid.CreateVersion7().ToString())
            // Someone who is in no party, so that no one is taken out of this one.
            .Replace("{person}", Guid.CreateVersion7().ToString())
            .Replace("{invitation}", Guid.CreateVersion7().ToString())
            .Replace("{name}", "words")
            .Replace("{documentName}", "v1");
}
