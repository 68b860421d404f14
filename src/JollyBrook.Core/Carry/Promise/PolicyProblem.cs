using System.Runtime.CompilerServices;

namespace JollyBrook.Core.Carry.Promise;

/// <summary>Water that may be had at a place of the way.</summary>
/// <param name="Chance">That it runs when the party comes, 0 to 1.</param>
/// <param name="CapacityL">Most that can be carried away from it, L.</param>
public sealed record PolicyWater(double Chance, double CapacityL)
{
    /// <summary>Which source it is of: those of one number run together or are dry together. Below 0 it is by itself.</summary>
    public int Source { get; init; } = -1;

    /// <summary>There and back, off the line, min.</summary>
    public double TripMinutes { get; init; }

    /// <summary>Collecting and hands-on treatment, min for each litre taken.</summary>
    public double MinutesPerL { get; init; }

    /// <summary>Drunk on the spot, L: in the body, and not on the back.</summary>
    public double DrinkL { get; init; }

    /// <summary>Used by the party on the way off to it, one way, L.</summary>
    public double DetourUseL { get; init; }

    /// <summary>What lies there, L; infinite where water is not limited.</summary>
    public double CacheL { get; init; } = double.PositiveInfinity;

    /// <summary>Litres that must be in hand on arrival, so that the treatment need not be waited for.</summary>
    public double WaitNeedL { get; init; }

    /// <summary>How long the treatment runs, min.</summary>
    public double WaitMinutes { get; init; }

    /// <summary>
    /// What arriving with less than the treatment's wait asks for costs: it is waited for, or, where that is cheaper and nobody counts as
    /// short by it, carried on while it works and the bodies owed meanwhile.
    /// </summary>
    /// <param name="inHandL">In hand on arrival, L.</param>
    /// <param name="needFactor">What the median need is multiplied by.</param>
    /// <param name="debtL">What may be owed, L.</param>
    /// <param name="kgKmPerMinute">λ.</param>
    /// <returns>kg·km, and whether it is waited for.</returns>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public (double Cost, bool Waits) Wait(double inHandL, double needFactor, double debtL, double kgKmPerMinute)
    {
        var missing = (needFactor * WaitNeedL) - inHandL;
        if (missing <= Slack || WaitMinutes <= 0)
        {
            return (0, false);
        }

        var (waiting, owing) = (kgKmPerMinute * WaitMinutes, PolicyProblem.DebtPrice * missing / 2 * WaitMinutes / 60);
        return missing <= debtL + Slack && owing < waiting ? (owing, false) : (waiting, true);
    }

    private const double Slack = 1e-9;

    /// <summary>What carrying a litre back to the line costs, kg·km.</summary>
    public double KgKmPerL { get; init; }

    /// <summary>Whether only going there shows that it is dry; what lies on the way is seen in passing.</summary>
    public bool IsSeenOnlyThere { get; init; }
}

/// <summary>A place of the way, and the leg to the next one.</summary>
/// <param name="NeedL">Litres the party uses on the leg at the median, L.</param>
/// <param name="EffortKm">Its equivalent km (km + ascent m/100).</param>
/// <param name="Hours">How long it takes, h.</param>
public sealed record PolicyPlace(double NeedL, double EffortKm, double Hours)
{
    /// <summary>The waters to be had here, in the order they are tried; none is most places.</summary>
    public IReadOnlyList<PolicyWater> Waters { get; init; } = [];

    /// <summary>
    /// Used in a night here before the leg, L: once a water has run, it is drawn from there as needed and carried nowhere.
    /// </summary>
    public double NightL { get; init; }

    /// <summary>Of it what is drunk, L: where no water runs and little is in hand, nobody cooks or washes.</summary>
    public double DryNightL { get; init; }

    /// <summary>Whether a camp that found no water cooks and washes: not with what the way on needs at the median.</summary>
    /// <param name="inHandL">In hand before the night, L.</param>
    public bool Cooks(double inHandL) => inHandL - NightL >= NeedL - Slack;

    private const double Slack = 1e-9;
}

/// <summary>
/// Carrying water where sources may be dry and need is not known: what to leave each place with, for whatever is in hand there (handbook
/// room 70).
/// </summary>
/// <param name="Places">In order; the first is the start, whose water is sure if it has one, and the last the finish.</param>
/// <param name="StepL">Step of the litres in hand that are told apart, L.</param>
public sealed record PolicyProblem(IReadOnlyList<PolicyPlace> Places, double StepL)
{
    /// <summary>What being below the reserve on arrival costs, kg·km for each litre (pick): enough that it is never planned.</summary>
    public const double BelowReservePrice = 50;

    /// <summary>What owing the body a litre for an hour costs, kg·km: 1 for each 0.1 L (handbook room 70, pick).</summary>
    public const double DebtPrice = 10;

    /// <summary>What a litre of cooking or washing that is left out costs, kg·km (pick): a cold supper.</summary>
    public const double LeftOutPrice = 10;

    /// <summary>What is in hand on arriving at the first place, L.</summary>
    public double StartL { get; init; }

    /// <summary>Kept in hand on every arrival at water, L, the whole party.</summary>
    public double ReserveL { get; init; }

    /// <summary>What may be owed to the bodies before they count as short, L, the whole party.</summary>
    public double DebtL { get; init; }

    /// <summary>λ: what a minute stopped costs, kg·km.</summary>
    public double KgKmPerMinute { get; init; } = Route.TripRoute.DefaultKgKmPerMinute;
}
