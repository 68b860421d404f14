using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Safe;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Treatment;

/// <summary>What holds for every chain of every kit on every water.</summary>
public class ChainPropertiesTests
{
    private const double Tolerance = 1e-9;
    private const int Kits = 1000;

    private static readonly Gen<FilterAsIs> Filter =
        from element in Gen.Enum<FilterElement>()
        from style in Gen.Enum<FilterStyle>()
        from flow in Gen.Double[0.1, 3]
        from used in Gen.Double[0, 5000]
        from load in Gen.Double[0, 3000]
        from frozen in SafeCases.Happening
        from dropped in SafeCases.Happening
        select new FilterAsIs(element, style, flow, 4000, used, load, 0.05, Happened.Yes, frozen, dropped);

    private static readonly Gen<ProductSpec> Product =
        from profile in Gen.OneOf(ChemicalProfiles.All.ToArray())
        from days in Gen.Int[-60, 900]
        from age in Gen.Int[0, 500]
        select new ProductSpec(profile.Id, Day.AddDays(days), Day.AddDays(-age), 6);

    private static readonly DateOnly Day = DateOnly.FromDateTime(Tests.Kits.Now.DateTime);

    private static readonly Gen<KitEntry[]> Kit =
        from filters in Filter.Array[0, 2]
        from lamps in SafeCases.Lamp.Array[0, 1]
        from products in Product.Array[1, 3]
        from stove in Gen.Bool
        from alum in Gen.Bool
        select Entries(filters, lamps, products, stove, alum);

    private static readonly Gen<WaterInput> Water =
        from litres in Gen.Double[0.25, 20]
        from clarity in Gen.Enum<Clarity>()
        from colour in Gen.Enum<WaterColour>()
        from temperature in Gen.Double[0, 30]
        from elevation in Gen.Double[0, 5000]
        select new WaterInput(litres, clarity, colour, temperature, elevation);

    private static KitEntry[] Entries(FilterAsIs[] filters, LampAsIs[] lamps, ProductSpec[] products, bool stove, bool alum) =>
        [
            .. filters.Select((f, i) => Tests.Kits.Entry(f, $"filter{i}")),
            .. lamps.Select((l, i) => Tests.Kits.Entry(l, $"lamp{i}")),
            .. products.Select((p, i) => Tests.Kits.Entry(p, $"product{i}")),
            .. stove ? new[] { Tests.Kits.Burner() } : [],
            .. alum ? new[] { Tests.Kits.Entry(Tests.Kits.Alum) } : [],
        ];

    private static TreatRequest Request(KitEntry[] kit, WaterInput water, string? method = null) =>
        new(
            UnitSystem.Metric,
            water,
            method,
            StartAt: Tests.Kits.Now,
            Kit: kit,
            Chemical: new ChemicalOptions(Light: BottleLight.ShadeOrOpaque),
            Container: new ContainerInput(false, true, CapacityL: 1),
            Sky: new SkyInput(10, 46.2, -28.6, 0.2, false, Day),
            Clearing: new(Grit.Silty)
        );

    [Fact]
    public void No_ledger_exceeds_its_parts_and_nothing_short_is_shown_as_meeting() =>
        Gen.Select(Kit, Water, Gen.Bool)
            .Sample(
                (kit, water, viruses) =>
                {
                    var request = Request(kit, water) with { CountViruses = viruses };
                    var list = ChainList.Compute(request);
                    list.Chains.ShouldNotBeEmpty();
                    foreach (var chain in list.Chains)
                    {
                        var answer = Treat.Compute(request with { Method = chain.Id });
                        var parts = chain.Id.Split('+').Select(id => Treat.Compute(request with { Method = id })).ToList();
                        foreach (var row in answer.Ledger)
                        {
                            row.TotalLogs.ShouldBe(row.Credits.Sum(c => c.Logs), Tolerance);
                            row.Credits.ShouldAllBe(c => c.Logs >= 0 && c.Logs <= LogTarget.Cap + Tolerance);
                            row.Meets.ShouldBe(row.TargetLogs is not { } wanted || row.TotalLogs >= wanted - Tolerance);
                        }

                        (answer.Outcome == TreatOutcome.Meets).ShouldBe(answer.Ledger.All(r => r.Meets));
                        chain.Outcome.ShouldBe(answer.Outcome);
                        chain.Classes.Select(c => c.Logs).ShouldBe(answer.Ledger.Select(r => r.TotalLogs));
                        chain.Why.ShouldNotBeNullOrWhiteSpace();
                        if (answer.Outcome == TreatOutcome.Refused)
                        {
                            answer.Refusal!.Reason.ShouldNotBeNullOrWhiteSpace();
                            answer.Refusal.Remedies.ShouldNotBeEmpty();
                            answer.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
                            answer.Steps.ShouldBeEmpty();
                        }
                        else
                        {
                            answer.Steps.Select(s => s.Id).ShouldBeUnique();
                        }

                        // A filter in front may leave the next barrier better water, never more than that barrier's own cap.
                        answer
                            .Ledger.Zip(parts[0].Ledger)
                            .ShouldAllBe(r =>
                                answer.Outcome == TreatOutcome.Refused || r.First.TotalLogs >= r.Second.TotalLogs - Tolerance
                            );
                    }
                },
                iter: Kits
            );

