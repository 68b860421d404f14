using System.Text.Json.Serialization;

namespace JollyBrook.Core.Contract;

/// <summary>How much a caution matters: told, heeded, or obeyed.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Severity>))]
public enum Severity
{
    /// <summary>Worth knowing.</summary>
    Note,

    /// <summary>May spoil water or kit, or cost time.</summary>
    Warning,

    /// <summary>May hurt somebody.</summary>
    Danger,
}

/// <summary>One line of caution where it bites.</summary>
/// <param name="Code">A stable name for the caution.</param>
/// <param name="Severity">How much it matters.</param>
/// <param name="Message">The line itself.</param>
public sealed record Caution(string Code, Severity Severity, string Message);
