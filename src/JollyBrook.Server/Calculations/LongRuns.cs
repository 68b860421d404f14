using System.Collections.Concurrent;
using JollyBrook.Core.Contract;

namespace JollyBrook.Server.Calculations;

/// <summary>Too many are in line already.</summary>
public sealed class LineTooLongException() : Exception("Too many are waiting.")
{
    /// <summary>In words.</summary>
    public static Problem Problem =>
        new(
            "/problems/busy",
            "The server is busy.",
            503,
            "Too many long calculations are waiting here. This device can work it out by itself; or try again in a minute.",
            []
        );
}

/// <summary>
/// What keeps a core busy waits in line: one of each person at a time, and on the whole machine one core fewer than there are, so that
/// short answers never wait for long ones.
/// </summary>
public sealed class LongRuns : IDisposable
{
    /// <summary>How many of one person's may wait (pick).</summary>
    private const int MostWaiting = 4;

    private readonly SemaphoreSlim _machine = new(Math.Max(1, Environment.ProcessorCount - 1));
    private readonly ConcurrentDictionary<Guid, Lane> _lanes = new();

    /// <summary>Runs it when it is its turn, away from the threads that serve.</summary>
    /// <exception cref="LineTooLongException">Too many of this person's are waiting.</exception>
    /// <exception cref="OperationCanceledException">The caller left.</exception>
    public async Task<T> RunAsync<T>(Guid person, Func<CancellationToken, T> run, CancellationToken cancellation)
    {
        var lane = Enter(person);
        try
        {
            await lane.Turn.WaitAsync(cancellation);
            try
            {
                await _machine.WaitAsync(cancellation);
                try
                {
                    return await Task.Factory.StartNew(
                        () => run(cancellation),
                        cancellation,
                        TaskCreationOptions.LongRunning,
                        TaskScheduler.Default
                    );
                }
                finally
                {
                    _machine.Release();
                }
            }
            finally
            {
                lane.Turn.Release();
            }
        }
        finally
        {
            Leave(person, lane);
        }
    }

    /// <inheritdoc/>
    public void Dispose() => _machine.Dispose();

    private Lane Enter(Guid person)
    {
        lock (_lanes)
        {
            var lane = _lanes.GetOrAdd(person, _ => new Lane());
            if (lane.Inside > MostWaiting)
            {
                throw new LineTooLongException();
            }

            lane.Inside++;
            return lane;
        }
    }

    private void Leave(Guid person, Lane lane)
    {
        lock (_lanes)
        {
            if (--lane.Inside == 0)
            {
                _lanes.TryRemove(person, out _);
            }
        }
    }

    private sealed class Lane
    {
        public SemaphoreSlim Turn { get; } = new(1);

        public int Inside { get; set; }
    }
}
