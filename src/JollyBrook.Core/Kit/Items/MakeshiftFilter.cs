using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <summary>A filter built from sand, charcoal and cloth: it clears, and takes no organism away.</summary>
public sealed record MakeshiftFilter : KitItem
{
    protected override KitItemKind OwnKind => KitItemKind.ImprovisedFilter;

    protected override void CheckOwn(Intake intake)
    {
    }

    internal override string Words(KitEntry now, Speaker say) => "Clears, takes no organism away";
}
