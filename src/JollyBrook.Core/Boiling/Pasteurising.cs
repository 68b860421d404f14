namespace JollyBrook.Core.Boiling;

/// <summary>Water held hot below the boil, by a thermometer: there is no way to tell without one (handbook room 30).</summary>
public static class Pasteurising
{
    /// <summary>Held at this, °C, unless another temperature is chosen.</summary>
    public const double UsualC = 70;

    /// <summary>Below this nothing is credited, °C.</summary>
    public const double LeastC = 65;

    /// <summary>Viruses are credited less than by a boil.</summary>
    public const double VirusCredit = 4;

    /// <summary>Share of the burner's net power that holds the temperature with the lid on (pick).</summary>
    public const double HoldFraction = 0.1;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "70 °C for 10 min, 65 °C for 30 min: as a boil, viruses 4 log; below 65 °C nothing (handbook room 30)";

    private const double UsualMinutes = 10;
    private const double LongMinutes = 30;

    /// <summary>Minutes to hold: 10 from 70 °C up, 30 from 65 °C; null below, where nothing is credited.</summary>
    public static double? HoldMinutes(double heldC) =>
        heldC >= UsualC ? UsualMinutes
        : heldC >= LeastC ? LongMinutes
        : null;
}
