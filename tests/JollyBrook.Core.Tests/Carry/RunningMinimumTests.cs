using CsCheck;
using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>The policy's inner minimum against looking at every level.</summary>
public sealed class RunningMinimumTests
{
    private static readonly Gen<(double[] Cost, LeaveRange Range)> Any =
        from levels in Gen.Int[1, 40]
        from cost in Gen.Int[0, 12].Select(c => c / 2.0).Array[levels]
        from most in Gen.Int[0, levels - 1]
        from taken in Gen.Int[0, levels]
        from empty in Gen.Int[0, levels - 1]
        from night in Gen.Int[0, levels].Nullable(0.5)
        select (cost, new LeaveRange(most, taken, empty, night));

    /// <summary>By hand: from 1 the cheapest of 2, 3 and 4 is 3; with 1 step to take at most it is 2; from 4 nothing more fits.</summary>
    [Fact]
    public void Worked_by_hand()
    {
        double[] cost = [9, 8, 5, 2, 4];
        RunningMinimum.Cheapest(cost, new LeaveRange(Most: 4, Taken: 5, Empty: 0, Night: null)).ShouldBe([3, 3, 3, 4, PolicyTable.By]);
        RunningMinimum.Cheapest(cost, new LeaveRange(Most: 4, Taken: 1, Empty: 0, Night: null)).ShouldBe([1, 2, 3, 4, PolicyTable.By]);
        RunningMinimum
            .Cheapest(cost, new LeaveRange(Most: 2, Taken: 5, Empty: 0, Night: null))
            .ShouldBe([2, 2, PolicyTable.By, PolicyTable.By, PolicyTable.By]);
        // A night of two steps is used of what one came with, down to nothing in hand.
        RunningMinimum.Cheapest(cost, new LeaveRange(Most: 4, Taken: 0, Empty: 1, Night: 2)).ShouldBe([0, 1, 2, 3, 3]);
    }

    [Fact]
    public void It_is_the_cheapest_of_all_that_may_be_left_with_and_of_equals_the_least() =>
        Any.Sample(
            (cost, range) =>
            {
                var best = RunningMinimum.Cheapest(cost, range);
                for (var i = 0; i < cost.Length; i++)
                {
                    var open = Enumerable.Range(0, range.Most + 1).Where(a => a >= range.Least(i) && a <= i + range.Taken).ToList();
                    best[i].ShouldBe(open.Count == 0 ? PolicyTable.By : (short)open.MinBy(a => (cost[a], a)));
                }
            },
            iter: 5_000
        );
}
