using JollyBrook.Core.Barriers;

namespace JollyBrook.Core.Treatment;

/// <summary>
/// The steps of a chain in order: melt, clear, each barrier, store, flavour, drink. And how to keep the water afterwards.
/// </summary>
internal static class ChainSteps
{
    public static IReadOnlyList<TreatmentStep> For(Chain chain, Situation situation)
    {
        List<TreatmentStep> steps = [.. chain.Melt?.Result.Steps ?? [], .. chain.Clearing.Steps];
        foreach (var result in chain.Results)
        {
            steps.AddRange(result.Steps());
        }

        var last = chain.Barriers[^1].Stage;
        if (situation.Setting.Container.HasHose == true && chain.Barriers.Any(b => b.Stage == BarrierStage.Chemical))
        {
            steps.Add(
                new(
                    "hose",
                    StepKind.Store,
                    "Run it through the hose",
                    "Now, after contact: through hose and bite valve, which the dose did not reach.",
                    "Run through"
                )
            );
        }
        else if (last is BarrierStage.Filter)
        {
            steps.Add(new("store", StepKind.Store, "Cap it clean", "In the clean container; dirty hands off its threads.", "Capped"));
        }

        steps.Add(DrinkSteps.Flavour(chain.Results[^1].FlavourAdvice));
        steps.Add(DrinkSteps.Drink());
        return steps;
    }

    public static IReadOnlyList<string> Storage(Chain chain, Situation situation)
    {
        List<string> lines = [.. chain.Results[^1].Storage];
        if (situation.Setting.Container.HasHose == true)
        {
            lines.Add("Hose and bite valve: run treated water through them after the wait.");
        }

        return lines;
    }
}
