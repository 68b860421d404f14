namespace JollyBrook.Server.Tests;

/// <summary>The real clock, put forward by hand; timers run as ever.</summary>
public sealed class ShiftedTime : TimeProvider
{
    private TimeSpan _shift;

    public void Advance(TimeSpan by) => _shift += by;

    public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + _shift;
}
