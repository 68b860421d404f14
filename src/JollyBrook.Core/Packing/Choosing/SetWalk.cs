using JollyBrook.Core.Barriers;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Packing.Choosing;

/// <summary>
/// Walks sets of pieces through the trip's batches with the plan's own choice at each. What a chain does to a batch is asked of Treat's
/// engine once and kept for all sets; only a filter that has clogged meanwhile is asked about anew.
/// </summary>
internal sealed class SetWalk
{
    private readonly IReadOnlyList<TripBatch> _batches;
    private readonly IReadOnlyList<KitEntry> _others;
    private readonly List<(KitEntry Entry, int Mask)> _pieces = [];
    private readonly Dictionary<string, int> _index = [];
    private readonly Dictionary<(int Batch, double Litres), Row[]> _tables = [];
    private readonly Dictionary<(Row Row, double? UsedL, double? Clog), Chain?> _clogged = [];

    public SetWalk(IReadOnlyList<TripBatch> batches, IReadOnlyList<KitEntry> others, IReadOnlyList<Candidate> candidates)
    {
        (_batches, _others) = (batches, others);
        for (var c = 0; c < candidates.Count; c++)
        {
            foreach (var entry in candidates[c].Entries)
            {
                _index.Add(entry.Id!, _pieces.Count);
                _pieces.Add((entry, 1 << c));
            }
        }
    }

    /// <summary>A chain on a batch, as it is with everything new.</summary>
    /// <param name="Chain">The chain.</param>
    /// <param name="Pieces">The pieces it uses, in the order of its uses.</param>
    /// <param name="Mask">The candidates it needs.</param>
    /// <param name="Filter">Of the pieces the filter; −1 without one.</param>
    /// <param name="Batch">The batch.</param>
    /// <param name="Litres">So many litres of it.</param>
    private sealed record Row(Chain Chain, int[] Pieces, int Mask, int Filter, int Batch, double Litres);

    /// <param name="mask">Which candidates are taken.</param>
    public WalkedSet Walk(int mask)
    {
        var walked = Walk(mask, [.. _pieces.Select(p => p.Entry)]);
        if (walked.RanShort)
        {
            // What would be taken of each if there were plenty: more than there is ends on the way, whatever takes over then.
            var wanted = Walk(mask, [.. _pieces.Select(p => p.Entry.WithPlenty)]);
            walked.SomethingEnds = _pieces.Zip(wanted.Used).Any(p => p.First.Entry.Left < p.Second);
        }

        return walked;
    }

    private WalkedSet Walk(int mask, KitEntry[] state)
    {
        var walked = new WalkedSet(new double[_pieces.Count]);
        for (var b = 0; b < _batches.Count; b++)
        {
            var batch = _batches[b];
            var pot = batch.BoilL > 0 ? Best(b, batch.BoilL, mask, state, walked, FillChoice.IsForThePot) : null;
            if (pot is not null)
            {
                Take(walked, state, batch, pot, batch.BoilL, isDrunkFresh: false);
            }

            var litres = pot is null ? FillTreatment.Measured(batch.DoseL + batch.BoilL) : batch.DoseL;
            if (litres <= 0)
            {
                continue;
            }

            if (Best(b, litres, mask, state, walked, FillChoice.IsForDrinking) is { } best)
            {
                Take(walked, state, batch, best, litres, isDrunkFresh: true);
            }
            else
            {
                walked.GapAt ??= batch.At;
            }
        }

        return walked;
    }

    private void Take(WalkedSet walked, KitEntry[] state, TripBatch batch, Chain chain, double litres, bool isDrunkFresh)
    {
        walked.WorkMinutes += chain.HandsOnMinutes;
        if (walked.GapAt is null)
        {
            walked.TreatedL += litres;
        }

        // What only boils for the meal is eaten hot: it is waited for by nobody, and tastes of the meal.
        if (isDrunkFresh)
        {
            var wait = Math.Max(0, FillChoice.Minutes(chain) - chain.HandsOnMinutes);
            if (walked.WaitAt is null || wait > walked.WaitMinutes)
            {
                (walked.WaitMinutes, walked.WaitAt) = (wait, batch.At);
            }

            walked.Taste = (Taste)Math.Max((int)walked.Taste, (int)chain.Taste);
            walked.Ways[chain.Name] = walked.Ways.GetValueOrDefault(chain.Name) + litres;
        }

        foreach (var use in chain.Uses)
        {
            var piece = _index[use.Id];
            walked.Used[piece] += use.Used;
            state[piece] = state[piece].After(use.Used, litres, batch.Clarity);
        }
    }

