using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>What was behind a drill, and how the learner's decisions turned out.</summary>
internal sealed class Debriefing(Scene scene, BetterHand better, DrillAnswers answers, Speaker say)
{
    private readonly List<StepVerdict> _steps = [];
    private readonly List<string> _risks = [];

    /// <summary>Minutes of looks and of the walk to the source.</summary>
    public static double MinutesBefore(Scene scene, DrillAnswers answers) =>
        (answers.Looks ?? []).Sum(l => Looks.Minutes(l.Look!.Value))
        + (scene.Sources.FirstOrDefault(s => s.Id == answers.Source)?.MinutesAway ?? 0);

    public DrillDebrief Make()
    {
        var source = scene.Sources.FirstOrDefault(s => s.Id == answers.Source);
        JudgeSource(source);
        IReadOnlyList<LedgerRow> ledger = [];
        List<string> supplies = [];
        var minutes = MinutesBefore(scene, answers);
        if (source is not null && better.Verdicts[source.Id].Verdict != Verdict.DoNotUse)
        {
            var played = Played.Of(scene, source, answers.Clear!.Value, answers.Method!)!;
            ledger = played.Ledger(answers.Dose ?? 0, answers.WaitMinutes ?? 0);
            minutes += played.Minutes(answers.Dose ?? 0, answers.WaitMinutes ?? 0);
            supplies = Supplies(played);
            JudgeTreatment(source, played, ledger);
            if (minutes > scene.MinutesLeft)
            {
                _risks.Add($"Not drinkable before dark: {Speaker.Minutes(minutes - scene.MinutesLeft)} too late.");
            }
        }

        if (scene.HasCarry && answers.CarryL is { } litres && better.Carry is { } need)
        {
            _steps.Add(need.Judge(litres, scene, say));
        }

        var passed = _steps.TrueForAll(s => s.Passed);
        var failed = _steps.FindAll(s => !s.Passed);
        return new DrillDebrief(
            Passed: passed,
            Headline: passed ? "Safe: every decision would do"
                : failed.Count == 1 ? $"One thing to do better: {Skills.Name(failed[0].Skill).ToLowerInvariant()}"
                : $"{failed.Count} things to do better",
            Steps: _steps,
            Ledger: ledger,
            Risks: _risks,
            Minutes: minutes,
            Supplies: supplies,
            Truth: [.. scene.Sources.Select(Truth)],
            Reference: Reference(),
            ReferenceSteps: ReferenceSteps(),
            Refuses: better.Refuses,
            Working: Working()
        );
    }

    private void JudgeSource(SceneSource? source)
    {
        var best = better.Source?.Name ?? "None of these: go on";
        if (source is null)
        {
            _steps.Add(
                new(
                    Skill.Judge,
                    better.Refuses,
                    "None of these: go on",
                    best,
                    better.Refuses
                        ? "Each of them carries what nothing here takes out."
                        : $"{better.Source!.Name} could have been made safe: {Sentence.Lower(Gravest(better.Source))}"
                )
            );
            return;
        }

        var verdict = better.Verdicts[source.Id];
        var stop = verdict.Verdict == Verdict.DoNotUse;
        // What a kit can't make safe elsewhere is no better water.
        var poorer =
            verdict.Verdict == Verdict.LastResort && better.Source is { } other && better.Verdicts[other.Id].Verdict < Verdict.LastResort;
        var unseen = Unseen(source);
        _steps.Add(
            new(
                Skill.Judge,
                !stop && !poorer,
                source.Name,
                best,
                stop ? $"{verdict.Reasons[0].Reason} {Shown(source, verdict.Reasons[0])}"
                    : poorer ? $"{Gravest(source)} {better.Source!.Name} was better water."
                    : Gravest(source)
            )
        );
        if (stop)
        {
            _risks.Add($"{verdict.Reasons[0].Reason} Treating does not help.");
        }
        else if (unseen is not null)
        {
            _risks.Add(unseen);
        }
    }

