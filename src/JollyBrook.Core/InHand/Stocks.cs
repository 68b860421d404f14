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
        foreach (var (id, item) in kit.Where(e => e.Item is not null && Guid.TryParse(e.Id, out _)).Select(e => (Guid.Parse(e.Id!), e.Item!)))
        {
            _all.TryAdd(id, new Stock(item));
        }
    }

    public void Restore(IEnumerable<StockShot> shots)
    {
        foreach (var shot in shots)
        {
            if (_all.TryGetValue(shot.Id, out var stock))
            {
                stock.IsTold = true;
                (stock.Left, stock.ReckonedG, stock.SinceServiceL, stock.Filter, stock.SuspectSince) = (shot.Left, shot.ReckonedG, shot.SinceServiceL, shot.Filter, shot.SuspectSince);
            }
        }
    }

    public IReadOnlyList<StockShot> Shots() =>
        [.. _all.OrderBy(s => s.Key).Where(s => s.Value.IsTold || s.Value.Filter is not null).Select(s => new StockShot(s.Key, s.Value.Left, s.Value.ReckonedG, s.Value.SinceServiceL, s.Value.Filter, s.Value.SuspectSince))];

    /// <summary>What a step uses up goes, or comes back.</summary>
    public void Use(KeptBatch batch, StepUse use, DateTimeOffset at)
    {
        var (step, share) = use;
        foreach (var stock in (batch.Method ?? "").Split('+').Select(m => Guid.TryParse(m, out var id) ? Find(id, at) : null).OfType<Stock>())
        {
            switch (step.Kind, stock.Item.Kind)
            {
                case (StepKind.Dose, KitItemKind.Product) when batch.Use?.DoseUnits is { } units:
                    stock.Spend(share * Doses(stock.Item.Product!, units));
                    break;
                case (StepKind.Light, KitItemKind.Lamp) when batch.Use?.LampCycles is { } cycles:
                    stock.Spend(share * cycles);
                    break;
                case (StepKind.Heat, KitItemKind.Burner) when batch.Use?.FuelG is { } fuel:
                    stock.Spend(share * fuel);
                    stock.ReckonedG += share * fuel;
                    break;
                case (StepKind.Filter, KitItemKind.Filter) when batch.VolumeL is { } litres:
                    stock.Through(share * litres, Turbidity.WorstOf(FieldWater.Counted(batch.Clarity)));
                    break;
                default:
                    break;
            }
        }
    }

    public void Take(BookLine line, Guid by)
    {
        var at = line.At!.Value;
        switch (line)
        {
            case Counted { ItemId: { } id, Left: { } left } when Find(id, at) is { } stock:
                stock.Set(left);
                break;
            case Charged { ItemId: { } id, CyclesLeft: { } cycles } when Find(id, at) is { } stock:
                stock.Set(cycles);
                break;
            case CanisterWeighed { ItemId: { } id, FuelLeftG: { } fuel } when Find(id, at) is { } stock:
                stock.Set(fuel);
                stock.ReckonedG = 0;
                break;
            case FuelBurnt { ItemId: { } id, FuelG: { } burnt } when Find(id, at) is { } stock:
                // Weighed before and after: what was reckoned since the last weighing is not counted beside it.
                stock.Spend(burnt - stock.ReckonedG);
                stock.ReckonedG = 0;
                break;
            case Mishap { ItemId: { } id } mishap when Find(id, at) is { Filter: not null } stock:
                stock.Befall(mishap.What, by);
                break;
            case FilterServiced { ItemId: { } id } service when Find(id, at) is { Filter: not null } stock:
                stock.Service(service, by);
                break;
            default:
                break;
        }
    }

    /// <summary>A piece of kit as it is now.</summary>
    public (KitItem Item, Guid? SuspectSince) Now(Guid id, KitItem item)
    {
        var stock = _all[id];
        var left = stock.Left is { } l ? Math.Max(0, l) : (double?)null;
        return (item with
        {
            Product = item.Product is { } product ? product with { Left = left } : null,
            Lamp = item.Lamp is { } lamp ? lamp with { CyclesLeft = left } : null,
            Burner = item.Burner is { } burner ? burner with { FuelLeftG = left } : null,
            Extra = item.Extra is { } extra ? extra with { PortionsLeft = left } : null,
            Filter = stock.Filter,
        }, stock.SuspectSince);
    }

    /// <summary>What happened before a thing was last counted in the kit is in that count.</summary>
    private Stock? Find(Guid id, DateTimeOffset at) => _all.TryGetValue(id, out var stock) && !(at <= stock.Item.CountedTo) ? stock : null;

    private static double Doses(ProductSpec product, double units) => product.Profile.Form == ProductForm.Tablet ? units : units / product.DropsPerMl;

    private sealed class Stock(KitItem item)
    {
        public KitItem Item { get; } = item;

        /// <summary>Whether anything was said of it.</summary>
        public bool IsTold { get; set; }

        public double? Left { get; set; } = item.Product?.Left ?? item.Lamp?.CyclesLeft ?? item.Burner?.FuelLeftG ?? item.Extra?.PortionsLeft;

        public double ReckonedG { get; set; }

        public double SinceServiceL { get; set; }

        public FilterSpec? Filter { get; set; } = item.Filter;

        public Guid? SuspectSince { get; set; }

        public void Set(double left) => (Left, IsTold) = (left, true);

        public void Spend(double units) => (Left, IsTold) = (Left - units, true);

        public void Through(double litres, double ntu)
        {
            SinceServiceL += litres;
            Filter = Filter! with
            {
                UsedL = Filter.UsedL + litres, ClogLoadLNtu = Filter.ClogLoadLNtu + (litres * ntu), Wetted = Happened.Yes, NewOrStored = false,
            };
        }

        public void Befall(MishapKind? what, Guid by)
        {
            Filter = what == MishapKind.Dropped ? Filter! with { Dropped = Happened.Yes } : Filter! with { Frozen = Happened.Yes };
            SuspectSince ??= by;
        }

        public void Service(FilterServiced line, Guid by)
        {
            // What went through without a batch of its own is told at the service.
            var told = line.Litres is { } litres && litres > SinceServiceL ? Filter! with { UsedL = Filter.UsedL + litres - SinceServiceL } : Filter!;
            var clog = FilterElements.Of(told.Element ?? FilterElement.HollowFibre).ClogLNtu;
            SinceServiceL = 0;
            switch (line.Service)
            {
                case FilterService.BackFlush or FilterService.Scrub:
                    Filter = told with { LostShare = FilterFlow.LostAfterService(told.LostShare ?? 0, told.ClogLoadLNtu ?? clog, clog), ClogLoadLNtu = 0 };
                    break;
                case FilterService.NewElement:
                    Filter = told with { UsedL = 0, LostShare = 0, ClogLoadLNtu = 0, Frozen = Happened.No, Dropped = Happened.No, Wetted = Happened.No, NewOrStored = true };
                    SuspectSince = null;
                    break;
                default:
                    // Air that passes a wet element is a hole; air that does not clears nothing (handbook room 50).
                    Filter = line.Passed == false ? told with { Frozen = Happened.Yes, Wetted = Happened.Yes } : told;
                    SuspectSince = line.Passed == false ? SuspectSince ?? by : SuspectSince;
                    break;
            }
        }
    }
}
