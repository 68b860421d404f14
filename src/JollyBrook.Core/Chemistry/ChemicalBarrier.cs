using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>A chemical product as a barrier.</summary>
/// <param name="id">The kit item's id, or the profile's.</param>
/// <param name="name">What a person calls it.</param>
/// <param name="profile">Its label.</param>
/// <param name="product">What the kit knows of it; null takes date and strength from the options.</param>
public sealed class ChemicalBarrier(string id, string name, ChemicalProfile profile, ProductSpec? product) : IBarrier
{
    private const double HandsOnBesideDissolving = 4;

    public string Id => id;

    public string Name => name;

    public BarrierStage Stage => BarrierStage.Chemical;

    /// <summary>No dose counts above 100 NTU: mud is brought well below that first, cloudy water takes the cloudy dose.</summary>
    public Clarity ClearTo(FieldWater water)
    {
        ArgumentNullException.ThrowIfNull(water);
        return water.Clarity > Clarity.Cloudy ? Clarity.SlightlyCloudy : Clarity.Cloudy;
    }

    internal ChemicalProfile Profile => profile;

    internal ChemicalSetup Setup(BarrierSetting setting) => ChemicalSetup.Check(profile, Options(setting), setting.Intake, []);

    public BarrierResult Apply(FieldWater water, BarrierSetting setting)
    {
        ArgumentNullException.ThrowIfNull(setting);
        var result = ChemicalPlan.For(profile, water, Options(setting), setting.Target, setting.Intake);
        if (result.Refusal is { } refusal)
        {
            return BarrierResult.Refused(name, water, refusal, result.Assumptions, result.Cautions, result.Working);
        }

        var (dose, contact) = (result.Dose!, result.Contact!);
        return new BarrierResult(
            [.. result.Ledger.Select(r => r.Credits[0])], null, dose.Words, HandsOnBesideDissolving + contact.DissolveMinutes,
            contact.MixStandMinutes + contact.DissolveMinutes + contact.WaitMinutes,
            [Uses(dose)],
            TasteOf(profile.Active), Risks(water, contact), water, () => ChemicalSteps.For(result, water, setting.Say),
            dose.NeutraliserMg is { } mg
                ? $"Drink mix, or vitamin C: {Speaker.Number(mg, 0)} mg takes the taste away. It ends the disinfection, so never sooner."
                : "Drink mix, a pinch of salt, or pouring it to and fro. Never sooner: vitamin C ends the disinfection.",
            Storage(setting), null, [.. result.Ledger.Select(r => r.MinutesToTarget)], result.Assumptions, result.Cautions, result.Working, result);
    }

    private ChemicalOptions Options(BarrierSetting setting)
    {
        var options = setting.Choice<ChemicalOptions>() ?? new ChemicalOptions();
        if (setting.Container.Opaque == true)
        {
            options = options with { Light = BottleLight.ShadeOrOpaque };
        }

        return product?.Fill(options, setting.Today) ?? options;
    }

    /// <summary>Tablets are used and counted whole; drops are counted, and what is left of them is measured in mL of each part.</summary>
    private Supply Uses(DoseAnswer dose)
    {
        if (profile.Form == ProductForm.Tablet)
        {
            return new Supply(dose.Words, dose.Units, dose.Units, product?.Left);
        }

        return new Supply(dose.Words, 0.05 * dose.Units, dose.Units / (product?.DropsPerMl ?? ChemicalProfiles.DefaultDropsPerMl), product?.Left);
    }

    private static Taste TasteOf(ActiveIngredient active) => active switch
    {
        ActiveIngredient.FreeChlorine => Taste.Chlorine,
        ActiveIngredient.ChlorineDioxide => Taste.Faint,
        _ => Taste.Iodine,
    };

    private static List<string> Risks(FieldWater water, ContactAnswer contact)
    {
        List<string> risks = [];
        if (water.TemperatureC < ChemicalProfile.ColdBelowC)
        {
            risks.Add("cold: long wait");
        }

        if (contact.DemandMgPerL > 2)
        {
            risks.Add("the water eats the dose");
        }

        return risks;
    }

    private List<string> Storage(BarrierSetting setting)
    {
        List<string> lines = ["Threads rinsed with treated water, cap closed: the residual keeps it."];
        if (profile.Active != ActiveIngredient.Iodine && setting.Container.Opaque != true)
        {
            lines.Add("Opaque bottle or shade: light destroys the residual.");
        }

        return lines;
    }
}
