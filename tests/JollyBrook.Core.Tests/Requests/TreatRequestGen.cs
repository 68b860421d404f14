using CsCheck;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests about one container of water and what treats it: right ones, and wrong ones now and then.</summary>
internal static class TreatRequestGen
{
    public static readonly Gen<string> AnyUnits = Gen.OneOf("\"metric\"", "\"us\"", "null");

    public static readonly Gen<string> Treat =
        from units in AnyUnits
        from method in Gen.OneOf(
            "boil",
            "boil",
            "boil",
            "nadcc-8.5",
            "nadcc-17",
            "bleach",
            "bleach",
            "clo2-tablet",
            "clo2-drops",
            "iodine-tablet",
            "iodine-tincture",
            "dew"
        )
        from water in Water()
        from options in method == "boil" ? Boil() : Chemical()
        from viruses in Gen.OneOf("true", "false", "null")
        select $$"""{"units":{{units}},"method":"{{method}}","countViruses":{{viruses}},"startAt":"2026-08-21T14:05:00+02:00","water":{{water}},{{options}}}""";

    private static readonly Gen<string> Source =
        from kind in Gen.OneOf("\"stream\"", "\"pond\"", "\"lake\"", "\"snow\"", "\"unknown\"", "null", "\"puddle\"")
        from flow in Gen.OneOf("\"flowing\"", "\"stagnant\"", "\"unknown\"", "null")
        from seen in Gen.OneOf("\"bloom\"", "\"stock\"", "\"campOrToilet\"", "\"nobodyAbove\"", "\"livingInsects\"").Array[0, 2]
        from walked in Gen.OneOf("\"yes\"", "\"no\"", "null")
        from conductivity in Number(100, 2000, "-1", "null")
        select $$"""{"kind":{{kind}},"flow":{{flow}},"seen":[{{string.Join(",", seen)}}],"upstreamWalked":{{walked}},"rainLastDay":"no","conductivityUsCm":{{conductivity}}}""";

    private static readonly Gen<string> Filter =
        from element in Gen.OneOf("hollowFibre", "ceramic", "pleated", "purifier", "oneMicron", "carbon")
        from style in Gen.OneOf("squeeze", "gravity", "pump", "press", "drinkThrough")
        from flow in Number(0.05, 4, "0", "null")
        from used in Number(0, 5000, "null")
        from load in Number(0, 3000, "null")
        from frozen in Gen.OneOf("\"no\"", "\"no\"", "\"yes\"", "null")
        select $$$$""" "item":{"kind":"filter","name":"Filter","filter":{"element":"{{{{element}}}}","style":"{{{{style}}}}","ratedFlowLPerMin":{{{{flow}}}},"ratedLifeL":4000}},"filter":{"usedL":{{{{used}}}},"clogLoadLNtu":{{{{load}}}},"wetted":"yes","frozen":{{{{frozen}}}},"dropped":"no"}""";

    private static readonly Gen<string> Lamp =
        from cycles in Number(0, 40, "null")
        from battery in Gen.OneOf("\"lithium\"", "\"alkaline\"", "null")
        select $$$$""" "item":{"kind":"lamp","name":"Lamp","lamp":{"volumePerCycleL":1,"secondsPerCycle":90,"battery":{{{{battery}}}}}},"left":{{{{cycles}}}}""";

    public static readonly Gen<string> KitItem = Gen.OneOf(Filter, Lamp).Select(piece => $"{{{piece}}}");

    public static readonly Gen<string> WithKit =
        from units in AnyUnits
        from water in Water()
        from source in Source
        from filter in Filter
        from lamp in Lamp
        from method in Gen.OneOf(
            "null",
            "\"filter\"",
            "\"lamp\"",
            "\"filter+lamp\"",
            "\"filter+tablets\"",
            "\"sunlight\"",
            "\"stove\"",
            "\"lamp+filter\""
        )
        from snow in Gen.OneOf("null", "null", """{"kind":"settled","temperatureC":-12}""")
        from cloud in Number(0, 1, "null")
        from latitude in Number(-70, 70, "200", "null")
        from grit in Gen.OneOf("\"silty\"", "\"clay\"", "\"sandy\"", "null")
        select $$$$"""
            {"units":{{{{units}}}},"method":{{{{method}}}},"water":{{{{water}}}},"source":{{{{source}}}},"snow":{{{{snow}}}},"clearing":{"grit":{{{{grit}}}},"drawOff":"pump"},"container":{"clearPlastic":true,"capacityL":1,"depthCm":20},"sky":{"airTemperatureC":-3,"latitudeDeg":{{{{latitude}}}},"longitudeDeg":-28.6,"cloudCover":{{{{cloud}}}},"date":"2026-08-10"},"kit":[{"id":"filter",{{{{filter}}}}},{"id":"lamp",{{{{lamp}}}}},{"id":"tablets","item":{"kind":"product","name":"Tablets","product":{"profileId":"nadcc-8.5","bestBefore":"2027-01-01"}}},{"id":"stove","item":{"kind":"burner","name":"Stove","burner":{"burnerId":"canister-windy"}},"left":120},{"id":"alum","item":{"kind":"flocculant","name":"Alum","flocculant":{"form":"alum"}}}],"chemical":{"light":"shadeOrOpaque"}}
            """;

    public static readonly Gen<string> Judge =
        from units in AnyUnits
        from source in Source
        from water in Water()
        select $$"""{"units":{{units}},"source":{{source}},"water":{{water}}}""";

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
        from pot in Gen.OneOf(
            "null",
            """{"capacityL":1.3,"massKg":0.19,"material":"titanium"}""",
            """{"capacityL":0,"massKg":0.2,"material":null}"""
        )
        from lid in Gen.OneOf("true", "false", "null")
        from cooling in Gen.OneOf("\"stillAir\"", "\"stream\"", "null")
        from air in Number(-40, 50, "null")
        select $$""" "boil":{"school":{{school}},"longMinutes":{{minutes}},"burnerId":{{burner}},"pot":{{pot}},"lidOn":{{lid}},"cooling":{{cooling}},"airTemperatureC":{{air}} }""";

    private static Gen<string> Chemical() =>
        from date in Gen.OneOf("\"inDate\"", "\"inDate\"", "\"inDate\"", "\"past\"", "null")
        from light in Gen.OneOf("\"shadeOrOpaque\"", "\"clearInSun\"", "null")
        from ph in Number(4, 9, "9.7", "null")
        from strength in Number(5, 9, "3", "null")
        from age in Number(0, 12, "20", "null")
        from drops in Gen.OneOf("null", """{"drops":23,"millilitres":1}""", """{"drops":500,"millilitres":1}""")
        select $$""" "chemical":{"date":{{date}},"light":{{light}},"ph":{{ph}},"bleachStrengthPercent":{{strength}},"bleachAgeMonths":{{age}},"dropCount":{{drops}} }""";
}
