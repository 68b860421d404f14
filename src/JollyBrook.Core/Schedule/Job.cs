namespace JollyBrook.Core.Schedule;

/// <summary>A stretch of a batch: somebody's hands, or waiting.</summary>
/// <param name="Title">What is done.</param>
/// <param name="Minutes">Whole minutes, at least 1.</param>
/// <param name="Hands">Whether it takes somebody.</param>
internal readonly record struct Segment(string Title, int Minutes, bool Hands);

/// <summary>Stretches that follow one another without a gap, and the things all of them need.</summary>
/// <param name="Segments">In order.</param>
/// <param name="Equipment">Ids of filter, lamp, burner, pot: held from first to last.</param>
internal sealed record Block(IReadOnlyList<Segment> Segments, IReadOnlyList<string> Equipment)
{
    public int Minutes { get; } = Segments.Sum(s => s.Minutes);

    /// <summary>Whether its length hangs on the hour it falls in: sun through a clear wall.</summary>
    public bool NeedsTheHour { get; init; }
}

/// <summary>A batch as the scheduler sees it. Times are whole minutes from the schedule's start.</summary>
/// <param name="Key">Names it through edits.</param>
/// <param name="Blocks">In order; gaps between them do no harm.</param>
/// <param name="Container">Held from its first stretch to <paramref name="HoldUntil"/>, or its end when that is later.</param>
/// <param name="Due">When it is wanted.</param>
/// <param name="NotBefore">It may not begin sooner.</param>
/// <param name="HoldUntil">Until when the container keeps it.</param>
/// <param name="First">Whether it goes before all others: begun already, or put there by hand.</param>
internal sealed record Job(
    string Key,
    IReadOnlyList<Block> Blocks,
    string? Container,
    int Due,
    int NotBefore = 0,
    int HoldUntil = 0,
    bool First = false
)
{
    public int Minutes { get; } = Blocks.Sum(b => b.Minutes);

    public int HandsMinutes { get; } = Blocks.Sum(b => b.Segments.Where(s => s.Hands).Sum(s => s.Minutes));
}

/// <summary>Jobs, and how many pairs of hands there are.</summary>
/// <param name="Jobs">The batches.</param>
/// <param name="People">Pairs of hands, at least 1.</param>
/// <param name="Quiet">Stretches in which nobody works, from and until, in order.</param>
internal sealed record ShopProblem(IReadOnlyList<Job> Jobs, int People, IReadOnlyList<(int From, int Until)> Quiet);

/// <summary>When every block starts.</summary>
/// <param name="Starts">By job and block.</param>
/// <param name="Ready">When each job ends.</param>
internal sealed record ShopSolution(int[][] Starts, int[] Ready)
{
    public long LateMinutes(ShopProblem problem)
    {
        long late = 0;
        for (var j = 0; j < Ready.Length; j++)
        {
            late += Math.Max(0, Ready[j] - problem.Jobs[j].Due);
        }

        return late;
    }

    public int Makespan => Ready.Length == 0 ? 0 : Ready.Max();
}
