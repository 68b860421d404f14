using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.GeoJson;
using JollyBrook.Formats.Gpx;
using JollyBrook.Formats.Tables;

namespace JollyBrook.Formats;

/// <summary>A source with its place, ready to be written.</summary>
internal sealed record PlacedSource(TripSource Source, LineOnMapPoint At, string Words);

/// <summary>A stop that is no source, with its place.</summary>
internal sealed record PlacedStop(string Name, LineOnMapPoint At, string Words);

/// <summary>A trip as it is written.</summary>
internal sealed record PlacedTrip(
    string Name,
    TripRoute? Route,
    IReadOnlyList<LineOnMapPoint> Line,
    IReadOnlyList<PlacedSource> Sources,
    IReadOnlyList<PlacedStop> Stops
);

/// <summary>Writes a trip: standard parts for everybody, our own beside them so that it comes back whole.</summary>
internal static class TripFile
{
    private const string NoName = "sources";

    /// <summary>Points nearer than this are one, km.</summary>
    private const double SamePlaceKm = 0.005;

    public static WriteTripResponse Write(WriteTripRequest request)
    {
        var intake = new Intake(Core.Units.Speaker.Metric);
        intake.Present(FileCalculations.FormatField, request.Format);
        foreach (var note in request.Sources ?? [])
        {
            intake.Present(new ChoiceField("sources.source", "Source", ["a source of the trip"]), note.Source);
            note.Source?.Check(intake);
        }

        intake.ThrowIfWrong();
        if (request.Route is { } route)
        {
            TripRoute.Check(route);
        }

        var trip = Placed(request);
        var name = FileName(trip.Name);
        return request.Format!.Value switch
        {
            TripFileFormat.Gpx => new WriteTripResponse($"{name}.gpx", "application/gpx+xml", GpxWriter.Write(trip)),
            TripFileFormat.GeoJson => new WriteTripResponse($"{name}.geojson", "application/geo+json", GeoJsonWriter.Write(trip)),
            _ => new WriteTripResponse($"{name}.csv", "text/csv", SourceTable.Write(trip.Sources)),
        };
    }

    private static PlacedTrip Placed(WriteTripRequest request)
    {
        IReadOnlyList<LineOnMapPoint> line = request.Route is { } route ? WithHeights(RouteLine.Compute(route).Points, route.Ground()) : [];
        List<PlacedSource> sources = [];
        foreach (var (source, words) in (request.Sources ?? []).Select(s => (s.Source!, s.Words ?? "")))
        {
            var on = At(line, source.AlongKm!.Value);
            var at = source is { LatitudeDeg: { } lat, LongitudeDeg: { } lon }
                ? new LineOnMapPoint(lat, lon, on?.ElevationM ?? double.NaN, source.AlongKm.Value)
                : on;
            if (at is not null)
            {
                sources.Add(new PlacedSource(source, at, words));
            }
        }

        var stops = (request.Stops ?? [])
            .Where(s => s.AlongKm is not null)
            .Select(s => (s.Name, At: At(line, s.AlongKm!.Value), s.Words))
            .Where(s => s.At is not null);
        return new PlacedTrip(
            request.Route?.Name ?? NoName,
            request.Route,
            line,
            sources,
            [.. stops.Select(s => new PlacedStop(s.Name ?? "", s.At!, s.Words ?? ""))]
        );
    }

    /// <summary>
    /// The bends of the line, and a point for each height between them: others know of no ground but what stands in the points.
    /// </summary>
    private static List<LineOnMapPoint> WithHeights(IReadOnlyList<LineOnMapPoint> bends, GroundProfile ground)
    {
        List<LineOnMapPoint> line = [];
        var step = 0;
        foreach (var bend in bends)
        {
            for (; step <= ground.Steps && step * ground.StepKm < bend.AlongKm - SamePlaceKm; step++)
            {
                if (line.Count == 0 || (step * ground.StepKm) - line[^1].AlongKm > SamePlaceKm)
                {
                    line.Add(Between(line[^1], bend, step * ground.StepKm) with { ElevationM = ground.ElevationM[step] });
                }
            }

            line.Add(bend);
        }

        return line;
    }

    private static LineOnMapPoint Between(LineOnMapPoint a, LineOnMapPoint b, double km)
    {
        var share = b.AlongKm > a.AlongKm ? Math.Clamp((km - a.AlongKm) / (b.AlongKm - a.AlongKm), 0, 1) : 0;
        var longitude = a.LongitudeDeg + (share * Math.IEEERemainder(b.LongitudeDeg - a.LongitudeDeg, 360));
        return new LineOnMapPoint(
            a.LatitudeDeg + (share * (b.LatitudeDeg - a.LatitudeDeg)),
            Math.IEEERemainder(longitude, 360),
            a.ElevationM + (share * (b.ElevationM - a.ElevationM)),
            km
        );
    }

    /// <summary>The line at a distance along; null without a line.</summary>
    private static LineOnMapPoint? At(IReadOnlyList<LineOnMapPoint> line, double km)
    {
        if (line.Count == 0)
        {
            return null;
        }

        var i = 1;
        while (i < line.Count - 1 && line[i].AlongKm < km)
        {
            i++;
        }

        return Between(line[i - 1], line[i], km);
    }

    /// <summary>Letters of any script stay; what some system takes for a mark of its own does not.</summary>
    private static string FileName(string name)
    {
        var plain = string.Concat(name.Select(c => char.IsControl(c) || "\\/:*?\"<>|".Contains(c, StringComparison.Ordinal) ? '-' : c))
            .Trim(' ', '.', '-');
        return plain.Length == 0 ? NoName : plain;
    }
}
