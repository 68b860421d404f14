using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Sources;

/// <summary>What kind of place the water is taken from.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SourceKind>))]
public enum SourceKind
{
    /// <summary>Not told; counts as the worse of those it could be.</summary>
    Unknown,

    /// <summary>Comes out of the ground here.</summary>
    Spring,

    /// <summary>Small running water.</summary>
    Stream,

    /// <summary>Large running water.</summary>
    River,

    /// <summary>Large standing water.</summary>
    Lake,

    /// <summary>Small standing water.</summary>
    Pond,

    /// <summary>A tank or trough.</summary>
    Tank,

    /// <summary>Water that barely wells up.</summary>
    Seep,

    /// <summary>Melted.</summary>
    Snow,

    /// <summary>Caught from the sky.</summary>
    Rain,

    /// <summary>Turned to vapour and caught clean.</summary>
    Distilled,

    /// <summary>Dew, leaf bags, stills over plants, sap.</summary>
    FromPlants,

    /// <summary>Drawn from a shaft.</summary>
    Well,

    /// <summary>A pothole or rock basin that rain fills.</summary>
    Pothole,

    /// <summary>Drains fields or a road.</summary>
    Ditch,

    /// <summary>A tap, in a hut or village.</summary>
    Tap,
}

/// <summary>What a kind of source means for the questions asked about it.</summary>
public static class SourceKinds
{
    /// <summary>Caught rather than drawn: it has no flow, no upstream, and no rain washes the ground into it.</summary>
    public static bool IsCaught(SourceKind? kind) =>
        kind is SourceKind.Snow or SourceKind.Rain or SourceKind.Distilled or SourceKind.FromPlants;

    /// <summary>
    /// Whether its flow, the rain and what lies upstream say anything about it: not of what is caught or comes out of a tap.
    /// </summary>
    public static bool IsOpen(SourceKind? kind) => !IsCaught(kind) && kind != SourceKind.Tap;

    /// <summary>Whether there is an upstream to walk.</summary>
    public static bool HasUpstream(SourceKind? kind) =>
        kind is null or SourceKind.Unknown or SourceKind.Stream or SourceKind.River or SourceKind.Ditch;

    /// <summary>Whether it may be clean enough to be drunk as it is by the traveller's own choice.</summary>
    public static bool MayBeUntreated(SourceKind? kind) => kind is SourceKind.Snow or SourceKind.Rain or SourceKind.Distilled;
}

/// <summary>How the water moves.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<SourceFlow>))]
public enum SourceFlow
{
    /// <summary>Counts as stagnant.</summary>
    Unknown,

    /// <summary>Runs.</summary>
    Flowing,

    /// <summary>Barely runs.</summary>
    Slow,

    /// <summary>Stands.</summary>
    Stagnant,
}

/// <summary>A question answered, or not.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<YesNo>))]
public enum YesNo
{
    /// <summary>Nobody has looked; counts as the worse answer.</summary>
    Unknown,

    /// <summary>It is so.</summary>
    Yes,

    /// <summary>It is not so.</summary>
    No,
}

/// <summary>What is seen at the source or upstream of it.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Sighting>))]
public enum Sighting
{
    /// <summary>A film of fuel, or its smell.</summary>
    FuelSheen,

    /// <summary>Orange, white or blue crusts; no life at all.</summary>
    MineDrainage,

    /// <summary>Fields just sprayed, or slurry running off.</summary>
    Pesticide,

    /// <summary>Blue-green scum.</summary>
    Bloom,

    /// <summary>Dead fish.</summary>
    DeadFish,

    /// <summary>Salt or brackish to the taste.</summary>
    Salt,

    /// <summary>An outfall of industry.</summary>
    IndustrialOutfall,

    /// <summary>A sign that closes it.</summary>
    PostedClosure,

    /// <summary>A carcass in or above it.</summary>
    Carcass,

    /// <summary>Cattle or sheep, or a wallow.</summary>
    Stock,

    /// <summary>A camp, a hut, a toilet or a crossing above.</summary>
    CampOrToilet,

    /// <summary>Foam that stays.</summary>
    LastingFoam,

    /// <summary>It smells foul.</summary>
    BadSmell,

    /// <summary>Stones slick with growth.</summary>
    SlickStones,

    /// <summary>Plants dead along the edge.</summary>
    DeadPlants,

    /// <summary>Nothing lives or works above it.</summary>
    NobodyAbove,

    /// <summary>Runs clear over stone.</summary>
    ClearOverStone,

    /// <summary>Water insects alive under the stones.</summary>
    LivingInsects,
}

/// <summary>A source as it is seen. A null or "unknown" counts as worse.</summary>
/// <param name="Kind">What kind of place.</param>
/// <param name="Flow">How it moves.</param>
/// <param name="Seen">What is seen there.</param>
/// <param name="UpstreamWalked">Whether somebody walked 100 to 200 m upstream and round the next bend.</param>
/// <param name="RainLastDay">Heavy rain or a surge of melt in the last 24 hours.</param>
/// <param name="ConductivityUsCm">A probe's reading, µS/cm, 0 to 100 000.</param>
/// <param name="Here">Which of the trip's sources this is; null for another place.</param>
public sealed record SourceInput(
    SourceKind? Kind,
    SourceFlow? Flow,
    IReadOnlyList<Sighting>? Seen,
    YesNo? UpstreamWalked,
    YesNo? RainLastDay,
    double? ConductivityUsCm = null,
    string? Here = null
);

/// <summary>The fields of a source as it is seen.</summary>
public static class SourceFields
{
    /// <summary>A probe's reading, µS/cm, 0 to 100 000.</summary>
    public static readonly NumberField Conductivity = new(
        "source.conductivityUsCm",
        "Conductivity",
        Quantity.Conductivity,
        0,
        100000,
        "Read the probe again, or leave it out."
    );

    /// <summary>Every field of a source.</summary>
    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<SourceKind>("source.kind", "Kind of source"),
        ChoiceField.Of<SourceFlow>("source.flow", "Flow"),
        ChoiceField.Of<Sighting>("source.seen", "What is seen"),
        ChoiceField.Of<YesNo>("source.upstreamWalked", "Upstream walk"),
        ChoiceField.Of<YesNo>("source.rainLastDay", "Rain in the last day"),
        Conductivity,
    ];
}
