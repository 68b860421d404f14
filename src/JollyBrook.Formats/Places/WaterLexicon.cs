using System.Collections.Frozen;
using JollyBrook.Core.Sources;

namespace JollyBrook.Formats.Places;

/// <summary>
/// Words for water, for its absence, and for what is named after water and is none: English, German, French, Spanish, Italian, Portuguese,
/// Swedish, Norwegian, Japanese.
/// </summary>
internal static class WaterLexicon
{
    /// <summary>Whole words, lower case.</summary>
    public static readonly FrozenDictionary<string, SourceClass> Words = Table(
        (SourceClass.Seep, "seep seeps seepage suintement"),
        (SourceClass.SnowPatch, "snow snowpatch snowfield schneefeld firnfeld névé nevero nevaio snøfonn snölega"),
        (
            SourceClass.TankOrTap,
            "tap taps faucet spigot fountain tank tanks cistern trough well wells trinkwasser brunnen "
                + "zisterne tränke wasserhahn fontaine robinet puits citerne abreuvoir "
                + "grifo pozo aljibe cisterna abrevadero fontana fontanella rubinetto pozzo abbeveratoio "
                + "torneira poço bebedouro chafariz brunn vattenkran brønn vannpost"
        ),
        (
            SourceClass.Lake,
            "lake lakes tarn pond loch lough lochan teich weiher bergsee lac étang lago laguna charca "
                + "embalse laghetto lagoa sjö tjärn innsjø sjø tjern vatn"
        ),
        (
            SourceClass.Perennial,
            "spring springs river quelle quellen fluss rivière fleuve fuente manantial río sorgente "
                + "fonte fiume nascente rio källa kallkälla älv kilde elv"
        ),
        (
            SourceClass.SeasonalInSeason,
            "stream streams creek brook beck burn gill rill waterfall bach bächlein wasserfall source "
                + "ruisseau torrent cascade arroyo cascada ruscello torrente cascata "
                + "ribeiro ribeira riacho bäck bekk foss"
        ),
        (SourceClass.SeasonalLate, "seasonal intermittent ephemeral")
    );

    /// <summary>Water, of no kind: counts where no word tells of one.</summary>
    public static readonly FrozenSet<string> AnyWater = Set("water wasser eau agua acqua água vatten vann 水");

    /// <summary>Ends of words that are put together in one: Waldquelle, Steinbekk.</summary>
    public static readonly (string End, SourceClass Class)[] Ends =
    [
        ("quelle", SourceClass.Perennial),
        ("kilde", SourceClass.Perennial),
        ("källa", SourceClass.Perennial),
        ("brunnen", SourceClass.TankOrTap),
        ("bächlein", SourceClass.SeasonalInSeason),
        ("bekken", SourceClass.SeasonalInSeason),
        ("bekk", SourceClass.SeasonalInSeason),
        ("bäcken", SourceClass.SeasonalInSeason),
        ("bäck", SourceClass.SeasonalInSeason),
        ("tjern", SourceClass.Lake),
        ("tjärn", SourceClass.Lake),
        ("vatnet", SourceClass.Lake),
    ];

    /// <summary>Japanese is written without spaces: wherever they stand, the longest first.</summary>
    public static readonly (string Word, SourceClass Class)[] Unspaced =
    [
        ("水場", SourceClass.SeasonalInSeason),
        ("湧水", SourceClass.Perennial),
        ("湧き水", SourceClass.Perennial),
        ("水道", SourceClass.TankOrTap),
        ("井戸", SourceClass.TankOrTap),
        ("雪渓", SourceClass.SnowPatch),
        ("泉", SourceClass.Perennial),
        ("湖", SourceClass.Lake),
        ("池", SourceClass.Lake),
        ("沢", SourceClass.SeasonalInSeason),
        ("川", SourceClass.Perennial),
    ];

    public static readonly FrozenSet<string> Dry = Set(
        "dry dried waterless trocken ausgetrocknet versiegt sec sèche asséché tari tarie seco "
            + "seca secco secca asciutto asciutta torr torrt torrlagd uttorkad tørr tørt uttørket"
    );

