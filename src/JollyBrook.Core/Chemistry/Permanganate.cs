using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Potassium permanganate: explained, never credited.</summary>
internal sealed class PermanganateBarrier(string id, string name) : IBarrier
{
    public string Id => id;

    public string Name => name;

    public BarrierStage Stage => BarrierStage.Chemical;

    public Clarity ClearTo(FieldWater water) => Clarity.Cloudy;

    public BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before) =>
        BarrierResult.Refused(
            name,
            water,
            new Refusal(
                RefusalCode.Permanganate,
                "Permanganate is dosed by a pale pink nobody can measure: it is not counted as a barrier.",
                ["Keep it for other uses.", "Boil it, or use another method."]
            ),
            cautions: [new("permanganate-burns", Severity.Danger, "The crystals burn skin and eyes, and stain.")]
        );
}
