using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>What to do in each state: how much to drink, how fast, when to ask again (handbook room 95).</summary>
internal sealed record StateAdvice(IReadOnlyList<string> Actions, double DrinkNowL)
{
    /// <summary>A few mouthfuls, L.</summary>
    public const double SipL = 0.25;

    private const double Soon = 15;
    private const double Usual = 30;
    private const double Hour = 60;

    /// <summary>How soon to look again in each state, minutes (pick).</summary>
    public static double AskAgainMinutes(WaterState state) =>
        state switch
        {
            WaterState.Emergency or WaterState.Overheating => Soon,
            WaterState.Fine => Hour,
            _ => Usual,
        };

    public static StateAdvice Of(WaterState state, SignsSeen seen, Speaker say)
    {
        var advice = OfState(state, seen, say);
        // What is drunk at once comes up again.
        return seen.Signs.Contains(BodySign.Sick) && state is (WaterState.DrinkSoon or WaterState.RunningShort or WaterState.StopAndDrink)
            ? new([.. advice.Actions, "Being sick: a mouthful every few minutes, with salt."], Math.Min(SipL, advice.DrinkNowL))
            : advice;
    }

    private static StateAdvice OfState(WaterState state, SignsSeen seen, Speaker say) =>
        state switch
        {
            WaterState.Emergency => new(
                seen.DeficitPercent <= -SignCheck.TooMuchFromPercent
                    ?
                    [
                        "Call for help now.",
                        "No water: too much was drunk. Salty food, if awake and able to swallow.",
                        "Never leave them alone.",
                    ]
                    :
                    [
                        "Call for help now.",
                        "Shade, lie down. Hot, confused or staggering: cool at once with all the water there is, "
                            + "even untreated on the skin.",
                        "Awake and able to swallow: small sips with salt, never more than "
                            + $"{say.Of(Quantity.Volume, SignCheck.MostDrunkLPerH)} an hour. Never leave them alone.",
                    ],
                seen.DeficitPercent <= -SignCheck.TooMuchFromPercent ? 0 : SipL
            ),
            WaterState.Overheating => new(
                [
                    "Shade, wet and fan, rest an hour.",
                    $"Drink with salt, up to {say.Of(Quantity.Volume, SignCheck.MostDrunkLPerH)} in the hour.",
                    "Worse, confused or no longer sweating: an emergency.",
                ],
                2 * SipL
            ),
            WaterState.TooMuch => new(
                ["No water until urine flows freely.", "Salty food.", "Sick, confused or a bad headache: get help."],
                0
            ),
            WaterState.StopAndDrink => new(
                [
                    "Stop, shade, rest.",
                    $"Drink {say.Of(Quantity.Volume, 2 * SipL)} now and again in half an hour, with salt or "
                        + $"food; never more than {say.Of(Quantity.Volume, SignCheck.MostDrunkLPerH)} an hour.",
                ],
                2 * SipL
            ),
            WaterState.RunningShort => new(["Drink, rest, eat something salty.", "Go slower until it is made up."], 2 * SipL),
            WaterState.DrinkSoon => new(["A few mouthfuls now."], SipL),
            _ => new([], SipL),
        };
}
