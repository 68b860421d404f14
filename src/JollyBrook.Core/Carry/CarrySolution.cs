namespace JollyBrook.Core.Carry;

/// <summary>One fill of a plan: from where to where, and with how much.</summary>
/// <param name="From">Index of the stop filled at.</param>
/// <param name="To">Index of the next stop filled at, or of the finish.</param>
/// <param name="ArriveL">In hand on arrival at <paramref name="From"/>, L; 0 at the start.</param>
/// <param name="DrinkL">Drunk on the spot, L.</param>
/// <param name="LeaveL">Taken along or used on the spot at a camp there, L.</param>
/// <param name="ArriveNextL">In hand on arrival at <paramref name="To"/>, L.</param>
/// <param name="WaitsAtNext">Whether the treatment at <paramref name="To"/> is waited for there.</param>
/// <param name="ShortL">Litres beyond what can be carried; 0 when it fits.</param>
public sealed record CarryFill(
    int From,
    int To,
    double ArriveL,
    double DrinkL,
    double LeaveL,
    double ArriveNextL,
    bool WaitsAtNext,
    double ShortL
)
{
    /// <summary>Taken from the source, L.</summary>
    public double TakenL => LeaveL + DrinkL - ArriveL;
}

/// <summary>A plan: its fills in order and what it costs.</summary>
/// <param name="Fills">In order.</param>
/// <param name="Cost">Carried kg × equivalent km + λ × minutes, kg·km; without what is beyond capacity.</param>
public sealed record CarrySolution(IReadOnlyList<CarryFill> Fills, double Cost)
{
    /// <summary>Whether no leg is left short of water.</summary>
    public bool IsFeasible => Fills.All(f => f.ShortL <= 0);
}
