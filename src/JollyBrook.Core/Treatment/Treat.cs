using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>One container of water, one method: the whole answer.</summary>
public static class Treat
{
    /// <exception cref="BadInputException">Some field is out of its range.</exception>
    public static TreatResponse Compute(TreatRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var say = Speaker.For(request.Units);
        var intake = new Intake(say);
        var water = FieldWater.Check(request.Water, intake);
        var target = request.CountViruses ?? true ? LogTarget.Full : LogTarget.WithoutViruses;
        if (request.Method == TreatmentMethods.Boil)
        {
            return ByBoiling(request, water, target, intake);
        }

        var profile = intake.Listed(TreatFields.Method, request.Method, ChemicalProfiles.All, p => p.Id);
        if (profile is null)
        {
            intake.ThrowIfWrong();
        }

        return ByChemical(request, profile!, water, target, intake);
    }

    private static TreatResponse ByBoiling(TreatRequest request, FieldWater water, LogTarget target, Intake intake)
    {
        var result = BoilPlan.For(water, request.Boil, intake);
        var boil = result.Answer;
        const string name = "Boiling";
        if (boil.WaterLeftL <= 0)
        {
            var refusal = new Refusal(
                "boils-dry", "The pot would boil dry before the time is up.",
                ["Put the lid on and turn the flame down.", "Boil shorter, or more water at once."]);
            return Refused(request, name, refusal, NoBoil(target, refusal), result.Assumptions, result.Cautions, result.Working, target);
        }

        var reason = boil.HoldMinutes > 0 ? $"{Speaker.Minutes(boil.HoldMinutes)} at a rolling boil" : "a rolling boil";
        var ledger = OrganismClasses.All
            .Select(o => LogLedger.Row(o, target, [new LogCredit(name, BoilPlan.Credit, reason)], null)).ToList();
        double? minutes = boil.CoolMinutes is { } cool
            ? Math.Ceiling((boil.Loads * (boil.HeatMinutes + boil.HoldMinutes)) + cool - 1e-9)
            : null;
        return Finish(
            request, name,
            boil.HoldMinutes > 0 ? $"{Speaker.Minutes(boil.HoldMinutes)} at a rolling boil" : "Bring to a rolling boil",
            minutes, ledger, BoilingSteps.For(result, water, intake.Say),
            result.Assumptions, result.Cautions, result.Working, target) with { Boil = boil };
    }

    private static TreatResponse ByChemical(
        TreatRequest request, ChemicalProfile profile, FieldWater water, LogTarget target, Intake intake)
    {
        var result = ChemicalPlan.For(profile, water, request.Chemical, target, intake);
        if (result.Refusal is { } refusal)
        {
            return Refused(request, profile.Name, refusal, result.Ledger, result.Assumptions, result.Cautions, result.Working, target);
        }

        var contact = result.Contact!;
        return Finish(
            request, profile.Name, result.Dose!.Words,
            contact.MixStandMinutes + contact.DissolveMinutes + contact.WaitMinutes,
            result.Ledger, ChemicalSteps.For(result, water, intake.Say),
            result.Assumptions, result.Cautions, result.Working, target) with { Dose = result.Dose, Contact = contact };
    }

    private static List<LedgerRow> NoBoil(LogTarget target, Refusal refusal) =>
        [.. OrganismClasses.All.Select(o => LogLedger.Row(o, target, [new LogCredit("Boiling", 0, refusal.Reason)], null))];

    private static TreatResponse Refused(
        TreatRequest request, string name, Refusal refusal, IReadOnlyList<LedgerRow> ledger, IReadOnlyList<Assumption> assumptions,
        IReadOnlyList<Caution> cautions, Working working, LogTarget target) =>
        Finish(request, name, "No answer for this water", null, ledger, [], assumptions, cautions, working, target) with
        {
            Outcome = TreatOutcome.Refused,
            Verdict = refusal.Reason,
            Refusal = refusal,
        };

    private static TreatResponse Finish(
        TreatRequest request, string name, string headline, double? minutes, IReadOnlyList<LedgerRow> ledger,
        IReadOnlyList<TreatmentStep> steps, IReadOnlyList<Assumption> assumptions, IReadOnlyList<Caution> cautions,
        Working working, LogTarget target)
    {
        var shortOf = ledger.Where(r => !r.Meets).Select(r => r.Organism).ToList();
        working.Add(
            "Target", target.CountsViruses ? "bacteria 6, viruses 4, cysts 3 log" : "bacteria 6, cysts 3 log; viruses switched off",
            LogTarget.Source, WorkingValue.Of("met", shortOf.Count == 0 ? "yes" : $"short of {OrganismClasses.Spoken(shortOf)}"));
        return new TreatResponse(
            request.Method!, name,
            shortOf.Count == 0 ? TreatOutcome.Meets : TreatOutcome.ShortOfTarget,
            headline, Verdict(shortOf, target), shortOf, minutes,
            minutes is { } m && request.StartAt is { } start ? start.ToUniversalTime().AddMinutes(m) : null,
            null, null, null, null, ledger, steps,
            target.CountsViruses
                ? assumptions
                : [.. assumptions, new Assumption("countViruses", "Viruses are switched off in your settings: not part of the target.")],
            [.. cautions.OrderByDescending(c => c.Severity)],
            working.Steps);
    }

    private static string Verdict(List<OrganismClass> shortOf, LogTarget target) => shortOf.Count == 0
        ? target.CountsViruses ? "Meets the full target." : "Meets the target without viruses."
        : $"Falls short on {OrganismClasses.Spoken(shortOf)}.";
}
