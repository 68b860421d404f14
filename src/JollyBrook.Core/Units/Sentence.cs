namespace JollyBrook.Core.Units;

/// <summary>A name at the head or in the middle of a sentence.</summary>
internal static class Sentence
{
    /// <summary>At its head; nothing stays nothing.</summary>
    public static string Capital(string words) => words.Length == 0 ? "" : char.ToUpperInvariant(words[0]) + words[1..];

    /// <summary>In its middle; "UV lamp" keeps its capitals.</summary>
    public static string Lower(string words) =>
        words.Length > 1 && char.IsUpper(words[0]) && (char.IsLower(words[1]) || words[1] == ' ')
            ? char.ToLowerInvariant(words[0]) + words[1..]
            : words;
}
