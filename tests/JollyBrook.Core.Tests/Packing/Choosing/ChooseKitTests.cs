using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Packing.Choosing;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Packing.Choosing;

/// <summary>Sets of treatment for a trip (handbook room 80).</summary>
public sealed class ChooseKitTests
{
    /// <summary>Two people on five days: 30 L, clear and cold.</summary>
    private static readonly KitTrip Five = new(
        30,
        new DateOnly(2026, 8, 10),
        new DateOnly(2026, 8, 14),
        8,
        Clarity.Clear,
        WaterColour.None,
        900,
        4,
        6,
        9
    );

    private static readonly KitEntry Pot = new("pot", Kits.Pot);

    private static ChooseKitResponse Ask(ChooseKitRequest request) => ChooseKit.Compute(request with { Trip = request.Trip ?? Five });

    private static readonly ChooseKitRequest FromNothing = new(UnitSystem.Metric, [Pot]);

    [Fact]
    public void From_nothing_whole_sets_are_found_and_every_one_passes_the_check()
    {
        var answer = Ask(FromNothing);
        answer.Sets.ShouldNotBeEmpty();
        foreach (var set in answer.Sets)
        {
            set.Lacks.ShouldBeEmpty();
            Lacking(set, answer).ShouldBeEmpty();
            // "36 empty foils, 7 mL of bleach": the end of a sentence, its units and names as they are.
            (
                set.Waste == "nothing" || char.IsDigit(set.Waste[0]) || set.Waste.StartsWith("an empty canister", StringComparison.Ordinal)
            ).ShouldBeTrue(set.Waste);
            set.Waste.ShouldNotContain(" ml ");
        }

        answer.Present.ShouldBeNull();
        answer.Headline.ShouldBe(string.Join(" + ", answer.Sets[0].Names));
    }

    /// <summary>Work is shared by those who walk; where nobody says who does, one does it all.</summary>
    [Theory]
    [InlineData(0, 1)]
    [InlineData(1, 1)]
    [InlineData(2, 2)]
    [InlineData(3, 3)]
    public void Work_is_shared_by_all_who_walk(int walkers, int sharing)
    {
        var walk = Routes.Level(20, ("Spring", 8, 1));
        var plan = walk with
        {
            // Water that has to be treated.
            Sources = [.. walk.Sources!.Select(s => s with { Source = s.Source with { Drinkable = null } })],
            Walkers = [.. Enumerable.Range(0, walkers).Select(i => new WalkerEntry($"w{i}", Routes.Ilva))],
        };
        var sets = Ask(FromNothing with { Plan = walkers == 0 ? null : plan }).Sets;
        sets.ShouldNotBeEmpty();
        foreach (var set in sets)
        {
            set.WorkMinutesPerDay.ShouldBeGreaterThan(0);
            set.WorkMinutesEach.ShouldBe(set.WorkMinutesPerDay / sharing, 1e-9);
        }
    }

    /// <summary>
    /// 6 usual pieces (no gravity filter without a place to hang it): 6 + 15 + 20 + 15 + 6 sets = 62 less those with it: 5 pieces: 5 + 10 +
    /// 10 + 5 + 1 = 31.
    /// </summary>
    [Theory]
    [InlineData(YesNo.Unknown, 31)]
    [InlineData(YesNo.No, 31)]
    [InlineData(YesNo.Yes, 62)]
    public void Every_set_of_up_to_five_is_tried(YesNo hang, int sets) => Ask(FromNothing with { HangPoints = hang }).Tried.ShouldBe(sets);

    [Fact]
    public void What_is_offered_is_the_best_of_all_by_plain_enumeration()
    {
        var answer = Ask(FromNothing with { HangPoints = YesNo.Yes });
        var open = answer.Pieces.Where(p => p.LeftOut.Length == 0).ToList();
        var all = Enumerable
            .Range(1, (1 << open.Count) - 1)
            .Select(mask => open.Where((_, i) => (mask & (1 << i)) != 0).ToList())
            .Where(s => s.Count <= 5)
            .Where(s => Holds(s.SelectMany(p => p.Entries)))
            .Select(s => Steps(s, answer))
            .Min();
        answer.Sets[0].Steps.ShouldBe(all, 1e-6);
    }

