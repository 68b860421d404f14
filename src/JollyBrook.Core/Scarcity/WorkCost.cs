using JollyBrook.Core.Body;

namespace JollyBrook.Core.Scarcity;

/// <summary>How hard a piece of work is.</summary>
internal enum Work
{
    Light,
    Dig,
}

/// <summary>
/// Water that work costs beyond resting in the shade, L/h: sweat and breath at that work less those at rest (handbook room 90).
/// </summary>
internal sealed class WorkCost(Walker walker, double airC, double humidityPercent, SunLoad sun)
{
    /// <summary>Metabolic rate of digging, W (handbook room 90).</summary>
    public const double DiggingW = 500;

    /// <summary>Metabolic rate of light work, standing and stooping, W (pick).</summary>
    public const double LightW = 200;

    /// <summary>Standing still, W/kg: the walking equation's own constant at no speed.</summary>
    public const double RestWPerKg = 1.44;

    public double LightLPerH => LPerH(Work.Light);

    public double DigLPerH => LPerH(Work.Dig);

    /// <summary>At work in the sun as it is; at rest in the shade (pick): that is what would be done instead.</summary>
    public double LPerH(Work work) => Math.Max(0, WorkingLPerH(work) - RestingLPerH);

    public double WorkingLPerH(Work work) => At(work == Work.Dig ? DiggingW : LightW, sun);

    public double RestingLPerH => At(RestWPerKg * walker.MassKg!.Value, SunLoad.None);

    private double At(double watts, SunLoad on)
    {
        var loss = Loss.Of(walker, watts, 0, new Air(airC, humidityPercent, on), SweatSchool.Gonzalez2009);
        return loss.SweatLPerH + loss.BreathedLPerH;
    }
}
