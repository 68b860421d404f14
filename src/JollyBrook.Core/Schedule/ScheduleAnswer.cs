using System.Globalization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Schedule;

/// <summary>Puts a solved day into clock times and words.</summary>
internal sealed class ScheduleAnswer(ScheduleRequest request, IReadOnlyList<KitEntry> kit, ClockLine clock, ChainShelf shelf, Speaker say)
{
    private const int SlipWorthSaying = 2;

    public ScheduleResponse Of(List<BatchDraft> drafts, List<BatchDraft> untreatable, ShopProblem problem, ShopSolution solution)
    {
        var hands = HandsBoard.Of(problem, solution);
        var batches = drafts
            .Select((d, j) => Batch(d, j, problem, solution, hands))
            .OrderBy(b => b.StartAt)
            .ThenBy(b => b.ReadyAt)
            .ToList();
        var late = Late(batches);
        var (from, until) = (
            batches.Count == 0 ? clock.From : batches.Min(b => b.StartAt),
            batches.Select(b => b.ReadyAt).Concat((request.Wants ?? []).Select(w => w.By!.Value)).DefaultIfEmpty(clock.From).Max()
        );
        return new ScheduleResponse(
            Headline: Headline(batches, late, untreatable),
            InTime: late.Count == 0 && untreatable.Count == 0,
            From: from < clock.From ? from : clock.From,
            Until: until,
            Batches: batches,
            Late: late,
            People: [.. Enumerable.Range(1, problem.People).Select(p => Load(p, hands))],
            Quiet:
            [
                .. clock.Quiet.Where(q => q.From < clock.Minute(until)).Select(q => new QuietHours(clock.At(q.From), clock.At(q.Until))),
            ],
            Slips: Slips(batches, late),
            Assumptions: Assume(),
            Cautions: Cautions(drafts, untreatable),
            Working: Working(drafts, problem, solution)
        );
    }

    private ScheduledBatch Batch(BatchDraft draft, int j, ShopProblem problem, ShopSolution solution, HandsBoard hands)
    {
        var job = problem.Jobs[j];
        var chain = draft.Chosen!;
        var begun = draft.Begun?.Batch.StartedAt;
        var start = begun ?? clock.At(solution.Starts[j][0]);
        var ready = clock.At(solution.Ready[j]);
        var by = draft.Want.By!.Value;
        var late = Math.Max(0, Math.Ceiling((ready - by).TotalMinutes));
        var steps = job.Blocks.SelectMany((block, b) => Steps(block, j, b, solution, hands)).Where(s => s.EndAt > s.StartAt).ToList();
        return new ScheduledBatch(
            Key: draft.Key,
            WantId: draft.Want.Id!,
            WantName: draft.Want.Name ?? "",
            VolumeL: draft.VolumeL,
            ContainerId: draft.Container?.Id,
            Container: draft.Container?.Item!.Name ?? (draft.Want.WillBoil == true ? "Pot" : "Any clean container"),
            Method: chain.Chain.Id,
            MethodName: chain.Chain.Name,
            Headline: chain.Chain.Headline,
            StartAt: start,
            ReadyAt: ready,
            By: by,
            LateMinutes: late,
            HandsMinutes: job.HandsMinutes,
            Begun: begun is not null,
            SlipMinutes: draft.Begun?.Batch.PlannedReadyAt is { } planned ? Math.Round((ready - planned).TotalMinutes) : 0,
            Moved: draft.Edit?.StartAt is { } put && begun is null && (start - put).TotalMinutes >= 1,
            MeetsTarget: chain.Meets,
            Words: draft.Want.WillBoil == true && draft.Container is null
                ? $"{say.Of(Quantity.Volume, draft.VolumeL)} straight into the pot: no filter, no dose; "
                    + $"{Sentence.Lower(chain.Chain.Headline)}"
                : $"{say.Of(Quantity.Volume, draft.VolumeL)} in {draft.Container?.Item!.Name ?? "any clean container"}: "
                    + $"{chain.Chain.Name}, {chain.Chain.Headline}",
            Steps: steps,
            Choices: [.. draft.Chains.Select(c => new ChainChoice(c.Chain.Id, c.Chain.Name, c.Minutes, c.HandsMinutes))],
            Treat: draft.Begun?.Batch.Treat ?? shelf.Ask(draft.VolumeL, draft.Container, chain.Chain.Id)
        );
    }

    private IEnumerable<ScheduledStep> Steps(Block block, int j, int b, ShopSolution solution, HandsBoard hands)
    {
        var at = solution.Starts[j][b];
        for (var s = 0; s < block.Segments.Count; s++)
        {
            var segment = block.Segments[s];
            yield return new ScheduledStep(
                segment.Title,
                clock.At(at),
                clock.At(at + segment.Minutes),
                segment.Hands ? hands.Who(j, b, s) : null,
                [.. block.Equipment.Select(id => kit.First(e => e.Id == id).Item!.Name ?? "")]
            );
            at += segment.Minutes;
        }
    }

