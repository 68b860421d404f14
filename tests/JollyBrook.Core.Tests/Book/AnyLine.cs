using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Book;

/// <summary>Lines of every kind that has a table, each field told or left out, over all it may be.</summary>
internal static class AnyLine
{
    /// <summary>What lines speak of: walkers, things, sources and trips.</summary>
    public static readonly IReadOnlyList<Guid> Ids =
    [
        .. Enumerable.Range(1, 6).Select(i => Guid.Parse($"019c0000-0000-7000-8000-00000000000{i}")),
    ];

    private static readonly Gen<Guid> Id = Gen.Int[0, Ids.Count - 1].Select(i => Ids[i]);
    private static readonly Gen<Guid?> MaybeId = Id.Nullable(0.3);
    private static readonly Gen<bool?> Truth = Gen.Bool.Nullable(0.3);
    private static readonly Gen<double?> Litres = Number(0, 200);
    private static readonly Gen<double?> Fill = Number(0.05, 50);
    private static readonly Gen<double?> Seconds = Number(1, 7200);
    private static readonly Gen<double?> Cold = Number(0, 40);
    private static readonly Gen<Clarity?> Clear = Gen.Enum<Clarity>().Nullable(0.3);
    private static readonly Gen<Happened?> Happened = Gen.Enum<Happened>().Nullable(0.3);

    private static readonly Gen<DateTimeOffset> At = Gen.Select(
        Gen.Long[new DateTime(1990, 1, 1).Ticks, new DateTime(2090, 1, 1).Ticks],
        Gen.Int[-840, 840],
        (ticks, minutes) => new DateTimeOffset(ticks, TimeSpan.FromMinutes(minutes))
    );

    private static readonly Gen<string> Words =
        from first in Gen.Char.AlphaNumeric
        from rest in Gen.String[Gen.OneOf(Gen.Char.AlphaNumeric, Gen.OneOf(' ', ',', ';', '"', '\n', '°', 'ö', '=')), 0, 40]
        select first + rest;

    private static readonly Gen<Effort> Effort =
        from air in Number(-40, 50)
        from humidity in Number(0, 100)
        from sun in Gen.Enum<SunLoad>().Nullable(0.3)
        from speed in Number(0.5, 25)
        from grade in Number(-40, 40)
        from terrain in Gen.Enum<Terrain>().Nullable(0.3)
        from height in Number(0, 5000)
        from running in Truth
        from wind in Number(0, 40)
        select new Effort(
            TemperatureC: air,
            HumidityPercent: humidity,
            Sun: sun,
            SpeedKmH: speed,
            GradePercent: grade,
            Terrain: terrain,
            ElevationM: height,
            Running: running,
            WindMs: wind
        );

    private static readonly Gen<FilterState> Been =
        from used in Number(0, 1e6)
        from load in Number(0, 1e6)
        from lost in Number(0, 0.99)
        from wetted in Happened
        from frozen in Happened
        from dropped in Happened
        from stored in Truth
        select new FilterState(
            UsedL: used,
            ClogLoadLNtu: load,
            LostShare: lost,
            Wetted: wetted,
            Frozen: frozen,
            Dropped: dropped,
            NewOrStored: stored
        );

