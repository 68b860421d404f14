namespace JollyBrook.Core.Scarcity;

/// <summary>
/// Running out is not the end: the body carries a buffer (handbook room 90; the percentages are picks, for choosing only). A rested adult
/// 3 % of body mass short still walks well, 5 % slowly, 7 % is danger.
/// </summary>
/// <param name="MassKg">Everyone's body mass, kg.</param>
/// <param name="ShortNowPercent">What they are short already, % of body mass.</param>
public sealed record BodyBuffer(double MassKg, double ShortNowPercent)
{
    /// <summary>Up to here one walks well.</summary>
    public const double WellPercent = 3;

    /// <summary>Up to here one walks, slowly; a way that passes it is no way.</summary>
    public const double SlowlyPercent = 5;

    /// <summary>From here on there is danger.</summary>
    public const double DangerPercent = 7;

    /// <summary>Not told how the body shows it: a little short already (pick).</summary>
    private const double UntoldPercent = 1;

    private const double ThirstyPercent = 2;
    private const double GravePercent = 5;

    /// <summary>Litres that may be owed before so many per cent are passed; less than 0 where they are passed already.</summary>
    public double LitresTo(double percent) => (percent - ShortNowPercent) / 100 * MassKg;

    /// <summary>Short on arrival, % of body mass, with so many litres needed and so many in hand.</summary>
    public double PercentAfter(double needL, double inHandL) => ShortNowPercent + (Math.Max(0, needL - inHandL) / MassKg * 100);

    /// <summary>The worse of what the signs say and what the log has, % of body mass: nobody is better off than their drinks say.</summary>
    public static double ShortNow(BodySigns? signs, double? deficitPercent) => Math.Max(ShortBySigns(signs), deficitPercent ?? 0);

    /// <summary>What the signs say of it, % of body mass.</summary>
    public static double ShortBySigns(BodySigns? signs) =>
        signs switch
        {
            BodySigns.None => 0,
            BodySigns.Thirsty => ThirstyPercent,
            BodySigns.Grave => GravePercent,
            _ => UntoldPercent,
        };
}
