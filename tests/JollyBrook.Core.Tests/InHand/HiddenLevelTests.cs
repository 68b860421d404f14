using JollyBrook.Core.Book;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using Shouldly;
using Xunit;

namespace JollyBrook.Core.Tests.InHand;

/// <summary>Since when the level of a bladder is not known.</summary>
public class HiddenLevelTests
{
    private readonly Log _log = new();

    [Fact]
    public void It_is_known_when_water_to_drink_went_in()
    {
        _log.Write(0, new Filled(Log.Bottle));
        _log.Dose(2, Log.Bottle, 1);
        _log.Write(60, new Poured(Log.Bottle, Log.Bladder));

        var state = _log.At(90);

        state.In(Log.Bladder).Hidden.ShouldBe(new HiddenLevel(Log.Morning.AddMinutes(60), null));
        state.In(Log.Bottle).Hidden.ShouldBeNull();
    }

    [Fact]
    public void Water_that_was_not_ready_is_not_drunk_before_it_is()
    {
        // Dosed in it at 3, half an hour's contact.
        _log.Dose(2, Log.Bladder, 2);

        _log.At(20).In(Log.Bladder).Hidden.ShouldBeNull();
        _log.At(40).In(Log.Bladder).Hidden!.Since.ShouldBe(Log.Morning.AddMinutes(33));
    }

    [Fact]
    public void Who_drinks_from_it_says_it_anew_and_it_is_theirs()
    {
        _log.Dose(2, Log.Bladder, 2);
        _log.Write(50, new Drank(0.25, WalkerId: Log.Ilva, ContainerId: Log.Bladder));
        _log.Write(60, new Drank(0.25, WalkerId: Log.Torren, ContainerId: Log.Bladder));
        _log.Write(70, new Rinsed(Log.Bladder));

        _log.At(80).In(Log.Bladder).Hidden.ShouldBe(new HiddenLevel(Log.Morning.AddMinutes(60), Log.Torren));
    }

    /// <summary>What may not be drunk is nothing to be reminded of.</summary>
    [Fact]
    public void Raw_water_and_an_empty_one_are_none()
    {
        _log.At(1).In(Log.Bladder).Hidden.ShouldBeNull();
        _log.Write(0, new Filled(Log.Bladder));
        _log.At(1).In(Log.Bladder).Hidden.ShouldBeNull();
    }

    [Theory]
    [InlineData(null, null, false)]
    [InlineData(null, true, true)]
    [InlineData(true, true, false)]
    [InlineData(false, null, true)]
    public void What_was_told_of_it_goes_before_the_hose(bool? visible, bool? hose, bool hides) =>
        new Container(1, LevelVisible: visible, HasHose: hose).HidesItsLevel.ShouldBe(hides);
}
