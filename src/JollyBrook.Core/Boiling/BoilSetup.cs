using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Boiling;

/// <summary>Checked boiling choices, with what was missing filled in.</summary>
internal sealed record BoilSetup(
    BoilSchool School,
    double LongMinutes,
    Burner Burner,
    Pot Pot,
    bool LidOn,
    CoolingPlace Cooling,
    double? AirTemperatureC,
    double? WeighedEfficiency,
    double HeldC,
    bool Thermometer
)
{
    private const double WorstEfficiency = 0.02;
    private const double BestEfficiency = 0.95;

    public double Efficiency => WeighedEfficiency ?? Burner.Efficiency;

    /// <summary>Heat going into the boiling water while it is held, W.</summary>
    public double HoldPowerW => Burner.NetPowerW * (LidOn ? Heat.LidHoldFraction : Heat.OpenHoldFraction);

    /// <summary>Heat that goes off as steam on the way to the boil, W: some of it, without a lid.</summary>
    public double ClimbSteamW => LidOn ? 0 : Burner.NetPowerW * Heat.OpenClimbFraction;

    public static BoilSetup Check(BoilOptions? given, Intake intake, List<Assumption> assumptions)
    {
        var options = given ?? new BoilOptions();
        var burner = options.BurnerId is null
            ? Burners.Default
            : intake.Listed(BoilFields.BurnerId, options.BurnerId, Burners.All, b => b.Id) ?? Burners.Default;
        var pot = CheckPot(options.Pot, intake, assumptions);
        if (options.LidOn is null)
        {
            assumptions.Add(new("boil.lidOn", "Lid not known: taken as an open pot on full flame, which loses the most water."));
        }

        return new BoilSetup(
            School: options.School ?? BoilSchool.OneOrThree,
            LongMinutes: intake.Optional(BoilFields.LongMinutes, options.LongMinutes) ?? BoilSchools.DefaultLongMinutes,
            Burner: burner,
            Pot: pot,
            LidOn: options.LidOn ?? false,
            Cooling: options.Cooling ?? CoolingPlace.StillAir,
            AirTemperatureC: intake.Optional(BoilFields.AirTemperature, options.AirTemperatureC),
            WeighedEfficiency: CheckWeighing(options.Calibration, burner, pot, intake),
            HeldC: intake.Optional(BoilFields.Held, options.HeldC) ?? Pasteurising.UsualC,
            Thermometer: options.Thermometer == true
        );
    }

    private static Pot CheckPot(PotInput? given, Intake intake, List<Assumption> assumptions)
    {
        if (given is null)
        {
            var assumed = Pot.Assumed;
            assumptions.Add(
                new(
                    "boil.pot",
                    $"Pot not named: taken as {intake.Say.Of(Quantity.Volume, assumed.CapacityL)}, "
                        + $"{intake.Say.Of(Quantity.KitMass, assumed.MassKg)}, aluminium."
                )
            );
            return assumed;
        }

        return new Pot(
            intake.Required(BoilFields.PotCapacity, given.CapacityL),
            intake.Required(BoilFields.PotMass, given.MassKg),
            // Aluminium takes up the most heat for its mass, so it counts as worse.
            given.Material
                ?? PotMaterial.Aluminium
        );
    }

    private static double? CheckWeighing(BurnerWeighing? weighing, Burner burner, Pot pot, Intake intake)
    {
        if (weighing is null)
        {
            return null;
        }

        var fuelG = intake.Required(BoilFields.WeighedFuel, weighing.FuelG);
        var volumeL = intake.Required(BoilFields.WeighedVolume, weighing.VolumeL);
        var startC = intake.Required(BoilFields.WeighedStart, weighing.StartTemperatureC);
        var elevationM = intake.Required(BoilFields.WeighedElevation, weighing.ElevationM);
        var energyJ = Heat.ToBoilJ(volumeL, pot, startC, BoilingPoint.AtElevationC(elevationM));
        var efficiency = Heat.EfficiencyFromWeighing(energyJ, fuelG, burner.HeatingValueMJPerKg);
        if (efficiency is < WorstEfficiency or > BestEfficiency)
        {
            intake.Refuse(
                BoilFields.WeighedFuel,
                $"Fuel burnt can't be right: it would mean that {Speaker.Number(efficiency * 100, 0)} % of the heat reached "
                    + "the pot; 2 to 95 % is possible. Check the weights and the fuel."
            );
        }

        return efficiency;
    }
}
