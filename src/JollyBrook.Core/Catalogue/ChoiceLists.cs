using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Catalogue;

/// <summary>What can be chosen at the source and in the kit, in the words of the rooms that own it.</summary>
public sealed record ChoiceLists(
    IReadOnlyList<Choice> SourceKinds,
    IReadOnlyList<SourceKind> CaughtKinds,
    IReadOnlyList<SourceKind> UntreatedKinds,
    IReadOnlyList<Choice> Flows,
    IReadOnlyList<SignChoice> Signs,
    IReadOnlyList<Choice> YesNo,
    IReadOnlyList<Choice> Grits,
    IReadOnlyList<Choice> ClearingWays,
    IReadOnlyList<Choice> DrawOffs,
    IReadOnlyList<Choice> SnowKinds,
    IReadOnlyList<Choice> Elements,
    IReadOnlyList<Choice> Styles,
    IReadOnlyList<Choice> Batteries,
    IReadOnlyList<Choice> Happened,
    IReadOnlyList<Choice> Products,
    IReadOnlyList<Choice> FlocculantForms,
    IReadOnlyList<Choice> LabelUnits,
    IReadOnlyList<Choice> CarriedAt,
    IReadOnlyList<BodySignChoice> BodySigns,
    BookChoices Book,
    ScarceChoices Scarce
);

/// <summary>A sign that can be ticked at the source.</summary>
/// <param name="Id">What the request calls it.</param>
/// <param name="Name">What a person ticks.</param>
/// <param name="Weight">How much it weighs.</param>
public sealed record SignChoice(string Id, string Name, SignWeight Weight);

