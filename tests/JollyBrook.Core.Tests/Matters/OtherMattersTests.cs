using CsCheck;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Matters;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Tests.Scarcity;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Matters;

/// <summary>What matters to a party that is short of water, and to a kit before a trip.</summary>
public class OtherMattersTests
{
    private static readonly Gen<TriageRequest> Short =
        from inHand in Gen.Double[0, 6]
        from need in Gen.Double[0.2, 2]
        from people in Gen.Int[1, 4]
        from ahead in Gen.Double[0.5, 25]
        from behind in Gen.Double[0.5, 25]
        from chances in Gen.Double[0, 1].Nullable(0.6).Array[2]
        from signs in Gen.Enum<BodySigns>()
        from help in Gen.Double[0, 48].Nullable(0.6)
        from here in Gen.OneOf(Gen.Const((bool?)null), Gen.Const((bool?)true), Gen.Const((bool?)false))
        select new TriageRequest(
            null,
            inHand,
            need,
            people,
            Sources:
            [
                new NearSource("Well", Direction.Ahead, ahead, chances[0]),
                new NearSource("Brook", Direction.Behind, behind, chances[1]),
            ],
            Signs: signs,
            HelpHours: help,
            WaterHere: here
        );

    private static MattersResponse Of(TriageRequest request, params string[] told) =>
        WhatMatters.Compute(new MattersRequest(new ShortageInQuestion(request), told));

    [Fact]
    public void How_the_body_stands_is_asked_until_it_is_told()
    {
        var request = new TriageRequest(null, 1, 0.5, 1, Sources: [new NearSource("Well", Direction.Ahead, 4)]);

        Of(request).Questions.ShouldContain(q => q.Field == "signs");
        Of(request with { Signs = BodySigns.None }).Questions.ShouldNotContain(q => q.Field == "signs");
        Of(request, "signs").Questions.ShouldNotContain(q => q.Field == "signs");
    }

    /// <summary>That nobody has said "no help is coming" says nothing about when it could.</summary>
    [Fact]
    public void When_help_could_come_is_asked_until_it_is_told()
    {
        // An hour's water, the well 6 h away and the brook as far: help within the hour is the way out.
        var request = new TriageRequest(
            null,
            0.5,
            0.5,
            1,
            Sources: [new NearSource("Well", Direction.Ahead, 24), new NearSource("Brook", Direction.Behind, 24)],
            NoHelp: false,
            Signs: BodySigns.Thirsty
        );

        Of(request).Questions.ShouldContain(q => q.Field == "helpHours");
        Of(request with { NoHelp = true }).Questions.ShouldNotContain(q => q.Field == "helpHours");
        Of(request with { HelpHours = 3 }).Questions.ShouldNotContain(q => q.Field == "helpHours");
    }

    /// <summary>What is settled may turn out either way, and the party is sent the same way with the same word.</summary>
    [Fact]
    public void What_is_settled_sends_nobody_another_way() =>
        Gen.OneOf(Short, TriageCases.State)
            .Sample(
                request =>
                {
                    var now = Triage.Compute(request);
                    foreach (var settled in Of(request).Settled)
                    {
                        foreach (var other in Answered(request, settled.Field))
                        {
                            var then = Triage.Compute(other);
                            (then.Stage, then.Best, then.CallForHelp, then.Action).ShouldBe(
                                (now.Stage, now.Best, now.CallForHelp, now.Action),
                                settled.Field
                            );
                        }
                    }
                },
                iter: 300
            );

    private static IEnumerable<TriageRequest> Answered(TriageRequest r, string field) =>
        field switch
        {
            "helpHours" => new[] { 1.0, 3, 8, 24 }.Select(h => r with { HelpHours = h }).Append(r with { NoHelp = true }),
            "waterHere" => [r with { WaterHere = true }, r with { WaterHere = false }],
            "means" => Enum.GetValues<Means>().Where(m => m != Means.Unknown).Select(m => r with { Means = m }),
            "sources.0.chance" when r.Sources!.Count > 1 =>
            [
                r with
                {
                    Sources = [r.Sources![0] with { Chance = 1 }, .. r.Sources.Skip(1)],
                },
                r with
                {
                    Sources = [r.Sources[0] with { Chance = 0 }, .. r.Sources.Skip(1)],
                },
            ],
            "sources.1.chance" when r.Sources!.Count == 2 =>
            [
                r with
                {
                    Sources = [r.Sources![0], r.Sources[1] with { Chance = 1 }],
                },
                r with
                {
                    Sources = [r.Sources[0], r.Sources[1] with { Chance = 0 }],
                },
            ],
            _ => [],
        };

    /// <summary>A lamp alone treats no cloudy water: whether the worst water is clear decides the first finding.</summary>
    [Fact]
    public void A_kit_of_light_alone_hangs_on_how_cloudy_the_water_is()
    {
        var request = new KitCheckRequest(
            null,
            [Kits.Entry(Kits.Lamp)],
            Trip: new KitTrip(Litres: 8, ColdestWaterC: 10, Colour: WaterColour.None, HighestM: 500, ColdestAirC: 10)
        );

        var question = WhatMatters
            .Compute(new MattersRequest(new KitInQuestion(request)))
            .Questions.Single(q => q.Field == "trip.worstClarity");

        question.Tried.Single(t => t.Id == "clear").Stake.IsWorse.ShouldBeFalse();
        question.Tried.Single(t => t.Id == "clear").Stake.Kind.ShouldBe(StakeKind.Outcome);
        question.Tried.Single(t => t.Id == "muddy").Stake.Kind.ShouldBe(StakeKind.Nothing, "not known counts as cloudy already");
    }

    [Fact]
    public void A_trip_that_tells_all_leaves_nothing_to_ask() =>
        WhatMatters
            .Compute(
                new MattersRequest(
                    new KitInQuestion(
                        new KitCheckRequest(
                            null,
                            [Kits.Entry(Kits.Lamp)],
                            Trip: new KitTrip(
                                8,
                                WorstClarity: Clarity.Clear,
                                ColdestWaterC: 10,
                                Colour: WaterColour.None,
                                HighestM: 500,
                                ColdestAirC: 10
                            )
                        )
                    )
                )
            )
            .Questions.ShouldBeEmpty();
}