    private void JudgeTreatment(SceneSource source, Played played, IReadOnlyList<LedgerRow> ledger)
    {
        var asked = Treat.Compute(scene.Ask(source, answers.Method));
        var best = Treat.Compute(scene.Ask(source));
        var meets = asked.Outcome == TreatOutcome.Meets;
        var clearing = meets || asked.Outcome == TreatOutcome.ShortOfTarget ? asked.Clearing! : best.Clearing!;
        var enough = played.Cleared.Clarity <= clearing.ClarityAfter;
        _steps.Add(
            new(
                Skill.Clear,
                enough,
                DrillSteps.ClearName(answers.Clear!.Value),
                clearing.Words,
                (played.ClearingWorked ? "" : "It did not clear that way. ")
                    + (
                        enough
                            ? $"{Sentence.Capital(Turbidity.Spoken(played.Cleared.Clarity))} when treated, which will do."
                            : $"Still {Turbidity.Spoken(played.Cleared.Clarity)}; {Turbidity.Spoken(clearing.ClarityAfter)} "
                                + "is needed first."
                    )
            )
        );
        _steps.Add(
            new(
                Skill.Choose,
                meets,
                asked.MethodName,
                best.Outcome == TreatOutcome.Meets ? best.MethodName : "Nothing in the kit; draw elsewhere",
                meets ? "It meets the target on this water."
                    : asked.Refusal is { } refusal ? refusal.Reason
                    : asked.Verdict
            )
        );
        JudgeDose(played);
        var rinsed = answers.Store == StoreBy.RinseThreads;
        _steps.Add(
            new(
                Skill.Store,
                rinsed,
                DrillSteps.StoreName(answers.Store!.Value),
                DrillSteps.StoreName(StoreBy.RinseThreads),
                rinsed ? "Nothing raw is left where the lips go." : "A drop of raw water on the threads undoes the treatment."
            )
        );
        if (!rinsed)
        {
            _risks.Add("Raw water on the threads or in the bottle.");
        }

        _risks.AddRange(
            ledger
                .Where(r => !r.Meets)
                .Select(r =>
                    $"{Sentence.Capital(OrganismClasses.Spoken(r.Organism))}: {Speaker.Number(r.ShortByLogs, 1)} log short of the target."
                )
        );
    }

    private void JudgeDose(Played played)
    {
        if (played.AskedDose is { } asked && answers.Dose is { } given)
        {
            var tooStrong =
                played.Last is ChemicalBarrier chemical && GivenDose.IsTooStrong(chemical, played.Dosed, played.Situation.Setting, given);
            var (unit, detail) = (played.LastResult.Headline, played.LastResult.Detail as ChemicalResult);
            _steps.Add(
                new(
                    Skill.Dose,
                    given >= asked && !tooStrong,
                    Speaker.Number(given, 1),
                    unit,
                    given < asked ? $"Too little{(detail?.Dose is { } floor ? $": {floor.Why ?? floor.LabelWords}" : "")}."
                        : tooStrong ? "Stronger than the label allows for this water."
                        : detail?.Dose is { } dose ? $"{dose.LabelWords}; whole units, rounded up."
                        : "As much as this water needs.",
                    asked > 0 ? (given - asked) / asked * 100 : null
                )
            );
            if (tooStrong)
            {
                _risks.Add("Dosed stronger than twice the clear-water dose.");
            }
        }

        if (played.AskedWait is { } wait && answers.WaitMinutes is { } waited)
        {
            var contact = ((ChemicalResult)played.LastResult.Detail!).Contact!;
            _steps.Add(
                new(
                    Skill.Wait,
                    waited >= wait,
                    Speaker.Minutes(waited),
                    Speaker.Minutes(wait),
                    (
                        contact.Computed
                            ? $"The label says {contact.LabelWords}; this water needs longer{(contact.LongestFor is { } slowest ? $" for {OrganismClasses.Spoken(slowest)}" : "")}."
                            : $"Label: {contact.LabelWords}."
                    ) + (waited > 2 * wait ? " Longer does no harm." : ""),
                    (waited - wait) / wait * 100
                )
            );
        }
    }

