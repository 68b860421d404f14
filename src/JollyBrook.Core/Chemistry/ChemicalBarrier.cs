using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>A chemical product as a barrier.</summary>
/// <param name="id">The kit item's id, or the profile's.</param>
/// <param name="name">What a person calls it.</param>
/// <param name="profile">Its label.</param>
/// <param name="product">What the kit knows of it; null takes date and strength from the options.</param>
/// <param name="left">Tablets, or mL of each part, that are left; null when not counted.</param>
public sealed class ChemicalBarrier(string id, string name, ChemicalProfile profile, ProductSpec? product, double? left = null) : IBarrier
{
    private const double HandsOnBesideDissolving = 4;

    /// <inheritdoc/>
    public string Id => id;

    /// <inheritdoc/>
    public string Name => name;

    /// <inheritdoc/>
    public BarrierStage Stage => BarrierStage.Chemical;

    /// <summary>No dose counts above 100 NTU: mud is cleared first, cloudy water takes the cloudy dose.</summary>
    public Clarity ClearTo(FieldWater water) => Clarity.Cloudy;

    internal ChemicalProfile Profile => profile;

    /// <summary>Whether the kit says what is known of it: its date, its strength.</summary>
    internal bool IsOfKit => product is not null;

    internal ChemicalSetup Setup(BarrierSetting setting) => ChemicalSetup.Check(profile, Options(setting), setting.Intake, []);

    /// <inheritdoc/>
    public BarrierResult Apply(FieldWater water, BarrierSetting setting, ChainSoFar before)
    {
        ArgumentNullException.ThrowIfNull(setting);
        ArgumentNullException.ThrowIfNull(before);
        var options = Options(setting);
        // Where no light reaches it, nobody looks for the sun.
        var dark = options.Light == BottleLight.ShadeOrOpaque ? 0 : setting.DarkMinutes(before.Minutes);
        var result = ChemicalPlan.For(
            new ChemicalQuestion(
                Profile: profile,
                Water: water,
                Options: options,
                Target: setting.Target,
                Before: before,
                CapacityL: setting.Container.CapacityL,
                DarkMinutes: dark
            )
            {
                Below = setting.Choice<DosedWater>(),
            },
            setting.Intake
        );
        if (result.Refusal is { } refusal)
        {
            return BarrierResult.Refused(name, water, refusal, result.Assumptions, result.Cautions, result.Working);
        }

        var (dose, contact, dosed) = (result.Dose!, result.Contact!, result.Water);
        return new BarrierResult(
            Credits: [.. result.Ledger.Select(r => r.Credits[0])],
            Refusal: null,
            Headline: Headline(dose, water, setting.Say),
            HandsOnMinutes: HandsOnBesideDissolving + contact.DissolveMinutes,
            MinutesToSip: contact.MixStandMinutes + contact.DissolveMinutes + contact.WaitMinutes,
            Supplies: [Uses(dose)],
            Taste: TasteOf(profile.Active),
            Risks: Risks(dosed, contact),
            After: dosed,
            Steps: () => ChemicalSteps.For(result, dosed, setting.Say),
            FlavourAdvice: dose.NeutraliserMg is { } mg
                ? $"Drink mix, or vitamin C: {Speaker.Number(mg, 0)} mg takes the taste away. It ends the disinfection, so never sooner."
                : "Drink mix, a pinch of salt, or pouring it to and fro. Never sooner: vitamin C ends the disinfection.",
            Storage: Storage(setting),
            DrinkWithinHours: null,
            MinutesToTarget: [.. result.Ledger.Select(r => r.MinutesToTarget)],
            Assumptions: result.Assumptions,
            Cautions: result.Cautions,
            Working: result.Working,
            Detail: result
        );
    }

    /// <summary>"2 tablets", and in how much water where only another fill takes a whole number.</summary>
    private static string Headline(DoseAnswer dose, FieldWater drawn, Speaker say) =>
        Math.Abs(dose.FillL - drawn.VolumeL) < 1e-9 ? dose.Words : $"{dose.Words} in {say.Of(Quantity.Volume, dose.FillL)}";

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
            return new Supply(dose.Words, dose.Units, dose.Units, left);
        }

        return new Supply(dose.Words, 0.05 * dose.Units, dose.Units / (product?.DropsPerMl ?? ChemicalProfiles.DefaultDropsPerMl), left);
    }

    private static Taste TasteOf(ActiveIngredient active) =>
        active switch
        {
            ActiveIngredient.FreeChlorine => Taste.Chlorine,
            ActiveIngredient.ChlorineDioxide => Taste.Faint,
            _ => Taste.Iodine,
        };

    private List<string> Risks(FieldWater water, ContactAnswer contact)
    {
        List<string> risks = [];
        if (water.TemperatureC < (profile.Wait.Cold?.BelowC ?? ChemicalProfile.ColdBelowC))
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
