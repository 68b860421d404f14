using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Light;

/// <summary>Sunlight through a clear bottle: a barrier for trouble, never the full target alone.</summary>
public sealed class SunBarrier(string id) : IBarrier
{
    public const string GenericId = "sunlight";

    private const string Title = "Sunlight";
    private const string CreditSource = "Bacteria 3, viruses 2, Giardia 2, Cryptosporidium 1 log after a full exposure (WHO baseline 3/2/2)";
    private const double MostLitres = 2;
    private const double HandsOn = 3;
    private const double DayMinutes = 6 * 60;

    public string Id => id;

    public string Name => Title;

    public BarrierStage Stage => BarrierStage.Light;

    public Clarity ClearTo(FieldWater water) => Clarity.SlightlyCloudy;

    public BarrierResult Apply(FieldWater water, BarrierSetting setting)
    {
        var assumptions = new List<Assumption>();
        var working = new Working();
        var answer = Sky(setting, assumptions, working);
        var reason = LightClarity.TooCloudy(water) ?? Container(water, setting) ?? TooLittleSun(answer, setting.Sky);
        if (reason is not null)
        {
            return BarrierResult.Refused(
                Title, water, new Refusal("not-here-today", reason, ["Boil it, or use another method."]), assumptions, [], working, answer);
        }

        // Two days: the night between them is waited out as well.
        double minutes = answer!.Days == 1 ? DayMinutes : (24 * 60) + DayMinutes;
        var days = answer.Days == 1 ? "6 h of strong sun" : "two days in the sun";
        return new BarrierResult(
            BarrierResult.Of(Title, days, 3, 2, 2, 1), null, Sentence.Capital(days), HandsOn, minutes, [], Taste.Flat,
            [answer.Days == 1 ? "cloud coming up" : "a cloudy second day"], water, () => Steps(answer, setting.Say),
            "Warm: let it cool in the shade. Flavour only when you drink.",
            ["Leave it in the same bottle and drink from that.", "No residual: drink it within 24 hours."], 24,
            BarrierResult.Untimed, assumptions,
            [new("sun-alone", Severity.Warning, "Sunlight alone never reaches the full target: a barrier for when there is nothing else.")],
            working, answer);
    }

    private static SunAnswer? Sky(BarrierSetting setting, List<Assumption> assumptions, Working working)
    {
        var sky = setting.Sky;
        if (sky.LatitudeDeg is not { } latitude || setting.Today is not { } day)
        {
            assumptions.Add(new(SettingFields.Latitude.Path, "Latitude or date not known: sunlight is not counted on."));
            return null;
        }

        if (sky.CloudCover is null)
        {
            assumptions.Add(new(SettingFields.Cloud.Path, "Cloud not known: counted as overcast."));
        }

        var covered = sky.CloudCover ?? 1;
        var declination = SunPosition.DeclinationDeg(day);
        var noon = SunPosition.ElevationDeg(latitude, declination, 0);
        var factor = Sunlight.CloudFactor(covered);
        var hours = Sunlight.StrongHours(latitude, day, covered);
        var strongest = Sunlight.ClearSkyWPerM2(noon) * factor;
        working.Add("The sun at its highest", "h = 90° − |latitude − declination|", SunPosition.Source,
            WorkingValue.Of("h", noon, "°"), WorkingValue.Of("latitude", latitude, "°"), WorkingValue.Of("declination", declination, "°"));
        working.Add("Sunlight then", "1098·sin(h)·exp(−0.057/sin(h))·(1 − 0.75·n^3.4)", Sunlight.Source,
            WorkingValue.Of("G", strongest, "W/m²"), WorkingValue.Of("n", covered));
        working.Add("Strong hours", "hours with G ≥ 500 W/m²", "5 h are a full day, 2 to 5 h half a day; two halves on consecutive days make one",
            WorkingValue.Of("hours", hours, "h"));
        working.Add("What sunlight takes away", "by full exposure", CreditSource, WorkingValue.Of("bacteria, viruses, Giardia, Crypto", "3, 2, 2, 1 log"));
        return new SunAnswer(
            Sunlight.Days(hours, covered), hours, noon, strongest, factor,
            sky.LongitudeDeg is { } longitude ? SunPosition.SolarNoon(day, longitude) : null);
    }

    private static string? Container(FieldWater water, BarrierSetting setting) =>
        setting.Container.ClearPlastic != true
            ? "Needs a clear PET or glass bottle; this container is not known to be one."
            : (setting.Container.CapacityL ?? water.VolumeL) > MostLitres
                ? $"Needs a bottle of {setting.Say.Of(Quantity.Volume, MostLitres)} or less, no deeper than {setting.Say.Of(Quantity.Length, 10)}."
                : null;

    /// <summary>The rule by which too little sun is not counted; null when there is enough.</summary>
    private static string? TooLittleSun(SunAnswer? answer, SkyInput sky) =>
        answer is null ? "Not here today: without latitude and date the sun can't be counted on."
        : sky.ContinuousRain == true ? "Not here today: it rains without a break."
        : answer.Days == 0
            ? $"Not here today: {Speaker.Number(answer.StrongHours, 1)} h of strong sun, at least {Speaker.Number(Sunlight.HalfDayHours, 0)} are needed."
            : null;

    private static List<TreatmentStep> Steps(SunAnswer answer, Speaker say)
    {
        List<TreatmentStep> steps =
        [
            new("sun-fill", StepKind.Prepare, "Fill the clear bottle", $"No deeper than {say.Of(Quantity.Length, 10)} when it lies; label off, cap on.", "Filled"),
            new("sun-lay", StepKind.Light, "Lay it in full sun", "On something shiny or dark, out of the wind, where no shadow comes.", "Lying in the sun"),
        ];
        for (var day = 1; day <= answer.Days; day++)
        {
            var which = answer.Days == 1 ? "" : $", day {day} of {answer.Days}";
            if (day == 2)
            {
                steps.Add(new("sun-again", StepKind.Light, "Next morning: lay it in the sun again", "The same bottle, unopened.", "Lying in the sun again"));
            }

            steps.Add(new($"sun-{day}", StepKind.Light, $"Leave it {Speaker.Minutes(DayMinutes)} in the sun{which}",
                "Clouds over for long: it needs a second day.", null, StepClock.Gate, DayMinutes, DrinkAfter: true));
        }

        return steps;
    }
}
