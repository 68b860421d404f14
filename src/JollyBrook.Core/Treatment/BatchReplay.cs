using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;

namespace JollyBrook.Core.Treatment;

/// <summary>The steps of a batch with the instants at which each one's turn came and it was done.</summary>
internal sealed class BatchReplay
{
    private readonly IReadOnlyList<TreatmentStep> _begun;
    private readonly DateTimeOffset _startedAt;
    private IReadOnlyList<TreatmentStep> _steps;
    private double _addedSinceDoseL;
    private bool _wasDosed;
    private readonly List<string> _doses = [];
    private int _failures;

    private readonly List<(DateTimeOffset Started, DateTimeOffset Done)> _done = [];
    private DateTimeOffset _latestTap = DateTimeOffset.MinValue;
    private DateTimeOffset? _toppedUpAt;
    private TreatmentStep? _safeStep;

    /// <param name="steps">The steps it was begun with.</param>
    /// <param name="startedAt">When it was begun.</param>
    public BatchReplay(IReadOnlyList<TreatmentStep> steps, DateTimeOffset startedAt) =>
        (_begun, _steps, _startedAt) = (steps, steps, startedAt);

    /// <summary>A batch with everything that was tapped on it.</summary>
    /// <param name="steps">The steps it was begun with.</param>
    /// <param name="startedAt">When it was begun.</param>
    /// <param name="taps">What was tapped, in the order it was recorded; null where nothing was.</param>
    public static BatchReplay Of(IReadOnlyList<TreatmentStep> steps, DateTimeOffset startedAt, IEnumerable<BatchTap>? taps)
    {
        var replay = new BatchReplay(steps, startedAt);
        foreach (var tap in taps ?? [])
        {
            replay.Take(tap);
        }

        return replay;
    }

    /// <summary>The steps as they stand: after topping up the dose is that for what was added, and the wait that of all of it.</summary>
    public IReadOnlyList<TreatmentStep> Steps => _steps;

    /// <summary>Raw water in a batch of so many litres that nothing was dosed for yet, L; 0 where it has no dose.</summary>
    public double UndosedL(double batchL) =>
        DoseIndex() is var dose && (dose < 0 || _done.Count > dose) ? 0 : (_wasDosed ? 0 : batchL) + _addedSinceDoseL;

    /// <summary>Whether some of the water in it was dosed.</summary>
    public bool HoldsDosed => _wasDosed || (DoseIndex() is >= 0 and var dose && _done.Count > dose);

    /// <summary>The step whose turn it is, or null when all are done.</summary>
    public TreatmentStep? Current => _done.Count < _steps.Count ? _steps[_done.Count] : null;

    /// <summary>When the current step's turn came; its clock runs from there.</summary>
    public DateTimeOffset TurnCame =>
        (_done.Count == 0 ? _startedAt : _done[^1].Done) is var came && _toppedUpAt > came ? _toppedUpAt.Value : came;

    /// <summary>Raw water added since it was begun, L; null where nobody told how much went in.</summary>
    public double? AddedL { get; private set; } = 0;

    /// <summary>What the last topping up asks for; null when there was none.</summary>
    public string? ToppedUpWords { get; private set; }

    /// <summary>Whether its check failed twice: it is not to be drunk at all.</summary>
    public bool IsGivenUp => _failures > 1;

    public DateTimeOffset? DiscardedAt { get; private set; }

    /// <summary>The latest instant stored; a clock showing less has gone backwards.</summary>
    public DateTimeOffset LatestInstant => _latestTap > _startedAt ? _latestTap : _startedAt;

    /// <summary>How many steps are done.</summary>
    public int DoneCount => _done.Count;

    /// <summary>The step after which the water may be drunk.</summary>
    public TreatmentStep SafeStep =>
        _safeStep ??= _steps.LastOrDefault(s => s.DrinkAfter)
            ?? _steps.LastOrDefault(s => s.Kind is StepKind.Contact or StepKind.Boil)
            ?? _steps[^1];

    public DateTimeOffset? DoneAt(string stepId) => Find(stepId)?.Done;

    public DateTimeOffset? StartedAt(string stepId) => Find(stepId)?.Started;

    public void Take(BatchTap tap)
    {
        if (tap.At is not { } at)
        {
            return;
        }

        if (DiscardedAt is not null)
        {
            // Thrown away by mistake: brought back by taking that, and no step, back.
            DiscardedAt = tap is { Kind: BatchEventKind.Undone, StepId: null } ? null : DiscardedAt;
            return;
        }

        _latestTap = at > _latestTap ? at : _latestTap;
        RunGatesUntil(at);
        switch (tap.Kind)
        {
            case BatchEventKind.Discarded:
                DiscardedAt = at;
                break;
            case BatchEventKind.Done:
                Do(tap.StepId, at);
                break;
            case BatchEventKind.Undone:
                Undo(tap.StepId);
                break;
            case BatchEventKind.ToppedUp:
                TopUp(at, tap);
                break;
            case BatchEventKind.Failed:
                Fail(tap.StepId);
                break;
        }
    }

