using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Packing;

/// <summary>What a trip asks of a kit, filled up from its plan.</summary>
/// <param name="Trip">Nothing left out that the plan could tell.</param>
/// <param name="Run">The trip solved; null without a route.</param>
/// <param name="Plan">The same told; null with it.</param>
/// <param name="Assumptions">What neither could tell, and was taken as worse.</param>
internal sealed record CheckedTrip(KitTrip Trip, PlanRun? Run, PlanResponse? Plan, IReadOnlyList<Assumption> Assumptions);