    /// <summary>What the barriers took; of a chemical or a lamp as much as the learner gave.</summary>
    private List<string> Supplies(Played played)
    {
        var given = answers.Dose ?? 0;
        var last = played.Last switch
        {
            ChemicalBarrier chemical => [DoseWords.Of(chemical.Profile.Form, given)],
            { Stage: BarrierStage.Light } => [$"{Speaker.Number(given, 0)} cycles"],
            _ => played.LastResult.Supplies.Select(s => s.Words),
        };
        return [.. played.Results.SkipLast(1).SelectMany(r => r.Supplies).Select(s => s.Words), .. last];
    }

    private string Gravest(SceneSource source) =>
        better.Verdicts[source.Id].Reasons is [{ } first, ..] ? first.Reason : "Nothing speaks against it.";

    /// <summary>Which look would have shown it, when it was not taken.</summary>
    private string Shown(SceneSource source, VerdictReason reason)
    {
        var look = reason.Code == ContractName.Of(Sighting.Salt) ? Look.Taste : Look.Edges;
        return Looks.Took(answers.Looks ?? [], source.Id, look) ? "You had seen it."
            : look == Look.Taste ? "A drop on the tongue shows it."
            : "A look along the edges shows it.";
    }

    private string? Unseen(SceneSource source) =>
        !Looks.Took(answers.Looks ?? [], source.Id, Look.Upstream)
        && source.Truth.Seen!.Any(s => s is Sighting.Carcass or Sighting.Stock or Sighting.CampOrToilet)
            ? "What lies upstream went unseen."
            : null;

    private string Truth(SceneSource source)
    {
        var verdict = better.Verdicts[source.Id];
        var ntu = source.Water.TurbidityNtu!.Value;
        return $"{source.Name}: {SourceVerdict.Words(verdict.Verdict).ToLowerInvariant()}. {Gravest(source)} "
            + $"{Sentence.Capital(Turbidity.Spoken(Turbidity.ClassOf(ntu)))} at {say.Of(Quantity.Turbidity, ntu)}, "
            + $"{say.Of(Quantity.Temperature, source.Water.TemperatureC!.Value)}. In it: {Living(source)}.";
    }

    private static string Living(SceneSource source)
    {
        var seen = source.Truth.Seen!;
        List<string> living = ["bacteria"];
        if (seen.Contains(Sighting.CampOrToilet))
        {
            living.Add("viruses");
        }

        living.Add("Giardia");
        if (seen.Contains(Sighting.Stock) || source.Truth.Flow == SourceFlow.Stagnant)
        {
            living.Add("Cryptosporidium");
        }

        return string.Join(", ", living);
    }

    private string Reference() =>
        better.Refuses
            ? "None of these: go on to the next water."
            : $"{better.Source!.Name}: {Sentence.Lower(better.Treatment!.Headline)}, drinkable after "
                + $"{Speaker.Minutes(better.Treatment.DrinkableMinutes!.Value)}.";

    private List<string> ReferenceSteps()
    {
        List<string> steps = [];
        if (better.Treatment is { } treatment)
        {
            steps.Add($"{better.Source!.Name}: {SourceVerdict.Words(better.Verdicts[better.Source.Id].Verdict).ToLowerInvariant()}");
            steps.AddRange(
                treatment
                    .Steps.Where(s => s.Kind is not (StepKind.Flavour or StepKind.Drink))
                    .Select(s =>
                        s.Minutes > 0 && !s.Title.Contains(Speaker.Minutes(s.Minutes), StringComparison.Ordinal)
                            ? $"{s.Title}: {Speaker.Minutes(s.Minutes)}"
                            : s.Title
                    )
            );
        }

        if (better.Carry is { } carry && !better.Refuses)
        {
            steps.Add($"Carry {say.Of(Quantity.Volume, carry.Litres)} to {carry.To.Name}");
        }

        return steps;
    }

    private IReadOnlyList<WorkingStep> Working()
    {
        var working = new Working();
        foreach (var step in better.Treatment?.Working ?? [])
        {
            working.Add(step);
        }

        better.Carry?.Explain(working, scene);
        return working.Steps;
    }
}
