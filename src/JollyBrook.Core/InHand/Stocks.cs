using JollyBrook.Core.Barriers;
using JollyBrook.Core.Book;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>
/// What is left of each supply, and what is suspect, by batches and lines. What is counted or weighed outranks what is reckoned.
/// </summary>
internal sealed class Stocks
{
    private readonly Dictionary<Guid, Stock> _all = [];

    public Stocks(IEnumerable<KitEntry> kit)
    {
        foreach (var entry in kit.Where(e => e.Item is not null && Guid.TryParse(e.Id, out _)))
        {
            _all.TryAdd(Guid.Parse(entry.Id!), new Stock(entry));
        }
    }

    public void Restore(IEnumerable<StockShot> shots)
    {
        foreach (var shot in shots)
        {
            if (_all.TryGetValue(shot.Id, out var stock))
            {
                stock.Restore(shot);
            }
        }
    }

    public IReadOnlyList<StockShot> Shots() => [.. _all.OrderBy(s => s.Key).Where(s => s.Value.IsTold).Select(s => s.Value.Shot(s.Key))];

    /// <summary>What a step uses up goes, or comes back.</summary>
    public void Use(KeptBatch batch, StepUse use)
    {
        var (step, share) = use;
        if (step.Kind == StepKind.Melt && batch.Use is { MeltG: { } melted, MeltStoveId: { } on } && Find(on) is { } stove)
        {
            stove.Burn(share * melted);
        }

        if (
            step.Kind == StepKind.Clear
            && batch.Use is { LayeredL: { } layeredL, LayeredId: { } through }
            && Find(through) is { Item: MakeshiftFilter } layered
        )
        {
            layered.Pour(share * layeredL);
        }

        foreach (var stock in (batch.Method ?? "").Split('+').Select(m => Guid.TryParse(m, out var id) ? Find(id) : null).OfType<Stock>())
        {
            switch (step.Kind, stock.Item)
            {
                case (StepKind.Dose, ChemicalProduct { Product: { } product }) when batch.Use?.DoseUnits is { } units:
                    stock.Spend(share * Doses(product, units));
                    break;
                case (StepKind.Light, UvLamp) when batch.Use?.LampCycles is { } cycles:
                    stock.Spend(share * cycles);
                    break;
                case (StepKind.Heat, Stove) when batch.Use?.FuelG is { } fuel:
                    stock.Burn(share * fuel);
                    break;
                case (StepKind.Filter, WaterFilter) when batch.VolumeL is { } litres:
                    stock.Through(share * litres, batch.Clarity);
                    break;
                default:
                    break;
            }
        }
    }

    public void Take(BookLine line, Guid by)
    {
        switch (line)
        {
            case Counted { ItemId: { } id, Left: { } left } when Find(id) is { } stock:
                stock.Set(left);
                break;
            case Charged { ItemId: { } id, CyclesLeft: { } cycles } when Find(id) is { } stock:
                stock.Set(cycles);
                break;
            case CanisterWeighed { ItemId: { } id, FuelLeftG: { } fuel } when Find(id) is { } stock:
                stock.Set(fuel);
                stock.ReckonedG = 0;
                break;
            case FuelBurnt { ItemId: { } id, FuelG: { } burnt } when Find(id) is { } stock:
                // Weighed before and after: what was reckoned since the last weighing is not counted beside it.
                stock.Spend(burnt - stock.ReckonedG);
                stock.ReckonedG = 0;
                break;
            case Mishap { ItemId: { } id } mishap when Find(id) is { Item: WaterFilter } stock:
                stock.Befall(mishap.What, by);
                break;
            case Mishap { ItemId: { } id, What: MishapKind.RunsCloudy } when Find(id) is { Item: MakeshiftFilter } stock:
                stock.RunCloudy(by);
                break;
            case FilterServiced { ItemId: { } id, Service: FilterService.NewElement } when Find(id) is { Item: MakeshiftFilter } stock:
                stock.Rebuild();
                break;
            case GuardedFromFrost { ItemId: { } id } guarded when Find(id) is { } stock:
                stock.Guard(guarded.At!.Value);
                break;
            case StayedWarm { ItemId: { } id } warm when Find(id) is { } stock:
                stock.StayWarm(warm.At!.Value);
                break;
            case FilterLookedOver { ItemId: { } id, Filter: { } told } when Find(id) is { Item: WaterFilter } stock:
                stock.LookOver(told, by);
                break;
            case FilterServiced { ItemId: { } id } service when Find(id) is { Item: WaterFilter } stock:
                stock.Service(service, by);
                break;
            default:
                break;
        }
    }

