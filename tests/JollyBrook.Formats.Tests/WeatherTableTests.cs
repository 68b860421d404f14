using CsCheck;
using JollyBrook.Formats.Tables;

namespace JollyBrook.Formats.Tests;

/// <summary>Weather tables as spreadsheets write them, each day on the trip's own.</summary>
public class WeatherTableTests
{
    private static DateOnly[] Dates(string lines, DateOnly? near = null) =>
        [.. WeatherTable.Read("date;hour;temperature_c\n" + lines, near).Select(d => d.Date)];

    [Fact]
    public void The_order_of_day_and_month_is_told_by_the_dates_together()
    {
        Dates("21/8/2026;6;11,5\n2/9/2026;6;9\n").ShouldBe([new DateOnly(2026, 8, 21), new DateOnly(2026, 9, 2)]);
        Dates("8/21/2026;6;11.5\n9/2/2026;6;9\n").ShouldBe([new DateOnly(2026, 8, 21), new DateOnly(2026, 9, 2)]);
        Dates("21.08.2026;6;11,5\n").ShouldBe([new DateOnly(2026, 8, 21)]);
        Dates("2026/8/3 06:00;6;11,5\n").ShouldBe([new DateOnly(2026, 8, 3)]);
    }

    /// <summary>3/9 is 3 September or 9 March: the trip says which, and without one it is asked.</summary>
    [Fact]
    public void In_doubt_it_is_the_trips_or_asked()
    {
        Dates("3/9/2026;6;11\n", new DateOnly(2026, 9, 2)).ShouldBe([new DateOnly(2026, 9, 3)]);
        Dates("3/9/2026;6;11\n", new DateOnly(2026, 3, 8)).ShouldBe([new DateOnly(2026, 3, 9)]);
        Should.Throw<UnreadableFileException>(() => Dates("3/9/2026;6;11\n")).Message.ShouldContain("may be day and month");
        Dates("9/9/2026;6;11\n").ShouldBe([new DateOnly(2026, 9, 9)]);
    }

    [Fact]
    public void Decimals_may_stand_behind_a_comma() =>
        WeatherTable
            .Read("Date;Hour;Temperature_C;Cloud_Percent\n2026-08-21;6;11,5;40\n")
            .Single()
            .Weather.Hours![6]
            .TemperatureC.ShouldBe(11.5);

    [Fact]
    public void Each_day_of_the_trip_has_the_weather_of_its_date()
    {
        var table = WeatherTable.Read("date,hour,temperature_c\n2026-08-20,12,1\n2026-08-21,12,2\n2026-08-22,12,3\n2026-08-25,12,6\n");
        var (days, flags) = WeatherTable.OnTrip(table, new DateOnly(2026, 8, 21), 4);
        days.Select(d => d.HighC).ShouldBe([2, 3, 3, 6]);
        flags.ShouldBe([
            "Nothing for 23 Aug 2026: that of 22 Aug 2026 was taken.",
            "Nothing for 24 Aug 2026: that of 25 Aug 2026 was taken.",
        ]);
        WeatherTable.OnTrip(table, null, 2).Days.Count.ShouldBe(4);
    }

    /// <summary>Written in any one order, with one day that tells which, dates are read as they were meant.</summary>
    [Fact]
    public void Dates_are_read_as_they_were_meant() =>
        Gen.Select(Gen.Int[0, 3000].Array[1, 20], Gen.Int[13, 28], Gen.Bool)
            .Sample(
                (days, clear, dayFirst) =>
                {
                    DateOnly[] meant =
                    [
                        .. days.Select(d => new DateOnly(2020, 1, 1).AddDays(d)).Append(new DateOnly(2026, 8, clear)).Distinct().Order(),
                    ];
                    var format = dayFirst ? "d/M/yyyy" : "M/d/yyyy";
                    Dates(
                            string.Concat(
                                meant.Select(d => $"{d.ToString(format, System.Globalization.CultureInfo.InvariantCulture)};12;10\n")
                            )
                        )
                        .ShouldBe(meant);
                }
            );
}
