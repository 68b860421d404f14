namespace JollyBrook.Data.People;

/// <summary>A device that is signed in. Its cookie names it; once it is gone, the cookie is worth nothing.</summary>
public sealed class Session
{
    public Guid Id { get; set; }

    public Guid PersonId { get; set; }

    /// <summary>When its cookie was last renewed.</summary>
    public DateTimeOffset RenewedAt { get; set; }
}
