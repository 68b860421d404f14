using JollyBrook.Core.Units;

namespace JollyBrook.Core.Route;

/// <summary>A line on the ground as a file gave it, with the distance along at each point.</summary>
public sealed class Track
{
    private const double FarApartKm = 5;
    private const double SamePlaceKm = 0.0005;

    /// <summary>Heights looked at for each step of the profile.</summary>
    private const int FinePerStep = 5;

    /// <summary>Points with neighbours nearer than this tell of the noise, km.</summary>
    private const double NeighboursKm = 0.11;

    /// <summary>A swing of so many standard deviations is ground (pick).</summary>
    private const double NoiseTimes = 4;

    /// <summary>Receivers drift by this much over minutes, m: a recorded rise is one above it (pick).</summary>
    private const double RecordedLeastM = 8;

    /// <summary>A drawn line follows a model of the ground that is good to this, m (pick).</summary>
    private const double DrawnLeastM = 1;

    private readonly double[] _along;
    private readonly bool _isRecorded;

    private Track(List<GeoPoint> points, double[] alongKm, IReadOnlyList<string> flags, int withoutHeight, bool isRecorded)
    {
        _isRecorded = isRecorded;
        (Points, _along, Flags) = (points, alongKm, flags);
        HasHeights = withoutHeight < points.Count;
    }

    /// <summary>Where it runs.</summary>
    public IReadOnlyList<GeoPoint> Points { get; }

    /// <summary>Kilometres from the start to each point.</summary>
    public IReadOnlyList<double> AlongKm => _along;

    /// <summary>What is odd about it, in words.</summary>
    public IReadOnlyList<string> Flags { get; }

    /// <summary>Whether any point has a height. Without, ascent and descent have to be given by hand.</summary>
    public bool HasHeights { get; }

    /// <summary>Its length, km.</summary>
    public double LengthKm => AlongKm[^1];

    /// <summary>Null when fewer than two different places are left.</summary>
    /// <param name="given">Its points.</param>
    /// <param name="isRecorded">Whether a receiver recorded it, whose heights drift; false for one drawn on a map.</param>
    public static Track? Of(IReadOnlyList<GeoPoint> given, bool isRecorded = false)
    {
        ArgumentNullException.ThrowIfNull(given);
        List<GeoPoint> points = new(given.Count);
        List<double> along = new(given.Count);
        List<string> flags = [];
        foreach (var point in given)
        {
            var step = points.Count == 0 ? double.PositiveInfinity : points[^1].KmTo(point);
            if (step < SamePlaceKm)
            {
                continue;
            }

            if (points.Count > 0 && step > FarApartKm)
            {
                flags.Add(
                    $"A gap of {Speaker.Both(Quantity.Distance, step)} at {Speaker.Both(Quantity.Distance, along[^1])}: "
                        + "a piece of the track may be missing."
                );
            }

            along.Add(points.Count == 0 ? 0 : along[^1] + step);
            points.Add(point);
        }

        if (points.Count < 2)
        {
            return null;
        }

        // What the file left out; what is found to be lost is told of by itself.
        var missing = points.Count(p => double.IsNaN(p.ElevationM));
        double[] heights = [.. points.Select(p => p.ElevationM)];
        var mended = HeightDrops.Mend(along, heights);
        if (mended.Count > 0)
        {
            points = [.. points.Select((p, i) => p with { ElevationM = heights[i] })];
            flags.AddRange(mended);
        }

        if (missing > 0)
        {
            flags.Add(
                missing == points.Count
                    ? "It has no heights: give ascent and descent by hand, leg by leg."
                    : $"{missing} of {points.Count} points have no height: filled in between their neighbours."
            );
        }

        return new Track(points, [.. along], flags, missing, isRecorded);
    }

