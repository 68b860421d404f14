namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// The waters a camp may draw from: any within reach, either way along the route or aside, empties out and full back (handbook room 70).
/// </summary>
internal sealed class CampFetch(PlanSetup setup)
{
    /// <summary>There and back (pick): further than the handbook's 30, for what it costs in minutes is weighed anyway.</summary>
    public const double ReachMinutes = 60;

    /// <summary>Most places looked for water in one evening.</summary>
    private const int MostTried = 3;

    /// <summary>Equivalent km an hour off the line: Tobler's on the flat.</summary>
    private const double DetourKmPerH = 5;

    private readonly Pieces _pieces = new(setup.Route, setup.Ground);

    /// <summary>Those around a camp, nearest first, with the places they are.</summary>
    public (List<PolicyWater> Waters, List<Place> Places) Around(Place camp)
    {
        var near = setup
            .Line.Places.Where(p => p is { HasWater: true, IsMorning: false } && p.Source!.CacheL is null)
            .Select(p => (Place: p, Trip: TripMinutes(camp, p)))
            .Where(t => t.Trip <= ReachMinutes || (t.Place.IsEvening && t.Place.Step == camp.Step))
            .OrderBy(t => t.Trip)
            .ThenByDescending(t => t.Place.Chance)
            .Take(MostTried)
            .ToList();
        return ([.. near.Select(n => Water(camp, n.Place, n.Trip))], [.. near.Select(n => n.Place)]);
    }

    /// <summary>There with empties and back full, min.</summary>
    private double TripMinutes(Place camp, Place source)
    {
        var (from, to) = (Math.Min(camp.Step, source.Step), Math.Max(camp.Step, source.Step));
        if ((to - from) * setup.Ground.StepKm > DetourKmPerH * ReachMinutes / 60)
        {
            return double.PositiveInfinity;
        }

        var along = from == to ? 0 : _pieces.Between(from, to).Hours + _pieces.Back(from, to).Hours;
        return (along * 60) + (2 * (source.Source!.DetourMinutes ?? 0));
    }

    private PolicyWater Water(Place camp, Place source, double trip)
    {
        var stop = setup.Stop(source);
        var capacity = source.Source!.TreatLater == true ? setup.CleanL + setup.DirtyL : setup.CleanL;
        var (atOnce, night) = (Math.Max(1, setup.CleanL + setup.DirtyL), setup.Line.Timeline.CampL[camp.Day]);
        return new PolicyWater(source.Chance!.Value, capacity)
        {
            TripMinutes = trip + stop.HandsOnMinutes,
            // What one load does not hold is another trip.
            MinutesPerL = stop.MinutesPerL + (night > atOnce ? (night - atOnce) / night * trip / atOnce : 0),
            KgKmPerL = BackKm(camp, source),
            // What lies behind was seen on the way here.
            IsSeenOnlyThere = source.Step > camp.Step,
        };
    }

    /// <summary>Equivalent km of carrying it to the camp.</summary>
    private double BackKm(Place camp, Place source)
    {
        var (from, to) = (Math.Min(camp.Step, source.Step), Math.Max(camp.Step, source.Step));
        var back =
            from == to
                ? 0
                : ((to - from) * setup.Ground.StepKm)
                    + ((source.Step > camp.Step ? _pieces.Back(from, to) : _pieces.Between(from, to)).AscentM / 100);
        return back + ((source.Source!.DetourMinutes ?? 0) / 60 * DetourKmPerH);
    }
}
