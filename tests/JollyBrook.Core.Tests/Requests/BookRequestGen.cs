using System.Globalization;
using CsCheck;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests about kit, day and book: right ones, and wrong ones now and then.</summary>
internal static class BookRequestGen
{
    private static readonly string[] Wants = ["cook", "bed", "leave"];

    public static readonly Gen<string> Kit =
        from tablets in Number(0, 60, "null")
        from fuel in Number(0, 250, "null")
        from cycles in Number(0, 40, "null")
        from used in Number(0, 4100)
        from bag in Gen.OneOf("\"A\"", "\"B\"", "null")
        select $$$$$$"""[{"id":"t","item":{"kind":"product","name":"T","bag":{{{{{{bag}}}}}},"massKg":0.02,"product":{"profileId":"clo2-tablet","bestBefore":"2028-01-01"}},"left":{{{{{{tablets}}}}}} },{"id":"s","item":{"kind":"burner","name":"S","bag":"B","burner":{"burnerId":"canister-sheltered","emptyG":120}},"left":{{{{{{fuel}}}}}} },{"id":"p","item":{"kind":"pot","name":"P","volumeL":1.3,"massKg":0.2,"material":"aluminium"}},{"id":"l","item":{"kind":"lamp","name":"L","lamp":{"volumePerCycleL":1,"secondsPerCycle":90,"battery":"lithium"}},"left":{{{{{{cycles}}}}}} },{"id":"f","item":{"kind":"filter","name":"F","filter":{"element":"hollowFibre","style":"gravity","ratedFlowLPerMin":1,"ratedLifeL":4000}},"filter":{"usedL":{{{{{{used}}}}}},"clogLoadLNtu":40,"wetted":"yes","frozen":"no"}},{"id":"b","item":{"kind":"container","name":"B","volumeL":2,"opaque":true}},{"id":"c","item":{"kind":"container","name":"C","volumeL":10,"role":"either"}}]""";

    private static readonly Gen<string> Check =
        from kit in Kit
        from litres in Number(5, 80, "0", "null")
        from water in Number(1, 20, "null")
        from clarity in Gen.OneOf("\"clear\"", "\"cloudy\"", "\"unknown\"", "\"murky\"")
        select $$"""{"kit":{{kit}},"trip":{"litres":{{litres}},"firstDay":"2026-08-21","lastDay":"2026-08-24","coldestWaterC":{{water}},"worstClarity":{{clarity}},"highestM":900,"coldestAirC":3,"mostCarriedL":6,"campL":9},"now":"2026-08-20T08:00:00Z"}""";

    private static readonly Gen<string> Day =
        from kit in Kit
        from wants in Gen.Select(Number(0.5, 12, "-1"), Gen.Int[20, 900]).Array[0, 3]
        from people in Gen.OneOf("1", "2", "0")
        from clarity in Gen.OneOf("\"clear\"", "\"slightlyCloudy\"", "\"slurry\"")
        from rest in Gen.OneOf("22", "null")
        select $$"""{"kit":{{kit}},"water":{"clarity":{{clarity}},"colour":"none","temperatureC":9,"elevationM":600},"sky":{"airTemperatureC":8},"wants":[{{string.Join(",", wants.Select((w, i) => $$"""{"id":"{{Wants[i]}}","name":"W","litres":{{w.Item1}},"by":"{{At(w.Item2)}}"}"""))}}],"people":{{people}},"from":"{{At(0)}}","quietFromHour":{{rest}},"quietToHour":6,"now":"{{At(5)}}"}""";

    private const string Batch = "019c0000-0000-7000-8000-000000000008";
    private const string Bottle = "019c0000-0000-7000-8000-000000000009";

    private static readonly Gen<string> Entry =
        from minutes in Gen.Int[0, 4000]
        from entry in Gen.OneOf(
            Number(0, 3, "-1", "null").Select(l => $"\"kind\":\"drank\",\"litres\":{l}"),
            Number(1, 8, "12").Select(c => $"\"kind\":\"urine\",\"urineColour\":{c}"),
            Number(60, 72, "2").Select(m => $"\"kind\":\"bodyMass\",\"massKg\":{m}"),
            Number(5, 90).Select(s => $"\"kind\":\"sourceSeen\",\"flowing\":true,\"fillL\":1,\"fillSeconds\":{s}"),
            Gen.Const("\"kind\":\"note\",\"note\":\"bees\"")
        )
        select $$"""{{{entry}},"at":"{{At(minutes)}}","walkerId":"019c0000-0000-7000-8000-000000000001"}""";

