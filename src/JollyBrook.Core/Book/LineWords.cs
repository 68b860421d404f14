using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>A line of the log to be checked and said.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Line">The line.</param>
/// <param name="Names">Names of what it is about.</param>
public sealed record BookLineRequest(UnitSystem? Units, BookLine? Line, LineNames? Names = null);

/// <summary>A line of the log in words.</summary>
/// <param name="Title">In a few words.</param>
/// <param name="Detail">More; empty where there is none.</param>
/// <param name="FlowLPerMin">By timing a fill; null without one.</param>
public sealed record BookLineResponse(string Title, string Detail, double? FlowLPerMin);

/// <summary>The calculation "book-line".</summary>
public static class LineWords
{
    private static readonly ChoiceField LineField = new("line", "Line", ["a line with its kind"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [LineField, .. LineKinds.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static BookLineResponse Compute(BookLineRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(LineField, request.Line);
        request.Line?.Check(intake);
        intake.ThrowIfWrong();
        var names = request.Names ?? new LineNames();
        return new BookLineResponse(
            request.Line!.Title(names, intake.Say),
            string.Join(" · ", request.Line.Details(names, intake.Say)),
            request.Line.FlowLPerMin
        );
    }
}
