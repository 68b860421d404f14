using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Something in words.</summary>
/// <param name="WalkerId">Whose; null for the party.</param>
public sealed record Noted(Guid? WalkerId = null) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.Note,
        "Note",
        new Noted(),
        [],
        [Column<Noted>.Thing("walker", "Walker", l => l.WalkerId, (l, v) => l with { WalkerId = v })]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Note;

    /// <inheritdoc/>
    protected override bool NoteIsTitle => true;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => FirstLine(Note ?? "");

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake) => CheckWords(intake, Note, NoteField);

    internal static void CheckWords(Intake intake, string? note, ChoiceField field)
    {
        if (string.IsNullOrWhiteSpace(note))
        {
            intake.Refuse(field, "Nothing is written. Say it in a few words.");
        }
    }
}
