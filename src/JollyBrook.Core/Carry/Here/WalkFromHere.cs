using JollyBrook.Core.Body;

namespace JollyBrook.Core.Carry.Here;

/// <summary>A water of the trip, walked to straight from where the party stands.</summary>
/// <param name="Name">Its name.</param>
/// <param name="IsAhead">Ahead on the trip, or behind.</param>
/// <param name="Km">How far from here along the line, km.</param>
/// <param name="Chance">The chance that it runs, 0 to 1.</param>
/// <param name="Hours">Walking with the breaks, and the way off the line, h.</param>
/// <param name="NeedL">Needed on the way at the median, whole party, L.</param>
internal sealed record WaterFromHere(string Name, bool IsAhead, double Km, double Chance, double Hours, double NeedL);

/// <summary>
/// The trip's waters from a place along it, on the trip's own ground, hours and weather, as "from-here" reckons them; but walked straight
/// there: without the nights and the rests that the plan has in between.
/// </summary>
internal sealed class WalkFromHere
{
    /// <param name="trip">The whole trip as it is now, checked.</param>
    /// <param name="km">Where the party stands, km along.</param>
    public WalkFromHere(PlanRequest trip, double km)
    {
        ArgumentNullException.ThrowIfNull(trip);
        var ground = trip.Route!.Ground();
        var (cut, ahead) = Ahead(trip, km);
        var (behind, atKm) = Behind(trip, km);
        Waters =
        [
            .. ahead
                .Places.Select(p => (Place: p, RestKm: p.Step * ahead.Ground.StepKm))
                .Where(p => IsWater(p.Place) && cut.OnWholeKm(PlanStops.Short(p.RestKm)) > km + CutTrip.HereKm)
                .Select(p => On(ahead, p.Place, p.RestKm + cut.FromKm - km)),
            .. behind
                .Places.Where(p => IsWater(p) && p.Step * ground.StepKm < km - CutTrip.HereKm)
                .Select(p => Back(trip, behind, p, atKm, km - (p.Step * ground.StepKm))),
        ];
        var first = Waters.Where(w => w.IsAhead).MinBy(w => w.Km);
        Measure(ahead, first is null ? ahead.Km[^1] : Math.Max(first.Km, ahead.Ground.StepKm));
    }

    public IReadOnlyList<WaterFromHere> Waters { get; }

    /// <summary>Needed in an hour of the way on, at the median, whole party, L/h.</summary>
    public double LPerH { get; private set; }

    /// <summary>Pace on the way on with its breaks, km/h.</summary>
    public double SpeedKmH { get; private set; }

    /// <summary>The way on as one effort: its air, height and mean grade.</summary>
    public Effort Effort { get; private set; } = Effort.Default;

    private static (CutTrip, CarryLine) Ahead(PlanRequest trip, double km)
    {
        // From the finish on there is nothing: its last step stands for the way there was.
        var cut = CutTrip.Of(trip, Math.Min(km, CutTrip.FurthestKm(trip.Route!)), 0);
        return (cut, LineOf(cut.Request));
    }

    private static CarryLine LineOf(PlanRequest trip) => new(trip, trip.Route!.Ground(), new Party(trip));

    /// <summary>The whole line, with a point where the party stands.</summary>
    private static (CarryLine Line, int Here) Behind(PlanRequest trip, double km)
    {
        var line = LineOf(HerePoint.Mark(trip, km));
        return (line, HerePoint.On(line));
    }

    /// <summary>Short of water, what was to be left alone for others is water as well; a camp's is met once.</summary>
    private static bool IsWater(Place place) => place.Source is { IsOutOfUse: false } && !place.IsMorning;

    private static WaterFromHere On(CarryLine line, Place place, double km)
    {
        var (hours, litres) = OffLine(line, place);
        foreach (var piece in line.Into.Take(place.Point + 1))
        {
            if (piece is { IsRest: false })
            {
                hours += piece.EndHour - piece.StartHour;
                litres += piece.MedianL;
            }
        }

        return new WaterFromHere(place.Name, true, km, place.Chance ?? 0, hours, litres);
    }

    private static WaterFromHere Back(PlanRequest trip, CarryLine line, Place place, int here, double km)
    {
        var (hours, litres) = OffLine(line, place);
        var clock = trip.Now?.TimeOfDay.TotalHours ?? line.ClockHour[here];
        for (var p = here; p > place.Point; p--)
        {
            if (line.Into[p] is { IsRest: false } piece)
            {
                var (need, took) = line.Timeline.Back(piece, line.Day[here], clock);
                clock += took;
                hours += took;
                litres += need;
            }
        }

        return new WaterFromHere(place.Name, false, km, place.Chance ?? 0, hours, litres);
    }

    private static (double Hours, double Litres) OffLine(CarryLine line, Place place)
    {
        var hours = (place.Source!.DetourMinutes ?? 0) / 60;
        return (hours, hours * line.UseLPerH(place.Point));
    }

    /// <summary>What the first so many kilometres take.</summary>
    private void Measure(CarryLine line, double km)
    {
        var walked = line.Timeline.Walk.Where(w => !w.IsRest && (w.FromStep * line.Ground.StepKm) < km - 1e-9).ToList();
        var (hours, length) = (walked.Sum(w => w.EndHour - w.StartHour), walked.Sum(w => (w.ToStep - w.FromStep) * line.Ground.StepKm));
        (LPerH, SpeedKmH) = (walked.Sum(w => w.MedianL) / hours, length / hours);
        var first = walked[0];
        var rise = line.Ground.ElevationM[walked[^1].ToStep] - line.Ground.ElevationM[0];
        var air = line.Timeline.AirAt(first.Day, first.StartHour, line.Ground.ElevationM[0]);
        Effort = new Effort(
            TemperatureC: air.TemperatureC,
            HumidityPercent: air.HumidityPercent,
            Sun: air.Sun,
            SpeedKmH: Math.Clamp(SpeedKmH, Effort.SlowestKmH, Effort.FastestKmH),
            GradePercent: Math.Clamp(rise / (length * 10), -Effort.SteepestPercent, Effort.SteepestPercent),
            Terrain: Terrain.GoodPath,
            ElevationM: line.Ground.ElevationM[0],
            WindMs: air.WindMs
        );
    }
}
