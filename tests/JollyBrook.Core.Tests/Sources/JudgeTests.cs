using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Sources;

public class JudgeTests
{
    private static readonly SourceInput GoodSpring = new(
        SourceKind.Spring,
        SourceFlow.Flowing,
        [Sighting.LivingInsects],
        YesNo.Yes,
        YesNo.No
    );

    private static JudgeResponse Judge(SourceInput source, WaterInput? water = null, IReadOnlyList<TripSourceEntry>? trip = null) =>
        JudgeSource.Compute(new JudgeRequest(UnitSystem.Metric, source, water ?? Ask.Water(1), trip, Kits.Now));

    [Theory]
    [InlineData(Sighting.FuelSheen)]
    [InlineData(Sighting.MineDrainage)]
    [InlineData(Sighting.Pesticide)]
    [InlineData(Sighting.Bloom)]
    [InlineData(Sighting.DeadFish)]
    [InlineData(Sighting.Salt)]
    [InlineData(Sighting.IndustrialOutfall)]
    [InlineData(Sighting.PostedClosure)]
    public void What_nothing_carried_here_fixes_stops_every_way_to_a_dose(Sighting seen)
    {
        var source = GoodSpring with { Seen = [seen] };
        var judged = Judge(source);
        judged.Verdict.ShouldBe(Verdict.DoNotUse);
        judged.Collect.ShouldBeEmpty();
        judged.Explanation.ShouldContain("Treating does not help");

        var request = new TreatRequest(UnitSystem.Metric, Ask.Water(1), "nadcc-8.5", Source: source, Chemical: Ask.InDateInShade);
        ChainList.Compute(request).Chains.ShouldAllBe(c => c.Outcome == TreatOutcome.Refused && c.Why.Length > 0);
        var answer = Treat.Compute(request);
        answer.Headline.ShouldBe("Do not use this water");
        answer.Refusal!.Code.ShouldBe(RefusalCode.DoNotUse);
        answer.Steps.ShouldBeEmpty();
        answer.ShouldSatisfyAllConditions(
            a => a.Dose.ShouldBeNull(),
            a => a.Contact.ShouldBeNull(),
            a => a.Boil.ShouldBeNull(),
            a => a.Clearing.ShouldBeNull(),
            a => a.Working.ShouldHaveSingleItem(),
            a => a.Supplies!.ShouldBeEmpty()
        );
        answer.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
    }

    [Fact]
    public void Nothing_against_it_is_still_treated()
    {
        var judged = Judge(GoodSpring);
        judged.Verdict.ShouldBe(Verdict.Use);
        judged.Words.ShouldBe("Use it, treated");
        judged.Reasons.ShouldAllBe(r => r.Weight == SignWeight.Good);
    }

    [Fact]
    public void One_care_or_one_unknown_is_use_with_care()
    {
        Judge(GoodSpring with { Seen = [Sighting.Stock] }).Verdict.ShouldBe(Verdict.UseWithCare);
        Judge(GoodSpring with { RainLastDay = YesNo.Unknown }).Verdict.ShouldBe(Verdict.UseWithCare);
        Judge(GoodSpring with { Kind = SourceKind.Stream, UpstreamWalked = YesNo.No }).Verdict.ShouldBe(Verdict.UseWithCare);
        Judge(GoodSpring with { Flow = null }).Verdict.ShouldBe(Verdict.UseWithCare);
        Judge(GoodSpring, Ask.Water(1, temperatureC: 4.9)).Reasons.ShouldContain(r => r.Code == "very-cold");
    }

    [Fact]
    public void Foul_and_standing_or_three_cares_is_a_last_resort()
    {
        Judge(new SourceInput(SourceKind.Pond, SourceFlow.Stagnant, [Sighting.Stock], YesNo.Yes, YesNo.No))
            .Verdict.ShouldBe(Verdict.LastResort);
        Judge(GoodSpring with { Seen = [Sighting.Stock, Sighting.CampOrToilet], RainLastDay = YesNo.Yes })
            .Verdict.ShouldBe(Verdict.LastResort);
        Judge(GoodSpring with { Seen = [Sighting.Stock, Sighting.CampOrToilet] }).Verdict.ShouldBe(Verdict.UseWithCare);
    }

