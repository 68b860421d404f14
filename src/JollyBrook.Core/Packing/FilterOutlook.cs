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
        var wear = been.Wear(element);
        var between = wear.LitresToService(Turbidity.WorstOf(FieldWater.Counted(trip.WorstClarity)));
        return between <= 0
            ? new(
                FindingState.Fails,
                "already below half its flow.",
                wear.IsPastService ? FilterFlow.PastService
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
}
