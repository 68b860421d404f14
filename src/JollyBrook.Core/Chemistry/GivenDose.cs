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
    public static IReadOnlyList<LogCredit> Credits(ChemicalBarrier barrier, FieldWater water, BarrierSetting setting, double units, double minutes)
    {
        var (profile, setup) = (barrier.Profile, barrier.Setup(setting));
        if (ChemicalRefusals.Before(profile, water, setup) is { } refused)
        {
            return BarrierResult.Nothing(profile.Name, refused.Reason);
        }

        var at = new ContactConditions(ChemicalPlan.Residual(profile, water, setup, units), water.TemperatureC, setup.PH);
        var tooWeak = profile.Active == ActiveIngredient.Iodine && at.ResidualMgPerL < IodineTimes.WeakestMgPerL;
        return
        [
            .. OrganismClasses.All.Select(o =>
            {
                var rate = tooWeak ? InactivationRate.None("Too little left to count on") : Disinfectant.Rate(profile.Active, o, at);
                return new LogCredit(profile.Name, Math.Min(LogTarget.Cap, rate.LogsPerMinute * Math.Min(minutes, ContactTime.LongestCreditedMinutes)), rate.Source);
            }),
        ];
    }

    /// <summary>Whether so many units pass what the label allows for this water.</summary>
    public static bool IsTooStrong(ChemicalBarrier barrier, FieldWater water, BarrierSetting setting, double units) =>
        units * ChemicalPlan.MgPerUnit(barrier.Profile, barrier.Setup(setting), new Working()) / water.VolumeL
        > DoseStrength.For(barrier.Profile, water).RoundedLimitMgPerL + 1e-9;
}
