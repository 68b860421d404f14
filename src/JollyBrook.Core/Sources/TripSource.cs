using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Sources;

/// <summary>A source of a trip, in the order of the walk.</summary>
/// <param name="Name">What the map or the party calls it.</param>
/// <param name="Class">Its class.</param>
/// <param name="AlongKm">How far along the walk it lies, km, 0 to 5 000.</param>
/// <param name="ReportedFlowing">What the last report said; null without one.</param>
/// <param name="ReportedAt">When that was.</param>
/// <param name="RouteId">The route it lies on; null for the book's only one.</param>
/// <param name="Chance">The traveller's own word on whether it runs, 0 to 1; it outranks class and report.</param>
/// <param name="DetourMinutes">Walk off the line, one way, min.</param>
/// <param name="LitresPerMinute">How fast it fills, L/min.</param>
/// <param name="DoNotUse">Whether it carries what no treatment takes out: never planned on.</param>
/// <param name="OnlyIfNeeded">Whether it is left out until it is called for.</param>
/// <param name="Drinkable">Whether its water needs no treatment: a tap, a shop, water left there treated. A cache is, unless told
/// otherwise.</param>
/// <param name="TreatWith">The piece of kit its water is to be treated with, by its id; null leaves the choice to what is best by
/// then.</param>
/// <param name="Seen">What was seen there or upstream of it.</param>
/// <param name="OthersCamped">Whether tracks or smoke tell of others camped there.</param>
/// <param name="TreatLater">Whether it is carried untreated and treated at the next stop, so that dirty bags count.</param>
/// <param name="DrinkL">Drunk on the spot by the whole party, L.</param>
/// <param name="CacheL">What was left there, L; null where water is not limited.</param>
/// <param name="LatitudeDeg">Where, for maps.</param>
/// <param name="LongitudeDeg">Where, for maps.</param>
/// <param name="Clarity">How clear its water is; null counts as cloudy.</param>
/// <param name="Colour">Its colour; null counts as tea.</param>
/// <param name="TemperatureC">How cold it is, °C, 0 to 40; null counts as ice-cold.</param>
/// <param name="Retired">Whether it was taken out of the trip: no plan knows it, the log still names it, and it can be put back.</param>
public sealed record TripSource(
    string? Name,
    SourceClass? Class,
    double? AlongKm,
    bool? ReportedFlowing = null,
    DateTimeOffset? ReportedAt = null,
    Guid? RouteId = null,
    double? Chance = null,
    double? DetourMinutes = null,
    double? LitresPerMinute = null,
    bool? DoNotUse = null,
    bool? OnlyIfNeeded = null,
    bool? Drinkable = null,
    string? TreatWith = null,
    IReadOnlyList<Sighting>? Seen = null,
    bool? OthersCamped = null,
    bool? TreatLater = null,
    double? DrinkL = null,
    double? CacheL = null,
    double? LatitudeDeg = null,
    double? LongitudeDeg = null,
    Clarity? Clarity = null,
    WaterColour? Colour = null,
    double? TemperatureC = null,
    bool? Retired = null
)
{
    /// <summary>Filling from a small stream with a litre bottle (pick).</summary>
    public const double DefaultLitresPerMinute = 2;

    private const int LongestName = 80;
    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);
    private static readonly ChoiceField ClassField = ChoiceField.Of<SourceClass>("class", "Class of source");
    private static readonly NumberField Along = new(
        "alongKm",
        "Distance along the walk",
        Quantity.Distance,
        0,
        5000,
        "Measure it on the map."
    );
    private static readonly NumberField ChanceField = new("chance", "Chance that it runs", Quantity.Share, 0, 1, "100 % is certain.");
    private static readonly NumberField Detour = new(
        "detourMinutes",
        "Detour, one way",
        Quantity.Duration,
        0,
        600,
        "Give the walk from the line to the water."
    );
    private static readonly NumberField Flow = new("litresPerMinute", "Flow", Quantity.Flow, 0.05, 60, "Time the filling of a bottle.");
    private static readonly ChoiceField TreatWithField = new("treatWith", "Treated with", ["a piece of the kit, by its id"]);
    private static readonly NumberField Drink = new(
        "drinkL",
        "Drunk on the spot",
        Quantity.Volume,
        0,
        50,
        $"For the whole party; about {Speaker.Both(Quantity.Volume, 1)} each is the most that stays down."
    );
    private static readonly NumberField Cache = new("cacheL", "Left there", Quantity.Volume, 0, 500, "Give what was put there.");
    private static readonly NumberField WaterCold = new(
        "temperatureC",
        "Water temperature",
        Quantity.Temperature,
        0,
        40,
        "Guess it cold, or leave it out."
    );
    private static readonly NumberField Latitude = new("latitudeDeg", "Latitude", Quantity.Angle, -90, 90, "Degrees, north above 0.");
    private static readonly NumberField Longitude = new("longitudeDeg", "Longitude", Quantity.Angle, -180, 180, "Degrees, east above 0.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        NameField,
        ClassField,
        Along,
        ChanceField,
        Detour,
        Flow,
        TreatWithField,
        ChoiceField.Of<Sighting>("seen", "What is seen"),
        Drink,
        Cache,
        WaterCold,
        Latitude,
        Longitude,
    ];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(TripSource source)
    {
        ArgumentNullException.ThrowIfNull(source);
        var intake = new Intake(Speaker.Metric);
        source.Check(intake);
        intake.ThrowIfWrong();
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        if (string.IsNullOrWhiteSpace(Name) || Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give it a short name.");
        }

        intake.Present(ClassField, Class);
        intake.Required(Along, AlongKm);
        intake.Optional(ChanceField, Chance);
        intake.Optional(Detour, DetourMinutes);
        intake.Optional(Flow, LitresPerMinute);
        if (TreatWith is { Length: 0 or > LongestName })
        {
            intake.Refuse(
                TreatWithField,
                $"Treated with must be the id of a piece of the kit, at most {LongestName} characters. Choose one, or leave it out."
            );
        }

        intake.Optional(Drink, DrinkL);
        intake.Optional(Cache, CacheL);
        intake.Optional(WaterCold, TemperatureC);
        intake.Optional(Latitude, LatitudeDeg);
        intake.Optional(Longitude, LongitudeDeg);
    }

    /// <summary>Whether it carries what no treatment takes out, told or seen.</summary>
    [JsonIgnore]
    public bool IsOutOfUse => DoNotUse == true || (Seen ?? []).Any(s => SourceSigns.Of(s).Weight == SignWeight.Stop);

    /// <summary>Whether its water is drunk as it comes.</summary>
    [JsonIgnore]
    public bool NeedsNoTreatment => Drinkable ?? CacheL is not null;

    /// <summary>Whether its report is dated after now, which no report can be.</summary>
    public bool IsReportedAfter(DateTimeOffset? now) => ReportedFlowing is not null && ReportedAt > now;

    /// <summary>
    /// The chance that it runs when you come: the traveller's own word, else class and report, as old as it is on arrival. What can't be
    /// dated, or is dated after now, is not believed where it is good news, and counts as fresh where it is bad.
    /// </summary>
    /// <param name="now">The time now; null where it is not known.</param>
    /// <param name="arriveAt">When the party comes; now when left out.</param>
    public double ChanceOfRunning(DateTimeOffset? now, DateTimeOffset? arriveAt = null)
    {
        if (Chance is { } own)
        {
            return own;
        }

        var kind = Class ?? SourceClass.Unknown;
        if (ReportedFlowing is not { } flowing)
        {
            return SourceReliability.OfClass(kind);
        }

        return ReportedAt is not { } reported || now is not { } today || reported > today
            ? flowing
                ? SourceReliability.OfClass(kind)
                : SourceReliability.At(kind, flowing, 0)
            : SourceReliability.At(kind, flowing, ((arriveAt > today ? arriveAt.Value : today) - reported).TotalDays);
    }
}
