using JollyBrook.Core.Units;

namespace JollyBrook.Core.Sources;

/// <summary>How wet the country has been, as the traveller knows it.</summary>
/// <param name="RainLastWeek">Whether it rained well in the last week.</param>
/// <param name="HotDryMonth">Whether the last month was hot and dry.</param>
public sealed record CountrySigns(bool? RainLastWeek = null, bool? HotDryMonth = null);

/// <summary>
/// Sources of one country share its weather: with one draw z, logit p′ = logit p + ρ·z, and what was found at some moves z, and with it the
/// others, by Bayes (handbook room 70).
/// </summary>
public sealed class CountryWeather
{
    /// <summary>On the logit of the chance (handbook room 70, picks).</summary>
    public const double RainLogit = 0.5;

    /// <summary>Added to a source's log odds after a dry month.</summary>
    public const double DryMonthLogit = -0.5;

    /// <summary>Added to them where others have camped.</summary>
    public const double OthersCampedLogit = 0.3;

    private const double HalfLifeDays = 21;
    private const double Step = 0.1;
    private const double Widest = 4;

    /// <summary>A report that weighs less moves nothing.</summary>
    private const double LeastWeight = 0.02;

    /// <summary>So far from 0 the mean of z is worth a word.</summary>
    private const double WorthTelling = 0.05;

    private static readonly double[] Grid = [.. Enumerable.Range(0, (int)(2 * Widest / Step) + 1).Select(i => (i * Step) - Widest)];

    private readonly CountrySigns _signs;
    private readonly List<Report> _reports;
    private readonly double[] _logPosterior;

    private CountryWeather(CountrySigns signs, List<Report> reports)
    {
        (_signs, _reports) = (signs, reports);
        _logPosterior = [.. Grid.Select((z, i) => (-z * z / 2) + reports.Sum(r => r.LogLikelihood[i]))];
        (_, Deviation) = Moments(_logPosterior);
    }

    /// <summary>Nothing is known of it.</summary>
    public static CountryWeather Unknown { get; } = new(new CountrySigns(), []);

    /// <summary>Standard deviation of z that what was found leaves, 1 without any report.</summary>
    public double Deviation { get; }

    /// <param name="sources">The sources of one walk, with their last reports.</param>
    /// <param name="now">The time now; without it no report has an age, and none counts here.</param>
    /// <param name="signs">What else is known.</param>
    public static CountryWeather Of(IEnumerable<TripSourceEntry>? sources, DateTimeOffset? now, CountrySigns? signs = null)
    {
        List<Report> reports = [];
        foreach (var (id, source) in sources ?? [])
        {
            var share = SourceReliability.WeatherShare(source.Class);
            if (
                share > 0
                && source is { ReportedFlowing: { } flowing, ReportedAt: { } at }
                && now is { } today
                && at <= today
                && Weight(today - at) is var weight and > LeastWeight
            )
            {
                reports.Add(
                    new Report(
                        id,
                        source.Name ?? "",
                        flowing,
                        LogLikelihood(SourceReliability.OfClass(source.Class!.Value), share, flowing, weight)
                    )
                );
            }
        }

        return new CountryWeather(signs ?? new CountrySigns(), reports);
    }

    /// <summary>
    /// The chance that a source runs when the party comes: its own report and class, moved by the country. The traveller's own word is not
    /// moved.
    /// </summary>
    /// <param name="id">The source, whose own report is not counted twice.</param>
    /// <param name="source">The same.</param>
    /// <param name="now">The time now.</param>
    /// <param name="arriveAt">When the party comes; now when left out.</param>
    public double Chance(string id, TripSource source, DateTimeOffset? now, DateTimeOffset? arriveAt = null)
    {
        ArgumentNullException.ThrowIfNull(source);
        var own = source.ChanceOfRunning(now, arriveAt);
        return source.Chance is not null || own is <= 0 or >= 1 ? own : Sigmoid(Logit(own) + Shift(id, source, now));
    }

    /// <summary>A chance of water at no source of the map, moved by the country as theirs are.</summary>
    /// <param name="chance">In a usual season, above 0 and below 1.</param>
    /// <param name="share">ρ, its share of the country's weather.</param>
    public double Moved(double chance, double share) => share <= 0 ? chance : Sigmoid(Logit(chance) + (share * MeanWithout("")) + Signs);

    /// <summary>What moved it; empty where nothing did.</summary>
    public string WhyMoved(double share) =>
        share <= 0
            ? ""
            : Sentence.Capital(
                string.Join(
                    ", ",
                    (string[])
                        [
                            .. _signs.RainLastWeek == true ? ["rain in the last week"] : Array.Empty<string>(),
                            .. _signs.HotDryMonth == true ? ["a hot, dry month"] : Array.Empty<string>(),
                            .. Math.Abs(MeanWithout("")) > WorthTelling ? Neighbours("") : [],
                        ]
                )
            );

