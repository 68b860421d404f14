namespace JollyBrook.Core.Body.Sips;

/// <summary>How water that can't be seen is drunk: so much, so often.</summary>
/// <param name="Litres">At once, L.</param>
/// <param name="EveryMinutes">Minutes from one to the next.</param>
public readonly record struct Sip(double Litres, double EveryMinutes)
{
    /// <summary>A mouthful, L: less is not measured by anybody (pick).</summary>
    public const double MouthfulL = 0.05;

    private const double UsualMinutes = 15;

    /// <summary>Nobody looks at the clock for single minutes.</summary>
    private const double ClockMinutes = 5;

    /// <summary>Every quarter of an hour, or a mouthful less often where that is enough, in whole fives of minutes (pick).</summary>
    /// <param name="litresPerHour">What is to be drunk in an hour, L; more than 0.</param>
    public static Sip Of(double litresPerHour) =>
        litresPerHour * UsualMinutes / 60 >= MouthfulL
            ? new(litresPerHour * UsualMinutes / 60, UsualMinutes)
            : new(MouthfulL, Math.Floor((MouthfulL / litresPerHour * 60 / ClockMinutes) + 1e-9) * ClockMinutes);
}
