using CsCheck;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Sources;

/// <summary>Sources of one country share its weather: what was found at some moves the others.</summary>
public sealed class CountryWeatherTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 21, 9, 0, 0, TimeSpan.Zero);

    private static TripSourceEntry Of(string id, SourceClass kind, bool? flowing = null, double daysAgo = 0, bool? others = null) =>
        new(id, new TripSource(id, kind, 1, flowing, flowing is null ? null : Now.AddDays(-daysAgo), OthersCamped: others));

    private static double Chance(CountryWeather country, TripSourceEntry entry) => country.Chance(entry.Id, entry.Source, Now);

    private static double Logit(double p) => Math.Log(p / (1 - p));

    /// <summary>Rain +0.5, a hot dry month −0.5, tracks +0.3 on the logit: a seep at ½ becomes 0.6225, 0.3775 and 0.5744.</summary>
    [Theory]
    [InlineData(true, null, null, 0.622459)]
    [InlineData(null, true, null, 0.377541)]
    [InlineData(true, true, null, 0.5)]
    [InlineData(null, null, true, 0.574443)]
    [InlineData(false, false, false, 0.5)]
    public void What_the_traveller_knows_of_the_country_moves_the_logit(bool? rain, bool? dry, bool? others, double expected) =>
        Chance(CountryWeather.Of([], Now, new CountrySigns(rain, dry)), Of("seep", SourceClass.Seep, others: others))
            .ShouldBe(expected, 1e-6);

    /// <summary>Lakes, tanks and caches know no rain.</summary>
    [Theory]
    [InlineData(SourceClass.Lake, 0.99)]
    [InlineData(SourceClass.TankOrTap, 0.9)]
    public void A_lake_is_not_moved(SourceClass kind, double expected) =>
        Chance(CountryWeather.Of([Of("b", SourceClass.Seep, false)], Now, new CountrySigns(HotDryMonth: true)), Of("a", kind))
            .ShouldBe(expected, 1e-9);

    /// <summary>
    /// One seep (½, ρ 0.8) found dry today: the posterior of z is 2·φ(z)·σ(−0.8 z), whose mean is −2·0.8·E[σ′(0.8 z)] (Stein). σ′ is ¼ at 0
    /// and averages about 0.22 over N(0, 1), so the mean is about −0.35, and another seep falls to σ(−0.8·0.35) = 0.43.
    /// </summary>
    [Fact]
    public void A_neighbour_found_dry_moves_the_others()
    {
        var dry = CountryWeather.Of([Of("b", SourceClass.Seep, false)], Now);
        Chance(dry, Of("a", SourceClass.Seep)).ShouldBe(0.43, 0.01);
        var wet = CountryWeather.Of([Of("b", SourceClass.Seep, true)], Now);
        Logit(Chance(wet, Of("a", SourceClass.Seep))).ShouldBe(-Logit(Chance(dry, Of("a", SourceClass.Seep))), 1e-6);
        dry.Deviation.ShouldBeLessThan(1);
        CountryWeather.Unknown.Deviation.ShouldBe(1, 1e-3);
        // A spring (ρ 0.3) is moved less.
        (Logit(0.98) - Logit(Chance(dry, Of("a", SourceClass.Perennial)))).ShouldBe(
            0.3 / 0.8 * -Logit(Chance(dry, Of("a", SourceClass.Seep))),
            1e-6
        );
    }

    /// <summary>Its own report is in its own chance already.</summary>
    [Fact]
    public void Its_own_report_is_not_counted_twice()
    {
        var own = Of("a", SourceClass.Seep, true, 10);
        Chance(CountryWeather.Of([own], Now), own).ShouldBe(own.Source.ChanceOfRunning(Now), 1e-9);
        // Found today, neighbours move it no more.
        var today = Of("a", SourceClass.Seep, true);
        Chance(CountryWeather.Of([today, Of("b", SourceClass.Seep, false)], Now), today).ShouldBe(0.97, 1e-9);
    }

    [Fact]
    public void The_travellers_own_word_is_not_moved()
    {
        var own = new TripSourceEntry("a", new TripSource("a", SourceClass.Seep, 1, Chance: 0.7, OthersCamped: true));
        var country = CountryWeather.Of([Of("b", SourceClass.Seep, false)], Now, new CountrySigns(true));
        Chance(country, own).ShouldBe(0.7);
        country.Why("a", own.Source, Now, null, Speaker.Metric).ShouldBe("Your own word: 70 %");
    }

    [Fact]
    public void What_moved_it_is_said()
    {
        var brook = Of("Brook", SourceClass.SeasonalLate, true, 9);
        var country = CountryWeather.Of([brook, Of("Seep", SourceClass.Seep, false, 2)], Now, new CountrySigns(true));
        country
            .Why("Brook", brook.Source, Now, Now, Speaker.Metric)
            .ShouldStartWith(
                "Seasonal stream, late 40 %; found running 9 days before you come: 82 %; rain in the last week, Seep found dry: "
            );
        country.Why("Lake", Of("Lake", SourceClass.Lake).Source, Now, Now, Speaker.Metric).ShouldBe("Lake 99 %");
    }

    /// <summary>A report from the future, or without a time now, tells nothing.</summary>
    [Fact]
    public void What_can_not_be_dated_moves_nothing()
    {
        Chance(CountryWeather.Of([Of("b", SourceClass.Seep, false, -3)], Now), Of("a", SourceClass.Seep)).ShouldBe(0.5, 1e-9);
        CountryWeather.Of([Of("b", SourceClass.Seep, false)], null).Chance("a", Of("a", SourceClass.Seep).Source, null).ShouldBe(0.5, 1e-9);
    }

    private static readonly Gen<TripSourceEntry[]> Some = Gen.Select(
            Gen.Enum<SourceClass>(),
            Gen.Bool.Nullable(0.3),
            Gen.Double[0, 120],
            Gen.Bool.Nullable(0.6)
        )
        .Select((kind, flowing, days, others) => (kind, flowing, days, others))
        .Array[0, 8]
        .Select(all => all.Select((s, i) => Of($"s{i}", s.kind, s.flowing, s.days, s.others)).ToArray());

    /// <summary>
    /// One more found dry never makes another surer, one more found running never less sure, and the fresher it is the more it moves.
    /// </summary>
    [Fact]
    public void One_more_found_dry_makes_no_other_surer() =>
        Gen.Select(Some, Gen.Enum<SourceClass>(), Gen.Enum<SourceClass>(), Gen.Double[0, 60])
            .Sample(
                (some, kind, other, days) =>
                {
                    var asked = Of("asked", kind);
                    var before = Chance(CountryWeather.Of(some, Now), asked);
                    Chance(CountryWeather.Of([.. some, Of("more", other, false, days)], Now), asked)
                        .ShouldBeLessThanOrEqualTo(before + 1e-9);
                    Chance(CountryWeather.Of([.. some, Of("more", other, true, days)], Now), asked)
                        .ShouldBeGreaterThanOrEqualTo(before - 1e-9);
                    Chance(CountryWeather.Of(some, Now, new CountrySigns(RainLastWeek: true)), asked)
                        .ShouldBeGreaterThanOrEqualTo(before - 1e-12);
                    Chance(CountryWeather.Of(some, Now, new CountrySigns(HotDryMonth: true)), asked)
                        .ShouldBeLessThanOrEqualTo(before + 1e-12);
                    before.ShouldBeInRange(0, 1);
                }
            );
}
