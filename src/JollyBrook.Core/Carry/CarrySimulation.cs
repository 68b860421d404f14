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
            var (tally, draw) = (new SimulationTally(route.Places, mostL, keepsLitres), draws());
            for (var run = (int)((long)runs * b / Blocks); run < (int)((long)runs * (b + 1) / Blocks); run++)
            {
                cancellation.ThrowIfCancellationRequested();
                draw.Draw(seed, run);
                Walk(decide, draw, tally);
            }

            tallies[b] = tally;
        }

        if (OperatingSystem.IsBrowser())
        {
            for (var b = 0; b < Blocks; b++)
            {
                Block(b);
            }
        }
        else
        {
            // One core is left for whoever else asks.
            Parallel.For(0, Blocks, new ParallelOptions { MaxDegreeOfParallelism = Math.Max(1, Environment.ProcessorCount - 1), CancellationToken = cancellation }, Block);
        }

        return SimulationTally.Sum(tallies, runs);
    }

    private void Walk(LeaveWith decide, WalkDraws draw, SimulationTally tally)
    {
        var hand = 0.0;
        var wasShort = false;
        double kgKm = 0, minutes = 0;
        var last = route.Places - 1;
        for (var k = 0; k < last; k++)
        {
            tally.Arrive(k, hand);
            var night = route.NightL[k];
            var inBody = 0.0;
            for (var j = 0; j < route.Waters[k].Length; j++)
            {
                var runs = route.SourceOf[k][j] is not (>= 0 and var source) || draw.Runs[source];
                var water = route.Waters[k][j];
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
                minutes += ((taken + night) * water.MinutesPerL) + (hand < water.WaitNeedL - Slack ? water.WaitMinutes : 0);
                kgKm += (taken + night) * water.KgKmPerL;
                hand += Math.Max(0, taken - (2 * water.DetourUseL));
                (night, inBody) = (0, water.DrinkL);
                break;
            }

            tally.Leave(k, hand);
            hand -= night;
            var c = draw.DayC[route.Day[k]];
            var walking = Math.Max(0, route.WantedL[k] + (c * (route.PerC[k] + (c * route.PerC2[k] / 2)))) * draw.Factor;
            var use = (Math.Min(walking, route.CeilingL[k]) * draw.Pace) + route.RestL[k];
            kgKm += route.EffortKm[k] * (PolicyLeg.MeanAbove(hand, use) - PolicyLeg.MeanAbove(Math.Min(inBody, Math.Max(0, hand)), use));
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
        tally.End(wasShort, kgKm, minutes);
    }
}
