using System.Globalization;
using CsCheck;
using JollyBrook.Core.Route;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests of the planning calculations: right ones, and wrong ones now and then.</summary>
internal static class PlanningRequestGen
{
    private static readonly Gen<string> Walker =
        from mass in Number(40, 110, "5")
        from height in Number(150, 200, "null")
        from used in Gen.OneOf("true", "false", "null")
        from worn in Gen.OneOf("\"shortsAndShirt\"", "\"shell\"", "null")
        select $$"""{"name":"W","massKg":{{mass}},"heightCm":{{height}},"acclimatised":{{used}},"worn":{{worn}}}""";

    private static readonly Gen<string> Sweat =
        from walker in Walker
        from temperature in Number(-15, 40, "99")
        from grade in Number(-20, 25, "null")
        from school in Gen.OneOf("\"gonzalez2009\"", "\"shapiro1982\"", "null")
        from after in Number(60, 71)
        select $$$"""{"walker":{{{walker}}},"school":{{{school}}},"effort":{"temperatureC":{{{temperature}}},"gradePercent":{{{grade}}},"terrain":"rough"},"tests":[{"id":"t","test":{"hours":2,"beforeKg":70,"afterKg":{{{after}}},"drunkL":0.5,"heightCm":175}}]}""";

    public static readonly Gen<string> Route =
        from heights in Gen.Int[3000, 3400].Array[40, 160]
        from km in Number(4, 40, "0")
        from camp in Gen.Double[0.2, 0.8]
        from pace in Number(0.7, 1.6, "9")
        from room in Number(1, 12)
        let length = double.Parse(km, CultureInfo.InvariantCulture)
        let days = FormattableString.Invariant($$"""[{"startHour":8,"endKm":{{length * camp:0.##}}},{}]""")
        select $$"""{"name":"R","startDate":"2026-08-21","lengthKm":{{km}},"heights":{{System.Text.Json.JsonSerializer.Serialize(EncodedNumbers.Encode(heights.Select(h => (long)h)))}},"pace":{{pace}},"days":{{days}},"weather":[{"lowC":8,"highC":27,"humidityPercent":50,"cloud":0.2}],"containers":[{"name":"B","volumeL":{{room}}}]}""";

    private static readonly Gen<string> Source =
        from km in Number(0, 40)
        from chance in Number(0.2, 1)
        from detour in Number(0, 20, "null")
        from drinkable in Gen.OneOf(Gen.Const("true"), Gen.Const("false"), Gen.Const("null"))
        from drink in Number(0, 1, "null")
        select $$"""{"name":"S","class":"perennial","alongKm":{{km}},"chance":{{chance}},"detourMinutes":{{detour}},"drinkable":{{drinkable}},"drinkL":{{drink}}}""";

    public static readonly Gen<string> Plan =
        from route in Route
        from sources in Source.Array[0, 5]
        from walker in Walker
        select $$"""{"route":{{route}},"sources":[{{string.Join(",", sources.Select((s, i) => $$"""{"id":"s{{i}}","source":{{s}}}"""))}}],"walkers":[{"id":"w","walker":{{walker}}}],"now":"2026-08-21T06:00:00Z"}""";

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (4, Sweat.Select(json => ("sweat", json))),
        (4, Plan.Select(json => ("plan", json))),
        (2, Plan.Select(json => ("how-sure", $$"""{"plan":{{json}},"runs":200,"target":0.1}"""))),
        (
            1,
            Number(1, 20, "-1")
                .Select(km => ("legs", $$"""{"startM":100,"legs":[{"name":"A","distanceKm":{{km}},"upM":300,"downM":100}]}"""))
        ),
        (1, Route.Select(json => ("route-line", json)))
    );
}
