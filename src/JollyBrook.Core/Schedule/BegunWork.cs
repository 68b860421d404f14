using JollyBrook.Core.Barriers;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Schedule;

/// <summary>What is left to do of a batch that was begun.</summary>
internal static class BegunWork
{
    /// <summary>A step without a clock, min (pick).</summary>
    private const int StepMinutes = 2;

    /// <summary>Whether it gives no water: thrown away, or given up.</summary>
    public static bool IsLost(BegunBatch begun) => ReplayOf(begun) is { } replay && (replay.DiscardedAt is not null || replay.IsGivenUp);

    /// <returns>Its stretches from now on, none when it is drinkable; and when it became so.</returns>
    public static (IReadOnlyList<Segment> Left, DateTimeOffset? ReadyAt) Of(BegunBatch begun, DateTimeOffset now)
    {
        if (ReplayOf(begun) is not { } replay)
        {
            return ([], begun.StartedAt);
        }

        replay.RunGatesUntil(now);
        // As they stand: after topping up, the dose and the wait are others.
        var steps = replay.Steps;
        var safe = steps.LastOrDefault(s => s.DrinkAfter) ?? steps[^1];
        if (replay.DoneAt(safe.Id) is { } ready)
        {
            return ([], ready);
        }

        List<Segment> left = [];
        // Not drinkable yet, so the step in hand is the last that drinking waits for, or before it.
        foreach (var step in steps.SkipWhile(s => s != replay.Current).TakeWhile(s => s != safe).Append(safe))
        {
            var passed = step == replay.Current && step.Clock != StepClock.None ? (now - replay.TurnCame).TotalMinutes : 0;
            var minutes = step.Clock == StepClock.None ? StepMinutes : (int)Math.Ceiling(Math.Max(0, step.Minutes - passed));
            if (minutes > 0 && !step.Optional)
            {
                left.Add(
                    new Segment(step.Title, minutes, step.Clock != StepClock.Gate && step.Kind is not (StepKind.Clear or StepKind.Cool))
                );
            }
        }

        return (left, null);
    }

    /// <summary>Null where nothing is known of its steps.</summary>
    private static BatchReplay? ReplayOf(BegunBatch begun)
    {
        if (begun is not { Steps: { Count: > 0 } steps, StartedAt: { } started })
        {
            return null;
        }

        var replay = new BatchReplay(steps, started);
        foreach (var tap in begun.Taps ?? [])
        {
            replay.Take(tap);
        }

        return replay;
    }
}
