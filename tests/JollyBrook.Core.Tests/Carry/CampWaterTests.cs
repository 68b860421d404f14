using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Water for a camp: 0.5 L a cooked meal, 0.3 L a hot drink, 0.5 L washing, a person (handbook room 60).</summary>
public sealed class CampWaterTests
{
    private static Party Of(int people) =>
        new(Routes.Level(10) with { Walkers = [.. Enumerable.Range(0, people).Select(i => new WalkerEntry($"w{i}", Routes.Ilva))] });

    [Theory]
    // Two meals and two hot drinks are usual: 2 × 0.5 + 2 × 0.3 = 1.6 L boil, and 0.5 L to wash.
    [InlineData(1, null, null, null, 1.6, 2.1)]
    [InlineData(2, null, null, null, 3.2, 4.2)]
    [InlineData(3, 1.0, 0.0, 0.0, 1.5, 1.5)]
    [InlineData(2, 0.0, 3.0, 1.5, 1.8, 4.8)]
    [InlineData(4, 0.0, 0.0, null, 0, 2.0)]
    public void By_hand(int people, double? meals, double? drinks, double? wash, double boilL, double campL)
    {
        var day = new RouteDay(Meals: meals, HotDrinks: drinks, WashL: wash);
        Of(people).BoilL(day).ShouldBe(boilL, 1e-9);
        Of(people).CampL(day).ShouldBe(campL, 1e-9);
    }

    /// <summary>What boils is part of what the camp takes; more of anything never takes less.</summary>
    [Fact]
    public void More_meals_drinks_or_washing_never_take_less() =>
        Gen.Select(Gen.Int[1, 8], Gen.Double[0, 6].Array[3], Gen.Double[0, 3], Gen.Int[0, 2])
            .Sample(
                (people, told, more, which) =>
                {
                    RouteDay Day(double[] t) => new(Meals: t[0], HotDrinks: t[1], WashL: t[2]);
                    var party = Of(people);
                    var raised = told.ToArray();
                    raised[which] += more;
                    party.CampL(Day(raised)).ShouldBeGreaterThanOrEqualTo(party.CampL(Day(told)));
                    party.BoilL(Day(told)).ShouldBeInRange(0, party.CampL(Day(told)) + 1e-9);
                }
            );

    /// <summary>The plan says of the camp what the party needs there, the drink of the night apart.</summary>
    [Fact]
    public void The_plan_takes_the_same()
    {
        PlanRequest Trip(double? wash) =>
            Routes.Level(20, ("Spring", 8, 1)) is var level
                ? level with
                {
                    Route = level.Route! with { Days = [new RouteDay(8, 8, "Camp", WashL: wash), new RouteDay(8)] },
                }
                : level;
        // One walker: half a litre to wash where nobody says otherwise.
        Plan.Compute(Trip(null)).NeedL.ShouldBe(Plan.Compute(Trip(0.5)).NeedL, 1e-6);
        (Plan.Compute(Trip(null)).NeedL - Plan.Compute(Trip(0)).NeedL).ShouldBe(DrinkPlan.LPerWash, 0.02);
    }
}
