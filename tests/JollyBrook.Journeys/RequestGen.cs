using System.Globalization;
using CsCheck;

namespace JollyBrook.Journeys;

/// <summary>Requests of every calculation: right ones, wrong ones and broken ones.</summary>
internal static class RequestGen
{
    private static readonly Gen<string> Units = Gen.OneOf("\"metric\"", "\"us\"", "null");

    private static readonly Gen<string> Treat =
        from units in Units
        from method in Gen.OneOf(
            "boil", "boil", "boil", "nadcc-8.5", "nadcc-17", "bleach", "bleach", "clo2-tablet", "clo2-drops", "iodine-tablet", "iodine-tincture", "dew")
        from water in Water()
        from options in method == "boil" ? Boil() : Chemical()
        from viruses in Gen.OneOf("true", "false", "null")
        select $$"""{"units":{{units}},"method":"{{method}}","countViruses":{{viruses}},"startAt":"2026-08-21T14:05:00+02:00","water":{{water}},{{options}}}""";

    private static readonly Gen<string> Progress =
        from taps in Gen.Select(Gen.OneOf("strain", "measure", "contact", "drink"), Gen.Int[0, 120]).Array[0, 6]
        from minute in Gen.Int[0, 180]
        select $$"""
            {"steps":[{"id":"strain","kind":"prepare","title":"a","detail":"b","done":"c"},{"id":"measure","kind":"prepare","title":"a","detail":"b","done":"c"},{"id":"contact","kind":"contact","title":"a","detail":"b","done":null,"clock":"gate","minutes":33.5},{"id":"drink","kind":"drink","title":"a","detail":"b","done":"c"}],"shortOf":["viruses"],"taps":[{{string.Join(",", taps.Select(t => $$"""{"kind":"done","stepId":"{{t.Item1}}","at":"{{At(t.Item2)}}"}"""))}}],"startedAt":"{{At(0)}}","now":"{{At(minute)}}"}
            """;

    private static readonly Gen<string> Broken =
        from whole in Treat
        from length in Gen.Int[0, 60]
        select whole[..length];

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (2, Units.Select(u => ("catalogue", $$"""{"units":{{u}}}"""))),
        (16, Treat.Select(json => ("treat", json))),
        (4, Progress.Select(json => ("batch-progress", json))),
        (1, Broken.Select(json => ("treat", json))),
        (1, Gen.Const(("divine", "{}"))));

    private static Gen<string> Water() =>
        from litres in Number(0.05, 60, "0", "-3", "400", "\"much\"", "null")
        from clarity in Gen.OneOf("\"clear\"", "\"slightlyCloudy\"", "\"cloudy\"", "\"muddy\"", "\"unknown\"", "null", "\"thick\"")
        from colour in Gen.OneOf("\"none\"", "\"none\"", "\"tea\"", "\"green\"", "\"unknown\"", "null")
        from temperature in Number(0, 40, "80", "null", "null")
        from elevation in Number(-430, 9000, "12000", "null", "null")
        select $$"""{"volumeL":{{litres}},"clarity":{{clarity}},"colour":{{colour}},"temperatureC":{{temperature}},"elevationM":{{elevation}}}""";

    private static Gen<string> Boil() =>
        from school in Gen.OneOf("\"oneOrThree\"", "\"rollingBoil\"", "\"longBoil\"", "null")
        from minutes in Number(1, 30, "90", "null")
        from burner in Gen.OneOf("\"canister-windy\"", "\"hexamine\"", "\"open-fire\"", "null")
        from pot in Gen.OneOf("null", """{"capacityL":1.3,"massKg":0.19,"material":"titanium"}""", """{"capacityL":0,"massKg":0.2,"material":null}""")
        from lid in Gen.OneOf("true", "false", "null")
        from cooling in Gen.OneOf("\"stillAir\"", "\"stream\"", "null")
        from air in Number(-40, 50, "null")
        select $$""""boil":{"school":{{school}},"longMinutes":{{minutes}},"burnerId":{{burner}},"pot":{{pot}},"lidOn":{{lid}},"cooling":{{cooling}},"airTemperatureC":{{air}}}"""";

    private static Gen<string> Chemical() =>
        from date in Gen.OneOf("\"inDate\"", "\"inDate\"", "\"inDate\"", "\"past\"", "null")
        from light in Gen.OneOf("\"shadeOrOpaque\"", "\"clearInSun\"", "null")
        from ph in Number(4, 9, "9.7", "null")
        from strength in Number(5, 9, "3", "null")
        from age in Number(0, 12, "20", "null")
        from drops in Gen.OneOf("null", """{"drops":23,"millilitres":1}""", """{"drops":500,"millilitres":1}""")
        select $$""""chemical":{"date":{{date}},"light":{{light}},"ph":{{ph}},"bleachStrengthPercent":{{strength}},"bleachAgeMonths":{{age}},"dropCount":{{drops}}}"""";

    /// <summary>Mostly a number in its range, now and then one of the others.</summary>
    private static Gen<string> Number(double from, double to, params string[] others) => Gen.Frequency(
        (12, Gen.Double[from, to].Select(n => Math.Round(n, 3).ToString(CultureInfo.InvariantCulture))),
        (1, Gen.OneOf(others)));

    private static string At(int minute) => new DateTimeOffset(2026, 8, 21, 14, 0, 0, TimeSpan.Zero).AddMinutes(minute).ToString("O");
}
