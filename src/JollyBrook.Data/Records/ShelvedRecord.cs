namespace JollyBrook.Data.Records;

/// <summary>
/// A record that lies beside a book, in a lot of its own, until the lot is swapped in whole: a backup on its way in, or the book before
/// one.
/// </summary>
public sealed class ShelvedRecord
{
    public Guid Lot { get; set; }

    public required string Kind { get; set; }

    public Guid Id { get; set; }

    public required string Body { get; set; }

    /// <summary>The schema the body is in.</summary>
    public int Schema { get; set; }
}
