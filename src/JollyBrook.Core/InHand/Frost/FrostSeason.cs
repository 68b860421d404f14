namespace JollyBrook.Core.InHand;

/// <summary>
/// When and where a night may freeze that nobody gave a forecast for (pick): unknown counts as worse, but not everywhere.
/// </summary>
internal static class FrostSeason
{
    /// <summary>Between the tropics only heights freeze.</summary>
    private const double TropicDeg = 25;
    private const double TropicM = 3000;

    /// <summary>From here on polewards a night may freeze in any month.</summary>
    private const double PolarDeg = 60;

    /// <summary>So high any night may freeze.</summary>
    private const double AlpineM = 1500;

    /// <param name="day">The evening's date.</param>
    /// <param name="latitudeDeg">Where, degrees, north above 0; null where not known: then it may.</param>
    /// <param name="elevationM">How high, m.</param>
    public static bool MayFreeze(DateOnly day, double? latitudeDeg, double elevationM)
    {
        if (latitudeDeg is not { } latitude)
        {
            return true;
        }

        if (Math.Abs(latitude) < TropicDeg)
        {
            return elevationM >= TropicM;
        }

        // September to May in the north, March to November in the south.
        var isMild = latitude > 0 ? day.Month is 6 or 7 or 8 : day.Month is 12 or 1 or 2;
        return !isMild || elevationM >= AlpineM || Math.Abs(latitude) >= PolarDeg;
    }
}
