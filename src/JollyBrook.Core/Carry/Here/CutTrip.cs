using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Carry.Here;

/// <summary>
/// What is left of a trip from a place along it: the same ground, days, weather and sources, counted from there and from now.
/// </summary>
/// <param name="Request">The rest of the trip.</param>
/// <param name="FromKm">Where it begins, km along the whole trip.</param>
/// <param name="Day">The day of the whole trip it begins on, from 0.</param>
internal sealed record CutTrip(PlanRequest Request, double FromKm, int Day)
{
    /// <summary>A place this near is here, km: what a receiver is out by.</summary>
    public const double HereKm = 0.1;

    /// <summary>A place of the rest as km along the whole trip, to the metre, so that what is here for one is here for all.</summary>
    public double OnWholeKm(double alongRestKm) => Math.Round(alongRestKm + FromKm, 3);

    /// <summary>The furthest place along from which anything is left of a route, km: a step short of its finish.</summary>
    public static double FurthestKm(TripRoute route) => Math.Max(0, route.LengthKm!.Value - (GroundProfile.ResampleM / 1000));

    /// <param name="trip">The whole trip, checked.</param>
    /// <param name="alongKm">Where the party stands, km along, 0 to short of the finish.</param>
    /// <param name="inHandL">Litres that may be drunk, L.</param>
    public static CutTrip Of(PlanRequest trip, double alongKm, double inHandL)
    {
        ArgumentNullException.ThrowIfNull(trip);
        var (route, ground) = (trip.Route!, trip.Route!.Ground());
        var days = route.EachDay;
        var hour = trip.Now is { } now ? now.TimeOfDay.TotalHours : days[0].StartHour ?? RouteDay.DefaultStartHour;
        var day = DayOf(days, alongKm, hour);
        var step = Math.Clamp((int)Math.Round(alongKm / ground.StepKm), 0, ground.Steps - 1);
        if (day < days.Count - 1)
        {
            // In camp the night is still to come, so the camp lies a step on.
            step = Math.Clamp(step, 0, Math.Max(0, Timeline.StepAt(ground, days[day].EndKm!.Value) - 1));
        }

        var fromKm = step * ground.StepKm;
        double On(double km) => Math.Max(0, km - fromKm);
        TripSource Seen(TripSource s) => IsTakenAsRunning(s, alongKm, trip.Now) ? s with { Chance = SeenRunning } : s;
        double[] heights = [.. ground.ElevationM.ToArray().Skip(step)];
        var rest = route with
        {
            StartDate = trip.Now is { } today ? DateOnly.FromDateTime(today.DateTime) : route.StartDate?.AddDays(day),
            LengthKm = (ground.Steps - step) * ground.StepKm,
            Heights = EncodedNumbers.Encode(heights.Select(h => (long)Math.Round(h * 10))),
            Latitudes = null,
            Longitudes = null,
            Terrain = route.Terrain is { } spans ? [.. Ahead(spans, fromKm).Select(t => t with { FromKm = On(t.FromKm!.Value) })] : null,
            Days =
            [
                .. days.Skip(day)
                    .Select(
                        (d, i) =>
                            d with
                            {
                                StartHour = i == 0 ? hour : d.StartHour,
                                Rest = i == 0 ? StillToRest(d.Rest, hour) : d.Rest,
                                EndKm = d.EndKm is { } end ? end - fromKm : null,
                            }
                    ),
            ],
            Weather = route.Weather is { Count: > 0 } weather ? [.. weather.Skip(Math.Min(day, weather.Count - 1))] : route.Weather,
            BailOuts = route.BailOuts is { } ways
                ? [.. ways.Where(w => w.AlongKm >= fromKm).Select(w => w with { AlongKm = On(w.AlongKm!.Value) })]
                : null,
        };
        return new CutTrip(
            trip with
            {
                Route = rest,
                StartL = inHandL,
                Neighbours = [.. (trip.Sources ?? []).Where(s => s.Source.AlongKm < alongKm - HereKm)],
                Sources =
                [
                    .. (trip.Sources ?? [])
                        .Where(s => s.Source.AlongKm >= alongKm - HereKm)
                        .Select(s => s with { Source = Seen(s.Source) with { AlongKm = On(s.Source.AlongKm!.Value) } }),
                ],
            },
            fromKm,
            day
        );
    }

    /// <summary>
    /// Whether a water is reckoned as running because the party stands at it and sees it: what to take is told for that, and one that is
    /// dry is said to be so by a tap. A chance that it is dry belongs to a plan made from afar.
    /// </summary>
    /// <param name="source">A source of the trip.</param>
    /// <param name="alongKm">Where the party stands, km along.</param>
    /// <param name="now">The time; without it no report is of today.</param>
    public static bool IsTakenAsRunning(TripSource source, double alongKm, DateTimeOffset? now) =>
        Math.Abs(source.AlongKm!.Value - alongKm) <= HereKm && !(source.ReportedFlowing == false && now - source.ReportedAt < FreshReport);

    /// <summary>A report of dry ground is believed by somebody who stands there for so long.</summary>
    private static readonly TimeSpan FreshReport = TimeSpan.FromHours(24);

    /// <summary>The chance of what runs before one's eyes; short of 1, so that its logit is a number.</summary>
    private const double SeenRunning = 0.999;

    /// <summary>What of a rest lies ahead: past its hours it has been taken, or left out.</summary>
    private static DayRest? StillToRest(DayRest? rest, double hour) =>
        rest is { FromHour: { } from, Hours: { } hours } && hour < from + hours ? rest : null;

    /// <summary>The ground underfoot from a place on: what one stands on, and all that follows.</summary>
    private static IEnumerable<TerrainSpan> Ahead(IReadOnlyList<TerrainSpan> spans, double fromKm)
    {
        List<TerrainSpan> inOrder = [.. spans.OrderBy(t => t.FromKm)];
        return inOrder.Skip(inOrder.FindLastIndex(t => t.FromKm <= fromKm));
    }

    /// <summary>In camp after noon it is still the day that ends there; before noon the next one.</summary>
    private static int DayOf(IReadOnlyList<RouteDay> days, double alongKm, double hour)
    {
        for (var d = 0; d < days.Count - 1; d++)
        {
            var end = days[d].EndKm!.Value;
            if (alongKm < end - HereKm || (alongKm <= end + HereKm && hour >= Noon))
            {
                return d;
            }
        }

        return days.Count - 1;
    }

    private const double Noon = 12;
}