    [Fact]
    public void What_is_counted_as_standing_is_judged_as_standing()
    {
        // A pond with stock: stagnant is a last resort, and so is flow that nobody looked at.
        var pond = new SourceInput(SourceKind.Pond, SourceFlow.Stagnant, [Sighting.Stock], YesNo.Yes, YesNo.No);
        Judge(pond).Verdict.ShouldBe(Verdict.LastResort);
        Judge(pond with { Flow = SourceFlow.Unknown }).Verdict.ShouldBe(Verdict.LastResort);
        Judge(pond with { Flow = null }).Verdict.ShouldBe(Verdict.LastResort);
        Judge(pond with { Flow = SourceFlow.Slow }).Verdict.ShouldBe(Verdict.UseWithCare);
        // Nothing known at all is three cares and more.
        Judge(new SourceInput(null, null, null, null, null)).Verdict.ShouldBe(Verdict.LastResort);
    }

    [Fact]
    public void Not_knowing_never_judges_better_than_the_worst_that_is_known() =>
        Gen.Select(Source, Gen.Enum<WaterColour>(), Gen.OneOf<double?>(null, 0, 4.9, 5, 15))
            .Sample(
                (told, colour, cold) =>
                {
                    int Of(SourceInput source, WaterColour seen, double? celsius) =>
                        (int)Judge(source, Ask.Water(1, temperatureC: celsius, colour: seen)).Verdict;
                    var known = Enum.GetValues<SourceFlow>()
                        .Where(f => f != SourceFlow.Unknown)
                        .Max(f => Of(told with { Flow = f }, colour, cold));
                    Of(told with { Flow = SourceFlow.Unknown }, colour, cold).ShouldBeGreaterThanOrEqualTo(known);
                    Of(told with { RainLastDay = null }, colour, cold)
                        .ShouldBeGreaterThanOrEqualTo(Of(told with { RainLastDay = YesNo.Yes }, colour, cold));
                    Of(told with { UpstreamWalked = null }, colour, cold)
                        .ShouldBeGreaterThanOrEqualTo(Of(told with { UpstreamWalked = YesNo.No }, colour, cold));
                    Of(told, WaterColour.Unknown, cold).ShouldBeGreaterThanOrEqualTo(Of(told, WaterColour.Tea, cold));
                    Of(told, colour, null).ShouldBeGreaterThanOrEqualTo(Of(told, colour, 0));
                    // Any sign ticked never makes it better, but for the good ones.
                    Of(told with { Seen = [.. told.Seen!, Sighting.Stock] }, colour, cold)
                        .ShouldBeGreaterThanOrEqualTo(Of(told, colour, cold));
                }
            );

    [Theory]
    [InlineData(SourceKind.Tap)]
    [InlineData(SourceKind.Rain)]
    public void What_has_no_flow_is_not_asked_for_it(SourceKind kind) =>
        Judge(new SourceInput(kind, null, [], null, null)).Verdict.ShouldBe(Verdict.Use);

    [Theory]
    [InlineData(SourceKind.Stream, true)]
    [InlineData(SourceKind.River, true)]
    [InlineData(SourceKind.Ditch, true)]
    [InlineData(SourceKind.Spring, false)]
    [InlineData(SourceKind.Well, false)]
    [InlineData(SourceKind.Pothole, false)]
    public void Upstream_is_asked_where_there_is_one(SourceKind kind, bool asked) =>
        Judge(GoodSpring with { Kind = kind, UpstreamWalked = null }).Reasons.Any(r => r.Code == "upstream-not-walked").ShouldBe(asked);

