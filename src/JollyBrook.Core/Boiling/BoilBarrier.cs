using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Boiling;

/// <summary>Boiling as a barrier: the kit's burner, or the one chosen in the options.</summary>
/// <param name="id">The kit item's id, or "boil".</param>
/// <param name="name">What a person calls it.</param>
/// <param name="burner">The kit's burner; null takes the options' one.</param>
/// <param name="fuelLeftG">Fuel left, g; null when not weighed or not limited.</param>
public sealed class BoilBarrier(string id, string name, BurnerSpec? burner, double? fuelLeftG = null) : IBarrier
{
    /// <summary>Boiling with whatever pot and fire there are.</summary>
    public const string GenericId = "boil";

    private const double GramsToATablet = 12;

    /// <inheritdoc/>
    public string Id => id;

    /// <inheritdoc/>
    public string Name => name;

    /// <inheritdoc/>
    public BarrierStage Stage => BarrierStage.Heat;

    /// <summary>Mud is let settle first; boiling itself does not mind.</summary>
    public Clarity ClearTo(FieldWater water) => Clarity.Cloudy;

    /// <inheritdoc/>
    public BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before)
    {
        var options = setting.Choice<BoilOptions>() ?? new BoilOptions();
        options = options with { AirTemperatureC = options.AirTemperatureC ?? setting.Sky.AirTemperatureC };
        var result = BoilPlan.For(water, burner is null ? options : options with { BurnerId = burner.BurnerId }, setting.Intake);
        var boil = result.Answer;
        if (Refuse(result, setting.Say) is { } refusal)
        {
            return BarrierResult.Refused("Boiling", water, refusal, result.Assumptions, result.Cautions, result.Working, boil);
        }

        var held = boil.School == BoilSchool.Pasteurise;
        var reason =
            held ? $"{Speaker.Minutes(boil.HoldMinutes)} held at {setting.Say.Of(Quantity.Temperature, boil.TopC)}"
            : boil.HoldMinutes > 0 ? $"{Speaker.Minutes(boil.HoldMinutes)} at a rolling boil"
            : "a rolling boil";
        var atStove = boil.Loads * (boil.HeatMinutes + boil.HoldMinutes);
        return new BarrierResult(
            Credits: BarrierResult.Of(
                "Boiling",
                reason,
                BoilPlan.Credit,
                held ? Pasteurising.VirusCredit : BoilPlan.Credit,
                BoilPlan.Credit,
                BoilPlan.Credit
            ),
            Refusal: null,
            Headline: held ? Sentence.Capital(reason)
                : boil.HoldMinutes > 0 ? reason
                : "Bring to a rolling boil",
            HandsOnMinutes: atStove,
            MinutesToSip: boil.CoolMinutes is { } cool ? Math.Ceiling(atStove + cool - 1e-9) : null,
            Supplies:
            [
                new Supply(
                    $"{setting.Say.Of(Quantity.FuelMass, boil.FuelG)} of {boil.Fuel}",
                    boil.FuelG / GramsToATablet,
                    boil.FuelG,
                    fuelLeftG
                ),
            ],
            Taste: Taste.Flat,
            Risks: Risks(boil),
            After: water with
            {
                VolumeL = boil.WaterLeftL,
                TemperatureC = Cooling.DrinkableC,
            },
            Steps: () => BoilingSteps.For(result, setting.Say),
            FlavourAdvice: "Flat taste: pour it to and fro between clean containers, or add drink mix or a pinch of salt.",
            Storage:
            [
                "Into a clean container: the pot's rim is clean, the dipping bottle's threads are not.",
                "No residual: keep it capped.",
            ],
            DrinkWithinHours: null,
            MinutesToTarget: BarrierResult.Untimed,
            Assumptions: result.Assumptions,
            Cautions: result.Cautions,
            Working: result.Working,
            Detail: boil
        );
    }

    private Refusal? Refuse(BoilResult result, Speaker say)
    {
        var boil = result.Answer;
        if (boil.School == BoilSchool.Pasteurise && !result.Thermometer)
        {
            return new(
                RefusalCode.NoThermometer,
                "Held below the boil counts only by a thermometer in the water: nobody can tell by eye.",
                ["Say that you have one.", "Bring it to a rolling boil."]
            );
        }

        if (boil.WaterLeftL <= 0)
        {
            return new(
                RefusalCode.BoilsDry,
                "The pot would boil dry before the time is up.",
                ["Put the lid on and turn the flame down.", "Boil shorter, or more water at once."]
            );
        }

        return fuelLeftG is { } left && left < boil.FuelG
            ? new(
                RefusalCode.FuelShort,
                $"Not enough fuel: {say.Of(Quantity.FuelMass, boil.FuelG)} needed, {say.Of(Quantity.FuelMass, left)} left.",
                [
                    "Boil less, with the lid on and out of the wind.",
                    .. Cheaper(boil, left) is { } cheaper
                        ?
                        [
                            $"Held at {say.Of(Quantity.Temperature, Pasteurising.UsualC)} for 10 min by a thermometer "
                                + $"it takes {say.Of(Quantity.FuelMass, cheaper)}.",
                        ]
                        : Array.Empty<string>(),
                    "Use another burner or method.",
                ]
            )
            : null;
    }

    /// <summary>Fuel for holding it below the boil, where what is left is enough for that; null otherwise.</summary>
    private static double? Cheaper(BoilAnswer boil, double leftG) =>
        boil.School != BoilSchool.Pasteurise
        && boil.Schools.First(s => s.School == BoilSchool.Pasteurise).FuelG is var fuel
        && fuel <= leftG
            ? fuel
            : null;

    private static List<string> Risks(BoilAnswer boil)
    {
        List<string> risks = ["burns"];
        if (boil.Loads > 1)
        {
            risks.Add($"{boil.Loads} pot loads");
        }

        return risks;
    }
}