    private static readonly Gen<BookLine>[] Kinds =
    [
        from all in Truth
        from litres in Litres
        from who in MaybeId
        from container in MaybeId
        from batch in Gen.Guid.Nullable(0.5)
        from untreated in Truth
        select (BookLine)
            new Drank(
                litres ?? 0.5,
                All: container is null ? null : all,
                WalkerId: who,
                ContainerId: container,
                BatchId: batch,
                Untreated: untreated
            ),
        Gen.Select(MaybeId, Gen.Double[1, 8], Litres, (who, colour, litres) => (BookLine)new UrinePassed(who, colour, litres)),
        Gen.Select(MaybeId, Gen.Double[25, 200], (who, kg) => (BookLine)new BodyWeighed(who, kg)),
        Gen.Select(MaybeId, Gen.Enum<BodySign>().Array[1, 4], (who, signs) => (BookLine)new SignsLookedFor(who, [.. signs.Distinct()])),
        from source in MaybeId
        from flowing in Truth
        from fill in Fill
        from seconds in Seconds
        from clarity in Clear
        from colour in Gen.Enum<WaterColour>().Nullable(0.3)
        from cold in Cold
        from seen in Gen.Enum<Sighting>().Array[1, 4]
        select (BookLine)
            new SourceSeen(
                source,
                Flowing: flowing,
                FillL: fill,
                FillSeconds: seconds,
                Clarity: clarity,
                Colour: colour,
                TemperatureC: cold,
                Seen: [.. seen.Distinct()]
            ),
        Id.Select(source => (BookLine)new PassedBy(source)),
        from container in Id
        from litres in Litres
        from source in MaybeId
        from clarity in Clear
        from colour in Gen.Enum<WaterColour>().Nullable(0.3)
        from cold in Cold
        select (BookLine)new Filled(container, litres, source, clarity, colour, cold),
        Gen.Select(Gen.Int[0, Ids.Count - 1], Gen.Int[1, Ids.Count - 1], Litres, (from, on, litres) =>
            (BookLine)new Poured(Ids[from], Ids[(from + on) % Ids.Count], litres)
        ),
        Gen.Select(Id, Litres, Truth, (container, litres, all) => (BookLine)new Cooked(container, litres ?? 0, all)),
        Gen.Select(Id, Litres, Truth, (container, litres, all) => (BookLine)new Spilt(container, litres ?? 0, all)),
        Id.Select(container => (BookLine)new Rinsed(container)),
        Id.Select(container => (BookLine)new Dipped(container)),
        from item in MaybeId
        from service in Gen.Enum<FilterService>()
        from passed in Truth
        from litres in Litres
        from fill in Fill
        from seconds in Seconds
        select (BookLine)new FilterServiced(item, service, passed, litres, fill, seconds),
        Gen.Select(Id, Been, (item, been) => (BookLine)new FilterLookedOver(item, been)),
        Gen.Select(Id, Gen.Enum<MishapKind>(), (item, what) => (BookLine)new Mishap(item, what)),
        Id.Select(item => (BookLine)new GuardedFromFrost(item)),
        Id.Select(item => (BookLine)new StayedWarm(item)),
        Gen.Select(MaybeId, Gen.Double[0, 5000], Litres, (item, grams, litres) => (BookLine)new FuelBurnt(item, grams, litres)),
        Gen.Select(Id, Gen.Double[0, 20_000], (item, grams) => (BookLine)new CanisterWeighed(item, grams)),
        Gen.Select(Id, Gen.Double[0, 10_000], (item, left) => (BookLine)new Counted(item, left)),
        Gen.Select(Id, Gen.Double[0, 10_000], (item, cycles) => (BookLine)new Charged(item, cycles)),
        Gen.Select(Gen.Double[0.05, 24], MaybeId, Gen.Int[0, 400].Nullable(0.3), Effort, (hours, trip, day, effort) =>
            (BookLine)new StageWalked(hours, trip, day, effort == new Effort() ? null : effort)
        ),
        Gen.Select(MaybeId, Number(33, 43), Truth, (who, fever, blood) => (BookLine)new SymptomFelt(who, fever, blood) { Note = "ill" }),
        MaybeId.Select(who => (BookLine)new Noted(who) { Note = "as it was" }),
    ];

    /// <summary>A line of some kind, good to keep.</summary>
    public static readonly Gen<BookLine> Good =
        from line in Gen.OneOf(Kinds)
        from at in At
        from note in Words.Null(0.4)
        select line with
        {
            At = at,
            Note = note ?? line.Note,
        };

    private static Gen<double?> Number(double least, double most) =>
        Gen.Frequency((1, Gen.Const(least)), (1, Gen.Const(most)), (6, Gen.Double[least, most])).Nullable(0.3);
}
