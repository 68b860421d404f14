using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Light;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Catalogue;

/// <summary>What can be chosen at the source and in the kit, in the words of the rooms that own it.</summary>
public sealed record ChoiceLists(
    IReadOnlyList<Choice> SourceKinds,
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
    IReadOnlyList<Choice> FlocculantForms);

/// <summary>A sign that can be ticked at the source.</summary>
/// <param name="Id">What the request calls it.</param>
/// <param name="Name">What a person ticks.</param>
/// <param name="Weight">"stop", "care" or "good".</param>
public sealed record SignChoice(string Id, string Name, string Weight);

internal static class ChoiceListMaker
{
    public static ChoiceLists Make() => new(
        [
            new(Id(SourceKind.Stream), "Stream", ""), new(Id(SourceKind.Spring), "Spring", ""), new(Id(SourceKind.River), "River", ""),
            new(Id(SourceKind.Lake), "Lake", ""), new(Id(SourceKind.Pond), "Pond", ""), new(Id(SourceKind.Tank), "Tank or trough", ""),
            new(Id(SourceKind.Seep), "Seep", ""), new(Id(SourceKind.Snow), "Snow or ice", ""), new(Id(SourceKind.Rain), "Rain caught", ""),
            new(Id(SourceKind.Unknown), "Not known", ""),
        ],
        [
            new(Id(SourceFlow.Flowing), "Flows", ""), new(Id(SourceFlow.Slow), "Hardly moves", ""),
            new(Id(SourceFlow.Stagnant), "Stagnant", ""), new(Id(SourceFlow.Unknown), "Not known", "counts as standing"),
        ],
        [.. SourceSigns.All.Select(s => new SignChoice(Id(s.Seen), s.Name, s.Weight.ToString().ToLowerInvariant()))],
        [new(Id(Sources.YesNo.Yes), "Yes", ""), new(Id(Sources.YesNo.No), "No", ""), new(Id(Sources.YesNo.Unknown), "Not known", "counts as worse")],
        [
            new(Id(Grit.Sandy), "Sand", "sinks in minutes"), new(Id(Grit.Silty), "Silt", "sinks within an hour or two"),
            new(Id(Grit.FineSilt), "Fine silt", "sinks in hours"), new(Id(Grit.Clay), "Clay", "does not sink: flocculate"),
            new(Id(Grit.Unknown), "Not known", "counts as clay"),
        ],
        [
            new(Id(ClearingWay.Settle), "Settling", ""), new(Id(ClearingWay.Flocculate), "Flocculant", "where the kit holds one"),
            new(Id(ClearingWay.ImprovisedFilter), "Improvised filter", "gravel, sand and charcoal; clearer, not safe"),
        ],
        [.. Enum.GetValues<DrawOff>().Select(d => new Choice(Id(d), Clearing.DrawOffs.Name(d), Clearing.DrawOffs.How(d)))],
        [
            new(Id(SnowKind.Fresh), "Fresh", "a tenth is water"), new(Id(SnowKind.Settled), "Settled", "a quarter"),
            new(Id(SnowKind.WindPacked), "Wind-packed", "two fifths"), new(Id(SnowKind.Firn), "Firn", "over half"),
            new(Id(SnowKind.Ice), "Ice", "nine tenths"), new(Id(SnowKind.Unknown), "Not known", "counts as fresh"),
        ],
        [.. FilterElements.All.Select(e => new Choice(Id(e.Element), e.Name, e.Care))],
        [.. Enum.GetValues<FilterStyle>().Select(s => new Choice(Id(s), FilterElements.StyleName(s), FilterElements.StyleHint(s)))],
        [
            new(Id(Battery.Lithium), "Lithium", "keeps most of its charge in the cold"), new(Id(Battery.Alkaline), "Alkaline", "half at 0 °C"),
            new(Id(Battery.Unknown), "Not known", "counts as alkaline"),
        ],
        [new(Id(Filters.Happened.No), "No", ""), new(Id(Filters.Happened.Yes), "Yes", ""), new(Id(Filters.Happened.Unknown), "Not known", "counts as yes")],
        [.. ChemicalProfiles.All.Select(p => new Choice(p.Id, p.Name, $"{p.Dose.Words}; {p.Wait.Words}"))],
        [new(Id(FlocculantForm.Drops), "Drops", "by its label"), new(Id(FlocculantForm.Alum), "Alum powder", "0.03 to 0.06 g a litre")]);

    private static string Id<TEnum>(TEnum value)
        where TEnum : struct, Enum => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(value.ToString());
}