internal static class ChoiceListMaker
{
    public static ChoiceLists Make() =>
        new(
            SourceKinds:
            [
                new(ContractName.Of(SourceKind.Stream), "Stream", ""),
                new(ContractName.Of(SourceKind.Spring), "Spring", ""),
                new(ContractName.Of(SourceKind.River), "River", ""),
                new(ContractName.Of(SourceKind.Lake), "Lake", ""),
                new(ContractName.Of(SourceKind.Pond), "Pond", ""),
                new(ContractName.Of(SourceKind.Tank), "Tank or trough", ""),
                new(ContractName.Of(SourceKind.Well), "Well", ""),
                new(ContractName.Of(SourceKind.Pothole), "Pothole or rock basin", ""),
                new(ContractName.Of(SourceKind.Ditch), "Ditch", ""),
                new(ContractName.Of(SourceKind.Tap), "Tap or hut", ""),
                new(ContractName.Of(SourceKind.Seep), "Seep", ""),
                new(ContractName.Of(SourceKind.Snow), "Snow or ice", ""),
                new(ContractName.Of(SourceKind.Rain), "Rain caught", ""),
                new(ContractName.Of(SourceKind.Distilled), "Distilled", "caught clean"),
                new(ContractName.Of(SourceKind.FromPlants), "Dew, leaves, sap", "from plants you can name"),
                new(ContractName.Of(SourceKind.Unknown), "Not known", ""),
            ],
            CaughtKinds: [.. Enum.GetValues<SourceKind>().Where(k => Sources.SourceKinds.IsCaught(k))],
            UntreatedKinds: [.. Enum.GetValues<SourceKind>().Where(k => Sources.SourceKinds.MayBeUntreated(k))],
            Flows:
            [
                new(ContractName.Of(SourceFlow.Flowing), "Flows", ""),
                new(ContractName.Of(SourceFlow.Slow), "Hardly moves", ""),
                new(ContractName.Of(SourceFlow.Stagnant), "Stagnant", ""),
                new(ContractName.Of(SourceFlow.Unknown), "Not known", "counts as standing"),
            ],
            Signs: [.. SourceSigns.All.Select(s => new SignChoice(ContractName.Of(s.Seen), s.Name, s.Weight))],
            YesNo:
            [
                new(ContractName.Of(Sources.YesNo.Yes), "Yes", ""),
                new(ContractName.Of(Sources.YesNo.No), "No", ""),
                new(ContractName.Of(Sources.YesNo.Unknown), "Not known", "counts as worse"),
            ],
            Grits:
            [
                new(ContractName.Of(Grit.Sandy), "Sand", "sinks in minutes"),
                new(ContractName.Of(Grit.Silty), "Silt", "sinks within an hour or two"),
                new(ContractName.Of(Grit.FineSilt), "Fine silt", "sinks in hours"),
                new(ContractName.Of(Grit.Clay), "Clay", "does not sink: flocculate"),
                new(ContractName.Of(Grit.Unknown), "Not known", "counts as clay"),
            ],
            ClearingWays:
            [
                new(ContractName.Of(ClearingWay.Settle), "Settling", ""),
                new(ContractName.Of(ClearingWay.Flocculate), "Flocculant", "where the kit holds one"),
                new(ContractName.Of(ClearingWay.ImprovisedFilter), "Improvised filter", "gravel, sand and charcoal; clearer, not safe"),
            ],
            DrawOffs:
            [
                .. Enum.GetValues<DrawOff>()
                    .Select(d => new Choice(ContractName.Of(d), Clearing.DrawOffs.Name(d), Clearing.DrawOffs.How(d))),
            ],
            SnowKinds:
            [
                new(ContractName.Of(SnowKind.Fresh), "Fresh", "a tenth is water"),
                new(ContractName.Of(SnowKind.Settled), "Settled", "a quarter"),
                new(ContractName.Of(SnowKind.WindPacked), "Wind-packed", "two fifths"),
                new(ContractName.Of(SnowKind.Firn), "Firn", "over half"),
                new(ContractName.Of(SnowKind.Ice), "Ice", "nine tenths"),
                new(ContractName.Of(SnowKind.Unknown), "Not known", "counts as fresh"),
            ],
            Elements: [.. FilterElements.All.Select(e => new Choice(ContractName.Of(e.Element), e.Name, e.Care))],
            Styles:
            [
                .. Enum.GetValues<FilterStyle>()
                    .Select(s => new Choice(ContractName.Of(s), FilterElements.StyleName(s), FilterElements.StyleHint(s))),
            ],
            Batteries:
            [
                new(ContractName.Of(Battery.Lithium), "Lithium", "keeps most of its charge in the cold"),
                new(ContractName.Of(Battery.Alkaline), "Alkaline", $"half at {Speaker.Both(Quantity.Temperature, 0)}"),
                new(ContractName.Of(Battery.Unknown), "Not known", "counts as alkaline"),
            ],
            Happened:
            [
                new(ContractName.Of(Filters.Happened.No), "No", ""),
                new(ContractName.Of(Filters.Happened.Yes), "Yes", ""),
                new(ContractName.Of(Filters.Happened.Unknown), "Not known", "counts as yes"),
            ],
            Products: [.. ChemicalProfiles.All.Select(p => new Choice(p.Id, p.Name, $"{p.Dose.Words}; {p.Wait.Words}"))],
            FlocculantForms:
            [
                new(ContractName.Of(FlocculantForm.Drops), "Drops", "by its label"),
                new(ContractName.Of(FlocculantForm.Alum), "Alum powder", "0.03 to 0.06 g a litre"),
            ],
            LabelUnits:
            [
                new(ContractName.Of(LabelUnit.Litre), "Litre", ""),
                new(ContractName.Of(LabelUnit.UsQuart), "US quart", "0.946 L"),
                new(ContractName.Of(LabelUnit.UsGallon), "US gallon", "3.785 L"),
            ],
            CarriedAt:
            [
                new(ContractName.Of(Kit.CarriedAt.Pack), "Pack", ""),
                new(ContractName.Of(Kit.CarriedAt.Hand), "Hand", ""),
                new(ContractName.Of(Kit.CarriedAt.Belt), "Belt", ""),
                new(ContractName.Of(Kit.CarriedAt.Vest), "Vest", ""),
            ],
            BodySigns: BodySignList.All,
            Book: BookChoiceMaker.Make(),
            Scarce: ScarceChoiceMaker.Make()
        );
}
