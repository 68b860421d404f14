namespace JollyBrook.Data.Store;

/// <summary>Which store this is, so that a page never mixes the records of two (demo and own data, say).</summary>
public sealed class StoreIdentity
{
    public Guid Id { get; set; }

    /// <summary>The person the store was set up for; their account is made on the first visit.</summary>
    public Guid OwnerId { get; set; }

    public DateTimeOffset CreatedAt { get; set; }
}
