using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests;

/// <summary>Short ways to ask for a treatment.</summary>
internal static class Ask
{
    public static readonly ChemicalOptions InDateInShade = new(DateCheck.InDate, BottleLight.ShadeOrOpaque);

    public static WaterInput Water(
        double litres,
        Clarity clarity = Clarity.Clear,
        double? temperatureC = 10,
        WaterColour colour = WaterColour.None,
        double? elevationM = 500
    ) => new(litres, clarity, colour, temperatureC, elevationM);

    public static TreatResponse Chemical(string profile, WaterInput water, ChemicalOptions? options = null, bool viruses = true) =>
        Treat.Compute(new TreatRequest(UnitSystem.Metric, water, profile, viruses, Chemical: options ?? InDateInShade));

    public static TreatResponse Boil(WaterInput water, BoilOptions? options = null, UnitSystem units = UnitSystem.Metric) =>
        Treat.Compute(new TreatRequest(units, water, TreatmentMethods.Boil, Boil: options));

    public static LedgerRow Row(this TreatResponse answer, OrganismClass organism) => answer.Ledger.Single(r => r.Organism == organism);
}
