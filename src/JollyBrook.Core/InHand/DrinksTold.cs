using JollyBrook.Core.Units;

namespace JollyBrook.Core.InHand;

/// <summary>Every drink of a whole log, with the water it was: what an illness is looked back on by.</summary>
internal static class DrinksTold
{
    /// <summary>Folds the log from the beginning, as "in-hand" does; what is still to come is no drink yet.</summary>
    /// <param name="log">The log, with the kit it is about.</param>
    /// <param name="now">The time now.</param>
    /// <param name="say">Says figures in the traveller's units.</param>
    public static IReadOnlyList<Drink> In(InHandRequest log, DateTimeOffset now, Speaker say)
    {
        var batches = WhatIsInHand.Started(log);
        var moments = WhatIsInHand.Moments(Standing.Of(log.Lines ?? []).Lines, batches, []);
        return WhatIsInHand.Folded(log with { Since = null }, say, moments.TakeWhile(m => m.At <= now), batches).Drinks;
    }
}
