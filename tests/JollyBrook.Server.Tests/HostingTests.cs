using System.Net;
using System.Text.RegularExpressions;
using JollyBrook.Server.Site;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace JollyBrook.Server.Tests;

/// <summary>
/// What a server others can reach must do: behind a proxy, for programs that look after it, and at addresses that are not there.
/// </summary>
public sealed class HostingTests : IDisposable
{
    private readonly string _site = Directory.CreateTempSubdirectory("jolly-brook-site-").FullName;

    public HostingTests() => File.WriteAllText(Path.Combine(_site, "index.html"), "<html nonce=\"__STYLE_NONCE__\"></html>");

    public void Dispose() => Directory.Delete(_site, recursive: true);

    private RunningServer Server(params (string Name, string Value)[] settings) =>
        new(settings: settings.Append(("site", _site)).ToDictionary(s => s.Item1, s => s.Item2));

    [Fact]
    public async Task Behind_TLS_cookies_keep_to_this_host_and_browsers_to_HTTPS()
    {
        using var server = new RunningServer(makeOwner: false, settings: new() { ["proxy"] = "true", ["local"] = "false" });
        var code = ((Start.FirstStart)server.Factory.Services.GetService(typeof(Start.FirstStart))!).Code;
        using var client = server.Factory.CreateClient(
            new WebApplicationFactoryClientOptions { BaseAddress = new Uri("https://water.example") }
        );
        client.DefaultRequestHeaders.Add("X-Forwarded-For", "192.0.2.7");
        client.DefaultRequestHeaders.Add("X-Forwarded-Proto", "https");
        using var visitor = new Visitor(client);
        var about = await client.GetAsync("/api/about");
        await visitor.AskAboutAsync();
        about.Headers.GetValues("Strict-Transport-Security").Single().ShouldContain("max-age=31536000");
        var made = await visitor.PostAsync(
            "/api/account/owner",
            $$"""{"name":"Ilva","passphrase":"{{Visitor.Passphrase}}","code":"{{code}}"}"""
        );
        made.StatusCode.ShouldBe(HttpStatusCode.OK);
        foreach (var cookie in made.Headers.GetValues("Set-Cookie").Concat(about.Headers.GetValues("Set-Cookie")))
        {
            cookie.ShouldStartWith("__Host-jolly-brook");
            cookie.ShouldContain("secure");
            cookie.ShouldContain("path=/");
            cookie.ShouldContain("httponly");
            cookie.ShouldContain("samesite=strict");
            cookie.ShouldNotContain("domain=");
        }
    }

    /// <summary>A proxy that says nothing of itself, and passes on the name of this machine, does not make its callers sit here.</summary>
    [Fact]
    public async Task Only_a_server_started_for_this_machine_takes_loopback_for_sitting_at_it()
    {
        using var server = new RunningServer(makeOwner: false, settings: new() { ["local"] = "false" });
        server.Owner.About.GetProperty("wantsCode").GetBoolean().ShouldBeTrue();
        (
            await server.Owner.PostAsync("/api/account/owner", $$"""{"name":"Ilva","passphrase":"{{Visitor.Passphrase}}"}""")
        ).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        using var demo = new RunningServer(demo: true, settings: new() { ["local"] = "false" });
        demo.Owner.About.GetProperty("state").GetString().ShouldBe("signedOut");
    }

    [Theory]
    [InlineData("/", HttpStatusCode.OK)]
    [InlineData("/api/alive", HttpStatusCode.NoContent)]
    [InlineData("/api/about", HttpStatusCode.OK)]
    [InlineData("/treat", HttpStatusCode.OK)]
    [InlineData("/route/somewhere/sure", HttpStatusCode.OK)]
    [InlineData("/no-such-room", HttpStatusCode.NotFound)]
    [InlineData("/nowhere/at/all", HttpStatusCode.NotFound)]
    [InlineData("/api/nowhere", HttpStatusCode.NotFound)]
    public async Task HEAD_answers_as_GET_and_what_is_not_there_is_404(string path, HttpStatusCode status)
    {
        using var server = Server();
        using var nobody = server.Factory.CreateClient();
        using var get = await nobody.GetAsync(path);
        get.StatusCode.ShouldBe(status);
        using var head = await nobody.SendAsync(new HttpRequestMessage(HttpMethod.Head, path));
        head.StatusCode.ShouldBe(status);
    }

