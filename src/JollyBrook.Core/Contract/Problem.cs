namespace JollyBrook.Core.Contract;

/// <summary>What is wrong with one field, and what is allowed there.</summary>
/// <param name="Field">The path of the field in the request, such as <c>water.volumeL</c>.</param>
/// <param name="Message">What is wrong and what to do, in the traveller's units.</param>
/// <param name="Allowed">What the field takes: a range with its unit, or the list of choices.</param>
public sealed record FieldProblem(string Field, string Message, string? Allowed);

/// <summary>RFC 9457 problem details with field paths: the one error shape of both hosts.</summary>
public sealed record Problem(string Type, string Title, int Status, string Detail, IReadOnlyList<FieldProblem> Errors)
{
    /// <summary>Fields that can't be right; status 400.</summary>
    public static Problem BadInput(IReadOnlyList<FieldProblem> errors) =>
        new("/problems/bad-input", "Something entered can't be right.", 400, string.Join(" ", errors.Select(e => e.Message)), errors);

    /// <summary>A request that is no JSON of that shape; status 400.</summary>
    public static Problem Unreadable(string detail) => new("/problems/unreadable", "The request could not be read.", 400, detail, []);

    /// <summary>A name that no calculation has; status 404.</summary>
    public static Problem UnknownCalculation(string name, IEnumerable<string> known) =>
        new(
            "/problems/unknown-calculation",
            "There is no such calculation.",
            404,
            $"There is no calculation called '{name}'. Known: {string.Join(", ", known)}.",
            []
        );
}

/// <summary>Thrown when a request's fields cannot be right; carries every field that is wrong.</summary>
public sealed class BadInputException(IReadOnlyList<FieldProblem> errors) : Exception(string.Join(" ", errors.Select(e => e.Message)))
{
    /// <summary>What is wrong, by field.</summary>
    public IReadOnlyList<FieldProblem> Errors { get; } = errors;
}
