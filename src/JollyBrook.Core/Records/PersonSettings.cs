using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Records;

/// <summary>Paper by day, dusk for the eyes at night, glare for full sun.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ScreenTheme>))]
public enum ScreenTheme
{
    /// <summary>Light, by day.</summary>
    Paper,

    /// <summary>Dark, for the tent.</summary>
    Dusk,

    /// <summary>The strongest contrast, for full sun.</summary>
    Glare,
}

/// <summary>What one person chose.</summary>
/// <param name="Units">Units shown and typed.</param>
/// <param name="Theme">Look of the screen.</param>
/// <param name="CountViruses">Whether viruses are part of the target.</param>
/// <param name="Shortcuts">Whether single keys act.</param>
/// <param name="EmergencyContact">Who is to be told, and how; at most 200 characters.</param>
public sealed record PersonSettings(
    UnitSystem? Units,
    ScreenTheme? Theme,
    bool? CountViruses,
    bool? Shortcuts,
    string? EmergencyContact = null
)
{
    private const int LongestContact = 200;
    private static readonly ChoiceField Contact = new("emergencyContact", "Emergency contact", [$"up to {LongestContact} characters"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        ChoiceField.Of<ScreenTheme>("theme", "Theme"),
        new ChoiceField("countViruses", "Viruses in the target", ["true", "false"]),
        new ChoiceField("shortcuts", "Keyboard shortcuts", ["true", "false"]),
        Contact,
    ];

    /// <exception cref="BadInputException">The contact is too long.</exception>
    public static void Check(PersonSettings settings)
    {
        ArgumentNullException.ThrowIfNull(settings);
        var intake = new Intake(Speaker.Metric);
        if (settings.EmergencyContact?.Length > LongestContact)
        {
            intake.Refuse(Contact, $"Emergency contact must be up to {LongestContact} characters. Give a name and how to reach them.");
        }

        intake.ThrowIfWrong();
    }
}
