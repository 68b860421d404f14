using System.Globalization;

namespace JollyBrook.Formats.Tables;

/// <summary>The dates of a table's lines, in whichever order its program writes day, month and year.</summary>
internal static class TableDates
{
    private static readonly string[] YearFirst = ["yyyy-M-d", "yyyy/M/d", "yyyy.M.d", "yyyyMMdd"];
    private static readonly string[] DayFirst = ["d/M/yyyy", "d.M.yyyy", "d-M-yyyy", "d/M/yy", "d.M.yy"];
    private static readonly string[] MonthFirst = ["M/d/yyyy", "M-d-yyyy", "M/d/yy"];

    /// <param name="texts">As they stand, in the order of the lines.</param>
    /// <param name="near">A day that the table is about, such as the trip's first; null where none is known.</param>
    /// <returns>One for each text, null where it is no date.</returns>
    /// <exception cref="UnreadableFileException">Day and month may be either, and nothing tells which.</exception>
    public static IReadOnlyList<DateOnly?> Read(IReadOnlyList<string> texts, DateOnly? near)
    {
        // What follows the date, such as an hour, is told in a column of its own.
        string[] dates = [.. texts.Select(t => t.Trim().Split(' ', 'T')[0])];
        var orders = new[] { YearFirst, DayFirst, MonthFirst }.Select(formats => dates.Select(d => Parsed(d, formats)).ToList()).ToList();
        var best = orders.Max(o => o.Count(d => d is not null));
        var fit = orders.FindAll(o => o.Count(d => d is not null) == best);
        if (best == 0 || fit.Count == 1 || fit.TrueForAll(o => o.SequenceEqual(fit[0])))
        {
            return fit[0];
        }

        return near is { } day
            ? fit.MinBy(o => o.Min(d => d is { } date ? Math.Abs(date.DayNumber - day.DayNumber) : int.MaxValue))!
            : throw new UnreadableFileException(
                $"“{dates.First(d => Parsed(d, DayFirst) is not null)}” may be day and month, or month "
                    + "and day. Give the trip its first day, or write dates as 2026-08-21, and try again."
            );
    }

    private static DateOnly? Parsed(string text, string[] formats) =>
        DateOnly.TryParseExact(text, formats, CultureInfo.InvariantCulture, DateTimeStyles.None, out var date) ? date : null;
}
