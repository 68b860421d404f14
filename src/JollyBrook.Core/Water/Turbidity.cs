namespace JollyBrook.Core.Water;

/// <summary>Turbidity in NTU behind the clarity classes, and how deep a mark can still be seen in it.</summary>
public static class Turbidity
{
    /// <summary>No chemical dose is credited above this turbidity, NTU.</summary>
    public const double ChemicalLimitNtu = 100;

    /// <summary>Below this water is clear, NTU.</summary>
    public const double ClearBelowNtu = 5;

    /// <summary>Up to this it is slightly cloudy, NTU.</summary>
    public const double SlightlyCloudyToNtu = 30;

    /// <summary>Up to this it is muddy, NTU; above it a slurry.</summary>
    public const double MuddyToNtu = 1000;

    /// <summary>What slurry is counted as, NTU (pick: three times where it starts).</summary>
    public const double SlurryNtu = 3000;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Turbidity-tube calibration: depth = 244.13·NTU^(−0.662) cm";

    /// <summary>
    /// Depth in cm at which a dark mark vanishes, looking down through water of the given NTU (above 0).
    /// depth = 244.13·NTU^(−0.662), the turbidity-tube calibration.
    /// </summary>
    public static double VanishingDepthCm(double ntu) => 244.13 * Math.Pow(ntu, -0.662);

    /// <summary>The turbidity in NTU at which a mark vanishes at <paramref name="depthCm"/>: (244.13/depth)^(1/0.662).</summary>
    public static double FromVanishingDepth(double depthCm) => Math.Pow(244.13 / depthCm, 1 / 0.662);

    /// <summary>The class a turbidity falls in: clear &lt; 5, slightly cloudy to 30, cloudy to 100, muddy to 1000, slurry above.</summary>
    public static Clarity ClassOf(double ntu) =>
        ntu switch
        {
            < ClearBelowNtu => Clarity.Clear,
            <= SlightlyCloudyToNtu => Clarity.SlightlyCloudy,
            <= ChemicalLimitNtu => Clarity.Cloudy,
            <= MuddyToNtu => Clarity.Muddy,
            _ => Clarity.Slurry,
        };

    /// <summary>The cloudiest a class can be, NTU, which is what it counts as.</summary>
    public static double WorstOf(Clarity clarity) =>
        clarity switch
        {
            Clarity.Clear => ClearBelowNtu,
            Clarity.SlightlyCloudy => SlightlyCloudyToNtu,
            Clarity.Muddy => MuddyToNtu,
            Clarity.Slurry => SlurryNtu,
            _ => ChemicalLimitNtu,
        };

    /// <summary>A clarity as a person reads it.</summary>
    public static string Spoken(Clarity clarity) =>
        clarity switch
        {
            Clarity.SlightlyCloudy => "slightly cloudy",
            _ => clarity.ToString().ToLowerInvariant(),
        };
}
