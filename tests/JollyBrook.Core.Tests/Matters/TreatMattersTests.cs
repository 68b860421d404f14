using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Matters;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Safe;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;
using Shouldly;
using Xunit;

namespace JollyBrook.Core.Tests.Matters;

public class TreatMattersTests
{
    private static readonly SourceInput Brook = new(SourceKind.Stream, SourceFlow.Flowing, [], YesNo.Yes, YesNo.No);

    /// <summary>Whole kits, and no kit at all, where the generic methods stand in.</summary>
    private static readonly Gen<TreatRequest> Situations = Gen.Select(SafeCases.Any, Gen.Int[0, 4], (request, kit) =>
        kit == 0 ? request with { Kit = [] } : request
    );

    private static MattersResponse Ask(TreatRequest request, params string[] told) =>
        WhatMatters.Compute(new MattersRequest(new TreatInQuestion(request), told));

    /// <summary>
    /// Chlorine dioxide in water of unknown cold: counted as ice-cold. By the label 4 h in the cold, 30 min from 20 °C on.
    /// </summary>
    [Fact]
    public void Measuring_the_cold_is_worth_the_wait_it_saves()
    {
        var request = new TreatRequest(
            UnitSystem.Metric,
            Tests.Ask.Water(1, temperatureC: null),
            "nadcc-8.5",
            false,
            Chemical: Tests.Ask.InDateInShade,
            Source: Brook
        );

        var cold = Ask(request).Questions.Single(q => q.Field == "water.temperatureC");

        var iceCold = Treat.Compute(request).DrinkableMinutes!.Value;
        var mild = Treat.Compute(request with { Water = Tests.Ask.Water(1, temperatureC: 20) }).DrinkableMinutes!.Value;
        var tried = cold.Tried.Single(t => t.Value == 20);
        (iceCold - mild).ShouldBeGreaterThan(0);
        tried.Stake.IsWorse.ShouldBeFalse();
        tried.Name.ShouldBe("20 °C");
        cold.CountedAs.ShouldBe("0 °C, the coldest");
    }

    [Fact]
    public void Stop_signs_come_first_until_somebody_has_looked()
    {
        var request = new TreatRequest(UnitSystem.Metric, Tests.Ask.Water(1), null, Source: Brook);

        Ask(request).Questions[0].Field.ShouldBe("source.seen");
        Ask(request).Questions[0].Words.ShouldContain("do not use");
        Ask(request, "source.seen").Questions.ShouldAllBe(q => q.Field != "source.seen");
    }

    [Fact]
    public void What_was_told_is_not_asked_again()
    {
        var request = new TreatRequest(
            UnitSystem.Metric,
            Tests.Ask.Water(1, Clarity.SlightlyCloudy),
            "nadcc-8.5",
            false,
            Chemical: Tests.Ask.InDateInShade,
            Source: Brook
        );

        Ask(request).Questions.ShouldContain(q => q.Field == "water.clarity");
        Ask(request, "water.clarity").Questions.ShouldNotContain(q => q.Field == "water.clarity");
    }

    [Fact]
    public void Acidity_is_nothing_to_ask_of_who_boils()
    {
        var request = new TreatRequest(UnitSystem.Metric, Tests.Ask.Water(1), TreatmentMethods.Boil, Source: Brook);

        var answer = Ask(request);

        answer.Questions.ShouldNotContain(q => q.Field == "chemical.ph");
        answer.Settled.ShouldContain(s => s.Field == "chemical.ph");
    }

    [Fact]
    public void Nothing_asked_about_is_refused_by_name()
    {
        var problem = Should.Throw<BadInputException>(() => WhatMatters.Compute(new MattersRequest(null)));

        problem.Errors.ShouldContain(e => e.Field == "of");
    }

    /// <summary>Whatever is settled may turn out either way, anywhere in what is plausible, and nothing shown as certain moves.</summary>
    [Fact]
    public void What_is_not_listed_changes_nothing_that_is_certain() =>
        Gen.Select(Situations, Gen.Double[0, 1])
            .Sample(
                (request, at) =>
                {
                    var shown = Certain(request);
                    foreach (var settled in Ask(request).Settled)
                    {
                        foreach (var other in Answered(request, settled.Field, at))
                        {
                            Certain(other).ShouldBe(shown, settled.Field);
                        }
                    }
                },
                iter: 400
            );

