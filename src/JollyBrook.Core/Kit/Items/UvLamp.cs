using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Light;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>A lamp whose light disinfects.</summary>
/// <param name="Lamp">Its label.</param>
public sealed record UvLamp(LampSpec? Lamp) : KitItem
{
    /// <inheritdoc/>
    protected override KitItemKind OwnKind => KitItemKind.Lamp;

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        if (Lamp is { } lamp)
        {
            lamp.Check(intake);
        }
        else
        {
            DetailsMissing(intake);
        }
    }

    internal override IEnumerable<IBarrier> Barriers(string id, KitEntry now) =>
        Lamp is { } lamp ? [new LampBarrier(id, Name ?? "", lamp, now.Left)] : [];

    internal override string Amount(double units, Speaker say)
    {
        var whole = Math.Ceiling(units - 1e-9);
        return whole == 1 ? "1 cycle" : $"{Speaker.Number(whole, 0)} cycles";
    }

    internal override string Words(KitEntry now, Speaker say) =>
        $"{say.Of(Quantity.Volume, Lamp?.VolumePerCycleL ?? 0)} in {Speaker.Number(Lamp?.SecondsPerCycle ?? 0, 0)} s; "
        + (now.Left is { } left ? $"{Speaker.Number(left, 0)} cycles left" : "cycles left not known: not counted on");
}
