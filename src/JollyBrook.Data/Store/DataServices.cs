using JollyBrook.Data.Parties;
using JollyBrook.Data.Records;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Data.Store;

/// <summary>What the server needs to keep records, accounts and trips.</summary>
public static class DataServices
{
    /// <summary>Registers the store kept in a folder, which is taken when it is first asked for and held until the services end.</summary>
    public static IServiceCollection AddJollyBrookData(this IServiceCollection services, string folder) =>
        services
            .AddSingleton(_ => DataFolder.Take(folder))
            .AddSingleton(provider => provider.GetRequiredService<DataFolder>().Mark)
            .AddDbContext<JollyBrookDb>(options => Configure(options, Path.Combine(folder, DataFolder.DatabaseName)))
            .AddScoped<BookInHand>()
            .AddScoped<RecordStore>()
            .AddScoped<ShelfSwap>()
            .AddScoped<BookRestore>()
            .AddScoped<SchemaRise>()
            .AddScoped<PartyStore>()
            .AddScoped<StoreSetup>();

    internal static DbContextOptionsBuilder Configure(DbContextOptionsBuilder options, string file) =>
        options.UseSqlite(new SqliteConnectionStringBuilder { DataSource = file }.ToString()).AddInterceptors(new DurableConnection());
}
