using JollyBrook.Data;
using JollyBrook.Server.Demo;

namespace JollyBrook.Server;

/// <summary>Opens the store before the first request: migrations, identity, and the demo data where asked for.</summary>
internal static class OpenStore
{
    public static async Task RunAsync(WebApplication app)
    {
        var options = app.Services.GetRequiredService<ServerOptions>();
        Directory.CreateDirectory(options.DataFolder);
        await using var scope = app.Services.CreateAsyncScope();
        var (identity, isNew) = await scope.ServiceProvider.GetRequiredService<StoreSetup>().OpenAsync(CancellationToken.None);
        app.Services.GetRequiredService<CurrentPerson>().Set(identity.Id, identity.OwnerId);
        if (isNew && options.Demo)
        {
            await DemoSeed.WriteAsync(
                scope.ServiceProvider.GetRequiredService<RecordStore>(), identity.OwnerId, TimeProvider.System.GetUtcNow());
        }
    }
}