    /// <summary>One set alone is asked for by giving nothing else to choose from.</summary>
    private static double Steps(List<KitPiece> set, ChooseKitResponse whole)
    {
        var kit = set.SelectMany(p => p.Entries).Append(Pot).ToList();
        var figures = set.Select(p => p.Figures with { Id = p.Id }).ToList();
        var alone = Ask(new ChooseKitRequest(UnitSystem.Metric, kit, HangPoints: YesNo.Yes, OwnedOnly: true, Figures: figures));
        alone.NeedL.ShouldBe(whole.NeedL);
        return alone.Present!.Steps;
    }

    private static bool Holds(IEnumerable<KitEntry> pieces) => Failing(pieces).Count == 0;

    private static List<int> Failing(IEnumerable<KitEntry> pieces) =>
        [
            .. CheckKit
                .Compute(new KitCheckRequest(UnitSystem.Metric, [.. pieces, Pot], Trip: Five))
                .Findings.Where(f => f.Number <= 5 && f.State != FindingState.Holds)
                .Select(f => f.Number),
        ];

    private static List<int> Lacking(KitSet set, ChooseKitResponse answer) =>
        Failing(answer.Pieces.Where(p => set.Ids.Contains(p.Id)).SelectMany(p => p.Entries));

    [Fact]
    public void None_offered_is_worse_than_another_in_every_respect()
    {
        var sets = Ask(FromNothing with { HangPoints = YesNo.Yes }).Sets;
        foreach (var one in sets)
        {
            sets.Where(o => o != one && KitSteps.IsNoWorse(o, one)).ShouldBeEmpty();
        }
    }

    [Fact]
    public void What_matters_moves_the_order()
    {
        var light = Ask(FromNothing with { Weights = new KitWeights(Mass: 4, Bulk: 0, Price: 0, Work: 0, Wait: 0, Taste: 0) }).Sets;
        var quick = Ask(FromNothing with { Weights = new KitWeights(Mass: 0, Bulk: 0, Price: 0, Work: 0, Wait: 4, Taste: 0) }).Sets;
        light[0].MassKg.ShouldBe(light.Min(s => s.MassKg));
        quick[0].WaitMinutes.ShouldBe(quick.Min(s => s.WaitMinutes));
        light.ShouldAllBe(s => s.WaitAt.Length > 0);

        KitSet Best(KitWeights weights) => Ask(FromNothing with { Weights = weights }).Sets[0];
        var none = new KitWeights(Mass: 0, Bulk: 0, Price: 0, Work: 0, Wait: 0, Taste: 0);
        Best(none with { Bulk = 4 }).BulkL.ShouldBe(light.Min(s => s.BulkL));
        Best(none with { Price = 4 }).Price.ShouldBe(light.Min(s => s.Price));
        Best(none with { Work = 4 }).WorkMinutesPerDay.ShouldBe(light.Min(s => s.WorkMinutesPerDay));
        Best(none with { Taste = 4 }).TasteSteps.ShouldBe(light.Min(s => s.TasteSteps));
        light[0].MassKg.ShouldBeLessThanOrEqualTo(quick[0].MassKg);
        quick[0].WaitMinutes.ShouldBeLessThanOrEqualTo(light[0].WaitMinutes);
    }

    [Fact]
    public void Another_owned_piece_never_worsens_the_best()
    {
        var mine = new KitEntry("mine", new UvLamp(Kits.Lamp.Label) { Name = "My lamp", MassKg = 0.1 }, 60);
        KitEntry[][] owned =
        [
            [Pot],
            [Pot, mine],
            [
                Pot,
                mine,
                new("tabs", new ChemicalProduct(new("clo2-tablet", new DateOnly(2028, 1, 1))) { Name = "Tablets", MassKg = 0.02 }, 40),
            ],
        ];
        var best = owned.Select(kit => Ask(new ChooseKitRequest(UnitSystem.Metric, kit)).Sets[0]).ToList();
        best[1].Steps.ShouldBeLessThanOrEqualTo(best[0].Steps + 1e-9);
        best[2].Steps.ShouldBeLessThanOrEqualTo(best[1].Steps + 1e-9);
        best[2].Price.ShouldBeLessThan(best[0].Price);
    }

