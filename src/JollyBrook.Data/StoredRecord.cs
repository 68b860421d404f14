namespace JollyBrook.Data;

/// <summary>A record as it is kept: one row per owner, kind and id.</summary>
public sealed class StoredRecord
{
    public Guid OwnerId { get; set; }

    public required string Kind { get; set; }

    public Guid Id { get; set; }

    /// <summary>Rises by one with every write of the owner; a page pulls what is above the last it saw.</summary>
    public long Revision { get; set; }

    /// <summary>The body, JSON, as the page sent it.</summary>
    public required string Body { get; set; }

    /// <summary>When the server took it in.</summary>
    public DateTimeOffset ReceivedAt { get; set; }
}
