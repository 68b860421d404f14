using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Schedule;

/// <summary>The calculation "schedule": litres wanted by time become batches on a clock line (handbook room 80).</summary>
public static class DaySchedule
{
    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static ScheduleResponse Compute(ScheduleRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        ScheduleFields.Check(request, intake);
        intake.ThrowIfWrong();
        var kit = KitEntry.Carried(request.Kit);
        var clock = new ClockLine(request);
        var shelf = new ChainShelf(request, kit);
        var drafts = BatchSplit.Of(request, kit, shelf, clock);
        var chooser = new ChainChooser();
        foreach (var draft in drafts.Where(d => d.Begun is null))
        {
            chooser.Choose(draft, clock.Minute(draft.Want.By!.Value) - clock.Now);
        }

        var untreatable = drafts.FindAll(d => d.Chosen is null);
        drafts.RemoveAll(d => d.Chosen is null);
        ShopProblem Problem() => new([.. drafts.Select(d => clock.Job(d))], (int)request.People!.Value, clock.Quiet);
        ChainChooser.Better(drafts, Problem);
        var (problem, solution) = ByDaylight.Solve(drafts, shelf, clock, Problem);
        return new ScheduleAnswer(request, kit, clock, shelf, intake.Say).Of(drafts, untreatable, problem, solution);
    }
}
