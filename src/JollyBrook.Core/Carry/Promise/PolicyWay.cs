namespace JollyBrook.Core.Carry.Promise;

/// <summary>A plan's places as the policy sees them, with the source behind each water.</summary>
internal sealed class PolicyWay
{
    /// <summary>Litres told apart on a day walk, and beyond (handbook room 70).</summary>
    private const double DayStepL = 0.1;
    private const double LongStepL = 0.25;

    private readonly PlanSetup _setup;
    private readonly CampFetch _fetch;

    public PolicyWay(PlanSetup setup)
    {
        (_setup, _fetch) = (setup, new CampFetch(setup));
        var line = setup.Line;
        List<PolicyPlace> places = [];
        List<IReadOnlyList<Place>> sources = [];
        for (var k = 0; k < line.Places.Count; k++)
        {
            var (waters, from) = Waters(line.Places[k]);
            var leg = Leg(line.Places[k], k + 1 < line.Places.Count ? line.Places[k + 1] : line.Places[k]);
            places.Add(leg with { Waters = waters });
            sources.Add(from);
        }

        Sources = sources;
        Numbered = [.. line.Places.Where(p => p.HasWater).DistinctBy(p => p.Id)];
        var number = Numbered.Select((p, i) => (p.Id, i)).ToDictionary(s => s.Id, s => s.i);
        places =
        [
            .. places.Select(
                (p, k) =>
                    p with
                    {
                        Waters = [.. p.Waters.Select((w, j) => w with { Source = number.GetValueOrDefault(sources[k][j].Id, -1) })],
                    }
            ),
        ];
        Problem = new PolicyProblem(places, line.Timeline.Days.Count == 1 ? DayStepL : LongStepL)
        {
            StartL = setup.StartL ?? 0,
            ReserveL = setup.ReserveL,
            DebtL = setup.DebtL,
            KgKmPerMinute = setup.KgKmPerMinute,
        };
    }

    public PolicyProblem Problem { get; }

    /// <summary>Every source of the line once: <see cref="PolicyWater.Source"/> is its place in this list.</summary>
    public IReadOnlyList<Place> Numbered { get; }

    /// <summary>For each place and water, where it is drawn.</summary>
    public IReadOnlyList<IReadOnlyList<Place>> Sources { get; }

    private PolicyPlace Leg(Place from, Place to)
    {
        var line = _setup.Line;
        var (need, night, hours) = (0.0, 0.0, 0.0);
        for (var p = from.Point + 1; p <= to.Point; p++)
        {
            var used = line.NeedL[p] - line.NeedL[p - 1];
            if (line.Into[p] is { } piece)
            {
                need += used;
                hours += piece.EndHour - piece.StartHour;
            }
            else
            {
                night += used;
            }
        }

        return new PolicyPlace(need, line.EffortKm[to.Point] - line.EffortKm[from.Point], hours)
        {
            NightL = night,
            DryNightL = night - (from.Kind == StopKind.Camp ? _setup.Party.CampL(line.Timeline.Days[from.Day].Day) : 0),
        };
    }

    private (List<PolicyWater>, List<Place>) Waters(Place place) =>
        place switch
        {
            { Kind: StopKind.Start } when _setup.StartL is not null => ([], []),
            { Kind: StopKind.Start } => ([new PolicyWater(1, _setup.CleanL)], [place]),
            { Kind: StopKind.Camp } => _fetch.Around(place),
            // In the evening it is the camp's, and a cache emptied then is empty in the morning.
            { HasWater: true, IsEvening: true, Source.CacheL: null } or { IsMorning: true, Source.CacheL: not null } => ([], []),
            { HasWater: true } => ([Water(place)], [place]),
            _ => ([], []),
        };

    private PolicyWater Water(Place place)
    {
        var stop = _setup.Stop(place);
        // What is used on the way back to the line is carried off from the water, too.
        return new PolicyWater(
            place.Chance!.Value,
            Math.Max(0, (place.Source!.TreatLater == true ? _setup.CleanL + _setup.DirtyL : _setup.CleanL) - stop.DetourUseL)
        )
        {
            TripMinutes = stop.StopMinutes,
            MinutesPerL = stop.MinutesPerL,
            DrinkL = stop.DrinkL,
            DetourUseL = stop.DetourUseL,
            CacheL = place.Source.CacheL ?? double.PositiveInfinity,
            WaitNeedL = stop.WaitNeedL,
            WaitMinutes = stop.WaitMinutes,
        };
    }
}
