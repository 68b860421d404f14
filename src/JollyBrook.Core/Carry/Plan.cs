using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>The calculation "plan": where to fill, how much to carry, and what to do where it does not fit.</summary>
public static class Plan
{
    private const int PicturePoints = 300;
    private const double LongDayH = 13;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields =>
        [ChoiceField.Of<UnitSystem>("units", "Units"), .. TripRouteFields.All, .. TripSource.Fields, .. Walker.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static PlanResponse Compute(PlanRequest request, CancellationToken cancellation = default) =>
        Of(PlanRun.Of(request, cancellation));

    /// <summary>A solved trip told.</summary>
    internal static PlanResponse Of(PlanRun run)
    {
        var (setup, walk, treated) = run;
        var say = Speaker.For(setup.Request.Units);
        var supplies = PlanSupply.Of(setup, walk, treated, say);
        var stops = new PlanStops(setup, walk, treated, say).All();
        var impossible = Stretches.Impossible(setup, walk, say);
        var most = walk.Fills.Max(f => f.CarriedL);
        var (kgKm, minutes) = (Burden(setup, walk), stops.Sum(s => s.StopMinutes));
        return new PlanResponse(
            Headline: Headline(walk, treated, supplies, most, say),
            Feasible: impossible.Count == 0 && treated.Untreated.Count == 0,
            LengthKm: setup.Ground.LengthKm,
            AscentM: setup.Ground.AscentM,
            DescentM: setup.Ground.DescentM,
            WalkHours: setup.Line.Timeline.Walk.Where(w => !w.IsRest).Sum(w => w.EndHour - w.StartHour),
            HoursBySchool: Schools(setup),
            NeedL: setup.Line.NeedL[^1],
            ReserveL: setup.ReserveL,
            CapacityL: setup.CleanL,
            MostCarriedL: most,
            KgKm: kgKm,
            StopMinutes: minutes,
            Stops: stops,
            Days: Days(setup, say),
            Impossible: impossible,
            Ground: GroundPicture(setup.Ground),
            Carried: CarriedLine.Of(setup, walk),
            Flags: Flags(setup, stops, say),
            Assumptions: Assume(setup, walk, supplies, say),
            Cautions: Cautions(setup),
            Working: PlanWorking.Steps(setup, walk, kgKm, minutes),
            Promise: PlanPromise.Of(setup, walk, most, say),
            Supplies: supplies,
            SnowL: treated.SnowL
        );
    }

    /// <summary>The kg·km of a plan: its cost without the minutes.</summary>
    internal static double Burden(PlanSetup setup, PlannedWalk walk)
    {
        var line = CarriedLine.ByEffort(setup, walk);
        return line.Zip(line.Skip(1))
            .Sum(p => (p.Second.Effort - p.First.Effort) * (Math.Max(0, p.First.Litres) + Math.Max(0, p.Second.Litres)) / 2);
    }

    private static string Headline(PlannedWalk walk, TreatedWalk treated, IReadOnlyList<PlanSupply> supplies, double mostL, Speaker say)
    {
        if (walk.IsFeasible && treated.Untreated is [var first, ..])
        {
            var more = string.Join(" or ", supplies.Where(s => s.More is not null).Select(s => $"{s.Name}: {s.More}"));
            return $"Not with this kit: nothing is left to treat the water of {first.Water.Name}{(more.Length > 0 ? $". {more}" : "")}";
        }

        var fills = walk.Fills.Count - 1;
        string L(double litres) => say.Of(Quantity.Volume, PlanStops.UpToCup(litres));
        var where =
            fills == 0 ? "no fill on the way"
            : fills == 1 ? "1 fill on the way"
            : $"{fills} fills on the way";
        return walk.IsFeasible
            ? $"Leave with {L(walk.Fills[0].LeaveL)}, {where}, never more than {L(mostL)}"
            : $"Not with this kit: {L(walk.Fills.Max(f => f.ShortL))} too little room for water";
    }

    /// <summary>The plan's own school is already walked; only the other is reckoned anew.</summary>
    private static List<RouteHours> Schools(PlanSetup setup)
    {
        var own = setup.Route.School ?? WalkSchool.Tobler;
        var walked = setup.Line.Timeline.Walk.Sum(w => w.WalkHours) / (setup.Route.Pace ?? 1);
        return
        [
            .. Enum.GetValues<WalkSchool>()
                .Select(s => new RouteHours(
                    s,
                    WalkingTime.Name(s),
                    s == own ? walked : new Pieces(setup.Route with { School = s, Pace = 1 }, setup.Ground).Hours(0, setup.Ground.Steps)
                )),
        ];
    }

    internal static List<PlanDay> Days(PlanSetup setup, Speaker say)
    {
        var timeline = setup.Line.Timeline;
        var height = setup.Ground.ElevationM;
        List<PlanDay> days = [];
        for (var d = 0; d < timeline.Days.Count; d++)
        {
            var (day, from, to) = timeline.Days[d];
            double up = 0,
                down = 0;
            for (var i = from; i < to; i++)
            {
                up += Math.Max(0, height[i + 1] - height[i]);
                down += Math.Max(0, height[i] - height[i + 1]);
            }

            var weather = setup.Route.WeatherOn(d);
            var walk = timeline.Walk.Where(w => w.Day == d && !w.IsRest).ToList();
            var rest = timeline.Walk.Find(w => w.Day == d && w.IsRest);
            double[] hours = [.. Enumerable.Range(0, 24).Select(h => weather.TemperatureAt(h))];
            days.Add(
                new PlanDay(
                    Day: d,
                    Date: setup.Route.StartDate?.AddDays(d),
                    FromKm: from * setup.Ground.StepKm,
                    ToKm: to * setup.Ground.StepKm,
                    AscentM: up,
                    DescentM: down,
                    WalkHours: walk.Sum(w => w.EndHour - w.StartHour),
                    StartHour: day.StartHour ?? RouteDay.DefaultStartHour,
                    ArriveHour: timeline.ArriveHours[d],
                    LowC: hours.Min(),
                    HighC: hours.Max(),
                    Weather: weather.Source ?? WeatherSource.Typed,
                    WalkL: walk.Sum(w => w.UseL) + (rest?.UseL ?? 0),
                    CampL: timeline.CampL[d],
                    BoilL: d == timeline.Days.Count - 1 ? 0 : setup.Party.BoilL(day),
                    CampName: d == timeline.Days.Count - 1 ? null
                        : day.CampName is { Length: > 0 } name ? name
                        : $"Camp {d + 1}",
                    PhoneOff: PhoneOff(walk, (to - from) * setup.Ground.StepKm, setup, say),
                    Rest: rest is null ? null : Rested(setup, rest)
                )
            );
        }

        return days;
    }

    private static PlanRest Rested(PlanSetup setup, TimelinePiece rest) =>
        new(
            setup.Line.Places.Find(p => p.Step == rest.FromStep)?.Name ?? "",
            rest.FromStep * setup.Ground.StepKm,
            rest.StartHour,
            rest.EndHour - rest.StartHour
        );

    /// <summary>What a litre is worth that day, so that the plan can be carried on by head.</summary>
    private static string PhoneOff(List<TimelinePiece> walk, double km, PlanSetup setup, Speaker say)
    {
        var (litres, hours) = (walk.Sum(w => w.UseL), walk.Sum(w => w.EndHour - w.StartHour));
        return litres <= 0 || hours <= 0
            ? ""
            : $"All together {say.Of(Quantity.Volume, litres / hours)} an hour, "
                + $"{say.Of(Quantity.Volume, setup.Line.MostLPerH)} in the thirstiest: "
                + $"for each hour late, that much more. {say.Of(Quantity.Volume, 1)} lasts about {say.Of(Quantity.Distance, km / litres)}.";
    }

    private static List<LinePoint> GroundPicture(GroundProfile ground)
    {
        var count = Math.Min(ground.Steps, PicturePoints);
        return
        [
            .. Enumerable
                .Range(0, count + 1)
                .Select(i => ground.LengthKm * i / count)
                .Select(km => new LinePoint(Math.Round(km, 3), Math.Round(ground.ElevationAt(km), 1))),
        ];
    }

    private static List<string> Flags(PlanSetup setup, List<PlanStop> stops, Speaker say)
    {
        List<string> flags = [];
        for (var d = 0; d < setup.Line.Timeline.Days.Count; d++)
        {
            var hours = setup.Line.Timeline.Walk.Where(w => w.Day == d && !w.IsRest).Sum(w => w.EndHour - w.StartHour);
            if (hours > LongDayH)
            {
                flags.Add($"Day {d + 1} is {Speaker.Minutes(hours * 60)} of walking. Move its camp, or start another day.");
            }
        }

        foreach (var (_, source) in setup.Request.Sources ?? [])
        {
            if (source.AlongKm > setup.Ground.LengthKm + setup.Ground.StepKm)
            {
                flags.Add(
                    $"{source.Name} lies {say.Of(Quantity.Distance, source.AlongKm!.Value - setup.Ground.LengthKm)} past the finish."
                );
            }
        }

        foreach (
            var (stop, share) in stops
                .SelectMany(s => s.Split.Select(w => (s, w)))
                .Where(x => x.w.LoadShare > FairLoad.MostShare + 0.005)
                .GroupBy(x => x.w.Walker)
                .Select(g => g.MaxBy(x => x.w.LoadShare))
        )
        {
            flags.Add(
                $"{share.Walker} leaves {stop.Name} with {Math.Ceiling(share.LoadShare * 100)} % of body "
                    + $"mass on the back; more than {FairLoad.MostShare * 100:0} % wears out. There is no other "
                    + "way with this party and these containers: lighten the pack."
            );
        }

        return flags;
    }

    private static List<Assumption> Assume(PlanSetup setup, PlannedWalk walk, IReadOnlyList<PlanSupply> supplies, Speaker say)
    {
        var request = setup.Request;
        string Warmth(double celsius) => say.Of(Quantity.Temperature, celsius);
        List<Assumption> assumed = [];
        if (request.Walkers is not { Count: > 0 })
        {
            var mass = say.Of(Quantity.KitMass, Party.Unnamed.MassKg!.Value);
            assumed.Add(new("walkers", $"Nobody is entered yet: taken as one walker of {mass}. Enter the party in Body."));
        }
        else if (setup.Party.SomeUntested)
        {
            assumed.Add(
                new("tests", "Not everyone has a sweat test in warmth: those without are reckoned as sweating more than four in five.")
            );
        }

        if (setup.Party.ClothingUntold)
        {
            assumed.Add(
                new(
                    "walkers.worn",
                    "Clothing not told: by each hour’s air, or what is worn a step warmer or cooler where that asks for more water."
                )
            );
        }

        foreach (var (_, source) in request.Sources ?? [])
        {
            if (source.IsReportedAfter(request.Now))
            {
                assumed.Add(
                    new(
                        "sources.reportedAt",
                        $"The report on {source.Name} is dated after today: "
                            + $"{(source.ReportedFlowing == true ? "not believed" : "counted as dry")}. Check its date."
                    )
                );
            }
        }

        foreach (
            var supply in supplies.Where(s =>
                s.Used > 0
                && s.Left is null
                && setup.Treatment.Kit.First(e => e.Id == s.Id).Item is ChemicalProduct or UvLamp or Stove { IsOpenFire: false }
            )
        )
        {
            assumed.Add(
                new("kit", $"How much is left of {supply.Name} is not known: the plan takes {supply.Words.Split(';')[0]}. Count it.")
            );
        }

        if (!setup.Treatment.CanTell)
        {
            assumed.Add(new("kit", "Nothing to treat with is told: from when water is drinkable is not said. Ask Treat."));
        }

        var guessed = walk
            .Fills.Select(f => f.Water)
            .Where(p => p.Source is { NeedsNoTreatment: false, TemperatureC: null })
            .DistinctBy(p => p.Id)
            .ToList();
        if (setup.Treatment.CanTell && guessed.Count > 0)
        {
            var likely = guessed.Select(p => $"{p.Name} {Warmth(Math.Floor(setup.Treatment.LikelyTemperatureC(p)))}");
            assumed.Add(
                new(
                    "sources.temperatureC",
                    $"How cold the water is was not measured: by class, height and the trip’s air {string.Join(", ", likely)}."
                )
            );
        }

        if (request.Route!.Weather is not { Count: > 0 })
        {
            var (low, high) = (DayWeather.Assumed.LowC!.Value, DayWeather.Assumed.HighC!.Value);
            assumed.Add(new("route.weather", $"No weather given: taken as a warm, sunny day, {Warmth(low)} to {Warmth(high)}."));
        }

        if (request.Route.Containers is not { Count: > 0 })
        {
            assumed.Add(
                new(
                    "route.containers",
                    $"No containers given: taken as {say.Of(Quantity.Volume, PlanSetup.DefaultCapacityLPerWalker)} for each walker."
                )
            );
        }

        return assumed;
    }

    internal static List<Caution> Cautions(PlanSetup setup) =>
        [
            .. setup.Line.Timeline.Walk.Any(w => w.AirC < DrinkPlan.ThirstHidesBelowC) ? new[] { DrinkPlan.ThirstHides } : [],
            new(
                "plan-is-a-plan",
                Severity.Note,
                "Reports, notices and what you see at the water outrank this plan. Turn back while the water still reaches."
            ),
        ];
}
