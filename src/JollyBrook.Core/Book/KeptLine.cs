namespace JollyBrook.Core.Book;

/// <summary>A line of the log with its id.</summary>
/// <param name="Id">Its record's id.</param>
/// <param name="Line">The line.</param>
public sealed record KeptLine(Guid? Id, BookLine? Line);
