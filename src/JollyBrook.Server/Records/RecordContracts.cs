using System.Text.Json;

namespace JollyBrook.Server.Records;

/// <summary>A record on its way in.</summary>
/// <param name="BaseRevision">The revision a change was made from; null for a new record.</param>
/// <param name="Body">The body.</param>
/// <param name="Schema">The schema the body is written in; null counts as the first.</param>
public sealed record RecordEnvelope<TBody>(long? BaseRevision, TBody Body, int? Schema = null);

/// <summary>A record safely kept.</summary>
public sealed record RecordKept(string Kind, Guid Id, long Revision);

/// <summary>A record on its way out.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Author">Who wrote it last; null where that was before there were accounts.</param>
/// <param name="Schema">The schema its body is written in.</param>
/// <param name="Body">Its body; null when it has been taken out.</param>
public sealed record ChangedRecord(string Kind, Guid Id, long Revision, Guid? Author, int Schema, JsonElement? Body);

/// <summary>What was written after a revision.</summary>
/// <param name="Records">The records, oldest first.</param>
/// <param name="Revision">Ask from here next.</param>
/// <param name="More">Whether there is more at once.</param>
/// <param name="Latest">The book's last revision: one below what was asked from tells that the store has gone back in time.</param>
/// <param name="Bytes">How much the book holds.</param>
/// <param name="MostBytes">How much it may hold.</param>
/// <param name="NearlyFull">Whether it is time to say so.</param>
public sealed record Changes(
    IReadOnlyList<ChangedRecord> Records,
    long Revision,
    bool More,
    long Latest,
    long Bytes,
    long MostBytes,
    bool NearlyFull
);

/// <summary>One of several records on their way in.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="BaseRevision">The revision a change was made from; null for a new record.</param>
/// <param name="Body">Its body.</param>
/// <param name="Schema">The schema the body is written in; null counts as the first.</param>
public sealed record RecordSent(string Kind, Guid Id, long? BaseRevision, JsonElement Body, int? Schema = null);

/// <summary>Several records on their way in.</summary>
public sealed record RecordBatch(IReadOnlyList<RecordSent> Records);

/// <summary>How one of several records ended.</summary>
/// <param name="Revision">Its revision; null when it was not kept.</param>
/// <param name="Problem">Why not; null when it was.</param>
public sealed record RecordEnd(long? Revision, Core.Contract.Problem? Problem);

/// <summary>How several records ended, in the order they were sent.</summary>
public sealed record RecordBatchAnswer(IReadOnlyList<RecordEnd> Records);

/// <summary>A backup taken in before, which can be undone.</summary>
/// <param name="TakenAt">When; null when there is none.</param>
public sealed record LastRestore(DateTimeOffset? TakenAt);
