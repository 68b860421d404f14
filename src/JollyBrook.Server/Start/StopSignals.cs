using System.Runtime.InteropServices;

namespace JollyBrook.Server.Start;

/// <summary>Heeds a request to stop while the store is being opened, before the host listens for one itself.</summary>
internal sealed class StopSignals : IDisposable
{
    private readonly CancellationTokenSource _asked = new();
    private readonly PosixSignalRegistration[] _signals;

    public StopSignals(WebApplication app)
    {
        _signals =
        [
            .. new[] { PosixSignal.SIGINT, PosixSignal.SIGTERM, PosixSignal.SIGQUIT }.Select(signal =>
                PosixSignalRegistration.Create(signal, context =>
                {
                    context.Cancel = true;
                    _asked.Cancel();
                    app.Lifetime.StopApplication();
                })
            ),
        ];
    }

    /// <summary>Cancelled once a stop was asked for.</summary>
    public CancellationToken Asked => _asked.Token;

    public void Dispose()
    {
        foreach (var signal in _signals)
        {
            signal.Dispose();
        }

        _asked.Dispose();
    }
}
