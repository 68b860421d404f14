using JollyBrook.Data.Store;
using JollyBrook.Server.Demo;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Start;

/// <summary>
/// Opens the store before the first request: the folder's lock, a look at the database, migrations, identity, and the demo data where asked
/// for.
/// </summary>
internal static class OpenStore
{
    /// <exception cref="StoreRefusedException">Another server has the folder, or the database is gone or damaged.</exception>
    public static async Task RunAsync(WebApplication app, CancellationToken cancellation)
    {
        app.Services.GetRequiredService<DataFolder>().Check();
        var options = app.Services.GetRequiredService<ServerOptions>();
        await using var scope = app.Services.CreateAsyncScope();
        var identity = await scope.ServiceProvider.GetRequiredService<StoreSetup>().OpenAsync(cancellation);
        var first = app.Services.GetRequiredService<FirstStart>();
        first.Set(identity);
        var db = scope.ServiceProvider.GetRequiredService<JollyBrookDb>();
        if (await db.Users.AnyAsync(cancellation))
        {
            return;
        }

        if (options.Demo)
        {
            await scope
                .ServiceProvider.GetRequiredService<DemoSeed>()
                .WriteAsync(identity.OwnerId, scope.ServiceProvider.GetRequiredService<TimeProvider>().GetUtcNow(), cancellation);
        }
        else
        {
            // On the console alone: a log may be read by others.
            Console.WriteLine(
                $"No account yet. Open the page on this machine to make the owner's, or from another one with the code {first.Code}"
            );
        }
    }
}
