using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>Someone feels ill; the note says how.</summary>
/// <param name="WalkerId">Who.</param>
/// <param name="FeverC">Body temperature, °C, 33 to 43.</param>
/// <param name="Blood">Whether there was blood.</param>
public sealed record SymptomFelt(Guid? WalkerId, double? FeverC = null, bool? Blood = null) : BookLine
{
    private static readonly NumberField Fever = new(
        "feverC",
        "Body temperature",
        Quantity.Temperature,
        33,
        43,
        "Under the tongue or in the ear."
    );

    internal static readonly LineKind Described = new(
        BookLineKind.Symptom,
        "Symptom",
        new SymptomFelt((Guid?)null),
        [Fever],
        [
            Column<SymptomFelt>.Thing("walker", "Walker", l => l.WalkerId, (l, v) => l with { WalkerId = v }),
            Column<SymptomFelt>.Number("fever_c", "Body temperature, °C", l => l.FeverC, (l, v) => l with { FeverC = v }),
            Column<SymptomFelt>.Truth("blood", "Blood", l => l.Blood, (l, v) => l with { Blood = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Symptom;

    /// <inheritdoc/>
    protected override bool NoteIsTitle => true;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => FirstLine(Note ?? "");

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(Fever, FeverC);
        Noted.CheckWords(intake, Note, NoteField);
    }

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        if (FeverC is { } fever)
        {
            yield return $"body {say.Of(Quantity.Temperature, fever)}";
        }

        if (Blood == true)
        {
            yield return "with blood";
        }
    }
}
