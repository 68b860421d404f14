namespace JollyBrook.Core.Body;

/// <summary>What the clock of sign checks goes by.</summary>
/// <param name="From">The day's beginning, well watered.</param>
/// <param name="LookedAt">When signs were last looked for; null for not since then.</param>
/// <param name="DrunkAt">When something was last drunk since then.</param>
/// <param name="UrineAt">When there last was urine since then.</param>
/// <param name="State">How the walker stands by what is known now.</param>
/// <param name="HasSigns">Whether the last look found any.</param>
/// <param name="IsCold">Whether the air is so cold that thirst hides.</param>
public sealed record SignTimes(
    DateTimeOffset From,
    DateTimeOffset? LookedAt,
    DateTimeOffset? DrunkAt,
    DateTimeOffset? UrineAt,
    WaterState State,
    bool HasSigns,
    bool IsCold
);

/// <summary>When to look for signs, and why then.</summary>
/// <param name="At">When; in the past when it is overdue.</param>
/// <param name="Why">Why, in a few words.</param>
public sealed record NextLook(DateTimeOffset At, string Why);

/// <summary>
/// When a walker's signs are looked for (handbook room 95): by the clock in the cold, after two hours without a drink or urine, and
/// again while they are not well. A look that found nothing puts all of these off: reminders stop when they are answered.
/// </summary>
public static class SignClock
{
    /// <summary>Hours without a drink or urine written.</summary>
    public const double QuietHours = 2;

    /// <summary>In the cold, hours from one look or drink to the next look (pick).</summary>
    public const double ColdHours = 1;

    /// <summary>When signs are to be looked for again.</summary>
    public static NextLook Next(SignTimes times)
    {
        ArgumentNullException.ThrowIfNull(times);
        List<NextLook> looks =
        [
            new(
                Latest(times.From, times.LookedAt, times.DrunkAt, times.UrineAt).AddHours(QuietHours),
                $"No drink and no urine written for {QuietHours:0} h."
            ),
        ];
        if (times.IsCold)
        {
            looks.Add(
                new(Latest(times.From, times.LookedAt, times.DrunkAt).AddHours(ColdHours), "Thirst hides in the cold: by the clock.")
            );
        }

        if (times.HasSigns || times.State > WaterState.DrinkSoon)
        {
            looks.Add(
                times.LookedAt is { } looked
                    ? new(
                        looked.AddMinutes(StateAdvice.AskAgainMinutes(times.State)),
                        "Not well at the last look, or by what was written since."
                    )
                    : new(times.From, "Not well by what was written, and nobody has looked yet.")
            );
        }

        return looks.MinBy(l => l.At)!;
    }

    private static DateTimeOffset Latest(DateTimeOffset from, params ReadOnlySpan<DateTimeOffset?> others)
    {
        var latest = from;
        foreach (var other in others)
        {
            latest = other > latest ? other.Value : latest;
        }

        return latest;
    }
}
