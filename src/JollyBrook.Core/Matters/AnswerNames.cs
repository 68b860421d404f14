using JollyBrook.Core.Catalogue;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Matters;

/// <summary>What a person calls a choice, by the field that takes it: the catalogue's own names.</summary>
internal static class AnswerNames
{
    private static readonly CatalogueResponse Catalogue = CatalogueList.Compute(new CatalogueRequest(UnitSystem.Metric));

    private static readonly Dictionary<string, IReadOnlyList<Choice>> ByField = new()
    {
        ["source.kind"] = Catalogue.Lists.SourceKinds,
        ["source.flow"] = Catalogue.Lists.Flows,
        ["source.upstreamWalked"] = Catalogue.Lists.YesNo,
        ["source.rainLastDay"] = Catalogue.Lists.YesNo,
        ["water.clarity"] = Catalogue.Clarities,
        ["water.colour"] = Catalogue.Colours,
        ["clearing.grit"] = Catalogue.Lists.Grits,
        ["chemical.date"] = Catalogue.Dates,
        ["chemical.light"] = Catalogue.Lights,
        ["boil.cooling"] = Catalogue.CoolingPlaces,
    };

    public static string Of(string field, string id) => Find(field, id) ?? id;

    /// <summary>The same words whether nobody answered or somebody said not to know.</summary>
    public static string NotTold(string field) => Find(field, ContractName.Of(YesNo.Unknown)) ?? "Not known";

    private static string? Find(string field, string id) =>
        ByField.TryGetValue(field, out var choices) ? choices.FirstOrDefault(c => c.Id == id)?.Name : null;
}
