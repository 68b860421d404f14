using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;
using JollyBrook.Formats.Tables;

namespace JollyBrook.Formats;

/// <summary>
/// What both hosts do with files, by name, beside the core's own calculations: pure like those, and apart from them so that the browser
/// fetches the readers only when a file is first opened.
/// </summary>
public static class FileCalculations
{
    private static readonly ChoiceField FileField = new("file", "File", ["the bytes of a file"]);
    internal static readonly ChoiceField FormatField = ChoiceField.Of<TripFileFormat>("format", "Format");
    private static readonly NumberField Start = new(
        "startM",
        "Height of the start",
        Quantity.Elevation,
        -400,
        8000,
        "Take it from the map."
    );
    private static readonly NumberField Up = new("upM", "Ascent in all", Quantity.Elevation, 0, 100_000, "Count the contours.");
    private static readonly NumberField Days = new("days", "Days of the trip", Quantity.Plain, 1, 120, "Count them.");
    private static readonly NumberField Down = new("downM", "Descent in all", Quantity.Elevation, 0, 100_000, "Count the contours.");

    /// <summary>Every calculation that reads or writes a file.</summary>
    public static readonly IReadOnlyList<Calculation> All =
    [
        new Calculation<ReadRouteRequest, ReadRoute>(
            "read-route",
            "A route out of GPX or GeoJSON: ground, line, places.",
            Route,
            () => FileJson.Default.ReadRouteRequest,
            () => FileJson.Default.ReadRoute,
            () => [ChoiceField.Of<UnitSystem>("units", "Units"), FileField, Start, Up, Down]
        )
        {
            IsLong = true,
            TakesFile = true,
        },
        new Calculation<ReadPlacesRequest, ReadPlacesResponse>(
            "read-places",
            "A file's places on a route that is kept.",
            Places,
            () => FileJson.Default.ReadPlacesRequest,
            () => FileJson.Default.ReadPlacesResponse,
            () => [ChoiceField.Of<UnitSystem>("units", "Units"), FileField, RoutePlaces.RouteField, .. TripRoute.Fields]
        )
        {
            IsLong = true,
            TakesFile = true,
        },
        new Calculation<ReadWeatherRequest, ReadWeatherResponse>(
            "read-weather",
            "Weather by the hour out of a table.",
            Weather,
            () => FileJson.Default.ReadWeatherRequest,
            () => FileJson.Default.ReadWeatherResponse,
            () => [FileField, Days]
        )
        {
            IsLong = true,
            TakesFile = true,
        },
        new Calculation<WriteTripRequest, WriteTripResponse>(
            "write-trip",
            "A trip as GPX or GeoJSON, its sources as a table.",
            TripFile.Write,
            () => FileJson.Default.WriteTripRequest,
            () => FileJson.Default.WriteTripResponse,
            () => [FormatField, RoutePlaces.RouteField, .. TripRoute.Fields, .. Core.Sources.TripSource.Fields]
        )
        {
            IsLong = true,
        },
    ];

    /// <summary>Runs one by name on a JSON request. Never throws for bad input or an unknown name.</summary>
    public static CalculationOutcome Run(string name, string json, CancellationToken cancellation = default) =>
        All.FirstOrDefault(c => c.Name == name) is { } calculation
            ? calculation.Run(json, cancellation)
            : CalculationOutcome.Of(Problem.UnknownCalculation(name, All.Select(c => c.Name)));

    private static ReadRoute Route(ReadRouteRequest request, CancellationToken cancellation)
    {
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(FileField, request.File);
        intake.Optional(Start, request.StartM);
        intake.Optional(Up, request.UpM);
        intake.Optional(Down, request.DownM);
        intake.ThrowIfWrong();
        var climb =
            request.UpM is null && request.DownM is null ? null : new GivenClimb(request.StartM ?? 0, request.UpM ?? 0, request.DownM ?? 0);
        return Read(intake, () =>
            RouteFile.Read(
                FileText.Of(request.File!),
                new RouteFileOptions(Today(request.Today), request.Units, request.Line, climb),
                cancellation
            )
        );
    }

    private static ReadPlacesResponse Places(ReadPlacesRequest request, CancellationToken cancellation)
    {
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(FileField, request.File);
        intake.Present(RoutePlaces.RouteField, request.Route);
        intake.ThrowIfWrong();
        var line = RoutePlaces.LineOf(request.Route!, intake);
        return Read(intake, () => RouteFile.Places(FileText.Of(request.File!), line, Today(request.Today), request.Units, cancellation));
    }

    private static ReadWeatherResponse Weather(ReadWeatherRequest request, CancellationToken cancellation)
    {
        var intake = new Intake(Speaker.Metric);
        intake.Present(FileField, request.File);
        intake.Optional(Days, request.Days);
        intake.ThrowIfWrong();
        return Read(intake, () =>
            WeatherTable.OnTrip(
                WeatherTable.Read(FileText.Of(request.File!), request.StartDate),
                request.StartDate,
                (int)(request.Days ?? 1)
            )
        );
    }

    /// <summary>Without a day nothing is of a day still to come.</summary>
    private static DateOnly Today(DateOnly? today) => today ?? DateOnly.MaxValue;

    private static T Read<T>(Intake intake, Func<T> read)
    {
        try
        {
            return read();
        }
        catch (UnreadableFileException wrong)
        {
            intake.Refuse(FileField, wrong.Message);
            intake.ThrowIfWrong();
            throw;
        }
    }
}