    private double Signs => (_signs.RainLastWeek == true ? RainLogit : 0) + (_signs.HotDryMonth == true ? DryMonthLogit : 0);

    /// <summary>What makes the chance what it is, in a line.</summary>
    public string Why(string id, TripSource source, DateTimeOffset? now, DateTimeOffset? arriveAt, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(source);
        ArgumentNullException.ThrowIfNull(say);
        if (source.Chance is { } word)
        {
            return $"Your own word: {SourceReliability.Percent(word)} %";
        }

        List<string> parts =
        [
            source.Class is { } kind
                ? $"{SourceReliability.Name(kind)} {SourceReliability.Percent(SourceReliability.OfClass(kind))} %"
                : "Kind not known",
        ];
        if (source.ReportedFlowing is { } flowing)
        {
            var days = source.ReportedAt is { } at && (arriveAt ?? now) is { } then ? Math.Max(0, (then - at).TotalDays) : (double?)null;
            parts.Add(
                $"found {(flowing ? "running" : "dry")}{(days is { } d ? $" {Speaker.Number(Math.Round(d), 0)} days before you come" : "")}: "
                    + $"{SourceReliability.Percent(source.ChanceOfRunning(now, arriveAt))} %"
            );
        }

        var (moved, share) = (Chance(id, source, now, arriveAt), SourceReliability.WeatherShare(source.Class));
        List<string> because =
        [
            .. share > 0 && _signs.RainLastWeek == true ? ["rain in the last week"] : Array.Empty<string>(),
            .. share > 0 && _signs.HotDryMonth == true ? ["a hot, dry month"] : Array.Empty<string>(),
            .. source.OthersCamped == true ? ["others camped there"] : Array.Empty<string>(),
            .. share > 0 && Math.Abs(MeanWithout(id)) > WorthTelling ? Neighbours(id) : [],
        ];
        return because.Count == 0
            ? string.Join("; ", parts)
            : $"{string.Join("; ", parts)}; {string.Join(", ", because)}: {SourceReliability.Percent(moved)} %";
    }

    /// <summary>What moves a source's logit beside its own report, the less of the weather the fresher that is.</summary>
    private double Shift(string id, TripSource source, DateTimeOffset? now)
    {
        var share = SourceReliability.WeatherShare(source.Class);
        var own = source is { ReportedFlowing: not null, ReportedAt: { } at } && now >= at ? Weight(now.Value - at) : 0;
        var weather = share <= 0 ? 0 : (share * MeanWithout(id)) + Signs;
        return ((1 - own) * weather) + (source.OthersCamped == true ? OthersCampedLogit : 0);
    }

    private IEnumerable<string> Neighbours(string id)
    {
        foreach (var group in _reports.Where(r => r.Id != id).GroupBy(r => r.Flowing).OrderBy(g => g.Key))
        {
            yield return $"{string.Join(", ", group.Select(r => r.Name).Take(3))} found {(group.Key ? "running" : "dry")}";
        }
    }

    /// <summary>The mean of z by all reports but a source's own.</summary>
    private double MeanWithout(string id)
    {
        var own = _reports.Find(r => r.Id == id);
        return _reports.Count == (own is null ? 0 : 1)
            ? 0
            : Moments(own is null ? _logPosterior : [.. _logPosterior.Zip(own.LogLikelihood, (all, one) => all - one)]).Mean;
    }

    private static (double Mean, double Deviation) Moments(double[] logPosterior)
    {
        var top = logPosterior.Max();
        double sum = 0,
            mean = 0,
            square = 0;
        for (var i = 0; i < Grid.Length; i++)
        {
            var weight = Math.Exp(logPosterior[i] - top);
            sum += weight;
            mean += weight * Grid[i];
            square += weight * Grid[i] * Grid[i];
        }

        return (mean / sum, Math.Sqrt(Math.Max(0, (square / sum) - (mean / sum * (mean / sum)))));
    }

    private static double[] LogLikelihood(double byClass, double share, bool flowing, double weight) =>
        [
            .. Grid.Select(z =>
                weight * Math.Log(flowing ? Sigmoid(Logit(byClass) + (share * z)) : 1 - Sigmoid(Logit(byClass) + (share * z)))
            ),
        ];

    private static double Weight(TimeSpan age) => Math.Pow(2, -Math.Max(0, age.TotalDays) / HalfLifeDays);

    private static double Logit(double chance) => Math.Log(chance / (1 - chance));

    private static double Sigmoid(double logit) => 1 / (1 + Math.Exp(-logit));

    private sealed record Report(string Id, string Name, bool Flowing, double[] LogLikelihood);
}
