using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Trips as they come: some days, some water, a party.</summary>
internal static class GeneratedTrips
{
    private static readonly Gen<TripSource> Source =
        from kind in Gen.OneOf(
            SourceClass.Perennial,
            SourceClass.Lake,
            SourceClass.SeasonalInSeason,
            SourceClass.SeasonalLate,
            SourceClass.Seep,
            SourceClass.TankOrTap
        )
        from share in Gen.Frequency((1, Gen.Const(0.0)), (1, Gen.Const(1.0)), (8, Gen.Double[0, 1]))
        from detour in Gen.OneOf(Gen.Const(0.0), Gen.Double[1, 20])
        from drink in Gen.OneOf(Gen.Const(0.0), Gen.Double[0, 1])
        from cache in Gen.Double[0, 10].Nullable(0.8)
        from flow in Gen.Double[0.5, 6]
        from drinkable in Gen.Bool
        select new TripSource(
            "Water",
            kind,
            share,
            DetourMinutes: detour,
            LitresPerMinute: flow,
            Drinkable: drinkable,
            DrinkL: drink,
            CacheL: cache
        );

    /// <summary>
    /// One to three days, 14 to 20 km each, up and down, with water here and there and room enough to carry past some of it.
    /// </summary>
    public static readonly Gen<PlanRequest> Any =
        from days in Gen.Int[1, 3]
        from perDay in Gen.Double[14, 20]
        from rise in Gen.Double[0, 500]
        from sources in Source.Array[2, 8]
        from people in Gen.Int[1, 3]
        from warm in Gen.Double[10, 24]
        select Of(days, perDay, rise, sources, people, warm);

    public static PlanRequest Of(int days, double perDay, double rise, TripSource[] sources, int people, double warm)
    {
        var km = days * perDay;
        var request = Routes.Of(
            ReadLegs.Compute(new LegsRequest(null, 300, [new RouteLeg("", km / 2, rise, 0), new RouteLeg("", km / 2, 0, rise)])),
            []
        );
        return request with
        {
            Route = request.Route! with
            {
                Days = [.. Enumerable.Range(1, days).Select(d => new RouteDay(8, d == days ? null : d * perDay))],
                Weather = [new DayWeather(warm - 4, warm + 4, 50, 0.5)],
                Containers = [new CarriedContainer("Bags", 9 * people)],
                Certainty = null,
                DebtShare = null,
                ReserveL = null,
            },
            Sources =
            [
                .. sources.Select(
                    (s, i) => new TripSourceEntry($"s{i}", s with { Name = $"Water {i}", AlongKm = Math.Round(s.AlongKm!.Value * km, 2) })
                ),
            ],
            Walkers = [.. Enumerable.Range(0, people).Select(i => new WalkerEntry($"w{i}", Routes.Ilva with { Name = $"Walker {i}" }))],
        };
    }
}
