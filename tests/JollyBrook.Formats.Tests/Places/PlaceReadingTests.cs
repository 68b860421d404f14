using CsCheck;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats.Tests.Places;

/// <summary>A file's place as the source it may become.</summary>
public class PlaceReadingTests
{
    private static readonly DateOnly Today = new(2026, 11, 27);

    /// <summary>Along the 46th parallel, 77.24 km a degree.</summary>
    private static readonly PlacedLine Line = PlacedLine.Of(
        Track.Of([.. Enumerable.Range(0, 101).Select(i => new GeoPoint(46, -28 + (i * 0.001), 100))])!
    );

    private static FoundPlace Read(
        string name,
        string words = "",
        string kind = "",
        double latitude = 46,
        params (string Key, string Value)[] tags
    ) =>
        PlaceReading.Of(
            new FilePlace(new GeoPoint(latitude, -27.95), name, words, kind, tags.ToDictionary(t => t.Key, t => t.Value)),
            Line,
            Today,
            Speaker.Metric
        );

    [Theory]
    [InlineData("natural", "spring", SourceClass.Perennial)]
    [InlineData("amenity", "drinking_water", SourceClass.TankOrTap)]
    [InlineData("man_made", "water_well", SourceClass.TankOrTap)]
    [InlineData("waterway", "stream", SourceClass.SeasonalInSeason)]
    [InlineData("waterway", "river", SourceClass.Perennial)]
    [InlineData("natural", "water", SourceClass.Lake)]
    public void A_maps_tags_go_before_the_name(string key, string value, SourceClass kind) =>
        Read("Snow patch", tags: (key, value)).Source.Class.ShouldBe(kind);

    [Fact]
    public void What_does_not_always_run_is_counted_as_late()
    {
        Read("Spring", tags: [("natural", "spring"), ("intermittent", "yes")]).Source.Class.ShouldBe(SourceClass.SeasonalLate);
        Read("Spring", tags: [("natural", "spring"), ("seasonal", "winter")]).Source.Class.ShouldBe(SourceClass.SeasonalLate);
        Read("Spring", tags: [("natural", "spring"), ("intermittent", "no")]).Source.Class.ShouldBe(SourceClass.Perennial);
    }

    [Fact]
    public void A_files_type_goes_before_the_name_and_dryness_before_all()
    {
        Read("Hilltop", kind: "Lake").Source.Class.ShouldBe(SourceClass.Lake);
        Read("Spring Creek", kind: "Campground").IsOffered.ShouldBeFalse();
        Read("The inn", kind: "Drinking Water").Source.Class.ShouldBe(SourceClass.SeasonalInSeason);
        Read("Fold well", kind: "Water").Source.Class.ShouldBe(SourceClass.TankOrTap);
        var dry = Read("Dry Spring", tags: ("natural", "spring"));
        (dry.Source.Class, dry.IsOffered).ShouldBe((SourceClass.ReportedDry, false));
    }

    /// <summary>Dry a week ago: p = 0.98 + (0.05 − 0.98)·2^(−7/21) = 0.98 − 0.93·0.7937 = 0.242.</summary>
    [Fact]
    public void A_dated_state_is_its_report_and_moves_the_chance()
    {
        var found = Read("Ledge spring", "Dry as of 20 Nov");
        (found.Source.Class, found.Source.ReportedFlowing, found.IsOffered).ShouldBe((SourceClass.Perennial, false, false));
        found.Source.ReportedAt.ShouldBe(new DateTimeOffset(2026, 11, 20, 0, 0, 0, TimeSpan.Zero));
        found.Chance.ShouldBe(0.242, 0.001);
        Read("Beck", "flowing well 11/25").IsOffered.ShouldBeTrue();
    }

    [Fact]
    public void What_is_not_understood_is_kept_as_unknown_and_not_ticked()
    {
        var found = Read("Springfield junction");
        (found.Source.Class, found.IsOffered, found.Name).ShouldBe((SourceClass.Unknown, false, "Springfield junction"));
        found.Chance.ShouldBe(0.05);
        found.Why.ShouldNotBeEmpty();
    }

    /// <summary>0.2 mi are 322 m, 300 m of a kilometre: at 3 km/h 6.4 and 6 min, a begun minute whole.</summary>
    [Theory]
    [InlineData("0.2 mi W", 7)]
    [InlineData("300 m off trail", 6)]
    [InlineData("1/2 mile downhill", 17)] // 804.7 m
    [InlineData("500 ft east", 4)] // 152.4 m
    [InlineData("0,5 km abseits", 10)]
    [InlineData("at mi 14.2", 0)]
    [InlineData("height 300 m", 0)]
    [InlineData("12 km N of the pass", 0)]
    public void A_way_off_in_words_is_the_detour(string words, double minutes) =>
        Read("Spring", words).Source.DetourMinutes.ShouldBe(minutes);

    /// <summary>0.01° is 1.112 km: 22.2 min at 3 km/h. What is 33 km off is far; nothing is ticked beyond 3 km.</summary>
    [Fact]
    public void A_place_off_the_line_takes_a_walk()
    {
        var found = Read("Spring", latitude: 46.01);
        (found.Source.DetourMinutes, found.IsOffered).ShouldBe((23d, true));
        found.Source.AlongKm!.Value.ShouldBe(3.86, 0.01);
        Read("Spring", latitude: 46.03).IsOffered.ShouldBeFalse();
        Read("Spring", "0.2 mi W", latitude: 46.01).Source.DetourMinutes.ShouldBe(23);
    }

    [Fact]
    public void Places_of_another_walk_are_left_out_and_that_is_said()
    {
        var (places, flags) = PlacesOnLine.Of(
            [
                new FilePlace(new GeoPoint(47, -28), "Far spring"),
                new FilePlace(new GeoPoint(46.045, -27.95), "Side spring"),
                new FilePlace(new GeoPoint(46, -27.99), ""),
            ],
            Line,
            Today,
            Speaker.Metric
        );
        places.Select(p => p.Source.Name).ShouldBe(["Unnamed water", "Side spring"]);
        flags.ShouldBe(["Far spring is 111.2 km off the line: left out.", "Side spring is 5 km off the line."], ignoreOrder: true);
    }

    [Fact]
    public void Whatever_its_words_it_is_a_source_that_can_be_kept() =>
        Gen.Select(Gen.String, Gen.String, Gen.String, Gen.Double[45.9, 46.1])
            .Sample(
                (name, words, kind, latitude) =>
                {
                    var found = Read(name, words, kind, latitude);
                    TripSource.Check(found.Source);
                    found.Chance.ShouldBeInRange(0, 1);
                    (found.IsOffered && found.Source.Class is SourceClass.Unknown or SourceClass.ReportedDry).ShouldBeFalse();
                }
            );
}
