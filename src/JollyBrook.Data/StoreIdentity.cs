namespace JollyBrook.Data;

/// <summary>Which store this is, so that a page never mixes the records of two (demo and own data, say).</summary>
public sealed class StoreIdentity
{
    public Guid Id { get; set; }

    /// <summary>The one person this store is for until there are accounts.</summary>
    public Guid OwnerId { get; set; }

    public DateTimeOffset CreatedAt { get; set; }
}
