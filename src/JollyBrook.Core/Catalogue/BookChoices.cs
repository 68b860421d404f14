using JollyBrook.Core.Kit;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Catalogue;

/// <summary>What can be written into the book.</summary>
/// <param name="Kinds">Kinds of line.</param>
/// <param name="Urine">The colour scale.</param>
/// <param name="Services">What is done to a filter.</param>
/// <param name="Mishaps">What happens to kit.</param>
public sealed record BookChoices(IReadOnlyList<Choice> Kinds, IReadOnlyList<UrineStep> Urine, IReadOnlyList<Choice> Services, IReadOnlyList<Choice> Mishaps);

internal static class BookChoiceMaker
{
    public static BookChoices Make() => new(
        [.. Enum.GetValues<BookEntryKind>().Select(k => new Choice(ContractName.Of(k), EntryWords.Name(k), ""))],
        UrineScale.All,
        [
            new(ContractName.Of(FilterService.BackFlush), "Back-flushed", "with clean water only"), new(ContractName.Of(FilterService.Scrub), "Scrubbed", "ceramic, gently"),
            new(ContractName.Of(FilterService.IntegrityCheck), "Checked", "air through the wet element"), new(ContractName.Of(FilterService.NewElement), "New element", "counts from nothing again"),
        ],
        [new(ContractName.Of(MishapKind.Froze), "Froze, or may have", "not counted on any more"), new(ContractName.Of(MishapKind.Dropped), "Dropped", "a ceramic may be cracked unseen")]);
}
