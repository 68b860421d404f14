using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Boiling;

/// <summary>Boiling as a barrier: minutes, fuel, water lost, cooling, and what it takes away.</summary>
public static class BoilPlan
{
    /// <summary>Log reduction credited to a rolling boil for every class (higher in truth; capped).</summary>
    public const double Credit = 6;

    /// <summary>Where the schools of how long to boil come from; shown with the working.</summary>
    public const string SchoolsSource =
        "Boiling schools: US public-health advice (1 min, 3 min above 2 000 m); WHO 2015 (rolling boil); own minutes";

    /// <summary>Less water left than this is a danger worth a word.</summary>
    private const double LeastLeftShare = 0.75;

    private const double WarmAirC = 30;
    private const double WarmStreamC = 20;

    /// <summary>
    /// Plans boiling. Unknown elevation takes the longer hold and the sea-level boiling point (more fuel); unknown water
    /// temperature heats from 0 °C.
    /// </summary>
    /// <exception cref="BadInputException">A field is out of its range.</exception>
    public static BoilResult For(FieldWater water, BoilOptions? options, Intake intake)
    {
        ArgumentNullException.ThrowIfNull(water);
        ArgumentNullException.ThrowIfNull(intake);
        var assumptions = new List<Assumption>();
        var setup = BoilSetup.Check(options, intake, assumptions);
        intake.ThrowIfWrong();
        AddUnknowns(water, assumptions, intake.Say);

        var working = new Working();
        var boilC = BoilingC(water, working);
        var loads = setup.Pot.Loads(water.VolumeL);
        var loadL = water.VolumeL / loads;
        var pot = new PotLoad(setup, water, loads, loadL, boilC);
        var schools = BoilSchools.All.Select(pot.Cost).ToList();
        var picked = schools.Single(s => s.Picked);
        var (topC, heatJ) = (pot.TopC(setup.School), pot.HeatJ(setup.School));
        var heatMin = heatJ / setup.Burner.NetPowerW / 60;
        Explain(working, water, setup, boilC, loads, loadL, heatJ, picked);
        var coolMin = Cool(water, setup, topC, loadL, working, assumptions, intake.Say);
        var answer = new BoilAnswer(
            School: setup.School,
            TopC: topC,
            HoldMinutes: picked.HoldMinutes,
            BoilingPointC: boilC,
            Loads: loads,
            LoadVolumeL: loadL,
            HeatMinutes: heatMin,
            FuelG: picked.FuelG,
            BoiledAwayL: picked.BoiledAwayL,
            WaterLeftL: picked.WaterLeftL,
            CoolMinutes: coolMin,
            Burner: setup.Burner.Name,
            Fuel: setup.Burner.Fuel,
            Efficiency: setup.Efficiency,
            Schools: schools
        );
        return new BoilResult(answer, setup.Cooling, setup.Thermometer, assumptions, Cautions(answer, water, intake.Say), working);
    }

    private static void AddUnknowns(FieldWater water, List<Assumption> assumptions, Speaker say)
    {
        if (water.ElevationM is null)
        {
            assumptions.Add(
                new(
                    WaterFields.Elevation.Path,
                    $"Elevation not known: timed as above {say.Of(Quantity.Elevation, BoilSchools.HighElevationM)}, "
                        + "fuel counted as at sea level; both are the worse case."
                )
            );
        }

        if (!water.TemperatureKnown)
        {
            assumptions.Add(
                new(
                    WaterFields.Temperature.Path,
                    $"Water temperature not known: fuel counted from {say.Of(Quantity.Temperature, FieldWater.ColdestC)}."
                )
            );
        }
    }

    private static double BoilingC(FieldWater water, Working working)
    {
        var elevation = water.ElevationM ?? 0;
        var pressure = BoilingPoint.PressurePa(elevation);
        var boilC = BoilingPoint.AtPressureC(pressure);
        working.Add(
            "Air pressure",
            BoilingPoint.PressureFormula,
            BoilingPoint.Source,
            WorkingValue.Of("p", pressure, "Pa"),
            WorkingValue.Of("h", elevation, "m")
        );
        working.Add(
            "Boiling point",
            BoilingPoint.TemperatureFormula,
            BoilingPoint.Source,
            WorkingValue.Of("Tb", boilC, "°C"),
            WorkingValue.Of("p", pressure, "Pa")
        );
        return boilC;
    }

