using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Scarcity.Searching;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Tests.Scarcity.Searching;

/// <summary>Searching, handbook rooms 90 and 70.</summary>
public class SearchWaterTests
{
    /// <summary>
    /// One of 75 kg, 0.6 L/h walking and 1.5 mL/kg/h = 0.1125 L/h at rest, well; 2 L in hand; sure water 3 km on, 45 min and 0.45 L.
    /// </summary>
    private static readonly TriageRequest Standing = new(
        null,
        2,
        0.6,
        1,
        Effort: new Effort(22, 60, SunLoad.Full, 4, 0),
        Sources: [new NearSource("Mill spring", Direction.Ahead, 3, 0.99)],
        Signs: BodySigns.None
    );

    private static SearchResponse Search(TriageRequest? standing = null, CountrySigns? country = null, params SeenSign[] seen) =>
        SearchWater.Compute(new SearchRequest(null, standing ?? Standing, seen, country));

    /// <summary>Green 15 min away: (0.6·30 + 0.1125·5)/60 = 0.3094 L for 45 %; spare 2 + 0.03·75 − 0.45 = 3.8 L.</summary>
    [Fact]
    public void A_look_costs_the_way_there_and_back_against_its_chance()
    {
        var answer = Search(seen: new SeenSign(GroundSign.GreenLine));
        var look = answer.Looks.ShouldHaveSingleItem();
        (look.Minutes, look.IsWithin).ShouldBe((35, true));
        look.Chance.ShouldBe(0.45, 1e-9);
        look.Litres.ShouldBe(0.309375, 1e-9);
        answer.SpareL.ShouldBe(3.8, 1e-9);
        answer.ChanceOfAny.ShouldBe(0.45, 1e-9);
        answer.Headline.ShouldBe("First: a line or patch of green");
        answer.Stop.ShouldBe("Stop when 3.8 L are spent, at the latest after these 35 min. Then go on to Mill spring: 0.45 L, 45 min.");
        Search(seen: new SeenSign(GroundSign.GreenLine, 30)).Looks[0].Minutes.ShouldBe(65);
    }

    /// <summary>
    /// logit 0.45 = −0.2007; rain +0.5 is 57.4 %, a hot dry month −0.5 is 33.2 %. People are where they are in any weather.
    /// </summary>
    [Fact]
    public void Rain_and_heat_move_what_hangs_on_the_weather()
    {
        SeenSign[] seen = [new(GroundSign.GreenLine), new(GroundSign.People)];
        double Chance(CountrySigns? country, GroundSign sign) => Search(null, country, seen).Looks.Single(l => l.Sign == sign).Chance;
        Chance(new CountrySigns(RainLastWeek: true), GroundSign.GreenLine).ShouldBe(0.5743, 1e-4);
        Chance(new CountrySigns(HotDryMonth: true), GroundSign.GreenLine).ShouldBe(0.3317, 1e-4);
        Chance(new CountrySigns(true, true), GroundSign.GreenLine).ShouldBe(0.45, 1e-9);
        Chance(new CountrySigns(RainLastWeek: true), GroundSign.People).ShouldBe(0.5);
    }

    [Fact]
    public void A_neighbour_found_dry_makes_every_seep_less_likely()
    {
        var trip = Tests.Carry.Routes.Level(20, ("Moss", 4, 0.5));
        var now = trip.Now ?? Kits.Now;
        Core.Carry.PlanRequest With(bool? flowing) =>
            trip with
            {
                Now = now,
                Sources =
                [
                    .. trip.Sources!.Select(s =>
                        s with
                        {
                            Source = s.Source with
                            {
                                Chance = null,
                                Class = SourceClass.Seep,
                                ReportedFlowing = flowing,
                                ReportedAt = flowing is null ? null : now.AddDays(-1),
                            },
                        }
                    ),
                ],
            };
        double Chance(bool? flowing) =>
            Search(Standing with { Walk = With(flowing), AlongKm = 1 }, null, new SeenSign(GroundSign.FreshTracks)).Looks[0].Chance;
        Chance(false).ShouldBeLessThan(Chance(null));
        Chance(true).ShouldBeGreaterThan(Chance(null));
        Chance(null).ShouldBe(0.4, 1e-9);
        Search(Standing with { Walk = With(false), AlongKm = 1 }, null, new SeenSign(GroundSign.FreshTracks))
            .Looks[0]
            .ChanceWhy.ShouldBe("Moss found dry");
    }

