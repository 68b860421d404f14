namespace JollyBrook.Core.InHand;

/// <summary>The instant of the moment that is being folded.</summary>
internal sealed class FoldClock
{
    public DateTimeOffset At { get; set; } = DateTimeOffset.MinValue;
}
