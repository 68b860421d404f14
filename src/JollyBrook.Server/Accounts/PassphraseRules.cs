using System.Text;
using JollyBrook.Server.Access;

namespace JollyBrook.Server.Accounts;

/// <summary>
/// What a passphrase must be: long, not guessable at once, and nothing else; no rule on kinds of characters and no expiry
/// (NIST SP 800-63B-4, 3.1.1: at least 15 characters where it is the only factor, at least 64 allowed, a blocklist, Unicode).
/// </summary>
internal static class PassphraseRules
{
    public const int Shortest = 15;
    public const int Longest = 128;

    /// <summary>Long passphrases that are tried first because everyone has read them.</summary>
    private static readonly string[] Known =
    [
        "correcthorsebatterystaple",
        "passwordpassword",
        "passphrasepassphrase",
        "thisismypassword",
        "thisismypassphrase",
        "iloveyouiloveyou",
        "letmeinletmeinletmein",
        "qwertyuiopasdfgh",
        "qwertyuiopasdfghjkl",
        "qwertyuiopasdfghjklzxcvbnm",
        "1q2w3e4r5t6y7u8i9o0p",
        "123456789012345",
        "1234567890123456",
        "12345678901234567890",
        "abcdefghijklmnopqrstuvwxyz",
        "abcdefghijklmno",
        "jollybrookjollybrook",
        "mypassphraseissafe",
        "maytheforcebewithyou",
        "tobeornottobethatisthequestion",
    ];

    /// <summary>The passphrase as it is kept: the same however the keyboard made its letters.</summary>
    public static string Normal(string? passphrase) => (passphrase ?? "").Normalize(NormalizationForm.FormKC);

    /// <exception cref="Core.Contract.BadInputException">It won't do; the message says why and what would.</exception>
    public static void Check(string field, string name, string passphrase)
    {
        if (Fault(name, passphrase) is { } fault)
        {
            throw RequestText.Wrong(field, fault, $"{Shortest} to {Longest} characters, not easily guessed");
        }
    }

    private static string? Fault(string name, string passphrase)
    {
        var length = passphrase.EnumerateRunes().Count();
        if (length is < Shortest or > Longest)
        {
            return $"The passphrase must have {Shortest} to {Longest} characters; this has {length}. Four "
                + "or five words that do not belong together do well.";
        }

        var plain = string.Concat(passphrase.ToLowerInvariant().Where(char.IsLetterOrDigit));
        if (plain.Distinct().Count() < 5 || Known.Contains(plain) || Repeats(plain))
        {
            return "This passphrase is among the first that are guessed. Take four or five words that do not belong together.";
        }

        var own = string.Concat(name.ToLowerInvariant().Where(char.IsLetterOrDigit));
        var rest = own.Length > 2 ? plain.Replace(own, "", StringComparison.Ordinal) : plain;
        return rest.Replace("jollybrook", "", StringComparison.Ordinal).Length < Shortest / 2
            ? "This passphrase is little more than your name or this program's. Take four or five words that do not belong together."
            : null;
    }

    /// <summary>Whether it is one short piece over and over.</summary>
    private static bool Repeats(string text) =>
        Enumerable
            .Range(1, text.Length / 2)
            .Any(n => text.Length % n == 0 && string.Concat(Enumerable.Repeat(text[..n], text.Length / n)) == text);
}
