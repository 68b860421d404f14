using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Route;

/// <summary>Legs typed by hand, to be made into ground.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="StartM">Height of the start, m.</param>
/// <param name="Legs">In order.</param>
public sealed record LegsRequest(UnitSystem? Units, double? StartM, IReadOnlyList<RouteLeg>? Legs);

/// <summary>A place found in a file, put on a route's line.</summary>
/// <param name="Name">Its name; empty without one.</param>
/// <param name="OffKm">How far off the line, km.</param>
/// <param name="Source">What it becomes if it is taken: its kind, its report, its way off the line.</param>
/// <param name="Chance">The chance that it runs today, by what was read of it, 0 to 1.</param>
/// <param name="Why">What was read from which words; each a phrase.</param>
/// <param name="IsOffered">Whether it is ticked from the first: it tells of water, not of dryness, and lies by the line.</param>
public sealed record FoundPlace(string Name, double OffKm, TripSource Source, double Chance, IReadOnlyList<string> Why, bool IsOffered);

/// <summary>Ground read from a file or made from legs, ready to be part of a <see cref="TripRoute"/>.</summary>
/// <param name="Name">The file's own name for it.</param>
/// <param name="LengthKm">km.</param>
/// <param name="AscentM">m.</param>
/// <param name="DescentM">m.</param>
/// <param name="Heights">As in <see cref="TripRoute"/>.</param>
/// <param name="Latitudes">Likewise; null without a map line.</param>
/// <param name="Longitudes">Likewise.</param>
/// <param name="Terrain">Ground underfoot from each leg's start; empty when the file says nothing.</param>
/// <param name="HoursBySchool">Walking hours on a path by each school.</param>
/// <param name="Places">Places found in the file, in order.</param>
/// <param name="Flags">What is odd about it.</param>
/// <param name="HasHeights">Whether any heights were given.</param>
/// <param name="Whole">The whole route with its days and its party, where this program wrote the file; else null.</param>
/// <param name="Lines">The lines of a file that holds several; else null.</param>
/// <param name="LineTaken">Which of them this is, from 0; −1 for all joined.</param>
public sealed record ReadRoute(
    string Name,
    double LengthKm,
    double AscentM,
    double DescentM,
    string Heights,
    string? Latitudes,
    string? Longitudes,
    IReadOnlyList<TerrainSpan> Terrain,
    IReadOnlyList<RouteHours> HoursBySchool,
    IReadOnlyList<FoundPlace> Places,
    IReadOnlyList<string> Flags,
    bool HasHeights,
    TripRoute? Whole = null,
    IReadOnlyList<FoundLine>? Lines = null,
    int LineTaken = 0
);

/// <summary>One of several lines of a file.</summary>
/// <param name="Name">Its name; empty without one.</param>
/// <param name="LengthKm">km.</param>
public sealed record FoundLine(string Name, double LengthKm);

/// <summary>Walking hours by one school.</summary>
public sealed record RouteHours(WalkSchool School, string Name, double Hours);

/// <summary>The calculation "legs": ground from legs typed by hand.</summary>
public static class ReadLegs
{
    private static readonly NumberField Start = new(
        "startM",
        "Height of the start",
        Quantity.Elevation,
        -400,
        8000,
        "Take it from the map."
    );
    private static readonly NumberField Distance = new(
        "legs.distanceKm",
        "Distance of a leg",
        Quantity.Distance,
        0.05,
        500,
        "Measure it on the map."
    );
    private static readonly NumberField Up = new("legs.upM", "Ascent of a leg", Quantity.Elevation, 0, 8000, "Count the contours.");
    private static readonly NumberField Down = new("legs.downM", "Descent of a leg", Quantity.Elevation, 0, 8000, "Count the contours.");
    private static readonly ChoiceField LegsField = new("legs", "Legs", ["1 to 500 legs"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [ChoiceField.Of<UnitSystem>("units", "Units"), Start, Distance, Up, Down, LegsField];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static ReadRoute Compute(LegsRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Optional(Start, request.StartM);
        if (request.Legs is not { Count: > 0 and <= 500 } legs)
        {
            intake.Refuse(LegsField, "At least one leg is needed, at most 500. Add a leg with its distance.");
            legs = [];
        }

        foreach (var leg in legs)
        {
            intake.Required(Distance, leg.DistanceKm);
            intake.Optional(Up, leg.UpM);
            intake.Optional(Down, leg.DownM);
            if (leg.UpM + leg.DownM > leg.DistanceKm * 1000)
            {
                intake.Refuse(Up, "A leg climbs and falls more than it is long: check its distance and its metres.");
            }
        }

        intake.ThrowIfWrong();
        List<TerrainSpan> terrain = [];
        var km = 0.0;
        foreach (var leg in legs)
        {
            terrain.Add(new TerrainSpan(km, leg.Terrain ?? Body.Terrain.GoodPath));
            km += leg.DistanceKm!.Value;
        }

        return RouteReading.Of("", Legs.Profile(legs, request.StartM ?? 0), null, terrain, [], true);
    }
}