    /// <summary>What a whole walk took of each piece, with the piece.</summary>
    public IEnumerable<(KitEntry Entry, double Used)> Used(WalkedSet walked) =>
        _pieces.Zip(walked.Used).Select(p => (p.First.Entry, p.Second));

    private Chain? Best(int batch, double litres, int mask, KitEntry[] state, WalkedSet walked, Func<Chain, bool> may)
    {
        if (!_tables.TryGetValue((batch, litres), out var rows))
        {
            _tables.Add((batch, litres), rows = Table(batch, litres));
        }

        Chain? best = null;
        (bool, bool, bool, int, double, double) least = default;
        KitItem? ItemOf(string id) => _pieces[_index[id]].Entry.Item;
        foreach (var row in rows)
        {
            if ((row.Mask & ~mask) != 0 || AsItIs(row, state) is not { Refusal: null, Minutes: not null } chain || !may(chain))
            {
                continue;
            }

            if (!IsEnough(row, chain, state))
            {
                walked.RanShort = true;
                continue;
            }

            var precedence = FillChoice.Precedence(chain, _batches[batch].Prefer, ItemOf);
            if (best is null || precedence.CompareTo(least) < 0)
            {
                (best, least) = (chain, precedence);
            }
        }

        return best;
    }

    private Chain? AsItIs(Row row, KitEntry[] state)
    {
        if (row.Filter < 0 || state[row.Filter].Filter == _pieces[row.Filter].Entry.Filter)
        {
            return row.Chain;
        }

        var filter = state[row.Filter].Filter!;
        var key = (row, filter.UsedL, filter.ClogLoadLNtu);
        if (!_clogged.TryGetValue(key, out var chain))
        {
            var kit = _others
                .Concat(
                    _pieces
                        .Where(p => (p.Mask & row.Mask) != 0)
                        .Select(p => p.Entry.Id == state[row.Filter].Id ? state[row.Filter] : p.Entry)
                )
                .ToList();
            _clogged.Add(
                key,
                chain = Chains.All(Situation.Of(_batches[row.Batch].Ask(row.Litres, kit))).FirstOrDefault(c => c.Id == row.Chain.Id)
            );
        }

        return chain;
    }

    private Row[] Table(int batch, double litres)
    {
        var situation = Situation.Of(_batches[batch].Ask(litres, [.. _others, .. _pieces.Select(p => p.Entry)]));
        return
        [
            .. from chain in Chains.All(situation)
            where
                chain.Refusal is null
                && chain.Minutes is not null
                && chain.Melt is not { Stove: null }
                && chain.Uses.All(u => _index.ContainsKey(u.Id))
            let pieces = chain.Uses.Select(u => _index[u.Id]).ToArray()
            select new Row(
                chain,
                pieces,
                pieces.Aggregate(0, (all, p) => all | _pieces[p].Mask),
                pieces.Where(p => _pieces[p].Entry.Item is WaterFilter).DefaultIfEmpty(-1).First(),
                batch,
                litres
            ),
        ];
    }

    private bool IsEnough(Row row, Chain chain, KitEntry[] state)
    {
        for (var i = 0; i < row.Pieces.Length; i++)
        {
            // A filter's life is the chain's own figure: the element it was asked about is the one that has clogged.
            var use =
                _pieces[row.Pieces[i]].Entry.Item is WaterFilter ? chain.Uses[i] : chain.Uses[i] with { Left = state[row.Pieces[i]].Left };
            if (!use.IsThere)
            {
                return false;
            }
        }

        return true;
    }
}

/// <summary>What a set comes to on the trip.</summary>
/// <param name="Used">What it took of each piece, in its own measure.</param>
internal sealed record WalkedSet(double[] Used)
{
    /// <summary>Hands-on, min.</summary>
    public double WorkMinutes { get; set; }

    /// <summary>The longest wait, min.</summary>
    public double WaitMinutes { get; set; }

    /// <summary>Where that is.</summary>
    public string? WaitAt { get; set; }

    /// <summary>The first water that nothing of it treats; null without one.</summary>
    public string? GapAt { get; set; }

    /// <summary>Whether some way was passed over because too little was left for it.</summary>
    public bool RanShort { get; set; }

    /// <summary>Whether some supply ends on the way.</summary>
    public bool SomethingEnds { get; set; }

    /// <summary>Treated until then, L.</summary>
    public double TreatedL { get; set; }

    /// <summary>The worst.</summary>
    public Taste Taste { get; set; }

    /// <summary>Litres by each way.</summary>
    public Dictionary<string, double> Ways { get; } = [];
}
