using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Boiling;

/// <summary>Boiling as a barrier: the kit's burner, or the one chosen in the options.</summary>
/// <param name="id">The kit item's id, or "boil".</param>
/// <param name="name">What a person calls it.</param>
/// <param name="burner">The kit's burner; null takes the options' one.</param>
public sealed class BoilBarrier(string id, string name, BurnerSpec? burner) : IBarrier
{
    public const string GenericId = "boil";

    private const double GramsToATablet = 12;

    public string Id => id;

    public string Name => name;

    public BarrierStage Stage => BarrierStage.Heat;

    /// <summary>Mud is let settle first; boiling itself does not mind.</summary>
    public Clarity ClearTo(FieldWater water) => Clarity.Cloudy;

    public BarrierResult Apply(FieldWater water, BarrierSetting setting)
    {
        var options = setting.Choice<BoilOptions>() ?? new BoilOptions();
        options = options with { AirTemperatureC = options.AirTemperatureC ?? setting.Sky.AirTemperatureC };
        var result = BoilPlan.For(water, burner is null ? options : options with { BurnerId = burner.BurnerId }, setting.Intake);
        var boil = result.Answer;
        if (Refuse(boil, setting.Say) is { } refusal)
        {
            return BarrierResult.Refused("Boiling", water, refusal, result.Assumptions, result.Cautions, result.Working, boil);
        }

        var reason = boil.HoldMinutes > 0 ? $"{Speaker.Minutes(boil.HoldMinutes)} at a rolling boil" : "a rolling boil";
        var atStove = boil.Loads * (boil.HeatMinutes + boil.HoldMinutes);
        return new BarrierResult(
            BarrierResult.Of("Boiling", reason, BoilPlan.Credit, BoilPlan.Credit, BoilPlan.Credit, BoilPlan.Credit),
            null, boil.HoldMinutes > 0 ? reason : "Bring to a rolling boil", atStove,
            boil.CoolMinutes is { } cool ? Math.Ceiling(atStove + cool - 1e-9) : null,
            [new Supply($"{setting.Say.Of(Quantity.FuelMass, boil.FuelG)} of {boil.Fuel}", boil.FuelG / GramsToATablet, boil.FuelG, burner?.FuelLeftG)],
            Taste.Flat, Risks(boil), water with { VolumeL = boil.WaterLeftL, TemperatureC = Cooling.DrinkableC },
            () => BoilingSteps.For(result), "Flat taste: pour it to and fro between clean containers, or add drink mix or a pinch of salt.",
            ["Into a clean container: the pot's rim is clean, the dipping bottle's threads are not.", "No residual: keep it capped."],
            null, BarrierResult.Untimed, result.Assumptions, result.Cautions, result.Working, boil);
    }

    private Refusal? Refuse(BoilAnswer boil, Speaker say)
    {
        if (boil.WaterLeftL <= 0)
        {
            return new("boils-dry", "The pot would boil dry before the time is up.",
                ["Put the lid on and turn the flame down.", "Boil shorter, or more water at once."]);
        }

        return burner?.FuelLeftG is { } left && left < boil.FuelG
            ? new("fuel-short",
                $"Not enough fuel: {say.Of(Quantity.FuelMass, boil.FuelG)} needed, {say.Of(Quantity.FuelMass, left)} left.",
                ["Boil less, with the lid on and out of the wind.", "Use another burner or method."])
            : null;
    }

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
