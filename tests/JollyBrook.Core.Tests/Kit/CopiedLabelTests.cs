using CsCheck;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Kit;

/// <summary>
/// The copied label is the product: its dose, unit, waits, rules and words are what Treat says, and nothing goes below them.
/// </summary>
public class CopiedLabelTests
{
    private static readonly DateOnly Good = new(2028, 1, 1);

    private static TreatResponse Treated(
        CopiedLabel label,
        WaterInput water,
        string template = "clo2-tablet",
        double? strength = null,
        ContainerInput? container = null
    ) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                water,
                "own",
                StartAt: Kits.Now,
                Chemical: Ask.InDateInShade,
                Container: container,
                Kit:
                [
                    Kits.Entry(
                        new ProductSpec(template, Good, Kits.Now.Date is var d ? DateOnly.FromDateTime(d) : null, strength, Label: label),
                        "own",
                        20
                    ),
                ]
            )
        );

    private static KitItemResponse Described(CopiedLabel label, string template = "nadcc-8.5") =>
        DescribeItem.Compute(
            new KitItemRequest(
                UnitSystem.Metric,
                new ChemicalProduct(new ProductSpec(template, Good, Label: label)) { Name = "Tablets" },
                20
            )
        );

    [Fact]
    public void One_tablet_per_half_litre_and_eight_hours_is_two_tablets_and_eight_hours()
    {
        // 1 L takes 1/0.5 = 2 tablets of the template's 4 mg: 8 mg/L. Cryptosporidium at 10 °C: CT 3/(0.001506·1.09116^10) = 832.5; C =
        // 7.5: 111 min.
        // The label's 480 min is the floor.
        var answer = Treated(new CopiedLabel(1, 0.5, Waits: new CopiedWaits(480, 480, 480, 480)), Ask.Water(1));
        answer.Headline.ShouldBe("2 tablets");
        answer.Dose!.MgPerL.ShouldBe(8, 1e-9);
        answer.Dose.LabelWords.ShouldBe("1 tablet per 0.5 L");
        answer.Contact!.WaitMinutes.ShouldBe(480);
        answer.Contact.LabelMinutes.ShouldBe(480);
        answer.Contact.LabelWords.ShouldBe("480 min");
        answer.Outcome.ShouldBe(TreatOutcome.Meets);
    }

    [Fact]
    public void The_labels_own_unit_is_kept_and_scaled()
    {
        // 4 per US gallon: 4·2/3.785 = 2.11 for 2 L; within 6 % of 2, 2·5/... : 2 tablets of 5 mg in 2 L.
        var label = new CopiedLabel(4, 1, LabelUnit.UsGallon, new CopiedWaits(30, 30, 30));
        Described(label).Words.ShouldEndWith("20 tablets left; label: 4 tablets per 1 US gal; 30 min; below 10 °C (50 °F) double");
        Treated(label, Ask.Water(2), "nadcc-8.5").Headline.ShouldBe("2 tablets");
        Treated(label, Ask.Water(UnitTable.LitresPerGallon), "nadcc-8.5").Headline.ShouldBe("4 tablets");
    }

    [Theory]
    [InlineData(7.9, 100)] // below the label's 8 °C: twice 40 and 20 more
    [InlineData(8, 40)]
    [InlineData(9.9, 40)] // the template's 10 °C does not hold here
    public void The_labels_cold_rule_is_its_own(double celsius, double minutes) =>
        Treated(
            new CopiedLabel(1, 1, Waits: new CopiedWaits(40, 40, 40), Cold: new CopiedCold(8, 2, 20)),
            Ask.Water(1, temperatureC: celsius),
            "nadcc-8.5"
        )
            .Contact!.LabelMinutes.ShouldBe(minutes);

    [Fact]
    public void The_labels_cloudy_rule_is_its_own()
    {
        // Three times the dose when cloudy: past twice the clear dose, but the label's own word. 4 times the wait.
        var answer = Treated(
            new CopiedLabel(1, 1, Waits: new CopiedWaits(20, 20, 20), Cloudy: new CopiedCloudy(3, 4)),
            Ask.Water(1, Clarity.Cloudy),
            "nadcc-8.5"
        );
        answer.Headline.ShouldBe("3 tablets");
        answer.Contact!.LabelMinutes.ShouldBe(80);
        answer.Contact.LabelWords.ShouldContain("cloudy 4 times");
    }

    [Fact]
    public void What_the_label_does_not_claim_is_not_credited()
    {
        var answer = Treated(new CopiedLabel(1, 1, Waits: new CopiedWaits(30, 30)), Ask.Water(1));
        answer.Row(OrganismClass.Giardia).TotalLogs.ShouldBe(0);
        answer.Row(OrganismClass.Cryptosporidium).TotalLogs.ShouldBe(0);
        answer.ShortOf.ShouldBe([OrganismClass.Giardia, OrganismClass.Cryptosporidium]);
        answer.Contact!.WaitMinutes.ShouldBe(30);
    }

    [Fact]
    public void Mg_per_litre_steps_and_warnings_are_the_labels()
    {
        var label = new CopiedLabel(
            2,
            1,
            MgPerL: 6,
            DissolveMinutes: 12,
            Steps: ["Tear along the line."],
            Warnings: ["Keep from children."]
        );
        var answer = Treated(label, Ask.Water(1));
        answer.Dose!.MgPerL.ShouldBe(6, 1e-9); // not the template's 4 mg a tablet
        answer.Contact!.DissolveMinutes.ShouldBe(12);
        answer.Steps.ShouldContain(s => s.Title == "Tear along the line.");
        answer.Cautions.ShouldContain(c => c.Message == "Keep from children.");
    }

    [Fact]
    public void Halves_are_given_only_where_the_label_allows_them()
    {
        // 1 per 2 L in 1 L: half a tablet; whole ones round up.
        Treated(new CopiedLabel(1, 2, MaySplit: true), Ask.Water(1), "nadcc-17").Headline.ShouldBe("0.5 tablet");
        Treated(new CopiedLabel(1, 2), Ask.Water(1), "nadcc-17").Headline.ShouldBe("1 tablet");
        // 2.4 L are 1.2 tablets: up to the next half. 2.1 L are 1.05, so little more than one that one it stays.
        Treated(new CopiedLabel(1, 2, MaySplit: true), Ask.Water(2.4), "nadcc-17").Headline.ShouldBe("1.5 tablets");
        Treated(new CopiedLabel(1, 2, MaySplit: true), Ask.Water(2.1), "nadcc-17").Headline.ShouldBe("1 tablet");
    }

    [Fact]
    public void A_copied_bleach_label_is_a_floor_for_the_drops()
    {
        // The bottle of 9 % says 4 drops a litre: at the usual drop 4·4.5 = 18 mg/L. Fresh, 6 mg/L would be 2 drops.
        Treated(new CopiedLabel(4, 1), Ask.Water(1), ChemicalProfiles.BleachId, 9).Dose!.Units.ShouldBe(4);
    }

    [Theory]
    [InlineData(0.5, 1, null, true)] // half a tablet a litre: 2 mg/L of a usual 4 is not less than half
    [InlineData(0.49, 1, null, false)]
    [InlineData(1, 1, 15.0, true)] // half of the usual half hour
    [InlineData(1, 1, 14.0, false)]
    public void A_label_far_weaker_than_its_template_is_asked_about(double amount, double water, double? minutes, bool right)
    {
        var label = new CopiedLabel(amount, water, Waits: minutes is { } m ? new CopiedWaits(m, m, m, 240) : null);
        var warnings = Described(label, "clo2-tablet").Warnings;
        warnings.Any(w => w.StartsWith("Copied right?", StringComparison.Ordinal)).ShouldBe(!right);
        Treated(label, Ask.Water(2)).Cautions.Any(c => c.Code == "copied-right").ShouldBe(!right);
    }

    [Fact]
    public void Another_ingredient_needs_its_own_mg_per_litre()
    {
        var label = new CopiedLabel(1, 1, Active: ActiveIngredient.Iodine);
        Should.Throw<BadInputException>(() => Described(label)).Errors.Single().Field.ShouldBe("product.label.mgPerL");
        Should
            .Throw<BadInputException>(() => Described(new CopiedLabel(1, 1, Waits: new CopiedWaits())))
            .Errors.Single()
            .Field.ShouldBe("product.label.waits");
    }

    [Theory]
    [InlineData(30, true)] // opened on 11 July, lasts 30 days: to 10 August, the day itself
    [InlineData(29, false)]
    public void An_opened_pack_lasts_the_days_its_label_gives(double days, bool counts)
    {
        var product = new ProductSpec(
            "clo2-tablet",
            Good,
            Label: new CopiedLabel(1, 1),
            OpenedOn: new DateOnly(2026, 7, 11),
            KeepsOpenDays: days
        );
        var answer = Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(1),
                "own",
                StartAt: Kits.Now,
                Chemical: Ask.InDateInShade,
                Kit: [Kits.Entry(product, "own")]
            )
        );
        (answer.Outcome == TreatOutcome.Meets).ShouldBe(counts);
        product.LastDay.ShouldBe(new DateOnly(2026, 7, 11).AddDays((int)days));
    }

    [Fact]
    public void Whatever_is_copied_no_dose_and_no_wait_goes_below_it() =>
        Gen.Select(Labels, Waters, Gen.OneOf(ChemicalProfiles.All.ToArray()))
            .Sample(
                (label, water, template) =>
                {
                    var answer = Treated(label, water, template.Id);
                    if (answer.Dose is not { } dose || answer.Contact is not { } contact)
                    {
                        answer.Refusal!.Remedies.ShouldNotBeEmpty();
                        return;
                    }

                    // By hand from the copy: its count for the fill, but for the 6 % within which a whole number of tablets holds.
                    var least = label.Amount!.Value / label.WaterL!.Value * dose.FillL;
                    var slack = template.Form == ProductForm.Tablet ? 1.06 : 1;
                    var form = template.Form == ProductForm.Drops && template.Id == ChemicalProfiles.BleachId;
                    if (!form)
                    {
                        dose.Units.ShouldBeGreaterThanOrEqualTo((least / slack) - 1e-6);
                    }

                    foreach (
                        var (organism, minutes) in new[]
                        {
                            (OrganismClass.Bacteria, label.Waits!.Bacteria),
                            (OrganismClass.Viruses, label.Waits.Viruses),
                            (OrganismClass.Giardia, label.Waits.Giardia),
                            (OrganismClass.Cryptosporidium, label.Waits.Cryptosporidium),
                        }
                    )
                    {
                        if (minutes is { } named)
                        {
                            contact.WaitMinutes.ShouldBeGreaterThanOrEqualTo(named, organism.ToString());
                        }
                        else
                        {
                            answer.Row(organism).TotalLogs.ShouldBe(0);
                        }
                    }
                },
                iter: 2000
            );

    private static readonly Gen<double?> Minutes = Gen.Frequency<double?>(
        (3, Gen.Double[1, 1440].Select(m => (double?)Math.Ceiling(m))),
        (1, Gen.Const((double?)null))
    );

    private static readonly Gen<CopiedLabel> Labels =
        from amount in Gen.Double[0.25, 20]
        from water in Gen.Double[0.1, 20]
        from unit in Gen.Enum<LabelUnit>()
        from bacteria in Gen.Double[1, 1440]
        from viruses in Minutes
        from giardia in Minutes
        from crypto in Minutes
        from cold in Gen.Double[1, 3]
        from cloudy in Gen.Double[1, 3]
        select new CopiedLabel(
            amount,
            water,
            unit,
            new CopiedWaits(Math.Ceiling(bacteria), viruses, giardia, crypto),
            new CopiedCold(12, cold, 5),
            new CopiedCloudy(cloudy, cloudy)
        );

    private static readonly Gen<WaterInput> Waters =
        from litres in Gen.Double[0.1, 40]
        from clarity in Gen.Enum<Clarity>()
        from colour in Gen.Enum<WaterColour>()
        from cold in Gen.Double[0, 40]
        select new WaterInput(litres, clarity, colour, cold, 300);

    [Fact]
    public void Weighed_less_empty_is_what_is_left()
    {
        var stove = new Stove(new BurnerSpec("canister-sheltered", EmptyG: 131)) { Name = "Stove" };
        DescribeItem.Compute(new KitItemRequest(UnitSystem.Metric, stove, WeighedG: 278)).FuelLeftG.ShouldBe(147);
        Should
            .Throw<BadInputException>(() => DescribeItem.Compute(new KitItemRequest(UnitSystem.Metric, stove, WeighedG: 120)))
            .Errors.Single()
            .Message.ShouldBe("It weighs less than its empty weight, 131 g. Check the scale and the empty weight.");
        Should
            .Throw<BadInputException>(() =>
                DescribeItem.Compute(
                    new KitItemRequest(UnitSystem.Metric, stove with { Burner = new BurnerSpec("canister-sheltered") }, WeighedG: 278)
                )
            )
            .Errors.Single()
            .Field.ShouldBe("burner.emptyG");
    }
}
