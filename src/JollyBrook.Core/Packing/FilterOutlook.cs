using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing;

/// <summary>How one filter will fare on a trip.</summary>
internal readonly record struct FilterOutlook(FindingState State, string Figure, string Fix)
{
    public static FilterOutlook Of(FilterSpec filter, FilterState been, KitTrip trip, Speaker say)
    {
        List<Assumption> ignored = [];
        var need = trip.Litres!.Value;
        if ((FilterCredit.Frozen(filter, been, ignored) ?? FilterCredit.Dropped(filter, been, ignored)) is { } suspect)
        {
            var happened = been.Frozen == Happened.Yes || been.Dropped == Happened.Yes;
            return new(happened ? FindingState.Fails : FindingState.Unknown, suspect, "Replace the element, or enter that it was guarded.");
        }

        if (filter.RatedLifeL is not { } life || been.UsedL is not { } used)
        {
            return new(
                FindingState.Unknown,
                "its life is not known: counted as used up.",
                "Copy the rated litres from its label and count what it has had."
            );
        }

        if (life - used < need)
        {
            return new(
                FindingState.Fails,
                $"{say.Of(Quantity.Bulk, Math.Max(0, life - used))} of life left, {say.Of(Quantity.Bulk, need)} planned.",
                "Take another element."
            );
        }

        var element = FilterElements.Of(filter.Element!.Value);
        var between = LitresToService(been, element.ClogLNtu, Turbidity.WorstOf(FieldWater.Counted(trip.WorstClarity)));
        return between <= 0
            ? new(
                FindingState.Fails,
                "already below half its flow.",
                FilterFlow.IsPastService(been.LostShare ?? 0, been.ClogLoadLNtu ?? element.ClogLNtu, element.ClogLNtu)
                        ? FilterFlow.PastService
                    : element.BackFlushes ? "Back-flush it before you leave."
                    : "Clean the element before you leave."
            )
            : new(
                FindingState.Holds,
                $"{say.Of(Quantity.Bulk, life - used)} of life left; {(element.BackFlushes ? "back-flush" : "clean")} "
                    + $"it about every {say.Of(Quantity.Bulk, between)} of the worst water.",
                ""
            );
    }

    /// <summary>Litres of such water until it runs at half its flow: (1 − lost)/(1 + (load + V·NTU)/K) = ½.</summary>
    public static double LitresToService(FilterState been, double clogLNtu, double ntu) =>
        ((clogLNtu * (((1 - (been.LostShare ?? 0)) / FilterFlow.ServiceBelow) - 1)) - (been.ClogLoadLNtu ?? clogLNtu)) / ntu;
}
