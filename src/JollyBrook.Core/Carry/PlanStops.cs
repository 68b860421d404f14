using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>Every place of the plan with what to do there.</summary>
internal sealed class PlanStops
{
    private const double WorthStoppingL = 0.1;
    private readonly PlanSetup _setup;
    private readonly PlannedWalk _walk;
    private readonly Speaker _say;
    private readonly CarryLine _line;
    private readonly WayBack _wayBack;
    private readonly TreatedWalk _treated;
    private readonly FairLoad _loads;

    /// <summary>Stops on the way by day: from which point on, and minutes.</summary>
    private readonly ILookup<int, (int Point, double Minutes)> _stopped;

    /// <summary>The fill whose water is carried at each point of the line.</summary>
    private readonly PlannedFill[] _carriedAt;

    public PlanStops(PlanSetup setup, PlannedWalk walk, TreatedWalk treated, Speaker say)
    {
        (_treated, _loads) = (treated, new FairLoad(setup.Party.Walkers, setup.Route.Containers ?? []));
        (_setup, _walk, _say, _line) = (setup, walk, say, setup.Line);
        _wayBack = new WayBack(setup);
        // What is drawn in the morning is drawn before the day's start.
        _stopped = walk.Fills.Skip(1).Where(f => !f.At.IsMorning).ToLookup(f => f.At.Day, f => (f.At.Point, f.Minutes));
        _carriedAt = new PlannedFill[setup.Line.UseL.Length];
        foreach (var fill in walk.Fills)
        {
            Array.Fill(_carriedAt, fill, fill.At.Point, fill.To.Point - fill.At.Point + 1);
        }
    }

    public List<PlanStop> All()
    {
        var byPlace = _walk.Fills.ToDictionary(f => f.At);
        return [.. _line.Places.Select(place => Stop(place, byPlace.GetValueOrDefault(place)))];
    }

    private PlanStop Stop(Place place, PlannedFill? fill)
    {
        var planned = fill is not null && place.Kind is StopKind.Source or StopKind.Camp;
        var arrive = _line.ClockHour[place.Point] + DelayBefore(place);
        var minutes = planned ? fill!.Minutes : 0;
        var carried = fill?.CarriedL ?? 0;
        var turnBack = fill is null ? null : _wayBack.TurnBackKm(fill);
        return new PlanStop(
            Id: place.Id,
            Kind: place.Kind,
            Name: place.FullName,
            AlongKm: Short(place.Step * _setup.Ground.StepKm),
            ElevationM: Short(_setup.Ground.ElevationM[place.Step]),
            Day: place.Day,
            ArriveHour: Short(arrive),
            Chance: place.Source?.IsOutOfUse == true ? null : place.Chance,
            ChanceWhy: place.Source is { IsOutOfUse: false } source
                ? _line.Country.Why(place.Id, source, _setup.Request.Now, _setup.Request.DayOf(place.Day), _say)
                : "",
            Trusted: _walk is PromisedWalk ? place.HasWater && place.Chance > PromisedWalk.Likely : place.Trusted,
            Planned: planned,
            ArriveL: Short(InHand(place, fill)),
            TakeL: Short(fill?.TakenL ?? 0),
            DrinkL: Short(fill?.DrinkL ?? 0),
            LeaveL: Short(carried),
            WeightKg: Short(fill is null ? 0 : carried + ContainersKg(carried)),
            Split: fill is null ? [] : Split(carried),
            TreatBy: planned ? TreatBy(fill!) : "",
            BoilL: Short(fill is null ? 0 : _treated.Of(fill)?.BoilL ?? 0),
            ReadyHour: planned ? Ready(fill!, arrive, minutes) : null,
            StopMinutes: Short(minutes),
            WaitsHere: fill?.WaitsHere == true,
            ToName: fill?.To.Name,
            ArriveNextL: fill is null ? null : Short(fill.ArriveNextL),
            TurnBackKm: turnBack is { } back ? Short(back) : null,
            TurnBackWords: TurnBackWords(turnBack, _say),
            Words: Words(place, fill),
            Policy: Policy(place),
            IfElse: IfElse(place, fill)
        )
        {
            Met = place.Met,
        };
    }

    /// <summary>Where to turn back at the latest, in words; null where it is nowhere.</summary>
    internal static string? TurnBackWords(double? km, Speaker say) =>
        km is { } at ? $"turn back at {say.Down(Quantity.Distance, at)} at the latest" : null;

    /// <summary>A tenth of a millilitre, a metre in ten: digits beyond that only make a long answer longer.</summary>
    internal static double Short(double value) => Math.Round(value, 4);

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

    private double InHand(Place place, PlannedFill? fill)
    {
        var carried = _carriedAt[place.Point];
        // At a camp's own water nothing has been filled yet, where the camp fetches from elsewhere.
        var isBefore = carried.At.Point == place.Point && _line.Places.IndexOf(place) < _line.Places.IndexOf(carried.At);
        return (fill is not null && fill.Water == place) || isBefore
            ? (fill ?? carried).ArriveL
            : CarriedLine.InHand(_setup, carried, place.Point);
    }

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

