using System.Runtime.CompilerServices;

namespace JollyBrook.Core.Carry.Promise;

/// <summary>What to do at each water of the way, for each amount in hand.</summary>
public sealed class PolicyTable
{
    /// <summary>Walking by.</summary>
    internal const short By = -1;

    private readonly short[][][] _leave;
    private readonly double[] _nightL;
    private readonly double _lowestL;
    private readonly double _stepsPerL;

    internal PolicyTable(short[][][] leave, double[] nightL, double lowestL, double stepL, double expectedCost) =>
        (_leave, _nightL, _lowestL, _stepsPerL, StepL, ExpectedCost) = (leave, nightL, lowestL, 1 / stepL, stepL, expectedCost);

    /// <summary>Step of the litres told apart, L.</summary>
    public double StepL { get; }

    /// <summary>The expected cost from the start, with the price of running short, kg·km; no number for one put together of two.</summary>
    public double ExpectedCost { get; }

    /// <summary>Whether it is put together of others.</summary>
    internal bool IsMixed => double.IsNaN(ExpectedCost);

    /// <summary>This up to a place, another policy of the same problem from there on.</summary>
    /// <param name="rest">The other one.</param>
    /// <param name="from">The place, from 0.</param>
    internal PolicyTable Then(PolicyTable rest, int from) =>
        new([.. _leave.Take(from), .. rest._leave.Skip(from)], _nightL, _lowestL, StepL, double.NaN);

    /// <summary>This, but for one place, where it is another policy of the same problem.</summary>
    /// <param name="other">The other one.</param>
    /// <param name="at">The place, from 0.</param>
    internal PolicyTable But(PolicyTable other, int at) =>
        new([.. _leave.Select((l, k) => k == at ? other._leave[k] : l)], _nightL, _lowestL, StepL, double.NaN);

    /// <summary>Whether two policies of the same problem do the same at a place.</summary>
    internal bool IsLike(PolicyTable other, int at) =>
        _leave[at] == other._leave[at] || _leave[at].Zip(other._leave[at]).All(l => l.First.AsSpan().SequenceEqual(l.Second));

    /// <summary>
    /// What to leave a water with, at a camp once its night is used; null to walk by it. Less than is in hand is asked for only where the
    /// night takes it.
    /// </summary>
    /// <param name="place">The place, from 0.</param>
    /// <param name="water">Which of its waters, from 0.</param>
    /// <param name="inHandL">In hand on arrival, L; less than 0 is owed. Between two steps the lower counts.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public double? LeaveWith(int place, int water, double inHandL)
    {
        var levels = _leave[place][water];
        // Walked millions of times: no more than a product and a look.
        var steps = ((inHandL - _lowestL) * _stepsPerL) + 1e-9;
        var leave = levels[
            steps <= 0 ? 0
            : steps >= levels.Length - 1 ? levels.Length - 1
            : (int)steps
        ];
        return leave == By ? null : Math.Max(inHandL - _nightL[place], _lowestL + (leave * StepL));
    }
}
