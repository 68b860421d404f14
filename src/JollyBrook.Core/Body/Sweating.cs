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

    /// <summary>The most a body can sweat, L/h; more once it is used to the heat.</summary>
    public static double Ceiling(bool acclimatised) => acclimatised ? CeilingAcclimatisedLPerH : CeilingUntrainedLPerH;

    /// <summary>Breathed out, L/h: E_res·A/0.68 g/h.</summary>
    public static double BreathedLPerH(HeatBalance heat, double surfaceM2) =>
        heat.BreathedWPerM2 * surfaceM2 / HeatBalance.LatentWhPerG / 1000;
}
