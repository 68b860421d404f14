using JollyBrook.Core.Book;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Learning;

/// <summary>What batches and the book used up is taken off what is left, each use once.</summary>
internal static class SupplyLearning
{
    public static IEnumerable<Proposal> Of(LearnRequest request, TripBook book, Speaker say)
    {
        foreach (var (id, item) in KitEntry.Carried(request.Kit).Select(e => (e.Id!, e.Item!)))
        {
            var batches = (request.Batches ?? []).Where(b => b is { At: { } at } && IsNew(at, item, request) && (b.Method ?? "").Split('+').Contains(id)).OrderBy(b => b.At).ToList();
            var lines = new[] { BookEntryKind.FilterService, BookEntryKind.Mishap, BookEntryKind.FuelUsed }.SelectMany(book.Of)
                .Where(e => e.ItemId?.ToString() == id && IsNew(e.At!.Value, item, request)).OrderBy(e => e.At).ToList();
            if (batches.Count + lines.Count == 0 || After(item, batches, lines) is not { } next || next == item)
            {
                continue;
            }

            yield return new Proposal(
                $"item-{id}", ProposalKind.Supply, item.Name ?? "", DescribeItem.Words(item, say), DescribeItem.Words(next, say), Why(batches, lines, say), id,
                Item: next with { CountedTo = request.Now });
        }
    }

    private static bool IsNew(DateTimeOffset at, KitItem item, LearnRequest request) => (item.CountedTo is null || at > item.CountedTo) && at <= request.Now;

    private static KitItem? After(KitItem item, List<UsedBatch> batches, List<BookEntry> lines) => item switch
    {
        { Product: { Left: { } left } product } => item with { Product = product with { Left = Math.Max(0, left - Doses(product, batches)) } },
        { Lamp: { CyclesLeft: { } left } lamp } => item with { Lamp = lamp with { CyclesLeft = Math.Max(0, left - batches.Sum(b => b.LampCycles ?? 0)) } },
        { Burner: { FuelLeftG: { } left } burner } => item with { Burner = burner with { FuelLeftG = Math.Max(0, left - Fuel(batches, lines)) } },
        { Filter: { } filter } => item with { Filter = Through(filter, batches, lines) },
        _ => null,
    };

    private static double Doses(ProductSpec product, List<UsedBatch> batches)
    {
        var units = batches.Sum(b => b.DoseUnits ?? 0);
        var tablets = product.Profile.Form == ProductForm.Tablet;
        return tablets ? units : units / product.DropsPerMl;
    }

    /// <summary>What was weighed outranks what was reckoned.</summary>
    private static double Fuel(List<UsedBatch> batches, List<BookEntry> lines) =>
        lines.Exists(e => e.FuelG is not null) ? lines.Sum(e => e.FuelG ?? 0) : batches.Sum(b => b.FuelG ?? 0);

    private static FilterSpec Through(FilterSpec filter, List<UsedBatch> batches, List<BookEntry> lines)
    {
        var clog = FilterElements.Of(filter.Element!.Value).ClogLNtu;
        var since = 0.0;
        foreach (var (at, batch, line) in batches.Select(b => (b.At!.Value, (UsedBatch?)b, (BookEntry?)null)).Concat(lines.Select(e => (e.At!.Value, (UsedBatch?)null, (BookEntry?)e))).OrderBy(x => x.Item1))
        {
            if (batch is not null)
            {
                var litres = batch.VolumeL ?? 0;
                since += litres;
                filter = Pass(filter, litres, Turbidity.WorstOf(FieldWater.Counted(batch.Clarity)));
            }
            else if (line is { Kind: BookEntryKind.FilterService })
            {
                filter = Serviced(filter, line, clog, since);
                since = 0;
            }
            else if (line is { Kind: BookEntryKind.Mishap })
            {
                filter = line.Mishap == MishapKind.Froze ? filter with { Frozen = Happened.Yes } : filter with { Dropped = Happened.Yes };
            }
        }

        return filter;
    }

    private static FilterSpec Pass(FilterSpec filter, double litres, double ntu) => filter with
    {
        UsedL = filter.UsedL + litres, ClogLoadLNtu = filter.ClogLoadLNtu + (litres * ntu), Wetted = Happened.Yes, NewOrStored = false,
    };

    private static FilterSpec Serviced(FilterSpec filter, BookEntry line, double clogLNtu, double sinceL)
    {
        // What went through without a batch of its own is told at the service.
        var told = line.Litres is { } litres && litres > sinceL ? filter with { UsedL = filter.UsedL + litres - sinceL } : filter;
        return line.Service switch
        {
            FilterService.BackFlush or FilterService.Scrub => told with
            {
                LostShare = FilterFlow.LostAfterService(told.LostShare ?? 0, told.ClogLoadLNtu ?? clogLNtu, clogLNtu), ClogLoadLNtu = 0,
            },
            FilterService.NewElement => told with { UsedL = 0, LostShare = 0, ClogLoadLNtu = 0, Frozen = Happened.No, Dropped = Happened.No, Wetted = Happened.No, NewOrStored = true },
            _ => line.Passed == false ? told with { Frozen = Happened.Yes } : told,
        };
    }

    private static string Why(List<UsedBatch> batches, List<BookEntry> lines, Speaker say)
    {
        List<string> parts = [];
        if (batches.Count > 0)
        {
            parts.Add($"{batches.Count} {(batches.Count == 1 ? "batch" : "batches")}, {say.Of(Quantity.Volume, batches.Sum(b => b.VolumeL ?? 0))}");
        }

        if (lines.Count > 0)
        {
            parts.Add($"{lines.Count} {(lines.Count == 1 ? "line" : "lines")} of the book");
        }

        return $"{string.Join(" and ", parts)} since it was last counted.";
    }
}
