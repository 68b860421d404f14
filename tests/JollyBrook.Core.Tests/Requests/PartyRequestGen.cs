using CsCheck;
using static JollyBrook.Core.Tests.Requests.BookRequestGen;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests about who walks and what they drink, the clock, a bottle topped up, and water looked for: right ones, and wrong ones.</summary>
internal static class PartyRequestGen
{
    private static readonly Gen<string> Members = Watch
        .Array[0, 3]
        .Select(days =>
            string.Join(
                ",",
                days.Select((day, i) => $$"""{"id":"019c0000-0000-7000-8000-00000000030{{i}}","name":"W{{i}}","day":{{day}}}""")
            )
        );

    private static readonly Gen<string> Sips =
        from members in Members
        from litres in Number(0, 3, "null", "-1")
        from since in Gen.Int[-300, 60]
        from drinker in Gen.OneOf("null", "\"019c0000-0000-7000-8000-000000000300\"")
        select $$"""{"now":"{{At(60)}}","hidden":[{"id":"019c0000-0000-7000-8000-000000000009","name":"Bladder","litres":{{litres}},"since":"{{At(since)}}","drinkerId":{{drinker}}}],"members":[{{members}}]}""";

    private static readonly Gen<string> Clock =
        from seen in Gen.Int[-5000, 5000]
        from ahead in Number(-100_000, 100_000, "null")
        from before in Number(-100_000, 100_000, "null")
        from jump in Number(-9000, 9000, "null")
        from running in Gen.OneOf("true", "false", "null")
        select $$"""{"now":"{{At(0)}}","latestSeen":"{{At(seen)}}","serverAheadSeconds":{{ahead}},"serverAheadBeforeSeconds":{{before}},"jumpSeconds":{{jump}},"waitRunning":{{running}}}""";

    private static readonly Gen<string> TopUp =
        from batch in TreatRequestGen.Treat
        from method in Gen.OneOf("\"boil\"", "\"nadcc-8.5\"", "\"bleach\"", "\"clo2-tablet\"", "\"iodine-tablet\"", "null")
        from added in Number(0.05, 4, "0", "null")
        from held in Number(0.5, 12, "null")
        from taps in Gen.Select(Gen.OneOf("strain", "measure", "contact"), Gen.Int[0, 90]).Array[0, 3]
        select $$"""
            {"batch":{{batch}},"method":{{method}},"addedL":{{added}},"heldL":{{held}},"steps":[{"id":"strain","kind":"prepare","title":"a","detail":"b","done":"c"},{"id":"measure","kind":"dose","title":"a","detail":"b","done":"c"},{"id":"contact","kind":"contact","title":"a","detail":"b","done":null,"clock":"gate","minutes":33.5}],"taps":[{{string.Join(
                ",",
                taps.Select(t => $$"""{"kind":"done","stepId":"{{t.Item1}}","at":"{{At(t.Item2)}}"}""")
            )}}],"startedAt":"{{At(0)}}"}
            """;

    private static readonly Gen<string> Search =
        from standing in ScarceRequestGen.Short
        from signs in Gen.OneOf("valleyFloor", "freshTracks", "birds", "dampSand", "dryBend", "rockBasin", "people", "ufo").Array[0, 3]
        from away in Number(1, 120, "null", "-5")
        from dry in Gen.OneOf("true", "null")
        select $$"""{"standing":{{standing}},"seen":[{{string.Join(",", signs.Select(s => $$"""{"sign":"{{s}}","awayMinutes":{{away}} }"""))}}],"country":{"hotDryMonth":{{dry}} } }""";

    private static readonly Gen<string> Makeshift =
        from litres in Number(0.2, 20, "0", "null")
        from vessel in Number(0.3, 12, "null", "900")
        select $$"""{"litres":{{litres}},"vesselL":{{vessel}}}""";

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (2, Members.Select(members => ("party-watch", $$"""{"members":[{{members}}]}"""))),
        (2, Sips.Select(json => ("sips", json))),
        (2, Clock.Select(json => ("device-clock", json))),
        (3, TopUp.Select(json => ("top-up", json))),
        (3, Search.Select(json => ("search-water", json))),
        (2, Makeshift.Select(json => ("makeshift", json)))
    );
}
