using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Packing;

/// <summary>Chains against failures: two must survive each (handbook room 80).</summary>
internal static class FailureGrid
{
    public const int MustSurvive = 2;
    private const string NoBag = "the bag not named";

    /// <param name="counted">The chains that count.</param>
    public static IReadOnlyList<(FailureColumn Column, Func<CarriedChain, bool> Stands)> Over(IReadOnlyList<CarriedChain> counted) =>
        [
            Of(KitFailure.FlatBattery, "Flat battery", counted),
            Of(KitFailure.NoFuel, "No fuel", counted),
            Of(KitFailure.Freeze, "Freeze", counted),
            Worst(
                KitFailure.Breakage,
                "One breaks",
                counted,
                // By piece, not by its name: of two alike one still stands when the other breaks.
                counted.SelectMany(c => c.Pieces).Where(CarriedChain.CanBreak).DistinctBy(p => p.Id),
                piece => piece.Item!.Name ?? "",
                (chain, piece) => !chain.Pieces.Any(p => p.Id == piece.Id)
            ),
            Of(KitFailure.Expiry, "Past its date", counted),
            Worst(
                KitFailure.LostBag,
                "One bag lost",
                counted,
                counted.SelectMany(c => c.Pieces).Select(Bag).Distinct(),
                bag => bag,
                (chain, bag) => !chain.Pieces.Any(p => Bag(p) == bag)
            ),
        ];

    /// <summary>What is in no named bag may all be in one.</summary>
    private static string Bag(KitEntry piece) => piece.Item!.Bag ?? NoBag;

    private static (FailureColumn Column, Func<CarriedChain, bool> Stands) Of(
        KitFailure failure,
        string name,
        IReadOnlyList<CarriedChain> counted
    )
    {
        var left = counted.Count(c => c.Stands(failure));
        return (new FailureColumn(failure, name, null, left, left >= MustSurvive), c => c.Stands(failure));
    }

    private static (FailureColumn Column, Func<CarriedChain, bool> Stands) Worst<TLoss>(
        KitFailure failure,
        string name,
        IReadOnlyList<CarriedChain> counted,
        IEnumerable<TLoss> losses,
        Func<TLoss, string> nameOf,
        Func<CarriedChain, TLoss, bool> stands
    )
        where TLoss : class
    {
        var worst = losses.MinBy(loss => counted.Count(c => stands(c, loss)));
        var left = worst is null ? counted.Count : counted.Count(c => stands(c, worst));
        return (new FailureColumn(failure, name, worst is null ? null : nameOf(worst), left, left >= MustSurvive), c =>
            worst is null || stands(c, worst)
        );
    }
}
