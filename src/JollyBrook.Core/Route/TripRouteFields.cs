using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Route;

/// <summary>The rules a route's fields keep to.</summary>
internal static class TripRouteFields
{
    private const int LongestName = 80;
    private const int MostSteps = 40_000;
    private const int MostDays = 120;
    private const int LongestZone = 64;

    /// <summary>As many as a file's track may have.</summary>
    private const int MostPoints = 400_000;
    private static readonly ChoiceField Name = new("name", "Name", ["1 to 80 characters"]);
    private static readonly NumberField Length = new(
        "lengthKm",
        "Length",
        Quantity.Distance,
        0.05,
        5000,
        "Measure it on the map, or drop a track."
    );
    private static readonly ChoiceField Heights = new("heights", "Heights", ["encoded heights at equal steps, 2 to 40 001 of them"]);
    private static readonly ChoiceField Line = new("latitudes", "Line on the map", ["at least two places, or none"]);
    private static readonly NumberField Pace = new(
        "pace",
        "Pace factor",
        Quantity.Plain,
        0.4,
        2.5,
        "1 is the school's own pace; 1.2 is a fifth slower."
    );
    private static readonly NumberField Breaks = new("breakShare", "Breaks", Quantity.Share, 0, 1, "About 10 % is usual.");
    private static readonly NumberField WeatherHeight = new(
        "weatherElevationM",
        "Height of the weather",
        Quantity.Elevation,
        -400,
        8000,
        "Give the forecast place's own height."
    );
    private static readonly NumberField Certainty = new(
        "certainty",
        "Certainty",
        Quantity.Share,
        TripRoute.Middle,
        0.99,
        "95 % is usual; 50 % plans for the middle."
    );
    private static readonly NumberField Debt = new(
        "debtShare",
        "May be owed",
        Quantity.Share,
        0,
        0.02,
        "Share of body mass: 1 % is usual; 0 counts the last drop."
    );

    /// <summary>In hand on setting out where there is no water.</summary>
    public static readonly NumberField StartWater = new(
        "startL",
        "In hand at the start",
        Quantity.Volume,
        0,
        200,
        "Count what is in the bottles."
    );
    private static readonly NumberField Reserve = new("reserveL", "Reserve", Quantity.Volume, 0, 50, "For the whole party.");
    private static readonly NumberField Minute = new(
        "kgKmPerMinute",
        "Worth of a minute stopped",
        Quantity.Burden,
        0,
        10,
        $"0 minds no stop; {Speaker.Both(Quantity.Burden, TripRoute.DefaultKgKmPerMinute)} is usual."
    );
    private static readonly ChoiceField Zone = new("timeZone", "Time zone", ["the name of a time zone"]);
    private static readonly NumberField Share = new(
        "replaceShare",
        "Share replaced while walking",
        Quantity.Share,
        0.3,
        1,
        "Most people manage 80 %."
    );
    private static readonly NumberField From = new(
        "terrain.fromKm",
        "Start of the ground",
        Quantity.Distance,
        0,
        5000,
        "Measure it along the route."
    );
    private static readonly NumberField Start = new(
        "days.startHour",
        "Start of the day, hour",
        Quantity.Plain,
        RouteDay.EarliestStartHour,
        RouteDay.MidnightHour,
        "8 is 08:00."
    );
    private static readonly NumberField End = new(
        "days.endKm",
        "End of the day",
        Quantity.Distance,
        0,
        5000,
        "Each day ends further on than the one before."
    );
    private static readonly NumberField Meals = new("days.meals", "Cooked meals each", Quantity.Plain, 0, 10, "For each person.");
    private static readonly NumberField Drinks = new("days.hotDrinks", "Hot drinks each", Quantity.Plain, 0, 20, "For each person.");
    private static readonly NumberField Wash = new("days.washL", "Washing each", Quantity.Volume, 0, 20, "For each person.");
    private static readonly NumberField RestFrom = new("days.rest.fromHour", "Rest from, hour", Quantity.Plain, 0, 23, "12 is noon.");
    private static readonly NumberField RestHours = new(
        "days.rest.hours",
        "Hours of rest",
        Quantity.Plain,
        0.25,
        8,
        "Two to four hours pass the worst of the heat."
    );
    private static readonly NumberField Low = new("weather.lowC", "Lowest temperature", Quantity.Temperature, -40, 50, "The night's.");
    private static readonly NumberField High = new(
        "weather.highC",
        "Highest temperature",
        Quantity.Temperature,
        -40,
        50,
        "Not below the lowest."
    );
    private static readonly NumberField Humidity = new(
        "weather.humidityPercent",
        "Humidity",
        Quantity.Percent,
        0,
        100,
        "Take it from the forecast."
    );
    private static readonly NumberField Cloud = new("weather.cloud", "Cloud", Quantity.Share, 0, 1, "0 is a clear sky.");
    private static readonly NumberField Wind = new("weather.windMs", "Wind", Quantity.Wind, 0, 60, "Take it from the forecast.");
    private static readonly NumberField Volume = new(
        "containers.volumeL",
        "Volume of a container",
        Quantity.Volume,
        0.05,
        200,
        "Enter what it holds to the brim."
    );
    private static readonly NumberField Mass = new("containers.massKg", "Mass of a container", Quantity.KitMass, 0, 10, "Weigh it empty.");
    private static readonly NumberField Bail = new(
        "bailOuts.alongKm",
        "Way out, distance along",
        Quantity.Distance,
        0,
        5000,
        "Measure it along the route."
    );

