using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Book;

/// <summary>What a line of the book tells of a source; what it does not speak of is null.</summary>
/// <param name="SourceId">The source.</param>
/// <param name="At">When it was found so.</param>
/// <param name="Flowing">Whether it ran; who fills there has seen it run.</param>
/// <param name="LitresPerMinute">Its flow, L/min.</param>
/// <param name="Clarity">How clear it was.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="TemperatureC">How cold, °C.</param>
/// <param name="Seen">What was seen there or upstream of it.</param>
public sealed record SourceReport(
    Guid SourceId,
    DateTimeOffset At,
    bool? Flowing = null,
    double? LitresPerMinute = null,
    Clarity? Clarity = null,
    WaterColour? Colour = null,
    double? TemperatureC = null,
    IReadOnlyList<Sighting>? Seen = null
)
{
    /// <summary>Null where the line is about no source.</summary>
    internal static SourceReport? Of(BookLine line) =>
        line switch
        {
            Filled { SourceId: { } at } filled => new SourceReport(
                SourceId: at,
                At: filled.At!.Value,
                Flowing: true,
                Clarity: Known(filled.Clarity),
                Colour: Known(filled.Colour),
                TemperatureC: filled.TemperatureC
            ),
            SourceSeen { SourceId: { } at } seen => new SourceReport(
                SourceId: at,
                At: seen.At!.Value,
                Flowing: seen.Flowing,
                LitresPerMinute: seen.FlowLPerMin,
                Clarity: Known(seen.Clarity),
                Colour: Known(seen.Colour),
                TemperatureC: seen.TemperatureC,
                Seen: seen.Seen
            ),
            _ => null,
        };

    /// <summary>The same together with an earlier one: what it does not speak of, it does not unsay.</summary>
    internal SourceReport After(SourceReport earlier) =>
        this with
        {
            Flowing = Flowing ?? earlier.Flowing,
            LitresPerMinute = LitresPerMinute ?? earlier.LitresPerMinute,
            Clarity = Clarity ?? earlier.Clarity,
            Colour = Colour ?? earlier.Colour,
            TemperatureC = TemperatureC ?? earlier.TemperatureC,
            Seen = Seen ?? earlier.Seen,
        };

    /// <summary>Whether a later one speaks of all that this one does.</summary>
    internal bool IsRetoldBy(SourceReport later) =>
        (Flowing is null || later.Flowing is not null)
        && (LitresPerMinute is null || later.LitresPerMinute is not null)
        && (Clarity is null || later.Clarity is not null)
        && (Colour is null || later.Colour is not null)
        && (TemperatureC is null || later.TemperatureC is not null)
        && (Seen is null || later.Seen is not null);

    private static Clarity? Known(Clarity? told) => told is Water.Clarity.Unknown ? null : told;

    private static WaterColour? Known(WaterColour? told) => told is WaterColour.Unknown ? null : told;
}
