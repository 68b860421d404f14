using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>A water of a scene as it truly is.</summary>
/// <param name="Id">"a", "b", "c".</param>
/// <param name="Name">Invented.</param>
/// <param name="Truth">All that could be seen of it.</param>
/// <param name="Water">The water itself; its volume is the container's.</param>
/// <param name="Grit">What clouds it.</param>
/// <param name="MinutesAway">Walk to it.</param>
internal sealed record SceneSource(string Id, string Name, SourceInput Truth, WaterInput Water, Grit Grit, double MinutesAway);

/// <summary>Water farther along, on paper.</summary>
internal sealed record WaterAhead(string Name, double WalkingHours, int Nights, SourceClass Class)
{
    public double Chance => SourceReliability.OfClass(Class);
}

/// <summary>A scene: where, when, who, with what.</summary>
internal sealed record Scene(
    int Level,
    Season Season,
    double AirC,
    double ElevationM,
    int People,
    double MinutesLeft,
    string Container,
    double VolumeL,
    IReadOnlyList<KitEntry> Kit,
    IReadOnlyList<SceneSource> Sources,
    IReadOnlyList<WaterAhead> Ahead,
    double WalkingLPerH,
    double CampL,
    DateTimeOffset Now
)
{
    public bool HasCarry => Ahead.Count > 0;

    /// <summary>What Treat is asked about a source of the scene: everything told as it is.</summary>
    public TreatRequest Ask(SceneSource source, string? method = null) =>
        new(
            Units: UnitSystem.Metric,
            Water: source.Water with
            {
                VolumeL = VolumeL,
            },
            Method: method,
            CountViruses: true,
            Boil: BoilingPot.Options(BoilingPot.Of(Kit)),
            Chemical: new ChemicalOptions(Light: BottleLight.ShadeOrOpaque),
            StartAt: Now,
            Source: source.Truth,
            Clearing: new ClearingOptions(source.Grit, DrawOff.Siphon),
            Container: new ContainerInput(Opaque: true, CapacityL: VolumeL * 1.25, DepthCm: 20),
            Sky: new SkyInput(AirC, 46.2, -28.6, 0.4, false, DateOnly.FromDateTime(Now.DateTime)),
            Snow: null,
            Kit: Kit
        );
}
