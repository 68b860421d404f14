namespace JollyBrook.Core.Schedule;

/// <summary>Whole minutes from the schedule's beginning, and the hours of rest on it.</summary>
internal sealed class ClockLine
{
    private const int HorizonDays = 5;
    private readonly ScheduleRequest _request;

    public ClockLine(ScheduleRequest request)
    {
        _request = request;
        From = request.From!.Value;
        Now = request.Now is { } now ? Math.Max(0, Minute(now)) : 0;
        Quiet = [.. Rests()];
    }

    public DateTimeOffset From { get; }

    /// <summary>Nothing that has not begun begins before it.</summary>
    public int Now { get; }

    public IReadOnlyList<(int From, int Until)> Quiet { get; }

    /// <summary>Whole minutes, rounded down: wanted sooner rather than later.</summary>
    public int Minute(DateTimeOffset at) => (int)Math.Floor((at - From).TotalMinutes + 1e-9);

    public DateTimeOffset At(int minute) => From.AddMinutes(minute);

    public Job Job(BatchDraft draft)
    {
        var due = Minute(draft.Want.By!.Value);
        var hold = draft.Reused ? 0 : due;
        if (draft.Begun is { } begun)
        {
            // Done already: nothing to place, but its container stays taken.
            return begun.ReadyAt is { } done
                ? new Job(
                    Key: draft.Key,
                    Blocks: [new Block([new Segment("Ready", 0, false)], [])],
                    Container: draft.Container?.Id,
                    Due: due,
                    NotBefore: Minute(done),
                    HoldUntil: hold,
                    First: true
                )
                : new Job(
                    Key: draft.Key,
                    Blocks: [.. begun.Left.Select(s => new Block([s], []))],
                    Container: draft.Container?.Id,
                    Due: due,
                    NotBefore: Now,
                    HoldUntil: hold,
                    First: true
                );
        }

        var put = draft.Edit?.StartAt is { } start ? Math.Max(Now, Minute(start)) : (int?)null;
        return new Job(
            Key: draft.Key,
            Blocks: draft.Chosen!.Blocks,
            Container: draft.Container?.Id,
            Due: due,
            NotBefore: put ?? Now,
            HoldUntil: hold,
            First: put is not null
        );
    }

    /// <summary>Whether what was begun still holds its container by this line: not ready yet, or ready and not yet wanted.</summary>
    public bool IsHeld(BatchDraft begun) => Minute(begun.Want.By!.Value) > Now || begun.Begun!.ReadyAt is null;

    private IEnumerable<(int From, int Until)> Rests()
    {
        if (_request.QuietFromHour is not { } from || _request.QuietToHour is not { } to || from == to)
        {
            yield break;
        }

        var length = (int)Math.Round((to > from ? to - from : to + 24 - from) * 60);
        for (var day = -1; day < HorizonDays; day++)
        {
            var start = Minute(new DateTimeOffset(From.Date, From.Offset).AddDays(day).AddHours(from));
            if (start + length > 0)
            {
                yield return (start, start + length);
            }
        }
    }
}
