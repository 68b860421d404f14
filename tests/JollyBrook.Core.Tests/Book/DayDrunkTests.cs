using JollyBrook.Core.Book;

namespace JollyBrook.Core.Tests.Book;

/// <summary>What a day's picture is drawn from.</summary>
public class DayDrunkTests
{
    private static readonly DateTimeOffset Noon = new(2026, 8, 21, 12, 0, 0, TimeSpan.Zero);

    private static Drank Drink(double litres, double hours) => new(litres) { At = Noon.AddHours(hours) };

    [Fact]
    public void Drinks_add_up_in_the_order_they_were_drunk_whatever_the_order_they_were_written()
    {
        var day = BookDay.Compute(new BookDayRequest(null, [Drink(0.5, 2), Drink(0.25, -1), Drink(1, 5)], 4));

        day.Drunk.ShouldBe([new(Noon.AddHours(-1), 0.25), new(Noon.AddHours(2), 0.75), new(Noon.AddHours(5), 1.75)]);
        day.MostL.ShouldBe(4);
    }

    [Fact]
    public void More_drunk_than_planned_reaches_higher_than_the_plan() =>
        BookDay.Compute(new BookDayRequest(null, [Drink(3, 0)], 2)).MostL.ShouldBe(3);

    [Fact]
    public void A_day_without_a_drink_draws_nothing()
    {
        var day = BookDay.Compute(new BookDayRequest(null, []));

        day.Drunk.ShouldBeEmpty();
        day.MostL.ShouldBe(0);
    }
}
