namespace JollyBrook.Data.Records;

/// <summary>
/// A record that lies beside a book, in a lot of its own, until the lot is swapped in whole: a backup on its way in, or the book before
/// one.
/// </summary>
public sealed class ShelvedRecord
{
    /// <summary>What it lies with: a backup on its way in, or the book as it was before one.</summary>
    public Guid Lot { get; set; }

    /// <summary>The name of its kind.</summary>
    public required string Kind { get; set; }

    /// <summary>The record.</summary>
    public Guid Id { get; set; }

    /// <summary>Its body, JSON.</summary>
    public required string Body { get; set; }

    /// <summary>The schema the body is in.</summary>
    public int Schema { get; set; }
}
