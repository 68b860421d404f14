using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing;

/// <summary>A chain of the kit with the pieces it needs, and how far its supplies go.</summary>
internal sealed class CarriedChain
{
    /// <summary>The batch a supply is reckoned by, L: whole tablets in a bottle of that size (pick).</summary>
    public const double BasisL = 2;

    /// <param name="chain">The chain in the worst water.</param>
    /// <param name="barriers">Its barriers' own pieces, in order.</param>
    /// <param name="pot">The pot that boiling needs; null where none is needed.</param>
    /// <param name="dayL">A day's water, L: less is no way to treat.</param>
    /// <param name="say">Puts it into words.</param>
    public CarriedChain(Chain chain, IReadOnlyList<KitEntry> barriers, KitEntry? pot, double dayL, Speaker say)
    {
        Chain = chain;
        Barriers = barriers;
        Pieces = pot is null ? barriers : [.. barriers, pot];
        Litres = chain.Refusal is not null
            ? 0
            : chain
                .Results.Zip(barriers)
                .SelectMany(r => r.First.Supplies.Select(s => Uses(s.UsesLeft, r.Second) * BasisL))
                .DefaultIfEmpty(0)
                .Min();
        Why = chain.Refusal?.Reason
            ?? (
                chain.ShortOf.Count > 0 ? $"Short of the target on {Water.OrganismClasses.Spoken(chain.ShortOf)}."
                : Unknown() is { } unknown ? $"How much is left of “{unknown.Item!.Name}” is not known: counted as none."
                : Litres < dayL ? $"Enough for {say.Down(Quantity.Volume, Litres)}: less than a day’s {say.Of(Quantity.Volume, dayL)}."
                : ""
            );
    }

    public Chain Chain { get; }

    /// <summary>One for each barrier.</summary>
    public IReadOnlyList<KitEntry> Barriers { get; }

    /// <summary>Everything it needs.</summary>
    public IReadOnlyList<KitEntry> Pieces { get; }

    /// <summary>What its supplies are enough for, L; infinite for an open fire.</summary>
    public double Litres { get; }

    public string Why { get; }

    public bool Counts => Why.Length == 0;

    /// <summary>Whether it would count if there were more of it.</summary>
    public bool OnlyTooLittle => !Counts && Chain.Refusal is null && Chain.ShortOf.Count == 0 && Litres > 0;

    public bool WeightKnown => Pieces.All(p => p.Item!.MassKg is not null);

    /// <summary>Pieces, fuel and its canister, kg.</summary>
    public double WeightKg => Pieces.Sum(p => (p.Item!.MassKg ?? 0) + HoldsKg(p));

    private KitEntry? Unknown() =>
        Chain
            .Results.Zip(Barriers)
            .Where(r => r.First.Supplies.Any(s => s.Left is null) && !IsOpenFire(r.Second))
            .Select(r => r.Second)
            .FirstOrDefault();

    private static double Uses(double? left, KitEntry piece) => left ?? (IsOpenFire(piece) ? double.PositiveInfinity : 0);

    private static bool IsOpenFire(KitEntry piece) => piece.Item is Stove { IsOpenFire: true };

    /// <summary>Fuel and its canister, kg.</summary>
    public static double HoldsKg(KitEntry piece) =>
        piece.Item is Stove stove ? ((piece.Left ?? 0) + (stove.Burner?.EmptyG ?? 0)) / 1000 : 0;

    /// <summary>Whether it stands a failure that strikes all of a kind.</summary>
    public bool Stands(KitFailure failure) =>
        !Barriers.Any(p =>
            failure switch
            {
                KitFailure.FlatBattery => p.Item is UvLamp,
                KitFailure.NoFuel => p.Item is Stove,
                KitFailure.Freeze => p.Item is WaterFilter,
                KitFailure.Expiry => p.Item is ChemicalProduct,
                _ => false,
            }
        );

    /// <summary>What of it can break: what has works or a wall that cracks.</summary>
    public static bool CanBreak(KitEntry piece) => piece.Item is WaterFilter or UvLamp or Stove { IsOpenFire: false };
}
