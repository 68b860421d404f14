namespace JollyBrook.Core.Chemistry;

/// <summary>Bacteria, the easiest class: CT for 6 log by disinfectant.</summary>
public static class BacteriaCt
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Hoff 1986, with tenfold safety; pick";

    /// <summary>CT in mg·min/L for 6 log: chlorine 1.5, chlorine dioxide 7, iodine 10 at 5 °C; doubled per 10 °C colder.</summary>
    public static double SixLogCt(ActiveIngredient active, double temperatureC)
    {
        var atFive = active switch
        {
            ActiveIngredient.FreeChlorine => 1.5,
            ActiveIngredient.ChlorineDioxide => 7.0,
            _ => 10.0,
        };
        return atFive * Math.Pow(2, (5 - temperatureC) / 10);
    }

    internal static InactivationRate Rate(ActiveIngredient active, ContactConditions at) =>
        active == ActiveIngredient.Iodine && at.ResidualMgPerL < IodineTimes.WeakestMgPerL
            ? InactivationRate.None("Iodine below 2 mg/L is outside the table: not counted")
            : InactivationRate.ByCt(6, SixLogCt(active, at.TemperatureC), at.ResidualMgPerL, "CT6 = CT(5 °C)·2^((5 − T)/10)", Source);
}
