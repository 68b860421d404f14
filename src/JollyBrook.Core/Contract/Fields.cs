using JollyBrook.Core.Units;

namespace JollyBrook.Core.Contract;

/// <summary>A request field: where it is, what a person calls it, and what it takes.</summary>
public abstract record Field(string Path, string Label)
{
    /// <summary>What the field takes, in words.</summary>
    public abstract string Allowed(Speaker say);

    /// <summary>The sentence for a value of the wrong kind (text for a number, an unlisted choice).</summary>
    public abstract string WrongKind(Speaker say);

    /// <summary>What is wrong with what was given, with what is allowed.</summary>
    public FieldProblem Wrong(string message, Speaker say) => new(Path, message, Allowed(say));
}

/// <summary>A number field with its range in SI units. The range is closed at both ends.</summary>
/// <param name="Path">The path in the request.</param>
/// <param name="Label">What a person calls it.</param>
/// <param name="Quantity">What it measures, which settles the unit shown.</param>
/// <param name="Min">Least value allowed.</param>
/// <param name="Max">Greatest value allowed.</param>
/// <param name="Fix">What to do about a value outside, one sentence.</param>
public sealed record NumberField(string Path, string Label, Quantity Quantity, double Min, double Max, string Fix) : Field(Path, Label)
{
    /// <inheritdoc/>
    public override string Allowed(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        return say.Range(Quantity, Min, Max);
    }

    /// <inheritdoc/>
    public override string WrongKind(Speaker say) => $"{Label} must be a number, {Allowed(say)}. {Fix}";

    /// <summary>That a value lies outside, with the bounds in a person's units.</summary>
    public string OutOfRange(double value, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        return $"{Label} must be {Allowed(say)}; this says {say.Entered(Quantity, value)}. {Fix}";
    }

    /// <summary>That it is missing, with the bounds and what to do.</summary>
    public string Missing(Speaker say) => $"{Label} is missing. Give {Allowed(say)}. {Fix}";
}

/// <summary>A field that takes one of a list of words.</summary>
public sealed record ChoiceField(string Path, string Label, IReadOnlyList<string> Choices) : Field(Path, Label)
{
    /// <summary>A choice among the names of an enum, as the contract writes them.</summary>
    public static ChoiceField Of<TEnum>(string path, string label)
        where TEnum : struct, Enum => new(path, label, EnumNames<TEnum>.All);

    /// <inheritdoc/>
    public override string Allowed(Speaker say) => string.Join(", ", Choices);

    /// <inheritdoc/>
    public override string WrongKind(Speaker say) => $"{Label} must be one of: {Allowed(say)}. Choose one of them.";
}

/// <summary>A date and time with its offset from UTC.</summary>
public sealed record InstantField(string Path, string Label) : Field(Path, Label)
{
    /// <inheritdoc/>
    public override string Allowed(Speaker say) => "a date and time such as 2026-08-21T14:05:00Z";

    /// <inheritdoc/>
    public override string WrongKind(Speaker say) => $"{Label} must be {Allowed(say)}. Check the device's clock.";
}
