using System.Globalization;
using System.Text.RegularExpressions;

namespace JollyBrook.Formats.Places;

/// <summary>A date in words.</summary>
/// <param name="Earliest">The first day it may mean; null when all it may mean is still to come.</param>
/// <param name="Latest">The last day it may mean; null likewise.</param>
/// <param name="At">Where it begins.</param>
/// <param name="End">Where it ends.</param>
internal readonly record struct DateWord(DateOnly? Earliest, DateOnly? Latest, int At, int End);

/// <summary>
/// Finds dates as people write them: 2026-11-20, 20.11.26, 8/14, 20 Nov, November 2026, 11月20日. Without a year it is the last one gone by;
/// where day and month may be either, or only the month is told, it spans all it may mean.
/// </summary>
internal static partial class DateWords
{
    /// <summary>Nothing written down today was seen before this.</summary>
    private const int FirstYear = 1990;

    /// <param name="text">The words.</param>
    /// <param name="today">The last day that a report can be of.</param>
    /// <returns>In the order they stand.</returns>
    public static List<DateWord> In(PlaceText text, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(text);
        List<DateWord> found = [];
        foreach (var (pattern, days) in Patterns)
        {
            foreach (Match match in pattern().Matches(text.Letters))
            {
                // The surer patterns come first: what one has read, another reads no second time.
                if (found.Exists(f => f.At < match.Index + match.Length && match.Index < f.End))
                {
                    continue;
                }

                var told = days(match).SelectMany(d => Days(d, today)).ToList();
                if (told.Count > 0)
                {
                    var past = told.FindAll(d => d <= today);
                    found.Add(
                        new DateWord(
                            past.Count > 0 ? past.Min() : null,
                            past.Count > 0 ? past.Max() : null,
                            match.Index,
                            match.Index + match.Length
                        )
                    );
                }
            }
        }

        return [.. found.OrderBy(f => f.At)];
    }

    private readonly record struct Told(int? Year, int Month, int? Day);

    private static readonly (Func<Regex> Pattern, Func<Match, IEnumerable<Told>> Days)[] Patterns =
    [
        (YearFirst, m => [new(Year(m), Int(m, "m"), Int(m, "d"))]),
        (Japanese, m => [new(Year(m), Int(m, "m"), Int(m, "d"))]),
        (Dotted, m => [new(Year(m), Int(m, "m"), Int(m, "d"))]),
        (Slashed, m =>
            Int(m, "a") == Int(m, "b")
                ? [new(Year(m), Int(m, "a"), Int(m, "b"))]
                : [new(Year(m), Int(m, "a"), Int(m, "b")), new(Year(m), Int(m, "b"), Int(m, "a"))]
        ),
        (DayMonth, Named),
        (MonthDay, Named),
        (MonthYear, Named),
    ];

    private static IEnumerable<Told> Named(Match m) =>
        WaterLexicon.Months.TryGetValue(m.Groups["name"].Value, out var month)
            ? [new(Year(m), month, m.Groups["d"].Success ? Int(m, "d") : null)]
            : [];

    private static int Int(Match m, string group) => int.Parse(m.Groups[group].ValueSpan, NumberStyles.None, CultureInfo.InvariantCulture);

    private static int? Year(Match m) =>
        m.Groups["y"].Success
            ? Int(m, "y") is var y && y < 100
                ? 2000 + y
                : y
            : null;

    /// <summary>The days it may mean: a month without a day is all of them.</summary>
    private static IEnumerable<DateOnly> Days(Told told, DateOnly today)
    {
        if (told.Month is < 1 or > 12 || told.Year < FirstYear || told.Year > today.Year + 1)
        {
            return [];
        }

        var year = told.Year ?? today.Year;
        if (told.Day is not { } day)
        {
            return [new DateOnly(year, told.Month, 1), new DateOnly(year, told.Month, DateTime.DaysInMonth(year, told.Month))];
        }

        DateOnly? At(int y) => y >= 1 && day >= 1 && day <= DateTime.DaysInMonth(y, told.Month) ? new DateOnly(y, told.Month, day) : null;
        var found = At(year);
        if (told.Year is null && (found is null || found > today))
        {
            // 29 February is of the last leap year.
            found = Enumerable.Range(1, 8).Select(back => At(year - back)).FirstOrDefault(d => d is not null);
        }

        return found is { } date ? [date] : [];
    }

    [GeneratedRegex(@"(?<![\d.])(?<y>\d{4})[-/.](?<m>\d{1,2})[-/.](?<d>\d{1,2})(?!\d)")]
    private static partial Regex YearFirst();

    [GeneratedRegex(@"(?:(?<y>\d{4})年)?(?<m>\d{1,2})月(?<d>\d{1,2})日")]
    private static partial Regex Japanese();

    [GeneratedRegex(@"(?<![\d.,])(?<d>\d{1,2})\.\s?(?<m>\d{1,2})\.(?:\s?(?<y>\d{4}|\d{2}(?!\d)))?")]
    private static partial Regex Dotted();

    [GeneratedRegex(@"(?<![\d/])(?<a>\d{1,2})/(?<b>\d{1,2})(?:/(?<y>\d{4}|\d{2}))?(?![\d/])(?!\s*(?:mi|mile|miles|km|m|l)\b)")]
    private static partial Regex Slashed();

    [GeneratedRegex(
        @"(?<!\d)(?<d>\d{1,2})(?:st|nd|rd|th|er|º|\.)?[\s-]*(?:de\s+|of\s+)?(?<name>\p{L}{3,})\.?(?:,?[\s-]*(?:de\s+)?(?<y>\d{4}))?"
    )]
    private static partial Regex DayMonth();

    [GeneratedRegex(@"(?<!\p{L})(?<name>\p{L}{3,})\.?\s+(?<d>\d{1,2})(?:st|nd|rd|th)?(?!\d)(?:,?\s*(?<y>\d{4}))?")]
    private static partial Regex MonthDay();

    [GeneratedRegex(@"(?<!\p{L})(?<name>\p{L}{3,})\.?,?\s+(?<y>\d{4})(?!\d)")]
    private static partial Regex MonthYear();
}
