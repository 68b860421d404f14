using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Formats;

/// <summary>A file to be read as a route.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="File">Its bytes, as they are: packed or not, in any encoding it declares.</param>
/// <param name="Today">The day it is read: dates without a year are of before it.</param>
/// <param name="Line">Which of several lines, from 0; −1 for all of them joined; the longest when left out.</param>
/// <param name="StartM">Height of the start, m, where the file has no heights.</param>
/// <param name="UpM">Ascent in all, m, likewise.</param>
/// <param name="DownM">Descent in all, m, likewise.</param>
public sealed record ReadRouteRequest(
    UnitSystem? Units,
    byte[]? File,
    DateOnly? Today,
    int? Line = null,
    double? StartM = null,
    double? UpM = null,
    double? DownM = null
);

/// <summary>A file whose places are to be put on a route that is kept.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="File">Its bytes: a track with waypoints, waypoints alone, points, or a table with latitude and longitude.</param>
/// <param name="Today">The day it is read.</param>
/// <param name="Route">The route; it needs a map line.</param>
public sealed record ReadPlacesRequest(UnitSystem? Units, byte[]? File, DateOnly? Today, TripRoute? Route);

/// <summary>Places of a file on a route.</summary>
/// <param name="Places">In the order of the walk.</param>
/// <param name="Flags">What is odd, each a sentence.</param>
public sealed record ReadPlacesResponse(IReadOnlyList<FoundPlace> Places, IReadOnlyList<string> Flags);

/// <summary>A table of weather to be read.</summary>
/// <param name="File">Its bytes.</param>
/// <param name="StartDate">The trip's first day: the table's dates are put on the trip's by it; null takes its days as they come.</param>
/// <param name="Days">How many days the trip has, 1 to 120; 1 when left out.</param>
public sealed record ReadWeatherRequest(byte[]? File, DateOnly? StartDate = null, double? Days = null);

/// <summary>Weather day by day.</summary>
/// <param name="Days">In order.</param>
/// <param name="Flags">Days that the table leaves out, each a sentence.</param>
public sealed record ReadWeatherResponse(IReadOnlyList<DayWeather> Days, IReadOnlyList<string> Flags);

/// <summary>The formats a trip is written in.</summary>
[System.Text.Json.Serialization.JsonConverter(typeof(Core.Contract.CamelCaseEnumConverter<TripFileFormat>))]
public enum TripFileFormat
{
    /// <summary>GPX 1.1.</summary>
    Gpx,

    /// <summary>GeoJSON (RFC 7946).</summary>
    GeoJson,

    /// <summary>Its sources alone, a line each.</summary>
    Csv,
}

/// <summary>A stop of the plan that is no source: a camp, the start, the finish, with what the plan says there.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="AlongKm">km.</param>
/// <param name="Words">What to do there.</param>
public sealed record StopNote(string? Name, double? AlongKm, string? Words);

/// <summary>A source to be written, with what the plan says there.</summary>
/// <param name="Source">The source.</param>
/// <param name="Words">What to do there; null without a plan.</param>
public sealed record SourceNote(TripSource? Source, string? Words = null);

/// <summary>A trip to be written to a file that this program reads again whole, and others by its standard parts.</summary>
/// <param name="Format">The format.</param>
/// <param name="Route">The route; null writes the sources alone.</param>
/// <param name="Sources">Its sources; those without a place of their own stand on the line.</param>
/// <param name="Stops">Its other stops.</param>
public sealed record WriteTripRequest(
    TripFileFormat? Format,
    TripRoute? Route,
    IReadOnlyList<SourceNote>? Sources,
    IReadOnlyList<StopNote>? Stops = null
);

/// <summary>A file to be saved.</summary>
/// <param name="Name">Its name, with its ending.</param>
/// <param name="MediaType">What it is.</param>
/// <param name="Text">What it holds.</param>
public sealed record WriteTripResponse(string Name, string MediaType, string Text);
