using System.Text.Json;
using JollyBrook.Core;

namespace JollyBrook.Benchmarks;

/// <summary>One request as a host gets it.</summary>
public sealed record Request(string Name, string Calculation, string Json)
{
    public override string ToString() => Name;
}

/// <summary>A request of every calculation, of the size a person's is.</summary>
internal static class Requests
{
    private const string Tablet =
        """{"units":"metric","method":"clo2-tablet","water":{"volumeL":0.75,"clarity":"clear","colour":"none","temperatureC":5,"elevationM":1200},"chemical":{"date":"inDate","light":"shadeOrOpaque"},"startAt":"2026-08-21T14:05:00Z"}""";

    private const string Boil =
        """{"units":"metric","method":"boil","water":{"volumeL":1,"clarity":"clear","colour":"none","temperatureC":8,"elevationM":2600},"boil":{"pot":{"capacityL":1.3,"massKg":0.19,"material":"aluminium"},"lidOn":true,"airTemperatureC":15},"startAt":"2026-08-21T14:05:00Z"}""";

    /// <summary>A kit like the demo party's: three filters, lamp, stove, six products, flocculant: twenty-odd chains.</summary>
    private const string Kit =
        """[{"id":"squeeze","item":{"kind":"filter","name":"Squeeze filter","filter":{"element":"hollowFibre","style":"squeeze","ratedFlowLPerMin":1.7,"ratedLifeL":4000}},"filter":{"usedL":212,"clogLoadLNtu":190,"lostShare":0.04,"wetted":"yes","frozen":"no","dropped":"no"}},{"id":"gravity","item":{"kind":"filter","name":"Gravity filter","filter":{"element":"ceramic","style":"gravity","ratedFlowLPerMin":0.25,"ratedLifeL":2000}},"filter":{"usedL":340,"clogLoadLNtu":300,"lostShare":0.1,"wetted":"yes","frozen":"no","dropped":"no"}},{"id":"pump","item":{"kind":"filter","name":"Pump filter","filter":{"element":"pleated","style":"pump","ratedFlowLPerMin":1,"ratedLifeL":400}},"filter":{"usedL":40,"clogLoadLNtu":100,"wetted":"yes","frozen":"no","dropped":"no"}},{"id":"lamp","item":{"kind":"lamp","name":"UV lamp","lamp":{"volumePerCycleL":1,"secondsPerCycle":90,"battery":"lithium"}},"left":22},{"id":"stove","item":{"kind":"burner","name":"Stove","burner":{"burnerId":"canister-sheltered"}},"left":164},{"id":"nadcc","item":{"kind":"product","name":"Chlorine tablets","product":{"profileId":"nadcc-8.5","bestBefore":"2027-10-01"}}},{"id":"clo2","item":{"kind":"product","name":"Chlorine dioxide tablets","product":{"profileId":"clo2-tablet","bestBefore":"2027-10-01"}}},{"id":"drops","item":{"kind":"product","name":"Two-part drops","product":{"profileId":"clo2-drops","bestBefore":"2027-10-01"}}},{"id":"bleach","item":{"kind":"product","name":"Bleach","product":{"profileId":"bleach","packDate":"2026-05-01","strengthPercent":6}}},{"id":"iodine","item":{"kind":"product","name":"Iodine tablets","product":{"profileId":"iodine-tablet","bestBefore":"2027-10-01"}}},{"id":"floc","item":{"kind":"flocculant","name":"Flocculant drops","flocculant":{"form":"drops","labelDrops":24,"labelVolumeL":3.785412}}}]""";

    private static string AtTheSource(string clarity) =>
        $$"""{"units":"metric","method":null,"source":{"kind":"stream","flow":"flowing","seen":["stock"],"upstreamWalked":"no","rainLastDay":"no"},"water":{"volumeL":1,"clarity":"{{clarity}}","colour":"none","temperatureC":8,"elevationM":1000},"clearing":{"grit":"silty","drawOff":"siphon"},"container":{"opaque":false,"clearPlastic":true,"depthCm":20,"capacityL":1},"sky":{"airTemperatureC":15,"latitudeDeg":46.2,"longitudeDeg":-28.6,"cloudCover":0.3,"date":"2026-08-21"},"boil":{"pot":{"capacityL":1.3,"massKg":0.19,"material":"aluminium"},"lidOn":true},"chemical":{"light":"shadeOrOpaque"},"kit":{{Kit}}}""";

    private const string Judge =
        """{"units":"metric","source":{"kind":"stream","flow":"flowing","seen":["stock","livingInsects"],"upstreamWalked":"no","rainLastDay":"no"},"water":{"volumeL":1,"clarity":"clear","colour":"tea","temperatureC":8,"elevationM":1000}}""";

    public static readonly IReadOnlyList<Request> All =
    [
        new("catalogue", "catalogue", "{}"),
        new("treat (chemical)", "treat", Tablet),
        new("treat (boil)", "treat", Boil),
        new("treat (best of the kit)", "treat", AtTheSource("slightlyCloudy")),
        new("chains, slightly cloudy", "chains", AtTheSource("slightlyCloudy")),
        new("chains, muddy", "chains", AtTheSource("muddy")),
        new(
            "what-matters (treat)",
            "what-matters",
            $$$"""{"of":{"about":"treat","request":{{{AtTheSource("slightlyCloudy")}}}},"told":["water.volumeL"]}"""
        ),
        new("judge", "judge", Judge),
        new("kit-item", "kit-item", """{"item":{"kind":"burner","name":"Stove","burner":{"burnerId":"canister-windy"}}}"""),
        new("words", "words", "{}"),
        new("batch-progress", "batch-progress", Progress()),
    ];

    private static string Progress()
    {
        using var answer = JsonDocument.Parse(Calculations.Run("treat", Tablet).Json);
        var steps = answer.RootElement.GetProperty("steps").GetRawText();
        return $$"""{"steps":{{steps}},"shortOf":[],"taps":[{"kind":"done","stepId":"strain","at":"2026-08-21T14:06:00Z"},{"kind":"done","stepId":"measure","at":"2026-08-21T14:07:00Z"}],"startedAt":"2026-08-21T14:05:00Z","now":"2026-08-21T14:20:00Z"}""";
    }
}