    private List<WalkerShare> Split(double litres) =>
        [
            .. _loads
                .Share(litres)
                .Zip(_setup.Party.Walkers, (share, walker) =>
                    new WalkerShare(walker.Name!, Short(share.Litres), share.Into, Short(FairLoad.LoadShare(walker, share.Litres)))
                ),
        ];

    /// <summary>
    /// When what is taken is drinkable, as Treat signs it for these litres and this kit: drawn, then treated. What is wanted in the morning
    /// is drawn and treated the evening before. Null where Treat gives no time, or no treatment that meets the target.
    /// </summary>
    private double? Ready(PlannedFill fill, double arrive, double stopMinutes)
    {
        if (fill.Water.Source!.NeedsNoTreatment)
        {
            return Short(arrive + (stopMinutes / 60));
        }

        if (_treated.Of(fill) is not { MeetsTarget: true } treated)
        {
            return null;
        }

        var collecting = (fill.TripMinutes / 2) + (fill.TakenL / (fill.Water.Source!.LitresPerMinute ?? TripSource.DefaultLitresPerMinute));
        var minutes = Math.Max(collecting + treated.Minutes, stopMinutes + (fill.WaitsHere ? 0 : fill.WaitMinutes));
        if (!fill.At.IsMorning)
        {
            return Short(arrive + (minutes / 60));
        }

        // After the evening's own water, with the same hands; never said to be ready before the day it is for.
        var evening = _line.Timeline.ArriveHours[fill.At.Day - 1] - 24;
        var first = _walk.Fills.FirstOrDefault(f => f.At.IsEvening && f.Water.Id == fill.Water.Id && f.At.Day == fill.At.Day - 1);
        var before = first is null ? 0 : _treated.Of(first)?.HandsOnMinutes ?? 0;
        return Short(Math.Max(arrive, evening + ((before + minutes) / 60)));
    }

    /// <summary>The policy of a place, rung by rung, so that it works with the phone off.</summary>
    private string Policy(Place place)
    {
        var rungs = place.Kind == StopKind.Source ? _walk.Rungs(place) : [];
        List<string> words = [];
        for (var i = 0; i < rungs.Count; i++)
        {
            var with =
                i + 1 < rungs.Count ? $"under {L(rungs[i + 1].FromL)} in hand"
                : i == 0 ? ""
                : $"{L(rungs[i].FromL)} or more";
            words.Add(
                rungs[i].LeaveL is { } leave ? $"{with}{(with.Length > 0 ? ": " : "")}leave with {L(leave)}"
                : with.Length > 0 ? $"{with}: walk by"
                : "walk by"
            );
        }

        // Every rung is for water that runs; where that is not to be counted on it is said.
        var ifSo = place.Chance < SourceReliability.Trusted ? "if it runs: " : "";
        return words.Count == 0 || (words.Count == 1 && rungs[0].LeaveL is null) ? "" : Sentence.Capital(ifSo + string.Join("; ", words));
    }

    /// <summary>How a fill is treated, in words.</summary>
    private string TreatBy(PlannedFill fill) =>
        fill.Water.Source!.NeedsNoTreatment ? "As it comes"
        : _treated.Of(fill) is { } treated ? treated.Name + (treated.BoilL > 0 ? $"; {L(treated.BoilL)} to the pot, boiled" : "")
        : _setup.Treatment.CanTell ? "Nothing that is left treats it"
        : "";

    private string Words(Place place, PlannedFill? fill)
    {
        if (fill is null)
        {
            return place switch
            {
                { Kind: StopKind.Camp } => $"Camp: {L(_setup.Line.Timeline.CampL[place.Day])} used here",
                { Kind: StopKind.Finish } => "Arrive",
                { Kind: StopKind.BailOut } => "A way out",
                { Source.IsOutOfUse: true } => "Do not use: nothing carried takes out what is in it",
                { Source.OnlyIfNeeded: true } => "Left out until it is called for",
                { HasWater: true, Chance: <= PromisedWalk.Likely } => "Not counted on",
                { Trusted: false } when _walk is MiddleWalk => "Not counted on",
                _ => "Walk by",
            };
        }

        var drink = fill.DrinkL > 0 ? $"drink {L(fill.DrinkL)}, " : "";
        return place switch
        {
            { Kind: StopKind.Start } when _setup.StartL is not null => $"{L(fill.LeaveL)} in hand, to {fill.To.Name}",
            { Kind: StopKind.Start } => $"Leave with {L(fill.LeaveL)}, to {fill.To.Name}",
            { Kind: StopKind.Camp } => $"Fetch {L(fill.TakenL)} from {fill.Water.Name}, {Way(place, fill.Water)}: "
                + $"{Speaker.Minutes(fill.TripMinutes)} there and back",
            { IsEvening: true } when fill.To.IsMorning && fill.To.Id == place.Id => $"Take {L(fill.TakenL)} for the camp",
            _ => $"Take {L(fill.TakenL)}: {drink}carry {L(fill.CarriedL)} to {fill.To.Name}",
        };
    }

