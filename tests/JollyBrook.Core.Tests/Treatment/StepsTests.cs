using JollyBrook.Core.Barriers;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Treatment;

public class StepsTests
{
    [Fact]
    public void A_tablet_goes_in_the_handbook_order() =>
        Ask.Chemical("clo2-tablet", Ask.Water(1))
            .Steps.Select(s => s.Id)
            .ShouldBe(["strain", "measure", "dose", "dissolve", "threads", "contact", "flavour", "drink"]);

    [Fact]
    public void Two_parts_are_mixed_and_stand_before_they_are_dosed()
    {
        var steps = Ask.Chemical("clo2-drops", Ask.Water(1)).Steps;
        steps
            .Select(s => s.Id)
            .ShouldBe(["strain", "measure", "mix", "stand", "dose", "dissolve", "threads", "contact", "flavour", "drink"]);
        steps.Single(s => s.Id == "stand").ShouldSatisfyAllConditions(s => s.Clock.ShouldBe(StepClock.Gate), s => s.Minutes.ShouldBe(5));
    }

    [Fact]
    public void Contact_and_boil_are_gates_that_no_tap_ends()
    {
        Ask.Chemical("iodine-tablet", Ask.Water(1)).Steps.Single(s => s.Kind == StepKind.Contact).Done.ShouldBeNull();
        Ask.Boil(Ask.Water(1)).Steps.Single(s => s.Kind == StepKind.Boil).Done.ShouldBeNull();
    }

    [Fact]
    public void Drinkable_time_counts_from_the_start()
    {
        // 5 min stand + 1 min shake + wait
        var drops = Ask.Chemical("clo2-drops", Ask.Water(1, temperatureC: 20));
        drops.DrinkableMinutes.ShouldBe(6 + drops.Contact!.WaitMinutes);
        // 25 °C·… at 20 °C chlorine dioxide needs 348/3.5 = 99.4 min for Cryptosporidium: the label's 240 stands.
        drops.Contact.WaitMinutes.ShouldBe(240);
    }
}
