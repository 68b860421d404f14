namespace JollyBrook.Data.Records;

/// <summary>What a book held before a backup was taken in, so that it can be undone. One a book.</summary>
public sealed class RestorePoint
{
    /// <summary>Of which book.</summary>
    public Guid BookId { get; set; }

    /// <summary>When, UTC.</summary>
    public DateTimeOffset TakenAt { get; set; }

    /// <summary>The book's records as they were, on the shelf.</summary>
    public Guid Lot { get; set; }

    /// <summary>The book's revision just after the backup was taken in: undo leaves alone what was written since.</summary>
    public long RevisionAfter { get; set; }
}
