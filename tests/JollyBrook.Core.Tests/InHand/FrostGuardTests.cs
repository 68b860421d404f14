using JollyBrook.Core.Book;
using JollyBrook.Core.Filters;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.InHand;

/// <summary>Frost guard, handbook room 50: an evening job, a morning question; no, or no answer, makes a wet filter suspect.</summary>
public class FrostGuardTests
{
    private const int Hour = 60;

    /// <summary>Minutes from 8 o'clock to the evening's beginning at 16, to 22, and to 5 the next morning.</summary>
    private const int Evening = 8 * Hour;
    private const int Night = 14 * Hour;
    private const int Dawn = 21 * Hour;

    private readonly Log _log = new();

    /// <summary>
    /// A walk on level ground at 500 m from the log's morning on, a camp each night, its lows typed; null for none known.
    /// </summary>
    internal static DatedTrip Trip(double?[] lows, double campM = 500, double? latitude = 47, DateOnly? from = null)
    {
        var days = Enumerable
            .Range(0, lows.Length + 1)
            .Select(d => new RouteDay(8, d < lows.Length ? 5 * (d + 1) : null, d < lows.Length ? $"Camp {d + 1}" : null));
        // The first day's own morning is no night of the walk.
        var weather = lows.Prepend(5)
            .Select(l => new DayWeather(l, Math.Max(10, l ?? 10), 60, 0.5, 2, l is null ? WeatherSource.Default : WeatherSource.Typed));
        long Degrees(double deg) => (long)(deg * 1e5);
        return new DatedTrip(
            new TripRoute(
                "Ridge",
                from ?? DateOnly.FromDateTime(Log.Morning.DateTime),
                5 * (lows.Length + 1),
                EncodedNumbers.Encode([(long)(campM * 10), (long)(campM * 10)]),
                latitude is { } lat ? EncodedNumbers.Encode([Degrees(lat), Degrees(lat + 0.1)]) : null,
                latitude is null ? null : EncodedNumbers.Encode([Degrees(9), Degrees(9.1)]),
                Days: [.. days],
                Weather: [.. weather],
                WeatherElevationM: 500
            ),
            [0]
        );
    }

    private static bool IsCounted(InHandResponse state) => state.Supply(Log.Gravity).Suspect is null;

    [Fact]
    public void A_frosty_evening_asks_to_put_the_wet_filter_away_until_somebody_has()
    {
        _log.Trips.Add(Trip([-12]));
        _log.Write(6 * Hour, new Drank(0.5));

        _log.At(Evening - 1).Frost.ShouldBeEmpty();
        var job = _log.At(Evening).Frost.ShouldHaveSingleItem().ShouldBeOfType<PutAwayWarm>();
        job.ItemId.ShouldBe(Log.Gravity);
        job.Headline.ShouldBe("-12 °C tonight. Gravity filter: put it away warm");

        _log.Write(Evening + 30, new GuardedFromFrost(Log.Gravity));
        _log.At(Evening + 31).Frost.ShouldBeEmpty();
        IsCounted(_log.At(Dawn - 10)).ShouldBeTrue();
    }

    [Fact]
    public void The_morning_asks_and_until_there_is_an_answer_the_filter_is_not_counted()
    {
        _log.Trips.Add(Trip([-12]));
        _log.Write(Evening, new GuardedFromFrost(Log.Gravity));

        var dawn = _log.At(Dawn);
        IsCounted(dawn).ShouldBeFalse();
        dawn.Kit.Single(k => k.Id == Log.Gravity.ToString()).Filter!.Frozen.ShouldBe(Happened.Unknown);
        dawn.Supply(Log.Gravity)
            .Suspect.ShouldBe(
                "It may have frozen in the night to 22 Aug: nobody has said whether it stayed warm. Not counted until somebody does."
            );
        dawn.Frost.ShouldHaveSingleItem()
            .ShouldBeOfType<SayIfItStayedWarm>()
            .Headline.ShouldBe("Gravity filter: did it stay warm all night?");

        _log.Write(Dawn + 90, new StayedWarm(Log.Gravity));
        var answered = _log.At(Dawn + 91);
        IsCounted(answered).ShouldBeTrue();
        answered.Frost.ShouldBeEmpty();
    }

    [Fact]
    public void No_is_a_mishap_that_no_later_yes_clears()
    {
        _log.Trips.Add(Trip([-12]));
        _log.Write(Evening, new GuardedFromFrost(Log.Gravity));
        var no = _log.Write(Dawn + 60, new Mishap(Log.Gravity, MishapKind.Froze));
        _log.Write(Dawn + 70, new StayedWarm(Log.Gravity));

        var state = _log.At(Dawn + 80);
        IsCounted(state).ShouldBeFalse();
        state.Supply(Log.Gravity).SuspectSince.ShouldBe(no);
        state.Frost.ShouldBeEmpty();

        _log.Write(Dawn + 90, new FilterServiced(Log.Gravity, FilterService.NewElement));
        IsCounted(_log.At(Dawn + 91)).ShouldBeTrue();
    }

    [Fact]
    public void An_evening_forgotten_is_asked_about_all_the_same()
    {
        _log.Trips.Add(Trip([-1]));
        _log.Write(6 * Hour, new Drank(0.5));

        IsCounted(_log.At(Dawn)).ShouldBeFalse();
    }

