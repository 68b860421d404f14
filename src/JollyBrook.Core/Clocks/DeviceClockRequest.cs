using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Clocks;

/// <summary>What a device can tell about its own clock.</summary>
/// <param name="Now">What the device's clock shows.</param>
/// <param name="LatestSeen">The latest it has ever shown or stored; null on its first day.</param>
/// <param name="ServerAheadSeconds">How far the server's clock is ahead of it, by their last meeting; negative when behind; null when they
/// have not met.</param>
/// <param name="ServerAheadBeforeSeconds">The same by a meeting before that; null without one.</param>
/// <param name="JumpSeconds">
/// How much further the clock has moved than the page's own stopwatch since the last meeting; the stopwatch stands still while the
/// device sleeps. Null when they agree.
/// </param>
/// <param name="WaitRunning">Whether a wait was running meanwhile.</param>
public sealed record DeviceClockRequest(
    DateTimeOffset? Now,
    DateTimeOffset? LatestSeen = null,
    double? ServerAheadSeconds = null,
    double? ServerAheadBeforeSeconds = null,
    double? JumpSeconds = null,
    bool? WaitRunning = null
)
{
    /// <summary>Thirty years: more than any clock is off by, and small enough to reckon with.</summary>
    private const double MostSeconds = 1e9;

    internal static readonly InstantField NowField = new("now", "The time now");

    internal static readonly NumberField Ahead = Seconds("serverAheadSeconds", "How far the server is ahead");

    internal static readonly NumberField AheadBefore = Seconds("serverAheadBeforeSeconds", "How far the server was ahead");

    internal static readonly NumberField Jump = Seconds("jumpSeconds", "The clock's jump");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        NowField,
        new InstantField("latestSeen", "The latest time seen"),
        Ahead,
        AheadBefore,
        Jump,
    ];

    private static NumberField Seconds(string path, string label) =>
        new(path, label, Quantity.Plain, -MostSeconds, MostSeconds, "Give it in seconds.");
}

/// <summary>What is to be minded about a device's clock; nothing when it can be trusted as far as anyone can tell.</summary>
/// <param name="Cautions">The gravest of what is seen, in a line.</param>
public sealed record DeviceClockResponse(IReadOnlyList<Caution> Cautions);
