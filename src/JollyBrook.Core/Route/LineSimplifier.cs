namespace JollyBrook.Core.Route;

/// <summary>Leaves out the points of a line that it hardly bends at (Douglas and Peucker, 1973).</summary>
internal static class LineSimplifier
{
    private const int PiecePoints = 500;

    /// <param name="points">The line; longitudes may run across the antimeridian.</param>
    /// <param name="withinM">No point left out is further than this from the line that stays, m.</param>
    /// <returns>Its points that stay, both ends among them, in order.</returns>
    public static List<GeoPoint> Within(IReadOnlyList<GeoPoint> points, double withinM)
    {
        var stays = new bool[points.Count];
        stays[^1] = true;
        Stack<(int From, int To)> open = [];
        // Piece by piece, so that no line, however tangled, takes longer than its length calls for.
        for (var from = 0; from < points.Count - 1; from += PiecePoints)
        {
            stays[from] = true;
            open.Push((from, Math.Min(from + PiecePoints, points.Count - 1)));
        }

        while (open.TryPop(out var piece))
        {
            var (far, offM) = Furthest(points, piece.From, piece.To);
            if (offM > withinM)
            {
                stays[far] = true;
                open.Push((piece.From, far));
                open.Push((far, piece.To));
            }
        }

        return [.. points.Where((_, i) => stays[i])];
    }

    private static (int At, double OffM) Furthest(IReadOnlyList<GeoPoint> points, int from, int to)
    {
        var (far, most) = (from, 0.0);
        for (var i = from + 1; i < to; i++)
        {
            if (Chord.Nearest(points[from], points[to], points[i], Chord.KmPerLongitude(points[i])).OffKm * 1000 is var off && off > most)
            {
                (far, most) = (i, off);
            }
        }

        return (far, most);
    }
}