    [Fact]
    public void A_trip_on_which_nothing_was_written_was_not_walked()
    {
        _log.Trips.Add(Trip([-12, -12]));
        IsCounted(_log.At(Dawn + (26 * Hour))).ShouldBeTrue();
        _log.At(Evening + Hour).Frost.ShouldBeEmpty();

        // Written in on the first day only: 22 o'clock of the second is 34 h later, and the second night is not asked about.
        _log.Write(2 * Hour, new Drank(0.5));
        _log.Write(Dawn + Hour, new StayedWarm(Log.Gravity) { Note = "Back home." });
        IsCounted(_log.At(Dawn + Hour + 1)).ShouldBeTrue();
        _log.Lines.RemoveAt(1);
        _log.Trips.Clear();
        _log.Trips.Add(Trip([5, -12]));
        IsCounted(_log.At(Dawn + (26 * Hour))).ShouldBeTrue();
    }

    [Fact]
    public void An_answer_about_last_night_says_nothing_of_tonight()
    {
        _log.Trips.Add(Trip([-12, -12]));
        _log.Write(Evening, new GuardedFromFrost(Log.Gravity));
        // Asked only at 19 o'clock of the second day, before its night begins at 22.
        _log.Write((24 * Hour) + (11 * Hour), new StayedWarm(Log.Gravity));

        IsCounted(_log.At((24 * Hour) + (12 * Hour))).ShouldBeTrue();
        _log.At((24 * Hour) + (12 * Hour)).Frost.ShouldHaveSingleItem().ShouldBeOfType<PutAwayWarm>();
        IsCounted(_log.At((24 * Hour) + Dawn)).ShouldBeFalse();
    }

    [Theory]
    [InlineData(0.0, true)] // Forecast of 0 °C: at or below.
    [InlineData(0.1, false)]
    public void A_forecast_above_zero_asks_nothing(double low, bool asks)
    {
        _log.Trips.Add(Trip([low]));
        _log.Write(6 * Hour, new Drank(0.5));
        _log.At(Evening).Frost.Any().ShouldBe(asks);
        IsCounted(_log.At(Dawn)).ShouldBe(!asks);
    }

    [Fact]
    public void The_camp_s_height_cools_the_forecast()
    {
        // 5 °C at 500 m is 5 − 6.5·0.8 = −0.2 °C at 1 300 m.
        _log.Trips.Add(Trip([5], campM: 1300));
        _log.Write(6 * Hour, new Drank(0.5));
        _log.At(Evening).Frost.ShouldHaveSingleItem().Headline.ShouldStartWith("-0.2 °C tonight.");
    }

    [Theory]
    [InlineData(8, 47.0, 500, false)] // August in the lowlands of the north
    [InlineData(8, 47.0, 1500, true)] // the same, high up
    [InlineData(11, 47.0, 500, true)]
    [InlineData(8, -43.0, 500, true)] // August is winter in the south
    [InlineData(1, -43.0, 500, false)]
    [InlineData(1, 10.0, 500, false)] // between the tropics
    [InlineData(1, 10.0, 3000, true)]
    [InlineData(8, 68.0, 100, true)] // the far north
    [InlineData(8, null, 500, true)] // nobody knows where
    public void Without_a_forecast_season_and_height_decide(int month, double? latitude, double elevationM, bool mayFreeze)
    {
        var day = new DateOnly(2026, month, 21);
        FrostSeason.MayFreeze(day, latitude, elevationM).ShouldBe(mayFreeze);
        var nights = FrostNights.Of([Trip([null], elevationM, latitude, day)], DateTimeOffset.MinValue, DateTimeOffset.MaxValue);
        nights.Count.ShouldBe(mayFreeze ? 1 : 0);
        nights.ShouldAllBe(n => n.LowC == null);
    }

    [Fact]
    public void A_dry_new_filter_needs_no_guard_and_one_used_on_the_way_does()
    {
        _log.Trips.Add(Trip([-12]));
        _log.Write(0, new FilterServiced(Log.Gravity, FilterService.NewElement));
        _log.At(Evening).Frost.ShouldBeEmpty();
        IsCounted(_log.At(Dawn)).ShouldBeTrue();

        _log.Write(1, new FilterLookedOver(Log.Gravity, new FilterState(10, 0, 0, Happened.Yes, Happened.No, Happened.No)));
        IsCounted(_log.At(Dawn)).ShouldBeFalse();
    }

    [Fact]
    public void What_was_put_away_by_hand_is_asked_about_without_any_trip()
    {
        _log.Write(Night, new GuardedFromFrost(Log.Gravity));
        IsCounted(_log.At(Dawn - 10)).ShouldBeTrue();
        IsCounted(_log.At(Dawn)).ShouldBeFalse();
    }

    [Fact]
    public void Folded_on_from_the_evening_the_morning_is_the_same()
    {
        _log.Trips.Add(Trip([-12]));
        _log.Write(Evening, new GuardedFromFrost(Log.Gravity));
        var evening = _log.At(Evening + 1).Snapshot;
        var rest = new Log();
        rest.Trips.AddRange(_log.Trips);
        Log.Json(rest.At(Dawn, evening)).ShouldBe(Log.Json(_log.At(Dawn)));
    }
}