    private static readonly Gen<SourceInput> Source =
        from kind in Gen.Enum<SourceKind>()
        from flow in Gen.Enum<SourceFlow>()
        from seen in Gen.Enum<Sighting>().Array[0, 3]
        from walked in Gen.Enum<YesNo>()
        from rain in Gen.Enum<YesNo>()
        select new SourceInput(kind, flow, seen, walked, rain);

    [Fact]
    public void Every_reason_says_what_it_is_and_all_but_the_good_what_would_change_it()
    {
        var judged = Judge(
            new SourceInput(SourceKind.Stream, SourceFlow.Unknown, [.. Enum.GetValues<Sighting>()], YesNo.No, YesNo.Yes),
            Ask.Water(1, temperatureC: 2, colour: WaterColour.Tea)
        );
        judged.Reasons.ShouldAllBe(r => r.Reason.Length > 0);
        judged.Reasons.Where(r => r.Weight != SignWeight.Good).ShouldAllBe(r => r.Change.Length > 0);
        judged.Reasons[0].Weight.ShouldBe(SignWeight.Stop);
    }

    [Theory]
    [InlineData(1499, Verdict.Use)]
    [InlineData(1500, Verdict.DoNotUse)]
    public void High_conductivity_raises_the_salt_flag(double conductivity, Verdict verdict) =>
        Judge(GoodSpring with { ConductivityUsCm = conductivity }).Verdict.ShouldBe(verdict);

    [Fact]
    public void People_or_stock_above_put_viruses_back()
    {
        var answer = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1),
                "boil",
                CountViruses: false,
                Source: GoodSpring with
                {
                    Seen = [Sighting.CampOrToilet],
                }
            )
        );
        answer.Row(OrganismClass.Viruses).TargetLogs.ShouldBe(4);
        answer.Assumptions.ShouldContain(a => a.Field == "countViruses" && a.Message.Contains("viruses count here"));
    }

    [Theory]
    [InlineData(SourceKind.Stream, SourceFlow.Flowing, "mouth pointing downstream")]
    [InlineData(SourceKind.Lake, SourceFlow.Slow, "away from scum and shore")]
    [InlineData(SourceKind.Seep, SourceFlow.Slow, "leaf, bark or foil as a lip")]
    public void How_to_draw_here(SourceKind kind, SourceFlow flow, string words)
    {
        var lines = Judge(GoodSpring with { Kind = kind, Flow = flow }).Collect;
        lines.ShouldContain(l => l.Contains(words));
        lines[^1].ShouldContain("dirty container");
    }

    [Fact]
    public void A_bloom_sends_on_to_the_next_source_of_the_trip()
    {
        TripSourceEntry[] trip =
        [
            new("tarn", new TripSource("Heron tarn", SourceClass.Lake, 6.0)),
            new("spring", new TripSource("Ledge spring", SourceClass.Perennial, 8.4, true, Kits.Now.AddDays(-21))),
        ];
        var judged = Judge(GoodSpring with { Kind = SourceKind.Lake, Seen = [Sighting.Bloom], Here = "tarn" }, trip: trip);
        judged.Next!.Name.ShouldBe("Ledge spring");
        judged.Next.Reliability.ShouldBe(0.975, 1e-9); // 0.98 + (0.97 − 0.98)/2 after one half-life
        judged.GoOn.ShouldBe("Go on to Ledge spring: 2.4 km on, runs with a chance of 97 %.");
        Judge(GoodSpring with { Seen = [Sighting.Bloom] }).GoOn.ShouldContain("No trip is loaded");
    }

    [Fact]
    public void A_report_fades_back_to_its_class()
    {
        SourceReliability.At(SourceClass.SeasonalLate, true, 0).ShouldBe(0.97);
        SourceReliability.At(SourceClass.SeasonalLate, false, 21).ShouldBe(0.225, 1e-9); // 0.4 + (0.05 − 0.4)/2
        SourceReliability.At(SourceClass.SeasonalLate, null, 0).ShouldBe(0.4);
    }
}
