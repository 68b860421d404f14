using CsCheck;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats.Tests.Places;

/// <summary>Words of a file's places invent no water, and dryness is read.</summary>
public class WaterWordsTests
{
    private static readonly DateOnly Today = new(2026, 11, 27);

    [Theory]
    [InlineData("Fernhollow spring", SourceClass.Perennial)]
    [InlineData("Spring water, good", SourceClass.Perennial)]
    [InlineData("Seasonal spring", SourceClass.SeasonalLate)]
    [InlineData("Sinking Brook", SourceClass.SeasonalInSeason)]
    [InlineData("Water", SourceClass.SeasonalInSeason)]
    [InlineData("Chapel well", SourceClass.TankOrTap)]
    [InlineData("Creek, flowing well 8/14", SourceClass.SeasonalInSeason)]
    [InlineData("Snow patch under the col", SourceClass.SnowPatch)]
    [InlineData("HERON TARN", SourceClass.Lake)]
    [InlineData("Waldquelle", SourceClass.Perennial)]
    [InlineData("Brunnen am Platz", SourceClass.TankOrTap)]
    [InlineData("Fontaine du village", SourceClass.TankOrTap)]
    [InlineData("Rivière", SourceClass.Perennial)]
    [InlineData("Fuente de la sierra", SourceClass.Perennial)]
    [InlineData("Sorgente alta", SourceClass.Perennial)]
    [InlineData("Poço velho", SourceClass.TankOrTap)]
    [InlineData("Steinbekken", SourceClass.SeasonalInSeason)]
    [InlineData("Kallkälla", SourceClass.Perennial)]
    [InlineData("山頂の水場", SourceClass.SeasonalInSeason)]
    [InlineData("沢", SourceClass.SeasonalInSeason)]
    public void Water_is_read_by_whole_words(string words, SourceClass kind) =>
        WaterWords.In(new PlaceText(words))!.Value.Class.ShouldBe(kind);

    [Theory]
    [InlineData("Dry Spring")]
    [InlineData("Ledge spring. Dry as of 20 Nov")]
    [InlineData("No water")]
    [InlineData("Creek: not flowing")]
    [InlineData("Quelle, versiegt")]
    [InlineData("Kein Wasser")]
    [InlineData("Source tarie, pas d'eau")]
    [InlineData("Fuente seca")]
    [InlineData("sin agua")]
    [InlineData("Fontana asciutta")]
    [InlineData("Sem água")]
    [InlineData("Bäcken är torr")]
    [InlineData("Ikke vann")]
    [InlineData("水場 涸れ")]
    public void Dryness_is_read_before_water(string words) =>
        ReportWords.Newest(new PlaceText(words), Today)!.Value.IsFlowing.ShouldBeFalse();

    [Theory]
    [InlineData("Springfield junction")]
    [InlineData("Riverside Inn")]
    [InlineData("Spring Street")]
    [InlineData("Lake Hotel")]
    [InlineData("Burn area, loose ground")]
    [InlineData("Gas tank")]
    [InlineData("Spring closure")]
    [InlineData("Path well marked")]
    [InlineData("Tapas")]
    [InlineData("Offenbach")]
    [InlineData("Wellington")]
    [InlineData("See the view")]
    [InlineData("Start")]
    [InlineData("")]
    public void What_is_no_water_is_none(string words) => WaterWords.In(new PlaceText(words)).ShouldBeNull();

    [Theory]
    [InlineData("Never dry spring")]
    [InlineData("Quelle, nie trocken")]
    public void What_is_never_dry_is_not_dry(string words)
    {
        ReportWords.Newest(new PlaceText(words), Today).ShouldBeNull();
        WaterWords.In(new PlaceText(words))!.Value.Class.ShouldBe(SourceClass.Perennial);
    }

    /// <summary>Letters about a word for water make another word of it.</summary>
    [Fact]
    public void A_word_within_a_word_is_no_water() =>
        Gen.Select(
                Gen.OneOf(
                    Gen.Const("tap"),
                    Gen.Const("well"),
                    Gen.Const("lake"),
                    Gen.Const("spring"),
                    Gen.Const("river"),
                    Gen.Const("burn")
                ),
                Gen.String[Gen.Char['a', 'z'], 3, 8]
            )
            .Sample((word, other) => WaterWords.In(new PlaceText(word + other + "x")).ShouldBeNull());

    [Fact]
    public void Said_to_be_dry_without_a_date_it_is_never_counted_on() =>
        Gen
            .String.Select(s => string.Concat(s.Where(c => !char.IsDigit(c))))
            .Sample(anything => ReportWords.Newest(new PlaceText($"dry {anything}"), Today)!.Value.IsFlowing.ShouldBeFalse());

    /// <summary>Accents in two pieces, and letters and digits of full width, are the same words.</summary>
    [Fact]
    public void However_it_is_written_it_is_the_same_word()
    {
        WaterWords.In(new PlaceText("Kallka\u0308lla"))!.Value.Class.ShouldBe(SourceClass.Perennial);
        WaterWords.In(new PlaceText("ＳＰＲＩＮＧ"))!.Value.Class.ShouldBe(SourceClass.Perennial);
        new PlaceText("１２ ٣ ½").Letters.ShouldBe("12 3 1/2");
    }
}
