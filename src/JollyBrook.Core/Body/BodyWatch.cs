using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>Something drunk.</summary>
public sealed record Drunk(DateTimeOffset? At, double? Litres);

/// <summary>One walker through a day.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Walker">The walker.</param>
/// <param name="Tests">Their sweat tests.</param>
/// <param name="Effort">Air, ground and pace while walking, as told of this day; the rest is <paramref name="Day"/>'s.</param>
/// <param name="From">The day's beginning, well watered.</param>
/// <param name="Walks">When they walked, as told; at rest otherwise. None takes those of <paramref name="Day"/>.</param>
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
/// <param name="Day">When the day is walked by the log or the plan; null where neither tells.</param>
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
    bool? Rested = null,
    DayOnFoot? Day = null
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

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        FromField,
        NowField,
        Litres,
        Mass,
        Colour,
        Passed,
        .. Body.Effort.FieldsAt("effort"),
        .. Body.Effort.FieldsAt("day.effort"),
        .. Body.Effort.FieldsAt("walks.effort"),
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
        Body.Effort.Check(request.Effort, "effort", intake);
        Body.Effort.Check(request.Day?.Effort, "day.effort", intake);
        foreach (var walk in DayLoss.WalksOf(request))
        {
            Body.Effort.Check(walk.Effort, "walks.effort", intake);
        }

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
        return (walker, Body.Effort.Default.With(request.Day?.Effort).With(request.Effort), intake.Say);
    }

    private static WatchResponse Answer(WatchRequest request, Walker walker, Effort effort, Speaker say)
    {
        var (from, now, mass) = (request.From!.Value, request.Now!.Value, walker.MassKg!.Value);
        var loss = new DayLoss(request, walker, effort);
        double DeficitAt(DateTimeOffset at) => loss.By(at) - DrunkBy(request, from, at);
        var drunk = DrunkBy(request, from, now);
        var lost = loss.By(now);
        var weighed = request is { WeighedKg: not null, WeighedAt: { } told } && told >= from && told <= now ? request.WeighedKg : null;
        // A kilogram lost is a litre to replace; from the weighing on it is reckoned.
        double ShortAt(DateTimeOffset at) =>
            weighed is { } kg && request.WeighedAt is { } when && at >= when ? mass - kg + DeficitAt(at) - DeficitAt(when) : DeficitAt(at);
        var deficit = ShortAt(now);
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
            Points: [.. Points(from, now).Select(at => new WatchPoint(at, ShortAt(at) / mass * 100))],
            ShortSigns: Short,
            TooMuchSigns: TooMuch,
            Assumptions: Assume(request, loss, effort, weighed),
            Cautions: Cautions(state, walking, effort, seen),
            Working: Working(loss, lost, drunk, deficit, percent)
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
        return new DayLoss(request, walker, effort).By;
    }

    private static double DrunkBy(WatchRequest request, DateTimeOffset from, DateTimeOffset at) =>
        (request.Drinks ?? []).Where(d => d.At >= from && d.At <= at).Sum(d => d.Litres ?? 0);

    private static bool IsWalking(WatchRequest request, DateTimeOffset now) =>
        DayLoss.WalksOf(request).Any(w => w.From <= now && (w.Until is null || w.Until >= now));

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

    private static List<Assumption> Assume(WatchRequest request, DayLoss loss, Effort effort, double? weighed)
    {
        List<Assumption> all = [];
        if (weighed is null)
        {
            all.Add(new("weighedKg", "Not weighed: reckoned from a well-watered morning, by prediction."));
        }

        if (loss.IsUntold)
        {
            all.Add(
                new(
                    "walks",
                    "No walking written, no trip today, and no day of rest told: counted as walking from its beginning, "
                        + $"at most {DayLoss.UntoldWalkHours:0} h."
                )
            );
        }
        else if (request.Day?.KnownBy == WalkKnownBy.Plan && DayLoss.WalksOf(request) == request.Day.Walks)
        {
            all.Add(new("walks", "No stage written yet: counted as walking when the trip's plan has it, in the air it has for then."));
        }

        if (request.Walker?.Worn is null)
        {
            all.Add(Sweat.ClothingNotTold("walker.worn", effort.TemperatureC!.Value));
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

    private static IReadOnlyList<WorkingStep> Working(DayLoss loss, double lost, double drunk, double deficit, double percent)
    {
        var working = new Working();
        working.Add(
            "Lost",
            "walking·L/h + rest·L/h",
            "Sweat prediction × personal factor, and need at rest; handbook room 60",
            WorkingValue.Of("lost", lost, "L"),
            WorkingValue.Of("walking", loss.WalkingLPerH, "L/h"),
            WorkingValue.Of("rest", loss.RestLPerH, "L/h"),
            WorkingValue.Of("k", loss.Factor.K)
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
