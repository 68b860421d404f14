using JollyBrook.Core.Sources;

namespace JollyBrook.Formats.Places;

/// <summary>What a map's own tags say of a place (natural=spring, intermittent=yes …).</summary>
internal static class MapTags
{
    /// <summary>The keys that are read.</summary>
    public static readonly IReadOnlyList<string> Keys =
    [
        "natural",
        "amenity",
        "man_made",
        "waterway",
        "water",
        "landuse",
        "drinking_water",
        "intermittent",
        "seasonal",
        "tourism",
        "shop",
        "highway",
    ];

    /// <returns>Null where they tell of no water. <see cref="SourceClass.SeasonalLate"/> where they say that it does not always
    /// run.</returns>
    public static (SourceClass Class, string Tag)? Water(IReadOnlyDictionary<string, string> tags)
    {
        ArgumentNullException.ThrowIfNull(tags);
        string Of(string key) => tags.GetValueOrDefault(key, "").Trim().ToLowerInvariant();
        (SourceClass Class, string Tag)? found = (Of("natural"), Of("amenity"), Of("man_made"), Of("waterway")) switch
        {
            ("spring", _, _, _) => (SourceClass.Perennial, "natural=spring"),
            (_, "drinking_water" or "water_point" or "fountain" or "watering_place", _, _) => (
                SourceClass.TankOrTap,
                $"amenity={Of("amenity")}"
            ),
            (_, _, "water_well" or "water_tap" or "water_tank" or "cistern" or "spring_box" or "drinking_fountain", _) => (
                SourceClass.TankOrTap,
                $"man_made={Of("man_made")}"
            ),
            (_, _, _, "river") => (SourceClass.Perennial, "waterway=river"),
            (_, _, _, "stream" or "brook" or "waterfall") => (SourceClass.SeasonalInSeason, $"waterway={Of("waterway")}"),
            ("water", _, _, _) => (SourceClass.Lake, "natural=water"),
            ("glacier", _, _, _) => (SourceClass.SnowPatch, "natural=glacier"),
            _ when Of("landuse") == "reservoir" => (SourceClass.Lake, "landuse=reservoir"),
            _ when Of("drinking_water") == "yes" => (SourceClass.TankOrTap, "drinking_water=yes"),
            _ => null,
        };
        var sometimes = Array.Find(["intermittent", "seasonal"], key => Of(key) is not ("" or "no"));
        return
            found is { } water
            && sometimes is not null
            && SourceReliability.OfClass(SourceClass.SeasonalLate) < SourceReliability.OfClass(water.Class)
            ? (SourceClass.SeasonalLate, $"{water.Tag}, {sometimes}={Of(sometimes)}")
            : found;
    }
}
