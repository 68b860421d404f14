namespace JollyBrook.Core.Carry;

/// <summary>One walk as it was drawn: what each leg takes, and what runs.</summary>
internal sealed class DrawnWalk(SimulatedRoute route)
{
    /// <summary>Used from each place to the next, L, whole party.</summary>
    public double[] UseL { get; } = new double[route.Places];

    /// <summary>Whether each source runs.</summary>
    public bool[] Runs { get; } = new bool[route.Chances.Length];

    /// <summary>Its hours against the plan's.</summary>
    public double Pace { get; private set; }

    /// <summary>Takes over a draw.</summary>
    public void Take(WalkDraws draw)
    {
        draw.Runs.CopyTo(Runs, 0);
        TakeConditions(draw);
    }

    /// <summary>Takes over all of a draw but its sources.</summary>
    public void TakeConditions(WalkDraws draw)
    {
        Pace = draw.Pace;
        for (var k = 0; k + 1 < UseL.Length; k++)
        {
            var c = draw.DayC[route.Day[k]];
            var walking = Math.Max(0, route.WantedL[k] + (c * (route.PerC[k] + (c * route.PerC2[k] / 2)))) * draw.Factor;
            UseL[k] = (Math.Min(walking, route.CeilingL[k]) * draw.Pace) + route.RestL[k];
        }
    }
}
