using JollyBrook.Core.Body;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Scarcity;

/// <summary>Where the room for when water is short starts from (pick); each is shown as a default until it is changed.</summary>
/// <param name="InHandL">Water in hand where the log tells of none, L.</param>
/// <param name="AlongKm">Where the party is along its trip, km.</param>
/// <param name="NextKm">How far the next water is off a trip, km.</param>
/// <param name="HereKind">The water that is here: the worst of the usual ones.</param>
/// <param name="AirC">Air in the shade, °C.</param>
/// <param name="HumidityPercent">Relative humidity, %.</param>
/// <param name="RainMm">Rain still to come, mm.</param>
/// <param name="SheetM2">Clean sheet, m².</param>
/// <param name="Bags">Clear bags.</param>
/// <param name="Hours">Hours given to what runs by the hour.</param>
public sealed record ScarceDefaults(
    double InHandL,
    double AlongKm,
    double NextKm,
    SourceKind HereKind,
    double AirC,
    double HumidityPercent,
    double RainMm,
    double SheetM2,
    double Bags,
    double Hours
)
{
    /// <summary>A litre left, a warm day, nothing to make water with.</summary>
    public static readonly ScarceDefaults Usual = new(
        InHandL: 1,
        AlongKm: 0,
        NextKm: 5,
        HereKind: SourceKind.Pond,
        AirC: Effort.Default.TemperatureC!.Value,
        HumidityPercent: Effort.Default.HumidityPercent!.Value,
        RainMm: 0,
        SheetM2: 0,
        Bags: 0,
        Hours: 2
    );
}
