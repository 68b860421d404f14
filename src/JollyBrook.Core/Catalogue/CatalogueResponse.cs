using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Catalogue;

/// <param name="Units">The units words and scales are given in; metric when left out.</param>
public sealed record CatalogueRequest(UnitSystem? Units);

/// <summary>One thing that can be chosen.</summary>
/// <param name="Id">What the request calls it.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Hint">How to tell, in a few words.</param>
public sealed record Choice(string Id, string Name, string Hint);

/// <summary>The units a quantity is shown in, smallest first.</summary>
public sealed record QuantityScales(Quantity Quantity, IReadOnlyList<UnitScale> Scales);

/// <summary>A method that can be chosen.</summary>
/// <param name="Id">"boil" or a profile's id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Group">The heading it stands under.</param>
/// <param name="Hint">The label in a line.</param>
/// <param name="Active">The active ingredient; null for boiling.</param>
/// <param name="AsksPH">Whether pH matters.</param>
/// <param name="AsksDate">Whether the product's date is asked.</param>
/// <param name="AsksBleach">Whether strength and age of bleach are asked.</param>
/// <param name="AsksDrops">Whether the size of a drop is asked.</param>
/// <param name="Label">The template written out, to fill the label's form from; null for boiling.</param>
public sealed record MethodInfo(
    string Id,
    string Name,
    string Group,
    string Hint,
    ActiveIngredient? Active,
    bool AsksPH,
    bool AsksDate,
    bool AsksBleach,
    bool AsksDrops,
    CopiedLabel? Label
);

/// <summary>A class of organism with the purifier's target.</summary>
public sealed record ClassInfo(OrganismClass Organism, string Name, double TargetLogs);

/// <summary>Where the Treat room starts from; each is shown as a default until it is changed.</summary>
public sealed record TreatDefaults(
    double VolumeL,
    Clarity Clarity,
    WaterColour Colour,
    double TemperatureC,
    double ElevationM,
    string Method,
    DateCheck Date,
    BottleLight Light,
    double BleachStrengthPercent,
    BoilSchool School,
    double LongMinutes,
    double HeldC,
    string BurnerId,
    bool LidOn,
    CoolingPlace Cooling,
    double AirTemperatureC,
    double DropsPerMl,
    SourceKind SourceKind,
    SourceFlow Flow,
    YesNo UpstreamWalked,
    YesNo RainLastDay,
    Grit Grit,
    DrawOff DrawOff,
    double DepthCm,
    double VanishingDepthCm,
    SnowKind SnowKind,
    double SnowTemperatureC,
    double LatitudeDeg,
    double LongitudeDeg,
    double CloudCover
);

/// <summary>Everything the page can offer, so that no fact is written twice.</summary>
public sealed record CatalogueResponse(
    UnitSystem Units,
    IReadOnlyList<QuantityScales> Quantities,
    IReadOnlyList<Choice> Clarities,
    IReadOnlyList<Choice> Colours,
    IReadOnlyList<MethodInfo> Methods,
    IReadOnlyList<Choice> Burners,
    IReadOnlyList<Choice> Schools,
    IReadOnlyList<Choice> PotMaterials,
    IReadOnlyList<Choice> CoolingPlaces,
    IReadOnlyList<Choice> Dates,
    IReadOnlyList<Choice> Lights,
    IReadOnlyList<ClassInfo> Classes,
    double MostLogs,
    ChoiceLists Lists,
    TreatDefaults Defaults,
    BodyChoices Body,
    RouteChoices Route,
    DayChoices Day
);
