using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity;

namespace JollyBrook.Core.Catalogue;

/// <summary>What can be said when water is short.</summary>
/// <param name="Means">What there is to treat with.</param>
/// <param name="Signs">How the body shows it.</param>
/// <param name="Features">What a place offers.</param>
/// <param name="Soils">What a seep hole is dug in.</param>
/// <param name="Seasons">Seasons.</param>
/// <param name="TooFarPercent">A way on which one comes to be shorter of water than this is no way, % of body mass.</param>
/// <param name="Defaults">Where the room starts from.</param>
public sealed record ScarceChoices(
    IReadOnlyList<Choice> Means,
    IReadOnlyList<Choice> Signs,
    IReadOnlyList<Choice> Features,
    IReadOnlyList<Choice> Soils,
    IReadOnlyList<Choice> Seasons,
    double TooFarPercent,
    ScarceDefaults Defaults
);

internal static class ScarceChoiceMaker
{
    public static ScarceChoices Make() =>
        new(
            [
                new(ContractName.Of(Means.Full), "All it takes", "something that reaches the target"),
                new(ContractName.Of(Means.Weak), "Something weak", "falls short, or only clears"),
                new(ContractName.Of(Means.None), "Nothing", "not even cloth and a fire"),
                new(ContractName.Of(Means.Unknown), "Not known", ""),
            ],
            [
                new(ContractName.Of(BodySigns.None), "None", "fine; little thirst"),
                new(ContractName.Of(BodySigns.Thirsty), "Thirsty", "dry mouth, dark and little urine, headache, cramps"),
                new(ContractName.Of(BodySigns.Grave), "Grave", "dizzy, faint, confused, fast pulse, no urine for 8 h"),
                new(ContractName.Of(BodySigns.Unknown), "Not said", ""),
            ],
            [
                new(ContractName.Of(PlaceFeature.Dew), "Dew, or a clear still night", ""),
                new(ContractName.Of(PlaceFeature.LeafyBranches), "Leafy branches, known harmless", ""),
                new(ContractName.Of(PlaceFeature.NamedPlants), "Sap, bamboo, vines I can name", ""),
                new(ContractName.Of(PlaceFeature.WetSoil), "Damp soil", ""),
                new(ContractName.Of(PlaceFeature.BesideWater), "Water to dig beside", ""),
                new(ContractName.Of(PlaceFeature.DryBed), "Dry bed or green spot", ""),
                new(ContractName.Of(PlaceFeature.Beach), "Beach", ""),
                new(ContractName.Of(PlaceFeature.SaltWater), "Salt water", ""),
                new(ContractName.Of(PlaceFeature.FoulWater), "Foul water, no fuel or chemicals", ""),
                new(ContractName.Of(PlaceFeature.MuddyWater), "Muddy water", ""),
                new(ContractName.Of(PlaceFeature.Snow), "Snow or ice", ""),
            ],
            [
                new(ContractName.Of(Soil.Clay), "Clay", ""),
                new(ContractName.Of(Soil.Loam), "Loam", ""),
                new(ContractName.Of(Soil.Sand), "Sand", ""),
                new(ContractName.Of(Soil.Unknown), "Not known", "counts as sand"),
            ],
            [
                new(ContractName.Of(Season.Spring), "Spring", ""),
                new(ContractName.Of(Season.Summer), "Summer", ""),
                new(ContractName.Of(Season.Autumn), "Autumn", ""),
                new(ContractName.Of(Season.Winter), "Winter", ""),
                new(ContractName.Of(Season.Unknown), "Not said", ""),
            ],
            TooFarPercent: BodyBuffer.SlowlyPercent,
            Defaults: ScarceDefaults.Usual
        );
}
