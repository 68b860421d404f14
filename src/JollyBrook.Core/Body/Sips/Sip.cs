namespace JollyBrook.Core.Body.Sips;

/// <summary>How water that can't be seen is drunk: so much, so often.</summary>
/// <param name="Litres">At once, L.</param>
/// <param name="EveryMinutes">Minutes from one to the next.</param>
public readonly record struct Sip(double Litres, double EveryMinutes)
{
    /// <summary>A mouthful, L: less is not measured by anybody (pick).</summary>
    public const double MouthfulL = 0.05;

    private const double UsualMinutes = 15;

    /// <summary>Every quarter of an hour, or a mouthful less often where that is enough (pick).</summary>
    /// <param name="litresPerHour">What is to be drunk in an hour, L; more than 0.</param>
    public static Sip Of(double litresPerHour) =>
        litresPerHour * UsualMinutes / 60 >= MouthfulL ? new(litresPerHour * UsualMinutes / 60, UsualMinutes) : new(MouthfulL, MouthfulL / litresPerHour * 60);
}
