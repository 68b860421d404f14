using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>The fields of a schedule and their checks.</summary>
public static class ScheduleFields
{
    /// <summary>Days ahead that can be put on one line.</summary>
    public const double LongestHours = 72;
    private const int MostWants = 60;

    internal static readonly NumberField Litres = new(
        "wants.litres",
        "Litres wanted",
        Quantity.Volume,
        0.1,
        200,
        "Give what is drunk, cooked or carried."
    );
    internal static readonly NumberField People = new("people", "Pairs of hands", Quantity.Plain, 1, 12, "Count who can help.");
    internal static readonly InstantField From = new("from", "Beginning");
    internal static readonly InstantField By = new("wants.by", "Wanted by");
    internal static readonly InstantField BegunAt = new("begun.startedAt", "Begun at");
    internal static readonly NumberField QuietFrom = new("quietFromHour", "Rest from", Quantity.Plain, 0, 24, "Give the clock hour.");
    internal static readonly NumberField QuietTo = new("quietToHour", "Rest until", Quantity.Plain, 0, 24, "Give the clock hour.");
    internal static readonly NumberField EditVolume = new(
        "edits.volumeL",
        "Size of the batch",
        Quantity.Volume,
        0.1,
        200,
        "Give what goes in at once."
    );
    private static readonly ChoiceField BegunSteps = new("begun.steps", "Steps of what was begun", ["the steps Treat answered with"]);
    private static readonly ChoiceField Wants = new("wants", "Water wanted", [$"up to {MostWants} lines, each with a name of its own"]);

    /// <summary>Every field of a schedule.</summary>
    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        Litres,
        People,
        From,
        By,
        BegunAt,
        BegunSteps,
        QuietFrom,
        QuietTo,
        EditVolume,
        Wants,
        .. WaterFields.All,
        .. SettingFields.All,
        .. SnowFields.All,
        .. KitItem.Fields,
    ];

    /// <summary>Notes what is missing or can't be right.</summary>
    public static void Check(ScheduleRequest request, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(request);
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(From, request.From);
        intake.Required(People, request.People);
        intake.Optional(QuietFrom, request.QuietFromHour);
        intake.Optional(QuietTo, request.QuietToHour);
        var wants = request.Wants ?? [];
        if (
            wants.Count > MostWants
            || wants.Select(w => w.Id).Distinct().Count() != wants.Count
            || wants.Any(w => string.IsNullOrEmpty(w.Id))
        )
        {
            intake.Refuse(
                Wants,
                $"Water wanted takes up to {MostWants} lines, each with an id of its own. Take lines out, or make two days of it."
            );
        }

        foreach (var want in wants)
        {
            intake.Required(Litres, want.Litres);
            intake.Present(By, want.By);
            if (want.By is { } by && request.From is { } from && (by - from).TotalHours > LongestHours)
            {
                intake.Refuse(By, $"“{want.Name}” is wanted more than {LongestHours} h after the beginning. Make a day of its own for it.");
            }
        }

        // Taken as done, water that nobody knows to be ready would be counted on.
        foreach (var batch in request.Begun ?? [])
        {
            intake.Present(BegunAt, batch.StartedAt);
            if (batch.Steps is null)
            {
                intake.Refuse(
                    BegunSteps,
                    "Give the steps of each batch that was begun, as Treat answered with them, or leave the batch out."
                );
            }
        }

        foreach (var edit in request.Edits ?? [])
        {
            intake.Optional(EditVolume, edit.VolumeL);
        }
    }
}