    [Fact]
    public void Pairs_are_offered_only_where_they_close_a_gap() =>
        Gen.Select(Kit, Water)
            .Sample(
                (kit, water) =>
                {
                    var list = ChainList.Compute(Request(kit, water)).Chains;
                    // Carbon behind a dose is for the taste: it closes none.
                    var carbon = kit.Where(e => e.Item is WaterFilter { Filter.Element: FilterElement.Carbon }).Select(e => e.Id!).ToList();
                    foreach (var pair in list.Where(c => c.Id.Contains('+')))
                    {
                        if (carbon.Contains(pair.Id.Split('+')[1]))
                        {
                            continue;
                        }

                        var gap = pair.Classes.Sum(c => c.ShortByLogs);
                        var first = list.Single(c => c.Id == pair.Id.Split('+')[0]);
                        gap.ShouldBeLessThan(first.Classes.Sum(c => c.ShortByLogs));
                    }
                },
                iter: Kits
            );

    [Fact]
    public void Every_order_holds_every_chain_and_what_meets_comes_first() =>
        Gen.Select(Kit, Water)
            .Sample(
                (kit, water) =>
                {
                    var list = ChainList.Compute(Request(kit, water));
                    var rank = list.Chains.ToDictionary(c => c.Id, c => (int)c.Outcome);
                    foreach (var order in list.Orders)
                    {
                        order.Ids.Order().ShouldBe(list.Chains.Select(c => c.Id).Order());
                        order.Ids.Select(id => rank[id]).ShouldBeInOrder();
                    }

                    list.Best.ShouldBe(list.Chains[0].Outcome == TreatOutcome.Refused ? null : list.Chains[0].Id);
                    list.BestReason.ShouldNotBeNullOrWhiteSpace();
                },
                iter: Kits
            );

    [Fact]
    public void Colder_never_improves_a_credit_or_shortens_a_wait() =>
        Gen.Select(Kit, Water, Gen.Double[0, 30])
            .Sample(
                (kit, water, other) =>
                    Worse(
                        kit,
                        water with
                        {
                            TemperatureC = Math.Max(water.TemperatureC!.Value, other),
                        },
                        water with
                        {
                            TemperatureC = Math.Min(water.TemperatureC.Value, other),
                        }
                    ),
                iter: Kits
            );

    [Fact]
    public void Cloudier_never_improves_a_credit_or_shortens_a_wait() =>
        Gen.Select(
                Kit,
                Water,
                Gen.OneOf(Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy),
                Gen.OneOf(Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy)
            )
            .Sample(
                (kit, water, a, b) =>
                    Worse(
                        kit,
                        water with
                        {
                            Clarity = (Clarity)Math.Min((int)a, (int)b),
                        },
                        water with
                        {
                            Clarity = (Clarity)Math.Max((int)a, (int)b),
                        }
                    ),
                iter: Kits
            );

    [Fact]
    public void Higher_never_boils_less() =>
        Gen.Select(Water, Gen.Double[0, 8000])
            .Sample(
                (water, other) =>
                {
                    KitEntry[] kit = [Tests.Kits.Burner(fuelG: null)];
                    var low = Treat.Compute(Request(kit, water with { ElevationM = Math.Min(water.ElevationM!.Value, other) }, "burner"));
                    var high = Treat.Compute(Request(kit, water with { ElevationM = Math.Max(water.ElevationM.Value, other) }, "burner"));
                    high.Boil!.HoldMinutes.ShouldBeGreaterThanOrEqualTo(low.Boil!.HoldMinutes);
                },
                iter: Kits
            );

