using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>
/// Replays a batch's taps over its steps. Steps go strictly in order: a tap on a step whose turn has not come counts for
/// nothing, so nothing after a gate can be done before the gate's clock has run.
/// </summary>
public static class BatchProgress
{
    /// <exception cref="BadInputException">Steps, start or the time now are missing.</exception>
    public static BatchProgressResponse Compute(BatchProgressRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        intake.Present(BatchFields.Steps, request.Steps is { Count: > 0 } ? request.Steps : null);
        intake.Present(BatchFields.StartedAt, request.StartedAt);
        intake.Present(BatchFields.Now, request.Now);
        intake.ThrowIfWrong();
        var replay = BatchReplay.Of(request.Steps!, request.StartedAt!.Value, request.Taps);
        replay.RunGatesUntil(request.Now!.Value);
        return Report(replay, request.ShortOf ?? [], request.Now.Value, request.DrinkWithinHours, request.VolumeL);
    }

    private static BatchProgressResponse Report(
        BatchReplay replay,
        IReadOnlyList<OrganismClass> shortOf,
        DateTimeOffset now,
        double? drinkWithinHours,
        double? begunL
    )
    {
        var current = replay.Current;
        var safeStep = replay.SafeStep;
        var clock = Clock(replay, current, now);
        var state = State(replay, current, safeStep);
        var cautions = new List<Caution>();
        if (now < replay.LatestInstant)
        {
            cautions.Add(
                new(
                    "clock-went-back",
                    Severity.Danger,
                    "This device's clock is behind the times stored in this batch. Check it: the wait shown "
                        + "may be too long, never too short."
                )
            );
        }

        if (replay.ToppedUpWords is { } toppedUp)
        {
            cautions.Add(
                new(
                    "topped-up",
                    Severity.Warning,
                    toppedUp.Length > 0 ? $"Topped up. {toppedUp}" : "Topped up: dose what was added, and wait anew for all of it."
                )
            );
        }

        if (replay.IsGivenUp)
        {
            cautions.Add(
                new(
                    "given-up",
                    Severity.Danger,
                    "Twice no smell of chlorine: do not drink this water. Throw this batch away and find other water."
                )
            );
        }

        var drinkBy =
            replay.DoneAt(safeStep.Id) is { } safe && drinkWithinHours is { } hours ? safe.AddHours(hours) : (DateTimeOffset?)null;
        if (drinkBy < now && state == BatchState.Drinkable)
        {
            cautions.Add(
                new("kept-too-long", Severity.Warning, "It has no residual and has stood too long: treat it again before you drink it.")
            );
        }

        return new BatchProgressResponse(
            State: state,
            Words: Words(state, current, shortOf),
            CurrentStepId: state is BatchState.Finished or BatchState.Discarded ? null : current?.Id,
            Clock: state is BatchState.Finished or BatchState.Discarded ? null : clock,
            SafeAt: SafeAt(replay, safeStep),
            DrinkBy: drinkBy,
            FinishedAt: replay.DiscardedAt ?? (current is null ? replay.DoneAt(replay.Steps[^1].Id) : null),
            Steps: [.. replay.Steps.Select(s => Step(replay, s, current, safeStep))],
            AddedL: replay.AddedL,
            VolumeL: begunL + replay.AddedL,
            Cautions: cautions
        );
    }

    private static RunningClock? Clock(BatchReplay replay, TreatmentStep? current, DateTimeOffset now)
    {
        if (current is null || current.Clock == StepClock.None)
        {
            return null;
        }

        var (start, length) = (replay.TurnCame, TimeSpan.FromMinutes(current.Minutes));
        var end = start + length;
        var left = Math.Max(0, Math.Ceiling((end - now).TotalSeconds));
        var share = length > TimeSpan.Zero ? Math.Clamp((now - start) / length, 0, 1) : 1;
        return new RunningClock(current.Id, start, end, left, share);
    }

    private static BatchState State(BatchReplay replay, TreatmentStep? current, TreatmentStep safeStep)
    {
        if (replay.DiscardedAt is not null)
        {
            return BatchState.Discarded;
        }

        if (current is null)
        {
            return BatchState.Finished;
        }

        if (replay.DoneAt(safeStep.Id) is not null)
        {
            return BatchState.Drinkable;
        }

        return current.Clock == StepClock.Gate ? BatchState.Waiting : BatchState.InHand;
    }

    private static string Words(BatchState state, TreatmentStep? current, IReadOnlyList<OrganismClass> shortOf)
    {
        var but = shortOf.Count == 0 ? "" : $", but short of the target on {OrganismClasses.Spoken(shortOf)}";
        return state switch
        {
            BatchState.Drinkable when current?.Kind == StepKind.Cool => $"Safe to drink{but}: hot",
            BatchState.Drinkable => $"Drinkable{but}",
            BatchState.Finished => "Finished",
            BatchState.Discarded => "Thrown away",
            BatchState.Waiting => "Do not drink yet: waiting",
            _ => "Do not drink yet: your turn",
        };
    }

    private static DateTimeOffset? SafeAt(BatchReplay replay, TreatmentStep safeStep)
    {
        if (replay.DoneAt(safeStep.Id) is { } done)
        {
            return done;
        }

        return replay.Current == safeStep && safeStep.Clock == StepClock.Gate ? replay.TurnCame.AddMinutes(safeStep.Minutes) : null;
    }

    private static StepProgress Step(BatchReplay replay, TreatmentStep step, TreatmentStep? current, TreatmentStep safeStep)
    {
        StepProgress Standing(StepState state, DateTimeOffset? startedAt = null, DateTimeOffset? doneAt = null, string? why = null) =>
            new(step, state, startedAt, doneAt, why);
        if (replay.DoneAt(step.Id) is { } doneAt)
        {
            return Standing(StepState.Done, replay.StartedAt(step.Id), doneAt);
        }

        if (step == current && replay.DiscardedAt is null)
        {
            return Standing(StepState.Current, replay.TurnCame);
        }

        var safe = replay.DoneAt(safeStep.Id) is not null;
        var why =
            step.Kind is StepKind.Flavour or StepKind.Drink && !safe
                ? "Locked until the water is safe"
                : "Locked until the step before it is done";
        return Standing(StepState.Locked, why: why);
    }
}
