using CsCheck;
using JollyBrook.Core.Records;
using static JollyBrook.Core.Tests.Requests.BookRequestGen;
using static JollyBrook.Core.Tests.Requests.NumberRequestGen;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Requests that choose and spare kit, and about what is kept: right ones, and wrong ones now and then.</summary>
internal static class KitRequestGen
{
    private static readonly Gen<string> Trip =
        from litres in Number(5, 80, "0", "null")
        from water in Number(1, 20, "null")
        from clarity in Gen.OneOf("\"clear\"", "\"cloudy\"", "\"unknown\"", "null")
        from snow in Number(0, 4, "null")
        select $$"""{"litres":{{litres}},"firstDay":"2026-08-21","lastDay":"2026-08-24","coldestWaterC":{{water}},"worstClarity":{{clarity}},"colour":"none","highestM":900,"coldestAirC":3,"mostCarriedL":3,"campL":4,"snowL":{{snow}}}""";

    private static readonly Gen<string> Choose =
        from kit in BookRequestGen.Kit
        from trip in Trip
        from owned in Gen.OneOf("true", "false", "null")
        from price in Number(0, 200, "-4", "null")
        from weight in Number(0, 5, "9", "null")
        from most in Gen.OneOf("2", "4", "null", "0")
        select $$"""{"kit":{{kit}},"trip":{{trip}},"ownedOnly":{{owned}},"hangPoints":"yes","figures":[{"id":"f","price":{{price}},"bulkL":0.4}],"weights":{"mass":1,"wait":{{weight}}},"mostPieces":{{most}},"now":"2026-08-20T08:00:00Z"}""";

    private static readonly Gen<string> Spare =
        from kit in BookRequestGen.Kit
        from trip in Trip
        from people in Gen.OneOf("1", "2", "0", "null")
        from way in Gen.OneOf("\"out\"", "\"stay\"", "null")
        from days in Number(0.5, 4, "null")
        from pot in Gen.OneOf("\"yes\"", "\"no\"", "null")
        from bottle in Number(0.5, 2, "null")
        select $$"""{"kit":{{kit}},"need":{"people":{{people}},"way":{{way}},"days":{{days}},"hasPot":{{pot}},"hasClearWater":"yes","waterC":9,"bottleL":{{bottle}}},"trip":{{trip}},"now":"2026-08-20T08:00:00Z"}""";

    /// <summary>A record as it is kept, of a kind or of none.</summary>
    private static readonly Gen<string> Entry =
        from kind in Gen.OneOf("walker", "walker", "kit-item", "trip-source", "dream")
        from body in Gen.OneOf(
            """{"name":"W","massKg":66,"heightCm":172}""",
            """{"kind":"pot","name":"P","volumeL":1.3,"massKg":0.2,"material":"steel"}""",
            """{"name":"S","class":"seep","alongKm":1}""",
            """{"name":7}""",
            "null"
        )
        from schema in Gen.OneOf("null", "1", "99")
        select $$"""{"kind":"{{kind}}","id":"019c0000-0000-7000-8000-0000000000aa","body":{{body}},"schema":{{schema}}}""";

    private static readonly Gen<string> Backup =
        from format in Gen.OneOf(BackupFile.FormatName, BackupFile.FormatName, "shopping-list")
        from version in Gen.OneOf("1", "1", "9")
        from entries in Entry.Array[0, 3]
        select $$"""{"format":"{{format}}","version":{{version}},"madeAt":"2026-08-20T08:00:00Z","records":[{{string.Join(",", entries)}}]}""";

    public static readonly Gen<(string Name, string Json)> Any = Gen.Frequency(
        (2, Choose.Select(json => ("choose-kit", json))),
        (2, Spare.Select(json => ("spare", json))),
        (1, Gen.Const(("kit-templates", "{}"))),
        (2, Entry.Array[0, 3].Select(entries => ("bring-up", $$"""{"records":[{{string.Join(",", entries)}}]}"""))),
        (2, Backup.Select(json => ("backup-check", json)))
    );
}
