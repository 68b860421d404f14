namespace JollyBrook.Data.Records;

/// <summary>The one book a request may touch. Every query on records goes through it; until one is opened there are none to see.</summary>
public sealed class BookInHand
{
    /// <summary>The book's id: its person's or its trip's. Empty until one is opened.</summary>
    public Guid Id { get; private set; }

    /// <summary>Opens a book. The caller has made sure that the person may.</summary>
    public void Open(Guid bookId) => Id = bookId;
}
