namespace JollyBrook.Data.Records;

/// <summary>How a write ended.</summary>
public enum WriteEnd
{
    /// <summary>All of it was written.</summary>
    Written,

    /// <summary>The same body was there already: nothing changed.</summary>
    AlreadyThere,

    /// <summary>The record has moved on, or may not change: nothing was written.</summary>
    Refused,

    /// <summary>The book holds as much as it may: nothing was written.</summary>
    Full,
}

/// <summary>How a write ended, and the record as it now stands; null when there is none.</summary>
public sealed record WriteResult(WriteEnd End, StoredRecord? Current);
