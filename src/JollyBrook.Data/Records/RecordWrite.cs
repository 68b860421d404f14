namespace JollyBrook.Data.Records;

/// <summary>A record to be written.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="Body">Its body, in the form it is kept in.</param>
/// <param name="BaseRevision">The revision a change was made from; null for a new record.</param>
/// <param name="AppendOnly">Whether it never changes once written.</param>
public sealed record RecordWrite(string Kind, Guid Id, string Body, long? BaseRevision, bool AppendOnly)
{
    /// <summary>The schema the body is in.</summary>
    public required int Schema { get; init; }
}
