using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Schedule;

/// <summary>A day by the light it falls in, and water for the pot.</summary>
public class NightAndPotTests
{
    private static readonly DateTimeOffset Seven = new(2026, 8, 10, 19, 0, 0, TimeSpan.FromHours(-2));

    private static readonly KitEntry[] Kit =
    [
        new("clear", new Container(1, Opaque: false, ClearPlastic: true, LyingDepthCm: 8) { Name = "Clear bottle" }),
        new("pot", Kits.Pot),
        Kits.Burner(),
        Kits.Entry(Kits.Squeeze),
        Kits.Entry(Kits.Tablets),
    ];

    private static ScheduleRequest Request(KitEntry[] kit, params WantedWater[] wants) =>
        new(UnitSystem.Metric, kit, Ask.Water(1, temperatureC: 15), new SkyInput(18, 46.2, -28.6, 0, false), wants, 1, Seven);

    /// <summary>
    /// Sunset at 46° north on 10 August is before 19:30 local solar time: nothing put out at 19:00 has had its sun by midnight.
    /// </summary>
    [Fact]
    public void No_sun_is_counted_after_dark()
    {
        // Permanganate is no barrier: the sun is all there is.
        KitEntry[] sunOnly = [Kit[0], new("crystals", new PermanganateCrystals { Name = "Permanganate" })];
        var answer = DaySchedule.Compute(Request(sunOnly, new WantedWater("night", "Night", 1, Seven.AddHours(5))));
        answer.Batches.Where(b => b.Method == SunBarrier.GenericId).ShouldAllBe(b => b.ReadyAt > Seven.AddHours(12));
        answer.Batches.Where(b => b.MeetsTarget).ShouldAllBe(b => b.ReadyAt > Seven.AddHours(12));
    }

    /// <summary>What a batch says, Treat says of the same water at the same start.</summary>
    [Fact]
    public void A_batch_is_what_treat_answers_at_its_start()
    {
        var answer = DaySchedule.Compute(
            Request(
                Kit,
                new WantedWater("evening", "Evening", 1, Seven.AddHours(2)),
                new WantedWater("morning", "Morning", 2, Seven.AddHours(12))
            )
        );
        answer.Batches.ShouldNotBeEmpty();
        foreach (var batch in answer.Batches)
        {
            var treat = Treat.Compute(batch.Treat);
            treat.Headline.ShouldBe(batch.Headline);
            (batch.ReadyAt - batch.StartAt).TotalMinutes.ShouldBeGreaterThanOrEqualTo(treat.DrinkableMinutes!.Value - 1e-6);
            (treat.Outcome == TreatOutcome.Meets).ShouldBe(batch.MeetsTarget);
        }
    }

    [Fact]
    public void Water_for_the_pot_is_boiled_and_neither_filtered_nor_dosed()
    {
        var answer = DaySchedule.Compute(
            Request(
                Kit,
                new WantedWater("soup", "Soup", 1, Seven.AddHours(2), WillBoil: true),
                new WantedWater("drink", "Drinking", 1, Seven.AddHours(2))
            )
        );
        var soup = answer.Batches.Single(b => b.WantId == "soup");
        soup.Method.ShouldBe("burner");
        soup.Treat.Water!.VolumeL.ShouldBe(1);
        soup.Steps.ShouldNotContain(s =>
            s.Title.Contains("filter", StringComparison.OrdinalIgnoreCase) || s.Title.Contains("tablet", StringComparison.OrdinalIgnoreCase)
        );
        answer.Batches.Single(b => b.WantId == "drink").Steps.Count.ShouldBeGreaterThan(1);
    }
}
