using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Catalogue;

/// <summary>Gathers what the rooms know into one list for the page.</summary>
public static class CatalogueList
{
    public static readonly IReadOnlyList<Field> Fields = [ChoiceField.Of<UnitSystem>("units", "Units")];

    /// <summary>
    /// Where the Treat room starts: a cold, slightly cloudy hill stream in a litre bottle, a little worse than most,
    /// so that a default left alone errs to the long side (pick).
    /// </summary>
    public static readonly TreatDefaults Defaults = new(
        1,
        Clarity.SlightlyCloudy,
        WaterColour.None,
        8,
        1000,
        "nadcc-8.5",
        DateCheck.InDate,
        BottleLight.ShadeOrOpaque,
        6,
        BoilSchool.OneOrThree,
        BoilSchools.DefaultLongMinutes,
        Burners.Default.Id,
        true,
        CoolingPlace.StillAir,
        15,
        ChemicalProfiles.DefaultDropsPerMl,
        SourceKind.Stream,
        SourceFlow.Flowing,
        YesNo.No,
        YesNo.No,
        Grit.Silty,
        DrawOff.Siphon,
        20,
        30,
        SnowKind.Settled,
        -8,
        46.2,
        -28.6,
        0.3
    );

    public static CatalogueResponse Compute(CatalogueRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var say = Speaker.For(request.Units);
        return new CatalogueResponse(
            say.System,
            [.. Enum.GetValues<Quantity>().Select(q => new QuantityScales(q, UnitTable.For(q, say.System)))],
            Clarities(say),
            Colours(),
            [BoilMethod(), .. ChemicalProfiles.All.Select(Method)],
            [.. Burners.All.Select(b => new Choice(b.Id, b.Name, b.Fuel))],
            [.. BoilSchools.All.Select(s => new Choice(ContractName.Of(s), BoilSchools.Name(s), BoilSchools.Reason(s)))],
            [.. Enum.GetValues<PotMaterial>().Select(m => new Choice(ContractName.Of(m), m.ToString(), ""))],
            [
                new(ContractName.Of(CoolingPlace.StillAir), "In still air", ""),
                new(ContractName.Of(CoolingPlace.Stream), "Set in the stream", ""),
            ],
            [
                new(ContractName.Of(DateCheck.InDate), "In date", ""),
                new(ContractName.Of(DateCheck.Past), "Past its date", "not counted on"),
                new(ContractName.Of(DateCheck.Unknown), "Not known", "counts as past"),
            ],
            [
                new(ContractName.Of(BottleLight.ShadeOrOpaque), "Shade, or opaque", ""),
                new(ContractName.Of(BottleLight.ClearInSun), "Clear, in the sun", "half strength"),
                new(ContractName.Of(BottleLight.Unknown), "Not known", "counts as sun"),
            ],
            [.. OrganismClasses.All.Select(o => new ClassInfo(o, Sentence.Capital(OrganismClasses.Spoken(o)), LogTarget.Standard(o)))],
            LogTarget.Cap,
            ChoiceListMaker.Make(),
            Defaults,
            PlanningChoiceMaker.Body(),
            PlanningChoiceMaker.Route(),
            PlanningChoiceMaker.Day()
        );
    }

    private static List<Choice> Clarities(Speaker say) =>
        [
            new(ContractName.Of(Clarity.Clear), "Clear", $"a dark mark still shows {Depth(5, say)} down"),
            new(ContractName.Of(Clarity.SlightlyCloudy), "Slightly cloudy", $"the mark vanishes at {Depth(30, say)} to {Depth(5, say)}"),
            new(ContractName.Of(Clarity.Cloudy), "Cloudy", $"the mark vanishes at {Depth(100, say)} to {Depth(30, say)}"),
            new(ContractName.Of(Clarity.Muddy), "Muddy", $"the mark vanishes at {Depth(1000, say)} to {Depth(100, say)}"),
            new(ContractName.Of(Clarity.Slurry), "Slurry", "you cannot see into it at all"),
            new(ContractName.Of(Clarity.Unknown), "Not known", "counts as cloudy"),
        ];

    private static List<Choice> Colours() =>
        [
            new(ContractName.Of(WaterColour.None), "No colour", ""),
            new(ContractName.Of(WaterColour.Tea), "Like tea", "leaf and peat; uses up disinfectant"),
            new(ContractName.Of(WaterColour.Green), "Green", "algae; scum or paint-like streaks: leave it"),
            new(ContractName.Of(WaterColour.Unknown), "Not known", "counts as coloured"),
        ];

    private static MethodInfo BoilMethod() =>
        new(TreatmentMethods.Boil, "Boil", "Heat", "Covers every class; costs fuel and time", null, false, false, false, false, null);

    private static MethodInfo Method(ChemicalProfile profile) =>
        new(
            profile.Id,
            profile.Name,
            profile.Active switch
            {
                ActiveIngredient.FreeChlorine => "Chlorine",
                ActiveIngredient.ChlorineDioxide => "Chlorine dioxide",
                _ => "Iodine",
            },
            profile.Words,
            profile.Active,
            profile.Active == ActiveIngredient.FreeChlorine,
            !profile.IsHouseholdBleach,
            profile.IsHouseholdBleach,
            profile.StockPercent is not null,
            profile.AsLabel()
        );

    private static string Depth(double ntu, Speaker say)
    {
        var cm = Turbidity.VanishingDepthCm(ntu);
        return say.System == UnitSystem.Us ? $"{Speaker.Number(cm / 2.54, 0)} in" : $"{Speaker.Number(cm, 0)} cm";
    }
}
