namespace JollyBrook.Formats.Places;

/// <summary>Words that a source runs or is dry.</summary>
/// <param name="IsFlowing">Which of the two.</param>
/// <param name="At">Where they begin.</param>
/// <param name="End">Where they end.</param>
internal readonly record struct StateWord(bool IsFlowing, int At, int End);

/// <summary>Finds words of state: negations and dryness first, so that "not flowing" never flows.</summary>
internal static class StateWords
{
    /// <returns>In the order they stand.</returns>
    public static List<StateWord> In(PlaceText text)
    {
        ArgumentNullException.ThrowIfNull(text);
        List<StateWord> found = [];
        var tokens = text.Tokens;
        for (var i = 0; i < tokens.Count; i++)
        {
            if (At(tokens, i) is { } state)
            {
                found.Add(state.Word);
                i = state.Last;
            }
        }

        foreach (var (words, isFlowing) in new[] { (WaterLexicon.UnspacedDry, false), (WaterLexicon.UnspacedFlowing, true) })
        {
            foreach (var word in words)
            {
                for (
                    var at = text.Letters.IndexOf(word, StringComparison.Ordinal);
                    at >= 0;
                    at = text.Letters.IndexOf(word, at + 1, StringComparison.Ordinal)
                )
                {
                    found.Add(new StateWord(isFlowing, at, at + word.Length));
                }
            }
        }

        return [.. found.OrderBy(s => s.At)];
    }

    private static (StateWord Word, int Last)? At(IReadOnlyList<Token> tokens, int i)
    {
        StateWord Word(bool isFlowing, int last) => new(isFlowing, tokens[i].At, tokens[last].At + tokens[last].Word.Length);
        // "pas d'eau": the article between them counts for nothing.
        var next = i + 1 < tokens.Count && tokens[i + 1].Word == "d" ? i + 2 : i + 1;
        if (next < tokens.Count && WaterLexicon.NoWater.Contains((tokens[i].Word, tokens[next].Word)))
        {
            return (Word(false, next), next);
        }

        var isTurned = i > 0 && WaterLexicon.Never.Contains(tokens[i - 1].Word);
        if (WaterLexicon.Dry.Contains(tokens[i].Word))
        {
            return isTurned ? null : (Word(false, i), i);
        }

        return WaterLexicon.Flowing.Contains(tokens[i].Word) ? (Word(!isTurned, i), i) : null;
    }
}
