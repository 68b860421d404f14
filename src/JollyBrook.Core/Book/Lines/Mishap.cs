using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A piece of kit froze, fell or no longer clears: bad news, which counts at once.</summary>
/// <param name="ItemId">Which.</param>
/// <param name="What">What happened to it.</param>
public sealed record Mishap(Guid? ItemId, MishapKind? What) : BookLine
{
    private static readonly ChoiceField WhatField = ChoiceField.Of<MishapKind>("what", "What happened");

    internal static readonly LineKind Described = new(
        BookLineKind.Mishap,
        "Froze, fell or runs cloudy",
        new Mishap(null, null),
        [LineFields.Item, WhatField],
        [
            Column<Mishap>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<Mishap>.Choice("mishap", "What happened", l => l.What, (l, v) => l with { What = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Mishap;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Kit")}: {Words}";

    private string Words =>
        What switch
        {
            MishapKind.Froze => "froze, or may have",
            MishapKind.RunsCloudy => "runs cloudy",
            _ => "was dropped",
        };

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(WhatField, What);
}
