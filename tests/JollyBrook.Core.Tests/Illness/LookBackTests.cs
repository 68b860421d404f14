using JollyBrook.Core.Book;
using JollyBrook.Core.Illness;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Illness;

/// <summary>Windows and shortfalls of an illness looked back on.</summary>
public class LookBackTests
{
    private static readonly DateTimeOffset Onset = new(2026, 8, 20, 8, 0, 0, TimeSpan.Zero);

    private static DrunkBatch Batch(
        string id,
        double daysBefore,
        double bacteria = 6,
        double viruses = 4,
        double giardia = 3,
        double crypto = 3
    ) =>
        new(
            id,
            "Bottle",
            Onset.AddDays(-daysBefore),
            "Chlorine tablets",
            [
                new(OrganismClass.Bacteria, bacteria),
                new(OrganismClass.Viruses, viruses),
                new(OrganismClass.Giardia, giardia),
                new(OrganismClass.Cryptosporidium, crypto),
            ]
        );

    private static LookBackResponse Back(params DrunkBatch[] batches) =>
        LookBack.Compute(new(UnitSystem.Metric, Onset, Batches: batches, Now: Onset.AddDays(1)));

    [Theory]
    [InlineData(1.9, false)]
    [InlineData(2, true)]
    [InlineData(12, true)]
    [InlineData(12.1, false)]
    public void Cryptosporidium_fits_from_two_to_twelve_days(double days, bool fits) =>
        Back(Batch("a", days, crypto: 0.5)).Agents.Any(a => a.Name == "Cryptosporidium").ShouldBe(fits);

    [Fact]
    public void The_furthest_short_comes_first()
    {
        // Short for Cryptosporidium by 3 − 0.2 and by 3 − 2; whole for Giardia.
        var crypto = Back(Batch("a", 5, crypto: 2), Batch("b", 6, crypto: 0.2)).Agents[0];
        crypto.Name.ShouldBe("Cryptosporidium");
        crypto.Fits.Select(f => f.BatchId).ShouldBe(["b", "a"]);
        crypto.Fits[0].ShortByLogs.ShouldBe(2.8, 1e-9);
    }

    [Fact]
    public void Untreated_water_comes_before_all()
    {
        var answer = LookBack.Compute(
            new(
                UnitSystem.Metric,
                Onset,
                Batches: [Batch("a", 5, giardia: 0)],
                Lines: [new(Guid.NewGuid(), new Drank(0.5, Untreated: true) { At = Onset.AddDays(-6), Note = "straight from the beck" })],
                Now: Onset
            )
        );
        var giardia = answer.Agents.Single(a => a.Name == "Giardia");
        giardia.Fits[0].Untreated.ShouldBeTrue();
        giardia.Fits[0].Words.ShouldBe("0.5 L untreated: straight from the beck");
        giardia.Fits[0].ShortByLogs.ShouldBe(3);
    }

    [Fact]
    public void Water_that_met_the_target_points_to_hands_and_food() =>
        Back(Batch("a", 5)).Headline.ShouldBe("All the water that fits in time met the target: look at hands and food first");

    [Fact]
    public void Nothing_drunk_fits_nothing() =>
        Back().Headline.ShouldBe("No water written in the book fits in time; what was drunk and not written may");

    [Fact]
    public void What_calls_for_a_clinician_is_said()
    {
        var answer = LookBack.Compute(new(UnitSystem.Metric, Onset, "cramps", 38.6, true, true, true, Now: Onset.AddDays(3.1)));
        answer.SeeClinician.Count.ShouldBe(5);
        LookBack
            .Compute(new(UnitSystem.Metric, Onset, "cramps", 38.5, false, false, false, Now: Onset.AddDays(3)))
            .SeeClinician.ShouldBeEmpty();
        answer.Letter.ShouldContain("Not a diagnosis");
        answer.Cautions.Single().Message.ShouldContain("Food and hands are commoner causes");
    }
}
