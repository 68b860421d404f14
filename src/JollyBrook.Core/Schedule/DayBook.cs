using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>A batch of a day that was begun: which record it became, and when the schedule had it ready.</summary>
public sealed record StartedBatch(string? Key, Guid? BatchId, DateTimeOffset? PlannedReadyAt);

/// <summary>The evening of a trip that a day is about.</summary>
/// <param name="RouteId">The trip's route.</param>
/// <param name="Day">Its day, from 0.</param>
public sealed record PlannedEvening(Guid? RouteId, int? Day);

/// <summary>
/// A day's schedule as it is kept: what is asked and what a hand changed; the clock line is reckoned anew each time. One that follows a
/// trip's plan leaves null what the plan says.
/// </summary>
/// <param name="Name">1 to 80 characters.</param>
/// <param name="From">When it begins.</param>
/// <param name="Wants">Litres by time.</param>
/// <param name="People">Pairs of hands, 1 to 12.</param>
/// <param name="Water">The water there.</param>
/// <param name="Sky">Air and place.</param>
/// <param name="QuietFromHour">From this clock hour nobody works.</param>
/// <param name="QuietToHour">Until this clock hour.</param>
/// <param name="Edits">What a hand changed.</param>
/// <param name="Started">What was begun.</param>
/// <param name="Snow">Snow or ice all of it is melted from; null for water.</param>
/// <param name="Follows">The evening whose plan it follows; null for a day of its own.</param>
public sealed record DayBook(
    string? Name,
    DateTimeOffset? From,
    IReadOnlyList<WantedWater>? Wants,
    double? People,
    WaterInput? Water = null,
    SkyInput? Sky = null,
    double? QuietFromHour = null,
    double? QuietToHour = null,
    IReadOnlyList<BatchEdit>? Edits = null,
    IReadOnlyList<StartedBatch>? Started = null,
    PlannedEvening? Follows = null,
    SnowInput? Snow = null
)
{
    /// <summary>Until when nobody is woken where nothing else is said, clock hour (pick).</summary>
    public const double RestUntilHour = 6;

    /// <summary>What an empty day begins with, L of drinking water (pick).</summary>
    public const double FirstWantL = 2;

    /// <summary>By when, h from now.</summary>
    public const double FirstWantHours = 3;

    private const int LongestName = 80;
    private static readonly ChoiceField NameField = new("name", "Name", ["1 to 80 characters"]);

    private static readonly ChoiceField FollowsField = new("follows", "Evening of a trip", ["a route and a day of it"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [NameField, FollowsField, .. ScheduleFields.All];

    /// <summary>A day that follows a plan, with what the plan says where nothing was changed by hand.</summary>
    /// <param name="planned">The same evening as the plan has it.</param>
    public DayBook Over(DayBook planned)
    {
        ArgumentNullException.ThrowIfNull(planned);
        return this with
        {
            From = From ?? planned.From,
            Wants = Wants ?? planned.Wants,
            People = People ?? planned.People,
            Water = Water ?? planned.Water,
            Snow = Snow ?? planned.Snow,
            Sky = Sky ?? planned.Sky,
        };
    }

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static void Check(DayBook day)
    {
        ArgumentNullException.ThrowIfNull(day);
        var intake = new Intake(Speaker.Metric);
        if (string.IsNullOrWhiteSpace(day.Name) || day.Name.Length > LongestName)
        {
            intake.Refuse(NameField, $"Name must be 1 to {LongestName} characters. Give the day a short name.");
        }

        if (day.Follows is { RouteId: null } or { Day: null or < 0 })
        {
            intake.Refuse(FollowsField, "A day that follows a plan must name a route and a day of it, from 0.");
        }

        // What the plan says is checked with the plan.
        var (from, people) = day.Follows is null
            ? (day.From, day.People)
            : (day.From ?? day.Wants?.Min(w => w.By) ?? DateTimeOffset.UnixEpoch, day.People ?? 1);
        ScheduleFields.Check(
            new ScheduleRequest(
                Units: null,
                Kit: null,
                Water: day.Water,
                Sky: day.Sky,
                Wants: day.Wants,
                People: people,
                From: from,
                QuietFromHour: day.QuietFromHour,
                QuietToHour: day.QuietToHour,
                Edits: day.Edits
            ),
            intake
        );
        intake.ThrowIfWrong();
    }
}