    /// <summary>Ends every gate whose clock has run by <paramref name="instant"/>, at the moment it ran out.</summary>
    public void RunGatesUntil(DateTimeOffset instant)
    {
        while (DiscardedAt is null && Current is { Clock: StepClock.Gate } gate && instant >= TurnCame.AddMinutes(gate.Minutes))
        {
            _done.Add((TurnCame, TurnCame.AddMinutes(gate.Minutes)));
        }
    }

    private void Do(string? stepId, DateTimeOffset at)
    {
        // Optional steps between here and the tapped one are skipped by tapping past them.
        var index = IndexOf(stepId);
        var reachable = index >= _done.Count && _steps.Skip(_done.Count).Take(index - _done.Count).All(s => s.Optional);
        if (!reachable || _steps[index] is { Clock: StepClock.Gate } or { Kind: StepKind.Check, Done: null })
        {
            return;
        }

        while (_done.Count <= index)
        {
            // A device clock set back must not start the next clock earlier than what came before.
            _done.Add((TurnCame, at > TurnCame ? at : TurnCame));
        }
    }

    /// <summary>Back to the first step that takes organisms away: what was treated and what was added are one raw water.</summary>
    private void TopUp(DateTimeOffset at, BatchTap tap)
    {
        var first = FirstTreating();
        if (first < 0)
        {
            return;
        }

        var dose = DoseIndex();
        if (dose >= 0)
        {
            TakeFailuresBack();
            var isDosed = _done.Count > dose;
            _addedSinceDoseL = (isDosed ? 0 : _addedSinceDoseL) + (tap.AddedL ?? 0);
            _wasDosed |= isDosed;
            if (tap.Dose is { } told)
            {
                _doses.Add(told.Words);
                _steps = ChemicalSteps.ForTopUp(_steps, told);
            }

            _safeStep = null;
        }

        AddedL += tap.AddedL;
        ToppedUpWords = tap.Words ?? "";
        if (_done.Count > first)
        {
            _done.RemoveRange(first, _done.Count - first);
            _toppedUpAt = at;
        }
    }

    /// <summary>Once: dosed again, a short wait, the check again. Twice: given up.</summary>
    private void Fail(string? stepId)
    {
        if (Current is not { Fails: not null } check || check.Id != stepId)
        {
            return;
        }

        var at = _done.Count;
        _failures++;
        _steps =
            _failures == 1
                ? [.. _steps.Take(at), .. ChemicalSteps.Again(_begun, _doses), .. _steps.Skip(at)]
                : [.. _steps.Take(at), ChemicalSteps.GivenUp(check), .. _steps.Skip(at + 1)];
        _safeStep = null;
    }

    /// <summary>The last failure was none, or no longer counts.</summary>
    private void TakeFailureBack()
    {
        _failures--;
        if (_failures > 0)
        {
            _steps = [.. _steps.Select(s => s.Kind == StepKind.Check ? _begun.First(b => b.Id == s.Id) : s)];
        }
        else
        {
            var first = IndexOf(ChemicalSteps.DoseAgain);
            _steps = [.. _steps.Where(s => s.Id is not (ChemicalSteps.DoseAgain or ChemicalSteps.ContactAgain))];
            _done.RemoveRange(Math.Min(first, _done.Count), Math.Max(0, _done.Count - first));
        }

        _safeStep = null;
    }

    private void TakeFailuresBack()
    {
        while (_failures > 0)
        {
            TakeFailureBack();
        }
    }

    private int DoseIndex()
    {
        for (var i = _steps.Count - 1; i >= 0; i--)
        {
            if (_steps[i].Kind == StepKind.Dose && _steps[i].Id != ChemicalSteps.DoseAgain)
            {
                return i;
            }
        }

        return -1;
    }

    private int FirstTreating()
    {
        for (var i = 0; i < _steps.Count; i++)
        {
            if (_steps[i].Kind is StepKind.Mix or StepKind.Dose or StepKind.Light or StepKind.Heat or StepKind.Filter)
            {
                return i;
            }
        }

        return -1;
    }

    private void Undo(string? stepId)
    {
        var index = IndexOf(stepId);
        if (index >= 0 && index < _done.Count)
        {
            _done.RemoveRange(index, _done.Count - index);
        }
        else if (index >= 0 && _failures > 0 && _steps[index].Kind == StepKind.Check)
        {
            TakeFailureBack();
        }
    }

    private (DateTimeOffset Started, DateTimeOffset Done)? Find(string stepId)
    {
        var index = IndexOf(stepId);
        return index >= 0 && index < _done.Count ? _done[index] : null;
    }

    private int IndexOf(string? stepId)
    {
        for (var i = 0; i < _steps.Count; i++)
        {
            if (_steps[i].Id == stepId)
            {
                return i;
            }
        }

        return -1;
    }
}
