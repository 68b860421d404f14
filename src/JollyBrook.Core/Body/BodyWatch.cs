using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>Something drunk.</summary>
public sealed record Drunk(DateTimeOffset? At, double? Litres);

/// <summary>A stretch of walking.</summary>
/// <param name="From">From.</param>
/// <param name="Until">Until; null while it goes on.</param>
public sealed record WalkedStretch(DateTimeOffset? From, DateTimeOffset? Until = null);

/// <summary>One walker through a day.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Walker">The walker.</param>
/// <param name="Tests">Their sweat tests.</param>
/// <param name="Effort">Air, ground and pace while walking.</param>
/// <param name="From">The day's beginning, well watered.</param>
/// <param name="Walks">When they walked; at rest otherwise.</param>
/// <param name="Drinks">What they drank since.</param>
/// <param name="UrineColour">The last colour, 1 to 8.</param>
/// <param name="UrineAt">When.</param>
/// <param name="UrineL">Passed since, L.</param>
/// <param name="WeighedKg">A weighing since, kg; what was weighed outranks what was reckoned.</param>
/// <param name="WeighedAt">When.</param>
/// <param name="Now">The time now.</param>
public sealed record WatchRequest(
    UnitSystem? Units, Walker? Walker, IReadOnlyList<SweatTestEntry>? Tests = null, Effort? Effort = null, DateTimeOffset? From = null,
    IReadOnlyList<WalkedStretch>? Walks = null, IReadOnlyList<Drunk>? Drinks = null, double? UrineColour = null, DateTimeOffset? UrineAt = null, double? UrineL = null,
    double? WeighedKg = null, DateTimeOffset? WeighedAt = null, DateTimeOffset? Now = null);

[JsonConverter(typeof(CamelCaseEnumConverter<WaterState>))]
public enum WaterState
{
    Fine,
    DrinkSoon,
    RunningShort,
    Emergency,
    TooMuch,
}

/// <summary>A point of the day's line.</summary>
public sealed record WatchPoint(DateTimeOffset At, double DeficitPercent);

/// <summary>How a walker stands for water.</summary>
/// <param name="State">Fine, drink soon, short, too much.</param>
/// <param name="Headline">What to do now.</param>
/// <param name="DeficitL">Lost less drunk, L; negative when more was drunk.</param>
/// <param name="DeficitPercent">The same in % of body mass.</param>
/// <param name="LostL">Lost since the beginning, L.</param>
/// <param name="DrunkL">Drunk since, L.</param>
/// <param name="NextDrinkL">To drink now, L; 0 for nothing.</param>
/// <param name="NextDrinkAt">When to drink next by the clock.</param>
/// <param name="Points">The deficit through the day.</param>
/// <param name="ShortSigns">What to look for when short.</param>
/// <param name="TooMuchSigns">What to look for when too much was drunk.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to heed.</param>
/// <param name="Working">The arithmetic.</param>
public sealed record WatchResponse(
    WaterState State, string Headline, double DeficitL, double DeficitPercent, double LostL, double DrunkL, double NextDrinkL, DateTimeOffset NextDrinkAt,
    IReadOnlyList<WatchPoint> Points, IReadOnlyList<string> ShortSigns, IReadOnlyList<string> TooMuchSigns, IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions, IReadOnlyList<WorkingStep> Working);

/// <summary>The calculation "body-watch": deficit through the day, signs, and the clock's nudge (handbook room 95).</summary>
public static class BodyWatch
{
    /// <summary>From here on it is time to drink, % of body mass (pick).</summary>
    public const double DrinkFromPercent = 1;

    /// <summary>From here on performance and judgement suffer, % of body mass (US Army TB MED 507).</summary>
    public const double ShortFromPercent = 2;

    /// <summary>More gained than this is too much, % of body mass (pick: a full bottle beyond the loss).</summary>
    public const double TooMuchFromPercent = 1;

    private const double StepMinutes = 15;
    private const double LongestHours = 48;
    private const double SipL = 0.25;
    private const double NudgeMinutes = 30;
    private const double ColdBelowC = 10;
    private const double DarkFrom = 6;

    private static readonly InstantField FromField = new("from", "The day's beginning");
    private static readonly InstantField NowField = new("now", "The time now");
    private static readonly NumberField Litres = new("drinks.litres", "Drunk", Quantity.Volume, 0, 20, "Give what was drunk at once.");
    private static readonly NumberField Mass = new("weighedKg", "Body mass", Quantity.KitMass, 25, 200, "Weigh as light and dry as you can.");
    private static readonly NumberField Colour = new("urineColour", "Urine colour", Quantity.Plain, 1, 8, "1 is like water, 8 is brown.");
    private static readonly NumberField Passed = new("urineL", "Urine", Quantity.Volume, 0, 20, "Give what was passed since the beginning.");

