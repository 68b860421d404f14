using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace JollyBrook.Data.Store;

/// <summary>Opens every connection so that an acknowledged write survives a crash or a pulled plug.</summary>
internal sealed class DurableConnection : DbConnectionInterceptor
{
    private const string Wait = "PRAGMA busy_timeout=5000;";
    private const string Pragmas = "PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL; PRAGMA foreign_keys=ON; " + Wait;

    /// <summary>
    /// EF looks whether the file is there with a connection that may only read; a backup put in place is not in WAL mode yet.
    /// </summary>
    private static string PragmasFor(DbConnection connection) =>
        new SqliteConnectionStringBuilder(connection.ConnectionString).Mode == SqliteOpenMode.ReadOnly ? Wait : Pragmas;

    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
    {
        using var command = connection.CreateCommand();
        command.CommandText = PragmasFor(connection);
        command.ExecuteNonQuery();
    }

    public override async Task ConnectionOpenedAsync(
        DbConnection connection,
        ConnectionEndEventData eventData,
        CancellationToken cancellationToken = default
    )
    {
        await using var command = connection.CreateCommand();
        command.CommandText = PragmasFor(connection);
        await command.ExecuteNonQueryAsync(cancellationToken);
    }
}
