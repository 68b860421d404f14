using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>One container of water, one chain of barriers: the whole answer.</summary>
public static class Treat
{
    /// <summary>The method that drinks fresh clean snow or rain as it is, by the traveller's own choice.</summary>
    public const string Untreated = "untreated";

    /// <exception cref="BadInputException">Some field is out of its range, or the method is none there is.</exception>
    public static TreatResponse Compute(TreatRequest request) => Compute(request, null);

    /// <summary>The answer for raw water that is added to dosed water in the same container.</summary>
    /// <exception cref="BadInputException">Some field is out of its range, or the method is none there is.</exception>
    internal static TreatResponse Compute(TreatRequest request, DosedWater? below)
    {
        ArgumentNullException.ThrowIfNull(request);
        var situation = Situation.Of(request, below: below);
        if (request.Method == Untreated && situation.MayAcceptUntreated)
        {
            return AsItIs(situation);
        }

        var chain = Pick(situation);
        return chain.Refusal is { } refusal ? Refused(chain, refusal, situation) : Answer(chain, situation);
    }

    private static Chain Pick(Situation situation)
    {
        if (situation.Request.Method == Untreated)
        {
            var intake = situation.Setting.Intake;
            intake.Refuse(
                TreatFields.Method,
                "Untreated is open to fresh clean snow, rain off a clean sheet or clean distillate, and "
                    + "only where you have chosen so. Choose a treatment."
            );
            intake.ThrowIfWrong();
        }

        return situation.Asked is { } asked ? Chain.Run(asked, situation) : Chains.All(situation)[0];
    }

    private static TreatResponse Answer(Chain chain, Situation situation)
    {
        var minutes = chain.Minutes is { } m ? Math.Ceiling(m - 1e-9) : (double?)null;
        return Finish(
            chain,
            situation,
            chain.Outcome,
            chain.Headline,
            VerdictWords(chain.ShortOf, situation.Target),
            minutes,
            ChainSteps.For(chain, situation)
        );
    }

    private static TreatResponse Refused(Chain chain, Refusal refusal, Situation situation) =>
        Finish(
            chain,
            situation,
            TreatOutcome.Refused,
            refusal.Code == RefusalCode.DoNotUse ? "Do not use this water" : chain.Headline,
            refusal.Reason,
            null,
            []
        ) with
        {
            Refusal =
                refusal.AsksForClearing && chain.Clearing.Refusal is { } clearing
                    ? refusal with
                    {
                        Remedies = [clearing.Reason, .. refusal.Remedies],
                    }
                    : refusal,
        };

    private static TreatResponse Finish(
        Chain chain,
        Situation situation,
        TreatOutcome outcome,
        string headline,
        string verdict,
        double? minutes,
        IReadOnlyList<TreatmentStep> steps
    )
    {
        var request = situation.Request;
        var working = new Working();
        // Water that is not to be used gets no figure that could be taken for a dose.
        var stopped = Chain.StoppedBy(situation) is not null;
        var results = stopped ? [] : chain.Results;
        if (!stopped)
        {
            foreach (
                var step in (chain.Melt?.Result.Working.Steps ?? [])
                    .Concat(chain.Clearing.Working.Steps)
                    .Concat(results.SelectMany(r => r.Working.Steps))
            )
            {
                working.Add(step);
            }
        }

        working.Add(
            "Target",
            situation.Target.CountsViruses ? "bacteria 6, viruses 4, cysts 3 log" : "bacteria 6, cysts 3 log; viruses switched off",
            LogTarget.Source,
            WorkingValue.Of("met", chain.ShortOf.Count == 0 ? "yes" : $"short of {OrganismClasses.Spoken(chain.ShortOf)}")
        );
        var details = results.Select(r => r.Detail).ToList();
        var chemical = details.OfType<ChemicalResult>().FirstOrDefault();
        var refused = outcome == TreatOutcome.Refused;
        return new TreatResponse(
            Method: chain.Id,
            MethodName: chain.Name,
            Outcome: outcome,
            Headline: headline,
            Verdict: verdict,
            ShortOf: chain.ShortOf,
            DrinkableMinutes: minutes,
            DrinkableAt: minutes is { } m && request.StartAt is { } start ? start.ToUniversalTime().AddMinutes(m) : null,
            Refusal: null,
            Dose: chemical?.Dose,
            Contact: chemical?.Contact,
            Boil: refused ? null : details.OfType<BoilAnswer>().FirstOrDefault(),
            Ledger: chain.Ledger,
            Steps: steps,
            Assumptions: stopped ? [] : Assumptions(chain, situation),
            Cautions: stopped ? [] : Cautions(chain, situation),
            Working: working.Steps,
            Clearing: stopped ? null : chain.Clearing.Answer,
            Melt: stopped ? null : chain.Melt?.Told,
            Filter: details.OfType<FilterAnswer>().FirstOrDefault(),
            Lamp: details.OfType<LampAnswer>().FirstOrDefault(),
            Sun: details.OfType<SunAnswer>().FirstOrDefault(),
            HandsOnMinutes: chain.HandsOnMinutes,
            Supplies: refused ? [] : ChainList.SupplyWords(chain, situation),
            Taste: chain.Taste,
            Risks: chain.Risks,
            Storage: refused ? [] : ChainSteps.Storage(chain, situation),
            DrinkWithinHours: chain.Results[^1].DrinkWithinHours,
            SourceVerdict: situation.Judged?.Verdict,
            Fills: situation.Fills
        );
    }

