namespace JollyBrook.Core.Carry;

/// <summary>Walks a plan many times over with drawn sweat, pace, temperature and sources (handbook room 70).</summary>
internal sealed class CarrySimulation(SimulatedRoute route, Func<WalkDraws> draws, double capacityL, int walkers)
{
    /// <summary>Sums are made in so many blocks, always the same, so that the last digit is the same on one core and on many.</summary>
    private const int Blocks = 16;
    private const double Empty = -1e-9;

    public SimulationTally Run(Policy policy, int runs, ulong seed, CancellationToken cancellation = default)
    {
        var tallies = new SimulationTally[Blocks];
        void Block(int b)
        {
            var (tally, draw) = (new SimulationTally(route.Places, Math.Max(capacityL, route.CapacityL.Max())), draws());
            for (var run = (int)((long)runs * b / Blocks); run < (int)((long)runs * (b + 1) / Blocks); run++)
            {
                cancellation.ThrowIfCancellationRequested();
                draw.Draw(seed, run);
                Walk(policy, draw, tally);
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

    private void Walk(Policy policy, WalkDraws draw, SimulationTally tally)
    {
        var fixedL = Math.Min(capacityL, Policies.FixedLPerWalker * walkers);
        var hand = policy switch { Policy.Plan => route.StartL, Policy.WhenUnderHalf => capacityL, _ => fixedL };
        var wasShort = false;
        // What the camp at a running water uses is drawn there and carried nowhere.
        var onTheSpot = 0.0;
        double kgKm = 0, minutes = 0;
        var last = route.Places - 1;
        for (var k = 0; k <= last; k++)
        {
            tally.Arrive(k, hand);
            if (route.Source[k] is >= 0 and var source && draw.Runs[source])
            {
                onTheSpot = route.OnTheSpotL[k];
                minutes += onTheSpot * route.MinutesPerL[k];
                var wanted = Wanted(policy, k, hand, fixedL);
                // Nobody carries on what was carried for a camp that has water; as much is left as where it had none, and what is planned.
                hand = Math.Max(Math.Max(0, hand - onTheSpot), Math.Min(hand, wanted));
                var taken = Math.Min(wanted - hand + route.DetourL[k], route.CacheL[k]);
                // Worth the way only when it leaves more in hand than walking by.
                if (taken > (2 * route.DetourL[k]) + 1e-9)
                {
                    minutes += route.StopMinutes[k] + (taken * route.MinutesPerL[k]);
                    hand += taken - (2 * route.DetourL[k]);
                }
            }

            tally.Leave(k, hand);
            if (k == last)
            {
                break;
            }

            var c = draw.DayC[route.Day[k]];
            var walking = Math.Max(0, route.WantedL[k] + (c * (route.PerC[k] + (c * route.PerC2[k] / 2)))) * draw.Factor;
            var drawn = Math.Min(onTheSpot, route.FixedL[k]);
            onTheSpot -= drawn;
            var use = (Math.Min(walking, route.CeilingL[k]) * draw.Pace) + route.FixedL[k] - drawn;
            var after = hand - use;
            kgKm += route.EffortKm[k] * (hand + Math.Max(0, after)) / 2;
            if (after < Empty)
            {
                wasShort = true;
                tally.Short(k, route.EndHour[k]);
                after = 0;
            }

            hand = after;
        }

        tally.End(wasShort, kgKm, minutes);
    }

    /// <summary>Litres to have in hand when leaving, without what the camp uses on the spot.</summary>
    private double Wanted(Policy policy, int k, double hand, double fixedL) => policy switch
    {
        Policy.Plan => Math.Min(route.CapacityL[k], (route.IsPlanned[k] ? route.LeaveL[k] : route.ToPlannedL[k] + route.DetourL[k]) - route.OnTheSpotL[k]),
        Policy.WhenUnderHalf => hand < capacityL / 2 ? route.CapacityL[k] : 0,
        _ => Math.Min(route.CapacityL[k], fixedL),
    };
}
