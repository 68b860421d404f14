using System.Globalization;
using System.Text;
using JollyBrook.Server.Access;
using Microsoft.AspNetCore.Identity;

namespace JollyBrook.Server.Accounts;

/// <summary>
/// Names as they are shown, and as they are compared: two that look alike are the same name, so that nobody can pass for another.
/// After Unicode Technical Standard 39, for the letters that Latin, Greek and Cyrillic share by their looks.
/// </summary>
public static class PersonNames
{
    private const int Longest = 60;

    /// <summary>Latin letters, each with what looks like it. A capital i is a small l, so both are one.</summary>
    private static readonly Dictionary<int, char> Alike = Inverted(
        new()
        {
            ['a'] = "аαɑ",
            ['b'] = "вь",
            ['c'] = "сϲ",
            ['d'] = "ԁ",
            ['e'] = "еєε",
            ['h'] = "һн",
            ['j'] = "ј",
            ['k'] = "кκ",
            ['l'] = "iіıιїӏ1|!",
            ['m'] = "мμ",
            ['n'] = "пη",
            ['o'] = "оοσ0",
            ['p'] = "рρ",
            ['q'] = "ԛ",
            ['r'] = "г",
            ['s'] = "ѕ",
            ['t'] = "тτ",
            ['u'] = "υ",
            ['v'] = "νѵ",
            ['w'] = "ωшԝ",
            ['x'] = "хχ",
            ['y'] = "уγү",
        }
    );

    /// <summary>The name as it is kept and shown: one form for every way to type it, nothing that can't be seen.</summary>
    /// <exception cref="Core.Contract.BadInputException">It won't do.</exception>
    public static string Shown(string? name)
    {
        var visible = string.Concat(
            Narrow(name).Normalize(NormalizationForm.FormKC).EnumerateRunes().Where(IsSeen).Select(r => r.ToString())
        );
        var trimmed = string.Join(' ', visible.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
        return trimmed.Length is >= 1 and <= Longest
            ? trimmed
            : throw RequestText.Wrong(
                "name",
                $"The name must have 1 to {Longest} characters. Take the one your party calls you by.",
                $"1 to {Longest} characters"
            );
    }

    /// <summary>What names that look alike have in common.</summary>
    public static string Sameness(string? name)
    {
        var plain = Narrow(name).Normalize(NormalizationForm.FormKD).ToLowerInvariant().Normalize(NormalizationForm.FormKD);
        var kept = new StringBuilder(plain.Length);
        foreach (var rune in plain.EnumerateRunes())
        {
            if (
                IsSeen(rune)
                && !Rune.IsWhiteSpace(rune)
                && Rune.GetUnicodeCategory(rune) is not (UnicodeCategory.NonSpacingMark or UnicodeCategory.EnclosingMark)
            )
            {
                kept.Append(Alike.TryGetValue(rune.Value, out var latin) ? latin.ToString() : rune.ToString());
            }
        }

        return kept.ToString().Replace("rn", "m", StringComparison.Ordinal).Replace("vv", "w", StringComparison.Ordinal);
    }

    /// <summary>Full-width letters as plain ones, also where the machine knows no more of Unicode than that.</summary>
    private static string Narrow(string? name) =>
        string.Concat((name ?? "").Select(c => c is >= '\uFF01' and <= '\uFF5E' ? (char)(c - 0xFEE0) : c));

    private static bool IsSeen(Rune rune) =>
        Rune.GetUnicodeCategory(rune)
            is not (
                UnicodeCategory.Control
                or UnicodeCategory.Format
                or UnicodeCategory.Surrogate
                or UnicodeCategory.PrivateUse
                or UnicodeCategory.OtherNotAssigned
            )
        // Fillers that draw nothing.
        && rune.Value is not (0x115F or 0x1160 or 0x3164 or 0xFFA0 or 0x2800);

    private static Dictionary<int, char> Inverted(Dictionary<char, string> looks) =>
        looks.SelectMany(l => l.Value.Select(c => (Look: (int)c, Latin: l.Key))).ToDictionary(p => p.Look, p => p.Latin);
}

/// <summary>Lets accounts be looked up, and told apart, by what their names look like.</summary>
internal sealed class LooksAlikeNormalizer : ILookupNormalizer
{
    public string? NormalizeName(string? name) => name is null ? null : PersonNames.Sameness(name);

    public string? NormalizeEmail(string? email) => email?.ToUpperInvariant();
}
