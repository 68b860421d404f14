using CsCheck;
using static JollyBrook.Core.Tests.Requests.BookRequestGen;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;
using static JollyBrook.Core.Tests.Requests.PlanningRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests about a trip that is planned or under way: right ones, and wrong ones now and then.</summary>
internal static class TripRequestGen
{
    private static readonly Gen<string> FromHere =
        from plan in Plan
        from km in Number(0, 45, "-1", "null")
        from litres in Number(0, 8, "null", "900")
        from free in Number(0, 3)
        from taken in Number(0, 4, "null")
        select $$"""{"plan":{{plan}},"alongKm":{{km}},"inHandL":{{litres}},"free":[{"id":"b","name":"B","roomL":{{free}} }],"before":{"stops":[{"id":"s0","met":"inPassing","alongKm":3,"day":0,"arriveHour":9.5,"takeL":{{taken}} }],"carried":[{"km":0,"value":2},{"km":3,"value":0.4}]} }""";

    private static readonly Gen<string> CampDay =
        from plan in Plan
        from day in Gen.OneOf("0", "0", "1", "7", "null")
        select $$"""{"plan":{{plan}},"day":{{day}}}""";

    private static readonly Gen<string> Evenings =
        from plan in Plan
        from litres in Number(0.5, 6, "-1")
        from day in Gen.OneOf("0", "0", "4")
        select $$"""{"plan":{{plan}},"books":[{"name":"Camp","from":"{{At(0)}}","people":1,"wants":[{"id":"w","name":"W","litres":{{litres}},"by":"{{At(200)}}"}],"water":{"clarity":"clear","colour":"none","temperatureC":9},"follows":{"routeId":"019c0000-0000-7000-8000-000000000777","day":{{day}} } }]}""";

    private static readonly Gen<string> DaysWalk =
        from route in PlanningRequestGen.Route
        from start in Gen.Int[-2000, 2000]
        from walked in Gen.Int[1, 300]
        from grade in Number(-10, 20, "90")
        select $$"""{"from":"{{At(start)}}","trips":[{"route":{{route}},"offsetsMinutes":[60,60]}],"walked":[{"from":"{{At(0)}}","until":"{{At(walked)}}","effort":{"temperatureC":20,"gradePercent":{{grade}} } }]}""";

    private static readonly Gen<string> Laps =
        from route in PlanningRequestGen.Route
        from laps in Gen.OneOf("1", "3", "0", "2.5", "null")
        from home in Gen.OneOf("true", "false", "null")
        select $$"""{"route":{{route}},"sources":[{"id":"s","source":{"name":"S","class":"seep","alongKm":1} }],"laps":{{laps}},"waterAtHome":{{home}} }""";

    private static readonly Gen<string> Places =
        from latitude in Number(-90, 90, "200", "null")
        from points in Number(50, 51).Array[0, 3]
        select $$"""{"route":{"name":"R","lengthKm":4.448,"heights":"o}@SSS","latitudes":"_m~xG_yF","longitudes":"~|pmD?"},"points":[{"latitudeDeg":{{latitude}},"longitudeDeg":-28.6}{{string.Concat(points.Select(p => $$""",{"latitudeDeg":{{p}},"longitudeDeg":-28.59}"""))}}]}""";

    private static readonly Gen<string> Night =
        from people in Gen.OneOf("1", "2", "3", "0")
        from low in Number(-30, 8, "null", "60")
        from snow in Gen.OneOf("\"snow\"", "\"openWater\"", "null")
        from flask in Number(0, 2, "null")
        from all in Gen.OneOf("true", "null")
        from kit in BookRequestGen.Kit
        from sleeps in Gen.OneOf("\"bare\"", "\"inPack\"", "\"inSleepingBag\"", "null")
        select $$$"""{"night":{"people":{{{people}}},"lowC":{{{low}}},"elevationM":1200,"from":"{{{At(0)}}}","bedAt":"{{{At(240)}}}","leaveAt":"{{{At(840)}}}","boilL":2,"drinkL":3,"flaskL":{{{flask}}},"water":{{{snow}}},"boilAll":{{{all}}},"bottles":[{"id":"b","where":{{{sleeps}}} }]},"kit":{{{kit}}},"now":"{{{At(5)}}}"}""";

    private static readonly Gen<string> NightOfPlan =
        from plan in Plan
        from day in Gen.OneOf("0", "0", "1", "9")
        from kit in BookRequestGen.Kit
        select $$"""{"plan":{{plan}},"day":{{day}},"kit":{{kit}},"now":"2026-08-21T06:00:00Z"}""";

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (3, FromHere.Select(json => ("from-here", json))),
        (1, Plan.Select(json => ("lighter", json))),
        (1, Plan.Select(json => ("carry-ways", json))),
        (2, CampDay.Select(json => ("camp-day", json))),
        (2, Evenings.Select(json => ("evenings", json))),
        (2, DaysWalk.Select(json => ("days-walk", json))),
        (2, Laps.Select(json => ("laps", json))),
        (2, Places.Select(json => ("route-places", json))),
        (3, Night.Select(json => ("winter-night", json))),
        (1, NightOfPlan.Select(json => ("winter-night", json)))
    );
}