    public static readonly IReadOnlyList<Field> Fields = [FromField, NowField, Litres, Mass, Colour, Passed, .. Body.Effort.FieldsAt("effort")];

    private static readonly string[] Short =
        ["Thirst, dry mouth, dark and little urine, headache, tired, cramps, irritable: drink, rest, salt.", "Dizzy, faint, no urine for 8 h, confused, fast pulse: an emergency, get help."];

    private static readonly string[] TooMuch =
        ["Weight up over the walk, bloated, sick, headache, clear urine and confused: stop drinking, salty food, get help."];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static WatchResponse Compute(WatchRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var walker = request.Walker ?? new Walker(null, null, null);
        walker.Check(intake);
        var effort = Body.Effort.Check(request.Effort, "effort", intake);
        intake.Present(FromField, request.From);
        intake.Present(NowField, request.Now);
        intake.Optional(Mass, request.WeighedKg);
        intake.Optional(Colour, request.UrineColour);
        intake.Optional(Passed, request.UrineL);
        foreach (var drink in request.Drinks ?? [])
        {
            intake.Required(Litres, drink.Litres);
        }

        if (request.Now < request.From || (request.Now - request.From)?.TotalHours > LongestHours)
        {
            intake.Refuse(FromField, "The day must begin before now, and not more than 48 h ago. Begin a new day.");
        }

        intake.ThrowIfWrong();
        return Answer(request, walker, effort, intake.Say);
    }

    private static WatchResponse Answer(WatchRequest request, Walker walker, Effort effort, Speaker say)
    {
        var (from, now, mass) = (request.From!.Value, request.Now!.Value, walker.MassKg!.Value);
        var factor = Sweat.FactorOf(request.Tests ?? [], SweatSchool.Gonzalez2009);
        var loss = Loss.Of(walker, effort, SweatSchool.Gonzalez2009);
        var walkingLPerH = Math.Min(Sweating.Ceiling(walker.IsAcclimatised), loss.SweatLPerH * factor.K) + loss.BreathedLPerH;
        var restLPerH = DrinkPlan.RestLPerH(mass, effort.TemperatureC!.Value, effort.ElevationM!.Value);
        double DeficitAt(DateTimeOffset at) => Lost(request, from, at, walkingLPerH, restLPerH) - DrunkBy(request, from, at);
        var drunk = DrunkBy(request, from, now);
        var lost = Lost(request, from, now, walkingLPerH, restLPerH);
        var weighed = request is { WeighedKg: not null, WeighedAt: { } when } && when >= from && when <= now ? request.WeighedKg : null;
        // A kilogram lost is a litre to replace; from the weighing on it is reckoned.
        var deficit = weighed is { } kg ? mass - kg + DeficitAt(now) - DeficitAt(request.WeighedAt!.Value) : lost - drunk;
        var percent = deficit / mass * 100;
        var state = State(percent, request.UrineColour);
        var walking = IsWalking(request, now);
        var last = (request.Drinks ?? []).Where(d => d.At >= from && d.At <= now).Max(d => d.At) ?? from;
        var cap = Math.Max(0, DrinkPlan.CeilingLPerDay - drunk);
        var due = state == WaterState.TooMuch || deficit <= 0 ? 0 : Math.Min(cap, Math.Min(deficit, state is WaterState.RunningShort ? 2 * SipL : SipL));
        var next = due == 0 ? now.AddMinutes(NudgeMinutes) : last.AddMinutes(NudgeMinutes) > now ? last.AddMinutes(NudgeMinutes) : now;
        return new WatchResponse(
            state, Headline(state, due, next, now, say), deficit, percent, lost, drunk, Math.Floor((due * 20) + 1e-9) / 20, next,
            [.. Points(from, now).Select(at => new WatchPoint(at, DeficitAt(at) / mass * 100))], Short, TooMuch,
            Assume(request, weighed), Cautions(state, walking, effort, request), Working(walkingLPerH, restLPerH, lost, drunk, deficit, percent, factor));
    }

