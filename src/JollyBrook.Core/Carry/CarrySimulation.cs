using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Carry;

/// <summary>Walks a plan many times over with drawn sweat, pace, temperature and sources (handbook room 70).</summary>
internal sealed class CarrySimulation(SimulatedRoute route, Func<WalkDraws> draws, double mostL)
{
    /// <summary>Sums are made in so many blocks, always the same, so that the last digit is the same on one core and on many.</summary>
    private const int Blocks = 16;

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

    /// <summary>Does blocks of work, on as many cores as may be had.</summary>
    internal static void InBlocks(int blocks, int cores, Action<int> block, CancellationToken cancellation = default)
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

    /// <summary>Reckons policies instead of walking them, under so many conditions.</summary>
    /// <param name="bits">Two to the power of it.</param>
    public PolicyOdds Odds(int bits) => new(route, Condition.Choose(route, draws(), bits));

    /// <summary>The cases that policies are solved for.</summary>
    /// <param name="bits">Two to the power of it.</param>
    public IEnumerable<PolicyCase> Cases(int bits) =>
        Condition
            .Choose(route, draws(), bits)
            .Select(c => new PolicyCase(
                c.Weight,
                c.Walk.UseL,
                [.. route.SourceOf.Select(sources => (IReadOnlyList<double>)[.. sources.Select(s => s < 0 ? 1 : c.Chances[s])])]
            )
            {
                Pace = c.Walk.Pace,
            });

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

            var waters = route.Waters[k];
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

                var filled = WalkRules.Fill(route, k, water, hand, leave);
                (kgKm, minutes, owed, hand) = (kgKm + filled.KgKm, minutes + filled.Minutes, owed + filled.Owed, filled.InHandL);
                (found, inBody) = (true, water.DrinkL);
                break;
            }

            if (tally.KeepsLitres)
            {
                tally.Leave(k, hand);
            }

            var leg = WalkRules.Leg(route, k, hand, found, inBody, walk.UseL[k], walk.Pace);
            (kgKm, owed, hand) = (kgKm + leg.KgKm, owed + leg.Owed, leg.InHandL);
            if (leg.IsShort)
            {
                wasShort = true;
                tally.Short(k, route.EndHour[k]);
            }
        }

        tally.Arrive(last, hand);
        tally.Leave(last, hand);
        tally.End(wasShort, kgKm, minutes, owed);
    }
}
