using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>What a contact time is worked out from.</summary>
/// <param name="Profile">The product's label.</param>
/// <param name="Water">The water as it is dosed.</param>
/// <param name="Full">Strength left to work in the dark, temperature, pH.</param>
/// <param name="Light">When the sun reaches the bottle.</param>
/// <param name="Milder">What the same product would leave to work in every clearer, less coloured or less cold water.</param>
/// <param name="Before">What the chain has taken away already.</param>
/// <param name="Target">What must be reached.</param>
/// <param name="WithoutCryptosporidium">Whether the shorter wait was chosen, which leaves Cryptosporidium out.</param>
internal sealed record ContactQuestion(
    ChemicalProfile Profile,
    FieldWater Water,
    ContactConditions Full,
    ContactLight Light,
    IReadOnlyList<ContactConditions> Milder,
    ChainSoFar Before,
    LogTarget Target,
    bool WithoutCryptosporidium
);

/// <summary>A wait that leaves Cryptosporidium out and meets the target for everything else.</summary>
/// <param name="WaitMinutes">Whole minutes.</param>
public sealed record ShorterWait(double WaitMinutes);

/// <summary>Contact time by label and by CT, and the ledger that the wait gives.</summary>
internal sealed record ContactTime(
    double LabelMinutes,
    double? ComputedMinutes,
    OrganismClass? LongestFor,
    double WaitMinutes,
    ShorterWait? Shorter,
    string? Note,
    IReadOnlyList<LedgerRow> Ledger
)
{
    /// <summary>No residual is counted on for longer than this, minutes (pick).</summary>
    public const double LongestCreditedMinutes = 24 * 60;

    public static ContactTime For(ContactQuestion ask, Working working)
    {
        var classes = OrganismClasses.All.Select(o => ClassWait.Of(o, ask)).ToList();
        var waitedFor = classes.FindAll(c => c.IsWaitedFor && !(ask.WithoutCryptosporidium && c.Organism == OrganismClass.Cryptosporidium));
        var label = LabelFor(waitedFor, ask);
        var longest = waitedFor.MaxBy(c => c.Computed);
        var wait = Math.Max(label, longest?.Computed ?? 0);
        Explain(working, classes, ask, label, wait);
        return new ContactTime(
            LabelMinutes: label,
            ComputedMinutes: longest?.Computed,
            LongestFor: longest?.Organism,
            WaitMinutes: wait,
            Shorter: Short(classes, ask, wait),
            Note: longest is not null && wait > label && longest.Computed > longest.Own
                ? $"By the doubled dose alone {Speaker.Minutes(longest.Own)}; kept as long as in clearer or warmer water."
                : null,
            Ledger: [.. classes.Select(c => c.Row(wait, ask))]
        );
    }

    /// <summary>The label's longest wait for what is still to be taken away; its shortest wait always.</summary>
    private static double LabelFor(IEnumerable<ClassWait> waitedFor, ContactQuestion ask) =>
        waitedFor.Select(c => ask.Profile.Wait.For(c.Organism, ask.Water) ?? 0).Append(ask.Profile.Wait.LeastFor(ask.Water)).Max();

    /// <summary>The wait for all but Cryptosporidium, where it is shorter and meets the rest; null otherwise.</summary>
    private static ShorterWait? Short(List<ClassWait> classes, ContactQuestion ask, double wait)
    {
        var rest = classes.FindAll(c => c.IsWaitedFor && c.Organism != OrganismClass.Cryptosporidium);
        var minutes = Math.Max(LabelFor(rest, ask), rest.Select(c => c.Computed).DefaultIfEmpty(0).Max());
        return
            minutes < wait
            && classes.Where(c => c.Organism != OrganismClass.Cryptosporidium).All(c => c.Row(minutes, ask).ShortByLogs <= 0 || !c.IsAsked)
            && rest.TrueForAll(c => c.Reaches)
            ? new ShorterWait(minutes)
            : null;
    }

    private static void Explain(Working working, List<ClassWait> classes, ContactQuestion ask, double label, double wait)
    {
        foreach (var c in classes)
        {
            var (rate, name) = (c.Rate.AtStart, OrganismClasses.Spoken(c.Organism));
            if (rate.LogsPerMinute <= 0 || !c.IsClaimed)
            {
                working.Add(
                    $"Contact for {name}",
                    rate.Formula,
                    c.IsClaimed ? rate.Source : ClassWait.NotClaimed,
                    WorkingValue.Of("credit", 0, "log")
                );
                continue;
            }

            working.Add(
                $"Contact for {name}",
                rate.Formula,
                rate.Source,
                !c.IsAsked ? WorkingValue.Of("t", "taken away already, or not asked for")
                    : c.Reaches ? WorkingValue.Of("t", c.Computed, "min")
                    : WorkingValue.Of("t", "over a day"),
                rate.RequirementIs == RequirementKind.Minutes
                    ? WorkingValue.Of("table", rate.Requirement, "min")
                    : WorkingValue.Of("CT", rate.Requirement, "mg·min/L"),
                WorkingValue.Of("for", LogTarget.Standard(c.Organism), "log"),
                WorkingValue.Of("wanted", c.Wanted, "log"),
                WorkingValue.Of("C", ask.Full.ResidualMgPerL * ask.Light.FactorAtStart, "mg/L"),
                WorkingValue.Of("T", ask.Full.TemperatureC, "°C"),
                WorkingValue.Of("rate", rate.LogsPerMinute, "log/min")
            );
        }

        if (ask.Light.DarkMinutes is > 0 and < LongestCreditedMinutes)
        {
            working.Add(
                "Dark before the sun reaches the bottle",
                "full strength until then, half of it from then on",
                "NOAA sunrise; light destroys it, handbook room 40",
                WorkingValue.Of("dark", ask.Light.DarkMinutes, "min")
            );
        }

        working.Add(
            "Wait",
            "the longer of label and computed, whole minutes up; never shorter than in clearer or warmer water; at most a day",
            "Rule: the label wins upward; pick: a doubled dose does not shorten the wait",
            WorkingValue.Of("wait", wait, "min"),
            WorkingValue.Of("label", label, "min")
        );
    }
}