    /// <summary>A night froze, or may have: what is wet, and was not told to have stayed warm, may have frozen.</summary>
    public void Sleep(FrostNight night)
    {
        foreach (var stock in _all.Where(s => night.ItemId is null || s.Key == night.ItemId).Select(s => s.Value))
        {
            stock.Sleep(night);
        }
    }

    /// <summary>A piece of kit as it is now.</summary>
    public StockNow Now(Guid id, KitEntry entry)
    {
        var stock = _all[id];
        return new StockNow(
            entry with
            {
                Left = stock.Left is { } left ? Math.Max(0, left) : null,
                Filter = stock.Item is WaterFilter ? stock.Filter : null,
                Layers = stock.Item is MakeshiftFilter ? stock.Layers : null,
            },
            stock.SuspectSince,
            stock.AskedSince,
            stock.GuardedAt
        );
    }

    private Stock? Find(Guid id) => _all.GetValueOrDefault(id);

    private static double Doses(ProductSpec product, double units) =>
        product.Profile.Form == ProductForm.Tablet ? units : units / product.DropsPerMl;

    private sealed class Stock(KitEntry entry)
    {
        public KitItem Item { get; } = entry.Item!;

        /// <summary>Whether anything was said of it.</summary>
        public bool IsTold { get; private set; }

        public double? Left { get; private set; } = entry.Left;

        public double ReckonedG { get; set; }

        public FilterState Filter { get; private set; } = entry.Filter ?? FilterState.NotKnown;

        public LayersState Layers { get; private set; } = entry.Layers ?? LayersState.New;

        public Guid? SuspectSince { get; private set; }

        /// <summary>When it was last put away warm.</summary>
        public DateTimeOffset? GuardedAt { get; private set; }

        /// <summary>Since the end of which night nobody has said whether it stayed warm; null when nothing is open.</summary>
        public DateTimeOffset? AskedSince { get; private set; }

        private DateTimeOffset? WarmAt { get; set; }

        private double SinceServiceL { get; set; }

        /// <summary>Whether a mishap or a failed check stands against it: no later telling by its owner outweighs that.</summary>
        private bool IsStruck { get; set; }

        private FilterElementInfo Element => FilterElements.Of((Item as WaterFilter)?.Filter?.Element ?? FilterElement.HollowFibre);

        public void Restore(StockShot shot)
        {
            (IsTold, Left, ReckonedG, SinceServiceL, Filter, SuspectSince, IsStruck) = (
                true,
                shot.Left,
                shot.ReckonedG,
                shot.SinceServiceL,
                shot.Filter,
                shot.SuspectSince,
                shot.IsStruck
            );
            (GuardedAt, WarmAt, AskedSince, Layers) = (shot.GuardedAt, shot.WarmAt, shot.AskedSince, shot.Layers ?? LayersState.New);
        }

        public StockShot Shot(Guid id) =>
            new(
                Id: id,
                Left: Left,
                ReckonedG: ReckonedG,
                SinceServiceL: SinceServiceL,
                Filter: Filter,
                SuspectSince: SuspectSince,
                IsStruck: IsStruck,
                GuardedAt: GuardedAt,
                WarmAt: WarmAt,
                AskedSince: AskedSince,
                Layers: Item is MakeshiftFilter ? Layers : null
            );

        public void Guard(DateTimeOffset at) => (GuardedAt, IsTold) = (at, true);

