using CsCheck;
using JollyBrook.Core.Book;
using JollyBrook.Core.Illness;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Tests.InHand;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Illness;

/// <summary>Windows and shortfalls of an illness looked back on.</summary>
public class LookBackTests
{
    private static readonly DateTimeOffset Onset = Log.Morning.AddDays(60);
    private const double DayMinutes = 24 * 60;

    /// <summary>So many days before the onset, in minutes of the log.</summary>
    private static double Before(double days) => (60 - days) * DayMinutes;

    private static BatchLedger Ledger(
        Guid batch,
        DateTimeOffset? drinkableAt = null,
        double bacteria = 6,
        double viruses = 4,
        double giardia = 3,
        double crypto = 3
    ) =>
        new(
            batch,
            "Litre bottle",
            drinkableAt,
            [
                new(OrganismClass.Bacteria, bacteria),
                new(OrganismClass.Viruses, viruses),
                new(OrganismClass.Giardia, giardia),
                new(OrganismClass.Cryptosporidium, crypto),
            ]
        );

    private static LookBackResponse Back(Log log, params BatchLedger[] ledgers) =>
        LookBack.Compute(
            new(
                UnitSystem.Metric,
                Onset,
                Log: new InHandRequest(UnitSystem.Metric, null, Log.Kit, Lines: log.Lines, Batches: log.Batches),
                Ledgers: ledgers,
                Now: Onset.AddDays(1)
            )
        );

    /// <summary>Water treated in the morning of a day before the onset, and drunk from the bottle an hour later.</summary>
    private static Guid Drunk(Log log, double days, double litres = 1)
    {
        log.Write(Before(days) - 90, new Filled(Log.Bottle, litres));
        var batch = log.Dose(Before(days) - 60, Log.Bottle, litres);
        log.Write(Before(days), new Drank(litres, ContainerId: Log.Bottle));
        return batch;
    }

    private static CouldFit? Agent(LookBackResponse answer, string name) => answer.Agents.SingleOrDefault(a => a.Name == name);

    [Theory]
    [InlineData(1.9, false)]
    [InlineData(2, true)]
    [InlineData(12, true)]
    [InlineData(12.1, false)]
    public void Cryptosporidium_fits_from_two_to_twelve_days(double days, bool fits)
    {
        var log = new Log();
        var batch = Drunk(log, days);
        (Agent(Back(log, Ledger(batch, crypto: 0.5)), "Cryptosporidium") is not null).ShouldBe(fits);
    }

    [Fact]
    public void The_furthest_short_comes_first()
    {
        // Short for Cryptosporidium by 3 − 0.2 and by 3 − 2; whole for Giardia.
        var log = new Log();
        var (older, newer) = (Drunk(log, 6), Drunk(log, 5));
        var crypto = Back(log, Ledger(newer, crypto: 2), Ledger(older, crypto: 0.2)).Agents[0];
        crypto.Name.ShouldBe("Cryptosporidium");
        crypto.Fits.Select(f => f.BatchId).ShouldBe([older, newer]);
        crypto.Fits[0].ShortByLogs.ShouldBe(2.8, 1e-9);
        crypto.Fits[0].Words.ShouldBe("1 L of Litre bottle: Tablets");
    }

    [Fact]
    public void Untreated_water_comes_before_all()
    {
        var log = new Log();
        log.Write(Before(6), new Drank(0.5, Untreated: true) { Note = "straight from the beck" });
        var batch = Drunk(log, 5);
        var giardia = Agent(Back(log, Ledger(batch, giardia: 0)), "Giardia")!;
        giardia.Fits[0].Untreated.ShouldBeTrue();
        giardia.Fits[0].Words.ShouldBe("0.5 L untreated: straight from the beck");
        giardia.Fits[0].ShortByLogs.ShouldBe(3);
        giardia.Fits[1].BatchId.ShouldBe(batch);
    }

    /// <summary>As what is in hand says: a bottle's raw water is untreated, whatever was not told of the drink.</summary>
    [Fact]
    public void What_was_in_the_bottle_says_whether_it_was_treated()
    {
        var raw = new Log();
        raw.Write(Before(5) - 90, new Filled(Log.Bottle, 1));
        raw.Write(Before(5), new Drank(0.5, ContainerId: Log.Bottle));
        Agent(Back(raw), "Giardia")!.Fits.Single().Words.ShouldBe("0.5 L not told how treated, or not ready: counted as untreated");
        var early = new Log();
        early.Write(Before(5) - 90, new Filled(Log.Bottle, 1));
        var batch = early.Dose(Before(5) - 10, Log.Bottle, 1);
        early.Write(Before(5), new Drank(0.5, ContainerId: Log.Bottle));
        Agent(Back(early, Ledger(batch)), "Giardia")!.Fits.Single().Untreated.ShouldBeTrue();
        var treated = new Log();
        Agent(Back(treated, Ledger(Drunk(treated, 5))), "Giardia")!.Fits.Single().ShortByLogs.ShouldBe(0);
        // Somebody else's treated water, as told.
        var elses = new Log();
        elses.Write(Before(5), new Drank(0.5, Untreated: false));
        Back(elses).Agents.ShouldBeEmpty();
    }

