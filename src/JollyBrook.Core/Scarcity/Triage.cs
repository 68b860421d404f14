using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity;

/// <summary>The calculation "water-short": where the party stands with water, and the one thing to do now (handbook room 90).</summary>
public static class Triage
{
    /// <summary>A chance that is not told is that of a seep (pick: no better than a coin).</summary>
    public const double UntoldChance = 0.5;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => TriageFields.All;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static TriageResponse Compute(TriageRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var at = Check(request, intake);
        return Answer(at.Request, at.Waters, at.InHandL, at.Need, at.Here, intake.Say);
    }

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    internal static TriageStart Check(TriageRequest request, Intake intake)
    {
        var inHand = intake.Required(TriageFields.InHand, request.InHandL);
        intake.Optional(TriageFields.Need, request.NeedLPerH);
        intake.Optional(TriageFields.People, request.People);
        intake.Optional(TriageFields.Help, request.HelpHours);
        var effort = Effort.Check(request.Effort, "effort", intake);
        foreach (var walker in request.Walkers ?? [])
        {
            walker.Walker.Check(intake);
        }

        foreach (var source in request.Sources ?? [])
        {
            intake.Required(TriageFields.Distance, source.DistanceKm);
            intake.Optional(TriageFields.Chance, source.Chance);
            intake.Optional(TriageFields.Minutes, source.Minutes);
        }

        intake.Optional(TriageFields.Along, request.AlongKm);
        intake.Optional(TriageFields.Deficit, request.DeficitPercent);
        var here = Here(request, intake);
        intake.ThrowIfWrong();
        var walk = WalkOf(request);
        request = request with { Walkers = request.Walkers ?? request.Walk?.Walkers, Tests = request.Tests ?? request.Walk?.Tests };
        var onWay = walk?.Effort.With(request.Effort) ?? effort;
        var need = Need.Of(request, onWay, walk);
        return new TriageStart(request, [.. Typed(request, need), .. need.OfTrip(walk)], inHand, need, onWay, here);
    }

    /// <summary>The trip from where the party stands; null without one.</summary>
    private static WalkFromHere? WalkOf(TriageRequest request)
    {
        if (request.Walk is not { } trip)
        {
            return null;
        }

        PlanSetup.Check(trip);
        return new WalkFromHere(trip, request.AlongKm ?? 0);
    }

    private static IEnumerable<WaterOnWay> Typed(TriageRequest request, Need need) =>
        from source in request.Sources ?? []
        where source.DoNotUse != true
        let hours = source.Minutes / 60 ?? source.DistanceKm!.Value / need.SpeedKmH
        select new WaterOnWay(
            source.Name,
            source.Direction ?? Direction.Ahead,
            source.DistanceKm!.Value,
            source.Chance ?? UntoldChance,
            hours,
            hours * need.NowLPerH
        );

    /// <summary>The water here, judged; null where there is none.</summary>
    private static SourceVerdict? Here(TriageRequest request, Intake intake)
    {
        if (request.WaterHere != true)
        {
            return null;
        }

        var water = FieldWater.Check((request.HereWater ?? new WaterInput(null, null, null, null, null)) with { VolumeL = 1 }, intake);
        intake.Optional(SourceFields.Conductivity, request.Here?.ConductivityUsCm);
        return SourceJudge.Judge(request.Here, water);
    }

