using System.Globalization;
using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Tests.Carry;

public sealed class HowSureTests
{
    private const int Runs = 20_000;

    /// <summary>
    /// Two stretches, a source between them that runs with p, only the walker's sweat drawn (σ 0.35): the way is dry with neither
    /// when X ≤ min(a/u₁, b/u₂) with the source running, or X ≤ a/(u₁ + u₂) without: 1 − p·Φ(ln(min)/σ) − (1 − p)·Φ(ln(…)/σ).
    /// </summary>
    [Fact]
    public void Two_stretches_against_the_closed_form()
    {
        const double p = 0.96;
        var setup = new PlanSetup(Routes.Level(20, ("Spring", 12, p)));
        var walk = PlanSolver.Solve(setup);
        var way = new PolicyWay(setup);
        var route = SimulatedRoute.Of(setup, way);
        var (u1, u2) = (route.WantedL[0], route.WantedL[1]);
        var (a, b) = (walk.Fills[0].LeaveL, walk.Fills[1].LeaveL);
        // The country's weather out of it, so that the chance is the chance.
        var tally = new CarrySimulation(
            route,
            () => new WalkDraws(setup.Party.Spread(), 1, [new SourceChance(p, 0)], 0, 0),
            setup.CleanL
        ).Run(walk.Decide, Runs, 7);

        var exact = 1 - (p * Phi(Math.Log(Math.Min(a / u1, b / u2)) / 0.35)) - ((1 - p) * Phi(Math.Log(a / (u1 + u2)) / 0.35));
        var share = (double)tally.RunsShort / Runs;
        share.ShouldBe(exact, 4 * Math.Sqrt(exact * (1 - exact) / Runs));
        exact.ShouldBeInRange(0.02, 0.5); // a case worth simulating

        // Reckoned the source is not drawn at all, and sweat lies evenly: closer by far than as many walks as conditions would come.
        var reckoned = new PolicyOdds(
            route,
            Condition.Choose(route, new WalkDraws(setup.Party.Spread(), 1, [new SourceChance(p, 0)], 0, 0), 8)
        ).Reckon(walk.Decide);
        reckoned.ShortChance.ShouldBe(exact, 0.004);
    }

    /// <summary>
    /// 95 % promised leaves 5 in 100, and of 1 000 walks the draws make √(0.05·0.95/1 000) = 0.69 % of it: up to 5.69 % it is kept, and
    /// told as 5; beyond, up to the next whole one.
    /// </summary>
    [Theory]
    [InlineData(0.03, 0.95, "3 walks in 100 run short")]
    [InlineData(0.0421, 0.95, "5 walks in 100 run short")]
    [InlineData(0.052, 0.95, "5 walks in 100 run short")]
    [InlineData(0.0568, 0.95, "5 walks in 100 run short")]
    [InlineData(0.057, 0.95, "6 walks in 100 run short")]
    [InlineData(0.12, 0.95, "12 walks in 100 run short")]
    [InlineData(0.0066, 0.99, "1 walk in 100 runs short")]
    [InlineData(0.014, 0.99, "2 walks in 100 run short")]
    public void So_many_walks_in_a_hundred_run_short(double share, double certainty, string words) =>
        PlanPromise.InHundred(share, certainty).ShouldBe(words, StringCompareShould.IgnoreLineEndings);

    /// <summary>
    /// Whatever was asked for: never more than the next whole walk, never fewer than what the draws leave of it, more walks never told as
    /// fewer, and all that is kept beyond the last whole walk promised is told as what was promised.
    /// </summary>
    [Fact]
    public void What_is_told_lies_within_the_draws_of_what_was_found() =>
        Gen.Select(Gen.Double[0.0001, 1], Gen.Double[0, 0.1], Gen.Int[50, 99])
            .Sample(
                (share, more, percent) =>
                {
                    var certainty = percent / 100.0;
                    int Told(double of) => int.Parse(PlanPromise.InHundred(of, certainty).Split(' ')[0], CultureInfo.InvariantCulture);
                    Told(share).ShouldBeLessThanOrEqualTo((int)Math.Ceiling(share * 100));
                    (Told(share) / 100.0).ShouldBeGreaterThanOrEqualTo(share - Math.Sqrt((1 - certainty) * certainty / 1000) - 1e-9);
                    Told(share + more).ShouldBeGreaterThanOrEqualTo(Told(share));
                    // From just over the last whole walk before to the last share that is kept.
                    var (from, to) = (0.99 - certainty + 1e-6, PlanPromise.MostShort(certainty) - 1e-9);
                    Told(from + (share * (to - from))).ShouldBe(100 - percent);
                }
            );

