namespace JollyBrook.Core.Carry.Promise;

/// <summary>
/// What a walk remembers of sources that are met more than once, as in the evening and again in the morning: found dry they are dry, found
/// running they run. At most two at a time are remembered, those that are met again soonest; the others are looked at anew.
/// </summary>
internal sealed class SourceMemory
{
    /// <summary>What is remembered of a source.</summary>
    internal const int Unknown = 0,
        Dry = 1,
        Running = 2;

    /// <summary>So many sources at a time.</summary>
    private const int Slots = 2;

    /// <summary>Three for each slot; 0 is the one in which nothing is remembered.</summary>
    public const int States = 9;

    private static readonly int[] Place3 = [1, 3];

    private readonly int[][] _slotOf;
    private readonly bool[][] _isKeptAfter;
    private readonly bool[][] _isKeptBefore;

    public SourceMemory(PolicyProblem problem)
    {
        var places = problem.Places;
        _slotOf = [.. places.Select(p => p.Waters.Select(_ => -1).ToArray())];
        _isKeptBefore = [.. places.Select(_ => new bool[Slots])];
        _isKeptAfter = [.. places.Select(_ => new bool[Slots])];
        var taken = places.Select(_ => new bool[Slots]).ToArray();
        var met = Enumerable
            .Range(0, places.Count)
            .SelectMany(k => places[k].Waters.Select((w, j) => (k, j, w.Source)))
            .Where(m => m.Source >= 0)
            .GroupBy(m => m.Source)
            .Select(g => (Waters: g.ToList(), First: g.Min(m => m.k), Last: g.Max(m => m.k)))
            .Where(s => s.Last > s.First)
            .OrderBy(s => s.Last - s.First);
        foreach (var (waters, first, last) in met)
        {
            var slot = Enumerable.Range(0, Slots).FirstOrDefault(t => Enumerable.Range(first, last - first + 1).All(k => !taken[k][t]), -1);
            if (slot < 0)
            {
                continue;
            }

            foreach (var (k, j, _) in waters)
            {
                _slotOf[k][j] = slot;
            }

            for (var k = first; k <= last; k++)
            {
                taken[k][slot] = true;
                (_isKeptBefore[k][slot], _isKeptAfter[k][slot]) = (k > first, k < last);
            }
        }

        Here = [.. taken.Select(t => StatesOf(t))];
        Before = [.. _isKeptBefore.Select(t => StatesOf(t))];
        After = [.. _isKeptAfter.Select(t => StatesOf(t))];
    }

    /// <summary>
    /// For each place the states that may be while its waters are tried, in which it is reached, and in which it is left.
    /// </summary>
    public int[][] Here { get; }

    public int[][] Before { get; }

    public int[][] After { get; }

    /// <summary>Whether a state may be anywhere.</summary>
    public bool IsUsed(int state) => Array.Exists(Here, here => here.Contains(state));

    /// <summary>What is left of a state once a place is left.</summary>
    public int Left(int place, int state)
    {
        for (var t = 0; t < Slots; t++)
        {
            state = _isKeptAfter[place][t] ? state : With(state, t, Unknown);
        }

        return state;
    }

    /// <summary>What a state remembers of a water.</summary>
    public int Of(int place, int water, int state) => _slotOf[place][water] is >= 0 and var slot ? state / Place3[slot] % 3 : Unknown;

    /// <summary>A state in which a water was found so.</summary>
    public int Found(int place, int water, int state, int so) => _slotOf[place][water] is >= 0 and var slot ? With(state, slot, so) : state;

    private static int With(int state, int slot, int so) => state + ((so - (state / Place3[slot] % 3)) * Place3[slot]);

    private static int[] StatesOf(bool[] kept) =>
        [.. Enumerable.Range(0, States).Where(s => Enumerable.Range(0, Slots).All(t => kept[t] || s / Place3[t] % 3 == Unknown))];
}
