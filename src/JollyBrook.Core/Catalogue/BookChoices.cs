using JollyBrook.Core.Body.Sips;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Catalogue;

/// <summary>What can be written into the book.</summary>
/// <param name="Kinds">Kinds of line.</param>
/// <param name="Urine">The colour scale.</param>
/// <param name="Services">What is done to a filter.</param>
/// <param name="Mishaps">What happens to kit.</param>
/// <param name="QuickDrinks">Drinks written by one tap.</param>
public sealed record BookChoices(
    IReadOnlyList<Choice> Kinds,
    IReadOnlyList<UrineStep> Urine,
    IReadOnlyList<Choice> Services,
    IReadOnlyList<Choice> Mishaps,
    IReadOnlyList<QuickDrink> QuickDrinks
);

/// <summary>A drink written by one tap.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Litres">L (pick).</param>
public sealed record QuickDrink(string Name, double Litres);

internal static class BookChoiceMaker
{
    public static BookChoices Make() =>
        new(
            [.. LineKinds.All.Where(k => k.Kind != BookLineKind.TakenBack).Select(k => new Choice(ContractName.Of(k.Kind), k.Name, ""))],
            UrineScale.All,
            [
                new(ContractName.Of(FilterService.BackFlush), "Back-flushed", "with clean water only"),
                new(ContractName.Of(FilterService.Scrub), "Scrubbed", "ceramic, gently"),
                new(ContractName.Of(FilterService.IntegrityCheck), "Checked", "air through the wet element"),
                new(ContractName.Of(FilterService.NewElement), "New element, or layers washed", "counts from nothing again"),
            ],
            [
                new(ContractName.Of(MishapKind.Froze), "Froze, or may have", "not counted on any more"),
                new(ContractName.Of(MishapKind.Dropped), "Dropped", "a ceramic may be cracked unseen"),
                new(ContractName.Of(MishapKind.RunsCloudy), "Runs cloudy", "not counted on any more"),
            ],
            [new("a mouthful", Sip.MouthfulL), new("a cup", 0.25)]
        );
}
