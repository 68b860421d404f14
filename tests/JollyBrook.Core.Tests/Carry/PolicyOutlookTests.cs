using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>What is known of how walks go on is good for walks that stand where those stood, and for no others.</summary>
public sealed class PolicyOutlookTests
{
    private const int Conditions = 3,
        Condition = 1;
    private const ulong Dry = 1,
        Running = 2;
    private static readonly Fate Known = new(0.2, 70);

    [Theory]
    [InlineData(Condition, 2.5, Dry, 0.1, true)]
    [InlineData(0, 2.5, Dry, 0.1, false)]
    [InlineData(2, 2.5, Dry, 0.1, false)]
    [InlineData(Condition, 2.25, Dry, 0.1, false)]
    [InlineData(Condition, 2.5, Running, 0.1, false)]
    [InlineData(Condition, 2.5, 0UL, 0.1, false)]
    // Reckoned for a tenth, what becomes of less than a millionth of all was left out; for many more it is not known well enough.
    [InlineData(Condition, 2.5, Dry, 0.4, true)]
    [InlineData(Condition, 2.5, Dry, 0.41, false)]
    [InlineData(Condition, 2.5, Dry, 1e-5, true)]
    public void A_fate_is_found_for_the_same_litres_the_same_memory_and_not_many_more(
        int condition,
        double inHandL,
        ulong seen,
        double share,
        bool isFound
    )
    {
        var outlook = PolicyOutlook.End().Of(Policy(Prices[0]), Places)[0];
        outlook.TryFind(Condition, 2.5, Dry, 0.1, out _).ShouldBeFalse();

        outlook.Remember(Condition, Conditions, new Known(2.5, Dry, 0.1, Known));
        for (var other = 0; other < 20; other++)
        {
            outlook.Remember(other % Conditions, Conditions, new Known(10 + other, 0, 1, new Fate(0, other)));
        }

        outlook.TryFind(condition, inHandL, seen, share, out var fate).ShouldBe(isFound);
        fate.ShouldBe(isFound ? Known : default);
        outlook.Count.ShouldBe(21);
    }

    /// <summary>From a place on that two policies do the same from they have one outlook; before it each has its own.</summary>
    [Fact]
    public void Policies_that_end_alike_share_their_outlook()
    {
        var (sharing, all) = (0, 0);
        foreach (var (price, otherPrice) in from p in Prices from o in Prices where p != o select (p, o))
        {
            var (one, other) = (Policy(price), Policy(otherPrice));
            var mixed = new RaisedPolicy(Way, other.Table.Then(one.Table, 1));
            var end = PolicyOutlook.End();
            var (ofOne, ofMixed, ofAnother) = (end.Of(one, Places), end.Of(mixed, Places), end.Of(Policy(price), Places));

            for (var k = 0; k < Places - 1; k++)
            {
                var isAlike = Enumerable.Range(k, Places - 1 - k).All(later => mixed.IsLike(one, later));
                ReferenceEquals(ofMixed[k], ofOne[k]).ShouldBe(isAlike);
                ofAnother[k].ShouldBeSameAs(ofOne[k]);
                (sharing, all) = (sharing + (isAlike ? 1 : 0), all + 1);
            }
        }

        sharing.ShouldBeInRange(1, all - 1);
    }

    private static readonly double[] Prices = [1, 30, 100, 300, 1_000, 20_000];
    private static readonly PlanSetup Setup = new(
        GeneratedTrips.Of(
            1,
            24,
            0,
            [
                new TripSource("Brook", SourceClass.SeasonalInSeason, 0.3, Chance: 0.8),
                new TripSource("Well", SourceClass.TankOrTap, 0.6, Chance: 0.6),
                new TripSource("Spring", SourceClass.TankOrTap, 0.8, Chance: 0.99),
            ],
            1,
            30
        )
    );
    private static readonly PolicyWay Way = new(Setup);

    private static int Places => Way.Problem.Places.Count;

    private static RaisedPolicy Policy(double shortPrice) =>
        new(Way, new PolicySolver(Way.Problem, [.. CarrySimulation.Of(Setup, Way).Cases(2)]).Solve(shortPrice));
}
