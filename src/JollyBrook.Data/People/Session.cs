namespace JollyBrook.Data.People;

/// <summary>A device that is signed in. Its cookie names it; once it is gone, the cookie is worth nothing.</summary>
public sealed class Session
{
    /// <summary>The session, as its cookie names it.</summary>
    public Guid Id { get; set; }

    /// <summary>Whose.</summary>
    public Guid PersonId { get; set; }

    /// <summary>When its cookie was last renewed.</summary>
    public DateTimeOffset RenewedAt { get; set; }
}
