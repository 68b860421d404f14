using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sky;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Light;

/// <summary>Sunlight through a clear bottle: a barrier for trouble, never the full target alone.</summary>
public sealed class SunBarrier(string id) : IBarrier
{
    /// <summary>Sunlight on clear bottles.</summary>
    public const string GenericId = "sunlight";

    private const string Title = "Sunlight";
    private const string CreditSource =
        "Bacteria 3, viruses 2, Giardia 2, Cryptosporidium 1 log after a full exposure (WHO baseline 3/2/2)";
    private const double HandsOn = 3;

    /// <inheritdoc/>
    public string Id => id;

    /// <inheritdoc/>
    public string Name => Title;

    /// <inheritdoc/>
    public BarrierStage Stage => BarrierStage.Light;

    /// <inheritdoc/>
    public Clarity ClearTo(FieldWater water) => Clarity.SlightlyCloudy;

    /// <inheritdoc/>
    public BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before)
    {
        ArgumentNullException.ThrowIfNull(water);
        ArgumentNullException.ThrowIfNull(setting);
        ArgumentNullException.ThrowIfNull(before);
        var assumptions = new List<Assumption>();
        var working = new Working();
        var sun = setting.SunFrom(before.Minutes);
        var exposure = Exposure(sun, setting.Sky, assumptions);
        var answer = exposure is null ? null : Answer(exposure, sun!.Value, setting.Sky, working);
        var reason = SunBottle.WhyNot(water, setting) ?? TooLittleSun(exposure, setting.Sky);
        if (reason is not null)
        {
            return BarrierResult.Refused(
                Title,
                water,
                new Refusal(RefusalCode.NotHereToday, reason, ["Boil it, or use another method."]),
                assumptions,
                [],
                working,
                answer
            );
        }

        var days = answer!.Days == 1 ? "a day of strong sun" : "two days in the sun";
        return new BarrierResult(
            Credits: BarrierResult.Of(Title, days, 3, 2, 2, 1),
            Refusal: null,
            Headline: Sentence.Capital(days),
            HandsOnMinutes: HandsOn,
            MinutesToSip: Math.Ceiling((exposure!.EndsAt!.Value - sun!.Value.From).TotalMinutes - 1e-6),
            Supplies: [],
            Taste: Taste.Flat,
            Risks: [answer.Days == 1 ? "cloud coming up" : "a cloudy second day"],
            After: water,
            Steps: () => Steps(exposure, sun.Value.From, setting.Say),
            FlavourAdvice: "Warm: let it cool in the shade. Flavour only when you drink.",
            Storage: ["Leave it in the same bottle and drink from that.", "No residual: drink it within 24 hours."],
            DrinkWithinHours: 24,
            MinutesToTarget: BarrierResult.Untimed,
            Assumptions: assumptions,
            Cautions:
            [
                new(
                    "sun-alone",
                    Severity.Warning,
                    "Sunlight alone never reaches the full target: a barrier for when there is nothing else."
                ),
            ],
            Working: working,
            Detail: answer
        );
    }

    private static SunExposure? Exposure(
        (DateTimeOffset From, double LatitudeDeg, double LongitudeDeg)? sun,
        SkyInput sky,
        List<Assumption> assumptions
    )
    {
        if (sun is not { } at)
        {
            assumptions.Add(new(SettingFields.Latitude.Path, "Start, latitude or longitude not known: sunlight is not counted on."));
            return null;
        }

        if (sky.CloudCover is null)
        {
            assumptions.Add(new(SettingFields.Cloud.Path, "Cloud not known: counted as overcast."));
        }

        return SunExposure.From(at.From, at.LatitudeDeg, at.LongitudeDeg, sky.CloudCover ?? 1);
    }

    private static SunAnswer Answer(
        SunExposure exposure,
        (DateTimeOffset From, double LatitudeDeg, double LongitudeDeg) sun,
        SkyInput sky,
        Working working
    )
    {
        var day = DateOnly.FromDateTime(sun.From.UtcDateTime);
        var covered = sky.CloudCover ?? 1;
        var declination = SunPosition.DeclinationDeg(day);
        var noon = SunPosition.ElevationDeg(sun.LatitudeDeg, declination, 0);
        var factor = Sunlight.CloudFactor(covered);
        var strongest = Sunlight.ClearSkyWPerM2(noon) * factor;
        working.Add(
            "The sun at its highest",
            "h = 90° − |latitude − declination|",
            SunPosition.Source,
            WorkingValue.Of("h", noon, "°"),
            WorkingValue.Of("latitude", sun.LatitudeDeg, "°"),
            WorkingValue.Of("declination", declination, "°")
        );
        working.Add(
            "Sunlight then",
            "1098·sin(h)·exp(−0.057/sin(h))·(1 − 0.75·n^3.4)",
            Sunlight.Source,
            WorkingValue.Of("G", strongest, "W/m²"),
            WorkingValue.Of("n", covered)
        );
        working.Add(
            "Strong hours left today",
            "minutes from the start on with G ≥ 500 W/m²",
            "5 h are a full day, 2 to 5 h half a day; two halves on consecutive days make one; none at night",
            WorkingValue.Of("hours", exposure.Today.Hours, "h")
        );
        working.Add(
            "What sunlight takes away",
            "by full exposure",
            CreditSource,
            WorkingValue.Of("bacteria, viruses, Giardia, Crypto", "3, 2, 2, 1 log")
        );
        return new SunAnswer(
            Days: exposure.Days,
            StrongHours: exposure.Today.Hours,
            NoonElevationDeg: noon,
            NoonWPerM2: strongest,
            CloudFactor: factor,
            SolarNoon: SunPosition.SolarNoon(day, sun.LongitudeDeg),
            EndsAt: exposure.EndsAt
        );
    }

    /// <summary>The rule by which too little sun is not counted; null when there is enough.</summary>
    private static string? TooLittleSun(SunExposure? exposure, SkyInput sky) =>
        exposure is null ? "Not here today: without the time, latitude and longitude the sun can't be counted on."
        : sky.ContinuousRain == true ? "Not here today: it rains without a break."
        : exposure.Days > 0 ? null
        : exposure.Today.Hours < Sunlight.HalfDayHours
            ? $"Not here today: {Speaker.Number(Math.Floor(exposure.Today.Hours * 10) / 10, 1)} h of "
                + $"strong sun are left, at least {Speaker.Number(Sunlight.HalfDayHours, 0)} are needed. "
                + "Lay it out in the morning."
        : "Not here: tomorrow's sun is too weak for the second day.";

    private static List<TreatmentStep> Steps(SunExposure exposure, DateTimeOffset from, Speaker say)
    {
        List<TreatmentStep> steps =
        [
            new(
                "sun-fill",
                StepKind.Prepare,
                "Fill the clear bottle",
                $"No deeper than {say.Of(Quantity.Length, SunBottle.DeepestCm)} when it lies; label off, cap on.",
                "Filled"
            ),
            new(
                "sun-lay",
                StepKind.Light,
                "Lay it in full sun",
                "On something shiny or dark, out of the wind, where no shadow comes.",
                "Lying in the sun"
            ),
        ];
        var first = (exposure.ResumesAt ?? exposure.EndsAt!.Value) - from;
        steps.Add(
            new(
                Id: "sun-1",
                Kind: StepKind.Light,
                Title: exposure.ResumesAt is null
                    ? $"Leave it {Speaker.Minutes(first.TotalMinutes)} in the sun"
                    : "Leave it in the sun today and through the night",
                Detail: "Clouds over for long: it needs a second day.",
                Done: null,
                Clock: StepClock.Gate,
                Minutes: Math.Ceiling(first.TotalMinutes - 1e-6),
                DrinkAfter: true
            )
        );
        if (exposure.ResumesAt is { } again)
        {
            steps.Add(
                new(
                    "sun-again",
                    StepKind.Light,
                    "Next morning: lay it in the sun again",
                    "The same bottle, unopened.",
                    "Lying in the sun again"
                )
            );
            var second = Math.Ceiling((exposure.EndsAt!.Value - again).TotalMinutes - 1e-6);
            steps.Add(
                new(
                    Id: "sun-2",
                    Kind: StepKind.Light,
                    Title: $"Leave it {Speaker.Minutes(second)} in the sun, day 2 of 2",
                    Detail: "Clouds over: leave it longer.",
                    Done: null,
                    Clock: StepClock.Gate,
                    Minutes: second,
                    DrinkAfter: true
                )
            );
        }

        return steps;
    }
}
