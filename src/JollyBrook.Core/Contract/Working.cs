namespace JollyBrook.Core.Contract;

/// <summary>A figure in a working step: a number with its unit, or a word where the input is a choice.</summary>
/// <param name="Name">The symbol or plain name used in the formula.</param>
/// <param name="Value">The number, in <paramref name="Unit"/>; null when <paramref name="Text"/> says it.</param>
/// <param name="Unit">The unit's symbol; empty for a pure number.</param>
/// <param name="Text">A word instead of a number, such as a clarity class.</param>
public sealed record WorkingValue(string Name, double? Value, string Unit, string? Text = null)
{
    /// <summary>A value with its unit.</summary>
    public static WorkingValue Of(string name, double value, string unit = "") => new(name, value, unit);

    /// <summary>A value in words.</summary>
    public static WorkingValue Of(string name, string text) => new(name, null, "", text);
}

/// <summary>One step of the arithmetic behind an answer, as data a page can show.</summary>
/// <param name="Label">What this step finds.</param>
/// <param name="Formula">The formula in the symbols of the inputs.</param>
/// <param name="Inputs">What went in.</param>
/// <param name="Result">What came out.</param>
/// <param name="Source">The published source, or "pick" with the reason for an engineering choice.</param>
public sealed record WorkingStep(string Label, string Formula, IReadOnlyList<WorkingValue> Inputs, WorkingValue Result, string Source);

/// <summary>Collects working steps in the order they were computed.</summary>
public sealed class Working
{
    private readonly List<WorkingStep> _steps = [];

    /// <summary>The steps so far, in the order they were taken.</summary>
    public IReadOnlyList<WorkingStep> Steps => _steps;

    /// <summary>Adds a step.</summary>
    public void Add(string label, string formula, string source, WorkingValue result, params WorkingValue[] inputs) =>
        Add(new WorkingStep(label, formula, inputs, result, source));

    /// <summary>Adds a step that another calculation took.</summary>
    public void Add(WorkingStep step) => _steps.Add(step);
}
