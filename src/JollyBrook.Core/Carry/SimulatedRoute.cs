using JollyBrook.Core.Body;
using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Carry;

/// <summary>A route as the simulation walks it: flat arrays over its places.</summary>
/// <param name="places">How many places.</param>
internal sealed class SimulatedRoute(int places)
{
    // From each place to the next: litres at rest; wanted walking, and how that bends with temperature; most that can be drunk.
    public double[] RestL { get; } = new double[places];

    public double[] WantedL { get; } = new double[places];

    public double[] PerC { get; } = new double[places];

    public double[] PerC2 { get; } = new double[places];

    public double[] CeilingL { get; } = new double[places];

    public int[] Day { get; } = new int[places];

    /// <summary>Clock hour of reaching the next place.</summary>
    public int[] EndHour { get; } = new int[places];

    /// <summary>The places and legs as the policy knows them.</summary>
    public PolicyPlace[] Legs { get; private set; } = [];

    /// <summary>The waters of each place.</summary>
    public PolicyWater[][] Waters { get; private set; } = [];

    /// <summary>Which source each water is of, an index into <see cref="Chances"/>; −1 for the start's.</summary>
    public int[][] SourceOf { get; private set; } = [];

    /// <summary>What may be owed before it counts as short, L.</summary>
    public double DebtL { get; private init; }

    /// <summary>λ: what a minute stopped costs, kg·km.</summary>
    public double KgKmPerMinute { get; private init; }

    /// <summary>In hand on setting out, L.</summary>
    public double StartL { get; private init; }

    public int Places => Day.Length;

    /// <summary>Chance of each source, and how much of it is the country's weather.</summary>
    public SourceChance[] Chances { get; private set; } = [];

    public static SimulatedRoute Of(PlanSetup setup, PolicyWay way)
    {
        var places = setup.Line.Places;
        var route = new SimulatedRoute(places.Count)
        {
            DebtL = setup.DebtL,
            StartL = setup.StartL ?? 0,
            KgKmPerMinute = setup.KgKmPerMinute,
        };
        for (var k = 0; k + 1 < places.Count; k++)
        {
            route.AddWay(k, setup, places[k], places[k + 1]);
        }

        route.Chances =
        [
            .. way.Numbered.Select(p => new SourceChance(
                p.Chance!.Value,
                SourceReliability.WeatherShare(p.Source!.Class) * setup.Line.Country.Deviation
            )),
        ];
        route.Legs = [.. way.Problem.Places];
        route.Waters = [.. way.Problem.Places.Select(p => p.Waters.ToArray())];
        route.SourceOf = [.. way.Problem.Places.Select(p => p.Waters.Select(w => w.Source).ToArray())];
        return route;
    }

    /// <summary>About what a draw's walk needs in all, L: by the day, which is enough to tell who needs more.</summary>
    public Func<WalkDraws, double> NeedByDay()
    {
        var days = Day.Max() + 1;
        var (wanted, perC, perC2, ceiling) = (new double[days], new double[days], new double[days], new double[days]);
        for (var k = 0; k < Places; k++)
        {
            wanted[Day[k]] += WantedL[k];
            perC[Day[k]] += PerC[k];
            perC2[Day[k]] += PerC2[k];
            ceiling[Day[k]] += CeilingL[k];
        }

        return draw =>
        {
            var need = 0.0;
            for (var d = 0; d < days; d++)
            {
                var c = draw.DayC[d];
                need += Math.Min(Math.Max(0, wanted[d] + (c * (perC[d] + (c * perC2[d] / 2)))) * draw.Factor, ceiling[d]) * draw.Pace;
            }

            return need;
        };
    }

    private void AddWay(int k, PlanSetup setup, Place from, Place to)
    {
        var line = setup.Line;
        Day[k] = line.Day[Math.Min(from.Point + 1, line.Day.Count - 1)];
        EndHour[k] = (int)line.ClockHour[to.Point] % 24;
        for (var p = from.Point + 1; p <= to.Point; p++)
        {
            if (line.Into[p] is { } piece)
            {
                RestL[k] += piece.RestL;
                WantedL[k] += piece.WantedL;
                PerC[k] += piece.PerC;
                PerC2[k] += piece.PerC2;
                CeilingL[k] += piece.WalkHours * DrinkPlan.CeilingLPerH * setup.Party.Count;
            }
        }
    }
}
