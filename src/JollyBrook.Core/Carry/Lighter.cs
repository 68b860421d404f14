using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>A change of a trip, with its price.</summary>
/// <param name="Remedy">What it changes; <see cref="Remedy.Solves"/>: the promise is kept then, and was not before.</param>
/// <param name="KgKmSaved">Burden saved, kg·km; below 0 where it costs some.</param>
/// <param name="MinutesSaved">Minutes stopped or resting saved; below 0 where it costs some.</param>
/// <param name="LitresSaved">Water saved over the trip at the median, L; below 0 where it takes more.</param>
/// <param name="MostCarriedL">Most carried at once then, L.</param>
/// <param name="ShortChance">Share of simulated walks that run short then.</param>
/// <param name="Words">The price in a line.</param>
public sealed record Offer(
    Remedy Remedy,
    double KgKmSaved,
    double MinutesSaved,
    double LitresSaved,
    double MostCarriedL,
    double ShortChance,
    string Words
);

/// <summary>What would make a trip lighter.</summary>
/// <param name="Tried">How many changes were worked out.</param>
/// <param name="Offers">Those that are worth it, the best first.</param>
public sealed record LighterResponse(int Tried, IReadOnlyList<Offer> Offers);

/// <summary>
/// The calculation "lighter": leaving earlier, resting through the heat, moving a camp to water, a source kept for need: each planned anew
/// and offered with its price where burden and minutes together become less, or the promise is kept by it (handbook room 70).
/// </summary>
public static class Lighter
{
    /// <summary>Nobody is offered to leave before this hour for weight alone (pick).</summary>
    private const double EarliestHour = 5;

    /// <summary>A camp is moved no further for water than this, km (pick).</summary>
    private const double FurthestCampKm = 4;

    /// <summary>Rests are looked for where the day is this warm, °C, and between these hours (pick).</summary>
    private const double WarmC = 22;
    private const double RestFromHour = 10;
    private const double RestUntilHour = 15;

    /// <summary>What is not worth asking anybody for, kg·km.</summary>
    private const double WorthKgKm = 2;
    private const int MostPlanned = 6;
    private const int MostOffers = 4;

    private static readonly double[] EarlierH = [1, 2, 3];
    private static readonly double[] RestH = [2, 4];

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => Plan.Fields;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static LighterResponse Compute(PlanRequest request)
    {
        var now = Outcome.Of(request);
        var say = Speaker.For(request.Units);
        var changes = Changes(now.Run.Setup, say).ToList();
        // The middle plan tells cheaply which of many are worth the whole policy.
        var middle = Outcome.Of(Middle(request)).Cost;
        var promising = changes
            .Select(c => (Change: c, Gain: middle - Outcome.Of(Middle(c.Request)).Cost))
            .Where(c => c.Gain > 0)
            .GroupBy(c => (c.Change.Remedy.Kind, c.Change.Remedy.Day))
            .Select(g => g.MaxBy(c => c.Gain))
            .OrderByDescending(c => c.Gain)
            .Take(MostPlanned);
        var offers = promising
            .Select(c => Price(now, c.Change, say))
            .OfType<(Offer Offer, double Gain)>()
            .OrderByDescending(o => o.Offer.Remedy.Solves)
            .ThenByDescending(o => o.Gain);
        return new LighterResponse(changes.Count, [.. offers.Take(MostOffers).Select(o => o.Offer)]);
    }

    private static PlanRequest Middle(PlanRequest request) => request with { Route = request.Route! with { Certainty = TripRoute.Middle } };

    private readonly record struct Change(Remedy Remedy, PlanRequest Request);

    private static (Offer Offer, double Gain)? Price(Outcome now, Change change, Speaker say)
    {
        var then = Outcome.Of(change.Request);
        var solves = then.Promise.Kept && !now.Promise.Kept;
        var gain = now.Cost - then.Cost;
        if (!then.Run.Walk.IsFeasible || (gain < WorthKgKm && !solves) || (now.Promise.Kept && !then.Promise.Kept))
        {
            return null;
        }

        var (kgKm, minutes, litres) = (now.KgKm - then.KgKm, now.Minutes - then.Minutes, now.NeedL - then.NeedL);
        return (
            new Offer(
                Remedy: change.Remedy with
                {
                    Solves = solves,
                },
                KgKmSaved: kgKm,
                MinutesSaved: minutes,
                LitresSaved: litres,
                MostCarriedL: then.MostL,
                ShortChance: then.Promise.ShortChance,
                Words: Words(kgKm, minutes, litres, then, say)
            ),
            gain
        );
    }

    private static string Words(double kgKm, double minutes, double litres, Outcome then, Speaker say)
    {
        List<string> words = [$"{say.Of(Quantity.Burden, Math.Abs(kgKm))} {(kgKm >= 0 ? "less" : "more")} to carry"];
        if (Math.Abs(minutes) >= 1)
        {
            words.Add($"{Speaker.Minutes(Math.Abs(minutes))} {(minutes > 0 ? "less" : "more")} of stops");
        }

        if (Math.Abs(litres) >= 0.1)
        {
            words.Add($"{say.Of(Quantity.Volume, Math.Abs(litres))} {(litres > 0 ? "less" : "more")} needed");
        }

        return $"{string.Join(", ", words)}; never more than {say.Of(Quantity.Volume, PlanStops.UpToCup(then.MostL))}";
    }

