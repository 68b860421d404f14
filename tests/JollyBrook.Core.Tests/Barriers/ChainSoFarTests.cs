using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Barriers;

/// <summary>What is still wanted of the next barrier, and what a chain adds up to.</summary>
public sealed class ChainSoFarTests
{
    private static readonly Gen<double[]> Logs = Gen.Double[0, 6].Array[OrganismClasses.All.Count];

    private static readonly Gen<BarrierResult> Result =
        from logs in Logs
        from minutes in Gen.Double[0, 600].Nullable()
        select Taking(logs, minutes);

    [Fact]
    public void Before_the_first_barrier_nothing_is_taken_away_and_no_time_has_passed()
    {
        ChainSoFar.Nothing.Logs.ShouldBe([0.0, 0, 0, 0]);
        ChainSoFar.Nothing.Minutes.ShouldBe(0);
    }

    /// <summary>The purifier's standard: 6 log of bacteria, 4 of viruses, 3 of either cyst.</summary>
    [Theory]
    [InlineData(OrganismClass.Bacteria, 6, 0)]
    [InlineData(OrganismClass.Viruses, 4, 0)]
    [InlineData(OrganismClass.Giardia, 3, 0)]
    [InlineData(OrganismClass.Cryptosporidium, 3, 0)]
    [InlineData(OrganismClass.Bacteria, 2, 4)]
    [InlineData(OrganismClass.Giardia, 0, 3)]
    [InlineData(OrganismClass.Giardia, 0, 5)]
    public void What_is_still_wanted_is_the_target_less_what_was_taken(OrganismClass organism, double wanted, double taken)
    {
        var logs = OrganismClasses.All.Select(o => o == organism ? taken : 1).ToArray();
        new ChainSoFar(logs, 0).StillWanted(organism, LogTarget.Full).ShouldBe(wanted);
    }

    [Fact]
    public void Viruses_that_do_not_count_are_not_wanted()
    {
        ChainSoFar.Nothing.StillWanted(OrganismClass.Viruses, LogTarget.WithoutViruses).ShouldBe(0);
        ChainSoFar.Nothing.StillWanted(OrganismClass.Bacteria, LogTarget.WithoutViruses).ShouldBe(6);
    }

    [Fact]
    public void Logs_and_minutes_add_up_by_class()
    {
        var after = ChainSoFar.Nothing.After(Taking([6, 0, 3, 3], 12)).After(Taking([1, 4, 0.5, 0], 35.5));
        after.Logs.ShouldBe([7.0, 4, 3.5, 3]);
        after.Minutes.ShouldBe(47.5);
    }

    /// <summary>One that never cools says no minutes: none are added, and none taken off.</summary>
    [Fact]
    public void A_barrier_without_an_end_adds_no_minutes() =>
        ChainSoFar.Nothing.After(Taking([1, 1, 1, 1], 20)).After(Taking([1, 1, 1, 1], null)).Minutes.ShouldBe(20);

    [Fact]
    public void Another_barrier_never_leaves_more_wanted_nor_takes_time_back() =>
        Gen.Select(Result.Array[0, 4], Result, Gen.Bool)
            .Sample(
                (chain, next, viruses) =>
                {
                    var before = chain.Aggregate(ChainSoFar.Nothing, (so, result) => so.After(result));
                    var after = before.After(next);
                    foreach (var organism in OrganismClasses.All)
                    {
                        var (was, now) = (
                            before.StillWanted(organism, LogTarget.With(viruses)),
                            after.StillWanted(organism, LogTarget.With(viruses))
                        );
                        now.ShouldBeInRange(0, was);
                        (was - now).ShouldBeLessThanOrEqualTo(next.Credits[(int)organism].Logs + 1e-9);
                    }

                    after.Minutes.ShouldBeGreaterThanOrEqualTo(before.Minutes);
                }
            );

    private static BarrierResult Taking(double[] logs, double? minutes) =>
        BarrierResult.Refused("Barrier", Clear, new Refusal(RefusalCode.Muddy, "Because.", [])) with
        {
            Refusal = null,
            Credits = BarrierResult.Of("Barrier", "Because.", logs[0], logs[1], logs[2], logs[3]),
            MinutesToSip = minutes,
        };

    private static FieldWater Clear => FieldWater.Check(Ask.Water(1), new Intake(Speaker.Metric));
}
