using System.Globalization;
using System.Text.RegularExpressions;

namespace JollyBrook.Formats.Places;

/// <summary>A way off the line in words: "0.2 mi W", "300 m off trail", "1/2 mile downhill".</summary>
internal static partial class DetourWords
{
    private const double MetresPerFoot = 0.3048;
    private const double MetresPerYard = 0.9144;
    private const double MetresPerMile = 1609.344;

    /// <summary>Further than this it tells where something is, not how to get to the water, m (pick).</summary>
    private const double MostM = 5000;

    /// <returns>The longest told, m; null where none is.</returns>
    public static double? MetresIn(PlaceText text)
    {
        ArgumentNullException.ThrowIfNull(text);
        double? longest = null;
        foreach (Match match in Worded().Matches(text.Letters))
        {
            var metres = Number(match) * Unit(match.Groups["unit"].Value);
            if (metres is > 0 and <= MostM && !(longest >= metres))
            {
                longest = metres;
            }
        }

        return longest;
    }

    private static double Number(Match match)
    {
        double Of(string group) =>
            double.Parse(match.Groups[group].Value.Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture);
        return match.Groups["over"].Success
            ? Of("over") is > 0 and var under
                ? Of("n") / under
                : 0
            : Of("n");
    }

    private static double Unit(string unit) =>
        unit switch
        {
            "ft" or "feet" or "foot" or "'" => MetresPerFoot,
            "yd" or "yds" or "yard" or "yards" => MetresPerYard,
            "m" or "mtr" or "meter" or "meters" or "metre" or "metres" or "mètres" or "metros" or "metri" => 1,
            "km" => 1000,
            _ => MetresPerMile,
        };

    [GeneratedRegex(
        @"(?<![\d./])(?<n>\d{1,4}(?:[.,]\d{1,3})?)(?:[/⁄](?<over>\d{1,2}))?\s?(?<unit>mi|mile|miles|km|mtr|meters?|metres?|mètres|metros|metri|m|yds?|yards?|feet|foot|ft|')(?!\p{L})\.?\s*"
            + @"(?:to the\s+)?(?:n|s|e|w|ne|nw|se|sw|nne|ene|ese|sse|ssw|wsw|wnw|nnw|north|south|east|west|northeast|northwest|southeast|southwest|off|from (?:the )?(?:trail|path|track|line)|away|detour|downhill|uphill|down|up|"
            + @"below|above|left|right|abseits|nördlich|südlich|östlich|westlich|hors|au nord|au sud|fuera|fuori|aparte)(?!\p{L})"
    )]
    private static partial Regex Worded();
}
