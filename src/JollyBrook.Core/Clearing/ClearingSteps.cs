using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Clearing;

/// <summary>The steps of clearing, before the first barrier.</summary>
internal static class ClearingSteps
{
    public static IReadOnlyList<TreatmentStep> Untouched(ClearingWay way, BarrierStage? before, FieldWater water) =>
        way switch
        {
            ClearingWay.None => [],
            ClearingWay.PreFilter =>
            [
                new(
                    "strain",
                    StepKind.Prepare,
                    "Pre-filter it",
                    "A cloth or the coarse screen over the intake. It spares the filter and takes no organism away.",
                    "Pre-filtered"
                ),
            ],
            _ =>
            [
                new(
                    "strain",
                    StepKind.Prepare,
                    before == BarrierStage.Heat ? "Strain into the pot" : "Strain the water",
                    water.Clarity == Clarity.Clear
                        ? "Fill through a cloth over the mouth."
                        : "Let it settle if you can, draw off the clear water, and fill through a cloth.",
                    before == BarrierStage.Heat ? "In the pot" : "Strained"
                ),
            ],
        };

    public static IReadOnlyList<TreatmentStep> For(ClearingAnswer plan, Speaker say)
    {
        var steps = new List<TreatmentStep>
        {
            new(
                "collect",
                StepKind.Prepare,
                $"Collect {say.Of(Quantity.Volume, plan.CollectL)}",
                $"Into the dirty container, through a cloth. {Speaker.Number(plan.LossShare * 100, 0)} % stays with the sediment.",
                "Collected"
            ),
        };
        switch (plan.Way)
        {
            case ClearingWay.Settle:
                steps.Add(
                    new(
                        Id: "settle-1",
                        Kind: StepKind.Clear,
                        Title: $"Let it stand {Speaker.Minutes(plan.SettleMinutes!.Value)}",
                        Detail: "Still, out of the wind. Do not touch it.",
                        Done: "The top is clear",
                        Clock: StepClock.Guide,
                        Minutes: plan.SettleMinutes.Value
                    )
                );
                steps.Add(new("draw-1", StepKind.Clear, "Draw off the clear water", $"Never pour. {plan.DrawOff}", "Drawn off"));

                break;
            case ClearingWay.Flocculate:
                steps.Add(
                    new("floc", StepKind.Clear, $"Add {plan.Flocculant}", "By the product's label; more does not clear more.", "Added")
                );
                steps.Add(
                    new(
                        Id: "stir-fast",
                        Kind: StepKind.Clear,
                        Title: "Stir fast",
                        Detail: "A whole minute, so that it gets everywhere.",
                        Done: "Stirred fast",
                        Clock: StepClock.Guide,
                        Minutes: Flocculation.StirFastMinutes
                    )
                );
                steps.Add(
                    new(
                        Id: "stir-slow",
                        Kind: StepKind.Clear,
                        Title: "Stir slowly",
                        Detail: "Flakes form and grow.",
                        Done: "Flakes have formed",
                        Clock: StepClock.Guide,
                        Minutes: Flocculation.StirSlowMinutes
                    )
                );
                steps.Add(
                    new(
                        Id: "floc-stand",
                        Kind: StepKind.Clear,
                        Title: $"Let it stand {Speaker.Minutes(plan.StandMinutes)}",
                        Detail: "The flakes sink. Longer when it is cold.",
                        Done: "The top is clear",
                        Clock: StepClock.Guide,
                        Minutes: plan.StandMinutes
                    )
                );
                steps.Add(new("draw-1", StepKind.Clear, "Draw off the clear water", $"Never pour. {plan.DrawOff}", "Drawn off"));
                break;
            default:
                steps.Add(
                    new(
                        "improvised",
                        StepKind.Clear,
                        "Run it through the improvised filter",
                        "From the top: coarse gravel, sand, charcoal, sand, cloth. Rinse it until the outflow is clear.",
                        "Run through"
                    )
                );
                break;
        }

        steps.Add(
            new(
                "look",
                StepKind.Check,
                $"Look again: {Turbidity.Spoken(plan.ClarityAfter)} or better?",
                "Clear is not safe: the barrier comes next. Still cloudier: clear it again, or start over with what you see.",
                "It is"
            )
        );
        return steps;
    }
}
