using JollyBrook.Core.Units;

namespace JollyBrook.Core.Contract;

/// <summary>
/// Checks a request's fields against their rules and gathers everything that is wrong,
/// so that a person sees all of it at once.
/// </summary>
public sealed class Intake(Speaker say)
{
    private readonly List<FieldProblem> _errors = [];

    /// <summary>The units in which the person is told what is allowed.</summary>
    public Speaker Say { get; } = say;

    /// <summary>How many errors have been noted.</summary>
    public int Errors => _errors.Count;

    /// <summary>A number that must be there. Returns NaN after noting an error.</summary>
    public double Required(NumberField field, double? value)
    {
        ArgumentNullException.ThrowIfNull(field);
        if (value is { } given)
        {
            return Check(field, given);
        }

        _errors.Add(field.Wrong(field.Missing(Say), Say));
        return double.NaN;
    }

    /// <summary>A number that may be left out.</summary>
    public double? Optional(NumberField field, double? value) => value is { } given ? Check(field, given) : null;

    /// <summary>An entry of a list, found by its id.</summary>
    public T? Listed<T>(ChoiceField field, string? id, IReadOnlyList<T> list, Func<T, string> idOf)
        where T : class
    {
        ArgumentNullException.ThrowIfNull(field);
        var found = list.FirstOrDefault(item => idOf(item) == id);
        if (found is null)
        {
            _errors.Add(field.Wrong(field.WrongKind(Say), Say));
        }

        return found;
    }

    /// <summary>Notes an error when a value that must be there is not.</summary>
    public void Present(Field field, object? value)
    {
        ArgumentNullException.ThrowIfNull(field);
        if (value is null)
        {
            Refuse(field, field.WrongKind(Say));
        }
    }

    /// <summary>Notes an error in words of its own.</summary>
    public void Refuse(Field field, string message)
    {
        ArgumentNullException.ThrowIfNull(field);
        _errors.Add(field.Wrong(message, Say));
    }

    /// <exception cref="BadInputException">Some field was wrong.</exception>
    public void ThrowIfWrong()
    {
        if (_errors.Count > 0)
        {
            throw new BadInputException(_errors);
        }
    }

    private double Check(NumberField field, double value)
    {
        if (value >= field.Min && value <= field.Max)
        {
            return value;
        }

        _errors.Add(field.Wrong(double.IsFinite(value) ? field.OutOfRange(value, Say) : field.WrongKind(Say), Say));
        return double.NaN;
    }
}
