using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>What a dose and a wait that somebody chose come to, by the same rules as the plan's own.</summary>
internal static class GivenDose
{
    /// <summary>One credit for each class.</summary>
    /// <param name="barrier">The product.</param>
    /// <param name="water">The water as it is when dosed.</param>
    /// <param name="setting">Container and time.</param>
    /// <param name="units">Tablets, or drops of each part.</param>
    /// <param name="minutes">Contact before the first sip.</param>
    public static IReadOnlyList<LogCredit> Credits(
        ChemicalBarrier barrier,
        FieldWater water,
        BarrierSetting setting,
        double units,
        double minutes
    )
    {
        var (profile, setup) = (barrier.Profile, barrier.Setup(setting));
        if (ChemicalRefusals.Before(profile, water, setup) is { } refused)
        {
            return BarrierResult.Nothing(profile.Name, refused.Reason);
        }

        var light = setup.Light == BottleLight.ShadeOrOpaque ? ContactLight.Shade : ContactLight.Sun;
        var full = new ContactConditions(ChemicalPlan.Residual(profile, water, setup, units), water.TemperatureC, setup.PH);
        var tooWeak = profile.Active == ActiveIngredient.Iodine && full.ResidualMgPerL * light.FactorAtStart < IodineTimes.WeakestMgPerL;
        return
        [
            .. OrganismClasses.All.Select(o =>
            {
                if (tooWeak || !profile.Claims.Contains(o))
                {
                    return new LogCredit(profile.Name, 0, tooWeak ? "Too little left to count on" : ClassWait.NotClaimed);
                }

                var rate = ContactRate.Of(profile.Active, o, full, light);
                return new LogCredit(
                    profile.Name,
                    Math.Min(LogTarget.Cap, rate.Logs(Math.Min(minutes, ContactTime.LongestCreditedMinutes))),
                    rate.AtStart.Source
                );
            }),
        ];
    }

    /// <summary>Whether so many units pass what the label allows for this water.</summary>
    public static bool IsTooStrong(ChemicalBarrier barrier, FieldWater water, BarrierSetting setting, double units) =>
        units * ChemicalPlan.MgPerUnit(barrier.Profile, barrier.Setup(setting), new Working()) / water.VolumeL
        > DoseStrength.For(barrier.Profile, water).CeilingMgPerL + 1e-9;
}
