using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Formats;

/// <summary>
/// What no format has an element for, as this program writes it into its own namespace beside the words that people read: a source with
/// its report and its hazards, a route with its days and its party.
/// </summary>
internal static class OwnParts
{
    /// <summary>The namespace of our own elements in XML, and the key of our own member in JSON.</summary>
    public const string Namespace = "urn:jolly-brook:trip:1";
    public const string Key = "jollyBrook";
    public const string Source = "source";
    public const string Route = "route";

    /// <summary>Marks a waypoint that is a stop of the plan and no water: camp, start, finish.</summary>
    public const string Stop = "stop";

    public static string Write(TripSource source) => JsonSerializer.Serialize(source with { RouteId = null }, FileJson.Default.TripSource);

    public static string Write(TripRoute route) => JsonSerializer.Serialize(route, FileJson.Default.TripRoute);

    /// <returns>Null for what cannot be right: it is then read as anybody's.</returns>
    public static TripSource? ReadSource(string json) => Read(json, FileJson.Default.TripSource, TripSource.Check);

    /// <returns>Null for what cannot be right.</returns>
    public static TripRoute? ReadRoute(string json) => Read(json, FileJson.Default.TripRoute, TripRoute.Check);

    private static T? Read<T>(string json, JsonTypeInfo<T> type, Action<T> check)
        where T : class
    {
        try
        {
            if (JsonSerializer.Deserialize(json, type) is { } read)
            {
                check(read);
                return read;
            }
        }
        catch (Exception wrong) when (wrong is JsonException or BadInputException or NotSupportedException)
        {
            // Changed by hand, or by another program.
        }

        return null;
    }
}