    /// <summary>An answer is said to change nothing exactly where Treat itself shows no other answer.</summary>
    [Fact]
    public void What_is_listed_is_what_Treat_would_say() =>
        Situations.Sample(
            request =>
            {
                var shown = Certain(request);
                var clarity = Ask(request).Questions.FirstOrDefault(q => q.Field == "water.clarity");
                foreach (var tried in clarity?.Tried ?? [])
                {
                    var then = Certain(
                        request with
                        {
                            Water = request.Water! with
                            {
                                Clarity = Enum.Parse<Clarity>(tried.Id, ignoreCase: true),
                                VanishingDepthCm = null,
                                TurbidityNtu = null,
                            },
                        }
                    );
                    (tried.Stake.Kind == StakeKind.Nothing).ShouldBe(then == shown, tried.Id);
                }
            },
            iter: 400
        );

    private static (Verdict?, TreatOutcome, string, string, string, double?) Certain(TreatRequest request)
    {
        var answer = Treat.Compute(request);
        var refused = answer.Outcome == TreatOutcome.Refused;
        return (
            answer.SourceVerdict,
            answer.Outcome,
            answer.Outcome == TreatOutcome.ShortOfTarget ? string.Join(',', answer.ShortOf) : "",
            refused ? "" : answer.Method,
            refused ? "" : answer.Headline,
            answer.DrinkableMinutes
        );
    }

    /// <summary>
    /// The request with a field answered: every choice there is, or the number that lies at a share of the plausible range.
    /// </summary>
    private static IEnumerable<TreatRequest> Answered(TreatRequest r, string field, double at)
    {
        double Between(double least, double most) => least + (at * (most - least));
        var source = r.Source ?? new SourceInput(null, null, null, null, null);
        var chemical = r.Chemical ?? new ChemicalOptions();
        var boil = r.Boil ?? new BoilOptions();
        var container = r.Container ?? new ContainerInput();
        var sky = r.Sky ?? new SkyInput();
        return field switch
        {
            "source.flow" => new[] { SourceFlow.Flowing, SourceFlow.Slow, SourceFlow.Stagnant }.Select(v =>
                r with
                {
                    Source = source with { Flow = v },
                }
            ),
            "source.upstreamWalked" => new[] { YesNo.Yes, YesNo.No }.Select(v => r with { Source = source with { UpstreamWalked = v } }),
            "source.rainLastDay" => new[] { YesNo.Yes, YesNo.No }.Select(v => r with { Source = source with { RainLastDay = v } }),
            "water.clarity" => new[] { Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy, Clarity.Muddy, Clarity.Slurry }.Select(v =>
                r with
                {
                    Water = r.Water! with { Clarity = v, VanishingDepthCm = null, TurbidityNtu = null },
                }
            ),
            "water.colour" => new[] { WaterColour.None, WaterColour.Tea, WaterColour.Green }.Select(v =>
                r with
                {
                    Water = r.Water! with { Colour = v },
                }
            ),
            "water.temperatureC" => [r with { Water = r.Water! with { TemperatureC = Between(0, 30) } }],
            "water.elevationM" => [r with { Water = r.Water! with { ElevationM = Between(0, 4500) } }],
            "sky.airTemperatureC" =>
            [
                r with
                {
                    Sky = sky with { AirTemperatureC = Between(-20, 35) },
                    Boil = boil with { AirTemperatureC = Between(-20, 35) },
                },
            ],
            "sky.cloudCover" => [r with { Sky = sky with { CloudCover = at } }],
            "clearing.grit" => new[] { Grit.Sandy, Grit.Silty, Grit.FineSilt, Grit.Clay }.Select(v =>
                r with
                {
                    Clearing = (r.Clearing ?? new ClearingOptions()) with { Grit = v },
                }
            ),
            "container.depthCm" => [r with { Container = container with { DepthCm = Between(3, 40) } }],
            "container.opaque" => new[] { true, false }.Select(v => r with { Container = container with { Opaque = v } }),
            "chemical.date" => new[] { DateCheck.InDate, DateCheck.Past }.Select(v => r with { Chemical = chemical with { Date = v } }),
            "chemical.light" => new[] { BottleLight.ShadeOrOpaque, BottleLight.ClearInSun }.Select(v =>
                r with
                {
                    Chemical = chemical with { Light = v },
                }
            ),
            "chemical.ph" => [r with { Chemical = chemical with { PH = Between(6, 9) } }],
            "chemical.dropCount.drops" => [r with { Chemical = chemical with { DropCount = new DropCount(Between(12, 30), 1) } }],
            "boil.lidOn" => new[] { true, false }.Select(v => r with { Boil = boil with { LidOn = v } }),
            "boil.cooling" => new[] { CoolingPlace.StillAir, CoolingPlace.Stream }.Select(v => r with { Boil = boil with { Cooling = v } }),
            _ => [],
        };
    }
}