    /// <summary>A ledger that is not here has reached nothing.</summary>
    [Fact]
    public void A_batch_of_which_nothing_is_known_took_nothing_away()
    {
        var log = new Log();
        Drunk(log, 5);
        Agent(Back(log), "Giardia")!.Fits.Single().ShortByLogs.ShouldBe(3);
    }

    /// <summary>Ready nine days before, and nobody wrote a drink: drunk within two days of it, and for norovirus too early.</summary>
    [Fact]
    public void A_batch_nobody_wrote_a_drink_of_may_have_been_drunk_once_it_was_ready()
    {
        var log = new Log();
        var batch = log.Dose(Before(9) - 30, Log.Bottle, 1);
        var answer = Back(log, Ledger(batch, Log.Morning.AddMinutes(Before(9)), bacteria: 1));
        var fits = Agent(answer, "Campylobacter")!.Fits.Single();
        fits.DaysBefore.ShouldBe(7, 1e-9);
        fits.Words.ShouldBe("Litre bottle: Tablets; when it was drunk is not told");
        Agent(answer, "Salmonella").ShouldBeNull();
        Agent(answer, "Norovirus").ShouldBeNull();
        Agent(answer, "Shigella")!.Fits.Single().DaysBefore.ShouldBe(7, 1e-9);
    }

    [Fact]
    public void One_that_was_thrown_away_never_ready_or_not_yet_was_not_drunk()
    {
        LookBackResponse With(DateTimeOffset? drinkableAt, params (double, BatchEventKind, string?)[] taps)
        {
            var log = new Log();
            var batch = log.Dose(Before(5) - 60, Log.Bottle, 1, 1, 30, taps);
            return Back(log, Ledger(batch, drinkableAt, giardia: 0));
        }

        var ready = Log.Morning.AddMinutes(Before(5));
        Agent(With(ready), "Giardia").ShouldNotBeNull();
        With(ready, (Before(5), BatchEventKind.Discarded, null)).Agents.ShouldBeEmpty();
        Agent(With(ready, (Before(5), BatchEventKind.Discarded, null), (Before(5) + 1, BatchEventKind.Undone, null)), "Giardia")
            .ShouldNotBeNull();
        With(null).Agents.ShouldBeEmpty();
        With(Onset.AddDays(1.01)).Agents.ShouldBeEmpty();
        Agent(With(null, (Before(5), BatchEventKind.Done, "contact"), (Before(5), BatchEventKind.Done, "drink")), "Giardia")
            .ShouldNotBeNull();
    }

    /// <summary>However much was reached and whenever it was drunk: more taken away is never further short, and no fit lies outside.</summary>
    [Fact]
    public void Every_fit_lies_in_its_window_and_more_reached_is_never_further_short() =>
        Gen.Select(Gen.Double[0, 55], Gen.Double[0, 8], Gen.Double[0, 3])
            .Sample(
                (days, logs, more) =>
                {
                    var log = new Log();
                    var batch = Drunk(log, days);
                    BatchLedger With(double l) => Ledger(batch, bacteria: l, viruses: l, giardia: l, crypto: l);
                    var (less, better) = (Back(log, With(logs)), Back(log, With(logs + more)));
                    less.Agents.Select(a => a.Name).Order().ShouldBe(better.Agents.Select(a => a.Name).Order());
                    less.Agents.Select(a => a.Name)
                        .Order()
                        .ShouldBe(Agents.All.Where(a => days >= a.FromDays - 1e-9 && days <= a.ToDays + 1e-9).Select(a => a.Name).Order());
                    foreach (var agent in less.Agents)
                    {
                        agent.Fits.Single().ShortByLogs.ShouldBe(Math.Max(0, LogTarget.Standard(agent.Organism) - logs), 1e-9);
                        Agent(better, agent.Name)!.Fits.Single().ShortByLogs.ShouldBeLessThanOrEqualTo(agent.Fits.Single().ShortByLogs);
                    }
                },
                iter: 200
            );

    [Fact]
    public void Water_that_met_the_target_points_to_hands_and_food()
    {
        var log = new Log();
        Back(log, Ledger(Drunk(log, 5))).Headline.ShouldBe("All the water that fits in time met the target: look at hands and food first");
    }

    [Fact]
    public void Nothing_drunk_fits_nothing() =>
        LookBack
            .Compute(new(UnitSystem.Metric, Onset, Now: Onset))
            .Headline.ShouldBe("No water written in the book fits in time; what was drunk and not written may");

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
