using System.Text.Json;

namespace JollyBrook.Journeys;

/// <summary>
/// A night below freezing on a trip: the filter put away warm, the bottles laid where they stay water, and the morning's question answered
/// no.
/// </summary>
public sealed class WinterJourney : IDisposable
{
    private readonly AppServer _server = ServerPool.Take(demo: false);

    public void Dispose() => _server.Dispose();

    /// <summary>A trip of two days from tomorrow on, its camp on snow at −12 °C.</summary>
    private async Task PackAsync(DateTime firstDay)
    {
        var (gravity, stove, route) = (Guid.CreateVersion7(), Guid.CreateVersion7(), Guid.CreateVersion7());
        using var legs = await _server.Owner.PostAsync("/api/calc/legs", """{"startM":300,"legs":[{"distanceKm":16}]}""");
        var ground = JsonDocument.Parse(await legs.Content.ReadAsStringAsync()).RootElement;
        foreach (
            var (id, kind, body) in new[]
            {
                (Guid.CreateVersion7(), "kit-item", """{"kind":"container","name":"Bottle","volumeL":1,"at":"hand"}"""),
                (Guid.CreateVersion7(), "kit-item", """{"kind":"pot","name":"Pot","volumeL":1.3,"massKg":0.19,"material":"aluminium"}"""),
                (stove, "kit-item", """{"kind":"burner","name":"Stove","burner":{"burnerId":"canister-sheltered"}}"""),
                (
                    gravity,
                    "kit-item",
                    """{"kind":"filter","name":"Gravity filter","filter":{"element":"ceramic","style":"gravity","ratedFlowLPerMin":0.25,"ratedLifeL":2000}}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "book-line",
                    $$"""{"kind":"canisterWeighed","at":"2026-08-01T09:00:00Z","itemId":"{{stove}}","fuelLeftG":400}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "book-line",
                    $$$"""{"kind":"filterLookedOver","at":"2026-08-01T09:00:00Z","itemId":"{{{gravity}}}","filter":{"usedL":10,"clogLoadLNtu":0,"lostShare":0,"wetted":"yes","frozen":"no","dropped":"no","newOrStored":false} }"""
                ),
                (Guid.CreateVersion7(), "walker", """{"name":"Ilva","massKg":62,"heightCm":168}"""),
                (
                    route,
                    "route",
                    $$$"""{"name":"Over the fell","startDate":"{{{firstDay:yyyy-MM-dd}}}","lengthKm":16,"heights":{{{ground.GetProperty("heights").GetRawText()}}},"days":[{"startHour":9,"endKm":8,"campName":"Snow camp"},{"startHour":9}],"weather":[{"lowC":-12,"highC":-4,"humidityPercent":60,"cloud":0.3,"source":"typed"}],"containers":[{"name":"Bottle","volumeL":1}]}"""
                ),
                (
                    Guid.CreateVersion7(),
                    "trip-source",
                    $$"""{"name":"Snow at camp","class":"snowPatch","alongKm":8,"chance":1,"clarity":"clear","colour":"none","routeId":"{{route}}"}"""
                ),
            }
        )
        {
            await _server.Owner.KeepAsync(kind, id, body);
        }
    }

    [Fact]
    public async Task From_the_evening_to_a_morning_on_which_the_filter_did_not_stay_warm()
    {
        var firstDay = DateTime.Now.Date.AddDays(1);
        await PackAsync(firstDay);
        using var phone = _server.NewBrowser(390, 844);
        phone.LetTimePass(firstDay.AddHours(14) - DateTime.Now);
        phone.Open("/now");
        phone.UntilText("Nothing to drink");
        phone.Click("button", "Bottle empty");
        phone.Click("button", "Filled, raw");
        phone.UntilText("Written: Filled Bottle");

        // Towards evening the wet filter is to be put away, and one tap says that it was.
        phone.LetTimePass(TimeSpan.FromHours(3));
        phone.Reload();
        phone.UntilText("-12 °C tonight. Gravity filter: put it away warm");
        phone.Click("button", "Put away warm");
        phone.UntilText("Written: Gravity filter: put away warm for the night");
        phone.Until(() => !phone.Text.Contains("put it away warm", StringComparison.Ordinal), "“put it away warm” to go");

        // The evening's stove, and the bottle against the night: bare it freezes, in the sleeping bag it does not.
        phone.Go("/winter");
        phone.UntilText("at the stove");
        phone.UntilText("Ice from about");
        phone.Click("button", "In the sleeping bag");
        phone.UntilText("Stays water.");
        phone.UntilText("Gravity filter: did it stay warm?");
        phone.UntilText("Melt and heat");

        // In the morning it is not counted until somebody has said, and not after a no.
        phone.LetTimePass(TimeSpan.FromHours(14));
        phone.Open("/now");
        phone.UntilText("Gravity filter: did it stay warm all night?");
        phone.UntilText("nobody has said whether it stayed warm. Not counted until somebody does.");
        phone.Click("button", "No, or not sure");
        phone.UntilText("Gravity filter: froze, or may have");
        phone.Until(
            () => !phone.Text.Contains("did it stay warm all night?", StringComparison.Ordinal),
            "“did it stay warm all night?” to go"
        );
        phone.UntilText("not counted until it is replaced");
    }
}
