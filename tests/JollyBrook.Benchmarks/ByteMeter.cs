using System.Net;
using System.Net.Sockets;

namespace JollyBrook.Benchmarks;

/// <summary>Stands between browser and server on loopback and counts what the server sends, workers' requests included.</summary>
internal sealed class ByteMeter : IDisposable
{
    private readonly TcpListener _listener = new(IPAddress.Loopback, 0);
    private readonly int _serverPort;
    private long _bytes;

    public ByteMeter(int serverPort)
    {
        _serverPort = serverPort;
        _listener.Start();
        Address = $"http://127.0.0.1:{((IPEndPoint)_listener.LocalEndpoint).Port}";
        _ = AcceptAsync();
    }

    public string Address { get; }

    public long BytesSent => Interlocked.Read(ref _bytes);

    public void Dispose() => _listener.Dispose();

    private async Task AcceptAsync()
    {
        try
        {
            while (true)
            {
                _ = CarryAsync(await _listener.AcceptTcpClientAsync());
            }
        }
        catch (SocketException)
        {
            // The listener was closed.
        }
        catch (ObjectDisposedException)
        {
            // The same, in other words.
        }
    }

    private async Task CarryAsync(TcpClient browser)
    {
        using (browser)
        using (var server = new TcpClient())
        {
            try
            {
                await server.ConnectAsync(IPAddress.Loopback, _serverPort);
                await Task.WhenAny(
                    CopyAsync(browser.GetStream(), server.GetStream(), false),
                    CopyAsync(server.GetStream(), browser.GetStream(), true)
                );
            }
            catch (IOException)
            {
                // Either side hung up.
            }
        }
    }

    private async Task CopyAsync(NetworkStream from, NetworkStream to, bool counted)
    {
        var buffer = new byte[64 * 1024];
        for (int read; (read = await from.ReadAsync(buffer)) > 0; )
        {
            if (counted)
            {
                Interlocked.Add(ref _bytes, read);
            }

            await to.WriteAsync(buffer.AsMemory(0, read));
        }
    }
}
