using JollyBrook.Core.Barriers;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Schedule;

/// <summary>An evening of a trip's plan, laid out as a day.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Plan">The trip.</param>
/// <param name="Day">Which evening, from 0.</param>
public sealed record CampDayRequest(UnitSystem? Units, PlanRequest? Plan, double? Day);

/// <summary>An evening and the next morning, as the plan wants them.</summary>
/// <param name="Day">The day as the plan has it; what a hand changes of it takes its place.</param>
/// <param name="Kit">The kit as it will be by then.</param>
/// <param name="CampName">The camp.</param>
/// <param name="WaterName">Where its water is from; empty where none is drawn.</param>
/// <param name="WaterId">That source.</param>
/// <param name="Note">What the plan says of this camp that no line shows; empty where there is nothing.</param>
public sealed record CampDayResponse(
    DayBook Day,
    IReadOnlyList<KitEntry> Kit,
    string CampName,
    string WaterName,
    string? WaterId,
    string Note
);

/// <summary>
/// The calculation "camp-day": what the plan wants ready on an evening and by the next start, by when and out of which water (handbook room
/// 80).
/// </summary>
public static class CampDay
{
    /// <summary>There is to drink so long after arriving, h (pick).</summary>
    private const double DrinkAfterH = 1.5;

    /// <summary>A meal is cooked then, but never sooner than there is to drink (pick).</summary>
    private const double SupperHour = 18;

    /// <summary>Breakfast is so long before leaving, h (pick).</summary>
    private const double BreakfastBeforeH = 1;

    /// <summary>Nobody is got up for water between these clock hours, unless a hand says so (pick).</summary>
    private const double RestFromHour = 22;
    private const double RestToHour = 6;

