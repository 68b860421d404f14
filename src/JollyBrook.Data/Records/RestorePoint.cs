namespace JollyBrook.Data.Records;

/// <summary>What a book held before a backup was taken in, so that it can be undone. One a book.</summary>
public sealed class RestorePoint
{
    public Guid BookId { get; set; }

    public DateTimeOffset TakenAt { get; set; }

    /// <summary>The book as a backup file.</summary>
    public required string Backup { get; set; }

    /// <summary>The book's revision just after the backup was taken in: undo is offered while nothing was written since.</summary>
    public long RevisionAfter { get; set; }
}
