namespace JollyBrook.Core.InHand;

/// <summary>A night that freezes, or may.</summary>
/// <param name="From">When it begins: an answer after that is about this night.</param>
/// <param name="To">When it is over, and was to be asked about.</param>
/// <param name="LowC">Its lowest, °C; null where nobody knows.</param>
/// <param name="ItemId">The piece of kit it is about; null for all.</param>
internal sealed record FrostNight(DateTimeOffset From, DateTimeOffset To, double? LowC, Guid? ItemId = null)
{
    /// <summary>Clock hour at which a night begins (pick): what is put away by then is not used again before morning.</summary>
    public const double FromHour = 22;

    /// <summary>Clock hour at which it is over (pick): nobody has used anything before.</summary>
    public const double ToHour = 5;

    /// <summary>So long before it begins its evening does, h (pick): camp is reached in the afternoon.</summary>
    private const double EveningH = 6;

    /// <summary>Somebody who wrote nothing for so long before it was not out, h (pick).</summary>
    private const double SilentH = 24;

    /// <summary>When its evening begins: from then on kit can be put away for it.</summary>
    public DateTimeOffset Evening => From.AddHours(-EveningH);

    /// <summary>Whether anybody was out in it, by when the log last told of anything.</summary>
    public bool IsLived(DateTimeOffset toldAt) => toldAt >= From.AddHours(-SilentH);

    /// <summary>The night that something put away at an instant is for: the next whose end is still to come, by the same clock.</summary>
    public static FrostNight After(DateTimeOffset at, Guid itemId)
    {
        var midnight = new DateTimeOffset(at.Date, at.Offset);
        var to = midnight.AddHours(ToHour);
        to = to > at ? to : to.AddDays(1);
        return new FrostNight(to.AddHours(FromHour - 24 - ToHour), to, null, itemId);
    }
}
