using JollyBrook.Core.Barriers;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Schedule;

/// <summary>A batch that was begun, and what is left to do of it now.</summary>
internal sealed class BegunWork
{
    /// <summary>A step without a clock, min (pick).</summary>
    private const int StepMinutes = 2;

    /// <param name="batch">Checked: when it was begun and its steps are told.</param>
    /// <param name="now">What has passed until then.</param>
    public BegunWork(BegunBatch batch, DateTimeOffset now)
    {
        Batch = batch;
        var started = batch.StartedAt!.Value;
        if (batch.Steps is not { Count: > 0 } steps)
        {
            // Nothing is to be done to it.
            ReadyAt = started;
            return;
        }

        var replay = BatchReplay.Of(steps, started, batch.Taps);
        replay.RunGatesUntil(now);
        IsLost = replay.DiscardedAt is not null || replay.IsGivenUp;
        ReadyAt = replay.DoneAt(replay.SafeStep.Id);
        Left = ReadyAt is null ? [.. ToDo(replay, now)] : [];
    }

    public BegunBatch Batch { get; }

    /// <summary>Whether it gives no water: thrown away, or given up.</summary>
    public bool IsLost { get; }

    /// <summary>When it became drinkable; null while it is not.</summary>
    public DateTimeOffset? ReadyAt { get; }

    /// <summary>Its stretches from now on; none when it is drinkable.</summary>
    public IReadOnlyList<Segment> Left { get; } = [];

    private static IEnumerable<Segment> ToDo(BatchReplay replay, DateTimeOffset now)
    {
        var safe = replay.SafeStep;
        // Not drinkable yet, so the step in hand is the last that drinking waits for, or before it.
        foreach (var step in replay.Steps.SkipWhile(s => s != replay.Current).TakeWhile(s => s != safe).Append(safe))
        {
            var passed = step == replay.Current && step.Clock != StepClock.None ? (now - replay.TurnCame).TotalMinutes : 0;
            var minutes = step.Clock == StepClock.None ? StepMinutes : (int)Math.Ceiling(Math.Max(0, step.Minutes - passed));
            if (minutes > 0 && !step.Optional)
            {
                yield return new Segment(
                    step.Title,
                    minutes,
                    step.Clock != StepClock.Gate && step.Kind is not (StepKind.Clear or StepKind.Cool)
                );
            }
        }
    }
}
