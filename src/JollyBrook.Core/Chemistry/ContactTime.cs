using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Contact time by label and by CT, and the ledger that the wait gives.</summary>
internal sealed record ContactTime(
    double LabelMinutes, double? ComputedMinutes, OrganismClass? LongestFor, double WaitMinutes, string? Note, IReadOnlyList<LedgerRow> Ledger)
{
    /// <summary>No residual is counted on for longer than this, minutes (pick).</summary>
    public const double LongestCreditedMinutes = 24 * 60;

    public static ContactTime For(
        ChemicalProfile profile, FieldWater water, ContactConditions at, IReadOnlyList<ContactConditions> milder, LogTarget target,
        Working working)
    {
        var rates = OrganismClasses.All.ToDictionary(o => o, o => Disinfectant.Rate(profile.Active, o, at));
        var own = rates.ToDictionary(r => r.Key, r => MinutesNeeded(r.Key, r.Value, target));
        var needed = own.ToDictionary(n => n.Key, n => NoShorterThanMilder(n.Key, n.Value, profile, milder, target));
        var label = LabelFor(profile, water);
        var longest = needed
            .Where(n => n.Value is not null && profile.Claims.Contains(n.Key))
            .OrderByDescending(n => n.Value)
            .Select(n => (OrganismClass?)n.Key)
            .FirstOrDefault();
        var computed = longest is { } slowest ? needed[slowest] : null;
        var wait = Math.Max(label, computed ?? 0);
        var ledger = OrganismClasses.All.Select(o => Row(o, rates[o], wait, needed[o], profile, target)).ToList();
        Explain(working, rates, needed, at, label, wait);
        var note = longest is { } held && wait > label && needed[held] > own[held]
            ? $"By the doubled dose alone {Speaker.Minutes(own[held]!.Value)}; kept as long as in clearer or warmer water."
            : null;
        return new ContactTime(label, computed, longest, wait, note, ledger);
    }

    /// <summary>
    /// A dose doubled for cloudy, coloured or very cold water works faster on paper. It is there for what hides in such water,
    /// so the wait is never shorter than in clearer or warmer water (pick).
    /// </summary>
    private static double? NoShorterThanMilder(
        OrganismClass organism, double? needed, ChemicalProfile profile, IReadOnlyList<ContactConditions> milder, LogTarget target) =>
        needed is null
            ? null
            : milder.Select(at => MinutesNeeded(organism, Disinfectant.Rate(profile.Active, organism, at), target) ?? 0).Append(needed.Value).Max();

    /// <summary>Minutes to the target, whole and rounded up; null when none is asked or no wait within a day reaches it.</summary>
    private static double? MinutesNeeded(OrganismClass organism, InactivationRate rate, LogTarget target)
    {
        if (target.For(organism) is not { } logs || rate.LogsPerMinute <= 0)
        {
            return null;
        }

        var minutes = Math.Ceiling((logs / rate.LogsPerMinute) - 1e-9);
        return minutes <= LongestCreditedMinutes ? minutes : null;
    }

    private static double LabelFor(ChemicalProfile profile, FieldWater water)
    {
        var label = profile.Wait;
        var minutes = label.Minutes;
        if (water.TemperatureC < ChemicalProfile.ColdBelowC)
        {
            minutes = Math.Max(minutes, label.ColdMinutes);
        }

        if (water.Clarity == Clarity.Cloudy)
        {
            minutes = Math.Max(minutes, label.CloudyMinutes);
        }

        return Math.Max(minutes, label.CryptosporidiumMinutes ?? 0);
    }

    private static LedgerRow Row(
        OrganismClass organism, InactivationRate rate, double wait, double? needed, ChemicalProfile profile, LogTarget target)
    {
        var logs = Math.Min(LogTarget.Cap, rate.LogsPerMinute * wait);
        var reason = rate.LogsPerMinute <= 0 ? rate.Source : $"{Speaker.Minutes(wait)} of contact";
        return LogLedger.Row(organism, target, [new LogCredit(profile.Name, logs, reason)], needed);
    }

    private static void Explain(
        Working working,
        Dictionary<OrganismClass, InactivationRate> rates,
        Dictionary<OrganismClass, double?> needed,
        ContactConditions at,
        double label,
        double wait)
    {
        foreach (var (organism, rate) in rates)
        {
            var name = OrganismClasses.Spoken(organism);
            if (rate.LogsPerMinute <= 0)
            {
                working.Add($"Contact for {name}", rate.Formula, rate.Source, WorkingValue.Of("credit", 0, "log"));
                continue;
            }

            working.Add(
                $"Contact for {name}", rate.Formula, rate.Source,
                needed[organism] is { } minutes
                    ? WorkingValue.Of("t", minutes, "min")
                    : WorkingValue.Of("t", "not asked for, or over a day"),
                WorkingValue.Of(rate.RequirementUnit == "min" ? "table" : "CT", rate.Requirement, rate.RequirementUnit),
                WorkingValue.Of("for", LogTarget.Standard(organism), "log"),
                WorkingValue.Of("C", at.ResidualMgPerL, "mg/L"),
                WorkingValue.Of("T", at.TemperatureC, "°C"),
                WorkingValue.Of("rate", rate.LogsPerMinute, "log/min"));
        }

        working.Add(
            "Wait", "the longer of label and computed, whole minutes up; never shorter than in clearer or warmer water",
            "Rule: the label wins upward; pick: a doubled dose does not shorten the wait",
            WorkingValue.Of("wait", wait, "min"), WorkingValue.Of("label", label, "min"));
    }
}
