using CsCheck;
using static JollyBrook.Core.Tests.Requests.TreatRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests of every calculation: right ones, wrong ones and broken ones.</summary>
internal static class RequestGen
{
    private static readonly Gen<string> Progress =
        from taps in Gen.Select(Gen.OneOf("strain", "measure", "contact", "drink"), Gen.Int[0, 120]).Array[0, 6]
        from minute in Gen.Int[0, 180]
        select $$"""
            {"steps":[{"id":"strain","kind":"prepare","title":"a","detail":"b","done":"c"},{"id":"measure","kind":"prepare","title":"a","detail":"b","done":"c"},{"id":"contact","kind":"contact","title":"a","detail":"b","done":null,"clock":"gate","minutes":33.5},{"id":"drink","kind":"drink","title":"a","detail":"b","done":"c"}],"shortOf":["viruses"],"taps":[{{string.Join(
                ",",
                taps.Select(t => $$"""{"kind":"done","stepId":"{{t.Item1}}","at":"{{At(t.Item2)}}"}""")
            )}}],"startedAt":"{{At(0)}}","now":"{{At(minute)}}"}
            """;

    private static readonly Gen<string> Broken = from whole in Treat from length in Gen.Int[0, 60] select whole[..length];

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (2, AnyUnits.Select(u => ("catalogue", $$"""{"units":{{u}}}"""))),
        (16, Treat.Select(json => ("treat", json))),
        (10, WithKit.Select(json => ("treat", json))),
        (4, WithKit.Select(json => ("chains", json))),
        (
            3,
            WithKit.Select(json =>
                ("what-matters", $$"""{"of":{"about":"treat","request":{{json}}},"told":["source.seen","water.colour"]}""")
            )
        ),
        (4, Judge.Select(json => ("judge", json))),
        (2, KitItem.Select(json => ("kit-item", json))),
        (1, Gen.Const(("words", "{}"))),
        (4, Progress.Select(json => ("batch-progress", json))),
        (12, PlanningRequestGen.Any),
        (14, BookRequestGen.Any),
        (16, ScarceRequestGen.Any),
        (10, TripRequestGen.Any),
        (6, KitRequestGen.Any),
        (10, PartyRequestGen.Any),
        (1, Broken.Select(json => ("treat", json))),
        (1, Gen.Const(("divine", "{}")))
    );

    private static string At(int minute) => new DateTimeOffset(2026, 8, 21, 14, 0, 0, TimeSpan.Zero).AddMinutes(minute).ToString("O");
}
