namespace JollyBrook.Core.Body;

/// <summary>
/// What a walker loses through a day, L: walking by the prediction × personal factor, at the air and pace of each stretch, and the need at
/// rest in between (handbook room 60).
/// </summary>
internal sealed class DayLoss
{
    /// <summary>Without a word on it, so many hours of the day are counted as walked (pick).</summary>
    public const double UntoldWalkHours = 8;

    private readonly DateTimeOffset _from;
    private readonly List<(WalkedStretch Walk, double LPerH)> _walks;
    private readonly double _untoldLPerH;

    /// <param name="request">Checked.</param>
    /// <param name="walker">Checked.</param>
    /// <param name="effort">The day's, nothing left out.</param>
    public DayLoss(WatchRequest request, Walker walker, Effort effort)
    {
        Factor = Sweat.FactorOf(request.Tests ?? [], SweatSchool.Gonzalez2009);
        _from = request.From!.Value;
        RestLPerH = Resting(walker, effort);
        IsUntold = request.Rested != true && WalksOf(request).Count == 0;
        _untoldLPerH = Walking(walker, effort);
        _walks =
        [
            .. WalksOf(request)
                .Select(w => (w, w.Effort is { } own ? Walking(walker, effort.With(own).With(request.Effort)) : _untoldLPerH)),
        ];
    }

    public PersonalFactor Factor { get; }

    /// <summary>Lost at rest, L/h.</summary>
    public double RestLPerH { get; }

    /// <summary>Lost walking, L/h: in the thirstiest of the stretches.</summary>
    public double WalkingLPerH => _walks.Count == 0 ? _untoldLPerH : _walks.Max(w => w.LPerH);

    /// <summary>Whether nobody has said that it was a day of rest, nor when they walked: it is then not taken for rest.</summary>
    public bool IsUntold { get; }

    /// <summary>Those that were told, else none on a day of rest, else those of the log or the plan.</summary>
    public static IReadOnlyList<WalkedStretch> WalksOf(WatchRequest request) =>
        request.Walks is { Count: > 0 } told ? told
        : request.Rested == true ? []
        : request.Day?.Walks ?? [];

    /// <summary>Lost from the day's beginning until an instant, L; nothing before it.</summary>
    public double By(DateTimeOffset until)
    {
        var hours = Math.Max(0, (until - _from).TotalHours);
        if (IsUntold)
        {
            var counted = Math.Min(hours, UntoldWalkHours);
            return (counted * _untoldLPerH) + ((hours - counted) * RestLPerH);
        }

        var (walked, lost) = (0.0, 0.0);
        foreach (var (walk, lPerH) in _walks)
        {
            var part = OverlapH(walk, until);
            walked += part;
            lost += part * lPerH;
        }

        // Stretches that were told over each other make the day no longer.
        return (lost * (walked > hours ? hours / walked : 1)) + (Math.Max(0, hours - walked) * RestLPerH);
    }

    private double Walking(Walker walker, Effort effort) =>
        Math.Max(Resting(walker, effort), Loss.Of(walker, effort, SweatSchool.Gonzalez2009).LPerH(Factor.Planned, walker.IsAcclimatised));

    private static double Resting(Walker walker, Effort effort) =>
        DrinkPlan.RestLPerH(walker.MassKg!.Value, effort.TemperatureC!.Value, effort.ElevationM!.Value);

    private double OverlapH(WalkedStretch walk, DateTimeOffset until)
    {
        var (start, end) = (walk.From ?? until, walk.Until ?? until);
        return Math.Max(0, ((end < until ? end : until) - (start > _from ? start : _from)).TotalHours);
    }
}
