using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Route;

/// <summary>What kind of water a place's own words suggest; a start for the traveller, who says what it is.</summary>
internal static class WaterWords
{
    private static readonly (string Word, SourceClass Class)[] Known =
    [
        ("seep", SourceClass.Seep), ("snow", SourceClass.SnowPatch), ("tank", SourceClass.TankOrTap), ("cistern", SourceClass.TankOrTap),
        ("trough", SourceClass.TankOrTap), ("tap", SourceClass.TankOrTap), ("hut", SourceClass.TankOrTap), ("well", SourceClass.TankOrTap),
        ("lake", SourceClass.Lake), ("tarn", SourceClass.Lake), ("pond", SourceClass.Lake), ("spring", SourceClass.Perennial), ("river", SourceClass.Perennial),
        ("seasonal", SourceClass.SeasonalLate), ("stream", SourceClass.SeasonalInSeason), ("creek", SourceClass.SeasonalInSeason),
        ("brook", SourceClass.SeasonalInSeason), ("beck", SourceClass.SeasonalInSeason), ("burn", SourceClass.SeasonalInSeason), ("water", SourceClass.SeasonalInSeason),
    ];

    public static SourceClass? ClassOf(string words)
    {
        foreach (var (word, kind) in Known)
        {
            if (words.Contains(word, StringComparison.OrdinalIgnoreCase))
            {
                return kind;
            }
        }

        return null;
    }
}