    private List<LateWant> Late(List<ScheduledBatch> batches) =>
        [
            .. batches
                .Where(b => b.LateMinutes > 0)
                .GroupBy(b => b.WantId)
                .Select(g =>
                {
                    var last = g.MaxBy(b => b.ReadyAt)!;
                    return new LateWant(
                        g.Key,
                        last.WantName,
                        last.By,
                        last.ReadyAt,
                        $"{last.WantName}: {say.Of(Quantity.Volume, g.Sum(b => b.VolumeL))} cannot be ready by "
                            + $"{Clock(last.By, last.By)}; the earliest is {Clock(last.ReadyAt, last.By)}, "
                            + $"{Speaker.Minutes(last.LateMinutes)} later."
                    );
                }),
        ];

    private PersonLoad Load(int person, HandsBoard hands)
    {
        var own = hands.Of(person);
        var busy = own.Sum(w => w.Until - w.From);
        var span = own.Count == 0 ? 0 : own[^1].Until - own[0].From;
        var rest = own.Count == 0 ? 0 : clock.Quiet.Sum(q => Math.Max(0, Math.Min(q.Until, own[^1].Until) - Math.Max(q.From, own[0].From)));
        return new PersonLoad(person, busy, Math.Max(0, span - busy - rest));
    }

    private static string Headline(List<ScheduledBatch> batches, List<LateWant> late, List<BatchDraft> untreatable) =>
        batches.Count == 0 && untreatable.Count == 0 ? "Nothing is wanted yet"
        : untreatable.Count > 0 ? "Some of it cannot be treated with this kit"
        : late.Count > 0 ? $"{late.Count} of {batches.Select(b => b.WantId).Distinct().Count()} cannot be ready in time"
        : $"All ready in time: {batches.Count} {(batches.Count == 1 ? "batch" : "batches")}";

    private List<string> Slips(List<ScheduledBatch> batches, List<LateWant> late)
    {
        List<string> lines = [];
        foreach (var batch in batches.Where(b => b.Begun && b.SlipMinutes >= SlipWorthSaying))
        {
            lines.Add(
                $"{batch.WantName}, {batch.Container}: {Speaker.Minutes(batch.SlipMinutes)} later than "
                    + $"planned, ready at {Clock(batch.ReadyAt, batch.By)}. What follows was moved."
            );
        }

        foreach (var batch in batches.Where(b => b.Moved))
        {
            lines.Add(
                $"{batch.WantName}, {batch.Container}: hands or things are not free at the time put by "
                    + $"hand; it begins at {Clock(batch.StartAt, batch.By)}."
            );
        }

        if (lines.Count > 0 && late.Count > 0)
        {
            lines.Add($"In time no longer: {string.Join(", ", late.Select(l => l.Name))}.");
        }

        return lines;
    }

    private List<Assumption> Assume()
    {
        List<Assumption> all = [];
        if (request.Water?.Clarity is null or Clarity.Unknown)
        {
            all.Add(new("water.clarity", "Clarity not known: counted as cloudy."));
        }

        if (request.Water?.TemperatureC is null)
        {
            all.Add(
                new("water.temperatureC", $"Water temperature not known: counted as {say.Of(Quantity.Temperature, FieldWater.ColdestC)}.")
            );
        }

        if (!kit.Any(e => e.Item is Container))
        {
            all.Add(new("kit", $"No container in the kit: batches are cut to {say.Of(Quantity.Volume, BatchSplit.NoContainerL)}."));
        }

        return all;
    }

    private static List<Caution> Cautions(List<BatchDraft> drafts, List<BatchDraft> untreatable)
    {
        List<Caution> all = [];
        if (untreatable.Count > 0)
        {
            all.Add(
                new(
                    "untreatable",
                    Severity.Danger,
                    "Nothing in the kit treats this water for: "
                        + $"{string.Join(", ", untreatable.Select(u => u.Want.Name).Distinct())}. Clear it, or judge it again."
                )
            );
        }

        if (drafts.Any(d => !d.Chosen!.Meets))
        {
            all.Add(new("short", Severity.Danger, "Some batches fall short of the target: nothing in the kit meets it in this water."));
        }

        if (drafts.Any(d => d.Reused))
        {
            all.Add(
                new(
                    "containers",
                    Severity.Warning,
                    "More is wanted at once than the containers hold: some are filled twice, and emptied in between."
                )
            );
        }

        if (drafts.Any(d => d.Chosen!.Chain.Barriers.Any(b => b.Stage == Barriers.BarrierStage.Heat)))
        {
            all.Add(new("stove", Severity.Note, "Stove in the open or a well-aired porch, never in a closed tent: carbon monoxide."));
        }

        return all;
    }

    private static IReadOnlyList<WorkingStep> Working(List<BatchDraft> drafts, ShopProblem problem, ShopSolution solution)
    {
        var working = new Working();
        working.Add(
            "Order of the batches",
            "by deadline, then by longest chain; other orders tried, the least lateness and then the earliest end kept",
            "List scheduling, handbook room 80",
            WorkingValue.Of("late in all", solution.LateMinutes(problem), "min"),
            WorkingValue.Of("batches", drafts.Count),
            WorkingValue.Of("pairs of hands", problem.People),
            WorkingValue.Of("last ready after", solution.Makespan, "min")
        );
        return working.Steps;
    }

    /// <summary>By the clock that what is wanted is told in: over the end of summer time it is another than in the evening.</summary>
    private string Clock(DateTimeOffset at, DateTimeOffset wanted)
    {
        var local = at.ToOffset(wanted.Offset);
        return local.ToString(local.Date == clock.From.Date ? "HH:mm" : "HH:mm (ddd)", CultureInfo.InvariantCulture);
    }
}
