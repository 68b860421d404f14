using JollyBrook.Core.Contract;
using JollyBrook.Core.Sky;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Barriers;

/// <summary>What surrounds the water: the container, the sky and the time. A null counts as worse.</summary>
/// <param name="Intake">Checks fields, and says figures in the traveller's units.</param>
/// <param name="Target">What must be reached.</param>
/// <param name="Container">What the treated water stands in.</param>
/// <param name="Sky">Air, place, date and cloud.</param>
/// <param name="Now">When it would be started; null when not given.</param>
/// <param name="Choices">The rooms' own option records, each at most once.</param>
public sealed record BarrierSetting(
    Intake Intake,
    LogTarget Target,
    ContainerInput Container,
    SkyInput Sky,
    DateTimeOffset? Now,
    IReadOnlyList<object> Choices
)
{
    /// <summary>The units in which this person is told figures.</summary>
    public Speaker Say => Intake.Say;

    /// <summary>The day it is: the sky's own, or the start's.</summary>
    public DateOnly? Today => Sky.Date ?? (Now is { } now ? DateOnly.FromDateTime(now.DateTime) : null);

    /// <summary>Where and when the sun can be reckoned; null where start, latitude or longitude is not known.</summary>
    public (DateTimeOffset From, double LatitudeDeg, double LongitudeDeg)? SunFrom(double minutesOn) =>
        Now is { } now && Sky is { LatitudeDeg: { } latitude, LongitudeDeg: { } longitude }
            ? (now.AddMinutes(minutesOn), latitude, longitude)
            : null;

    /// <summary>Minutes of dark from so many minutes after the start on; 0 (in the sun) where that cannot be told.</summary>
    public double DarkMinutes(double minutesOn) =>
        SunFrom(minutesOn) is var (from, latitude, longitude) ? Daylight.MinutesOfDark(from, latitude, longitude) : 0;

    /// <summary>A room's own options; null when none were given.</summary>
    public T? Choice<T>()
        where T : class => Choices.OfType<T>().FirstOrDefault();
}

/// <summary>The container as told.</summary>
/// <param name="Opaque">Whether its wall keeps light out.</param>
/// <param name="ClearPlastic">Whether it is clear PET or glass, for sunlight.</param>
/// <param name="Squeezable">Whether its wall gives.</param>
/// <param name="DepthCm">Depth of the water standing in it, cm, 2 to 60.</param>
/// <param name="HasHose">Whether water is drunk through a hose.</param>
/// <param name="CapacityL">What it holds to the brim, litres.</param>
/// <param name="LyingDepthCm">Depth of the water when it lies on its side, cm, 1 to 60, for sunlight.</param>
/// <param name="Role">What it may hold; either when left out.</param>
public sealed record ContainerInput(
    bool? Opaque = null,
    bool? ClearPlastic = null,
    bool? Squeezable = null,
    double? DepthCm = null,
    bool? HasHose = null,
    double? CapacityL = null,
    double? LyingDepthCm = null,
    ContainerRole? Role = null
);

/// <summary>The sky as told.</summary>
/// <param name="AirTemperatureC">Air temperature, −40 to 50 °C.</param>
/// <param name="LatitudeDeg">North positive, −90 to 90.</param>
/// <param name="LongitudeDeg">East positive, −180 to 180.</param>
/// <param name="CloudCover">Share of the sky covered, 0 to 1.</param>
/// <param name="ContinuousRain">Whether it rains without a break.</param>
/// <param name="Date">The day; the start's own date when left out.</param>
public sealed record SkyInput(
    double? AirTemperatureC = null,
    double? LatitudeDeg = null,
    double? LongitudeDeg = null,
    double? CloudCover = null,
    bool? ContinuousRain = null,
    DateOnly? Date = null
);

/// <summary>The fields that say where the water stands: its container, the air and the sky.</summary>
public static class SettingFields
{
    /// <summary>Depth of the water in its container, cm, 2 to 60.</summary>
    public static readonly NumberField Depth = new(
        "container.depthCm",
        "Depth of the water",
        Quantity.Length,
        2,
        60,
        "Measure from the surface to the bottom."
    );

    /// <summary>Depth of a container that lies on its side, cm, 1 to 60: what sunlight has to pass.</summary>
    public static readonly NumberField LyingDepth = new(
        "container.lyingDepthCm",
        "Depth as it lies",
        Quantity.Length,
        1,
        60,
        "Lay it down full and measure its thickness."
    );

    /// <summary>What the container holds to the brim, L, 0.05 to 200.</summary>
    public static readonly NumberField Capacity = new(
        "container.capacityL",
        "What the container holds",
        Quantity.Volume,
        0.05,
        200,
        "Enter what it holds to the brim."
    );

    /// <summary>Air temperature, °C, −40 to 50.</summary>
    public static readonly NumberField Air = new(
        "sky.airTemperatureC",
        "Air temperature",
        Quantity.Temperature,
        -40,
        50,
        "Or say it is not known."
    );

    /// <summary>Degrees, −90 to 90; north is positive.</summary>
    public static readonly NumberField Latitude = new(
        "sky.latitudeDeg",
        "Latitude",
        Quantity.Angle,
        -90,
        90,
        "North is positive, south negative."
    );

    /// <summary>Degrees, −180 to 180; east is positive.</summary>
    public static readonly NumberField Longitude = new(
        "sky.longitudeDeg",
        "Longitude",
        Quantity.Angle,
        -180,
        180,
        "East is positive, west negative."
    );

    /// <summary>Share of the sky that is covered, 0 to 1.</summary>
    public static readonly NumberField Cloud = new("sky.cloudCover", "Cloud", Quantity.Share, 0, 1, "How much of the sky is covered.");

    /// <summary>Every field of the setting.</summary>
    public static readonly IReadOnlyList<Field> All = [Depth, LyingDepth, Capacity, Air, Latitude, Longitude, Cloud];

    /// <summary>Notes what can't be right.</summary>
    public static void Check(ContainerInput container, SkyInput sky, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(container);
        ArgumentNullException.ThrowIfNull(sky);
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(Depth, container.DepthCm);
        intake.Optional(LyingDepth, container.LyingDepthCm);
        intake.Optional(Capacity, container.CapacityL);
        intake.Optional(Air, sky.AirTemperatureC);
        intake.Optional(Latitude, sky.LatitudeDeg);
        intake.Optional(Longitude, sky.LongitudeDeg);
        intake.Optional(Cloud, sky.CloudCover);
    }
}