    [Fact]
    public void Older_never_improves_a_credit_or_shortens_a_wait() =>
        Gen.Select(Kit, Water, Gen.Int[0, 700])
            .Sample(
                (kit, water, days) =>
                {
                    var older = kit.Select(e =>
                            e switch
                            {
                                { Item: ChemicalProduct { Product: { } p } own } => e with
                                {
                                    Item = own with
                                    {
                                        Product = p with
                                        {
                                            BestBefore = p.BestBefore!.Value.AddDays(-days),
                                            PackDate = p.PackDate!.Value.AddDays(-days),
                                        },
                                    },
                                },
                                { Filter: { } f } => e with
                                {
                                    Filter = f with { UsedL = f.UsedL + days, ClogLoadLNtu = f.ClogLoadLNtu + days },
                                },
                                { Item: UvLamp } => e with { Left = Math.Max(0, e.Left!.Value - days) },
                                _ => e,
                            }
                        )
                        .ToArray();
                    Worse(kit, water, older, water);
                },
                iter: Kits
            );

    private static void Worse(KitEntry[] kit, WaterInput better, WaterInput worse) => Worse(kit, better, kit, worse);

    /// <summary>
    /// Chain by chain: no credit that counts goes up, no wait goes down, unless a class was given up, which must then be named.
    /// </summary>
    private static void Worse(KitEntry[] betterKit, WaterInput better, KitEntry[] worseKit, WaterInput worse)
    {
        var ids = ChainList
            .Compute(Request(betterKit, better))
            .Chains.Concat(ChainList.Compute(Request(worseKit, worse)).Chains)
            .Select(c => c.Id)
            .Distinct();
        foreach (var id in ids)
        {
            var (good, bad) = (Treat.Compute(Request(betterKit, better, id)), Treat.Compute(Request(worseKit, worse, id)));
            if (bad.Outcome == TreatOutcome.Refused)
            {
                continue;
            }

            // Work done to clear it makes water better than it was drawn, and a dose that only whole units refused is another volume's
            // question.
            if (bad.Clearing!.Way != good.Clearing!.Way && bad.Clearing.ClarityAfter < good.Clearing.ClarityAfter)
            {
                continue;
            }

            if (good.Outcome == TreatOutcome.Refused)
            {
                good.Refusal!.Code.ShouldBe(RefusalCode.TooStrong, id);
                continue;
            }

            // Filled up to another volume, so that whole drops fit: what clearer water would get in that volume, and so what counts, is
            // another volume's question.
            if (bad.Dose is { FillHint: not null } filled && filled.FillL != good.Dose?.FillL)
            {
                continue;
            }

            foreach (var (g, b) in good.Ledger.Zip(bad.Ledger))
            {
                var longerWait = Wait(bad) > Wait(good);
                if (!longerWait)
                {
                    Counted(b).ShouldBeLessThanOrEqualTo(Counted(g) + Tolerance, $"{id} {g.Organism}");
                }

                // What was short must stay short.
                if (!g.Meets && !longerWait)
                {
                    b.Meets.ShouldBeFalse($"{id} {g.Organism}");
                }
            }

            if (bad.ShortOf.Count == good.ShortOf.Count)
            {
                Wait(bad).ShouldBeGreaterThanOrEqualTo(Wait(good) - Tolerance, id);
            }
            else
            {
                (bad.ShortOf.Count > good.ShortOf.Count || Wait(bad) > Wait(good)).ShouldBeTrue(id);
            }
        }
    }

    private static double Counted(LedgerRow row) => Math.Min(row.TotalLogs, LogTarget.Standard(row.Organism));

    private static double Wait(TreatResponse answer) =>
        (answer.Contact?.WaitMinutes ?? 0)
        + (answer.Boil?.HoldMinutes ?? 0)
        // What runs through behind a dose is the dose's fill, another volume's question.
        + (answer.Dose is null ? answer.Filter?.Minutes ?? 0 : 0)
        + ((answer.Lamp?.Cycles ?? 0) * 1.5)
        + ((answer.Sun?.Days ?? 0) * 360);
}
