using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>The line it names does not count: as if it had never been written. It can be taken back itself.</summary>
public sealed record TakenBack : BookLine
{
    private static readonly ChoiceField CorrectsField = new("corrects", "Line taken back", ["the id of a line"]);

    internal static readonly LineKind Described = new(BookLineKind.TakenBack, "Taken back", new TakenBack(), [CorrectsField], []);

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.TakenBack;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => "Taken back";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => intake?.Present(CorrectsField, Corrects);
}
