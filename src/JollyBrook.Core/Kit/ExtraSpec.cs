using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>Something for taste, salt or the residual: counted in portions, no barrier.</summary>
/// <param name="PortionsLeft">Portions left, 0 to 10 000; null when not counted.</param>
/// <param name="BestBefore">The date on the pack.</param>
public sealed record ExtraSpec(double? PortionsLeft = null, DateOnly? BestBefore = null)
{
    private static readonly NumberField Left = new(
        "extra.portionsLeft",
        "Portions left",
        Quantity.Plain,
        0,
        10000,
        "Count what is in the bag."
    );

    /// <summary>Notes what can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(Left, PortionsLeft);
    }
}
