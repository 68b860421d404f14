using JollyBrook.Core.Barriers;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Filters;

/// <summary>
/// Log reductions a filter is counted with: its label's claims, at most 6, 4, 4 and 4, and where it makes none the element's row
/// (handbook room 50).
/// </summary>
internal readonly record struct HeldBack(double Bacteria, double Viruses, double Giardia, double Cryptosporidium)
{
    /// <summary>Whether it holds back any class at all.</summary>
    public bool Anything => Bacteria > 0 || Viruses > 0 || Giardia > 0 || Cryptosporidium > 0;

    /// <param name="filter">A filter whose element is known.</param>
    public static HeldBack By(FilterSpec filter)
    {
        var (row, claims) = (FilterElements.Of(filter.Element!.Value), filter.Claims);
        return new HeldBack(
            Math.Min(6, claims?.Bacteria ?? row.Bacteria),
            Math.Min(4, claims?.Viruses ?? row.Viruses),
            Math.Min(4, claims?.Giardia ?? row.Giardia),
            Math.Min(4, claims?.Cryptosporidium ?? row.Cryptosporidium)
        );
    }

    public IReadOnlyList<LogCredit> Credits(string name, string why) =>
        BarrierResult.Of(name, why, Bacteria, Viruses, Giardia, Cryptosporidium);
}
