using JollyBrook.Core.Barriers;
using JollyBrook.Core.Book;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>What is left of each supply, and what is suspect, by batches and lines. What is counted or weighed outranks what is reckoned.</summary>
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

    public IReadOnlyList<StockShot> Shots() =>
        [.. _all.OrderBy(s => s.Key).Where(s => s.Value.IsTold).Select(s => s.Value.Shot(s.Key))];

    /// <summary>What a step uses up goes, or comes back.</summary>
    public void Use(KeptBatch batch, StepUse use)
    {
        var (step, share) = use;
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
                    stock.Spend(share * fuel);
                    stock.ReckonedG += share * fuel;
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

    /// <summary>A piece of kit as it is now, and the line since which it is suspect.</summary>
    public (KitEntry Entry, Guid? SuspectSince) Now(Guid id, KitEntry entry)
    {
        var stock = _all[id];
        return (entry with { Left = stock.Left is { } left ? Math.Max(0, left) : null, Filter = stock.Item is WaterFilter ? stock.Filter : null }, stock.SuspectSince);
    }

    private Stock? Find(Guid id) => _all.GetValueOrDefault(id);

    private static double Doses(ProductSpec product, double units) => product.Profile.Form == ProductForm.Tablet ? units : units / product.DropsPerMl;

    private sealed class Stock(KitEntry entry)
    {
        public KitItem Item { get; } = entry.Item!;

        /// <summary>Whether anything was said of it.</summary>
        public bool IsTold { get; private set; }

        public double? Left { get; private set; } = entry.Left;

        public double ReckonedG { get; set; }

        public FilterState Filter { get; private set; } = entry.Filter ?? FilterState.NotKnown;

        public Guid? SuspectSince { get; private set; }

        private double SinceServiceL { get; set; }

        /// <summary>Whether a mishap or a failed check stands against it: no later telling by its owner outweighs that.</summary>
        private bool IsStruck { get; set; }

        private double ClogLNtu => FilterElements.Of((Item as WaterFilter)?.Filter?.Element ?? FilterElement.HollowFibre).ClogLNtu;

        public void Restore(StockShot shot) =>
            (IsTold, Left, ReckonedG, SinceServiceL, Filter, SuspectSince, IsStruck) = (true, shot.Left, shot.ReckonedG, shot.SinceServiceL, shot.Filter, shot.SuspectSince, shot.IsStruck);

        public StockShot Shot(Guid id) => new(id, Left, ReckonedG, SinceServiceL, Filter, SuspectSince, IsStruck);

        public void Set(double left) => (Left, IsTold) = (left, true);

        public void Spend(double units) => (Left, IsTold) = (Left - units, true);

        public void Through(double litres, Clarity? clarity)
        {
            IsTold = true;
            SinceServiceL += litres;
            Filter = Filter.After(litres, clarity);
        }

        public void Befall(MishapKind? what, Guid by)
        {
            Filter = what == MishapKind.Dropped ? Filter with { Dropped = Happened.Yes } : Filter with { Frozen = Happened.Yes };
            (IsTold, IsStruck) = (true, true);
            SuspectSince ??= by;
        }

        /// <summary>What its owner knows of it: all of it, except that what the log says befell it stays.</summary>
        public void LookOver(FilterState told, Guid by)
        {
            IsTold = true;
            SinceServiceL = 0;
            Filter = IsStruck
                ? told with { Frozen = Worse(Filter.Frozen, told.Frozen), Dropped = Worse(Filter.Dropped, told.Dropped), Wetted = Filter.Wetted == Happened.Yes ? Happened.Yes : told.Wetted }
                : told;
            SuspectSince = IsStruck ? SuspectSince : told.Frozen == Happened.Yes || told.Dropped == Happened.Yes ? SuspectSince ?? by : null;
        }

        public void Service(FilterServiced line, Guid by)
        {
            IsTold = true;
            // What went through without a batch of its own is told at the service.
            var told = line.Litres is { } litres && litres > SinceServiceL ? Filter with { UsedL = Filter.UsedL + litres - SinceServiceL } : Filter;
            SinceServiceL = 0;
            switch (line.Service)
            {
                case FilterService.BackFlush or FilterService.Scrub:
                    Filter = told with { LostShare = FilterFlow.LostAfterService(told.LostShare ?? 0, told.ClogLoadLNtu ?? ClogLNtu, ClogLNtu), ClogLoadLNtu = 0 };
                    break;
                case FilterService.NewElement:
                    Filter = new FilterState(0, 0, 0, Happened.No, Happened.No, Happened.No, true);
                    (SuspectSince, IsStruck) = (null, false);
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
