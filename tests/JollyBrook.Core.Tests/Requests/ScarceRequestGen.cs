using CsCheck;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests about scarce water and drills: right ones, and wrong ones now and then.</summary>
internal static class ScarceRequestGen
{
    private static readonly Gen<string> Near =
        from direction in Gen.OneOf("\"ahead\"", "\"behind\"", "null")
        from km in Number(0, 30, "-2", "null")
        from chance in Number(0, 1, "null")
        select $$"""{"name":"W","direction":{{direction}},"distanceKm":{{km}},"chance":{{chance}}}""";

    public static readonly Gen<string> Short =
        from litres in Number(0, 6, "null")
        from need in Number(0.1, 3, "null", "90")
        from sources in Near.Array[0, 4]
        from help in Number(0, 60, "null")
        from air in Number(-15, 42)
        from means in Gen.OneOf("\"full\"", "\"weak\"", "\"none\"", "\"unknown\"", "null")
        from signs in Gen.OneOf("\"none\"", "\"grave\"", "null")
        from seen in Gen.OneOf("\"bloom\"", "\"stock\"", "\"nobodyAbove\"")
        from here in Gen.OneOf("true", "false")
        select $$"""{"inHandL":{{litres}},"needLPerH":{{need}},"sources":[{{string.Join(",", sources)}}],"helpHours":{{help}},"effort":{"temperatureC":{{air}}},"waterHere":{{here}},"here":{"kind":"pond","seen":[{{seen}}]},"means":{{means}},"signs":{{signs}}}""";

    private static readonly Gen<string> Make =
        from air in Number(-10, 42, "70")
        from humidity in Number(10, 95)
        from sun in Gen.OneOf("\"full\"", "\"part\"", "\"none\"", "null")
        from rain in Number(0, 30)
        from sheet in Number(0, 12)
        from fuel in Number(0, 400, "null")
        from snow in Number(-25, 0, "null")
        from way in Gen.OneOf("\"rain\"", "\"ground-still\"", "\"pot-tube\"", "\"snow\"", "\"dowsing\"")
        select $$"""{"airTemperatureC":{{air}},"humidityPercent":{{humidity}},"sun":{{sun}},"rainMm":{{rain}},"sheetM2":{{sheet}},"bags":3,"features":["leafyBranches","wetSoil","besideWater","saltWater","snow","dryBed"],"soil":"loam","burner":"canister-sheltered","fuelG":{{fuel}},"pot":{"capacityL":1.3,"massKg":0.19,"material":"titanium"},"snow":{"kind":"settled","temperatureC":{{snow}}},"needLPerDay":6,"chosen":[{"id":{{way}}}]}""";

    private static readonly Gen<string> Drill =
        from seed in Gen.Int[0, 100_000]
        from level in Gen.OneOf("1", "2", "3", "4", "5", "6", "9")
        from focus in Gen.OneOf("null", "\"judge\"", "\"clear\"", "\"carry\"", "\"dose\"")
        from played in Gen.OneOf(
            "null",
            """{"looks":[{"source":"a","look":"edges"},{"source":"a","look":"mark"}]}""",
            """{"source":"a","clear":"settle","method":"tablets","dose":2,"waitMinutes":45,"store":"rinseThreads","carryL":3.5}""",
            """{"source":"none"}"""
        )
        select $$"""{"seed":{{seed}},"level":{{level}},"focus":{{focus}},"answers":{{played}}}""";

    private static readonly Gen<string> Quiz =
        from seed in Gen.Int[0, 100_000]
        from trap in Gen.OneOf("\"gallon\"", "\"quart\"", "\"percent\"", "\"drops\"", "\"cold\"", "\"cloudy\"", "null", "\"carry\"")
        from answer in Gen.OneOf("null", "4", "60")
        select $$"""{"seed":{{seed}},"trap":{{trap}},"answer":{{answer}}}""";

    private static readonly Gen<string> Progress = Gen.Select(Gen.Int[0, 9], Gen.Bool)
        .Array[0, 12]
        .Select(done =>
            $$"""{"results":[{{string.Join(",", done.Select(d => $$"""{"kind":"drill","seed":{{d.Item1}},"level":1,"focus":null,"at":"2026-08-2{{d.Item1 % 9}}T10:00:00Z","skills":[{"skill":"dose","passed":{{(d.Item2 ? "true" : "false")}}}]}"""))}}],"now":"2026-09-01T08:00:00+01:00"}"""
        );

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (3, Short.Select(json => ("water-short", json))),
        (3, Make.Select(json => ("make-water", json))),
        (4, Drill.Select(json => ("drill", json))),
        (2, Quiz.Select(json => ("quiz", json))),
        (1, Progress.Select(json => ("drill-progress", json))),
        (
            1,
            Number(-90, 90, "200", "null")
                .Select(latitude =>
                    (
                        "call-for-help",
                        $$"""{"latitudeDeg":{{latitude}},"longitudeDeg":-28.6,"inHandL":0.4,"restLPerH":0.2,"now":"2026-08-22T14:05:00+01:00"}"""
                    )
                )
        )
    );
}