    /// <summary>Where a camp's water lies from it.</summary>
    private string Way(Place camp, Place water)
    {
        var km = Math.Abs(water.Step - camp.Step) * _setup.Ground.StepKm;
        return km < _setup.Ground.StepKm ? "aside" : $"{_say.Of(Quantity.Distance, km)} {(water.Step > camp.Step ? "further on" : "back")}";
    }

    private string IfElse(Place place, PlannedFill? fill) =>
        fill is { At.Kind: not StopKind.Start } ? IfDry(fill)
        : place is { Kind: StopKind.Source, HasWater: true } && (_walk is PromisedWalk || !place.Trusted) ? IfRunning(place)
        : "";

    private string IfDry(PlannedFill fill)
    {
        var (here, source) = (fill.At, fill.Water);
        if (_walk.ElseFetch(fill) is var (other, trip))
        {
            return $"If it is dry: fetch from {other.Name}, {Way(here, other)}: {Speaker.Minutes(trip)} there and back";
        }

        var next = NextWater(here, source);
        // At a dry camp nobody cooks or washes.
        var leftOut = fill.OnTheSpotL > 0 ? _setup.Party.CampL(_line.Timeline.Days[here.Day].Day) : 0;
        var need = (_line.NeedL[next.Point] - _line.NeedL[here.Point] - leftOut) * _setup.NeedFactor;
        var before = _walk.Fills.LastOrDefault(f => f.To.Point <= here.Point && f.Water.Id != source.Id) ?? _walk.Fills[0];
        var back = _wayBack.NeedL(here.Point, before.At.Point);
        var km = _say.Of(Quantity.Distance, _line.Km[next.Point] - _line.Km[here.Point]);
        var start =
            $"If it is dry: {_say.Of(Quantity.Volume, Math.Max(0, fill.ArriveL))} in hand, {NameOf(next)} "
            + $"in {km}{(leftOut > 0 ? ", nothing cooked" : "")}: ";
        return start
            + (
                need <= fill.ArriveL ? $"it reaches{Then(next, fill.ArriveL - (need / _setup.NeedFactor))}"
                : back <= fill.ArriveL ? $"{L(need - fill.ArriveL)} short, turn back to {before.Water.Name}"
                : $"{L(need - fill.ArriveL)} short, and {L(back - fill.ArriveL)} short back to {before.Water.Name}"
            );
    }

    /// <summary>Where water is next if the one here is dry: as likely as not, or fetched by a camp, or the finish.</summary>
    private Place NextWater(Place here, Place dry) =>
        _line.Places.Find(p =>
            p.Point > here.Point
            && p.Id != dry.Id
            && (
                p.Kind == StopKind.Finish
                || (p.HasWater && p.Chance > PromisedWalk.Likely)
                || (FetchAt(p) is { } fetch && fetch.Water.Id != dry.Id)
            )
        )
        // Water at the finish has nothing but the finish after it.
        ?? _line.Places[^1];

    private PlannedFill? FetchAt(Place place) =>
        place.Kind == StopKind.Camp ? _walk.Fills.FirstOrDefault(f => f.At == place && f.Water != place) : null;

    private string NameOf(Place next) => FetchAt(next) is { } fetch ? $"{next.Name}, which fetches from {fetch.Water.Name}," : next.Name;

    /// <summary>What to leave the next water with then; a camp's is taken as it is used.</summary>
    private string Then(Place next, double inHandL) =>
        next is { Kind: StopKind.Source, IsEvening: false } && _walk.IfRunning(next, inHandL) is var (leave, to)
            ? $"; there top up to {L(leave)}, to {to.Name}"
            : "";

    private string IfRunning(Place place)
    {
        var inHand = InHand(place, null);
        if (_walk.IfRunning(place, inHand) is not var (leave, to) || leave - inHand < WorthStoppingL)
        {
            return place.Chance > PromisedWalk.Likely && _walk is PromisedWalk ? "" : "If it is running: no need to stop";
        }

        var words = $"If it is running: top up to {L(leave)}";
        var skipped = _walk
            .Fills.Skip(1)
            .Select(f => f.At)
            .SkipWhile(p => p.Point <= place.Point)
            .TakeWhile(p => p.Point < to.Point)
            .Select(p => p.Name)
            .Distinct()
            .ToList();
        return skipped.Count > 0 ? $"{words} and skip {string.Join(" and ", skipped)}" : $"{words} to {to.Name}";
    }

    /// <summary>Up to the next twentieth of a litre: what a bottle's marks can tell.</summary>
    internal static double UpToCup(double litres) => Math.Ceiling((litres * 20) - 1e-6) / 20;

    private string L(double litres) => _say.Of(Quantity.Volume, UpToCup(litres));
}
