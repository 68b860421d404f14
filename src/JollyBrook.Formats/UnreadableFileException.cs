namespace JollyBrook.Formats;

/// <summary>A file that cannot be used, with what is wrong and what to do.</summary>
public sealed class UnreadableFileException(string message, Exception? inner = null) : Exception(message, inner);
