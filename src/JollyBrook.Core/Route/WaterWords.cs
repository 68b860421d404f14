using System.Globalization;
using System.Text;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Route;

/// <summary>
/// What kind of water a place's own words suggest; a start for the traveller, who says what it is. Whole words are read, dryness before
/// water, and of several kinds the one that runs least surely counts (rule 2).
/// </summary>
internal static class WaterWords
{
    /// <returns>Null where nothing tells of water; <see cref="SourceClass.ReportedDry"/> where the words say that there is none.</returns>
    public static SourceClass? ClassOf(string words)
    {
        ArgumentNullException.ThrowIfNull(words);
        var text = words.Normalize(NormalizationForm.FormC).ToLower(CultureInfo.InvariantCulture);
        var tokens = Tokens(text);
        if (SaysDry(tokens) || WaterLexicon.UnspacedDry.Any(text.Contains))
        {
            return SourceClass.ReportedDry;
        }

        if (tokens.Exists(WaterLexicon.NoSource.Contains))
        {
            return null;
        }

        return tokens.Select((_, i) => ClassOf(tokens, i)).Append(Unspaced(text)).Where(c => c is not null).OrderBy(c => SourceReliability.OfClass(c!.Value)).FirstOrDefault()
            ?? (tokens.Where((t, i) => WaterLexicon.AnyWater.Contains(t) && !IsSomethingElse(tokens, i)).Any() ? SourceClass.SeasonalInSeason : null);
    }

    private static List<string> Tokens(string text)
    {
        List<string> tokens = [];
        var word = new StringBuilder();
        foreach (var letter in text.Append(' '))
        {
            if (char.IsLetterOrDigit(letter))
            {
                word.Append(letter);
            }
            else if (word.Length > 0)
            {
                tokens.Add(word.ToString());
                word.Clear();
            }
        }

        return tokens;
    }

    private static bool SaysDry(List<string> tokens)
    {
        for (var i = 0; i < tokens.Count; i++)
        {
            if (WaterLexicon.Dry.Contains(tokens[i]) && (i == 0 || !WaterLexicon.Never.Contains(tokens[i - 1])))
            {
                return true;
            }

            // "pas d'eau": the article between them counts for nothing.
            var next = i + 1 < tokens.Count && tokens[i + 1] == "d" ? i + 2 : i + 1;
            if (next < tokens.Count && WaterLexicon.NoWater.Contains((tokens[i], tokens[next])))
            {
                return true;
            }
        }

        return false;
    }

    private static SourceClass? ClassOf(List<string> tokens, int i)
    {
        var word = tokens[i];
        if (WaterLexicon.Words.TryGetValue(word, out var known))
        {
            return IsSomethingElse(tokens, i) ? null : known;
        }

        var (end, kind) = Array.Find(WaterLexicon.Ends, e => word.Length > e.End.Length && word.EndsWith(e.End, StringComparison.Ordinal));
        return end is null ? null : kind;
    }

    private static bool IsSomethingElse(List<string> tokens, int i)
    {
        var (word, before, after) = Array.Find(WaterLexicon.Otherwise, o => o.Word == tokens[i]);
        return word is not null
            && ((i > 0 && before.Contains(tokens[i - 1])) || (i + 1 < tokens.Count && after.Contains(tokens[i + 1])));
    }

    private static SourceClass? Unspaced(string text)
    {
        var (word, kind) = Array.Find(WaterLexicon.Unspaced, u => text.Contains(u.Word, StringComparison.Ordinal));
        return word is null ? null : kind;
    }
}