    [Fact]
    public void What_can_not_be_counted_on_is_left_out_and_says_why()
    {
        KitEntry[] kit =
        [
            Pot,
            new("old", new ChemicalProduct(new("clo2-tablet", new DateOnly(2026, 8, 12))) { Name = "Old tablets" }, 30),
            new("undated", new ChemicalProduct(new("nadcc-8.5")) { Name = "Undated" }, 30),
            new("uncounted", new UvLamp(new LampSpec(1, 90, Battery.Lithium)) { Name = "Lamp" }),
        ];
        var why = Ask(new ChooseKitRequest(UnitSystem.Metric, kit)).Pieces.ToDictionary(p => p.Id, p => p.LeftOut);
        why["old"].ShouldBe("Good to 12 Aug 2026 only.");
        why["undated"].ShouldBe("Its date is not known: counts as past.");
        why["uncounted"].ShouldBe("What is left of it is not known: counted as none.");
        why["gravity"].ShouldContain("counted as nothing");
        why["squeeze"].ShouldBeEmpty();
    }

    [Fact]
    public void Of_more_pieces_than_are_tried_the_first_are_chosen_from_and_the_others_say_so()
    {
        var packs = Enumerable
            .Range(0, Candidate.Most + 3)
            .Select(i => new KitEntry(
                $"pack {i}",
                new ChemicalProduct(new("clo2-tablet", new DateOnly(2028, 1, 1))) { Name = $"Pack {i}", MassKg = 0.03 },
                30
            ));
        var pieces = Ask(new ChooseKitRequest(UnitSystem.Metric, [Pot, .. packs], OwnedOnly: true)).Pieces;
        pieces.Take(Candidate.Most).ShouldAllBe(p => p.LeftOut.Length == 0);
        pieces.Skip(Candidate.Most).Select(p => p.LeftOut).ShouldBe(Enumerable.Repeat("Only the first 14 pieces are chosen from.", 3));
    }

    [Fact]
    public void The_present_kit_stands_beside_with_what_it_lacks()
    {
        var tablets = new KitEntry(
            "t",
            new ChemicalProduct(new("clo2-tablet", new DateOnly(2028, 1, 1))) { Name = "Tablets", MassKg = 0.03 },
            30
        );
        var present = Ask(new ChooseKitRequest(UnitSystem.Metric, [Pot, tablets])).Present!;
        present.Ids.ShouldBe(["t"]);
        present.Lacks.ShouldBe(["A second chain that shares no failure", "Supplies for a quarter more than planned"]);
        present.LeavesNothing.ShouldContain("Past its date");
        present.MassKg.ShouldBe(0.03, 1e-9);
        present.Price.ShouldBe(0);
    }

    /// <summary>
    /// A stove that has no pot beside it comes with one, and its mass: 100 g, 150 + 230 g of canister and gas, 195 g of pot.
    /// </summary>
    [Fact]
    public void A_stove_without_a_pot_comes_with_one()
    {
        var answer = Ask(new ChooseKitRequest(UnitSystem.Metric, []));
        var stove = answer.Pieces.Single(p => p.Id == "canister");
        stove.Entries.Select(e => e.Item!.Kind).ShouldBe([KitItemKind.Burner, KitItemKind.Pot]);
        stove.Figures.MassKg!.Value.ShouldBe(0.1 + 0.38 + 0.2, 1e-9);
        stove.ToAdd.Select(i => i.Name).ShouldBe(["Canister stove", "Aluminium pot with lid"]);
        Ask(new ChooseKitRequest(UnitSystem.Metric, [Kits.Burner()]))
            .Pieces.Single(p => p.Id == "burner")
            .ToAdd.Select(i => i.Name)
            .ShouldBe(["Aluminium pot with lid"]);
        Ask(new ChooseKitRequest(UnitSystem.Metric, [Pot, Kits.Burner()])).Pieces.Single(p => p.Id == "burner").ToAdd.ShouldBeEmpty();
        answer.Sets.ShouldAllBe(s => s.Lacks.Count == 0);
    }

    [Fact]
    public void Beside_owned_tablets_stands_a_new_pack_and_beside_an_owned_lamp_no_other()
    {
        var lamp = new KitEntry("mine", new UvLamp(Kits.Lamp.Label) { Name = "My lamp" }, 60);
        var tablets = new KitEntry("tabs", new ChemicalProduct(new("clo2-tablet", new DateOnly(2028, 1, 1))) { Name = "Tablets" }, 3);
        var pieces = Ask(new ChooseKitRequest(UnitSystem.Metric, [Pot, lamp, tablets])).Pieces;
        pieces.Select(p => p.Id).ShouldContain("clo2");
        pieces.Single(p => p.Id == "clo2").Name.ShouldBe("Chlorine dioxide tablets, a new pack");
        pieces.Single(p => p.Id == "clo2").ToAdd.Single().Name.ShouldBe("Chlorine dioxide tablets");
        pieces.Select(p => p.Id).ShouldNotContain("lamp");
    }

