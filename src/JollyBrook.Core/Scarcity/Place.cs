using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity;

/// <summary>A checked place: nothing left out but what is not there.</summary>
internal sealed record Place(
    MakeRequest Given,
    double AirC,
    double HumidityPercent,
    SunLoad Sun,
    double RainMm,
    double SheetM2,
    int Bags,
    Burner? Burner,
    double? FuelG,
    Pot? Pot,
    double WaterC,
    double BoilC,
    double Hours,
    Speaker Say
)
{
    public bool Has(PlaceFeature feature) => Given.Features?.Contains(feature) == true;

    public bool HasFoulOrSalt => Has(PlaceFeature.SaltWater) || Has(PlaceFeature.FoulWater);
}