    public static readonly IReadOnlyList<Field> All =
    [
        Name,
        Zone,
        new ChoiceField("startDate", "First day", ["a date such as 2026-08-21"]),
        Length,
        Heights,
        Line,
        Pace,
        Breaks,
        WeatherHeight,
        Reserve,
        StartWater,
        Certainty,
        Debt,
        Minute,
        Share,
        ChoiceField.Of<WalkSchool>("school", "Walking time by"),
        ChoiceField.Of<SweatSchool>("sweat", "Sweat equation"),
        From,
        Start,
        End,
        Meals,
        Drinks,
        Wash,
        RestFrom,
        RestHours,
        Low,
        High,
        Humidity,
        Cloud,
        Wind,
        Volume,
        Mass,
        Bail,
    ];

    public static void Check(TripRoute route, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(route);
        if (string.IsNullOrWhiteSpace(route.Name) || route.Name.Length > LongestName)
        {
            intake.Refuse(Name, $"Name must be 1 to {LongestName} characters. Give the route a short name.");
        }

        intake.Required(Length, route.LengthKm);
        CheckLine(route, intake);
        intake.Optional(Pace, route.Pace);
        intake.Optional(Breaks, route.BreakShare);
        intake.Optional(WeatherHeight, route.WeatherElevationM);
        intake.Optional(Reserve, route.ReserveL);
        intake.Optional(StartWater, route.StartL);
        intake.Optional(Certainty, route.Certainty);
        intake.Optional(Debt, route.DebtShare);
        intake.Optional(Minute, route.KgKmPerMinute);
        intake.Optional(Share, route.ReplaceShare);
        foreach (var span in route.Terrain ?? [])
        {
            intake.Required(From, span.FromKm);
        }

        if (
            route.TimeZone is { } zone
            && (
                zone.Length is 0 or > LongestZone
                || zone.Any(c => !char.IsAsciiLetterOrDigit(c) && !"/_+-".Contains(c, StringComparison.Ordinal))
            )
        )
        {
            intake.Refuse(Zone, "Time zone must be a zone's name, such as Atlantic/Azores. Choose one, or leave it to the device.");
        }

        CheckDays(route, intake);
        foreach (var day in route.Weather ?? [])
        {
            CheckWeather(day, intake);
        }

        foreach (var container in route.Containers ?? [])
        {
            intake.Required(Volume, container.VolumeL);
            intake.Optional(Mass, container.MassKg);
        }

        foreach (var way in route.BailOuts ?? [])
        {
            intake.Required(Bail, way.AlongKm);
        }
    }

    /// <summary>Whether it has more heights or km than are planned at once.</summary>
    public static bool IsTooLong(TripRoute route) =>
        route.LengthKm > Length.Max || EncodedNumbers.Decode(route.Heights!)!.Count > MostSteps + 1;

    private static void CheckLine(TripRoute route, Intake intake)
    {
        var heights = route.Heights is { } text ? EncodedNumbers.Decode(text) : null;
        if (heights is null || heights.Count < 2 || heights.Count > MostSteps + 1 || heights.Any(h => Math.Abs(h) > 100_000))
        {
            intake.Refuse(Heights, "The heights along the route cannot be read. Drop the track again, or type the legs by hand.");
            return;
        }

        if (route.Latitudes is null && route.Longitudes is null)
        {
            return;
        }

        var (latitudes, longitudes) = (EncodedNumbers.Decode(route.Latitudes ?? ""), EncodedNumbers.Decode(route.Longitudes ?? ""));
        if (
            latitudes is null
            || latitudes.Count is < 2 or > MostPoints
            || longitudes is null
            || longitudes.Count != latitudes.Count
            || latitudes.Exists(l => Math.Abs(l) > 90 * 100_000)
        )
        {
            intake.Refuse(
                Line,
                $"The line on the map must be 2 to {MostPoints} places, each with latitude and longitude. Drop the track again."
            );
        }
    }

    private static void CheckDays(TripRoute route, Intake intake)
    {
        var days = route.Days ?? [];
        if (days.Count > MostDays)
        {
            intake.Refuse(End, $"{days.Count} days are more than can be planned at once. Plan at most {MostDays}.");
        }

        var before = 0.0;
        for (var i = 0; i < days.Count; i++)
        {
            intake.Optional(Start, days[i].StartHour);
            intake.Optional(Meals, days[i].Meals);
            intake.Optional(Drinks, days[i].HotDrinks);
            intake.Optional(Wash, days[i].WashL);
            if (days[i].Rest is { } rest)
            {
                intake.Required(RestFrom, rest.FromHour);
                intake.Required(RestHours, rest.Hours);
            }

            if (i == days.Count - 1)
            {
                break;
            }

            var end = intake.Required(End, days[i].EndKm);
            if (end <= before || end >= route.LengthKm)
            {
                intake.Refuse(
                    End,
                    $"Day {i + 1} must end after {intake.Say.Of(Quantity.Distance, before)} and before the finish. Move its camp."
                );
            }

            before = end;
        }
    }

    private static void CheckWeather(DayWeather day, Intake intake)
    {
        intake.Optional(Low, day.LowC);
        intake.Optional(High, day.HighC);
        intake.Optional(Humidity, day.HumidityPercent);
        intake.Optional(Cloud, day.Cloud);
        intake.Optional(Wind, day.WindMs);
        if (day.LowC > day.HighC)
        {
            intake.Refuse(High, "The highest temperature is below the lowest. Exchange them.");
        }

        foreach (var hour in day.Hours ?? [])
        {
            intake.Required(Low, hour.TemperatureC);
            intake.Optional(Humidity, hour.HumidityPercent);
            intake.Optional(Cloud, hour.Cloud);
        }
    }
}
