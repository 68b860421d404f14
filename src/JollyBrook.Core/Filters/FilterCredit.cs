using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Filters;

/// <summary>The rules by which a filter loses its whole credit. Each speaks its reason; null when it does not bite.</summary>
public static class FilterCredit
{
    /// <summary>From this share of the rated life on, a warning.</summary>
    public const double WarnAtLifeShare = 0.9;

    /// <summary>What keeps a wet element from frost through a night (handbook room 50, frost guard).</summary>
    internal const string KeepFromFrost = "Shake the water out, bag it watertight, keep it against the body or deep in the sleeping bag.";

    /// <summary>Whether frost spoils it: any element that has been wet, but for one that holds nothing back.</summary>
    internal static bool IsSpoiledByFrost(FilterSpec? filter, FilterState? been) =>
        (filter?.Element is null || HeldBack.By(filter).Anything) && (been ?? FilterState.NotKnown).CountsAsWetted;

    /// <summary>A wet element left to freeze is suspect: damage cannot be seen, and no check clears it.</summary>
    public static string? Frozen(FilterSpec filter, FilterState been, List<Assumption> assumptions)
    {
        ArgumentNullException.ThrowIfNull(filter);
        ArgumentNullException.ThrowIfNull(been);
        ArgumentNullException.ThrowIfNull(assumptions);
        if (!IsSpoiledByFrost(filter, been))
        {
            return null;
        }

        if (been.ContradictsItself)
        {
            assumptions.Add(new("filter.wetted", "“Never wetted” and litres used can't both be true: counted as wet."));
        }

        if (been.Wetted is null or Happened.Unknown)
        {
            assumptions.Add(new("filter.wetted", "Whether the filter has been wet is not known: counted as wet."));
        }

        if (been.Frozen is null or Happened.Unknown)
        {
            assumptions.Add(new("filter.frozen", "Whether the wet filter froze is not known: counted as frozen."));
        }

        return been.Frozen == Happened.No
            ? null
            : "It may have frozen while wet. The damage cannot be seen: not counted until it is replaced.";
    }

    /// <summary>A dropped ceramic may be cracked unseen.</summary>
    public static string? Dropped(FilterSpec filter, FilterState been, List<Assumption> assumptions)
    {
        ArgumentNullException.ThrowIfNull(filter);
        ArgumentNullException.ThrowIfNull(been);
        ArgumentNullException.ThrowIfNull(assumptions);
        if (filter.Element != FilterElement.Ceramic)
        {
            return null;
        }

        if (been.Dropped is null or Happened.Unknown)
        {
            assumptions.Add(new("filter.dropped", "Whether the ceramic was dropped is not known: counted as dropped."));
        }

        return been.Dropped == Happened.No ? null : "Ceramic that was dropped may be cracked unseen: not counted until it is replaced.";
    }

    /// <summary>Past its rated litres an element is not counted.</summary>
    public static string? PastLife(FilterSpec filter, FilterState been, double volumeL, List<Assumption> assumptions)
    {
        ArgumentNullException.ThrowIfNull(filter);
        ArgumentNullException.ThrowIfNull(been);
        ArgumentNullException.ThrowIfNull(assumptions);
        if (filter.RatedLifeL is not { } life || been.UsedL is not { } used)
        {
            assumptions.Add(new("filter.usedL", "Rated life or litres used not known: counted as used up."));
            return "Its life is not known: counted as used up. Enter the label's litres and what it has had.";
        }

        return used + volumeL > life ? "Past its rated litres: not counted." : null;
    }
}
