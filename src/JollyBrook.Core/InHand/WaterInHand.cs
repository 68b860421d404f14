using System.Text.Json.Serialization;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>What a container holds.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "is")]
[JsonDerivedType(typeof(NoWater), "empty")]
[JsonDerivedType(typeof(RawWater), "raw")]
[JsonDerivedType(typeof(UnderWay), "underWay")]
[JsonDerivedType(typeof(CleanWater), "clean")]
public abstract record WaterInHand;

/// <summary>Nothing.</summary>
public sealed record NoWater : WaterInHand;

/// <summary>Water that has not been treated.</summary>
/// <param name="SourceId">Its source; null where it is mixed or not known.</param>
/// <param name="Clarity">How clear; the cloudiest where it is mixed, null where it is not known.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="TemperatureC">How cold, °C; the coldest where it is mixed.</param>
public sealed record RawWater(Guid? SourceId, Clarity? Clarity, WaterColour? Colour, double? TemperatureC) : WaterInHand;

/// <summary>Water under treatment: not to be drunk yet.</summary>
/// <param name="BatchIds">The batches it is of.</param>
/// <param name="ReadyAt">When the last of them is ready; null while a hand is waited for.</param>
public sealed record UnderWay(IReadOnlyList<Guid> BatchIds, DateTimeOffset? ReadyAt) : WaterInHand;

/// <summary>Treated water.</summary>
/// <param name="BatchIds">The batches it is of.</param>
/// <param name="ShortOf">Classes it falls short of.</param>
/// <param name="DrinkBy">Until when it keeps; null where a residual keeps it.</param>
/// <param name="Stale">Whether that has passed: treat it again before drinking.</param>
public sealed record CleanWater(IReadOnlyList<Guid> BatchIds, IReadOnlyList<OrganismClass> ShortOf, DateTimeOffset? DrinkBy, bool Stale)
    : WaterInHand;