    private static readonly Gen<string> InHand = Gen.Select(
        Entry.Array[0, 6],
        Number(0.1, 2, "null"),
        Gen.Int[0, 4000],
        (lines, litres, minutes) =>
            $$$"""{"now":"{{{At(3000)}}}","kit":[{"id":"{{{Bottle}}}","item":{"kind":"container","name":"B","volumeL":1}}],"lines":[{"id":"019c0000-0000-7000-8000-000000000100","line":{"kind":"filled","containerId":"{{{Bottle}}}","litres":{{{litres}}},"at":"{{{At(minutes)}}}"}}{{{string.Concat(lines.Select((l, i) => $",{{\"id\":\"019c0000-0000-7000-8000-00000000020{i}\",\"line\":{l}}}"))}}}]}"""
    );

    private static readonly Gen<string> Learn = Entry
        .Array[0, 6]
        .SelectMany(
            _ => Kit,
            (lines, kit) =>
                $$$"""{"kit":{{{kit}}},"walkers":[{"id":"019c0000-0000-7000-8000-000000000001","walker":{"name":"W","massKg":66,"heightCm":172}}],"lines":[{{{string.Join(",", lines.Select(l => $"{{\"line\":{l}}}"))}}}],"batches":[{"method":"t","at":"{{{At(3)}}}","volumeL":2,"doseUnits":2}],"now":"{{{At(5000)}}}"}"""
        );

    private static readonly Gen<string> Back =
        from days in Number(0.1, 40)
        from logs in Number(0, 6)
        from fever in Number(36, 41, "60", "null")
        from lines in Entry.Array[0, 4]
        select $$"""{"onsetAt":"{{At(60000)}}","feverC":{{fever}},"log":{"lines":[{{string.Join(",", lines.Select((l, i) => $"{{\"id\":\"019c0000-0000-7000-8000-00000000020{i}\",\"line\":{l}}}"))}}],"batches":[{"id":"{{Batch}}","startedAt":"{{At(100)}}","methodName":"M"}]},"ledgers":[{"id":"{{Batch}}","container":"B","drinkableAt":"{{At(60000 - (int)(double.Parse(days, CultureInfo.InvariantCulture) * 1440))}}","ledger":[{"organism":"giardia","logs":{{logs}}}]}],"now":"{{At(60100)}}"}""";

    public static readonly Gen<string> Watch =
        from hours in Number(0, 20, "60")
        from drunk in Number(0, 4, "null")
        from air in Number(-10, 38)
        select $$"""{"walker":{"name":"W","massKg":66,"heightCm":172},"effort":{"temperatureC":{{air}}},"from":"{{At(0)}}","walks":[{"from":"{{At(30)}}","until":"{{At(200)}}"}],"drinks":[{"at":"{{At(40)}}","litres":{{drunk}}}],"now":"{{At((int)(double.Parse(hours, CultureInfo.InvariantCulture) * 60))}}"}""";

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (3, Check.Select(json => ("kit-check", json))),
        (4, Day.Select(json => ("schedule", json))),
        (2, Entry.Select(json => ("book-line", $$"""{"line":{{json}}}"""))),
        (2, InHand.Select(json => ("in-hand", json))),
        (1, Entry.Array[0, 4].Select(lines => ("book-day", $$"""{"lines":[{{string.Join(",", lines)}}],"plannedL":4}"""))),
        (1, Entry.Array[0, 4].Select(lines => ("book-table", $$"""{"kind":"drank","lines":[{{string.Join(",", lines)}}]}"""))),
        (
            1,
            Gen.OneOf("0,5", "1.5", "x", "")
                .Select(cell =>
                    (
                        "book-import",
                        $$"""{"kind":"drank","header":["When","Litres"],"rows":[["2026-08-21 9:00","{{cell}}"],["21.8.2026 9:00","2"]]}"""
                    )
                )
        ),
        (2, Learn.Select(json => ("learn", json))),
        (2, Back.Select(json => ("look-back", json))),
        (2, Watch.Select(json => ("body-watch", json)))
    );

    public static string At(int minute) =>
        new DateTimeOffset(2026, 8, 21, 17, 0, 0, TimeSpan.FromHours(1))
            .AddMinutes(minute)
            .ToString("yyyy-MM-dd'T'HH:mm:sszzz", CultureInfo.InvariantCulture);
}