    private static TriageResponse Answer(
        TriageRequest request,
        IReadOnlyList<WaterOnWay> waters,
        double inHand,
        Need need,
        SourceVerdict? here,
        Speaker say
    )
    {
        var choices = WayOut.All(request, waters, inHand, need.Now, need, say);
        var spared = need.Sparing is { } slow ? WayOut.All(request, waters, inHand, slow, need, say) : choices;
        var standing = new Standing(request, inHand, need, choices, spared, here);
        var stage = standing.Stage;
        var working = new Working();
        need.Explain(working);
        WayOut.Explain(working, choices, inHand, need);
        return new TriageResponse(
            Stage: stage,
            Headline: StageWords.Headline(standing, say),
            Action: StageWords.Action(standing, say),
            InHandL: inHand,
            NeedLPerH: need.NowLPerH,
            RestLPerH: need.RestLPerH,
            RestLPerDay: need.RestLPerDay,
            SparingLPerH: need.Sparing?.LPerH ?? need.NowLPerH,
            HoursWalking: inHand / need.NowLPerH,
            HoursResting: inHand / need.RestLPerH,
            Choices: choices,
            Best: choices[0].Kind,
            Stages: StageWords.All(standing, say),
            CallForHelp: standing.CallForHelp,
            HereVerdict: here?.Verdict,
            HereStops: here is { Verdict: Verdict.DoNotUse } bad
                ? [.. bad.Reasons.Where(r => r.Weight == SignWeight.Stop).Select(r => r.Reason)]
                : [],
            Never: NeverDrink.All,
            Assumptions: Assume(request, waters),
            Cautions: Cautions(request, standing),
            Working: working.Steps
        );
    }

    private static List<Assumption> Assume(TriageRequest request, IReadOnlyList<WaterOnWay> waters)
    {
        List<Assumption> all = [];
        if (waters.Count == 0)
        {
            all.Add(new("sources", "No water is known ahead or behind: counted as none within reach."));
        }

        if ((request.Sources ?? []).Any(s => s.Chance is null && s.DoNotUse != true))
        {
            all.Add(new("sources.chance", $"Chance that a source runs not known: counted as {UntoldChance * 100:0} %."));
        }

        var counted = BodyBuffer.ShortNow(request.Signs, request.DeficitPercent);
        if (counted > BodyBuffer.ShortBySigns(request.Signs))
        {
            all.Add(
                new(
                    "deficitPercent",
                    $"By the book the weakest of you is {Speaker.Number(counted, 1)} % of body mass short already: counted, since no sign "
                        + "told of is worse."
                )
            );
        }
        else if (request.Signs is null or BodySigns.Unknown)
        {
            all.Add(new("signs", "How the body shows it is not known: counted as 1 % of body mass short already."));
        }

        if (request.HelpHours is null)
        {
            all.Add(
                new(
                    "helpHours",
                    request.NoHelp == true
                        ? "No help is coming: staying is counted as running short."
                        : "Nobody has said when help could come: counted as not coming."
                )
            );
        }

        if (request.NeedLPerH is not null && Need.PeopleUntold(request))
        {
            all.Add(new("people", "How many you are is not known: the need at rest is taken in proportion to the need walking."));
        }

        if (request.NeedLPerH is null && request.Walkers is not { Count: > 0 })
        {
            var mass = Speaker.For(request.Units).Of(Quantity.KitMass, Party.Unnamed.MassKg!.Value);
            all.Add(new("needLPerH", $"Need not given: taken from one walker of {mass} at this effort."));
        }

        if (request.WaterHere == true && request.Means is null or Means.Unknown)
        {
            all.Add(new("means", "What there is to treat with is not known: counted as not reaching the target, nor as nothing at all."));
        }

        return all;
    }

    private static List<Caution> Cautions(TriageRequest request, Standing at)
    {
        List<Caution> all = [];
        if (at.CallForHelp)
        {
            all.Add(
                new(
                    "call-now",
                    Severity.Danger,
                    "Call for help now, if there is any way: "
                        + $"{(request.Signs == BodySigns.Grave ? "grave signs, and no water in reach." : "every way out is farther than a body bears.")}"
                )
            );
        }

        if (request.Signs == BodySigns.Grave)
        {
            all.Add(
                new(
                    "emergency",
                    Severity.Danger,
                    "Dizzy, faint, confused, fast pulse or no urine for 8 h: an emergency. Call for help now; "
                        + "shade, rest, drink what there is in small sips."
                )
            );
        }

        all.Add(new("call", Severity.Warning, "This is no substitute for calling rescue. Call early, while you can still think and walk."));
        all.Add(
            new("no-rationing", Severity.Note, "Do not ration to collapse: drink by need what you have. Don’t eat much without water.")
        );
        return all;
    }
}
