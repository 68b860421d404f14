using System.Text.Json;

namespace JollyBrook.Server.Records;

/// <summary>A record on its way in.</summary>
/// <param name="BaseRevision">The revision a change was made from; null for a new record.</param>
/// <param name="Body">The body.</param>
public sealed record RecordEnvelope<TBody>(long? BaseRevision, TBody Body);

/// <summary>A record safely kept.</summary>
public sealed record RecordKept(string Kind, Guid Id, long Revision);

/// <summary>A record on its way out.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Author">Who wrote it last; null where that was before there were accounts.</param>
/// <param name="Body">Its body; null when it has been taken out.</param>
public sealed record ChangedRecord(string Kind, Guid Id, long Revision, Guid? Author, JsonElement? Body);

/// <summary>What was written after a revision.</summary>
/// <param name="Revision">Ask from here next.</param>
/// <param name="More">Whether there is more at once.</param>
/// <param name="Records">The records, oldest first.</param>
public sealed record Changes(long Revision, bool More, IReadOnlyList<ChangedRecord> Records);

/// <summary>A backup taken in before, which can be undone.</summary>
/// <param name="TakenAt">When; null when there is none.</param>
public sealed record LastRestore(DateTimeOffset? TakenAt);
