using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Says which unknowns about the water were taken as worse for a chemical.</summary>
internal static class ChemicalUnknowns
{
    public static void Add(FieldWater water, List<Assumption> assumptions, Speaker say)
    {
        if (!water.ClarityKnown)
        {
            assumptions.Add(
                new(
                    WaterFields.Clarity.Path,
                    "Clarity not known: taken as cloudy, the worst water a dose counts in. If a dark mark vanishes under less than "
                        + $"{Speaker.Number(Turbidity.VanishingDepthCm(Turbidity.ChemicalLimitNtu), 0)} cm of it, "
                        + "it is muddy: clear it first."
                )
            );
        }

        if (!water.ColourKnown)
        {
            assumptions.Add(new(WaterFields.Colour.Path, "Colour not known: taken as coloured, which uses up more."));
        }

        if (!water.TemperatureKnown)
        {
            assumptions.Add(
                new(
                    WaterFields.Temperature.Path,
                    $"Water temperature not known: taken as {say.Of(Quantity.Temperature, FieldWater.ColdestC)}, the slowest."
                )
            );
        }
    }
}
