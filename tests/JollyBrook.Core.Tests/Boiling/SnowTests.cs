using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Boiling;

public class SnowTests
{
    private static readonly BoilOptions Pot = new(Pot: new PotInput(1.3, 0.19, PotMaterial.Aluminium), LidOn: true, AirTemperatureC: -8);

    private static readonly SourceInput CleanSnow = new(SourceKind.Snow, SourceFlow.Unknown, [Sighting.NobodyAbove], YesNo.No, YesNo.No);

    private static TreatResponse Melt(
        string method,
        SnowKind kind = SnowKind.Settled,
        bool accept = false,
        SourceInput? source = null,
        double? meltC = null
    ) =>
        Treat.Compute(
            new TreatRequest(
                UnitSystem.Metric,
                Ask.Water(2, temperatureC: meltC, elevationM: 0),
                method,
                StartAt: Kits.Now,
                Boil: Pot,
                Chemical: Ask.InDateInShade,
                Snow: new SnowInput(kind, -12),
                Kit: [Kits.Burner("canister-windy"), Kits.Entry(Kits.Tablets)],
                AcceptCleanSnowOrRain: accept,
                Source: source ?? CleanSnow
            )
        );

    [Fact]
    public void Two_litres_from_settled_snow_at_minus_12_on_a_windy_canister()
    {
        // Snow: 2/0.25 = 8 L, one bag of ten; pot 1.3·(0.9 − 0.1) = 1.04 L: 7.69 → 8 loads.
        // E = 2·(2090·12 + 333550) + 0.19·900·12 = 717260 + 2052 J = 719.3 kJ: melt ends at 0 °C.
        // Fuel: 719312/(0.30·45.6e6) kg = 52.6 g; at 1 kW 11.99 min, and 8 loads of 1.5 min: 23.99.
        var answer = Melt("burner");
        answer.Melt!.SnowL.ShouldBe(8);
        answer.Melt.Bags.ShouldBe(1);
        answer.Melt.Loads.ShouldBe(8);
        answer.Melt.FuelG.ShouldBe(52.6, 0.05);
        answer.Melt.Minutes.ShouldBe(23.99, 0.01);
        // On to the boil from 0 °C, two loads of 1 L: 2·(4186 + 171)·100 = 871.4 kJ, and 2 min held at 300 W = 36 kJ: 66.3 g.
        answer.Boil!.FuelG.ShouldBe(66.3, 0.1);
        answer.Steps[0].Title.ShouldBe("Gather 8 L of snow");
        answer.Supplies![0].ShouldBe("52.6 g of fuel to melt it");
        answer.Outcome.ShouldBe(TreatOutcome.Meets);
    }

    [Theory]
    [InlineData(SnowKind.Fresh, 20)]
    [InlineData(SnowKind.WindPacked, 5)]
    [InlineData(SnowKind.Firn, 3.64)]
    [InlineData(SnowKind.Ice, 2.17)]
    [InlineData(SnowKind.Unknown, 20)]
    public void Snow_by_how_much_water_it_holds(SnowKind kind, double litres) => Melt("burner", kind).Melt!.SnowL.ShouldBe(litres, 0.01);

    /// <summary>Melt ends at 0 to 1 °C: what is told warmer than that was heated further, and that is said with its fuel.</summary>
    [Theory]
    [InlineData(1.0, false)]
    [InlineData(1.1, true)]
    [InlineData(null, false)]
    public void Warmer_than_melt_is_heated_further(double? meltC, bool heated)
    {
        var answer = Melt("tablets", meltC: meltC);
        answer.Assumptions.Any(a => a.Message.Contains("heated further")).ShouldBe(heated);
        (answer.Melt!.FuelG > Melt("tablets", meltC: 0).Melt!.FuelG + 1e-9).ShouldBe(meltC is not null);
    }

    [Fact]
    public void Melted_water_is_dosed_at_5_degrees() => Melt("tablets").Contact!.LabelMinutes.ShouldBe(60); // cold: the label doubles

    [Fact]
    public void Fresh_clean_snow_may_be_accepted_untreated_only_by_choice()
    {
        var accepted = Melt(Treat.Untreated, SnowKind.Fresh, accept: true);
        accepted.Outcome.ShouldBe(TreatOutcome.Accepted);
        accepted.Ledger.ShouldAllBe(r => r.TotalLogs == 0);
        accepted.Steps.Single(s => s.DrinkAfter).Id.ShouldBe("melt");
        Should.Throw<Core.Contract.BadInputException>(() => Melt(Treat.Untreated, SnowKind.Fresh));
        Should.Throw<Core.Contract.BadInputException>(() => Melt(Treat.Untreated, SnowKind.Settled, accept: true));
        Should.Throw<Core.Contract.BadInputException>(() =>
            Melt(Treat.Untreated, SnowKind.Fresh, accept: true, CleanSnow with { Seen = [Sighting.Stock] })
        );
    }

    [Fact]
    public void The_steps_melt_before_they_boil() =>
        Melt("burner").Steps.Select(s => s.Kind).Take(3).ShouldBe([StepKind.Prepare, StepKind.Melt, StepKind.Prepare]);
}