    private static TreatResponse AsItIs(Situation situation)
    {
        const string reason = "Accepted untreated by your own choice: nothing has been taken out";
        var ledger = OrganismClasses
            .All.Select(o => LogLedger.Row(o, situation.Target, [new LogCredit("Untreated", 0, reason)], null))
            .ToList();
        var melt = situation.Melt?.Told;
        return new TreatResponse(
            Method: Untreated,
            MethodName: "Drunk as it is",
            Outcome: TreatOutcome.Accepted,
            Headline: "Accepted untreated",
            Verdict: $"{reason}.",
            ShortOf: [.. ledger.Where(r => !r.Meets).Select(r => r.Organism)],
            DrinkableMinutes: Math.Ceiling(melt?.Minutes ?? 0),
            DrinkableAt: situation.Request.StartAt?.ToUniversalTime().AddMinutes(Math.Ceiling(melt?.Minutes ?? 0)),
            Refusal: null,
            Dose: null,
            Contact: null,
            Boil: null,
            Ledger: ledger,
            Steps: [.. Drawn(situation), DrinkSteps.Flavour("Flat from melting: a pinch of salt, or drink mix."), DrinkSteps.Drink()],
            Assumptions: situation.Melt?.Result.Assumptions ?? [],
            Cautions: [new Caution("untreated", Severity.Warning, "Fresh and clean by your own eye alone. Treating it is the default.")],
            Working: situation.Melt?.Result.Working.Steps ?? [],
            Clearing: null,
            Melt: melt,
            HandsOnMinutes: melt?.Minutes ?? 0,
            Supplies: [],
            Risks: [],
            Storage: [],
            SourceVerdict: situation.Judged?.Verdict
        );
    }

    /// <summary>Melted, or caught: the last of it done, it may be drunk.</summary>
    private static IEnumerable<TreatmentStep> Drawn(Situation situation) =>
        situation.Melt?.Result is { } melt
            ? melt.Steps.Select((s, i) => s with { DrinkAfter = i == melt.Steps.Count - 1 })
            :
            [
                new(
                    "catch",
                    StepKind.Prepare,
                    situation.Request.Source?.Kind == SourceKind.Distilled ? "Catch it clean" : "Catch it off the clean sheet",
                    "After the first of it has rinsed the way, into the clean container.",
                    "Caught",
                    DrinkAfter: true
                ),
            ];

    private static List<Assumption> Assumptions(Chain chain, Situation situation)
    {
        var all = (chain.Melt?.Result.Assumptions ?? [])
            .Concat(chain.Clearing.Assumptions)
            .Concat(chain.Results.SelectMany(r => r.Assumptions))
            .DistinctBy(a => a.Field)
            .ToList();
        if (!situation.Target.CountsViruses)
        {
            all.Add(new("countViruses", "Viruses are switched off in your settings: not part of the target."));
        }
        else if (situation.Request.CountViruses == false)
        {
            all.Add(new("countViruses", "People or stock upstream: viruses count here, though they are switched off in your settings."));
        }

        return all;
    }

    private static IReadOnlyList<Caution> Cautions(Chain chain, Situation situation)
    {
        var all = chain.Results.SelectMany(r => r.Cautions).ToList();
        if (chain.Results.Count > 1)
        {
            // What one barrier leaves, the other takes: only the gaps that remain are worth a line.
            all.RemoveAll(c => c.Code == FilterBarrier.NoViruses && !chain.ShortOf.Contains(OrganismClass.Viruses));
            all.RemoveAll(c => c.Code == ChemicalCautions.NoCryptosporidium && !chain.ShortOf.Contains(OrganismClass.Cryptosporidium));
        }

        AddContainerCautions(chain, situation, all);
        var collect = chain.Clearing.Answer.CollectL;
        if (chain.Clearing.Answer.LossShare > 0 && situation.Setting.Container.CapacityL is { } holds && collect > holds)
        {
            var say = situation.Setting.Say;
            all.Add(
                new(
                    "collect-more",
                    Severity.Note,
                    $"Collect {say.Of(Quantity.Volume, collect)}: more than this container holds. Clear it in a bigger one, or twice."
                )
            );
        }

        if (situation.Judged is { Verdict: Verdict.LastResort })
        {
            all.Add(new("last-resort", Severity.Danger, "Last resort: only when there is nothing else within reach."));
        }

        return [.. all.DistinctBy(c => c.Code).OrderByDescending(c => c.Severity)];
    }

    /// <summary>What does not fit, and dirty water in a clean container: said where the dose is read.</summary>
    private static void AddContainerCautions(Chain chain, Situation situation, List<Caution> all)
    {
        var (say, container) = (situation.Setting.Say, situation.Setting.Container);
        if (situation.Fills > 1 && container.CapacityL is { } holds)
        {
            var each = situation.Water.VolumeL;
            all.Add(
                new(
                    "does-not-fit",
                    Severity.Danger,
                    $"{say.Of(Quantity.Volume, each * situation.Fills)} do not fit into {say.Of(Quantity.Volume, holds)}: "
                        + $"{situation.Fills} fills of {say.Of(Quantity.Volume, each)}, "
                        + "each treated by itself. The answer is for one fill."
                )
            );
        }

        if (container.Role == ContainerRole.Clean && chain.Barriers[0].Stage is BarrierStage.Chemical or BarrierStage.Light)
        {
            all.Add(
                new(
                    "clean-only",
                    Severity.Warning,
                    "This container is for clean water only. Raw water makes threads, cap and hose dirty: "
                        + "treat it in another, or rinse them with treated water afterwards."
                )
            );
        }
    }

    private static string VerdictWords(IReadOnlyList<OrganismClass> shortOf, LogTarget target) =>
        shortOf.Count == 0
            ? target.CountsViruses
                ? "Meets the full target."
                : "Meets the target without viruses."
            : $"Falls short on {OrganismClasses.Spoken(shortOf)}.";
}
