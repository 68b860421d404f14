using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Safe;

/// <summary>What is wrong with an answer by the rules of the handbook (room 00); null when nothing is.</summary>
internal static class SafeRules
{
    private const double Hair = 1e-6;

    /// <summary>Rule 1: never below the label as it was copied, in dose or wait.</summary>
    public static string? BelowLabel(TreatRequest request)
    {
        var answer = Treat.Compute(request);
        if (answer.Dose is not { } dose || answer.Contact is not { } contact)
        {
            return null;
        }

        var product = ((ChemicalProduct)request.Kit!.First(e => e.Id == "own").Item!).Product!;
        var profile = product.Profile;
        if (product.Label is { } label)
        {
            // The label's count for what is dosed, by its own unit; a hair more water than it names is its own number still.
            var least = label.Amount!.Value / (label.Water!.Value * LabelUnits.LitresIn(label.Unit!.Value)) * dose.FillL;
            if (dose.Units < (least / 1.06) - Hair && profile.Id != ChemicalProfiles.BleachId)
            {
                return $"{dose.Units} for {least} on the label";
            }
        }

        if (dose.MgPerL < (profile.LabelMgPerL / 1.06) - 1e-3)
        {
            return $"{dose.MgPerL} mg/L for {profile.LabelMgPerL}";
        }

        // Alone, every class that it claims and that is asked for has its label's wait.
        if (request.Method == "own")
        {
            var water = Situation.Of(request).Water;
            foreach (var row in answer.Ledger.Where(r => r.TargetLogs is not null))
            {
                var named = product.Label is { } copied
                    ? Named(copied, row.Organism)
                    : profile.Wait.For(row.Organism, water with { TemperatureC = 20, Clarity = Clarity.Clear });
                if (named > contact.WaitMinutes + Hair)
                {
                    return $"waits {contact.WaitMinutes} where the label says {named} for {row.Organism}";
                }

                if (named is null && row.TotalLogs > 0)
                {
                    return $"{row.Organism} is credited though the label does not claim it";
                }
            }
        }

        return null;
    }

    /// <summary>Ledger never above its parts, credit only where something is taken, and a refusal always with a way on.</summary>
    public static string? Ledger(TreatRequest request)
    {
        foreach (var chain in ChainList.Compute(request).Chains)
        {
            var answer = Treat.Compute(request with { Method = chain.Id });
            if (answer.Outcome == TreatOutcome.Refused)
            {
                if (answer.Refusal is not { Remedies.Count: > 0 } || answer.Ledger.Any(r => r.TotalLogs > 0) || answer.Steps.Count > 0)
                {
                    return $"{chain.Id}: refused without a way on, or with a credit";
                }

                continue;
            }

            foreach (var row in answer.Ledger)
            {
                if (
                    Math.Abs(row.TotalLogs - row.Credits.Sum(c => c.Logs)) > Hair
                    || row.Credits.Any(c => c.Logs < 0 || c.Logs > LogTarget.Cap + Hair)
                )
                {
                    return $"{chain.Id}: {row.Organism} is more than its parts";
                }

                // Cryptosporidium by chlorine or iodine, viruses by any element but a purifier: nothing.
                if (row.Credits.Zip(chain.Id.Split('+')).Any(p => p.First.Logs > 0 && TakesNothing(request, p.Second, row.Organism)))
                {
                    return $"{chain.Id}: {row.Organism} is credited to what takes none";
                }

                if (row.Meets != (row.TargetLogs is not { } wanted || row.TotalLogs >= wanted - Hair))
                {
                    return $"{chain.Id}: {row.Organism} is shown as meeting";
                }
            }

            if (chain.Outcome != answer.Outcome || (answer.Outcome == TreatOutcome.Meets) != answer.Ledger.All(r => r.Meets))
            {
                return $"{chain.Id}: two rooms differ";
            }
        }

        return null;
    }

    private static bool TakesNothing(TreatRequest request, string barrier, OrganismClass organism) =>
        request.Kit!.FirstOrDefault(e => e.Id == barrier)?.Item switch
        {
            WaterFilter { Filter.Element: FilterElement.Carbon } => true,
            WaterFilter { Filter.Element: not FilterElement.Purifier } when organism == OrganismClass.Viruses => true,
            ChemicalProduct { Product.Profile.Active: ActiveIngredient.FreeChlorine or ActiveIngredient.Iodine }
                when organism == OrganismClass.Cryptosporidium => true,
            _ => false,
        };

    private static double? Named(CopiedLabel label, OrganismClass organism) =>
        organism switch
        {
            OrganismClass.Bacteria => label.Waits!.Bacteria,
            OrganismClass.Viruses => label.Waits!.Viruses,
            OrganismClass.Giardia => label.Waits!.Giardia,
            _ => label.Waits!.Cryptosporidium,
        };
}
