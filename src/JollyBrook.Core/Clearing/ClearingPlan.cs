using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Clearing;

/// <summary>What there is to clear with besides a cloth and time.</summary>
/// <param name="Flocculant">A flocculant in the kit; null without one.</param>
/// <param name="LayeredFilterId">An improvised filter in the kit that still clears; null without one.</param>
public sealed record ClearingMeans(FlocculantSpec? Flocculant, string? LayeredFilterId)
{
    /// <summary>Nothing is known of how it is cleared.</summary>
    public static ClearingMeans None { get; } = new(null, null);
}

/// <summary>
/// Brings water to the clarity the next barrier wants, or as far as the way asked for takes it. How far each way clears is a pick, to be
/// judged again by eye: settling takes it one class on and, done again, no farther (fines stay until flocculated); flocculating takes
/// cloudy water to clear, mud and slurry to slightly cloudy; an improvised filter takes it one class on, to slightly cloudy at best.
/// Nothing here takes an organism away.
/// </summary>
public static class ClearingPlan
{
    /// <summary>Left behind in an improvised filter, share (pick).</summary>
    public const double ImprovisedLoss = 0.10;

    private const double DefaultDepthCm = 20;
    private const double DrawMinutes = 5;

    /// <summary>Through an improvised filter, min for each litre poured in (pick).</summary>
    public const double ImprovisedMinutesPerL = 10;

    /// <param name="water">The water as it is drawn.</param>
    /// <param name="clearTo">The cloudiest class the next barrier wants.</param>
    /// <param name="before">The next barrier's place in the chain; null when none follows.</param>
    /// <param name="means">What there is to clear with.</param>
    /// <param name="options">What the traveller chose.</param>
    /// <param name="setting">Container and sky.</param>
    public static ClearingResult For(
        FieldWater water,
        Clarity clearTo,
        BarrierStage? before,
        ClearingMeans means,
        ClearingOptions? options,
        BarrierSetting setting
    )
    {
        ArgumentNullException.ThrowIfNull(water);
        ArgumentNullException.ThrowIfNull(means);
        ArgumentNullException.ThrowIfNull(setting);
        var asked = options ?? new ClearingOptions();
        var enough = water.Clarity <= clearTo;
        if (enough && !(IsWork(asked.Way) && water.Clarity > Clarity.Clear))
        {
            return Untouched(water, before, null);
        }

        CheckDrawOff(asked, setting);
        var assumptions = new List<Assumption>();
        if (asked.Grit is null or Grit.Unknown)
        {
            assumptions.Add(new("clearing.grit", "What clouds it is not known: counted as clay, which does not settle."));
        }

        if (setting.Container.DepthCm is null)
        {
            assumptions.Add(
                new(
                    SettingFields.Depth.Path,
                    $"Depth not known: taken as {setting.Say.Of(Quantity.Length, DefaultDepthCm)} of standing water."
                )
            );
        }

        // What was asked for is done, as long as the barrier can do with what it leaves; mud is cleared whatever was asked.
        var ways = Ways(water, means, asked, setting).OrderBy(w => w.Minutes).ToList();
        var picked = ways.Find(w => w.Way == asked.Way && w.ClarityAfter <= clearTo)
            ?? (enough ? null : ways.Find(w => w.ClarityAfter <= clearTo));
        if (IsWork(asked.Way) && picked?.Way != asked.Way)
        {
            assumptions.Add(
                new("clearing.way", "The way of clearing that was chosen does not clear this water far enough: not counted on.")
            );
        }

        return picked is null
            ? Untouched(water, before, enough ? null : NothingClears(asked)) with
            {
                Assumptions = assumptions,
            }
            : new ClearingResult(
                picked,
                water.ClearedTo(picked.ClarityAfter),
                null,
                ClearingSteps.For(picked, setting.Say),
                assumptions,
                Explain(picked, water, asked, setting)
            );
    }

    /// <summary>Ways that take time and litres, and are done because somebody wants them.</summary>
    private static bool IsWork(ClearingWay? way) => way is ClearingWay.Settle or ClearingWay.Flocculate or ClearingWay.ImprovisedFilter;

    /// <exception cref="BadInputException">Squeezing out of an inverted bottle that is not known to be soft.</exception>
    private static void CheckDrawOff(ClearingOptions asked, BarrierSetting setting)
    {
        setting.Intake.Optional(ClearingFields.Sludge, asked.SludgeCm);
        if (asked.DrawOff == DrawOff.InvertedBottle && setting.Container.Squeezable != true)
        {
            setting.Intake.Refuse(
                ClearingFields.DrawOffField,
                "Squeezing the sludge out of an inverted bottle needs a soft wall; this one is "
                    + $"{(setting.Container.Squeezable == false ? "rigid" : "not known to be soft")}. Siphon "
                    + "it, or settle it in a soft bottle."
            );
        }

        setting.Intake.ThrowIfWrong();
    }

    private static Refusal NothingClears(ClearingOptions asked) =>
        new(
            RefusalCode.NotCleared,
            asked.Grit is null or Grit.Unknown or Grit.Clay
                ? "Clay does not settle, and there is nothing here to flocculate it with."
                : "It does not settle within a day, and there is nothing here to flocculate it with.",
            [
                "Look for clearer water.",
                "Fill a jar and watch it: what sinks within an hour is silt, and can be settled.",
                "Take alum or another flocculant: what settling leaves stays until it is flocculated.",
            ]
        );

