using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Boiling;

/// <summary>A burner in the kit with what is left of its fuel.</summary>
/// <param name="BurnerId">One of the burners known by type.</param>
/// <param name="FuelLeftG">Fuel left, g, 0 to 20 000: the canister's weight less its empty weight; null when not weighed or not limited.</param>
public sealed record BurnerSpec(string? BurnerId, double? FuelLeftG = null) : IBarrierSource
{
    private static readonly NumberField Left = new(
        "burner.fuelLeftG", "Fuel left", Quantity.FuelMass, 0, 20000, "Weigh the canister and take off its empty weight.");

    private static readonly ChoiceField Type = new("burner.burnerId", "Burner", [.. Burners.All.Select(b => b.Id)]);

    public IEnumerable<IBarrier> Barriers(string id, string name) => [new BoilBarrier(id, name, this)];

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Listed(Type, BurnerId, Burners.All, b => b.Id);
        intake.Optional(Left, FuelLeftG);
    }
}
