namespace JollyBrook.Core.InHand;

/// <summary>The batches of the log, each as far as the taps folded so far bring it.</summary>
internal sealed class BatchShelf
{
    private readonly Dictionary<Guid, RunningBatch> _all = [];

    /// <summary>A batch begins, or is taken up again as far as its taps until an instant brought it.</summary>
    public void Put(KeptBatch batch, DateTimeOffset? upTo = null)
    {
        var running = new RunningBatch(batch);
        _all[batch.Id] = running;
        foreach (var tap in upTo is { } until ? InOrder(batch).TakeWhile(t => At(t, batch) <= until) : [])
        {
            running.Take(tap);
        }
    }

    /// <summary>Taps that say when, in the order they count.</summary>
    public static IEnumerable<KeptTap> InOrder(KeptBatch batch) =>
        (batch.Taps ?? []).Where(t => t.Tap?.At is not null).OrderBy(t => At(t, batch).UtcTicks).ThenBy(t => t.Id);

    /// <summary>When a tap counts: never before its batch was started, whatever a clock set back says.</summary>
    public static DateTimeOffset At(KeptTap tap, KeptBatch batch) =>
        tap.Tap!.At is { } at && at > batch.StartedAt ? at : batch.StartedAt!.Value;

    /// <summary>A tap. Returns what was used up by it, or came back.</summary>
    public IReadOnlyList<StepUse> Take(TapMoment moment) =>
        _all.TryGetValue(moment.Batch.Id, out var running) ? running.Take(moment.Kept) : [];

    /// <summary>A batch with the taps folded so far; null when it is not known.</summary>
    public KeptBatch? Find(Guid id) => _all.TryGetValue(id, out var running) ? running.SoFar : null;

    /// <summary>Whether the water may be drunk at an instant: its last gate is through, and it has not stood too long.</summary>
    public bool IsReady(Guid id, DateTimeOffset at) =>
        _all.TryGetValue(id, out var running) && running.SafeSince(at) is not null && !running.IsStale(at);

    /// <summary>Whether it has stood longer than it keeps without a residual.</summary>
    public bool IsStale(Guid id, DateTimeOffset at) => _all.TryGetValue(id, out var running) && running.IsStale(at);
}
