using JollyBrook.Core.Sources;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>Every place of the plan with what to do there.</summary>
internal sealed class PlanStops
{
    private const double WorthStoppingL = 0.1;
    private readonly PlanSetup _setup;
    private readonly CarrySolution _solution;
    private readonly Func<CarryStop, CarryFill> _wayOn;
    private readonly Speaker _say;
    private readonly CarryLine _line;
    private readonly HashSet<int> _waitsAt;
    private readonly WayBack _wayBack;

    /// <summary>Stops on the way by day: from which point on, and minutes.</summary>
    private readonly ILookup<int, (int Point, double Minutes)> _stopped;

    /// <summary>The fill whose water is carried at each point of the line.</summary>
    private readonly CarryFill[] _carriedAt;

    public PlanStops(PlanSetup setup, CarrySolution solution, Func<CarryStop, CarryFill> wayOn, Speaker say)
    {
        (_setup, _solution, _wayOn, _say, _line) = (setup, solution, wayOn, say, setup.Line);
        _wayBack = new WayBack(setup);
        _waitsAt = [.. solution.Fills.Where(f => f.WaitsAtNext).Select(f => f.To)];
        // What is drawn in the morning is drawn before the day's start.
        _stopped = solution.Fills.Skip(1).Where(f => !setup.Counted[f.From].IsMorning)
            .ToLookup(f => setup.Counted[f.From].Day, f => (setup.Counted[f.From].Point, Minutes(f)));
        _carriedAt = new CarryFill[setup.Line.UseL.Length];
        foreach (var fill in solution.Fills)
        {
            Array.Fill(_carriedAt, fill, setup.Counted[fill.From].Point, setup.Counted[fill.To].Point - setup.Counted[fill.From].Point + 1);
        }
    }

    public List<PlanStop> All()
    {
        var byPlace = _solution.Fills.ToDictionary(f => _setup.Counted[f.From]);
        return [.. _line.Places.Select(place => Stop(place, byPlace.GetValueOrDefault(place)))];
    }

    private PlanStop Stop(Place place, CarryFill? fill)
    {
        var planned = fill is not null && place.Kind == StopKind.Source;
        var arrive = _line.ClockHour[place.Point] + DelayBefore(place);
        var minutes = planned ? Minutes(fill!) : 0;
        var to = fill is null ? null : _setup.Counted[fill.To];
        var carried = fill is null ? 0 : Carried(fill);
        return new PlanStop(
            place.Id, place.Kind, place.FullName, Short(place.Step * _setup.Ground.StepKm), Short(_setup.Ground.ElevationM[place.Step]), place.Day, Short(arrive),
            place.Source?.DoNotUse == true ? null : place.Chance,
            place.Trusted, planned, Short(InHand(place, fill)), Short(fill?.TakenL ?? 0), Short(fill?.DrinkL ?? 0), Short(carried),
            Short(fill is null ? 0 : carried + ContainersKg(carried)), fill is null ? [] : Split(carried), planned && _setup.Treatment.Of(place, fill!.TakenL) is { } treated ? treated.Name : place.Source?.TreatBy ?? "",
            planned ? Ready(place, fill!, arrive, minutes) : null, Short(minutes), fill is not null && Waits(fill),
            to?.Name, fill is null ? null : Short(fill.ArriveNextL), fill is not null && _wayBack.TurnBackKm(fill) is { } back ? Short(back) : null,
            Words(place, fill, to), IfElse(place, fill));
    }

    /// <summary>A tenth of a millilitre, a metre in ten: digits beyond that only make a long answer longer.</summary>
    private static double Short(double value) => Math.Round(value, 4);

    /// <summary>Without what the camp at the water uses there.</summary>
    private double Carried(CarryFill fill) => Math.Max(0, fill.LeaveL - _setup.Problem.Stops[fill.From].OnTheSpotL);

    private bool Waits(CarryFill fill) => _waitsAt.Contains(fill.From);

