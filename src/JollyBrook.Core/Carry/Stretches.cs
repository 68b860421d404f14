using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>Stretches that cannot be walked with what can be carried, and what fixes each, reckoned by planning anew.</summary>
internal static class Stretches
{
    private const double MostDrunkOnTheSpotLPerWalker = 1;
    private const double ContainerStepL = 0.5;
    private const int EarliestHour = 3;
    private const double Slack = 1e-6;

    public static List<ImpossibleStretch> Impossible(PlanSetup setup, PlannedWalk walk, Speaker say) =>
        [.. walk.Fills.Where(f => f.ShortL > 0).Select(f => Describe(setup, f, say))];

    private static ImpossibleStretch Describe(PlanSetup setup, PlannedFill fill, Speaker say)
    {
        var (from, to, capacity) = (fill.At, fill.To, fill.CapacityL);
        string L(double litres) => say.Of(Quantity.Volume, litres);
        return new ImpossibleStretch(
            From: from.Kind,
            FromName: from.Name,
            ToName: to.Name,
            FromKm: setup.Line.Km[from.Point],
            ToKm: setup.Line.Km[to.Point],
            NeedL: capacity + fill.ShortL,
            CapacityL: capacity,
            ShortL: fill.ShortL,
            Words: $"{from.Name} to {to.Name} needs {L(capacity + fill.ShortL)}; {L(capacity)} can be carried: {L(fill.ShortL)} short.",
            Remedies: [.. Remedies(setup, fill, from, to, say).OrderByDescending(r => r.Solves)]
        );
    }

    private static IEnumerable<Remedy> Remedies(PlanSetup setup, PlannedFill fill, Place from, Place to, Speaker say)
    {
        string L(double litres) => say.Of(Quantity.Volume, litres);
        var more = Math.Ceiling((fill.ShortL / ContainerStepL) - Slack) * ContainerStepL;
        yield return new Remedy(RemedyKind.AddContainer, $"Take {L(more)} more of containers", from.Source?.CacheL is null, Litres: more);

        if (from.Source is { } source)
        {
            var room = (MostDrunkOnTheSpotLPerWalker * setup.Party.Count) - (source.DrinkL ?? 0);
            if (room > 0)
            {
                var drink = Math.Min(room, fill.ShortL);
                yield return new Remedy(
                    RemedyKind.DrinkAtSource,
                    $"Drink {L(PlanStops.UpToCup(drink))} more at {from.Name} before leaving",
                    drink >= fill.ShortL - Slack,
                    Litres: PlanStops.UpToCup((source.DrinkL ?? 0) + drink),
                    SourceId: from.Id
                );
            }
        }

        foreach (
            var remedy in CoolerHour(setup, from, to, fill, say)
                .Concat(Resting(setup, from, to, fill, say))
                .Concat(OtherSources(setup, from, to))
                .Concat(Camp(setup, from, to, say))
        )
        {
            yield return remedy;
        }

        yield return Cache(setup, fill, from, to, say);
    }

    /// <summary>The latest earlier start that is enough; else the one that saves most.</summary>
    private static IEnumerable<Remedy> CoolerHour(PlanSetup setup, Place from, Place to, PlannedFill fill, Speaker say)
    {
        var day = from.IsEvening && to.Day > from.Day ? from.Day + 1 : from.Day;
        var days = setup.Route.EachDay;
        var start = days[day].StartHour ?? RouteDay.DefaultStartHour;
        Remedy? best = null;
        var bestShort = fill.ShortL - 0.05;
        for (var hour = Math.Ceiling(start) - 1; hour >= EarliestHour; hour--)
        {
            var changed = setup.Route.WithDay(day, d => d with { StartHour = hour });
            var shortL = ShortOn(setup, from, to, setup.Request with { Route = changed });
            if (shortL < bestShort)
            {
                bestShort = shortL;
                best = new Remedy(
                    RemedyKind.StartHour,
                    $"Start day {day + 1} at {Speaker.Clock(hour)}, in the cool: saves {say.Of(Quantity.Volume, fill.ShortL - shortL)}",
                    shortL <= 0,
                    Day: day,
                    Hour: hour
                );
                if (shortL <= 0)
                {
                    break;
                }
            }
        }

        return best is null ? [] : [best];
    }

    /// <summary>A rest through the heat at the stretch's start: the shortest that is enough; else the one that saves most.</summary>
    private static IEnumerable<Remedy> Resting(PlanSetup setup, Place from, Place to, PlannedFill fill, Speaker say)
    {
        var hour = setup.Line.ClockHour[from.Point];
        var days = setup.Route.EachDay;
        if (
            from.Kind != StopKind.Source
            || from.IsEvening
            || from.IsMorning
            || to.Day != from.Day
            || days[from.Day].Rest is not null
            || hour >= LatestRestHour
        )
        {
            yield break;
        }

        Remedy? best = null;
        var bestShort = fill.ShortL - 0.05;
        for (var hours = 1; hours <= LongestRestH; hours++)
        {
            var shortL = ShortOn(setup, from, to, setup.Request with { Route = Resting(setup.Route, from.Day, hour, hours) });
            if (shortL < bestShort)
            {
                bestShort = shortL;
                best = new Remedy(
                    RemedyKind.Rest,
                    $"Rest at {from.Name} from {Speaker.Clock(hour)} for {hours} h, in the shade: saves "
                        + say.Of(Quantity.Volume, fill.ShortL - shortL),
                    shortL <= 0,
                    Day: from.Day,
                    Hour: hour,
                    Hours: hours
                );
                if (shortL <= 0)
                {
                    break;
                }
            }
        }

        if (best is not null)
        {
            yield return best;
        }
    }

