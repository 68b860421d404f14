using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>A batch of a day that was begun: which record it became, and when the schedule had it ready.</summary>
public sealed record StartedBatch(string? Key, Guid? BatchId, DateTimeOffset? PlannedReadyAt);

/// <summary>A day's schedule as it is kept: what is asked and what a hand changed; the clock line is reckoned anew each time.</summary>
/// <param name="Name">1 to 80 characters.</param>
/// <param name="From">When it begins.</param>
/// <param name="Wants">Litres by time.</param>
/// <param name="People">Pairs of hands.</param>
/// <param name="Water">The water there.</param>
/// <param name="Sky">Air and place.</param>
/// <param name="QuietFromHour">From this clock hour nobody works.</param>
/// <param name="QuietToHour">Until this clock hour.</param>
/// <param name="Edits">What a hand changed.</param>
/// <param name="Started">What was begun.</param>
public sealed record DayBook(
    string? Name, DateTimeOffset? From, IReadOnlyList<WantedWater>? Wants, double? People, WaterInput? Water = null, SkyInput? Sky = null,
    double? QuietFromHour = null, double? QuietToHour = null, IReadOnlyList<BatchEdit>? Edits = null, IReadOnlyList<StartedBatch>? Started = null)
{
    private const int LongestName = 80;
    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);

    public static readonly IReadOnlyList<Field> Fields = [NameField, .. ScheduleFields.All];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(DayBook day)
    {
        ArgumentNullException.ThrowIfNull(day);
        var intake = new Intake(Speaker.Metric);
        if (string.IsNullOrWhiteSpace(day.Name) || day.Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give the day a short name.");
        }

        ScheduleFields.Check(new ScheduleRequest(null, null, day.Water, day.Sky, day.Wants, day.People, day.From, day.QuietFromHour, day.QuietToHour, day.Edits), intake);
        intake.ThrowIfWrong();
    }
}
