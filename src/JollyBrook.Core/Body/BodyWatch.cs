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
/// <param name="Signs">What is felt and seen.</param>
/// <param name="SignsAt">When they were looked for; null for not since the beginning.</param>
/// <param name="Rested">Whether it was a day of rest; without walks written and without this, walking is counted.</param>
public sealed record WatchRequest(
    UnitSystem? Units,
    Walker? Walker,
    IReadOnlyList<SweatTestEntry>? Tests = null,
    Effort? Effort = null,
    DateTimeOffset? From = null,
    IReadOnlyList<WalkedStretch>? Walks = null,
    IReadOnlyList<Drunk>? Drinks = null,
    double? UrineColour = null,
    DateTimeOffset? UrineAt = null,
    double? UrineL = null,
    double? WeighedKg = null,
    DateTimeOffset? WeighedAt = null,
    DateTimeOffset? Now = null,
    IReadOnlyList<BodySign>? Signs = null,
    DateTimeOffset? SignsAt = null,
    bool? Rested = null
);

/// <summary>A point of the day's line.</summary>
public sealed record WatchPoint(DateTimeOffset At, double DeficitPercent);

/// <summary>How a walker stands for water.</summary>
/// <param name="State">From fine to an emergency.</param>
/// <param name="Headline">What to do now.</param>
/// <param name="DeficitL">Lost less drunk, L; negative when more was drunk.</param>
/// <param name="DeficitPercent">The same in % of body mass.</param>
/// <param name="LostL">Lost since the beginning, L.</param>
/// <param name="DrunkL">Drunk since, L.</param>
/// <param name="NextDrinkL">To drink now, L; 0 for nothing.</param>
/// <param name="NextDrinkAt">When to drink next by the clock.</param>
/// <param name="Actions">What to do, in order.</param>
/// <param name="NextLook">When to look for signs, and why then.</param>
/// <param name="IsLookDue">Whether that is now.</param>
/// <param name="Points">The deficit through the day.</param>
/// <param name="ShortSigns">What to look for when short.</param>
/// <param name="TooMuchSigns">What to look for when too much was drunk.</param>
/// <param name="Assumptions">What was not known.</param>
/// <param name="Cautions">What to heed.</param>
/// <param name="Working">The arithmetic.</param>
public sealed record WatchResponse(
    WaterState State,
    string Headline,
    double DeficitL,
    double DeficitPercent,
    double LostL,
    double DrunkL,
    double NextDrinkL,
    DateTimeOffset NextDrinkAt,
    IReadOnlyList<string> Actions,
    NextLook NextLook,
    bool IsLookDue,
    IReadOnlyList<WatchPoint> Points,
    IReadOnlyList<string> ShortSigns,
    IReadOnlyList<string> TooMuchSigns,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    IReadOnlyList<WorkingStep> Working
);

/// <summary>The calculation "body-watch": deficit through the day, signs, and the clock's nudge (handbook room 95).</summary>
public static class BodyWatch
{
    /// <summary>Without a word on it, so many hours of the day are counted as walked (pick).</summary>
    public const double UntoldWalkHours = 8;

    private const double StepMinutes = 15;
    private const double LongestHours = 48;
    private const double NudgeMinutes = 30;
    private const double LeastSipL = 0.05;

    private static readonly InstantField FromField = new("from", "The day's beginning");
    private static readonly InstantField NowField = new("now", "The time now");
    private static readonly NumberField Litres = new("drinks.litres", "Drunk", Quantity.Volume, 0, 20, "Give what was drunk at once.");
    private static readonly NumberField Mass = new(
        "weighedKg",
        "Body mass",
        Quantity.KitMass,
        25,
        200,
        "Weigh as light and dry as you can."
    );
    private static readonly NumberField Colour = new("urineColour", "Urine colour", Quantity.Plain, 1, 8, "1 is like water, 8 is brown.");
    private static readonly NumberField Passed = new(
        "urineL",
        "Urine",
        Quantity.Volume,
        0,
        20,
        "Give what was passed since the beginning."
    );

    public static readonly IReadOnlyList<Field> Fields =
    [
        FromField,
        NowField,
        Litres,
        Mass,
        Colour,
        Passed,
        .. Body.Effort.FieldsAt("effort"),
    ];

    private static readonly string[] Short =
    [
        "Thirst, dry mouth, dark and little urine, headache, tired, cramps, irritable: drink, rest, salt.",
        "Dizzy, faint, no urine for 8 h, confused, fast pulse: an emergency, get help.",
    ];

    private static readonly string[] TooMuch =
    [
        "Weight up over the walk, bloated, sick, headache, clear urine and confused: stop drinking, salty food, get help.",
    ];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static WatchResponse Compute(WatchRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var (walker, effort, say) = Checked(request);
        return Answer(request, walker, effort, say);
    }

    private static (Walker Walker, Effort Effort, Speaker Say) Checked(WatchRequest request)
    {
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
        return (walker, effort, intake.Say);
    }

