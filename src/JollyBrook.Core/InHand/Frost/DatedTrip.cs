using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.InHand;

/// <summary>A trip for its nights.</summary>
/// <param name="Route">The route; one without a first day has no nights that could be told.</param>
/// <param name="OffsetsMinutes">Its clock's offset from UTC on each day, as <see cref="PlanRequest.OffsetsMinutes"/> has it.</param>
public sealed record DatedTrip(TripRoute? Route, IReadOnlyList<double>? OffsetsMinutes = null);
