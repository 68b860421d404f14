using JollyBrook.Core.Body;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>The walk along the route in pieces: how long each takes, when, in what air, and what it uses.</summary>
internal sealed class Timeline
{
    /// <summary>Profile steps in the longest piece: about 1 km.</summary>
    private const int StepsInPiece = 20;
    private const double FirstLight = 7;
    private const double LastLight = 19;

    private readonly GroundProfile _ground;
    private readonly TripRoute _route;
    private readonly Party _party;
    private readonly Pieces _pieces;

    /// <param name="route">Checked.</param>
    /// <param name="ground">Its ground.</param>
    /// <param name="party">Who walks.</param>
    /// <param name="cuts">Profile steps at which pieces must end, in order, the first 0 and the last the profile's end.</param>
    public Timeline(TripRoute route, GroundProfile ground, Party party, IReadOnlyList<int> cuts)
    {
        (_route, _ground, _party) = (route, ground, party);
        Days = DaysOf(route, ground);
        _pieces = new Pieces(route, ground);
        Build(cuts);
    }

    public IReadOnlyList<(RouteDay Day, int FromStep, int ToStep)> Days { get; }

    public List<TimelinePiece> Walk { get; } = [];

    /// <summary>Clock time of reaching each day's end, h after midnight.</summary>
    public List<double> ArriveHours { get; } = [];

    /// <summary>Litres used at each day's camp, whole party; 0 after the last day.</summary>
    public List<double> CampL { get; } = [];

    public static int StepAt(GroundProfile ground, double km) => (int)Math.Round(Math.Clamp(km / ground.StepKm, 0, ground.Steps));

    private static List<(RouteDay, int, int)> DaysOf(TripRoute route, GroundProfile ground)
    {
        var days = route.EachDay;
        List<(RouteDay, int, int)> spans = [];
        var from = 0;
        for (var i = 0; i < days.Count; i++)
        {
            var to = i == days.Count - 1 ? ground.Steps : StepAt(ground, days[i].EndKm!.Value);
            spans.Add((days[i], from, to));
            from = to;
        }

        return spans;
    }

    private void Build(IReadOnlyList<int> cuts)
    {
        for (var d = 0; d < Days.Count; d++)
        {
            var (day, from, to) = Days[d];
            var start = day.StartHour ?? RouteDay.DefaultStartHour;
            var clock = start;
            double loss = 0,
                drunk = 0;
            var rest = day.Rest;
            foreach (var (a, b) in Chop(cuts, from, to))
            {
                if (rest is not null && a > from && clock >= rest.FromHour && cuts.Contains(a))
                {
                    var rested = Rest(d, a, clock, rest.Hours!.Value);
                    Walk.Add(rested);
                    clock = rested.EndHour;
                    loss += rested.UseL;
                    drunk += rested.UseL;
                    rest = null;
                }

                var piece = MakePiece(d, a, b, clock, out var lost);
                Walk.Add(piece);
                clock = piece.EndHour;
                loss += lost;
                drunk += piece.UseL;
            }

            ArriveHours.Add(clock);
            CampL.Add(d == Days.Count - 1 ? 0 : AtCamp(d, clock, loss, drunk));
        }
    }

    /// <summary>
    /// Rest until the next start, cooking and washing, and what was not drunk of the day's loss; within the day's ceiling for drinking.
    /// </summary>
    private double AtCamp(int day, double arriveHour, double lossL, double drunkL)
    {
        var hours = Math.Max(0, 24 + (Days[day + 1].Day.StartHour ?? RouteDay.DefaultStartHour) - arriveHour);
        var height = _ground.ElevationM[Days[day].ToStep];
        var rest = hours * _party.RestLPerH(AirAt(day, Math.Min(arriveHour, 24), height).TemperatureC, height);
        var drinking = Math.Min(
            Math.Max(rest + Math.Max(0, lossL - drunkL), _party.LeastLPerDay - drunkL),
            Math.Max(rest, _party.CeilingLPerDay - drunkL)
        );
        return drinking + _party.CampL(Days[day].Day);
    }

    private static IEnumerable<(int From, int To)> Chop(IReadOnlyList<int> cuts, int from, int to)
    {
        var at = from;
        foreach (var cut in cuts.Where(c => c > from && c <= to).Append(to).Distinct())
        {
            var count = (int)Math.Ceiling((cut - at) / (double)StepsInPiece);
            for (var i = 0; i < count; i++)
            {
                yield return (at + ((cut - at) * i / count), at + ((cut - at) * (i + 1) / count));
            }

            at = cut;
        }
    }

    /// <summary>A rest in the shade at a place.</summary>
    private TimelinePiece Rest(int day, int step, double clock, double hours)
    {
        var height = _ground.ElevationM[step];
        var air = AirAt(day, clock + (hours / 2), height);
        var litres = hours * _party.RestLPerH(air.TemperatureC, height);
        return new TimelinePiece(
            Day: day,
            FromStep: step,
            ToStep: step,
            StartHour: clock,
            EndHour: clock + hours,
            WalkHours: 0,
            EffortKm: 0,
            UseL: litres,
            RestL: litres,
            WantedL: 0,
            PerC: 0,
            PerC2: 0,
            AirC: air.TemperatureC,
            MedianL: litres
        );
    }

