using System.Runtime.CompilerServices;
using JollyBrook.Core.Carry.Promise;

namespace JollyBrook.Core.Carry;

/// <summary>
/// What happens at a water and on the way on: one account of it, for walks that are drawn and for those that are reckoned.
/// </summary>
internal static class WalkRules
{
    private const double Slack = 1e-9;

    /// <summary>What a fill at running water comes to.</summary>
    /// <param name="InHandL">In hand after it, L.</param>
    /// <param name="KgKm">Carried back to the line, kg·km.</param>
    /// <param name="Minutes">Collecting, hands-on treatment and waits, min; the way there is not in it.</param>
    /// <param name="Owed">What is owed to the bodies while a treatment works, kg·km.</param>
    internal readonly record struct Filled(double InHandL, double KgKm, double Minutes, double Owed);

    /// <summary>What the way from a place to the next comes to.</summary>
    /// <param name="InHandL">In hand at its end, L; below 0 is owed.</param>
    /// <param name="KgKm">Carried, kg·km.</param>
    /// <param name="Owed">What is owed on the way and left uncooked, by its price, kg·km.</param>
    /// <param name="IsShort">Whether more would be owed than may be.</param>
    internal readonly record struct Walked(double InHandL, double KgKm, double Owed, bool IsShort);

    /// <summary>Fills at a water, and draws the night there.</summary>
    /// <param name="route">The route.</param>
    /// <param name="k">The place.</param>
    /// <param name="water">The water.</param>
    /// <param name="inHandL">In hand on arrival, L.</param>
    /// <param name="leaveL">What is left with, once the night is used, L.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Filled Fill(SimulatedRoute route, int k, PolicyWater water, double inHandL, double leaveL)
    {
        var taken = Math.Min(leaveL - inHandL + (2 * water.DetourUseL), water.CacheL);
        // A camp uses what it came with first, and draws the rest.
        var drawn = taken + route.Legs[k].NightL;
        var (cost, waits) = water.Wait(inHandL, 1, route.DebtL, route.KgKmPerMinute);
        return new Filled(
            inHandL + Math.Max(-route.Legs[k].NightL, taken - (2 * water.DetourUseL)),
            drawn * water.KgKmPerL,
            (drawn * water.MinutesPerL) + (waits ? water.WaitMinutes : 0),
            waits ? 0 : cost
        );
    }

    /// <summary>Spends the night at a place, if one is spent there, and goes on to the next.</summary>
    /// <param name="route">The route.</param>
    /// <param name="k">The place.</param>
    /// <param name="inHandL">In hand, L.</param>
    /// <param name="found">Whether water was found here.</param>
    /// <param name="inBodyL">Of what is in hand drunk on the spot, L: not carried.</param>
    /// <param name="useL">Used on the way, L.</param>
    /// <param name="pace">The hours against the plan's.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Walked Leg(SimulatedRoute route, int k, double inHandL, bool found, double inBodyL, double useL, double pace)
    {
        var (place, hand, owed) = (route.Legs[k], inHandL, 0.0);
        if (place.NightL > 0 && !found)
        {
            var taken = place.Cooks(hand) ? place.NightL : place.DryNightL;
            owed += PolicyProblem.LeftOutPrice * (place.NightL - taken);
            hand -= taken;
        }

        var kgKm = place.EffortKm * PolicyLeg.CarriedL(hand, useL, inBodyL);
        if (useL > hand)
        {
            owed += PolicyProblem.DebtPrice * place.Hours * pace * PolicyLeg.MeanAbove(useL - hand, useL);
        }

        hand -= useL;
        var isShort = hand < -route.DebtL - Slack;
        return new Walked(isShort ? -route.DebtL : hand, kgKm, owed, isShort);
    }
}
