namespace JollyBrook.Benchmarks;

internal static class Statistics
{
    public static double Median(IReadOnlyList<double> values)
    {
        var sorted = values.Order().ToList();
        var middle = sorted.Count / 2;
        return sorted.Count % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }

    /// <summary>The value that so many per cent of them do not exceed.</summary>
    public static double Percentile(IReadOnlyList<double> values, double percent) =>
        values.Order().ElementAt((int)Math.Ceiling(values.Count * percent / 100) - 1);
}
