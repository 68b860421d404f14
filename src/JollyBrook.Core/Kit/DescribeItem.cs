using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Kit;

/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Item">The piece of kit.</param>
/// <param name="Left">What is left of it as just counted; null when it was not.</param>
/// <param name="Filter">What a filter has been through; null when nothing is told.</param>
/// <param name="WeighedG">A burner's canister or bottle as just weighed, g; null when it was not.</param>
public sealed record KitItemRequest(
    UnitSystem? Units,
    KitItem? Item,
    double? Left = null,
    FilterState? Filter = null,
    double? WeighedG = null
);

/// <param name="Words">The item in a line.</param>
/// <param name="Warnings">What to mind about it, each a sentence.</param>
/// <param name="FuelLeftG">What the weighing leaves, g; null without one.</param>
public sealed record KitItemResponse(string Words, IReadOnlyList<string> Warnings, double? FuelLeftG = null);

/// <summary>The calculation "kit-item": checks a piece of kit before it is kept, and says it in a line.</summary>
public static class DescribeItem
{
    private static readonly ChoiceField ItemField = new("item", "Item", ["a piece of kit"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [ItemField, .. KitItem.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static KitItemResponse Compute(KitItemRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(ItemField, request.Item);
        intake.ThrowIfWrong();
        var entry = new KitEntry(null, request.Item, request.Left, request.Filter);
        entry.IsSound(intake);
        var weighed = request is { WeighedG: { } gross, Item: Stove { Burner: { } burner } } ? burner.Weigh(gross, intake) : null;
        intake.ThrowIfWrong();
        return new KitItemResponse(entry.Words(intake.Say), [.. request.Item!.Warnings(entry)], weighed);
    }
}
