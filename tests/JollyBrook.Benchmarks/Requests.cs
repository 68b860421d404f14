using JollyBrook.Core;
using System.Text.Json;

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

    public static readonly IReadOnlyList<Request> All =
    [
        new("catalogue", "catalogue", "{}"),
        new("treat (chemical)", "treat", Tablet),
        new("treat (boil)", "treat", Boil),
        new("batch-progress", "batch-progress", Progress()),
    ];

    private static string Progress()
    {
        using var answer = JsonDocument.Parse(Calculations.Run("treat", Tablet).Json);
        var steps = answer.RootElement.GetProperty("steps").GetRawText();
        return $$"""{"steps":{{steps}},"shortOf":[],"taps":[{"kind":"done","stepId":"strain","at":"2026-08-21T14:06:00Z"},{"kind":"done","stepId":"measure","at":"2026-08-21T14:07:00Z"}],"startedAt":"2026-08-21T14:05:00Z","now":"2026-08-21T14:20:00Z"}""";
    }
}