    private static double Lost(WatchRequest request, DateTimeOffset from, DateTimeOffset until, double walkingLPerH, double restLPerH)
    {
        var hours = (until - from).TotalHours;
        var walked = Math.Min(hours, (request.Walks ?? []).Sum(w => Overlap(w, from, until)));
        return (walked * walkingLPerH) + ((hours - walked) * restLPerH);
    }

    private static double Overlap(WalkedStretch walk, DateTimeOffset from, DateTimeOffset until)
    {
        var (start, end) = (walk.From ?? until, walk.Until ?? until);
        return Math.Max(0, ((end < until ? end : until) - (start > from ? start : from)).TotalHours);
    }

    private static double DrunkBy(WatchRequest request, DateTimeOffset from, DateTimeOffset at) =>
        (request.Drinks ?? []).Where(d => d.At >= from && d.At <= at).Sum(d => d.Litres ?? 0);

    private static bool IsWalking(WatchRequest request, DateTimeOffset now) => (request.Walks ?? []).Any(w => w.From <= now && (w.Until is null || w.Until >= now));

    private static WaterState State(double percent, double? colour) =>
        percent <= -TooMuchFromPercent ? WaterState.TooMuch
        : percent >= ShortFromPercent || colour >= DarkFrom ? WaterState.RunningShort
        : percent >= DrinkFromPercent || colour >= 4 ? WaterState.DrinkSoon
        : WaterState.Fine;

    private static string Headline(WaterState state, double due, DateTimeOffset next, DateTimeOffset now, Speaker say) => state switch
    {
        WaterState.TooMuch => "Stop drinking: more was drunk than lost",
        WaterState.Fine when due == 0 => "Nothing to drink now",
        _ when next > now && state == WaterState.Fine => $"Fine; drink {say.Of(Quantity.Volume, Math.Max(0.05, due))} next by the clock",
        WaterState.RunningShort => $"Short of water: drink {say.Of(Quantity.Volume, Math.Max(0.05, due))} now, rest",
        _ => $"Drink {say.Of(Quantity.Volume, Math.Max(0.05, due))} now",
    };

    private static IEnumerable<DateTimeOffset> Points(DateTimeOffset from, DateTimeOffset now)
    {
        for (var at = from; at < now; at = at.AddMinutes(StepMinutes))
        {
            yield return at;
        }

        yield return now;
    }

    private static List<Assumption> Assume(WatchRequest request, double? weighed)
    {
        List<Assumption> all = [];
        if (weighed is null)
        {
            all.Add(new("weighedKg", "Not weighed: reckoned from a well-watered morning, by prediction."));
        }

        if ((request.Walks ?? []).Count == 0)
        {
            all.Add(new("walks", "No walking written: counted as rest all day."));
        }

        return all;
    }

    private static List<Caution> Cautions(WaterState state, bool walking, Effort effort, WatchRequest request)
    {
        List<Caution> all = [];
        if (effort.TemperatureC < ColdBelowC && state != WaterState.TooMuch)
        {
            all.Add(new("cold-thirst", Severity.Warning, "In the cold, thirst hides: drink by the clock."));
        }

        if (state == WaterState.TooMuch)
        {
            all.Add(new("over-drinking", Severity.Danger, "Over-drinking thins the blood’s salt. Stop, eat something salty; sick, confused or a bad headache: get help."));
        }

        if (state == WaterState.RunningShort && walking)
        {
            all.Add(new("rest", Severity.Warning, "Slow down or rest in the shade while you drink."));
        }

        if (request.UrineAt is { } passed && request.Now is { } now && (now - passed).TotalHours >= 8)
        {
            all.Add(new("no-urine", Severity.Danger, "No urine written for 8 h: if there was none, it is an emergency."));
        }

        return all;
    }

    private static IReadOnlyList<WorkingStep> Working(double walkingLPerH, double restLPerH, double lost, double drunk, double deficit, double percent, PersonalFactor factor)
    {
        var working = new Working();
        working.Add(
            "Lost", "walking·L/h + rest·L/h", "Sweat prediction × personal factor, and need at rest; handbook room 60", WorkingValue.Of("lost", lost, "L"),
            WorkingValue.Of("walking", walkingLPerH, "L/h"), WorkingValue.Of("rest", restLPerH, "L/h"), WorkingValue.Of("k", factor.K));
        working.Add(
            "Deficit", "lost − drunk; a weighing replaces what was reckoned before it", "1 kg is 1 L", WorkingValue.Of("deficit", deficit, "L"),
            WorkingValue.Of("drunk", drunk, "L"), WorkingValue.Of("of body mass", percent, "%"));
        return working.Steps;
    }
}