    private const int LongestRestH = 6;
    private const double LatestRestHour = 18;

    /// <summary>The route with a rest at the place that is reached at an hour of a day.</summary>
    internal static TripRoute Resting(TripRoute route, int day, double hour, double hours) =>
        // A little before it is reached, so that it is this place and none after it.
        route.WithDay(day, d => d with { Rest = new DayRest(Math.Max(0, Math.Floor(hour * 60) / 60) - 0.001, hours) });

    private static IEnumerable<Remedy> OtherSources(PlanSetup setup, Place from, Place to)
    {
        foreach (
            var place in setup.Line.Places.Where(p =>
                p.Source is { IsOutOfUse: false } && !p.IsMorning && p.Point > from.Point && p.Point < to.Point
            )
        )
        {
            var used = setup.Request.Sources!.Select(s =>
                s.Id == place.Id
                    ? s with
                    {
                        Source = s.Source with { OnlyIfNeeded = false, Chance = Math.Max(place.Chance!.Value, SourceReliability.Trusted) },
                    }
                    : s
            );
            var solves = ShortOn(setup, from, to, setup.Request with { Sources = [.. used] }) <= 0;
            if (place.Source!.OnlyIfNeeded == true && place.Chance >= SourceReliability.Trusted)
            {
                yield return new Remedy(
                    RemedyKind.UseSource,
                    $"Use {place.Name}: {Speaker.Minutes(2 * (place.Source.DetourMinutes ?? 0))} there and back",
                    solves,
                    SourceId: place.Id
                );
            }
            else if (solves)
            {
                yield return new Remedy(
                    RemedyKind.AskReport,
                    $"Find out whether {place.Name} runs ({SourceReliability.Percent(place.Chance!.Value)} "
                        + "%): a fresh report would be enough",
                    false,
                    SourceId: place.Id
                );
            }
        }
    }

    /// <summary>Camp at the water instead of carrying the camp's litres: the end of the day moved to the stretch's start or end.</summary>
    private static IEnumerable<Remedy> Camp(PlanSetup setup, Place from, Place to, Speaker say)
    {
        var camp = setup.Line.Places.FirstOrDefault(p => p.Kind == StopKind.Camp && p.Point > from.Point && p.Point < to.Point);
        if (camp is null || setup.Route.Days is not { } days)
        {
            yield break;
        }

        foreach (var water in new[] { from, to }.Where(p => p.Kind == StopKind.Source))
        {
            var km = water.Step * setup.Ground.StepKm;
            var before = camp.Day == 0 ? 0 : days[camp.Day - 1].EndKm!.Value;
            var after = camp.Day + 1 < days.Count - 1 ? days[camp.Day + 1].EndKm!.Value : setup.Ground.LengthKm;
            if (km <= before + setup.Ground.StepKm || km >= after - setup.Ground.StepKm)
            {
                continue;
            }

            var moved = setup.Route.WithDay(camp.Day, d => d with { EndKm = km });
            var solved = ShortOn(setup, from, to, setup.Request with { Route = moved }) <= 0;
            yield return new Remedy(
                RemedyKind.MoveCamp,
                $"Camp at {water.Name}, {say.Of(Quantity.Distance, Math.Abs(km - setup.Line.Km[camp.Point]))} "
                    + $"{(km < setup.Line.Km[camp.Point] ? "sooner" : "further on")}",
                solved,
                Day: camp.Day,
                AlongKm: km
            );
        }
    }

    /// <summary>Water left beforehand, as far on as full containers reach; enough to get to the stretch's end.</summary>
    private static Remedy Cache(PlanSetup setup, PlannedFill fill, Place from, Place to, Speaker say)
    {
        var line = setup.Line;
        var reach = line.NeedL[from.Point] + Math.Max(0, fill.CapacityL + fill.DrinkL - setup.ReserveL - fill.DetourUseL);
        var p = from.Point;
        while (p < to.Point && line.NeedL[p + 1] <= reach)
        {
            p++;
        }

        var litres = PlanStops.UpToCup(line.NeedL[to.Point] - line.NeedL[p] + Math.Max(0, fill.ArriveNextL - setup.ReserveL));
        return new Remedy(
            RemedyKind.Cache,
            $"Leave {say.Of(Quantity.Volume, litres)} beforehand at {say.Of(Quantity.Distance, line.Km[p])}",
            p > from.Point && litres + setup.ReserveL <= setup.CleanL + Slack,
            Litres: litres,
            AlongKm: line.Km[p]
        );
    }

    /// <summary>Litres too many anywhere on the stretch between two places, once the request is changed and planned anew.</summary>
    private static double ShortOn(PlanSetup setup, Place from, Place to, PlanRequest changed)
    {
        var with = new PlanSetup(changed) { Cancellation = setup.Cancellation };
        var (fromKm, toKm) = (setup.Line.Km[from.Point], setup.Line.Km[to.Point]);
        return PlanSolver
            .Solve(with)
            .Fills.Where(f => with.Line.Km[f.To.Point] > fromKm && with.Line.Km[f.At.Point] < toKm)
            .Sum(f => f.ShortL);
    }
}
