namespace JollyBrook.Core.Carry;

/// <summary>
/// The bare problem of carrying water: a line of points with the use, effort and their product added up from the start, and the stops
/// where water may be taken. All sums never fall.
/// </summary>
/// <param name="UseL">At each point, litres used by the party since the start.</param>
/// <param name="EffortKm">At each point, equivalent km since the start (km + ascent m/100).</param>
/// <param name="UseByEffort">At each point, ∫ use d(effort) since the start, L·km.</param>
/// <param name="Stops">In order; the first is the start, the last the finish.</param>
/// <param name="ReserveL">Kept in hand on every arrival, L.</param>
/// <param name="KgKmPerMinute">λ: what a minute stopped costs, kg·km.</param>
public sealed record CarryProblem(
    double[] UseL,
    double[] EffortKm,
    double[] UseByEffort,
    IReadOnlyList<CarryStop> Stops,
    double ReserveL,
    double KgKmPerMinute
);

/// <summary>A stop that may be counted on.</summary>
/// <param name="Point">Its point on the line.</param>
/// <param name="CapacityL">Most that can be carried away from it, L.</param>
/// <param name="DrinkL">Drunk on the spot, L.</param>
/// <param name="StopMinutes">Minutes for stopping at all: detour there and back.</param>
/// <param name="MinutesPerL">Minutes for each litre taken: collecting and hands-on treatment.</param>
/// <param name="WaitNeedL">Litres needed before what is taken here is drinkable.</param>
/// <param name="WaitMinutes">How long that is.</param>
/// <param name="DetourUseL">Litres used on the detour, one way.</param>
/// <param name="HandsOnMinutes">Of <paramref name="StopMinutes"/>, work that treating any amount asks.</param>
/// <param name="OnTheSpotL">Litres used between here and the next stop without leaving the place: drawn as needed, so no container
/// binds.</param>
public sealed record CarryStop(
    int Point,
    double CapacityL,
    double DrinkL = 0,
    double StopMinutes = 0,
    double MinutesPerL = 0,
    double WaitNeedL = 0,
    double WaitMinutes = 0,
    double DetourUseL = 0,
    double OnTheSpotL = 0,
    double HandsOnMinutes = 0
);
