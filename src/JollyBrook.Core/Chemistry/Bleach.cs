namespace JollyBrook.Core.Chemistry;

/// <summary>Household bleach: strength on the bottle, and what is left of it with age.</summary>
public static class Bleach
{
    /// <summary>Weakest strength accepted, % w/v; also what an unknown strength counts as.</summary>
    public const double WeakestPercent = 5;

    /// <summary>Strongest bleach counted with, % of sodium hypochlorite.</summary>
    public const double StrongestPercent = 9;

    /// <summary>Past this many months from the pack date none is credited.</summary>
    public const double LifeMonths = 12;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "US EPA emergency disinfection (2 drops/L of 6 %); 20 % strength lost a year at 20 °C";

    private const double LossPerYear = 0.20;

    /// <summary>Strength in % left after <paramref name="ageMonths"/> (0 to 12): s·(1 − 0.20·months/12).</summary>
    public static double StrengthPercent(double labelPercent, double ageMonths) => labelPercent * (1 - (LossPerYear * ageMonths / 12));
}
