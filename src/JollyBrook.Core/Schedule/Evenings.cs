using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Schedule;

/// <summary>The evenings of a trip, to be tried on the clock line.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Plan">The trip.</param>
/// <param name="Books">Days that follow this trip's plan, with what a hand changed of them.</param>
public sealed record EveningsRequest(UnitSystem? Units, PlanRequest? Plan, IReadOnlyList<DayBook>? Books = null);

/// <summary>Whether a camp's evening can be done.</summary>
/// <param name="Day">The day of the walk, from 0.</param>
/// <param name="CampName">The camp.</param>
/// <param name="WaterName">Where its water is from; empty where none is drawn.</param>
/// <param name="InTime">Whether all is ready in time.</param>
/// <param name="HandsMinutes">Hands-on, all together, min.</param>
/// <param name="Headline">In a line.</param>
/// <param name="Late">What cannot be ready, each a sentence.</param>
public sealed record PlanEvening(
    int Day,
    string CampName,
    string WaterName,
    bool InTime,
    double HandsMinutes,
    string Headline,
    IReadOnlyList<string> Late
);

/// <summary>The evenings of a trip.</summary>
/// <param name="Evenings">In order.</param>
/// <param name="InTime">Whether all of them can be done in time.</param>
public sealed record EveningsResponse(IReadOnlyList<PlanEvening> Evenings, bool InTime);

/// <summary>
/// The calculation "evenings": tells the plan where a camp's water cannot be ready by the time it is wanted (handbook room 80).
/// </summary>
public static class Evenings
{
    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => CampDay.Fields;

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static EveningsResponse Compute(EveningsRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(CampDay.PlanField, request.Plan);
        intake.ThrowIfWrong();
        var run = PlanRun.Of(request.Plan!);
        List<PlanEvening> evenings = [];
        for (var day = 0; day < run.Setup.Line.Timeline.Days.Count - 1; day++)
        {
            var camp = CampDay.Of(run, day, intake.Say);
            var book = request.Books?.LastOrDefault(b => b.Follows?.Day == day);
            evenings.Add(Try(book is null ? camp : camp with { Day = book.Over(camp.Day) }, day, request));
        }

        return new EveningsResponse(evenings, evenings.TrueForAll(e => e.InTime));
    }

    private static PlanEvening Try(CampDayResponse camp, int day, EveningsRequest request)
    {
        var book = camp.Day;
        if (book.Wants is not { Count: > 0 })
        {
            return new PlanEvening(
                Day: day,
                CampName: camp.CampName,
                WaterName: camp.WaterName,
                InTime: true,
                HandsMinutes: 0,
                Headline: camp.Note,
                Late: []
            );
        }

        var schedule = DaySchedule.Compute(
            new ScheduleRequest(
                Units: request.Units,
                Kit: camp.Kit,
                Water: book.Water,
                Sky: book.Sky,
                Wants: book.Wants,
                People: book.People,
                From: book.From,
                QuietFromHour: book.QuietFromHour,
                QuietToHour: book.QuietToHour,
                Edits: book.Edits,
                Begun: null,
                CountViruses: request.Plan!.CountViruses,
                Snow: book.Snow
            )
        );
        return new PlanEvening(
            Day: day,
            CampName: camp.CampName,
            WaterName: camp.WaterName,
            InTime: schedule.InTime,
            HandsMinutes: schedule.People.Sum(p => p.BusyMinutes),
            Headline: schedule.Headline,
            Late: [.. schedule.Late.Select(l => l.Words)]
        );
    }
}
