using JollyBrook.Core.Barriers;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.InHand;

/// <summary>What a step used up, in shares of what the batch uses: 1 for all of it, less than 0 where it came back.</summary>
internal readonly record struct StepUse(TreatmentStep Step, double Share);

/// <summary>A batch while the log is folded: its replay, and which steps have used something up.</summary>
internal sealed class RunningBatch(KeptBatch batch)
{
    private readonly IReadOnlyList<TreatmentStep> _steps = batch.Steps ?? [];
    private readonly BatchReplay _replay = new(batch.Steps ?? [], batch.StartedAt!.Value);
    private readonly List<KeptTap> _taken = new(batch.Taps?.Count ?? 0);
    private readonly Dictionary<string, double> _used = new(batch.Steps?.Count ?? 0);
    private double? _toppedUpShare;

    public KeptBatch SoFar => batch with { Taps = [.. _taken] };

    /// <summary>A tap. A step uses up its share when it is done, or when its gate begins to run.</summary>
    public IReadOnlyList<StepUse> Take(KeptTap tap)
    {
        _taken.Add(tap);
        _replay.Take(tap.Tap!);
        if (tap.Tap!.Kind == BatchEventKind.ToppedUp)
        {
            ForgetUndone(tap.Tap);
            return [];
        }

        var reached = Reached();
        List<StepUse> uses = [];
        // A check that failed has put steps before it that are none of the batch's own.
        var steps = _replay.Steps;
        for (var i = 0; i < steps.Count; i++)
        {
            var step = steps[i];
            if (i < reached && !_used.ContainsKey(step.Id))
            {
                uses.Add(new StepUse(step, _used[step.Id] = ShareOf(step)));
            }
            else if (i >= reached && _used.Remove(step.Id, out var share))
            {
                uses.Add(new StepUse(step, -share));
            }
        }

        return uses;
    }

    /// <summary>Since when the water may be drunk; null while it may not.</summary>
    public DateTimeOffset? SafeSince(DateTimeOffset at)
    {
        if (_steps.Count == 0)
        {
            return null;
        }

        _replay.RunGatesUntil(at);
        return _replay.DoneAt(_replay.SafeStep.Id);
    }

    public bool IsStale(DateTimeOffset at) =>
        SafeSince(at) is { } since && batch.DrinkWithinHours is { } hours && at > since.AddHours(hours);

    private int Reached() => _replay.DoneCount + (_replay.Current is { Clock: StepClock.Gate } ? 1 : 0);

    /// <summary>What was dosed stays spent; the dose that follows is for what was added.</summary>
    private void ForgetUndone(BatchTap tap)
    {
        var reached = Reached();
        var wasDosed = _steps.Skip(reached).Any(s => s.Kind == StepKind.Dose && _used.ContainsKey(s.Id));
        var added = tap.AddedL is { } litres && batch.VolumeL is > 0 and { } volume ? litres / volume : 1;
        // What was told is for all that is not dosed yet.
        _toppedUpShare =
            tap.Dose is { } dose && batch.Use?.DoseUnits is > 0 and { } units
                ? dose.Units / units
                : (_toppedUpShare ?? (wasDosed ? 0 : 1)) + added;
        foreach (var step in _used.Keys.Except(_steps.Take(reached).Select(s => s.Id)).ToList())
        {
            _used.Remove(step);
        }
    }

    /// <summary>Several steps of a kind (loads, fills, two parts) share what the batch uses; a filter is gone through once.</summary>
    private double ShareOf(TreatmentStep step)
    {
        if (step.Kind == StepKind.Filter)
        {
            return step == _steps.Last(s => s.Kind == StepKind.Filter) ? 1 : 0;
        }

        var share = 1.0 / _steps.Count(s => s.Kind == step.Kind);
        if (step.Kind == StepKind.Dose && _toppedUpShare is { } added && batch.Use?.DoseUnits is > 0 and { } units)
        {
            // Whole tablets or drops, as they are counted out.
            _toppedUpShare = null;
            return share * Math.Ceiling((units * added) - 1e-9) / units;
        }

        return share;
    }
}