    /// <summary>What a walker loses in an hour, L.</summary>
    private readonly record struct HourlyLoss(double WalkingL, double RestL, PersonalFactor Factor)
    {
        public static HourlyLoss Of(WatchRequest request, Walker walker, Effort effort)
        {
            var factor = Sweat.FactorOf(request.Tests ?? [], SweatSchool.Gonzalez2009);
            var loss = Loss.Of(walker, effort, SweatSchool.Gonzalez2009);
            var restL = DrinkPlan.RestLPerH(walker.MassKg!.Value, effort.TemperatureC!.Value, effort.ElevationM!.Value);
            return new HourlyLoss(Math.Max(restL, loss.LPerH(factor.Planned, walker.IsAcclimatised)), restL, factor);
        }
    }

    private static WatchResponse Answer(WatchRequest request, Walker walker, Effort effort, Speaker say)
    {
        var (from, now, mass) = (request.From!.Value, request.Now!.Value, walker.MassKg!.Value);
        var (walkingLPerH, restLPerH, factor) = HourlyLoss.Of(request, walker, effort);
        double DeficitAt(DateTimeOffset at) => Lost(request, from, at, walkingLPerH, restLPerH) - DrunkBy(request, from, at);
        var drunk = DrunkBy(request, from, now);
        var lost = Lost(request, from, now, walkingLPerH, restLPerH);
        var weighed = request is { WeighedKg: not null, WeighedAt: { } when } && when >= from && when <= now ? request.WeighedKg : null;
        // A kilogram lost is a litre to replace; from the weighing on it is reckoned.
        var deficit = weighed is { } kg ? mass - kg + DeficitAt(now) - DeficitAt(request.WeighedAt!.Value) : lost - drunk;
        var percent = deficit / mass * 100;
        var seen = new SignsSeen(
            [.. (request.Signs ?? []).Distinct()],
            percent,
            DrunkBy(request, from, now) - DrunkBy(request, from, now.AddHours(-1)),
            request.UrineColour,
            (now - (request.UrineAt is { } passed && passed > from ? passed : from)).TotalHours,
            request.UrineAt >= from
        );
        var state = SignCheck.Judge(seen);
        var advice = StateAdvice.Of(state, seen, say);
        var walking = IsWalking(request, now);
        var drunkAt = (request.Drinks ?? []).Where(d => d.At >= from && d.At <= now).Max(d => d.At);
        var last = drunkAt ?? from;
        DateTimeOffset? Since(DateTimeOffset? at) => at >= from && at <= now ? at : null;
        var look = SignClock.Next(
            new SignTimes(
                From: from,
                LookedAt: Since(request.SignsAt),
                DrunkAt: drunkAt,
                UrineAt: Since(request.UrineAt),
                State: state,
                HasSigns: seen.Signs.Count > 0,
                IsCold: effort.TemperatureC < DrinkPlan.ThirstHidesBelowC
            )
        );
        var cap = Math.Max(0, DrinkPlan.CeilingLPerDay - drunk);
        var due =
            advice.DrinkNowL <= 0 || (deficit <= 0 && state == WaterState.Fine)
                ? 0
                : Math.Min(
                    cap,
                    Math.Min(seen.Signs.Count > 0 ? Math.Max(deficit, StateAdvice.SipL) : Math.Max(0, deficit), advice.DrinkNowL)
                );
        var next =
            due == 0 ? now.AddMinutes(NudgeMinutes)
            : last.AddMinutes(NudgeMinutes) > now ? last.AddMinutes(NudgeMinutes)
            : now;
        return new WatchResponse(
            State: state,
            Headline: Headline(state, due, next, now, say),
            DeficitL: deficit,
            DeficitPercent: percent,
            LostL: lost,
            DrunkL: drunk,
            NextDrinkL: Math.Floor((due * 20) + 1e-9) / 20,
            NextDrinkAt: next,
            Actions: advice.Actions,
            NextLook: look,
            IsLookDue: look.At <= now,
            Points: [.. Points(from, now).Select(at => new WatchPoint(at, DeficitAt(at) / mass * 100))],
            ShortSigns: Short,
            TooMuchSigns: TooMuch,
            Assumptions: Assume(request, weighed),
            Cautions: Cautions(state, walking, effort, seen),
            Working: Working(walkingLPerH, restLPerH, lost, drunk, deficit, percent, factor)
        );
    }

    /// <summary>
    /// What a walker has lost by an instant of their day, L; nothing before its beginning. Worked out once for as many instants as are
    /// asked.
    /// </summary>
    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    internal static Func<DateTimeOffset, double> LostBy(WatchRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var (walker, effort, _) = Checked(request);
        var (walkingL, restL, _) = HourlyLoss.Of(request, walker, effort);
        var begin = request.From!.Value;
        return at => at <= begin ? 0 : Lost(request, begin, at, walkingL, restL);
    }