    private static readonly NumberField DayField = new("day", "Evening of the trip", Quantity.Plain, 0, 60, "Choose one of its camps.");
    internal static readonly ChoiceField PlanField = new("plan", "Trip", ["a trip with a route"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [ChoiceField.Of<UnitSystem>("units", "Units"), DayField, PlanField];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static CampDayResponse Compute(CampDayRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(PlanField, request.Plan);
        intake.Required(DayField, request.Day);
        intake.ThrowIfWrong();
        var run = PlanRun.Of(request.Plan!);
        CheckCamp(run, request.Day!.Value, DayField, intake, "Begin an empty day instead.");
        return Of(run, (int)request.Day!.Value, intake.Say);
    }

    /// <summary>Whether a day of a trip ends at a camp.</summary>
    /// <param name="run">The trip, solved.</param>
    /// <param name="day">Which day, from 0.</param>
    /// <param name="field">Where the day was asked for.</param>
    /// <param name="intake">What that is said by.</param>
    /// <param name="instead">What to do where the walk has no camp at all.</param>
    /// <exception cref="BadInputException">It does not.</exception>
    internal static void CheckCamp(PlanRun run, double day, NumberField field, Intake intake, string instead)
    {
        var camps = run.Setup.Line.Timeline.Days.Count - 1;
        if (day >= camps)
        {
            intake.Refuse(
                field,
                camps == 0 ? $"This walk has no camp. {instead}"
                    : camps == 1 ? "This walk has 1 camp. Choose it."
                    : $"This walk has {camps} camps. Choose one of them."
            );
            intake.ThrowIfWrong();
        }
    }

    /// <summary>The evening of a day of a trip that is solved.</summary>
    internal static CampDayResponse Of(PlanRun run, int day, Speaker say)
    {
        var days = Plan.Days(run.Setup, say);
        var (evening, next) = (days[day], days[day + 1]);
        DateTimeOffset At(int later, double hour) =>
            run.Setup.Request.At(day + later, hour) ?? DateTimeOffset.UnixEpoch.AddDays(day + later).AddHours(hour);
        // Who comes late begins late: nothing is wanted of an hour gone by.
        var late = run.Setup.Request.Now is { } now ? (now - At(0, 0)).TotalHours : 0;
        var arrive = Math.Max(evening.ArriveHour, late < 24 + next.StartHour - BreakfastBeforeH ? late : 0);
        var (forCamp, forMorning) = Fills(run, day);
        var fill = forCamp ?? forMorning;
        var place = fill?.Water;
        var planned = new DayBook(
            Name: $"{run.Setup.Route.Name}: {evening.CampName}",
            From: At(0, arrive),
            Wants: Wants(evening, arrive, forCamp, forMorning, h => At(0, h), At(1, next.StartHour)),
            People: Math.Max(1, run.Setup.Request.Walkers?.Count ?? 1),
            Water: place?.Source is null ? null : run.Setup.Treatment.Ask(place, 1, run.Setup.Treatment.Kit).Water! with { VolumeL = null },
            Sky: new SkyInput(next.LowC),
            QuietFromHour: RestFromHour,
            QuietToHour: RestToHour,
            Snow: place?.Source is null ? null : run.Setup.Treatment.SnowAt(place)
        );
        return new CampDayResponse(
            planned,
            KitBy(run, fill),
            evening.CampName!,
            place?.Name ?? "",
            place?.Id,
            Note(run, fill, evening.CampName!)
        );
    }

    /// <summary>The fill for the camp itself, and the one for the way on: drawn in the morning, or with the camp's own.</summary>
    private static (PlannedFill? ForCamp, PlannedFill? ForMorning) Fills(PlanRun run, int day)
    {
        var step = run.Setup.Line.Places.First(p => p.Kind == StopKind.Camp && p.Day == day).Step;
        var here = run.Walk.Fills.Where(f => f.At.Step == step && f.At.Kind is StopKind.Camp or StopKind.Source).ToList();
        var camp = here.Find(f => f.OnTheSpotL > 0);
        return (camp, here.Where(f => f.CarriedL > 0).MaxBy(f => f.CarriedL));
    }

    /// <summary>
    /// Half of a camp's water goes into the evening, half into night and breakfast (pick). What will boil goes to the pot. What the party
    /// came with was treated where it is from: it is drunk first, and only the rest is drawn here, as the plan takes it.
    /// </summary>
    private static List<WantedWater> Wants(
        PlanDay evening,
        double arriveHour,
        PlannedFill? forCamp,
        PlannedFill? forMorning,
        Func<double, DateTimeOffset> at,
        DateTimeOffset leave
    )
    {
        List<WantedWater> wants = [];
        var inHand = Math.Max(0, forCamp?.ArriveL ?? 0);
        double Drawn(double litres)
        {
            var used = Math.Min(inHand, litres);
            inHand -= used;
            return litres - used;
        }

        if (forCamp is not null)
        {
            var (breakfast, drinkHour) = (leave.AddHours(-BreakfastBeforeH), arriveHour + DrinkAfterH);
            var (boil, drink) = (evening.BoilL / 2, (evening.CampL - evening.BoilL) / 2);
            var (tonight, night, supper, morning) = (Drawn(drink), Drawn(drink), Drawn(boil), Drawn(boil));
            Want(wants, "cooking", "Cooking tonight", supper, at(Math.Max(drinkHour, SupperHour)), willBoil: true);
            Want(wants, "drinking", "Drinking and washing tonight", tonight, at(drinkHour));
            Want(wants, "night", "Drinking until morning", night, breakfast);
            Want(wants, "breakfast", "Breakfast", morning, breakfast, willBoil: true);
        }

        // Only what is drawn here: what is still in hand was treated where it is from.
        var leaving =
            forMorning is null ? 0
            : forMorning == forCamp ? Drawn(forMorning.CarriedL)
            : Math.Min(forMorning.CarriedL, forMorning.TakenL);
        Want(wants, "leaving", "Leaving", leaving, leave);
        return wants;
    }

    private static void Want(List<WantedWater> wants, string id, string name, double litres, DateTimeOffset by, bool? willBoil = null)
    {
        if (litres >= 0.1)
        {
            // To the next quarter litre: what is measured out in camp.
            wants.Add(new WantedWater(id, name, Math.Ceiling((litres - 1e-9) * 4) / 4, by, willBoil));
        }
    }

    /// <summary>What the fills before have left of the kit; those of a time gone by are in what is left already.</summary>
    private static IReadOnlyList<KitEntry> KitBy(PlanRun run, PlannedFill? fill)
    {
        var (setup, now) = (run.Setup, run.Setup.Request.Now);
        return fill is null
            ? setup.Treatment.Kit
            : TreatedWalk
                .Of(setup, [.. run.Walk.Fills.TakeWhile(f => f != fill).Where(f => now is null || setup.Request.DayOf(f.At.Day) > now)])
                .Kit;
    }

    private static string Note(PlanRun run, PlannedFill? fill, string camp) =>
        fill switch
        {
            null => $"Nothing is drawn at {camp}: its water is carried in, treated where it is from.",
            { Water.Source.NeedsNoTreatment: true } => $"The water of {fill.Water.Name} needs no treatment.",
            { At.Kind: StopKind.Camp } =>
                $"Its water is fetched from {fill.Water.Name}: {Speaker.Minutes(fill.TripMinutes)} there and back.",
            _ when run.Treated.Of(fill) is null && run.Setup.Treatment.CanTell =>
                $"Nothing that is left by then treats the water of {fill.Water.Name}.",
            _ => "",
        };
}