    private static void Explain(
        Working working,
        FieldWater water,
        BoilSetup setup,
        double boilC,
        int loads,
        double loadL,
        double heatJ,
        SchoolCost picked
    )
    {
        working.Add(
            "Minutes at a rolling boil",
            "by school and elevation",
            SchoolsSource,
            WorkingValue.Of("t", picked.HoldMinutes, "min"),
            WorkingValue.Of("school", picked.Name),
            water.ElevationM is { } h ? WorkingValue.Of("h", h, "m") : WorkingValue.Of("h", "not known")
        );
        working.Add(
            "Pot loads",
            "n = ⌈V/(0.9·pot)⌉",
            "Pick: a pot is filled to nine tenths so that it does not boil over",
            WorkingValue.Of("n", loads),
            WorkingValue.Of("V", water.VolumeL, "L"),
            WorkingValue.Of("pot", setup.Pot.CapacityL, "L")
        );
        working.Add(
            "Heat of one load",
            "E = (m·4186 + m_pot·c_pot)·(T − T0), without a lid 1/(1 − 0.1) of it",
            Heat.Source,
            WorkingValue.Of("E", heatJ / 1000, "kJ"),
            WorkingValue.Of("m", loadL, "kg"),
            WorkingValue.Of("m_pot", setup.Pot.MassKg, "kg"),
            WorkingValue.Of("c_pot", setup.Pot.SpecificHeat, "J/kgK"),
            WorkingValue.Of("Tb", boilC, "°C"),
            WorkingValue.Of("T0", water.TemperatureC, "°C")
        );
        working.Add(
            "Time to heat one load",
            "t = E/P",
            setup.Burner.Source,
            WorkingValue.Of("t", heatJ / setup.Burner.NetPowerW / 60, "min"),
            WorkingValue.Of("E", heatJ / 1000, "kJ"),
            WorkingValue.Of("P", setup.Burner.NetPowerW, "W")
        );
        working.Add(
            "Water boiled away, all loads",
            "n·(f·P·t + 0.1·P·climb without a lid)/2.257e6",
            Heat.Source,
            WorkingValue.Of("lost", picked.BoiledAwayL, "L"),
            WorkingValue.Of("n", loads),
            WorkingValue.Of("f", setup.LidOn ? Heat.LidHoldFraction : Heat.OpenHoldFraction),
            WorkingValue.Of("P", setup.Burner.NetPowerW, "W"),
            WorkingValue.Of("t", picked.HoldMinutes * 60, "s")
        );
        if (setup.WeighedEfficiency is { } weighed)
        {
            working.Add(
                "Your burner's efficiency",
                "η = E/(m_fuel·H)",
                "Your own weighing",
                WorkingValue.Of("η", weighed),
                WorkingValue.Of("H", setup.Burner.HeatingValueMJPerKg, "MJ/kg")
            );
        }

        working.Add(
            "Fuel, all loads",
            "n·(E + f·P·t)/(η·H)",
            setup.Burner.Source,
            WorkingValue.Of("fuel", picked.FuelG, "g"),
            WorkingValue.Of("η", setup.Efficiency),
            WorkingValue.Of("H", setup.Burner.HeatingValueMJPerKg, "MJ/kg")
        );
    }

    private static double? Cool(
        FieldWater water,
        BoilSetup setup,
        double boilC,
        double loadL,
        Working working,
        List<Assumption> assumptions,
        Speaker say
    )
    {
        var inStream = setup.Cooling == CoolingPlace.Stream;
        var known = inStream ? water.Given.TemperatureC : setup.AirTemperatureC;
        var around = known ?? (inStream ? WarmStreamC : WarmAirC);
        if (known is null)
        {
            assumptions.Add(
                new(
                    inStream ? WaterFields.Temperature.Path : BoilFields.AirTemperature.Path,
                    $"{(inStream ? "Stream" : "Air")} temperature not known: cooling timed in {say.Of(Quantity.Temperature, around)}."
                )
            );
        }

        var tau = Cooling.TimeConstantMin(setup.Cooling, loadL);
        var minutes = Cooling.MinutesToDrinkable(boilC, around, tau);
        if (minutes is { } found)
        {
            working.Add(
                "Cooling to 40 °C",
                Cooling.Formula,
                Cooling.Source,
                WorkingValue.Of("t", found, "min"),
                WorkingValue.Of("τ", tau, "min"),
                WorkingValue.Of("Tb", boilC, "°C"),
                WorkingValue.Of("Ta", around, "°C")
            );
        }

        return minutes;
    }

    private static List<Caution> Cautions(BoilAnswer answer, FieldWater water, Speaker say)
    {
        var cautions = new List<Caution>
        {
            new(
                "burns",
                Severity.Warning,
                "Boiling water and steam burn. Single-wall metal only over fire, cap off; never balance a can on embers."
            ),
            new("stove-air", Severity.Danger, "Never run a stove in a closed tent: carbon monoxide gives no warning."),
        };
        if (answer.WaterLeftL < LeastLeftShare * water.VolumeL)
        {
            cautions.Add(
                new(
                    "boils-away",
                    Severity.Danger,
                    $"Only {say.Of(Quantity.Volume, answer.WaterLeftL)} would be left. Put the lid on and turn "
                        + "the flame down, or boil shorter."
                )
            );
        }

        if (water.Clarity is Clarity.Muddy or Clarity.Slurry)
        {
            cautions.Add(new("muddy", Severity.Warning, "Let the mud settle and draw off the clear water before boiling."));
        }

        if (answer.CoolMinutes is null)
        {
            cautions.Add(new("too-warm-to-cool", Severity.Note, "The air is too warm to cool it: set the closed container in a stream."));
        }

        cautions.Add(
            new("not-chemicals", Severity.Note, "Boiling does not take out fuel, metals, salt or algal toxins; it concentrates them.")
        );
        return cautions;
    }
}

/// <summary>A boiling plan with what was assumed, what to mind, and the arithmetic.</summary>
public sealed record BoilResult(
    BoilAnswer Answer,
    CoolingPlace Cooling,
    bool Thermometer,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    Working Working
);
