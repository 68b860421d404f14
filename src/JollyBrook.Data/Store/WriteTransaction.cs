using System.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Storage;

namespace JollyBrook.Data.Store;

/// <summary>
/// Writes that belong together. One begun while another is under way joins it: then only the outer one commits. Serializable takes
/// SQLite's write lock at once, so that what was read still holds when it is written.
/// </summary>
public sealed class WriteTransaction : IAsyncDisposable
{
    private readonly IDbContextTransaction? _own;

    private WriteTransaction(IDbContextTransaction? own) => _own = own;

    /// <summary>Joins the transaction that is open, or opens one.</summary>
    public static async Task<WriteTransaction> BeginAsync(DatabaseFacade database, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(database);
        return new WriteTransaction(
            database.CurrentTransaction is null ? await database.BeginTransactionAsync(IsolationLevel.Serializable, cancellation) : null
        );
    }

    /// <summary>Commits one's own; one that was joined is left to whoever opened it.</summary>
    public Task CommitAsync(CancellationToken cancellation) => _own?.CommitAsync(cancellation) ?? Task.CompletedTask;

    /// <summary>Undoes what was not committed.</summary>
    public ValueTask DisposeAsync() => _own?.DisposeAsync() ?? ValueTask.CompletedTask;
}
