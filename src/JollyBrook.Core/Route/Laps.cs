using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Route;

/// <summary>A round to be gone several times.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Route">The round, once.</param>
/// <param name="Sources">Its sources.</param>
/// <param name="Laps">How many times, 2 to 50.</param>
/// <param name="WaterAtHome">Whether there is a tap where each round begins.</param>
public sealed record LapsRequest(
    UnitSystem? Units,
    TripRoute? Route,
    IReadOnlyList<TripSourceEntry>? Sources,
    double? Laps,
    bool? WaterAtHome = null
);

/// <summary>The rounds laid end to end.</summary>
/// <param name="Route">The whole way.</param>
/// <param name="Sources">What is met again in the later rounds, and home where it has water: to be kept beside the sources of the
/// first.</param>
/// <param name="Flags">What is odd about it.</param>
public sealed record LapsResponse(TripRoute Route, IReadOnlyList<TripSource> Sources, IReadOnlyList<string> Flags);

/// <summary>
/// The calculation "laps": a round gone several times is one long way that passes home and its waters again and again (handbook room 70).
/// </summary>
public static class Laps
{
    /// <summary>A round ends where it begins if no further apart than this, km (pick: what a receiver and a car park are out by).</summary>
    private const double ClosedKm = 0.3;

    private static readonly NumberField Count = new("laps", "Rounds", Quantity.Plain, 2, 50, "Give how many times it is gone round.");
    private static readonly ChoiceField RouteField = new("route", "Route", ["a route"]);
    private static readonly ChoiceField LengthField = new("route.lengthKm", "Length", ["at most 5 000 km and 40 000 heights in all"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields =>
        [ChoiceField.Of<UnitSystem>("units", "Units"), Count, RouteField, LengthField, .. TripRoute.Fields, .. TripSource.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static LapsResponse Compute(LapsRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(RouteField, request.Route);
        intake.Required(Count, request.Laps);
        intake.ThrowIfWrong();
        var (route, laps) = (request.Route!, (int)request.Laps!.Value);
        TripRouteFields.Check(route, intake);
        foreach (var entry in request.Sources ?? [])
        {
            entry.Source.Check(intake);
        }

        intake.ThrowIfWrong();
        var km = route.LengthKm!.Value;
        var whole = route with
        {
            LengthKm = km * laps,
            Heights = Again(route.Heights!, laps),
            Latitudes = route.Latitudes is { } lat ? Again(lat, laps) : null,
            Longitudes = route.Longitudes is { } lon ? Again(lon, laps) : null,
            Terrain = Again(route.Terrain, laps, (span, on) => span with { FromKm = span.FromKm + (on * km) }),
            BailOuts = Again(route.BailOuts, laps, (way, on) => way with { AlongKm = way.AlongKm + (on * km) }),
            // A day's end was a place on the one round.
            Days = route.Days is [var first, ..] ? [first with { EndKm = null, CampName = null }] : null,
        };
        if (TripRouteFields.IsTooLong(whole))
        {
            intake.Refuse(LengthField, $"{laps} rounds are too long to plan at once. Plan fewer, and the rest as another walk.");
            intake.ThrowIfWrong();
        }

        return new LapsResponse(whole, [.. Met(request, km, laps)], [.. Flags(route, intake.Say)]);
    }

    private static IEnumerable<TripSource> Met(LapsRequest request, double km, int laps)
    {
        for (var lap = 1; lap < laps; lap++)
        {
            if (request.WaterAtHome == true)
            {
                yield return new TripSource($"Home, round {lap + 1}", SourceClass.TankOrTap, lap * km, Chance: 1, Drinkable: true);
            }

            foreach (var (_, source) in request.Sources ?? [])
            {
                // What was left at a place is there once.
                if (source.CacheL is null)
                {
                    yield return source with
                    {
                        Name = Shortened(source.Name!, $", round {lap + 1}"),
                        AlongKm = source.AlongKm + (lap * km),
                    };
                }
            }
        }
    }

    private const int LongestName = 80;

    private static string Shortened(string name, string with) =>
        (name.Length + with.Length <= LongestName ? name : name[..(LongestName - with.Length)]) + with;

    private static IEnumerable<string> Flags(TripRoute route, Speaker say)
    {
        if (route.Days is { Count: > 1 })
        {
            yield return "The camps were taken out: rounds are gone in a day. Set new ones where they are wanted.";
        }

        if (GapKm(route) is { } gap && gap > ClosedKm)
        {
            yield return $"It ends {say.Of(Quantity.Distance, gap)} from where it begins: that way between rounds is not counted.";
        }
    }

    private static double? GapKm(TripRoute route)
    {
        if (route.Latitudes is null || route.Longitudes is null)
        {
            return null;
        }

        var (lat, lon) = (EncodedNumbers.Decode(route.Latitudes)!, EncodedNumbers.Decode(route.Longitudes)!);
        return new GeoPoint(lat[0] / 1e5, lon[0] / 1e5).KmTo(new GeoPoint(lat[^1] / 1e5, lon[^1] / 1e5));
    }

    /// <summary>One round after another: the end of each is the beginning of the next.</summary>
    private static string Again(string encoded, int laps)
    {
        var once = EncodedNumbers.Decode(encoded)!;
        return EncodedNumbers.Encode(once.Concat(Enumerable.Range(1, laps - 1).SelectMany(_ => once.Skip(1))));
    }

    private static IReadOnlyList<T>? Again<T>(IReadOnlyList<T>? once, int laps, Func<T, int, T> moved) =>
        once is null ? null : [.. Enumerable.Range(0, laps).SelectMany(lap => once.Select(one => moved(one, lap)))];
}
