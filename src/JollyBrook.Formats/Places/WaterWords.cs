using JollyBrook.Core.Sources;

namespace JollyBrook.Formats.Places;

/// <summary>A word for water.</summary>
/// <param name="Class">The kind it tells of.</param>
/// <param name="Word">As it stands there, in lower case.</param>
/// <param name="IsOfNoKind">Whether it says water and nothing more.</param>
internal readonly record struct WaterWord(SourceClass Class, string Word, bool IsOfNoKind = false);

/// <summary>
/// What kind of water words suggest. Whole words are read, what is named after water and is none counts for nothing, and of several kinds
/// the one that runs least surely counts (handbook, rule 2).
/// </summary>
internal static class WaterWords
{
    /// <returns>Null where nothing tells of water.</returns>
    public static WaterWord? In(PlaceText text)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (NoSourceIn(text) is not null)
        {
            return null;
        }

        var tokens = text.Tokens;
        var kinds = tokens
            .Select((_, i) => At(tokens, i))
            .Append(Unspaced(text.Letters))
            .OfType<WaterWord>()
            .OrderBy(w => SourceReliability.OfClass(w.Class))
            .ToList();
        if (kinds.Count > 0)
        {
            return kinds[0];
        }

        var plain = tokens.Where((t, i) => WaterLexicon.AnyWater.Contains(t.Word) && !IsSomethingElse(tokens, i)).ToList();
        return plain.Count > 0 ? new WaterWord(SourceClass.SeasonalInSeason, plain[0].Word, true) : null;
    }

    /// <summary>The word that makes an inn, a street or a station of it; null without one.</summary>
    public static string? NoSourceIn(PlaceText text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Tokens.Select(t => t.Word).FirstOrDefault(WaterLexicon.NoSource.Contains);
    }

    private static WaterWord? At(IReadOnlyList<Token> tokens, int i)
    {
        var word = tokens[i].Word;
        if (WaterLexicon.Words.TryGetValue(word, out var known))
        {
            return IsSomethingElse(tokens, i) ? null : new WaterWord(known, word);
        }

        var (end, kind) = Array.Find(WaterLexicon.Ends, e => word.Length > e.End.Length && word.EndsWith(e.End, StringComparison.Ordinal));
        return end is null ? null : new WaterWord(kind, word);
    }

    private static bool IsSomethingElse(IReadOnlyList<Token> tokens, int i)
    {
        var (word, before, after) = Array.Find(WaterLexicon.Otherwise, o => o.Word == tokens[i].Word);
        return word is not null
            && ((i > 0 && before.Contains(tokens[i - 1].Word)) || (i + 1 < tokens.Count && after.Contains(tokens[i + 1].Word)));
    }

    private static WaterWord? Unspaced(string text)
    {
        var (word, kind) = Array.Find(WaterLexicon.Unspaced, u => text.Contains(u.Word, StringComparison.Ordinal));
        return word is null ? null : new WaterWord(kind, word);
    }
}
