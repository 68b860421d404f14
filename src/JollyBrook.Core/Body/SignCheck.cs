namespace JollyBrook.Core.Body;

/// <summary>What a sign check goes by.</summary>
/// <param name="Signs">What is felt and seen.</param>
/// <param name="DeficitPercent">Short of water, % of body mass; less than 0 is too much.</param>
/// <param name="DrunkLastHourL">Drunk in the last hour, L.</param>
/// <param name="UrineColour">The last colour, 1 to 8; null when none was written.</param>
/// <param name="HoursWithoutUrine">Hours since urine was last written, or since the day began; null when neither is known.</param>
/// <param name="UrineWritten">Whether any urine was written since the day began.</param>
public sealed record SignsSeen(
    IReadOnlyCollection<BodySign> Signs,
    double DeficitPercent,
    double DrunkLastHourL,
    double? UrineColour,
    double HoursWithoutUrine,
    bool UrineWritten
);

/// <summary>
/// Signs together with drinking, weight and urine (handbook room 95; US Army TB MED 507 for the percentages). A grave sign is an
/// emergency whatever else is ticked. Too much and too little water look alike: what was drunk, weight and urine tell them apart.
/// </summary>
public static class SignCheck
{
    /// <summary>From here on it is time to drink, % of body mass.</summary>
    public const double DrinkFromPercent = 1;

    /// <summary>From here on performance and judgement suffer, % of body mass.</summary>
    public const double ShortFromPercent = 2;

    /// <summary>From here on: stop and drink, % of body mass.</summary>
    public const double StopFromPercent = 3;

    /// <summary>From here on it is an emergency, % of body mass.</summary>
    public const double EmergencyFromPercent = 7;

    /// <summary>More gained than this is too much, % of body mass (pick: a full bottle beyond the loss).</summary>
    public const double TooMuchFromPercent = 1;

    /// <summary>Nobody takes up more than this in an hour, L.</summary>
    public const double MostDrunkLPerH = 1;

    /// <summary>Hours without urine that make an emergency.</summary>
    public const double NoUrineHours = 8;

    /// <summary>From this colour on, drink (Armstrong's scale).</summary>
    public const double DrinkFromColour = 4;

    /// <summary>From this colour on, short of water.</summary>
    public const double ShortFromColour = 6;

    private const double ClearColour = 1;

    private static readonly BodySign[] AlikeSigns = [BodySign.Headache, BodySign.Sick, BodySign.Tired, BodySign.Bloated];
    private static readonly BodySign[] HeatSigns = [BodySign.Headache, BodySign.Dizzy, BodySign.Cramps, BodySign.FastPulse];
    private static readonly BodySign[] DrySigns =
    [
        BodySign.Thirst,
        BodySign.DryMouth,
        BodySign.DarkLittleUrine,
        BodySign.Headache,
        BodySign.Tired,
        BodySign.Cramps,
        BodySign.Irritable,
        BodySign.Sick,
    ];

    /// <summary>What the signs say of the body's water; grave signs outrank all others.</summary>
    public static WaterState Judge(SignsSeen seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        if (IsEmergency(seen))
        {
            return WaterState.Emergency;
        }

        if (IsTooMuch(seen))
        {
            return WaterState.TooMuch;
        }

        if (seen.Signs.Contains(BodySign.HeavySweat) && seen.Signs.Any(HeatSigns.Contains))
        {
            return WaterState.Overheating;
        }

        return seen.DeficitPercent >= StopFromPercent ? WaterState.StopAndDrink
            : seen.DeficitPercent >= ShortFromPercent
            || seen.UrineColour >= ShortFromColour
            || seen.Signs.Contains(BodySign.DarkLittleUrine)
            // Nothing written for so long is not known to be well.
            || seen.HoursWithoutUrine >= NoUrineHours
                ? WaterState.RunningShort
            : seen.DeficitPercent >= DrinkFromPercent || seen.UrineColour >= DrinkFromColour || seen.Signs.Any(DrySigns.Contains)
                ? WaterState.DrinkSoon
            : WaterState.Fine;
    }

    /// <summary>
    /// Any grave sign, no urine for eight hours, or more than 7 % lost. Dizzy with a fast pulse only in heavy sweat is heat.
    /// </summary>
    private static bool IsEmergency(SignsSeen seen) =>
        seen.DeficitPercent >= EmergencyFromPercent
        || seen.Signs.Any(BodySignList.IsGrave)
        || ((seen.Signs.Contains(BodySign.Dizzy) || seen.Signs.Contains(BodySign.FastPulse)) && !seen.Signs.Contains(BodySign.HeavySweat))
        || (seen.UrineWritten && seen.HoursWithoutUrine >= NoUrineHours);

    private static bool IsTooMuch(SignsSeen seen) =>
        seen.DeficitPercent <= -TooMuchFromPercent
        || (
            seen.Signs.Any(AlikeSigns.Contains)
            && (
                seen.DeficitPercent < 0
                || seen.DrunkLastHourL > MostDrunkLPerH
                || seen.Signs.Contains(BodySign.ClearMuchUrine)
                || seen.UrineColour <= ClearColour
            )
        );
}
