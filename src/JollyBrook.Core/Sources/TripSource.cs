using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Sources;

/// <summary>A source of the loaded trip, in the order of the walk.</summary>
/// <param name="Name">What the map or the party calls it.</param>
/// <param name="Class">Its class.</param>
/// <param name="AlongKm">How far along the walk it lies, km, 0 to 5 000.</param>
/// <param name="ReportedFlowing">What the last report said; null without one.</param>
/// <param name="ReportedAt">When that was.</param>
public sealed record TripSource(
    string? Name, SourceClass? Class, double? AlongKm, bool? ReportedFlowing = null, DateTimeOffset? ReportedAt = null)
{
    private const int LongestName = 80;
    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);
    private static readonly ChoiceField ClassField = ChoiceField.Of<SourceClass>("class", "Class of source");
    private static readonly NumberField Along = new("alongKm", "Distance along the walk", Quantity.Plain, 0, 5000, "Measure it on the map, in km.");

    public static readonly IReadOnlyList<Field> Fields = [NameField, ClassField, Along];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(TripSource source)
    {
        ArgumentNullException.ThrowIfNull(source);
        var intake = new Intake(Speaker.Metric);
        if (string.IsNullOrWhiteSpace(source.Name) || source.Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give it a short name.");
        }

        intake.Present(ClassField, source.Class);
        intake.Required(Along, source.AlongKm);
        intake.ThrowIfWrong();
    }
}
