using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Carry;

/// <summary>A walk's fills treated one after another, each with what those before it have left of the kit (handbook room 70).</summary>
internal sealed class TreatedWalk
{
    private readonly Dictionary<PlannedFill, TreatedFill> _treated = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<string, double> _used = [];

    private TreatedWalk(PlanSetup setup, IReadOnlyList<PlannedFill> fills, IReadOnlyList<KitEntry> kit)
    {
        Kit = kit;
        foreach (var fill in fills.Where(f => FillTreatment.Measured(f.TakenL) > 0 && f.Water.Source is { NeedsNoTreatment: false }))
        {
            if (setup.Treatment.Of(fill.Water, fill.TakenL, BoilL(setup, fill), Kit) is { } treated)
            {
                _treated[fill] = treated;
                Spend(treated, fill);
            }
            else if (setup.Treatment.CanTell)
            {
                Untreated.Add(fill);
            }
        }
    }

    /// <summary>Litres of it melted from snow.</summary>
    public double SnowL => _treated.Values.Sum(t => t.SnowL);

    /// <summary>What is left of the kit at the end.</summary>
    public IReadOnlyList<KitEntry> Kit { get; private set; }

    /// <summary>Fills that nothing left of the kit treats.</summary>
    public List<PlannedFill> Untreated { get; } = [];

    /// <summary>What the whole walk takes of each piece of kit, in its own measure.</summary>
    public IReadOnlyDictionary<string, double> Used => _used;

    public static TreatedWalk Of(PlanSetup setup, IReadOnlyList<PlannedFill> fills) => new(setup, fills, setup.Treatment.Kit);

    /// <summary>The same walk if there were more than enough of everything that runs out.</summary>
    public static TreatedWalk WithPlenty(PlanSetup setup, IReadOnlyList<PlannedFill> fills) =>
        new(setup, fills, [.. setup.Treatment.Kit.Select(e => e.WithPlenty)]);

    /// <summary>How a fill is treated; null for what is drunk as it comes, without a kit, or where nothing left treats it.</summary>
    public TreatedFill? Of(PlannedFill fill) => _treated.GetValueOrDefault(fill);

    /// <summary>What of a fill goes to the pot alone, L: the camp's meals and hot drinks.</summary>
    public static double BoilL(PlanSetup setup, PlannedFill fill) =>
        fill.OnTheSpotL > 0
            ? Math.Min(Math.Min(fill.TakenL, fill.OnTheSpotL), setup.Party.BoilL(setup.Line.Timeline.Days[fill.At.Day].Day))
            : 0;

    private void Spend(TreatedFill treated, PlannedFill fill)
    {
        foreach (var use in treated.Uses)
        {
            _used[use.Id] = _used.GetValueOrDefault(use.Id) + use.Used;
        }

        Kit = [.. Kit.Select(e => FillTreatment.After(e, treated.Uses, fill.Water.Source!.Clarity))];
    }
}
