using JollyBrook.Core.Sources;

namespace JollyBrook.Server.Demo;

/// <summary>The sources of the demo walk, in its order, by invented names.</summary>
internal static class DemoTrip
{
    public static IReadOnlyList<TripSource> Sources(DateTimeOffset now) =>
    [
        new("Fernhollow spring", SourceClass.Perennial, 1.2, true, now.AddDays(-3)),
        new("Sinking brook", SourceClass.SeasonalLate, 6.8, true, now.AddDays(-9)),
        new("Stockman's beck", SourceClass.Perennial, 11.5, true, now.AddDays(-9)),
        new("Heron tarn", SourceClass.Lake, 17.9),
        new("Ledge seep", SourceClass.Seep, 20.3, false, now.AddDays(-30)),
        new("Old cistern", SourceClass.TankOrTap, 24.6, true, now.AddDays(-14)),
    ];
}
