using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>What a plan takes of one piece of kit, fill by fill along the trip.</summary>
/// <param name="Id">The piece.</param>
/// <param name="Name">Its name.</param>
/// <param name="Used">In its own measure: tablets, mL, cycles of light, g of fuel, litres of filter life.</param>
/// <param name="Left">What there is of it at the start, in the same measure; null where it was never counted, or nothing limits it.</param>
/// <param name="Words">"14 of 20 tablets".</param>
/// <param name="EndsAt">Where it no longer is enough; null where it lasts.</param>
/// <param name="More">How much more would last to the end: "6 tablets more"; null where it lasts.</param>
public sealed record PlanSupply(string Id, string Name, double Used, double? Left, string Words, string? EndsAt, string? More)
{
    internal static IReadOnlyList<PlanSupply> Of(PlanSetup setup, PlannedWalk walk, TreatedWalk treated, Speaker say)
    {
        var plenty = TreatedWalk.WithPlenty(setup, walk.Fills);
        return
        [
            .. setup
                .Treatment.Kit.Where(e => treated.Used.ContainsKey(e.Id!) || plenty.Used.ContainsKey(e.Id!))
                .Select(e => Of(e, walk, treated, plenty, say)),
        ];
    }

    private static PlanSupply Of(KitEntry entry, PlannedWalk walk, TreatedWalk treated, TreatedWalk plenty, Speaker say)
    {
        var (item, used, wanted) = (entry.Item!, treated.Used.GetValueOrDefault(entry.Id!), plenty.Used.GetValueOrDefault(entry.Id!));
        var left = item is WaterFilter { Filter.RatedLifeL: { } life } ? life - entry.Filter?.UsedL : entry.Left;
        var end = left < wanted ? walk.Fills.FirstOrDefault(f => Takes(plenty, f, entry.Id!) > Takes(treated, f, entry.Id!)) : null;
        return new PlanSupply(
            Id: entry.Id!,
            Name: item.Name ?? "",
            Used: used,
            Left: left,
            Words: left is { } there ? $"{item.Amount(used, say)} of {item.Amount(Math.Max(0, there), say)}"
                : item is Stove { IsOpenFire: true } ? item.Amount(used, say)
                : $"{item.Amount(used, say)}; what is left is not counted",
            EndsAt: end?.At.FullName,
            More: end is null ? null : $"{item.Amount(wanted - left!.Value, say)} more"
        );
    }

    private static double Takes(TreatedWalk walk, PlannedFill fill, string id) =>
        walk.Of(fill)?.Uses.Where(u => u.Id == id).Sum(u => u.Used) ?? 0;
}
