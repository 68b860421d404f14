namespace JollyBrook.Data.People;

/// <summary>A code that sets a new passphrase, once. Only its hash is kept.</summary>
public sealed class RecoveryCode
{
    /// <summary>Whose.</summary>
    public Guid PersonId { get; set; }

    /// <summary>SHA-256 of the code as it is read, without dashes.</summary>
    public required string Hash { get; set; }
}
