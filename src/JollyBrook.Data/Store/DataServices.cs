using JollyBrook.Data.Parties;
using JollyBrook.Data.Records;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Data.Store;

public static class DataServices
{
    /// <summary>Registers the store kept in <paramref name="file"/>.</summary>
    public static IServiceCollection AddJollyBrookData(this IServiceCollection services, string file) =>
        services
            .AddDbContext<JollyBrookDb>(options => Configure(options, file))
            .AddScoped<BookInHand>()
            .AddScoped<RecordStore>()
            .AddScoped<BookRestore>()
            .AddScoped<PartyStore>()
            .AddScoped<StoreSetup>();

    internal static DbContextOptionsBuilder Configure(DbContextOptionsBuilder options, string file) =>
        options
            .UseSqlite(new SqliteConnectionStringBuilder { DataSource = file }.ToString())
            .AddInterceptors(new DurableConnection());
}
