using JollyBrook.Data.Store;
using JollyBrook.Server.Demo;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Start;

/// <summary>Opens the store before the first request: migrations, identity, and the demo data where asked for.</summary>
internal static class OpenStore
{
    public static async Task RunAsync(WebApplication app)
    {
        var options = app.Services.GetRequiredService<ServerOptions>();
        Directory.CreateDirectory(options.DataFolder);
        await using var scope = app.Services.CreateAsyncScope();
        var (identity, _) = await scope.ServiceProvider.GetRequiredService<StoreSetup>().OpenAsync(CancellationToken.None);
        var first = app.Services.GetRequiredService<FirstStart>();
        first.Set(identity.Id, identity.OwnerId);
        if (await scope.ServiceProvider.GetRequiredService<JollyBrookDb>().Users.AnyAsync())
        {
            return;
        }

        if (options.Demo)
        {
            await scope.ServiceProvider.GetRequiredService<DemoSeed>().WriteAsync(identity.OwnerId, TimeProvider.System.GetUtcNow());
        }
        else
        {
            Console.WriteLine($"No account yet. Open the page on this machine to make the owner's, or from another one with the code {first.Code}");
        }
    }
}