    /// <summary>The ground at 50 m steps, each the mean of the 50 m about it, without what its own noise adds.</summary>
    public GroundProfile Profile()
    {
        var steps = Math.Max(1, (int)Math.Round(LengthKm * 1000 / GroundProfile.ResampleM));
        var heights = Filled();
        var fine = Resample(steps * FinePerStep, heights);
        double[] means = [.. Enumerable.Range(0, steps + 1).Select(s => Mean(fine, s * FinePerStep))];
        // As many points as fall into a step quieten it by their root.
        var perStep = Math.Max(1, (double)Points.Count / (steps + 1));
        var noise = ClimbFilter.NoiseM(AlongKm, heights, NeighboursKm) / Math.Sqrt(perStep);
        return new GroundProfile(
            LengthKm,
            ClimbFilter.Level(means, Math.Max(_isRecorded ? RecordedLeastM : DrawnLeastM, NoiseTimes * noise), _isRecorded)
        );
    }

    /// <summary>The place at a distance along, km; an end for what lies beyond it.</summary>
    public GeoPoint At(double km)
    {
        var found = Array.BinarySearch(_along, km);
        var i = Math.Clamp(found < 0 ? ~found : found, 1, _along.Length - 1);
        var share = Math.Clamp((km - _along[i - 1]) / (_along[i] - _along[i - 1]), 0, 1);
        var (a, b) = (Points[i - 1], Points[i]);
        return new GeoPoint(
            a.LatitudeDeg + (share * (b.LatitudeDeg - a.LatitudeDeg)),
            Math.IEEERemainder(a.LongitudeDeg + (share * Math.IEEERemainder(b.LongitudeDeg - a.LongitudeDeg, 360)), 360)
        );
    }

    /// <summary>The nearest place of the line to a point: how far along, and how far off, km.</summary>
    public (double AlongKm, double OffKm) Nearest(GeoPoint point)
    {
        var (bestAlong, bestOff) = (0.0, double.PositiveInfinity);
        var kmPerLongitude = Chord.KmPerLongitude(point);
        for (var i = 1; i < Points.Count; i++)
        {
            var (share, off) = Chord.Nearest(Points[i - 1], Points[i], point, kmPerLongitude);
            if (off < bestOff)
            {
                (bestOff, bestAlong) = (off, AlongKm[i - 1] + (share * (AlongKm[i] - AlongKm[i - 1])));
            }
        }

        return (bestAlong, bestOff);
    }

    private double[] Filled()
    {
        double[] heights = [.. Points.Select(p => p.ElevationM)];
        var known = Enumerable.Range(0, heights.Length).Where(i => !double.IsNaN(heights[i])).ToList();
        if (known.Count == 0)
        {
            return new double[heights.Length];
        }

        Array.Fill(heights, heights[known[0]], 0, known[0]);
        Array.Fill(heights, heights[known[^1]], known[^1], heights.Length - known[^1]);
        foreach (var (from, to) in known.Zip(known.Skip(1)))
        {
            for (var i = from + 1; i < to; i++)
            {
                heights[i] = heights[from] + ((heights[to] - heights[from]) * (AlongKm[i] - AlongKm[from]) / (AlongKm[to] - AlongKm[from]));
            }
        }

        return heights;
    }

    private double[] Resample(int steps, double[] values)
    {
        var result = new double[steps + 1];
        var i = 1;
        for (var s = 0; s <= steps; s++)
        {
            var km = LengthKm * s / steps;
            while (i < values.Length - 1 && AlongKm[i] < km)
            {
                i++;
            }

            var share = Math.Clamp((km - AlongKm[i - 1]) / (AlongKm[i] - AlongKm[i - 1]), 0, 1);
            result[s] = values[i - 1] + (share * (values[i] - values[i - 1]));
        }

        return result;
    }

    /// <summary>The mean of the fine heights about a step; fewer of them at both ends.</summary>
    private static double Mean(double[] fine, int at)
    {
        var reach = Math.Min(FinePerStep / 2, Math.Min(at, fine.Length - 1 - at));
        return fine.AsSpan((at - reach)..(at + reach + 1)).ToArray().Average();
    }
}
