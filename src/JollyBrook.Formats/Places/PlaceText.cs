using System.Globalization;
using System.Text;

namespace JollyBrook.Formats.Places;

/// <summary>A whole word of a place's text.</summary>
/// <param name="Word">In lower case.</param>
/// <param name="At">Where it begins in <see cref="PlaceText.Letters"/>.</param>
internal readonly record struct Token(string Word, int At);

/// <summary>
/// What a file says of a place, in lower case, accents in one piece and digits of any script as 0 to 9, cut into whole words. By hand and
/// not by the platform's normalization, which the browser leaves out: both hosts must read the same.
/// </summary>
internal sealed class PlaceText
{
    /// <summary>A mark that follows its letter, and the letters with it in one piece.</summary>
    private static readonly (char Mark, string Pairs)[] Accents =
    [
        ('\u0300', "aàeèiìoòuù"),
        ('\u0301', "aáeéiíoóuúyý"),
        ('\u0302', "aâeêiîoôuû"),
        ('\u0303', "aãnñoõ"),
        ('\u0308', "aäeëiïoöuü"),
        ('\u030A', "aå"),
        ('\u0327', "cç"),
    ];

    public PlaceText(string words)
    {
        ArgumentNullException.ThrowIfNull(words);
        Letters = Plain(words);
        Tokens = [.. Cut(Letters)];
    }

    public string Letters { get; }

    public IReadOnlyList<Token> Tokens { get; }

    private static string Plain(string words)
    {
        var plain = new StringBuilder(words.Length);
        foreach (var letter in words)
        {
            if (letter is >= '\u0300' and <= '\u036F')
            {
                Join(plain, letter);
            }
            else if (letter is '½' or '¼' or '¾')
            {
                plain.Append(
                    letter switch
                    {
                        '½' => "1/2",
                        '¼' => "1/4",
                        _ => "3/4",
                    }
                );
            }
            else
            {
                var digit = letter < 128 ? -1 : CharUnicodeInfo.GetDecimalDigitValue(letter);
                // Full-width letters stand a fixed way off the plain ones.
                var same = letter is >= '\uFF01' and <= '\uFF5E' ? (char)(letter - 0xFEE0) : letter;
                plain.Append(digit >= 0 ? (char)('0' + digit) : char.ToLowerInvariant(same));
            }
        }

        return plain.ToString();
    }

    private static void Join(StringBuilder plain, char mark)
    {
        var pairs = Array.Find(Accents, a => a.Mark == mark).Pairs;
        for (var i = 0; pairs is not null && plain.Length > 0 && i < pairs.Length; i += 2)
        {
            if (plain[^1] == pairs[i])
            {
                plain[^1] = pairs[i + 1];
                return;
            }
        }
    }

    private static IEnumerable<Token> Cut(string letters)
    {
        var from = -1;
        for (var i = 0; i <= letters.Length; i++)
        {
            var isLetter = i < letters.Length && char.IsLetterOrDigit(letters[i]);
            if (isLetter && from < 0)
            {
                from = i;
            }
            else if (!isLetter && from >= 0)
            {
                yield return new Token(letters[from..i], from);
                from = -1;
            }
        }
    }
}
