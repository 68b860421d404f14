using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Plan requests over typed legs.</summary>
internal static class Routes
{
    public static readonly Walker Ilva = new("Ilva", 62, 168, true, Clothing.ShortsAndShirt, 13);

    /// <summary>A level walk in one air: need is even along it. Planned for the middle, with nothing owed.</summary>
    public static PlanRequest Level(double km, params (string Name, double Km, double Chance)[] sources) =>
        Of(ReadLegs.Compute(new LegsRequest(null, 300, [new RouteLeg("", km)])), [.. sources.Select(s => Source(s.Name, s.Km, s.Chance))]);

    public static PlanRequest Of(ReadRoute read, IReadOnlyList<TripSourceEntry> sources) =>
        new(
            null,
            new TripRoute(
                "Walk",
                new DateOnly(2026, 8, 21),
                read.LengthKm,
                read.Heights,
                BreakShare: 0,
                Weather: [new DayWeather(24, 24, 50, 0, 2, WeatherSource.Typed)],
                Containers: [new CarriedContainer("Bag", 8)],
                ReserveL: 0.5,
                Certainty: TripRoute.Middle,
                DebtShare: 0
            ),
            sources,
            [new WalkerEntry("w", Ilva)],
            []
        );

    public static TripSourceEntry Source(string name, double km, double chance) =>
        new(name, new TripSource(name, SourceClass.Perennial, km, Chance: chance, Drinkable: true));
}
