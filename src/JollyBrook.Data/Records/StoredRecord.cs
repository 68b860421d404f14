namespace JollyBrook.Data.Records;

/// <summary>A record as it is kept: one row per book, kind and id.</summary>
public sealed class StoredRecord
{
    /// <summary>Whose book it is in: a person's own, or a trip's.</summary>
    public Guid BookId { get; set; }

    /// <summary>The name of its kind.</summary>
    public required string Kind { get; set; }

    /// <summary>The record, the same on every device.</summary>
    public Guid Id { get; set; }

    /// <summary>Rises by one with every write in the book; a page pulls what is above the last it saw.</summary>
    public long Revision { get; set; }

    /// <summary>The body, JSON, as the page sent it; empty once it has been taken out.</summary>
    public required string Body { get; set; }

    /// <summary>The schema the body is in; brought up to the current one when the store is opened.</summary>
    public int Schema { get; set; }

    /// <summary>Who wrote it last; null where that was before there were accounts.</summary>
    public Guid? AuthorId { get; set; }

    /// <summary>Whether a backup that replaced the book has taken it out. Kept, so that every device hears of it.</summary>
    public bool TakenOut { get; set; }

    /// <summary>When the server took it in.</summary>
    public DateTimeOffset ReceivedAt { get; set; }
}
