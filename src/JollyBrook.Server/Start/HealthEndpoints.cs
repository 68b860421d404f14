using System.Net;
using JollyBrook.Data.Store;
using JollyBrook.Server.Access;
using Microsoft.EntityFrameworkCore;

namespace JollyBrook.Server.Start;

/// <summary>How the server stands.</summary>
/// <param name="Ready">Whether it can take and give.</param>
/// <param name="Faults">What is wrong; told on this machine alone.</param>
/// <param name="FreeMegabytes">Room left where the store lies; told on this machine alone.</param>
/// <param name="CheckedAt">When the store was last looked through; told on this machine alone.</param>
public sealed record Readiness(bool Ready, IReadOnlyList<string> Faults, long? FreeMegabytes, DateTimeOffset? CheckedAt);

/// <summary>
/// <c>GET /health/live</c>: the process answers; <c>GET /health/ready</c>: it can write, has room, and its store was found whole.
/// </summary>
internal static class HealthEndpoints
{
    /// <summary>Less room than this is told before it runs out, MB (pick).</summary>
    private const long LeastFreeMegabytes = 200;

    private const long Megabyte = 1024 * 1024;

    public static void MapHealth(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/health/live", () => Results.Ok()).ExcludeFromDescription().For(Audience.Anyone);
        routes.MapGet("/health/ready", ReadyAsync).ExcludeFromDescription().For(Audience.Anyone);
    }

    private static async Task<IResult> ReadyAsync(HttpContext http, JollyBrookDb db, DataFolder folder, CancellationToken cancellation)
    {
        List<string> faults = [];
        var free = new DriveInfo(folder.Path).AvailableFreeSpace / Megabyte;
        if (free < LeastFreeMegabytes)
        {
            faults.Add($"Only {free} MB are free where the store lies.");
        }

        try
        {
            await folder.TryWriteAsync(cancellation);
            await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
            await db.Identity.ExecuteUpdateAsync(s => s.SetProperty(i => i.CreatedAt, i => i.CreatedAt), cancellation);
        }
        catch (Exception failure)
            when (failure is IOException or UnauthorizedAccessException or Microsoft.Data.Sqlite.SqliteException or DbUpdateException)
        {
            faults.Add($"The store can't be written: {failure.Message}");
        }

        var here = http.Connection.RemoteIpAddress is { } from && IPAddress.IsLoopback(from);
        var readiness = here
            ? new Readiness(faults.Count == 0, faults, free, folder.CheckedAt)
            : new Readiness(faults.Count == 0, [], null, null);
        return Results.Json(readiness, statusCode: readiness.Ready ? StatusCodes.Status200OK : StatusCodes.Status503ServiceUnavailable);
    }
}
