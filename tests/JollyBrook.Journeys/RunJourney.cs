using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>
/// 25 km run in rounds of five, past the tap at home: the rounds laid out, a vest suggested and taken, and the card that says it.
/// </summary>
public sealed class RunJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);

    public void Dispose() => _server.Dispose();

    [Fact]
    public async Task A_run_in_rounds_past_the_tap()
    {
        foreach (
            var (kind, body) in new[]
            {
                ("walker", """{"name":"Ilva","massKg":62,"heightCm":168,"packKg":1.5,"worn":"shortsAndShirt"}"""),
                ("kit-item", """{"kind":"container","name":"Camp bag","volumeL":4}"""),
            }
        )
        {
            await _server.Owner.KeepAsync(kind, Guid.CreateVersion7(), body);
        }

        using var browser = _server.NewBrowser();
        browser.Open("/route");
        browser.Fill("Leg 1, distance", "5");
        browser.Fill("Leg 1, up", "60");
        browser.Fill("Leg 1, down", "60");
        browser.Click("button", "Make the route");
        browser.UntilText("Leave with");

        // At a run: half the walking time, and no breaks.
        browser.Click("tab", "Days");
        browser.Fill("Pace factor", "0.5");
        browser.Fill("Breaks", "0");

        browser.Click("tab", "Ground");
        browser.Fill("Rounds", "5");
        browser.Click("button", "Lay the rounds out");
        browser.UntilText("Laid out as 5 rounds, 4 waters added.");
        browser.UntilText("25 km, up 300 m");

        browser.Click("tab", "Days");
        browser.Click("button", "Suggest a way");
        browser.UntilText("Vest with soft flasks");
        browser.UntilText("Does not slosh");
        browser.Click("button", "Take these");
        browser.Until(() => Containers().Count > 0 && Containers().All(c => c == "Soft flask"), "the flasks to be kept with the route");

        browser.Click("tab", "Plan");
        browser.UntilText("Home, round 3");
        browser.UntilText("As it comes");
        browser.UntilText("95 % sure");
        browser.Click("tab", "Take it along");
        browser.UntilText("Home, round 5");
        browser.UntilText("Without a phone:");
    }

    private List<string?> Containers() =>
        [
            .. _server
                .Records("route")
                .SelectMany(r =>
                    r.GetProperty("body").TryGetProperty("containers", out var list) && list.ValueKind == JsonValueKind.Array
                        ? list.EnumerateArray().Select(c => c.GetProperty("name").GetString())
                        : []
                ),
        ];
}
