using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>Turns a count of drops too long to make into millilitres and teaspoons.</summary>
public static class HandMeasure
{
    /// <summary>Above this many drops, measure instead of counting.</summary>
    public const int MostDropsToCount = 40;

    /// <summary>A spoon may round the dose up by at most this share; otherwise only millilitres are named.</summary>
    private const double SpoonTolerance = 0.15;

    /// <summary>One eighth to seven.</summary>
    private static readonly string[] Signs = ["⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"];

    /// <summary>"3.4 mL (¾ tsp)" for a volume in mL, rounded up.</summary>
    public static string Of(double millilitres)
    {
        var tenths = Math.Ceiling((millilitres * 10) - 1e-9) / 10;
        var spoon = Teaspoons(millilitres);
        return $"{Speaker.Number(tenths, 1)} mL{(spoon is null ? "" : $" ({spoon})")}";
    }

    private static string? Teaspoons(double millilitres)
    {
        var exact = millilitres / UnitTable.MillilitresPerTeaspoon * 8;
        var eighths = (int)Math.Ceiling(exact - 1e-9);
        if (eighths / exact > 1 + SpoonTolerance)
        {
            return null;
        }

        var (whole, rest) = (eighths / 8, eighths % 8);
        var sign = rest == 0 ? "" : Signs[rest - 1];
        return $"{(whole == 0 ? "" : whole)}{(whole > 0 && rest > 0 ? " " : "")}{sign} tsp";
    }
}
