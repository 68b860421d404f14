namespace JollyBrook.Core.Body;

/// <summary>Litres an hour a walker loses.</summary>
public static class Sweating
{
    /// <summary>Most sweat of a body that is not used to heat, L/h.</summary>
    public const double CeilingUntrainedLPerH = 1.5;

    /// <summary>Most sweat of an acclimatised body, L/h.</summary>
    public const double CeilingAcclimatisedLPerH = 2.0;

    /// <summary>Sweat, L/h, between the floor and the body's ceiling.</summary>
    public static double LPerH(HeatBalance heat, double surfaceM2, bool acclimatised, SweatSchool school) =>
        Math.Min(Ceiling(acclimatised), heat.SweatGPerM2H(school) * surfaceM2 / 1000);

    public static double Ceiling(bool acclimatised) => acclimatised ? CeilingAcclimatisedLPerH : CeilingUntrainedLPerH;

    /// <summary>Breathed out, L/h: E_res = 0.0173·(M/A)·(5.87 − P_a kPa) W/m², g/h = E_res·A/0.68.</summary>
    public static double BreathedLPerH(double metabolicW, Air air) =>
        Math.Max(0, 0.0173 * metabolicW * (5.87 - air.VapourKPa) / 0.68 / 1000);
}
