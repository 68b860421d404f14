using System.Globalization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Book;

/// <summary>Reads cells as spreadsheets leave them: comma decimals, dates without an offset, yes and no in several spellings.</summary>
/// <param name="Names">Names of walkers, items and sources.</param>
/// <param name="Offset">The clock's offset where a date has none.</param>
internal sealed record CellReader(Names Names, TimeSpan Offset)
{
    private static readonly string[] Dates =
    [
        "yyyy-MM-dd'T'HH:mm",
        "yyyy-MM-dd'T'HH:mm:ss",
        "yyyy-MM-dd HH:mm",
        "yyyy-MM-dd HH:mm:ss",
        "yyyy-MM-dd",
        "d.M.yyyy H:mm",
        "d.M.yyyy H:mm:ss",
        "d.M.yyyy",
    ];

    private static readonly string[] WithOffset =
    [
        "yyyy-MM-dd'T'HH:mm:ssK",
        "yyyy-MM-dd'T'HH:mmK",
        "yyyy-MM-dd'T'HH:mm:ss.FFFFFFFK",
        "yyyy-MM-dd HH:mm:ssK",
    ];

    private static readonly string[] Yes = ["yes", "y", "true", "1", "x", "wahr"];
    private static readonly string[] No = ["no", "n", "false", "0", "falsch"];

    /// <summary>
    /// A comma is a decimal mark when there is no point. What may be thousands is refused: nobody can tell whether 1,250 is 1250 or 1.25.
    /// </summary>
    public static double? Number(string text)
    {
        var plain = text.Trim().Replace("\u00A0", "", StringComparison.Ordinal);
        if (MayBeThousands(plain))
        {
            return null;
        }

        plain = plain.Replace(',', '.');
        return
            double.TryParse(
                plain,
                NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint | NumberStyles.AllowExponent,
                CultureInfo.InvariantCulture,
                out var value
            ) && double.IsFinite(value)
            ? value
            : null;
    }

    /// <summary>Whether a comma may stand between thousands as well as before decimals.</summary>
    public static bool MayBeThousands(string text) =>
        text.Trim().TrimStart('-', '+').Split(',') is [{ Length: >= 1 and <= 3 } thousands, { Length: 3 } rest]
        && thousands[0] != '0'
        && thousands.All(char.IsAsciiDigit)
        && rest.All(char.IsAsciiDigit);

    /// <summary>With its own offset, or by the clock's.</summary>
    public DateTimeOffset? Instant(string text)
    {
        var plain = text.Trim();
        if (DateTime.TryParseExact(plain, Dates, CultureInfo.InvariantCulture, DateTimeStyles.None, out var local))
        {
            return new DateTimeOffset(local, Offset);
        }

        return DateTimeOffset.TryParseExact(plain, WithOffset, CultureInfo.InvariantCulture, DateTimeStyles.None, out var at) ? at : null;
    }

    /// <summary>One of a closed set, by its name in the contract, blanks and case aside.</summary>
    public static T? Choice<T>(string text)
        where T : struct, Enum =>
        Enum.GetValues<T>()
            .Where(v =>
                string.Equals(ContractName.Of(v), text.Replace(" ", "", StringComparison.Ordinal), StringComparison.OrdinalIgnoreCase)
            )
            .Select(v => (T?)v)
            .FirstOrDefault();

    public static bool? Truth(string text)
    {
        var plain = text.Trim();
        return Yes.Contains(plain, StringComparer.OrdinalIgnoreCase) ? true
            : No.Contains(plain, StringComparer.OrdinalIgnoreCase) ? false
            : null;
    }
}