    private static double Lost(WatchRequest request, DateTimeOffset from, DateTimeOffset until, double walkingLPerH, double restLPerH)
    {
        var hours = (until - from).TotalHours;
        var walked = Math.Min(hours, IsUntold(request) ? UntoldWalkHours : (request.Walks ?? []).Sum(w => Overlap(w, from, until)));
        return (walked * walkingLPerH) + ((hours - walked) * restLPerH);
    }

    /// <summary>Whether nobody has said that it was a day of rest, nor when they walked: it is then not taken for rest.</summary>
    private static bool IsUntold(WatchRequest request) => request.Rested != true && (request.Walks ?? []).Count == 0;

    private static double Overlap(WalkedStretch walk, DateTimeOffset from, DateTimeOffset until)
    {
        var (start, end) = (walk.From ?? until, walk.Until ?? until);
        return Math.Max(0, ((end < until ? end : until) - (start > from ? start : from)).TotalHours);
    }

    private static double DrunkBy(WatchRequest request, DateTimeOffset from, DateTimeOffset at) =>
        (request.Drinks ?? []).Where(d => d.At >= from && d.At <= at).Sum(d => d.Litres ?? 0);

    private static bool IsWalking(WatchRequest request, DateTimeOffset now) =>
        (request.Walks ?? []).Any(w => w.From <= now && (w.Until is null || w.Until >= now));

    private static string Headline(WaterState state, double due, DateTimeOffset next, DateTimeOffset now, Speaker say) =>
        state switch
        {
            WaterState.Emergency => "Emergency: call for help now",
            WaterState.Overheating => "Overheating: shade, wet and fan, drink with salt",
            WaterState.TooMuch => "Stop drinking: more was drunk than lost",
            WaterState.StopAndDrink =>
                $"Stop: drink {say.Of(Quantity.Volume, Math.Max(LeastSipL, due))} now, rest, and again in half an hour",
            WaterState.Fine when due == 0 => "Nothing to drink now",
            _ when next > now && state == WaterState.Fine =>
                $"Fine; drink {say.Of(Quantity.Volume, Math.Max(LeastSipL, due))} next by the clock",
            WaterState.RunningShort when due == 0 => "Not known to be well: look for signs, and write down when there was urine",
            WaterState.DrinkSoon when due == 0 => "A mouthful now",
            WaterState.RunningShort => $"Short of water: drink {say.Of(Quantity.Volume, Math.Max(LeastSipL, due))} now, rest",
            _ => $"Drink {say.Of(Quantity.Volume, Math.Max(LeastSipL, due))} now",
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

        if (IsUntold(request))
        {
            all.Add(
                new(
                    "walks",
                    $"No walking written, and no day of rest told: counted as walking from its beginning, at most {UntoldWalkHours:0} h."
                )
            );
        }

        if (request.Walker?.Worn is null)
        {
            all.Add(Sweat.ClothingNotTold("walker.worn", request.Effort?.TemperatureC ?? Body.Effort.Default.TemperatureC!.Value));
        }

        return all;
    }

    private static List<Caution> Cautions(WaterState state, bool walking, Effort effort, SignsSeen seen)
    {
        List<Caution> all = [];
        if (effort.TemperatureC < DrinkPlan.ThirstHidesBelowC && state != WaterState.TooMuch)
        {
            all.Add(DrinkPlan.ThirstHides);
        }

        if (state == WaterState.TooMuch)
        {
            all.Add(
                new(
                    "over-drinking",
                    Severity.Danger,
                    "Over-drinking thins the blood’s salt. Stop, eat something salty; sick, confused or a bad headache: get help."
                )
            );
        }

        if (state == WaterState.RunningShort && walking)
        {
            all.Add(new("rest", Severity.Warning, "Slow down or rest in the shade while you drink."));
        }

        if (seen.HoursWithoutUrine >= SignCheck.NoUrineHours)
        {
            all.Add(
                new(
                    "no-urine",
                    Severity.Danger,
                    seen.UrineWritten
                        ? "No urine written for 8 h: counted as none, which is an emergency. There was some: write it down."
                        : "No urine written since the day began, 8 h or more: none at all would be an emergency. "
                            + "There was some: write it down."
                )
            );
        }

        return all;
    }

    private static IReadOnlyList<WorkingStep> Working(
        double walkingLPerH,
        double restLPerH,
        double lost,
        double drunk,
        double deficit,
        double percent,
        PersonalFactor factor
    )
    {
        var working = new Working();
        working.Add(
            "Lost",
            "walking·L/h + rest·L/h",
            "Sweat prediction × personal factor, and need at rest; handbook room 60",
            WorkingValue.Of("lost", lost, "L"),
            WorkingValue.Of("walking", walkingLPerH, "L/h"),
            WorkingValue.Of("rest", restLPerH, "L/h"),
            WorkingValue.Of("k", factor.K)
        );
        working.Add(
            "Deficit",
            "lost − drunk; a weighing replaces what was reckoned before it",
            "1 kg is 1 L",
            WorkingValue.Of("deficit", deficit, "L"),
            WorkingValue.Of("drunk", drunk, "L"),
            WorkingValue.Of("of body mass", percent, "%")
        );
        return working.Steps;
    }
}