    private double Minutes(CarryFill fill)
    {
        var stop = _setup.Problem.Stops[fill.From];
        return stop.StopMinutes + (fill.TakenL * stop.MinutesPerL) + (Waits(fill) ? stop.WaitMinutes : 0);
    }

    /// <summary>Stops made earlier that day push the clock on, h.</summary>
    private double DelayBefore(Place place)
    {
        var minutes = 0.0;
        foreach (var (point, stopped) in _stopped[place.Day])
        {
            minutes += point < place.Point ? stopped : 0;
        }

        return minutes / 60;
    }

    private double InHand(Place place, CarryFill? fill) =>
        fill is not null ? fill.ArriveL : CarriedLine.InHand(_setup, _carriedAt[place.Point], place.Point);

    /// <summary>The fullest containers first; what holds no water is not counted as carried.</summary>
    private double ContainersKg(double litres)
    {
        var left = litres;
        var kg = 0.0;
        foreach (var container in (_setup.Route.Containers ?? []).OrderByDescending(c => c.VolumeL))
        {
            if (left <= 0)
            {
                break;
            }

            kg += container.MassKg ?? 0;
            left -= container.VolumeL!.Value;
        }

        return kg;
    }

    /// <summary>By what each one's own containers hold; evenly where none is named. The largest are filled first.</summary>
    private List<WalkerShare> Split(double litres)
    {
        var containers = _setup.Route.Containers ?? [];
        var own = _setup.Party.Names.Select(n => containers.Where(c => c.Walker == n).OrderByDescending(c => c.VolumeL).ToList()).ToList();
        var shared = containers.Where(c => !_setup.Party.Names.Contains(c.Walker ?? "")).OrderByDescending(c => c.VolumeL).ToList();
        var weights = own.Select(o => o.Concat(shared).Sum(c => c.VolumeL!.Value / (o.Contains(c) ? 1 : _setup.Party.Count))).ToList();
        var sum = weights.Sum();
        return
        [
            .. _setup.Party.Names.Select((n, i) =>
            {
                var share = sum > 0 ? litres * weights[i] / sum : litres / _setup.Party.Count;
                return new WalkerShare(n, Short(share), Into(own[i].Concat(shared), share));
            }),
        ];
    }

    private static List<ContainerShare> Into(IEnumerable<CarriedContainer> containers, double litres)
    {
        List<ContainerShare> filled = [];
        foreach (var container in containers)
        {
            if (litres < 0.005)
            {
                break;
            }

            var into = Math.Min(litres, container.VolumeL!.Value);
            filled.Add(new ContainerShare(container.Name ?? "Container", Short(into)));
            litres -= into;
        }

        return filled;
    }

    /// <summary>
    /// When what is taken is drinkable, as Treat signs it for these litres and this kit: drawn, then treated. What is wanted in the morning
    /// is drawn and treated the evening before. Null where Treat gives no time, or no treatment that meets the target.
    /// </summary>
    private double? Ready(Place place, CarryFill fill, double arrive, double stopMinutes)
    {
        if (_setup.Treatment.Of(place, fill.TakenL) is not { MeetsTarget: true } treated)
        {
            return null;
        }

        var stop = _setup.Problem.Stops[fill.From];
        var collecting = (stop.StopMinutes / 2) + (fill.TakenL / (place.Source!.LitresPerMinute ?? TripSource.DefaultLitresPerMinute));
        var minutes = Math.Max(collecting + treated.Minutes, stopMinutes + (Waits(fill) ? 0 : stop.WaitMinutes));
        if (!place.IsMorning)
        {
            return Short(arrive + (minutes / 60));
        }

        // After the evening's own water, with the same hands; never said to be ready before the day it is for.
        var evening = _line.Timeline.ArriveHours[place.Day - 1] - 24;
        var first = _solution.Fills.FirstOrDefault(f => _setup.Counted[f.From] is { IsEvening: true } e && e.Id == place.Id && e.Day == place.Day - 1);
        var before = first is null ? 0 : _setup.Treatment.Of(_setup.Counted[first.From], first.TakenL)?.HandsOnMinutes ?? 0;
        return Short(Math.Max(arrive, evening + ((before + minutes) / 60)));
    }

