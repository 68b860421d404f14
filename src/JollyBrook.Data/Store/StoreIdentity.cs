namespace JollyBrook.Data.Store;

/// <summary>Which store this is, so that a page never mixes the records of two (demo and own data, say).</summary>
public sealed class StoreIdentity
{
    /// <summary>The store.</summary>
    public Guid Id { get; set; }

    /// <summary>The person the store was set up for; their account is made on the first visit.</summary>
    public Guid OwnerId { get; set; }

    /// <summary>When it was made, UTC.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>New whenever the store may have gone back in time: revisions handed out before it mean nothing any more.</summary>
    public Guid Epoch { get; set; }

    /// <summary>New at every start, and written beside the store too: where the two differ, another file was put in its place.</summary>
    public Guid Mark { get; set; }
}
