using System.Text.Json;

namespace JollyBrook.Server.Records;

/// <summary>A record on its way in.</summary>
/// <param name="BaseRevision">The revision a change was made from; null for a new record.</param>
/// <param name="Body">The body.</param>
public sealed record RecordEnvelope<TBody>(long? BaseRevision, TBody Body);

/// <summary>A record safely kept.</summary>
public sealed record RecordKept(string Kind, Guid Id, long Revision);

/// <summary>A record on its way out.</summary>
public sealed record ChangedRecord(string Kind, Guid Id, long Revision, JsonElement Body);

/// <summary>What was written after a revision.</summary>
/// <param name="Revision">Ask from here next.</param>
/// <param name="More">Whether there is more at once.</param>
/// <param name="Records">The records, oldest first.</param>
public sealed record Changes(long Revision, bool More, IReadOnlyList<ChangedRecord> Records);