    /// <summary>
    /// A plan comes with the kit it was last made with: a lamp that gives out on the way must not be held against sets that have none.
    /// </summary>
    [Fact]
    public void The_kit_a_plan_was_made_with_says_nothing_of_a_set()
    {
        var plan = Routes.Level(20, ("Brook", 8, 0.98));
        plan = plan with
        {
            StartL = 0.6,
            Sources =
            [
                .. plan.Sources!.Select(s =>
                    s with
                    {
                        Source = s.Source with { Drinkable = false, Clarity = Clarity.Clear, Colour = WaterColour.None, TemperatureC = 8 },
                    }
                ),
            ],
        };
        IReadOnlyList<string> Offered(IReadOnlyList<KitEntry>? kit) =>
            [
                .. ChooseKit
                    .Compute(FromNothing with { Plan = plan with { Kit = kit } })
                    .Sets.Select(s => $"{string.Join('+', s.Ids)}: {string.Join(", ", s.Lacks)}"),
            ];
        Offered([Kits.Entry(Kits.Lamp with { CyclesLeft = 0 }), Pot]).ShouldBe(Offered(null));
    }

    [Fact]
    public void Own_figures_replace_the_usual_ones()
    {
        var answer = Ask(FromNothing with { Figures = [new OwnFigure("lamp", 60, 0.2, 0.08)] });
        var lamp = answer.Pieces.Single(p => p.Id == "lamp");
        (lamp.Figures.Price, lamp.Figures.BulkL, lamp.Figures.MassKg).ShouldBe((60, 0.2, 0.08));
        lamp.Typical.ShouldBeEmpty();
        // What is told of a stove is what the scale says, gas and can on it.
        Ask(FromNothing with { Figures = [new OwnFigure("canister", MassKg: 0.6)] })
            .Pieces.Single(p => p.Id == "canister")
            .Figures.MassKg.ShouldBe(0.6);
        answer.Pieces.Single(p => p.Id == "clo2").Typical.ShouldBe(["price", "bulkL", "massKg"]);
    }

    [Fact]
    public void Fewer_pieces_answer_first_and_more_never_worsen()
    {
        var steps = Enumerable.Range(2, 4).Select(n => Ask(FromNothing with { MostPieces = n })).ToList();
        steps.Select(s => s.IsAll).ShouldBe([false, false, false, true]);
        foreach (var (fewer, more) in steps.Zip(steps.Skip(1)))
        {
            (more.Sets[0].Lacks.Count < fewer.Sets[0].Lacks.Count || more.Sets[0].Steps <= fewer.Sets[0].Steps + 1e-9).ShouldBeTrue();
        }
    }

    /// <summary>Half a litre in all over a year: less than a sip a day is still an answer.</summary>
    [Fact]
    public void A_trip_of_sips_is_answered() =>
        Ask(FromNothing with { Trip = Five with { Litres = 0.5, LastDay = Five.FirstDay!.Value.AddDays(400) } }).Sets.ShouldNotBeEmpty();

    [Fact]
    public void Bad_fields_are_named()
    {
        var bad = Should.Throw<BadInputException>(() =>
            Ask(FromNothing with { MostPieces = 9, Weights = new KitWeights(Taste: 7), Figures = [new OwnFigure("lamp", -1)] })
        );
        bad.Errors.Select(e => e.Field).ShouldBe(["mostPieces", "weights.taste", "figures.price"], ignoreOrder: true);
        Should.Throw<BadInputException>(() => ChooseKit.Compute(FromNothing)).Errors.Select(e => e.Field).ShouldBe(["trip.litres"]);
    }

    [Fact]
    public void A_taste_is_the_worst_on_the_way() =>
        Ask(FromNothing).Sets.ShouldAllBe(s => Enum.IsDefined(s.Taste) && s.TasteWords.Length > 0);

    [Fact]
    public void Boiling_alone_tastes_flat() =>
        Ask(
            new ChooseKitRequest(
                UnitSystem.Metric,
                [Pot, new("fire", new Stove(new BurnerSpec(Burners.OpenFireId)) { Name = "Open fire" })],
                OwnedOnly: true
            )
        )
            .Present!.Taste.ShouldBe(Taste.Flat);
}