        /// <summary>No frost came near it until now: that settles every night nobody had told of, and no mishap.</summary>
        public void StayWarm(DateTimeOffset at)
        {
            (WarmAt, IsTold) = (at, true);
            if (AskedSince is not null)
            {
                Filter = Filter with { Frozen = IsStruck ? Filter.Frozen : Happened.No };
                AskedSince = null;
            }
        }

        public void Sleep(FrostNight night)
        {
            if (
                Item is WaterFilter filter
                && Filter.Frozen == Happened.No
                && FilterCredit.IsSpoiledByFrost(filter.Filter, Filter)
                && !(WarmAt >= night.From)
            )
            {
                IsTold = true;
                Filter = Filter with { Frozen = Happened.Unknown };
                AskedSince ??= night.To;
            }
        }

        public void Set(double left) => (Left, IsTold) = (left, true);

        /// <summary>Fuel that nobody weighed.</summary>
        public void Burn(double grams)
        {
            Spend(grams);
            ReckonedG += grams;
        }

        public void Spend(double units) => (Left, IsTold) = (Left - units, true);

        public void Through(double litres, Clarity? clarity)
        {
            IsTold = true;
            SinceServiceL += litres;
            Filter = Filter.After(litres, clarity);
        }

        public void Pour(double litres) => (Layers, IsTold) = (Layers with { UsedL = Math.Max(0, Layers.UsedL + litres) }, true);

        public void RunCloudy(Guid by)
        {
            (Layers, IsTold) = (Layers with { RunsCloudy = true }, true);
            SuspectSince ??= by;
        }

        public void Rebuild() => (Layers, SuspectSince, IsTold) = (LayersState.New, null, true);

        public void Befall(MishapKind? what, Guid by)
        {
            Filter = what == MishapKind.Dropped ? Filter with { Dropped = Happened.Yes } : Filter with { Frozen = Happened.Yes };
            (IsTold, IsStruck, AskedSince) = (true, true, null);
            SuspectSince ??= by;
        }

        /// <summary>What its owner knows of it: all of it, except that what the log says befell it stays.</summary>
        public void LookOver(FilterState told, Guid by)
        {
            IsTold = true;
            SinceServiceL = 0;
            AskedSince = null;
            Filter = IsStruck
                ? told with
                {
                    Frozen = Worse(Filter.Frozen, told.Frozen),
                    Dropped = Worse(Filter.Dropped, told.Dropped),
                    Wetted = Filter.Wetted == Happened.Yes ? Happened.Yes : told.Wetted,
                }
                : told;
            SuspectSince =
                IsStruck ? SuspectSince
                : told.Frozen == Happened.Yes || told.Dropped == Happened.Yes ? SuspectSince ?? by
                : null;
        }

        public void Service(FilterServiced line, Guid by)
        {
            IsTold = true;
            // What went through without a batch of its own is told at the service.
            var told =
                line.Litres is { } litres && litres > SinceServiceL
                    ? Filter with
                    {
                        UsedL = Filter.UsedL + litres - SinceServiceL,
                    }
                    : Filter;
            SinceServiceL = 0;
            switch (line.Service)
            {
                case FilterService.BackFlush or FilterService.Scrub:
                    var served = told.Wear(Element).AfterService;
                    Filter = told with { LostShare = served.LostShare, ClogLoadLNtu = served.LoadLNtu };
                    break;
                case FilterService.NewElement:
                    Filter = new FilterState(
                        UsedL: 0,
                        ClogLoadLNtu: 0,
                        LostShare: 0,
                        Wetted: Happened.No,
                        Frozen: Happened.No,
                        Dropped: Happened.No,
                        NewOrStored: true
                    );
                    (SuspectSince, IsStruck, AskedSince) = (null, false, null);
                    break;
                default:
                    // Air that passes a wet element is a hole; air that does not clears nothing (handbook room 50).
                    Filter = line.Passed == false ? told with { Frozen = Happened.Yes, Wetted = Happened.Yes } : told;
                    SuspectSince = line.Passed == false ? SuspectSince ?? by : SuspectSince;
                    IsStruck |= line.Passed == false;
                    break;
            }
        }

        private static Happened? Worse(Happened? before, Happened? told) => before == Happened.Yes ? Happened.Yes : told;
    }
}
