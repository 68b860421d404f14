using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Boiling;

/// <summary>A burner in the kit.</summary>
/// <param name="BurnerId">One of the burners known by type.</param>
/// <param name="EmptyG">What canister or bottle weighs empty, g, 5 to 5 000.</param>
public sealed record BurnerSpec(string? BurnerId, double? EmptyG = null)
{
    private static readonly NumberField Empty = new(
        "burner.emptyG",
        "Weight of the empty canister",
        Quantity.FuelMass,
        5,
        5000,
        "It is printed on most canisters; else weigh an empty one."
    );

    private static readonly NumberField Gross = new(
        "weighedG",
        "Weight with what is left",
        Quantity.FuelMass,
        5,
        25000,
        "Weigh canister or bottle as it is, stove off."
    );

    private static readonly ChoiceField Type = new("burner.burnerId", "Burner", [.. Burners.All.Select(b => b.Id)]);

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Listed(Type, BurnerId, Burners.All, b => b.Id);
        intake.Optional(Empty, EmptyG);
    }

    /// <summary>Weighs canister or bottle: gross less empty, g. Null after noting what is wrong.</summary>
    /// <param name="weighedG">Gross, g.</param>
    /// <param name="intake">Notes what can't be right.</param>
    public double? Weigh(double weighedG, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(Gross, weighedG);
        intake.Required(Empty, EmptyG);
        if (EmptyG is not { } empty)
        {
            return null;
        }

        if (weighedG < empty)
        {
            intake.Refuse(
                Gross,
                $"It weighs less than its empty weight, {intake.Say.Of(Quantity.FuelMass, empty)}. Check the scale and the empty weight."
            );
            return null;
        }

        return weighedG - empty;
    }
}