    private TimelinePiece MakePiece(int day, int from, int to, double clock, out double lostL)
    {
        var (walkH, perKg, climbPerKg, ascentM) = _pieces.Between(from, to);
        var breaks = walkH * (_route.BreakShare ?? TripRoute.DefaultBreakShare);
        var height = _ground.ElevationM[(from + to) / 2];
        var air = AirAt(day, clock + ((walkH + breaks) / 2), height);
        var planned = _party.Walking(perKg, climbPerKg, air, height);
        double Wanted(double warmerC) =>
            _party.MedianWantedLPerH(perKg, climbPerKg, air with { TemperatureC = air.TemperatureC + warmerC }, height);
        var (cold, middle, hot) = (Wanted(-Party.ProbeC), Wanted(0), Wanted(Party.ProbeC));
        var resting = breaks * _party.RestLPerH(air.TemperatureC, height);
        lostL = (planned.LossLPerH * walkH) + resting;
        return new TimelinePiece(
            Day: day,
            FromStep: from,
            ToStep: to,
            StartHour: clock,
            EndHour: clock + walkH + breaks,
            WalkHours: walkH,
            EffortKm: ((to - from) * _ground.StepKm) + (ascentM / 100),
            UseL: (planned.PlannedLPerH * walkH) + resting,
            RestL: resting,
            WantedL: middle * walkH,
            PerC: (hot - cold) * walkH / (2 * Party.ProbeC),
            PerC2: (hot + cold - (2 * middle)) * walkH / (2 * Party.ProbeC * Party.ProbeC),
            AirC: air.TemperatureC,
            MedianL: (MedianLPerH(perKg, climbPerKg, air, height) * walkH) + resting
        );
    }

    private double MedianLPerH(double perKg, double climbPerKg, Air air, double height) =>
        Math.Min(_party.MedianWantedLPerH(perKg, climbPerKg, air, height), DrinkPlan.CeilingLPerH * _party.Count);

    /// <summary>A piece walked the other way at another hour: litres the party needs at the median, and hours with breaks.</summary>
    public (double NeedL, double Hours) Back(TimelinePiece piece, int day, double clock)
    {
        if (piece.IsRest)
        {
            return (0, 0);
        }

        var (walkH, perKg, climbPerKg, _) = _pieces.Back(piece.FromStep, piece.ToStep);
        var breaks = walkH * (_route.BreakShare ?? TripRoute.DefaultBreakShare);
        var height = _ground.ElevationM[(piece.FromStep + piece.ToStep) / 2];
        var air = AirAt(day, clock + ((walkH + breaks) / 2), height);
        return (
            (MedianLPerH(perKg, climbPerKg, air, height) * walkH) + (breaks * _party.RestLPerH(air.TemperatureC, height)),
            walkH + breaks
        );
    }

    /// <summary>What is walked on at a profile step.</summary>
    public Terrain TerrainAt(int step) => _pieces.TerrainAt(step);

    /// <summary>The air on a day of the walk at an hour of the clock and a height.</summary>
    public Air AirAt(int day, double hour, double elevationM)
    {
        var weather = _route.WeatherOn(day);
        var clock = hour % 24;
        var cloud = weather.CloudAt(clock);
        var sun =
            clock is < FirstLight or >= LastLight || cloud > 0.7 ? SunLoad.None
            : cloud > 0.3 ? SunLoad.Part
            : SunLoad.Full;
        return new Air(weather.TemperatureAt(clock) - _route.ColderC(elevationM), weather.HumidityAt(clock), sun, weather.WindAt(clock));
    }
}

/// <summary>A piece of the walk within one day.</summary>
/// <param name="Day">Day of the walk, from 0.</param>
/// <param name="FromStep">First profile step.</param>
/// <param name="ToStep">Last profile step.</param>
/// <param name="StartHour">Clock time at its start, h after midnight.</param>
/// <param name="EndHour">Clock time at its end.</param>
/// <param name="WalkHours">Walking without breaks, h.</param>
/// <param name="EffortKm">km + ascent m/100.</param>
/// <param name="UseL">Planned use, L, whole party.</param>
/// <param name="RestL">Of it at rest in breaks, L.</param>
/// <param name="WantedL">Share of the loss wanted while walking at the middle of each factor, without the planned ceiling, L.</param>
/// <param name="PerC">Its change for each °C, L.</param>
/// <param name="PerC2">Its curve, L for each °C².</param>
/// <param name="AirC">The air there, °C.</param>
/// <param name="MedianL">Used at the middle of each factor, L, whole party: half of all walks need less.</param>
internal sealed record TimelinePiece(
    int Day,
    int FromStep,
    int ToStep,
    double StartHour,
    double EndHour,
    double WalkHours,
    double EffortKm,
    double UseL,
    double RestL,
    double WantedL,
    double PerC,
    double PerC2,
    double AirC,
    double MedianL
)
{
    /// <summary>Whether nobody walks in it: a rest at a place.</summary>
    public bool IsRest => FromStep == ToStep;
}