    public static readonly (string First, string Second)[] NoWater =
    [
        ("no", "water"),
        ("no", "flow"),
        ("without", "water"),
        ("not", "flowing"),
        ("not", "running"),
        ("kein", "wasser"),
        ("ohne", "wasser"),
        ("pas", "eau"),
        ("sans", "eau"),
        ("sin", "agua"),
        ("senza", "acqua"),
        ("senz", "acqua"),
        ("sem", "água"),
        ("inget", "vatten"),
        ("utan", "vatten"),
        ("ikke", "vann"),
        ("uten", "vann"),
    ];

    public static readonly string[] UnspacedDry = ["涸", "枯", "水なし", "水無"];

    /// <summary>Words that it runs. "Full" and "good" tell too little.</summary>
    public static readonly FrozenSet<string> Flowing = Set(
        "flowing flows running runs trickle trickling gushing dripping fließt fliesst läuft rinnt "
            + "wasserführend coule coulait fluye corre corría scorre sgorga jorra rinner rinnande renner rennende"
    );

    public static readonly string[] UnspacedFlowing = ["水あり", "流れて"];

    /// <summary>Months by their names and short names.</summary>
    public static readonly FrozenDictionary<string, int> Months = MonthTable(
        "january jan januar januari januar janvier janv enero ene gennaio gen janeiro",
        "february feb februar februari février févr fév febrero febbraio fevereiro fev",
        "march mar märz mrz mars marzo março",
        "april apr avril avr abril abr aprile",
        "may mai maj mayo maggio mag maio",
        "june jun juni juin junio giugno giu junho",
        "july jul juli juillet juil julio luglio lug julho",
        "august aug augusti août agosto ago",
        "september sep sept septembre septiembre settembre set setembro",
        "october oct oktober okt octobre octubre ottobre ott outubro out",
        "november nov novembre noviembre novembro",
        "december dec dezember dez december desember des décembre déc diciembre dic dicembre dezembro"
    );

    /// <summary>Before a dry word they turn it round.</summary>
    public static readonly FrozenSet<string> Never = Set("never not nie niemals nicht jamais nunca mai aldrig aldri seldom rarely");

    /// <summary>What may be named after water and is a building, a road or a service.</summary>
    public static readonly FrozenSet<string> NoSource = Set(
        "inn hotel motel hostel pub cafe café restaurant junction jct road rd street avenue ave "
            + "lane highway trailhead parking campground resort lodge school church station museum shop "
            + "store mall gasthof gasthaus "
            + "bahnhof parkplatz straße strasse auberge gare rue calle estación albergue stazione via rua estação väg vei"
    );

    /// <summary>Words for water that are something else beside certain others.</summary>
    public static readonly (string Word, FrozenSet<string> Before, FrozenSet<string> After)[] Otherwise =
    [
        ("well", Set("flowing running works"), Set("marked signed worn known graded maintained defined used")),
        ("burn", Set(""), Set("area zone scar ban")),
        ("tank", Set("gas fuel propane oil septic"), Set("")),
        ("spring", Set("early late in last this next"), Set("break closure only melt 2024 2025 2026 2027")),
        ("source", Set(""), Set("code")),
        ("water", Set(""), Set("bar bars tower")),
    ];

    private static FrozenSet<string> Set(string words) => words.Split(' ', StringSplitOptions.RemoveEmptyEntries).ToFrozenSet();

    private static FrozenDictionary<string, SourceClass> Table(params (SourceClass Class, string Words)[] rows) =>
        rows.SelectMany(r => r.Words.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(w => (Word: w, r.Class)))
            .ToFrozenDictionary(r => r.Word, r => r.Class);

    private static FrozenDictionary<string, int> MonthTable(params string[] rows) =>
        rows.SelectMany((row, i) => row.Split(' ').Distinct().Select(w => (Word: w, Month: i + 1)))
            .DistinctBy(r => r.Word)
            .ToFrozenDictionary(r => r.Word, r => r.Month);
}
