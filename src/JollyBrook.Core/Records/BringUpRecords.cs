using System.Text.Json;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Records;

/// <summary>Bodies a device kept, to be brought up to what is written now.</summary>
/// <param name="Records">The bodies, with the schema they were written in.</param>
public sealed record BringUpRequest(IReadOnlyList<BackupEntry>? Records);

/// <summary>A body brought up.</summary>
/// <param name="Schema">What it is of now.</param>
/// <param name="Body">The body; null where it could not be read.</param>
/// <param name="Problem">Why not, in words.</param>
public sealed record BroughtUp(int Schema, JsonElement? Body, string? Problem);

/// <summary>The bodies, in the order they were sent.</summary>
public sealed record BringUpResponse(IReadOnlyList<BroughtUp> Records);

/// <summary>The calculation "bring-up": bodies of older schemas as they are written now.</summary>
public static class BringUpRecords
{
    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [BackupFile.RecordsField];

    /// <summary>The records in today's shape, older ones brought up.</summary>
    public static BringUpResponse Compute(BringUpRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        return new BringUpResponse([.. (request.Records ?? []).Select(BroughtUp)]);
    }

    private static BroughtUp BroughtUp(BackupEntry entry)
    {
        if (RecordKinds.Find(entry.Kind ?? "") is not { } kind || entry.Body is not { } body)
        {
            return new BroughtUp(entry.Schema ?? RecordSchema.First, null, "There is no such kind of record, or it has no body.");
        }

        return kind.Canonical(body.GetRawText(), entry.Schema, out var problem) is { } up
            ? new BroughtUp(kind.Schema.Current, JsonElement.Parse(up), null)
            : new BroughtUp(entry.Schema ?? RecordSchema.First, null, problem!.Detail);
    }
}
