using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>One class of organism under one dose: how long it takes, and what a wait gives.</summary>
/// <param name="Organism">The class.</param>
/// <param name="Rate">How fast it goes.</param>
/// <param name="Wanted">Logs still to be taken away; 0 when none are.</param>
/// <param name="IsClaimed">Whether the label claims it: what it does not claim is not credited.</param>
/// <param name="Own">Minutes by its own dose, at most a day.</param>
/// <param name="Computed">
/// The same, never shorter than in milder water, at most a day. A dose doubled for cloudy, coloured or very cold water works faster on
/// paper. It is there for what hides in such water, so the wait is never shorter than in clearer or warmer water (pick).
/// </param>
/// <param name="Reaches">Whether that wait reaches what is wanted.</param>
internal sealed record ClassWait(
    OrganismClass Organism,
    ContactRate Rate,
    double Wanted,
    bool IsClaimed,
    double Own,
    double Computed,
    bool Reaches
)
{
    public const string NotClaimed = "The label does not claim it: not credited";

    /// <summary>Whether anything of it is still to be taken away.</summary>
    public bool IsAsked => Wanted > 0;

    /// <summary>Whether the wait has to be long enough for it: claimed, asked for, and within reach of this disinfectant at all.</summary>
    public bool IsWaitedFor => IsAsked && IsClaimed;

    public static ClassWait Of(OrganismClass organism, ContactQuestion ask)
    {
        var wanted = ask.Before.StillWanted(organism, ask.Target);
        var rate = ContactRate.Of(ask.Profile.Active, organism, ask.Full, ask.Light);
        var own = rate.MinutesTo(wanted);
        // What no wait reaches asks for no wait of its own; the label's stands.
        var ever = rate.Dark.LogsPerMinute > 0 || rate.Lit.LogsPerMinute > 0;
        var longest = ever
            ? ask.Milder.Select(at => ContactRate.Of(ask.Profile.Active, organism, at, ask.Light).MinutesTo(wanted)).Append(own).Max()
            : 0;
        return new ClassWait(
            Organism: organism,
            Rate: rate,
            Wanted: wanted,
            IsClaimed: ask.Profile.Claims.Contains(organism),
            Own: Day(ever ? own : 0),
            Computed: Day(longest),
            Reaches: wanted <= 0 || (ever && own <= ContactTime.LongestCreditedMinutes)
        );
    }

    /// <summary>What a wait comes to.</summary>
    public LedgerRow Row(double wait, ContactQuestion ask)
    {
        var logs = IsClaimed ? Math.Min(LogTarget.Cap, Rate.Logs(Math.Min(wait, ContactTime.LongestCreditedMinutes))) : 0;
        var reason =
            !IsClaimed ? NotClaimed
            : logs <= 0 ? Rate.AtStart.Source
            : $"{Speaker.Minutes(wait)} of contact";
        // Short of what this barrier has to give, not of the whole target.
        var missing = Math.Max(0, Wanted - logs);
        return new LedgerRow(
            Organism: Organism,
            TargetLogs: ask.Target.For(Organism),
            Credits: [new LogCredit(ask.Profile.Name, logs, reason)],
            TotalLogs: logs,
            ShortByLogs: missing <= 1e-9 ? 0 : missing,
            Meets: missing <= 1e-9,
            MinutesToTarget: IsAsked && IsClaimed && Reaches ? Computed : null
        );
    }

    private static double Day(double minutes) => Math.Min(minutes, ContactTime.LongestCreditedMinutes);
}
