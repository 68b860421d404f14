using JollyBrook.Core.Contract;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Server.Access;

/// <summary>Says in words when the store can't take anything: no room left on its disk, or too busy for too long.</summary>
internal sealed class StoreTrouble : IExceptionHandler
{
    private const int SqliteBusy = 5;
    private const int SqliteReadOnly = 8;
    private const int SqliteInputOutput = 10;
    private const int SqliteFull = 13;
    private const int NoSpace = 28;

    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
        {
            // Whoever asked has left.
            httpContext.Response.StatusCode = StatusCodes.Status499ClientClosedRequest;
            return true;
        }

        if (Of(exception) is not { } problem)
        {
            return false;
        }

        await RequestText.Problem(problem).ExecuteAsync(httpContext);
        return true;
    }

    private static Problem? Of(Exception? exception) =>
        exception switch
        {
            SqliteException { SqliteErrorCode: SqliteFull or SqliteReadOnly or SqliteInputOutput } => Full,
            SqliteException { SqliteErrorCode: SqliteBusy } => Busy,
            IOException { HResult: NoSpace } => Full,
            null => null,
            _ => Of(exception.InnerException),
        };

    private static Problem Full =>
        new(
            "/problems/server-full",
            "The server has no room left.",
            507,
            "The server can't write: its disk is full. What you enter stays on this device and is "
                + "sent once there is room again. Tell whoever runs the server.",
            []
        );

    private static Problem Busy =>
        new(
            "/problems/busy",
            "The server is busy.",
            503,
            "The server is busy writing. What you enter stays on this device and is sent again by itself.",
            []
        );
}
