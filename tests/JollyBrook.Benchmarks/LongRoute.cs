using System.Globalization;
using System.Text;
using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Benchmarks;

/// <summary>Made-up long routes: many sources, rolling ground, days of 25 km.</summary>
internal static class LongRoute
{
    public static PlanRequest Of(int sources, double km)
    {
        var random = new Random(7);
        var steps = (int)(km * 20);
        var heights = Enumerable
            .Range(0, steps + 1)
            .Select(i => (long)(10 * (600 + (250 * Math.Sin(i / 90.0)) + (60 * Math.Sin(i / 17.0)))));
        var days = Enumerable
            .Range(1, (int)(km / 25))
            .Select(d => new RouteDay(7, Math.Min(d * 25, km - 1)))
            .Append(new RouteDay(7))
            .ToList();
        return new PlanRequest(
            null,
            new TripRoute(
                "Long",
                new DateOnly(2026, 8, 21),
                km,
                EncodedNumbers.Encode(heights),
                Days: days,
                Weather: [new DayWeather(9, 24, 55, 0.2)],
                Containers: [new CarriedContainer("Bags", 30)]
            ),
            [
                .. Enumerable
                    .Range(1, sources)
                    .Select(i => new TripSourceEntry(
                        $"s{i}",
                        new TripSource(
                            $"Source {i}",
                            SourceClass.Perennial,
                            km * i / (sources + 1),
                            Chance: random.NextDouble() < 0.7 ? 0.97 : 0.6,
                            DetourMinutes: random.Next(0, 8)
                        )
                    )),
            ],
            null,
            null,
            new DateTimeOffset(2026, 8, 20, 6, 0, 0, TimeSpan.Zero)
        );
    }

    /// <summary>As the page sends it: what is not set is left out.</summary>
    public static string Json(PlanRequest request) => JsonSerializer.Serialize(request, Compact);

    private static readonly JsonSerializerOptions Compact = new(ContractJson.Default.Options)
    {
        DefaultIgnoreCondition = System.Text.Json.Serialization.JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>A track of so many points as GPX with heights and times.</summary>
    public static string Gpx(int points)
    {
        var text = new StringBuilder(
            "<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"made up\" xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><name>Long</name><trkseg>"
        );
        for (var i = 0; i < points; i++)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"<trkpt lat=\"{46 + (0.00008 * i):0.000000}\" lon=\"{-28.6 + (0.02 * Math.Sin(i / 900.0)):0.000000}\"><ele>{500 + (200 * Math.Sin(i / 400.0)) + (i % 3):0.0}</ele><time>2026-08-21T08:00:00Z</time></trkpt>"
            );
        }

        return text.Append("</trkseg></trk></gpx>").ToString();
    }
}
