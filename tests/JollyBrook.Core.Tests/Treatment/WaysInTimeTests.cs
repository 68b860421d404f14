using CsCheck;
using JollyBrook.Core.Sky;
using JollyBrook.Core.Tests.Safe;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Treatment;

/// <summary>How a way's time is laid out, which ways are outdone, and the dark that they run into.</summary>
public class WaysInTimeTests
{
    /// <summary>What is drawn ends when the answer says it may be drunk, and shows no more work than there is.</summary>
    [Fact]
    public void Parts_laid_end_to_end_end_when_it_may_be_drunk() =>
        SafeCases.Any.Sample(
            request =>
            {
                foreach (var way in ChainList.Compute(request).Chains)
                {
                    if (way.DrinkableMinutes is not { } minutes || way.Outcome == TreatOutcome.Refused)
                    {
                        way.Parts.ShouldBeEmpty();
                        continue;
                    }

                    way.Parts.Sum(p => p.Minutes).ShouldBe(minutes, 1e-6, way.Id);
                    way.Parts.ShouldAllBe(p => p.HandsOnMinutes >= 0 && p.HandsOnMinutes <= p.Minutes + 1e-9);
                    way.Parts.Sum(p => p.HandsOnMinutes).ShouldBeLessThanOrEqualTo(way.HandsOnMinutes + 1e-6);
                }
            },
            iter: 400
        );

    /// <summary>Whatever is left off the first look has one beside it that is as good in all that is shown.</summary>
    [Fact]
    public void What_is_outdone_has_a_better_beside_it_and_the_best_is_not() =>
        SafeCases.Any.Sample(
            request =>
            {
                var list = ChainList.Compute(request);
                list.Chains.ShouldAllBe(c => c.Id != list.Best || !c.IsOutdone);
                foreach (var outdone in list.Chains.Where(c => c.IsOutdone))
                {
                    list.Chains.ShouldContain(
                        c =>
                            !c.IsOutdone
                            && c.Outcome <= outdone.Outcome
                            && c.HandsOnMinutes <= outdone.HandsOnMinutes + 1e-9
                            && (c.DrinkableMinutes ?? double.MaxValue) <= (outdone.DrinkableMinutes ?? double.MaxValue)
                            && c.Classes.Sum(k => k.ShortByLogs) <= outdone.Classes.Sum(k => k.ShortByLogs) + 1e-9,
                        outdone.Id
                    );
                }
            },
            iter: 400
        );

    /// <summary>
    /// At 46.2° N on 21 August the sun sets about 18:50 and rises about 5:13 by its own time; 28.6° W is 1 h 54 min behind UTC.
    /// </summary>
    [Fact]
    public void The_dark_of_a_summer_night_lasts_from_sunset_to_sunrise()
    {
        var noon = new DateTimeOffset(2026, 8, 21, 14, 0, 0, TimeSpan.Zero);

        var dark = Daylight.Darks(noon, 46.2, -28.6, 24 * 60).ShouldHaveSingleItem();

        noon.AddMinutes(dark.FromMinutes).ShouldBe(new DateTimeOffset(2026, 8, 21, 20, 50, 0, TimeSpan.Zero), TimeSpan.FromMinutes(25));
        noon.AddMinutes(dark.ToMinutes).ShouldBe(new DateTimeOffset(2026, 8, 22, 7, 7, 0, TimeSpan.Zero), TimeSpan.FromMinutes(25));
    }

    [Fact]
    public void Within_the_arctic_night_all_of_it_is_dark_and_in_its_day_none()
    {
        var winter = new DateTimeOffset(2026, 12, 21, 12, 0, 0, TimeSpan.Zero);

        Daylight.Darks(winter, 75, 20, 600).ShouldBe([new DarkSpan(0, 600)]);
        Daylight.Darks(winter.AddMonths(6), 75, 20, 600).ShouldBeEmpty();
    }
}
