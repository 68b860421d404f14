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
    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [ChoiceField.Of<UnitSystem>("units", "Units")];

    /// <summary>
    /// Where the Treat room starts: a cold, slightly cloudy hill stream in a litre bottle, a little worse than most,
    /// so that a default left alone errs to the long side (pick).
    /// </summary>
    public static readonly TreatDefaults Defaults = new(
        VolumeL: 1,
        Clarity: Clarity.SlightlyCloudy,
        Colour: WaterColour.None,
        TemperatureC: 8,
        ElevationM: 1000,
        Method: "nadcc-8.5",
        Date: DateCheck.InDate,
        Light: BottleLight.ShadeOrOpaque,
        BleachStrengthPercent: 6,
        School: BoilSchool.OneOrThree,
        LongMinutes: BoilSchools.DefaultLongMinutes,
        HeldC: Pasteurising.UsualC,
        BurnerId: Burners.Default.Id,
        LidOn: true,
        Cooling: CoolingPlace.StillAir,
        AirTemperatureC: 15,
        DropsPerMl: ChemicalProfiles.DefaultDropsPerMl,
        SourceKind: SourceKind.Stream,
        Flow: SourceFlow.Flowing,
        UpstreamWalked: YesNo.No,
        RainLastDay: YesNo.No,
        Grit: Grit.Silty,
        DrawOff: DrawOff.Siphon,
        DepthCm: 20,
        VanishingDepthCm: 30,
        SnowKind: SnowKind.Settled,
        SnowTemperatureC: -8,
        LatitudeDeg: 46.2,
        LongitudeDeg: -28.6,
        CloudCover: 0.3
    );

    /// <summary>Everything the page offers to choose from, in a person's units.</summary>
    public static CatalogueResponse Compute(CatalogueRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var say = Speaker.For(request.Units);
        return new CatalogueResponse(
            Units: say.System,
            Quantities: [.. Enum.GetValues<Quantity>().Select(q => new QuantityScales(q, UnitTable.For(q, say.System)))],
            Clarities: Clarities(say),
            Colours: Colours(),
            Methods: [BoilMethod(), .. ChemicalProfiles.All.Select(Method)],
            Burners: [.. Burners.All.Select(b => new Choice(b.Id, b.Name, b.Fuel))],
            Schools: [.. BoilSchools.All.Select(s => new Choice(ContractName.Of(s), BoilSchools.Name(s), BoilSchools.Reason(s)))],
            PotMaterials: [.. Enum.GetValues<PotMaterial>().Select(m => new Choice(ContractName.Of(m), m.ToString(), ""))],
            CoolingPlaces:
            [
                new(ContractName.Of(CoolingPlace.StillAir), "In still air", ""),
                new(ContractName.Of(CoolingPlace.Stream), "Set in the stream", ""),
            ],
            Dates:
            [
                new(ContractName.Of(DateCheck.InDate), "In date", ""),
                new(ContractName.Of(DateCheck.Past), "Past its date", "not counted on"),
                new(ContractName.Of(DateCheck.Unknown), "Not known", "counts as past"),
            ],
            Lights:
            [
                new(ContractName.Of(BottleLight.ShadeOrOpaque), "Shade, or opaque", ""),
                new(ContractName.Of(BottleLight.ClearInSun), "Clear, in the sun", "half strength"),
                new(ContractName.Of(BottleLight.Unknown), "Not known", "counts as sun"),
            ],
            Classes:
            [
                .. OrganismClasses.All.Select(o => new ClassInfo(o, Sentence.Capital(OrganismClasses.Spoken(o)), LogTarget.Standard(o))),
            ],
            MostLogs: LogTarget.Cap,
            Lists: ChoiceListMaker.Make(),
            Defaults: Defaults,
            Body: PlanningChoiceMaker.Body(),
            Route: PlanningChoiceMaker.Route(),
            Day: PlanningChoiceMaker.Day()
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
        new(
            Id: TreatmentMethods.Boil,
            Name: "Boil",
            Group: "Heat",
            Hint: "Covers every class; costs fuel and time",
            Active: null,
            AsksPH: false,
            AsksDate: false,
            AsksBleach: false,
            AsksDrops: false,
            Label: null
        );

    private static MethodInfo Method(ChemicalProfile profile) =>
        new(
            Id: profile.Id,
            Name: profile.Name,
            Group: profile.Active switch
            {
                ActiveIngredient.FreeChlorine => "Chlorine",
                ActiveIngredient.ChlorineDioxide => "Chlorine dioxide",
                _ => "Iodine",
            },
            Hint: profile.Words,
            Active: profile.Active,
            AsksPH: profile.Active == ActiveIngredient.FreeChlorine,
            AsksDate: !profile.IsHouseholdBleach,
            AsksBleach: profile.IsHouseholdBleach,
            AsksDrops: profile.StockPercent is not null,
            Label: profile.AsLabel()
        );

    private static string Depth(double ntu, Speaker say)
    {
        var cm = Turbidity.VanishingDepthCm(ntu);
        return say.System == UnitSystem.Us ? $"{Speaker.Number(cm / 2.54, 0)} in" : $"{Speaker.Number(cm, 0)} cm";
    }
}