    private static IEnumerable<Change> Changes(PlanSetup setup, Speaker say)
    {
        var days = setup.Route.EachDay;
        Change Of(Remedy remedy, TripRoute route) => new(remedy, setup.Request with { Route = route });
        for (var day = 0; day < days.Count; day++)
        {
            var start = days[day].StartHour ?? RouteDay.DefaultStartHour;
            foreach (var hour in EarlierH.Select(h => start - h).Where(h => h >= EarliestHour))
            {
                yield return Of(
                    new Remedy(
                        RemedyKind.StartHour,
                        $"Start day {day + 1} at {Speaker.Clock(hour)}, in the cool",
                        false,
                        Day: day,
                        Hour: hour
                    ),
                    setup.Route.WithDay(day, d => d with { StartHour = hour })
                );
            }

            foreach (var (place, hour) in RestingPlaces(setup, day, days))
            {
                foreach (var hours in RestH)
                {
                    yield return Of(
                        new Remedy(
                            RemedyKind.Rest,
                            $"Rest at {place.Name} from {Speaker.Clock(hour)} to {Speaker.Clock(hour + hours)}, in the shade",
                            false,
                            Day: day,
                            Hour: hour,
                            Hours: hours
                        ),
                        Stretches.Resting(setup.Route, day, hour, hours)
                    );
                }
            }

            foreach (var (water, km, moved) in Camps(setup, day, days))
            {
                yield return Of(
                    new Remedy(
                        RemedyKind.MoveCamp,
                        $"Camp at {water.Name}, {say.Of(Quantity.Distance, Math.Abs(moved))} {(moved < 0 ? "sooner" : "further on")}",
                        false,
                        Day: day,
                        AlongKm: km
                    ),
                    setup.Route.WithDay(day, d => d with { EndKm = km })
                );
            }
        }

        foreach (var (id, source) in (setup.Request.Sources ?? []).Where(s => s.Source is { OnlyIfNeeded: true, IsOutOfUse: false }))
        {
            yield return new Change(
                new Remedy(
                    RemedyKind.UseSource,
                    $"Use {source.Name}: {Speaker.Minutes(2 * (source.DetourMinutes ?? 0))} there and back",
                    false,
                    SourceId: id
                ),
                setup.Request with
                {
                    Sources =
                    [
                        .. setup.Request.Sources!.Select(s => s.Id == id ? s with { Source = source with { OnlyIfNeeded = false } } : s),
                    ],
                }
            );
        }
    }

    /// <summary>Waters that are likely to run and are reached in the heat of a warm day.</summary>
    private static IEnumerable<(Place Place, double Hour)> RestingPlaces(PlanSetup setup, int day, IReadOnlyList<RouteDay> days)
    {
        var weather = setup.Route.WeatherOn(day);
        if (days[day].Rest is not null || Enumerable.Range(0, 24).Max(h => weather.TemperatureAt(h)) < WarmC)
        {
            return [];
        }

        return setup
            .Line.Places.Where(p =>
                p is { HasWater: true, IsMorning: false, IsEvening: false } && p.Chance > Promise.PromisedWalk.Likely && p.Day == day
            )
            .Select(p => (p, setup.Line.ClockHour[p.Point]))
            .Where(p => p.Item2 is >= RestFromHour and <= RestUntilHour);
    }

    /// <summary>Waters near a camp that has none of its own, and how far it would move, km.</summary>
    private static IEnumerable<(Place Water, double Km, double Moved)> Camps(PlanSetup setup, int day, IReadOnlyList<RouteDay> days)
    {
        if (day >= days.Count - 1)
        {
            return [];
        }

        var km = days[day].EndKm!.Value;
        var (before, after) = (
            day == 0 ? 0 : days[day - 1].EndKm!.Value,
            day + 1 < days.Count - 1 ? days[day + 1].EndKm!.Value : setup.Ground.LengthKm
        );
        return setup
            .Line.Places.Where(p =>
                p is { HasWater: true, IsMorning: false, IsEvening: false }
                && p.Source!.CacheL is null
                && p.Chance >= SourceReliability.Trusted
            )
            .Select(p => (p, setup.Line.Km[p.Point], setup.Line.Km[p.Point] - km))
            .Where(p =>
                Math.Abs(p.Item3) <= FurthestCampKm && p.Item2 > before + setup.Ground.StepKm && p.Item2 < after - setup.Ground.StepKm
            );
    }

    /// <summary>A trip solved, with what it costs.</summary>
    private sealed record Outcome(PlanRun Run, double KgKm, double Minutes, double NeedL, double MostL)
    {
        private PlanPromise? _promise;

        /// <summary>Walked only where it is asked for: to sort changes out by the middle plan it is not.</summary>
        public PlanPromise Promise => _promise ??= PlanPromise.Of(Run.Setup, Run.Walk, MostL, Speaker.Metric);

        /// <summary>Burden, and λ for every minute stopped or resting, kg·km.</summary>
        public double Cost => KgKm + (Run.Setup.KgKmPerMinute * Minutes);

        public static Outcome Of(PlanRequest request)
        {
            var run = PlanRun.Of(request);
            var (setup, walk) = (run.Setup, run.Walk);
            var most = walk.Fills.Max(f => f.CarriedL);
            var rests = setup.Line.Timeline.Walk.Where(w => w.IsRest).Sum(w => w.EndHour - w.StartHour) * 60;
            return new Outcome(run, Plan.Burden(setup, walk), walk.Fills.Skip(1).Sum(f => f.Minutes) + rests, setup.Line.NeedL[^1], most);
        }
    }
}