    /// <summary>The server knows the rooms the page's router has.</summary>
    [Fact]
    public async Task The_rooms_are_those_of_the_page()
    {
        var router = await File.ReadAllTextAsync(Path.Combine(Repository.Root, "src/web/src/app/App.tsx"));
        var rooms = Regex
            .Matches(router, "path: '/([a-z]+)", RegexOptions.None, TimeSpan.FromSeconds(1))
            .Select(m => m.Groups[1].Value)
            .Distinct();
        SiteRooms.All.ShouldBe(rooms, ignoreOrder: true);
    }

    [Fact]
    public async Task Health_tells_strangers_whether_and_this_machine_why()
    {
        using var server = Server();
        (await server.Client.GetAsync("/health/live")).StatusCode.ShouldBe(HttpStatusCode.OK);
        var here = await server.Client.GetStringAsync("/health/ready");
        here.ShouldContain("\"ready\":true");
        here.ShouldContain("\"freeMegabytes\":");
        using var far = server.NewVisitor();
        far.Client.DefaultRequestHeaders.Add(RunningServer.From, "192.0.2.7");
        (await far.Client.GetStringAsync("/health/ready")).ShouldBe("""{"ready":true,"faults":[],"freeMegabytes":null,"checkedAt":null}""");
    }

    /// <summary>A part of the program that was missing for a moment is not missing for good.</summary>
    [Theory]
    [InlineData("/assets/start-1.js")]
    [InlineData("/_framework/Core.1.wasm")]
    public async Task Only_a_file_that_is_there_is_kept_by_browsers(string file)
    {
        using var server = Server();
        using var missing = await server.Owner.Client.GetAsync(file);
        missing.IsSuccessStatusCode.ShouldBeFalse();
        missing.Headers.CacheControl!.NoStore.ShouldBeTrue();

        var path = Path.Combine(_site, file[1..]);
        Directory.CreateDirectory(Path.GetDirectoryName(path)!);
        await File.WriteAllTextAsync(path, "x");
        using var there = await server.Owner.Client.GetAsync(file);
        there.StatusCode.ShouldBe(HttpStatusCode.OK);
        there.Headers.CacheControl!.MaxAge.ShouldBe(TimeSpan.FromDays(365));
    }

    /// <summary>Two cores of different builds may tell different doses: no page gets answers of both.</summary>
    [Theory]
    [InlineData("11", "11", HttpStatusCode.OK)]
    [InlineData("11\n", "11", HttpStatusCode.OK)]
    [InlineData("11", "12", HttpStatusCode.PreconditionFailed)]
    [InlineData("11", null, HttpStatusCode.OK)]
    [InlineData(null, "12", HttpStatusCode.OK)]
    public async Task Calculations_are_answered_to_pages_of_the_same_build(string? served, string? page, HttpStatusCode status)
    {
        if (served is not null)
        {
            await File.WriteAllTextAsync(Path.Combine(_site, "build.txt"), served);
        }

        using var server = Server();
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/calc/catalogue");
        request.Content = RunningServer.Json("""{"units":"metric"}""");
        if (page is not null)
        {
            request.Headers.Add(SiteBuild.Header, page);
        }

        using var response = await server.Owner.Client.SendAsync(request);
        response.StatusCode.ShouldBe(status);
        if (status == HttpStatusCode.PreconditionFailed)
        {
            (await response.Content.ReadAsStringAsync()).ShouldContain("/problems/other-build");
        }
    }

    [Fact]
    public async Task Metrics_are_off_unless_asked_for()
    {
        using var server = Server();
        (await server.Client.GetAsync("/metrics")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>The stream of the probe ends when its person signs out everywhere.</summary>
    [Fact]
    public async Task A_stream_ends_with_its_session()
    {
        using var server = Server();
        using var phone = server.NewVisitor();
        await phone.AskAboutAsync();
        await phone.SignInAsync("Ilva");
        using var stream = await phone.Client.GetAsync("/api/probe", HttpCompletionOption.ResponseHeadersRead);
        await using var lines = await stream.Content.ReadAsStreamAsync();
        using var reader = new StreamReader(lines);
        (await reader.ReadLineAsync()).ShouldNotBeNull();
        (await server.Owner.PostAsync("/api/account/sign-out-everywhere", "{}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var rest = await reader.ReadToEndAsync().WaitAsync(TimeSpan.FromSeconds(20));
        rest.Split("event:").Length.ShouldBeLessThan(5);
    }
}
