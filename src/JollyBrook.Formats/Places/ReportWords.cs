namespace JollyBrook.Formats.Places;

/// <summary>What words report of a source.</summary>
/// <param name="IsFlowing">Whether it ran.</param>
/// <param name="On">When it was seen; null where that is not told.</param>
internal readonly record struct WordedReport(bool IsFlowing, DateOnly? On);

/// <summary>
/// Reports out of words: a state with the date beside it ("dry 20 Nov", "8/14: flowing well"). Of all it may mean it is taken as the worse
/// (handbook, rule 2): running as long ago as it may be, dry as lately.
/// </summary>
internal static class ReportWords
{
    /// <summary>A date further from its state than this is of something else, letters.</summary>
    private const int FarApart = 40;

    /// <returns>
    /// The newest report; one of dryness without a date before any other, for it may be newer. Null where there is none: running without a
    /// date, or on a day still to come, is no report.
    /// </returns>
    public static WordedReport? Newest(PlaceText text, DateOnly today)
    {
        var (states, dates) = (StateWords.In(text), DateWords.In(text, today));
        // Who writes the date first writes it first throughout.
        var dateFirst = dates.Count > 0 && states.Count > 0 && dates[0].At < states[0].At;
        List<WordedReport> reports = [];
        foreach (var state in states)
        {
            var beside = Beside(state, states, dates, dateFirst);
            if (state.IsFlowing ? beside?.Earliest is not null : true)
            {
                reports.Add(new WordedReport(state.IsFlowing, state.IsFlowing ? beside?.Earliest : beside?.Latest));
            }
        }

        return reports.Exists(r => r.On is null) ? new WordedReport(false, null)
            : reports.Count == 0 ? null
            : reports.OrderByDescending(r => r.On).ThenBy(r => r.IsFlowing).First();
    }

    private static DateWord? Beside(StateWord state, List<StateWord> states, List<DateWord> dates, bool dateFirst)
    {
        DateWord? before = dates.FindLastIndex(d => d.End <= state.At) is >= 0 and var b ? dates[b] : null;
        DateWord? after = dates.FindIndex(d => d.At >= state.End) is >= 0 and var a ? dates[a] : null;
        var found = dateFirst ? before : after;
        return
            found is { } date
            && Math.Max(date.At - state.End, state.At - date.End) <= FarApart
            && !states.Exists(s => dateFirst ? s.At > date.At && s.At < state.At : s.At > state.At && s.At < date.At)
            ? date
            : null;
    }
}
