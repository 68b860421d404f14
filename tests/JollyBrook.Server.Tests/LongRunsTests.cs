using JollyBrook.Server.Calculations;

namespace JollyBrook.Server.Tests;

/// <summary>Long work waits in line: one of each person at a time, and none for those who have left.</summary>
public sealed class LongRunsTests : IDisposable
{
    private static readonly Guid Ilva = Guid.CreateVersion7();
    private readonly LongRuns _runs = new();

    public void Dispose() => _runs.Dispose();

    [Fact]
    public async Task One_of_a_person_runs_at_a_time()
    {
        var (now, most) = (0, 0);
        var all = Enumerable
            .Range(0, 4)
            .Select(_ =>
                _runs.RunAsync(
                    Ilva,
                    _ =>
                    {
                        most = Math.Max(most, Interlocked.Increment(ref now));
                        Thread.SpinWait(200_000);
                        return Interlocked.Decrement(ref now);
                    },
                    CancellationToken.None
                )
            );
        await Task.WhenAll(all);
        most.ShouldBe(1);
    }

    [Fact]
    public async Task Who_has_too_many_in_line_is_told_and_others_are_not_held_up()
    {
        using var gate = new ManualResetEventSlim();
        using var begun = new SemaphoreSlim(0);
        int Wait(CancellationToken _)
        {
            begun.Release();
            gate.Wait(CancellationToken.None);
            return 1;
        }

        var mine = Enumerable.Range(0, 5).Select(_ => _runs.RunAsync(Ilva, Wait, CancellationToken.None)).ToList();
        await begun.WaitAsync();
        await Should.ThrowAsync<LineTooLongException>(() => _runs.RunAsync(Ilva, _ => 1, CancellationToken.None));
        var other = _runs.RunAsync(Guid.CreateVersion7(), _ => 2, CancellationToken.None);
        gate.Set();
        (await other).ShouldBe(2);
        (await Task.WhenAll(mine)).Sum().ShouldBe(5);
        // The line is open again.
        (await _runs.RunAsync(Ilva, _ => 3, CancellationToken.None)).ShouldBe(3);
    }

    [Fact]
    public async Task Who_leaves_the_line_costs_nothing()
    {
        using var gate = new ManualResetEventSlim();
        using var left = new CancellationTokenSource();
        var first = _runs.RunAsync(
            Ilva,
            _ =>
            {
                gate.Wait(CancellationToken.None);
                return 1;
            },
            CancellationToken.None
        );
        var ran = false;
        var second = _runs.RunAsync(Ilva, _ => ran = true, left.Token);
        await left.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(() => second);
        gate.Set();
        await first;
        ran.ShouldBeFalse();
    }
}