    /// <summary>The plan is reckoned, "how sure" walks as often as is asked for: both tell them by one measure.</summary>
    [Fact]
    public void The_plan_and_how_sure_it_is_tell_walks_by_one_measure() =>
        GeneratedTrips.Any.Sample(
            trip =>
            {
                var plan = Plan.Compute(trip).Promise;
                var sure = HowSure.Compute(new HowSureRequest(trip, 2_000, 1, Compare: false));
                plan.Words.ShouldContain(
                    plan.ShortChance >= PlanPromise.Rare ? PlanPromise.InHundred(plan.ShortChance, plan.Certainty) : PlanPromise.RareWords
                );

                if (sure.ShortChance >= 0.005)
                {
                    sure.Headline.ShouldBe(PlanPromise.InHundred(sure.ShortChance, plan.Certainty));
                }
            },
            iter: 60
        );

    [Fact]
    public void A_surer_source_never_makes_short_more_likely() =>
        Gen.Select(Gen.Double[0.3, 0.9], Gen.Double[0, 0.09], Gen.Int[0, 1000])
            .Sample(
                (p, more, seed) =>
                {
                    double Short(double chance) =>
                        HowSure
                            .Compute(new HowSureRequest(Routes.Level(24, ("Spring", 9, 0.97), ("Brook", 15, chance)), 300, seed))
                            .ShortChance;
                    Short(Math.Min(0.94, p + more)).ShouldBeLessThanOrEqualTo(Short(p));
                },
                iter: 40
            );

    [Fact]
    public void The_same_seed_gives_the_same_walks_on_one_core_and_on_two()
    {
        var request = new HowSureRequest(Routes.Level(24, ("Spring", 9, 0.97), ("Brook", 15, 0.5)), 2000, 3);
        var (first, second) = (HowSure.Compute(request), HowSure.Compute(request));
        first.ShortChance.ShouldBe(second.ShortChance);
        first.Policies.ShouldBe(second.Policies);
        HowSure.Compute(request with { Seed = 4 }).Policies.ShouldNotBe(first.Policies);
    }

    [Fact]
    public void The_schools_carry_more_or_run_dry_more()
    {
        var answer = HowSure.Compute(new HowSureRequest(Routes.Level(24, ("Spring", 9, 0.97), ("Pool", 16, 0.96)), 1000));
        answer.Policies.Select(p => p.Policy).ShouldBe([Policy.Plan, Policy.WhenUnderHalf, Policy.FixedLitres]);
        answer.Policies[1].KgKm.ShouldBeGreaterThan(answer.Policies[0].KgKm);
        answer.Places.ShouldAllBe(p => p.ArriveL.Low <= p.ArriveL.Middle && p.ArriveL.Middle <= p.ArriveL.High);
    }

    /// <summary>Abramowitz and Stegun 26.2.17, good to 7.5e-8.</summary>
    private static double Phi(double x)
    {
        var t = 1 / (1 + (0.2316419 * Math.Abs(x)));
        var tail =
            Math.Exp(-x * x / 2)
            / Math.Sqrt(2 * Math.PI)
            * t
            * (0.319381530 + (t * (-0.356563782 + (t * (1.781477937 + (t * (-1.821255978 + (t * 1.330274429))))))));
        return x >= 0 ? 1 - tail : tail;
    }

    /// <summary>A simulation looks whether anyone still waits, and is marked as one that may take long.</summary>
    [Fact]
    public void It_stops_when_nobody_waits()
    {
        using var left = new CancellationTokenSource();
        left.Cancel();
        Should.Throw<OperationCanceledException>(() => HowSure.Compute(new HowSureRequest(Routes.Level(20)), left.Token));
        Calculations.All.Single(c => c.Name == "how-sure").IsLong.ShouldBeTrue();
    }
}