    private string Words(Place place, CarryFill? fill, Place? to)
    {
        if (fill is null)
        {
            return place switch
            {
                { Kind: StopKind.Camp } => $"Camp: {L(_setup.Line.Timeline.CampL[place.Day])} used here",
                { Kind: StopKind.Finish } => "Arrive",
                { Kind: StopKind.BailOut } => "A way out",
                { Source.DoNotUse: true } => "Do not use: nothing carried takes out what is in it",
                { Source.OnlyIfNeeded: true } => "Left out until it is called for",
                { Trusted: false } => "Not counted on",
                _ => "Walk by",
            };
        }

        var drink = fill.DrinkL > 0 ? $"drink {L(fill.DrinkL)}, " : "";
        return place switch
        {
            { Kind: StopKind.Start } => $"Leave with {L(fill.LeaveL)}, to {to!.Name}",
            { IsEvening: true } when to!.IsMorning && to.Id == place.Id => $"Take {L(fill.TakenL)} for the camp",
            _ => $"Take {L(fill.TakenL)}: {drink}carry {L(Carried(fill))} to {to!.Name}",
        };
    }

    private string IfElse(Place place, CarryFill? fill)
    {
        if (place.Kind != StopKind.Source || !place.HasWater)
        {
            return "";
        }

        return fill is not null ? IfDry(fill) : place.Trusted ? "" : IfRunning(place);
    }

    private string IfDry(CarryFill fill)
    {
        var here = _setup.Counted[fill.From];
        var next = _setup.Counted.Skip(fill.From + 1).First(p => p.Id != here.Id);
        var need = _line.UseL[next.Point] - _line.UseL[here.Point];
        var before = _solution.Fills.Last(f => f.To <= fill.From && _setup.Counted[f.From].Id != here.Id);
        var back = _wayBack.NeedL(here.Point, _setup.Counted[before.From].Point);
        var km = _say.Of(Quantity.Distance, _line.Km[next.Point] - _line.Km[here.Point]);
        var start = $"If it is dry: {L(fill.ArriveL)} in hand, {next.Name} in {km}: ";
        return start + (need <= fill.ArriveL
            ? "it reaches"
            : back <= fill.ArriveL ? $"{L(need - fill.ArriveL)} short, turn back to {_setup.Counted[before.From].Name}"
            : $"{L(need - fill.ArriveL)} short, and {L(back - fill.ArriveL)} short back to {_setup.Counted[before.From].Name}");
    }

    private string IfRunning(Place place)
    {
        var stop = _setup.Stop(place);
        var on = _wayOn(stop);
        var to = _setup.Counted[on.To];
        var carried = Math.Max(0, on.LeaveL - stop.OnTheSpotL);
        if (on.LeaveL - InHand(place, null) < WorthStoppingL)
        {
            return "If it is running: no need to stop";
        }

        var words = $"If it is running: top up to {L(carried)}";
        var skipped = _solution.Fills.Skip(1).Select(f => _setup.Counted[f.From]).SkipWhile(p => p.Point <= place.Point)
            .TakeWhile(p => p.Point < to.Point).Select(p => p.Name).Distinct().ToList();
        return skipped.Count > 0 ? $"{words} and skip {string.Join(" and ", skipped)}" : $"{words} to {to.Name}";
    }

    /// <summary>Up to the next twentieth of a litre: what a bottle's marks can tell.</summary>
    internal static double UpToCup(double litres) => Math.Ceiling((litres * 20) - 1e-6) / 20;

    private string L(double litres) => _say.Of(Quantity.Volume, UpToCup(litres));
}
