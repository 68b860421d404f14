using JollyBrook.Core.Water;

namespace JollyBrook.Core.Boiling;

/// <summary>One load in one pot on one burner, and what each school costs on it.</summary>
internal sealed class PotLoad(BoilSetup setup, FieldWater water, int loads, double loadL, double boilC)
{
    /// <summary>How hot it gets, °C.</summary>
    public double TopC(BoilSchool school) => school == BoilSchool.Pasteurise ? Math.Min(setup.HeldC, boilC) : boilC;

    /// <summary>Heat from the burner for one load to get there, J; without a lid some of it goes off as steam.</summary>
    public double HeatJ(BoilSchool school) =>
        Heat.ToBoilJ(loadL, setup.Pot, Math.Min(water.TemperatureC, TopC(school)), TopC(school))
        * setup.Burner.NetPowerW
        / (setup.Burner.NetPowerW - setup.ClimbSteamW);

    public SchoolCost Cost(BoilSchool school)
    {
        var pasteurise = school == BoilSchool.Pasteurise;
        var minutes = pasteurise
            ? Pasteurising.HoldMinutes(TopC(school)) ?? 0
            : BoilSchools.HoldMinutes(school, water.ElevationM, setup.LongMinutes);
        var holdW = pasteurise ? setup.Burner.NetPowerW * Pasteurising.HoldFraction : setup.HoldPowerW;
        var heatJ = HeatJ(school);
        var climbMinutes = heatJ / setup.Burner.NetPowerW / 60;
        var awayL = loads * ((pasteurise ? 0 : Heat.BoiledAwayKg(holdW, minutes)) + Heat.BoiledAwayKg(setup.ClimbSteamW, climbMinutes));
        return new SchoolCost(
            School: school,
            Name: BoilSchools.Name(school),
            Reason: BoilSchools.Reason(school),
            HoldMinutes: minutes,
            FuelG: loads * Heat.FuelG(heatJ + (holdW * minutes * 60), setup.Efficiency, setup.Burner.HeatingValueMJPerKg),
            BoiledAwayL: Math.Min(awayL, water.VolumeL),
            WaterLeftL: Math.Max(0, water.VolumeL - awayL),
            Picked: school == setup.School
        );
    }
}
