using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Sources;

/// <summary>Only clean rain, seen to be so, may be drunk as it is, and only by choice.</summary>
public class CleanRainTests
{
    private static bool MayDrink(Clarity clarity, WaterColour colour = WaterColour.None, bool accept = true, params Sighting[] seen) =>
        Situation
            .Of(
                new TreatRequest(
                    UnitSystem.Metric,
                    new WaterInput(1, clarity, colour, 10, 500),
                    null,
                    Source: new SourceInput(SourceKind.Rain, null, seen, null, null),
                    AcceptCleanSnowOrRain: accept
                )
            )
            .MayAcceptUntreated;

    [Fact]
    public void Clear_rain_may_be_accepted_by_choice_alone()
    {
        MayDrink(Clarity.Clear).ShouldBeTrue();
        MayDrink(Clarity.Clear, accept: false).ShouldBeFalse();
    }

    [Theory]
    [InlineData(Clarity.SlightlyCloudy, WaterColour.None)]
    [InlineData(Clarity.Cloudy, WaterColour.None)]
    [InlineData(Clarity.Muddy, WaterColour.None)]
    [InlineData(Clarity.Unknown, WaterColour.None)]
    [InlineData(Clarity.Clear, WaterColour.Tea)]
    [InlineData(Clarity.Clear, WaterColour.Unknown)]
    public void Muddy_rain_or_rain_nobody_looked_at_is_treated(Clarity clarity, WaterColour colour) =>
        MayDrink(clarity, colour).ShouldBeFalse();

    [Fact]
    public void Anything_ticked_against_it_ends_the_choice() => MayDrink(Clarity.Clear, seen: Sighting.BadSmell).ShouldBeFalse();
}