    private static IEnumerable<ClearingAnswer> Ways(FieldWater water, ClearingMeans means, ClearingOptions asked, BarrierSetting setting)
    {
        var way = asked.DrawOff ?? DrawOff.Siphon;
        var depth = setting.Container.DepthCm ?? DefaultDepthCm;
        var loss = DrawOffs.Loss(water.Clarity, asked.SludgeCm, depth);
        var settle = Math.Ceiling(Settling.Minutes(Settling.DiameterUm(asked.Grit ?? Grit.Unknown), depth, water.TemperatureC) - 1e-9);
        if (settle <= Settling.LongestMinutes)
        {
            yield return new(
                Way: ClearingWay.Settle,
                Words: $"Settle {Speaker.Minutes(settle)}, then {DrawOffs.Name(way).ToLowerInvariant()}",
                SettleMinutes: settle,
                Flocculant: null,
                StandMinutes: 0,
                DrawOff: DrawOffs.How(way),
                LossShare: loss,
                CollectL: water.VolumeL / (1 - loss),
                ClarityAfter: water.Clarity - 1,
                HandsOnMinutes: DrawMinutes,
                Minutes: settle + DrawMinutes
            );
        }

        if (means.Flocculant is { } flocculant)
        {
            var after = water.Clarity >= Clarity.Muddy ? Clarity.SlightlyCloudy : Clarity.Clear;
            var collect = water.VolumeL / (1 - loss);
            var dose = Flocculation.Dose(flocculant, water.Clarity, collect);
            var stand = Math.Ceiling(Flocculation.StandMinutes(water.TemperatureC) - 1e-9);
            const double stir = Flocculation.StirFastMinutes + Flocculation.StirSlowMinutes;
            yield return new(
                Way: ClearingWay.Flocculate,
                Words: $"{dose}, stand {Speaker.Minutes(stand)}, then {DrawOffs.Name(way).ToLowerInvariant()}",
                SettleMinutes: null,
                Flocculant: dose,
                StandMinutes: stand,
                DrawOff: DrawOffs.How(way),
                LossShare: loss,
                CollectL: collect,
                ClarityAfter: after,
                HandsOnMinutes: stir + DrawMinutes,
                Minutes: stir + stand + DrawMinutes
            );
        }

        if (means.LayeredFilterId is { } layered)
        {
            var after = (Clarity)Math.Max((int)Clarity.SlightlyCloudy, (int)water.Clarity - 1);
            if (after < water.Clarity)
            {
                var poured = water.VolumeL / (1 - ImprovisedLoss);
                var minutes = Math.Ceiling((ImprovisedMinutesPerL * poured) - 1e-9);
                yield return new(
                    Way: ClearingWay.ImprovisedFilter,
                    Words: "Through gravel, sand and charcoal: clearer, not safe",
                    SettleMinutes: null,
                    Flocculant: null,
                    StandMinutes: 0,
                    DrawOff: "",
                    LossShare: ImprovisedLoss,
                    CollectL: poured,
                    ClarityAfter: after,
                    HandsOnMinutes: minutes,
                    Minutes: minutes,
                    ThroughId: layered
                );
            }
        }
    }

    private static ClearingResult Untouched(FieldWater water, BarrierStage? before, Refusal? refusal)
    {
        var (way, words) = before switch
        {
            BarrierStage.Filter when water.Clarity == Clarity.Clear => (ClearingWay.None, "Nothing to clear"),
            BarrierStage.Filter => (ClearingWay.PreFilter, "Pre-filter"),
            _ => (ClearingWay.Strain, "Strain"),
        };
        var answer = new ClearingAnswer(
            Way: way,
            Words: words,
            SettleMinutes: null,
            Flocculant: null,
            StandMinutes: 0,
            DrawOff: "",
            LossShare: 0,
            CollectL: water.VolumeL,
            ClarityAfter: water.Clarity,
            HandsOnMinutes: 1,
            Minutes: 0
        );
        return new ClearingResult(answer, water, refusal, ClearingSteps.Untouched(way, before, water), [], new Working());
    }

    private static Working Explain(ClearingAnswer picked, FieldWater water, ClearingOptions asked, BarrierSetting setting)
    {
        var working = new Working();
        if (picked.SettleMinutes is { } settle)
        {
            var diameter = Settling.DiameterUm(asked.Grit ?? Grit.Unknown);
            working.Add(
                "Settling",
                Settling.Formula,
                Settling.Source,
                WorkingValue.Of("t", settle, "min"),
                WorkingValue.Of("d", diameter, "µm"),
                WorkingValue.Of("depth", setting.Container.DepthCm ?? DefaultDepthCm, "cm"),
                WorkingValue.Of("T", water.TemperatureC, "°C"),
                WorkingValue.Of("v", Settling.VelocityMPerS(diameter, water.TemperatureC) * 1000, "mm/s")
            );
        }

        if (picked.Flocculant is { } dose)
        {
            working.Add(
                "Flocculant",
                "label per litre · litres collected, whole drops up; alum 30 or 60 mg/L",
                Flocculation.Source,
                WorkingValue.Of("dose", dose),
                WorkingValue.Of("V", picked.CollectL, "L"),
                WorkingValue.Of("T", water.TemperatureC, "°C")
            );
        }

        working.Add(
            "Collect",
            "V/(1 − loss)",
            DrawOffs.LossSource,
            WorkingValue.Of("collect", picked.CollectL, "L"),
            WorkingValue.Of("V", water.VolumeL, "L"),
            WorkingValue.Of("loss", picked.LossShare)
        );
        return working;
    }
}
