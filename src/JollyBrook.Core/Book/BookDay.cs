using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>One day's lines, corrections applied by the page's order: those corrected or struck out are not among them.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Lines">The lines that stand.</param>
/// <param name="PlannedL">What the plan has the party use that day, L; null without a plan.</param>
public sealed record BookDayRequest(UnitSystem? Units, IReadOnlyList<BookLine>? Lines, double? PlannedL = null);

/// <summary>A day of the book, added up.</summary>
/// <param name="DrunkL">Drunk, L, the whole party.</param>
/// <param name="DarkestUrine">The darkest colour; null without one.</param>
/// <param name="Words">In a line.</param>
/// <param name="Drunk">How much had been drunk after each drink, the earliest first.</param>
/// <param name="MostL">The greater of what was drunk and what was planned, L: as high as a picture of the day must reach.</param>
public sealed record BookDayResponse(double DrunkL, double? DarkestUrine, string Words, IReadOnlyList<DrunkSoFar> Drunk, double MostL);

/// <summary>What had been drunk by an instant.</summary>
/// <param name="At">When the drink was.</param>
/// <param name="Litres">Drunk by then, that drink included, L.</param>
public sealed record DrunkSoFar(DateTimeOffset At, double Litres);

/// <summary>The calculation "book-day".</summary>
public static class BookDay
{
    private static readonly NumberField Planned = new("plannedL", "Planned", Quantity.Volume, 0, 5000, "Take it from the plan.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [Planned, .. LineKinds.Fields];

    /// <exception cref="BadInputException">What is planned is out of its range.</exception>
    public static BookDayResponse Compute(BookDayRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Optional(Planned, request.PlannedL);
        intake.ThrowIfWrong();
        var lines = request.Lines ?? [];
        var drunk = lines.OfType<Drank>().Sum(d => d.Litres ?? 0);
        var darkest = lines.OfType<UrinePassed>().Max(u => u.UrineColour);
        List<string> parts = [];
        if (drunk > 0 || request.PlannedL is not null)
        {
            parts.Add(
                $"drunk {intake.Say.Of(Quantity.Volume, drunk)}"
                    + (request.PlannedL is { } planned ? $" of {intake.Say.Of(Quantity.Volume, planned)} planned" : "")
            );
        }

        if (darkest is { } colour)
        {
            parts.Add($"urine at its darkest {UrineScale.Of(colour).Words}");
        }

        return new BookDayResponse(drunk, darkest, string.Join(" · ", parts), SoFar(lines), Math.Max(drunk, request.PlannedL ?? 0));
    }

    private static List<DrunkSoFar> SoFar(IReadOnlyList<BookLine> lines)
    {
        List<DrunkSoFar> steps = [];
        foreach (var drink in lines.OfType<Drank>().Where(d => d.At is not null).OrderBy(d => d.At))
        {
            steps.Add(new DrunkSoFar(drink.At!.Value, (steps.Count == 0 ? 0 : steps[^1].Litres) + (drink.Litres ?? 0)));
        }

        return steps;
    }
}
