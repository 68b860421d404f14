using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>A day, for when it is walked.</summary>
/// <param name="From">The day's beginning.</param>
/// <param name="Trips">Trips that it may be a day of.</param>
/// <param name="Walked">Stretches that the log tells of.</param>
public sealed record DaysWalkRequest(
    DateTimeOffset? From,
    IReadOnlyList<DatedTrip>? Trips = null,
    IReadOnlyList<WalkedStretch>? Walked = null
);

/// <summary>When it is walked; null where neither the log nor a trip tells.</summary>
public sealed record DaysWalkResponse(DayOnFoot? Day);

/// <summary>
/// The calculation "days-walk": when a day is walked, and in what air: by the stages of the log, else as the trip's plan has it (handbook
/// room 60: walking hours are never typed again, and a day nobody told of is no day of rest).
/// </summary>
public static class DaysWalk
{
    /// <summary>Profile steps of a stretch: about 1 km.</summary>
    private const int StepsInStretch = 20;

    private static readonly InstantField FromField = new("from", "The day's beginning");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [FromField, .. TripRoute.Fields, .. Effort.FieldsAt("walked.effort")];

    /// <exception cref="BadInputException">The day's beginning is missing, or what was told of a stretch is out of its range.</exception>
    public static DaysWalkResponse Compute(DaysWalkRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        intake.Present(FromField, request.From);
        foreach (var walk in request.Walked ?? [])
        {
            Effort.Check(walk.Effort, "walked.effort", intake);
        }

        intake.ThrowIfWrong();
        var (begin, end) = (request.From!.Value, request.From.Value.AddDays(1));
        // Of two trips that both have the day, the one that asks for more water.
        var planned = (request.Trips ?? []).Select(t => Planned(t, begin)).OfType<DayOnFoot>().MaxBy(Hours);
        var told = (request.Walked ?? []).Where(w => Middle(w) >= begin && Middle(w) < end).OrderBy(w => w.From).ToList();
        return new(
            told.Count == 0 ? planned : new DayOnFoot(Beginning(told, begin), WalkKnownBy.Log, planned?.Effort ?? Effort.Default, told)
        );
    }

    /// <summary>A stretch is of the day its middle falls in: one told the morning after is none of the new day.</summary>
    private static DateTimeOffset? Middle(WalkedStretch walk) =>
        walk.Until is { } until ? walk.From + ((until - walk.From) / 2) : walk.From;

    /// <summary>Nobody who set out at five was as well watered at seven.</summary>
    private static DateTimeOffset Beginning(List<WalkedStretch> walks, DateTimeOffset asked) =>
        walks[0].From is { } first && first < asked ? first : asked;

    private static double Hours(DayOnFoot day) => day.Walks.Sum(w => (w.Until!.Value - w.From!.Value).TotalHours);

    /// <summary>The day of a trip that begins on a date; null where it has none, or can't be right.</summary>
    private static DayOnFoot? Planned(DatedTrip trip, DateTimeOffset begin)
    {
        if (
            trip.Route is not { Retired: not true } route
            || PiecesOn(route, DateOnly.FromDateTime(begin.DateTime)) is not { Count: > 0 } pieces
        )
        {
            return null;
        }

        List<WalkedStretch> walks = [.. pieces.Select(p => Stretch(trip, p.Piece, p.Effort))];
        return new DayOnFoot(Beginning(walks, begin), WalkKnownBy.Plan, AsAWhole(pieces), walks);
    }

    /// <summary>Air, ground and pace of a trip's walk on a date as a whole; null where it is not walked then, or can't be right.</summary>
    internal static Effort? EffortOn(TripRoute route, DateOnly date) =>
        PiecesOn(route, date) is { Count: > 0 } pieces ? AsAWhole(pieces) : null;

    private static List<(TimelinePiece Piece, Effort Effort)> PiecesOn(TripRoute route, DateOnly date)
    {
        // Dates first: a trip of another week costs nothing.
        if (route.StartDate is not { } first || date < first || date >= first.AddDays(route.EachDay.Count) || !route.IsSound())
        {
            return [];
        }

        var (day, ground) = (date.DayNumber - first.DayNumber, route.Ground());
        var line = new Timeline(
            route,
            ground,
            new Party(new PlanRequest(null, route)),
            [.. Enumerable.Range(0, (ground.Steps / StepsInStretch) + 1).Select(i => i * StepsInStretch), ground.Steps]
        );
        return [.. line.Walk.Where(p => p.Day == day && !p.IsRest).Select(p => (p, On(ground, line, p)))];
    }

    /// <summary>A piece is walked, and then its break is taken.</summary>
    private static WalkedStretch Stretch(DatedTrip trip, TimelinePiece piece, Effort effort)
    {
        // To the second: minutes rounded piece by piece would add up.
        var from = trip.At(piece.Day, Math.Floor(piece.StartHour)).AddHours(piece.StartHour - Math.Floor(piece.StartHour));
        return new WalkedStretch(from, from.AddHours(piece.WalkHours), effort);
    }

    /// <summary>The air, the ground and the pace of a piece of the plan's walk.</summary>
    private static Effort On(GroundProfile ground, Timeline line, TimelinePiece piece)
    {
        var km = (piece.ToStep - piece.FromStep) * ground.StepKm;
        var height = ground.ElevationM;
        var middle = (piece.FromStep + piece.ToStep) / 2;
        var air = line.AirAt(piece.Day, (piece.StartHour + piece.EndHour) / 2, height[middle]);
        return new Effort(
            TemperatureC: Math.Clamp(air.TemperatureC, Effort.ColdestC, Effort.HottestC),
            HumidityPercent: air.HumidityPercent,
            Sun: air.Sun,
            SpeedKmH: Math.Clamp(km / piece.WalkHours, Effort.SlowestKmH, Effort.FastestKmH),
            GradePercent: Math.Clamp(
                (height[piece.ToStep] - height[piece.FromStep]) / (km * 10),
                -Effort.SteepestPercent,
                Effort.SteepestPercent
            ),
            Terrain: line.TerrainAt(middle),
            ElevationM: Math.Clamp(height[middle], Effort.LowestM, Effort.HighestM),
            WindMs: Math.Min(air.WindMs, Effort.WindiestMs)
        );
    }

    /// <summary>Means over the hours; the sun and the ground of the longest part of it.</summary>
    private static Effort AsAWhole(List<(TimelinePiece Piece, Effort Effort)> pieces)
    {
        var all = pieces.Sum(p => p.Piece.WalkHours);
        // Within what it is the mean of, to the last digit: a day at 28 °C throughout is no warmer than 28 °C.
        double Mean(Func<Effort, double?> of) =>
            Math.Clamp(
                pieces.Sum(p => of(p.Effort)!.Value * p.Piece.WalkHours) / all,
                pieces.Min(p => of(p.Effort)!.Value),
                pieces.Max(p => of(p.Effort)!.Value)
            );
        T Most<T>(Func<Effort, T> of) => pieces.GroupBy(p => of(p.Effort)).MaxBy(g => g.Sum(p => p.Piece.WalkHours))!.Key;
        return new Effort(
            TemperatureC: Mean(e => e.TemperatureC),
            HumidityPercent: Mean(e => e.HumidityPercent),
            Sun: Most(e => e.Sun),
            SpeedKmH: Mean(e => e.SpeedKmH),
            GradePercent: Mean(e => e.GradePercent),
            Terrain: Most(e => e.Terrain),
            ElevationM: Mean(e => e.ElevationM),
            WindMs: Mean(e => e.WindMs)
        );
    }
}
