using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Carry;

/// <summary>The walk added up: at each point the use, effort and time since the start. A camp is two points in one place.</summary>
internal sealed class CarryLine
{
    private readonly List<double> _use = [0],
        _effort = [0],
        _need = [0],
        _needByEffort = [0],
        _clock = [],
        _km = [0];
    private readonly List<int> _day = [0];

    public CarryLine(PlanRequest request, GroundProfile ground, Party party)
    {
        Country = CountryWeather.Of([.. request.Sources ?? [], .. request.Neighbours ?? []], request.Now, request.Route!.Country);
        (Ground, Places) = (ground, Carry.Places.Of(request, ground, Country));
        Timeline = new Timeline(request.Route!, ground, party, [.. Places.Select(p => p.Step).Distinct()]);
        _clock.Add(Timeline.Walk[0].StartHour);
        LayOut();
        (UseL, EffortKm, NeedL, NeedByEffort) = ([.. _use], [.. _effort], [.. _need], [.. _needByEffort]);
    }

    public GroundProfile Ground { get; }

    /// <summary>The weather the sources share.</summary>
    public CountryWeather Country { get; }

    public List<Place> Places { get; }

    public Timeline Timeline { get; }

    /// <summary>With single figures, careful where nobody was tested: what a day's water is told by, L.</summary>
    public double[] UseL { get; }

    /// <summary>At the median, which the carried water is planned on, L.</summary>
    public double[] NeedL { get; }

    public double[] EffortKm { get; }

    /// <summary>∫ need d(effort), L·km.</summary>
    public double[] NeedByEffort { get; }

    public IReadOnlyList<double> Km => _km;

    public IReadOnlyList<int> Day => _day;

    /// <summary>Clock time at each point, h after midnight of its day.</summary>
    public IReadOnlyList<double> ClockHour => _clock;

    /// <summary>The piece that leads to each point; null where it is a camp's night.</summary>
    public List<TimelinePiece?> Into { get; } = [null];

    /// <summary>Litres an hour used about a point at the median, for detours.</summary>
    public double UseLPerH(int point)
    {
        var piece = Into[Math.Min(point + 1, Into.Count - 1)] ?? Into[point] ?? Timeline.Walk[0];
        return piece.MedianL / (piece.EndHour - piece.StartHour);
    }

    /// <summary>What is drunk in a rest at a place, L: out of its water, before leaving.</summary>
    public double RestL(Place place) => place.Point + 1 < Into.Count && Into[place.Point + 1] is { IsRest: true } rest ? rest.MedianL : 0;

    /// <summary>Litres used in so many hours of walking on from a point, not past the day's end.</summary>
    public double UseWithin(int point, double hours)
    {
        var end = _clock[point] + hours;
        var used = 0.0;
        for (var p = point; p + 1 < _use.Count && Into[p + 1] is { } piece && piece.StartHour < end; p++)
        {
            used += piece.UseL * Math.Min(1, (end - piece.StartHour) / (piece.EndHour - piece.StartHour));
        }

        return used;
    }

    /// <summary>Most used in an hour of walking, L.</summary>
    public double MostLPerH => Timeline.Walk.Max(w => w.UseL / (w.EndHour - w.StartHour));

    private void LayOut()
    {
        var next = 0;
        do
        {
            Here(next++);
        } while (Places[next].Step == 0 && Places[next].Kind is not (StopKind.Camp or StopKind.Finish));

        for (var d = 0; d < Timeline.Days.Count; d++)
        {
            foreach (var piece in Timeline.Walk.Where(w => w.Day == d))
            {
                Add(piece.UseL, piece.MedianL, piece.EffortKm, piece.EndHour, piece.ToStep * Ground.StepKm, d, piece);
                // At a day's end the camp's own places come in their order.
                while (
                    next < Places.Count
                    && Places[next].Step <= piece.ToStep
                    && Places[next].Kind != StopKind.Camp
                    && !Places[next].IsMorning
                    && Places[next].Kind != StopKind.Finish
                )
                {
                    Here(next++);
                }
            }

            if (d == Timeline.Days.Count - 1)
            {
                break;
            }

            if (Places[next].Kind == StopKind.Camp)
            {
                Here(next++);
            }

            Add(
                Timeline.CampL[d],
                Timeline.CampL[d],
                0,
                Timeline.Days[d + 1].Day.StartHour ?? RouteDay.DefaultStartHour,
                _km[^1],
                d + 1,
                null
            );
            while (Places[next].IsMorning)
            {
                Here(next++);
            }
        }

        while (next < Places.Count)
        {
            Here(next++);
        }
    }

    private void Here(int place) => (Places[place].Point, Places[place].Day) = (_use.Count - 1, _day[^1]);

    private void Add(double use, double need, double effort, double clock, double km, int day, TimelinePiece? piece)
    {
        _needByEffort.Add(_needByEffort[^1] + ((_need[^1] + (need / 2)) * effort));
        _need.Add(_need[^1] + need);
        _use.Add(_use[^1] + use);
        _effort.Add(_effort[^1] + effort);
        _clock.Add(clock);
        _km.Add(km);
        _day.Add(day);
        Into.Add(piece);
    }
}
