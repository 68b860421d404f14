using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>Where a fold ended, to fold on from when nothing before it has changed.</summary>
/// <param name="UpTo">The instant it reaches: every line, batch and tap up to it is in.</param>
/// <param name="Vessels">Containers.</param>
/// <param name="Stocks">Supplies.</param>
/// <param name="Walkers">Walkers.</param>
/// <param name="Sources">Sources.</param>
/// <param name="Batches">Batches whose water is in hand, with their taps.</param>
/// <param name="ThrownAway">Batches thrown away, which can be brought back.</param>
/// <param name="Doubts">Lines that do not add up.</param>
/// <param name="Sums">Where the litres went.</param>
/// <param name="Place">Where somebody last stood at a source.</param>
/// <param name="Walked">Stretches that were walked.</param>
public sealed record Snapshot(
    DateTimeOffset UpTo,
    IReadOnlyList<VesselShot> Vessels,
    IReadOnlyList<StockShot> Stocks,
    IReadOnlyList<WalkerShot> Walkers,
    IReadOnlyList<SourceInHand> Sources,
    IReadOnlyList<KeptBatch> Batches,
    IReadOnlyList<ThrownAway> ThrownAway,
    IReadOnlyList<LineDoubt> Doubts,
    LitresShot Sums,
    PlaceInHand? Place = null,
    IReadOnlyList<WalkedStretch>? Walked = null
);

/// <summary>A container in a snapshot.</summary>
/// <param name="Id">The kit item.</param>
/// <param name="Litres">What is in it, L.</param>
/// <param name="Content">What that is.</param>
/// <param name="CleanSideDirty">Whether its threads, cap or hose touched raw water.</param>
/// <param name="Story">The lines, batches and taps that made it so.</param>
/// <param name="MovedAt">When water last went in or out, or became something else.</param>
public sealed record VesselShot(
    Guid Id,
    double Litres,
    Content Content,
    bool CleanSideDirty,
    IReadOnlyList<Guid> Story,
    DateTimeOffset? MovedAt = null
);

/// <summary>What is in a container, before it is known how far its batches are.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "is")]
[JsonDerivedType(typeof(NoContent), "nothing")]
[JsonDerivedType(typeof(Raw), "raw")]
[JsonDerivedType(typeof(OfBatches), "batches")]
public abstract record Content;

/// <inheritdoc/>
public sealed record NoContent : Content
{
    /// <summary>The one instance.</summary>
    public static readonly NoContent It = new();
}

/// <inheritdoc/>
public sealed record Raw(Guid? SourceId, Clarity? Clarity, WaterColour? Colour, double? TemperatureC) : Content
{
    /// <summary>Two raw waters in one container: the cloudier, the colder, of no one source.</summary>
    public Raw With(Raw other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return new Raw(
            SourceId == other.SourceId ? SourceId : null,
            Clarity is { } a && other.Clarity is { } b && a != Water.Clarity.Unknown && b != Water.Clarity.Unknown ? (a > b ? a : b) : null,
            Colour == other.Colour ? Colour : null,
            TemperatureC is { } warm && other.TemperatureC is { } cold ? Math.Min(warm, cold) : null
        );
    }
}

/// <inheritdoc/>
/// <param name="Ids">The batches, in order of their ids.</param>
public sealed record OfBatches(IReadOnlyList<Guid> Ids) : Content;

/// <summary>A supply in a snapshot.</summary>
/// <param name="Id">The kit item.</param>
/// <param name="Left">Tablets, mL, portions, cycles of light or g of fuel; null when not known.</param>
/// <param name="ReckonedG">Fuel reckoned and not weighed since, g.</param>
/// <param name="SinceServiceL">Litres through a filter since it was last serviced, L.</param>
/// <param name="Filter">What a filter has been through.</param>
/// <param name="SuspectSince">The line since which it is suspect.</param>
/// <param name="IsStruck">Whether a mishap or a failed check stands against it.</param>
/// <param name="GuardedAt">When it was last put away warm.</param>
/// <param name="WarmAt">When it was last told to have stayed warm.</param>
/// <param name="AskedSince">Since the end of which night nobody has said whether it stayed warm.</param>
/// <param name="Layers">What the layers of a layered filter have been through; null for other things.</param>
public sealed record StockShot(
    Guid Id,
    double? Left,
    double ReckonedG,
    double SinceServiceL,
    FilterState Filter,
    Guid? SuspectSince,
    bool IsStruck,
    DateTimeOffset? GuardedAt = null,
    DateTimeOffset? WarmAt = null,
    DateTimeOffset? AskedSince = null,
    LayersState? Layers = null
);

/// <summary>A walker in a snapshot.</summary>
public sealed record WalkerShot(
    Guid Id,
    IReadOnlyList<DrinkTold> Drinks,
    double? UrineColour,
    DateTimeOffset? UrineAt,
    double? MassKg,
    DateTimeOffset? MassAt,
    IReadOnlyList<BodySign> Signs,
    DateTimeOffset? SignsAt
);

/// <summary>Water thrown away with its batch.</summary>
/// <param name="BatchId">The batch.</param>
/// <param name="ContainerId">What it was in.</param>
/// <param name="Litres">How much, L.</param>
/// <param name="Content">What it was.</param>
public sealed record ThrownAway(Guid BatchId, Guid ContainerId, double Litres, Content Content);

/// <summary>Litres that came and went.</summary>
public sealed record LitresShot(double InL, double DrunkL, double CookedL, double SpiltL);
