namespace JollyBrook.Data.Records;

/// <summary>How much a book holds.</summary>
public sealed class BookSize
{
    /// <summary>The most a book may hold, bytes of records.</summary>
    public const long Most = 64L * 1024 * 1024;

    /// <summary>From here on the page says that it is nearly full, bytes.</summary>
    public const long NearlyFull = Most * 8 / 10;

    /// <summary>Which book.</summary>
    public Guid BookId { get; set; }

    /// <summary>Bytes of its records' bodies, as UTF-8.</summary>
    public long Bytes { get; set; }
}
