using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Carry;

/// <summary>Walks a plan many times over with drawn sweat, pace, temperature and sources (handbook room 70).</summary>
internal sealed class CarrySimulation(SimulatedRoute route, Func<WalkDraws> draws, double mostL)
{
    /// <summary>Sums are made in so many blocks, always the same, so that the last digit is the same on one core and on many.</summary>
    private const int Blocks = 16;
    private const double Slack = 1e-9;

    public static CarrySimulation Of(PlanSetup setup, PolicyWay way)
    {
        var (route, spread, days) = (SimulatedRoute.Of(setup, way), setup.Party.Spread(), setup.Line.Timeline.Days.Count);
        return new CarrySimulation(route, () => new WalkDraws(spread, days, route.Chances), setup.CleanL + setup.DirtyL);
    }

    /// <summary>Walks, drawn as they are walked.</summary>
    /// <param name="decide">What to leave each water with.</param>
    /// <param name="runs">How many walks.</param>
    /// <param name="seed">Of the draws.</param>
    /// <param name="keepsLitres">Whether the litres at each place are counted, which takes as long again.</param>
    /// <param name="cancellation">Stops it.</param>
    public SimulationTally Run(LeaveWith decide, int runs, ulong seed, bool keepsLitres = true, CancellationToken cancellation = default)
    {
        var tallies = new SimulationTally[Blocks];
        void Block(int b)
        {
            var (tally, draw, walk) = (new SimulationTally(route.Places, mostL, keepsLitres), draws(), new DrawnWalk(route));
            for (var run = (int)((long)runs * b / Blocks); run < (int)((long)runs * (b + 1) / Blocks); run++)
            {
                cancellation.ThrowIfCancellationRequested();
                draw.Draw(seed, run);
                walk.Take(draw);
                Walk(decide, walk, tally);
            }

            tallies[b] = tally;
        }

        // Of a long one a core is left for whoever else asks.
        InBlocks(Blocks, runs <= Short ? Environment.ProcessorCount : Math.Max(1, Environment.ProcessorCount - 1), Block, cancellation);
        return SimulationTally.Sum(tallies, runs);
    }

    /// <summary>Walks that are simulated in the blink of an eye.</summary>
    private const int Short = 2_000;

    private static void InBlocks(int blocks, int cores, Action<int> block, CancellationToken cancellation = default)
    {
        if (OperatingSystem.IsBrowser() || cores == 1)
        {
            for (var b = 0; b < blocks; b++)
            {
                block(b);
            }
        }
        else
        {
            Parallel.For(0, blocks, new ParallelOptions { MaxDegreeOfParallelism = cores, CancellationToken = cancellation }, block);
        }
    }

    /// <summary>Draws walks once, for many policies to be tried on.</summary>
    public IReadOnlyList<DrawnWalk> Draw(int runs, ulong seed)
    {
        var draw = draws();
        var drawn = new DrawnWalk[runs];
        for (var run = 0; run < runs; run++)
        {
            draw.Draw(seed, run);
            drawn[run] = new DrawnWalk(route);
            drawn[run].Take(draw);
        }

        return drawn;
    }

    /// <summary>Walks that were drawn before.</summary>
    /// <param name="decide">What to leave each water with.</param>
    /// <param name="walks">The walks.</param>
    /// <param name="mostShort">After so many that ran short the rest is not walked.</param>
    public SimulationTally Run(LeaveWith decide, IReadOnlyList<DrawnWalk> walks, int mostShort)
    {
        List<SimulationTally> tallies = [];
        var walked = 0;
        while (walked < walks.Count && tallies.Sum(t => t.RunsShort) <= mostShort)
        {
            var from = walked;
            walked = Math.Min(walks.Count, from + (AtOnce * PerBlock));
            var some = new SimulationTally[(walked - from + PerBlock - 1) / PerBlock];
            InBlocks(some.Length, Environment.ProcessorCount, b =>
            {
                some[b] = new SimulationTally(route.Places, mostL, keepsLitres: false);
                for (var w = from + (b * PerBlock); w < Math.Min(walked, from + ((b + 1) * PerBlock)); w++)
                {
                    Walk(decide, walks[w], some[b]);
                }
            });
            tallies.AddRange(some);
        }

        return SimulationTally.Sum([.. tallies], walked);
    }

    /// <summary>Walks are tried so many blocks at once, always the same, so that who is given up does not hang on the cores.</summary>
    private const int AtOnce = 2;
    private const int PerBlock = 63;

    private void Walk(LeaveWith decide, DrawnWalk walk, SimulationTally tally)
    {
        var hand = route.StartL;
        var wasShort = false;
        double kgKm = 0,
            minutes = 0,
            owed = 0;
        var last = route.Places - 1;
        for (var k = 0; k < last; k++)
        {
            if (tally.KeepsLitres)
            {
                tally.Arrive(k, hand);
            }

            var (place, waters) = (route.Legs[k], route.Waters[k]);
            var night = place.NightL;
            var found = false;
            var inBody = 0.0;
            for (var j = 0; j < waters.Length; j++)
            {
                var runs = route.SourceOf[k][j] is not (>= 0 and var source) || walk.Runs[source];
                var water = waters[j];
                if ((!runs && !water.IsSeenOnlyThere) || decide(k, j, hand) is not { } leave)
                {
                    continue;
                }

                minutes += water.TripMinutes;
                if (!runs)
                {
                    continue;
                }

                var taken = Math.Min(leave - hand + (2 * water.DetourUseL), water.CacheL);
                minutes += (taken + night) * water.MinutesPerL;
                var (cost, waits) = water.Wait(hand, 1, route.DebtL, route.KgKmPerMinute);
                minutes += waits ? water.WaitMinutes : 0;
                owed += waits ? 0 : cost;
                kgKm += (taken + night) * water.KgKmPerL;
                hand += Math.Max(0, taken - (2 * water.DetourUseL));
                (found, inBody) = (true, water.DrinkL);
                break;
            }

            if (tally.KeepsLitres)
            {
                tally.Leave(k, hand);
            }

            if (night > 0 && !found)
            {
                // Nobody cooks with what the way on needs.
                var taken = hand - night >= place.NeedL ? night : place.DryNightL;
                owed += PolicyProblem.LeftOutPrice * (night - taken);
                hand -= taken;
            }

            var use = walk.UseL[k];
            kgKm +=
                place.EffortKm
                * (PolicyLeg.MeanAbove(hand, use) - (inBody > 0 ? PolicyLeg.MeanAbove(Math.Min(inBody, Math.Max(0, hand)), use) : 0));
            if (use > hand)
            {
                owed += PolicyProblem.DebtPrice * place.Hours * walk.Pace * PolicyLeg.MeanAbove(use - hand, use);
            }

            hand -= use;
            if (hand < -route.DebtL - Slack)
            {
                wasShort = true;
                tally.Short(k, route.EndHour[k]);
                hand = -route.DebtL;
            }
        }

        tally.Arrive(last, hand);
        tally.Leave(last, hand);
        tally.End(wasShort, kgKm, minutes, owed);
    }
}