    [Fact]
    public void Nothing_is_looked_at_that_takes_what_the_sure_way_needs()
    {
        // 0.05 L in hand, and already 3 % short: nothing is left to look around with.
        var dry = Search(Standing with { InHandL = 0.05, Signs = BodySigns.Grave }, null, new SeenSign(GroundSign.GreenLine));
        dry.SpareL.ShouldBeLessThan(0);
        dry.Looks.ShouldAllBe(l => !l.IsWithin);
        dry.ChanceOfAny.ShouldBe(0);
        dry.Headline.ShouldBe("Do not look around any more");
        dry.Stop.ShouldStartWith("There is nothing to spare: ");
    }

    [Fact]
    public void Without_any_sure_water_it_says_so()
    {
        var answer = Search(Standing with { Sources = [] }, null, new SeenSign(GroundSign.ValleyFloor));
        answer.Assumptions.Select(a => a.Field).ShouldContain("standing.sources");
        answer.Stop.ShouldEndWith("Then rest in the shade and call for help: no sure water is known.");
        Search().Headline.ShouldBe("Tick what you see from here");
        Search().Known.Select(s => s.Sign).ShouldBe(Enum.GetValues<GroundSign>(), ignoreOrder: true);
    }

    [Fact]
    public void A_dug_look_costs_its_digging_and_says_when_to_stop()
    {
        var (damp, cliff) = (Search(seen: new SeenSign(GroundSign.DampSand, 5)), Search(seen: new SeenSign(GroundSign.FootOfCliff, 5)));
        // Half an hour's digging on top of 10 min of walking and half an hour at rest: 0.1 + 0.05625 L and the digger's sweat.
        damp.Looks[0].Litres.ShouldBeGreaterThan(0.157 + 0.1);
        damp.Cautions.Single(c => c.Code == "dig").Message.ShouldContain("100 cm");
        cliff.Cautions.ShouldNotContain(c => c.Code == "dig");
    }

    [Fact]
    public void Bad_input_is_named()
    {
        Should.Throw<BadInputException>(() => Search(seen: new SeenSign(null))).Errors[0].Field.ShouldBe("seen.sign");
        Should
            .Throw<BadInputException>(() => Search(seen: new SeenSign(GroundSign.Birds, 601)))
            .Errors[0]
            .Field.ShouldBe("seen.awayMinutes");
        Should.Throw<BadInputException>(() => SearchWater.Compute(new SearchRequest(null, null))).Errors[0].Field.ShouldBe("standing");
        Should.Throw<BadInputException>(() => Search(Standing with { InHandL = null })).Errors[0].Field.ShouldBe("inHandL");
    }

    private static readonly Gen<SeenSign[]> AnySeen = Gen.Select(Gen.Enum<GroundSign>(), Gen.Double[0, 120])
        .Select((s, m) => new SeenSign(s, m))
        .Array[1, 5];

    /// <summary>No other order of the same looks finds water for fewer litres in the mean: every permutation is tried.</summary>
    [Fact]
    public void No_other_order_finds_water_for_less() =>
        AnySeen.Sample(
            seen =>
            {
                var looks = Search(null, null, seen).Looks;
                var mean = Mean(looks);
                Permutations([.. looks]).ShouldAllBe(other => Mean(other) >= mean - 1e-9);
            },
            iter: 200
        );

    /// <summary>A drier country never makes a find likelier; a farther look never costs less.</summary>
    [Fact]
    public void Drier_is_never_likelier_and_farther_never_cheaper() =>
        Gen.Select(Gen.Enum<GroundSign>(), Gen.Double[0, 300], Gen.Double[0, 300])
            .Sample(
                (sign, near, more) =>
                {
                    SearchLook At(double minutes, bool dry) =>
                        Search(null, new CountrySigns(HotDryMonth: dry), new SeenSign(sign, minutes)).Looks[0];
                    At(near, true).Chance.ShouldBeLessThanOrEqualTo(At(near, false).Chance);
                    At(near + more, false).Litres.ShouldBeGreaterThanOrEqualTo(At(near, false).Litres);
                }
            );

    private static double Mean(IReadOnlyList<SearchLook> looks)
    {
        var (mean, none) = (0.0, 1.0);
        foreach (var look in looks)
        {
            mean += none * look.Litres;
            none *= 1 - look.Chance;
        }

        return mean;
    }

    private static IEnumerable<SearchLook[]> Permutations(SearchLook[] looks) =>
        looks.Length <= 1
            ? [looks]
            : looks.SelectMany(
                (first, i) => Permutations([.. looks.Where((_, j) => j != i)]).Select(rest => (SearchLook[])[first, .. rest])
            );
}
