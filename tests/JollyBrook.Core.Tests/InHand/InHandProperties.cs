using System.Text.Json;
using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.InHand;

/// <summary>What holds for every log, possible or not.</summary>
public class InHandProperties
{
    private static readonly Gen<Guid> AnyContainer = Gen.OneOf(Log.Bottle, Log.Steel, Log.Bladder, Log.Pot, Log.Of(99));
    private static readonly Gen<double?> AnyLitres = Gen.OneOf(
        Gen.Double[0, 2.5].Select(l => (double?)l),
        Gen.Const((double?)null),
        Gen.Const((double?)0.25)
    );
    private static readonly Gen<Guid?> AnyWalker = Gen.OneOf<Guid?>(Log.Ilva, Log.Torren, (Guid?)null);

    /// <summary>Mostly in one day, some in the night and the day after.</summary>
    private static readonly Gen<int> AnyMinute = Gen.Frequency((3, Gen.Int[0, 700]), (1, Gen.Int[701, 2600]));

    /// <summary>Up to two nights later.</summary>
    private static readonly Gen<int> AnyNow = Gen.Frequency((3, Gen.Int[0, 800]), (1, Gen.Int[801, 3000]));

    private static readonly Gen<Happened> AnyHappened = Gen.OneOf(Happened.Unknown, Happened.No, Happened.Yes);

    private static readonly Gen<BookLine> LookedOver = Gen.Select(AnyHappened, AnyHappened, AnyHappened, AnyLitres)
        .Select(
            (wetted, frozen, dropped, used) =>
                (BookLine)new FilterLookedOver(Log.Gravity, new FilterState(used * 400, used * 20, 0.02, wetted, frozen, dropped))
        );

    private static readonly Gen<BookLine> AnyService = Gen.Select(Gen.OneOf(Enum.GetValues<FilterService>()), Gen.Bool, AnyLitres)
        .Select((service, passed, litres) => (BookLine)new FilterServiced(Log.Gravity, service, passed, litres));

    private static readonly Gen<BookLine> AnyLine = Gen.Frequency(
        (5, Gen.Select(AnyContainer, AnyLitres, (c, l) => (BookLine)new Filled(c, l, Log.Spring, Clarity.Cloudy))),
        (3, Gen.Select(AnyContainer, AnyContainer, AnyLitres, (a, b, l) => (BookLine)new Poured(a, a == b ? Log.Steel : b, l))),
        (
            3,
            Gen.Select(AnyContainer, AnyWalker, AnyLitres, (c, w, l) =>
                (BookLine)new Drank(l ?? 0.5, All: l is null, WalkerId: w, ContainerId: c)
            )
        ),
        (2, Gen.Select(AnyWalker, Gen.Double[0, 1], (w, l) => (BookLine)new Drank(l, WalkerId: w))),
        (1, Gen.Select(AnyContainer, AnyLitres, (c, l) => (BookLine)new Cooked(c, l, l is null))),
        (1, Gen.Select(AnyContainer, AnyLitres, (c, l) => (BookLine)new Spilt(c, l, l is null))),
        (1, AnyContainer.Select(c => (BookLine)new Rinsed(c))),
        (1, AnyContainer.Select(c => (BookLine)new Dipped(c))),
        (1, Gen.Const((BookLine)new GuardedFromFrost(Log.Gravity))),
        (2, Gen.Const((BookLine)new StayedWarm(Log.Gravity))),
        (1, Gen.OneOf(MishapKind.Dropped, MishapKind.Froze).Select(m => (BookLine)new Mishap(Log.Gravity, m))),
        (2, LookedOver),
        (1, AnyService),
        (1, Gen.Double[0, 40].Select(n => (BookLine)new Charged(Log.Lamp, n))),
        (1, Gen.Double[0, 230].Select(g => (BookLine)new CanisterWeighed(Log.Stove, g))),
        (1, Gen.Double[0, 30].Select(n => (BookLine)new Counted(Log.Tablets, n))),
        (1, Gen.Double[0, 60].Select(g => (BookLine)new FuelBurnt(Log.Stove, g))),
        (1, Gen.Bool.Select(f => (BookLine)new SourceSeen(Log.Spring, f))),
        (1, AnyWalker.Select(w => (BookLine)new UrinePassed(w, 4))),
        (1, Gen.Select(AnyWalker, Gen.Double[50, 90]).Select((w, kg) => (BookLine)new BodyWeighed(w, kg))),
        (1, Gen.Double[0.05, 24].Select(h => (BookLine)new StageWalked(h))),
        (1, Gen.Select(AnyWalker, Gen.Enum<BodySign>().Array[0, 3]).Select((w, s) => (BookLine)new SignsLookedFor(w, s)))
    );

    private static readonly Gen<(double Minutes, BatchEventKind Kind, string? Step)> AnyTap = Gen.Select(
        Gen.Int[0, 720],
        Gen.OneOf(
            (BatchEventKind.Done, (string?)"dose"),
            (BatchEventKind.Done, "drink"),
            (BatchEventKind.Undone, "dose"),
            (BatchEventKind.Discarded, null),
            (BatchEventKind.Undone, null),
            (BatchEventKind.ToppedUp, null)
        ),
        (minutes, tap) => (minutes + 0.5, tap.Item1, tap.Item2)
    );

    /// <summary>A log of lines, corrections and batches; no two at the same instant unless they are meant to be.</summary>
    private static readonly Gen<Log> AnyLog =
        from lines in Gen.Select(AnyMinute, AnyLine, Gen.Int[0, 9]).Array[0, 25]
        from batches in Gen.Select(Gen.Int[0, 600], AnyContainer, Gen.Double[0.1, 2.5], AnyTap.Array[0, 4]).Array[0, 4]
        from lows in Gen.OneOf<double?>(-12, 4, null).Array[3]
        select Make(lines, batches, lows);

    private static Log Make(
        (int Minutes, BookLine Line, int Corrects)[] lines,
        (int Minutes, Guid Container, double Litres, (double, BatchEventKind, string?)[] Taps)[] batches,
        double?[] lows
    )
    {
        var log = new Log();
        log.Trips.Add(FrostGuardTests.Trip(lows));
        foreach (var (minutes, line, corrects) in lines)
        {
            // Two in ten correct or take back an earlier one.
            var of = log.Lines.Count > 0 && corrects < 2 ? log.Lines[minutes % log.Lines.Count].Id : null;
            log.Write(
                minutes,
                of is null ? line
                    : corrects == 0 ? new TakenBack { Corrects = of }
                    : line with { Corrects = of }
            );
        }

        foreach (var (minutes, container, litres, taps) in batches)
        {
            log.Dose(minutes + 0.25, container, litres, Math.Ceiling(litres), 30, taps);
        }

        return log;
    }

    private static Log Copy(Log log, IEnumerable<KeptLine> lines, IEnumerable<KeptBatch> batches)
    {
        var copy = new Log();
        copy.Lines.AddRange(lines);
        copy.Batches.AddRange(batches);
        copy.Trips.AddRange(log.Trips);
        return copy;
    }

    [Fact]
    public void The_order_of_arrival_makes_no_difference() =>
        Gen.Select(AnyLog, AnyNow, Gen.Int)
            .Sample(
                (log, now, seed) =>
                {
                    var random = new Random(seed);
                    T[] Shuffled<T>(IEnumerable<T> all)
                    {
                        var array = all.ToArray();
                        random.Shuffle(array);
                        return array;
                    }

                    var other = Copy(log, Shuffled(log.Lines), Shuffled(log.Batches.Select(b => b with { Taps = Shuffled(b.Taps!) })));
                    Log.Json(other.At(now) with { Replaced = [] }).ShouldBe(Log.Json(log.At(now) with { Replaced = [] }));
                },
                iter: 1000
            );

    [Fact]
    public void Litres_are_neither_made_nor_lost() =>
        Gen.Select(AnyLog, AnyNow)
            .Sample(
                (log, now) =>
                {
                    var state = log.At(now);
                    var b = state.Balance;
                    b.InL.ShouldBe(b.DrunkL + b.CookedL + b.SpiltL + b.InHandL, 1e-6);
                    new[] { b.InL, b.DrunkL, b.CookedL, b.SpiltL }.ShouldAllBe(l => l >= -1e-9);
                    state.Containers.ShouldAllBe(c =>
                        c.Litres >= 0 && c.Litres <= c.CapacityL + 1e-9 && (c.Litres > 0 || c.Water is NoWater)
                    );
                    (state.DrinkableL + state.UnderWayL + state.RawL).ShouldBe(b.InHandL, 1e-9);
                },
                iter: 2000
            );

    [Fact]
    public void Taking_a_line_back_is_never_having_written_it() =>
        Gen.Select(AnyLog, Gen.Int[0, 40], AnyNow)
            .Where((l, _, _) => l.Lines.Count > 0)
            .Sample(
                (log, which, now) =>
                {
                    var line = log.Lines[which % log.Lines.Count];
                    // Corrections of it go with it.
                    HashSet<Guid> gone = [line.Id!.Value];
                    for (var grown = true; grown; )
                    {
                        grown = log
                            .Lines.Where(l => l.Line!.Corrects is { } of && gone.Contains(of))
                            .Aggregate(false, (g, l) => gone.Add(l.Id!.Value) || g);
                    }

                    var without = Copy(log, log.Lines.Where(l => !gone.Contains(l.Id!.Value)), log.Batches);
                    var back = Copy(
                        log,
                        log.Lines.Append(
                            new KeptLine(Log.Of(999_999), new TakenBack { Corrects = line.Id, At = Log.Morning.AddMinutes(now) })
                        ),
                        log.Batches
                    );
                    Log.Json(back.At(now) with { Replaced = [] }).ShouldBe(Log.Json(without.At(now) with { Replaced = [] }));
                },
                iter: 1000
            );

    [Fact]
    public void Bad_news_never_makes_anything_better() =>
        Gen.Select(
                AnyLog,
                Gen.Int[0, 800],
                Gen.Int[0, 2000],
                Gen.OneOf<BookLine>(
                    Gen.OneOf(MishapKind.Dropped, MishapKind.Froze).Select(m => (BookLine)new Mishap(Log.Gravity, m)),
                    Gen.Const((BookLine)new Dipped(Log.Bottle)),
                    Gen.Const((BookLine)new Dipped(Log.Steel)),
                    Gen.Const(
                        (BookLine)
                            new FilterLookedOver(
                                Log.Gravity,
                                new FilterState(Wetted: Happened.Yes, Frozen: Happened.Yes, Dropped: Happened.Yes)
                            )
                    ),
                    Gen.Const((BookLine)new FilterServiced(Log.Gravity, FilterService.IntegrityCheck, Passed: false))
                )
            )
            .Sample(
                (log, now, at, news) =>
                {
                    var before = log.At(now);
                    log.Write(at, news);
                    var after = log.At(now);
                    after.DrinkableL.ShouldBeLessThanOrEqualTo(before.DrinkableL + 1e-9);
                    after.Supplies.Zip(before.Supplies).ShouldAllBe(s => s.Second.Suspect == null || s.First.Suspect != null);
                    after.Supplies.Zip(before.Supplies).ShouldAllBe(s => s.First.Left == s.Second.Left);
                    after
                        .Walkers.Sum(w => w.Drinks.Count(d => d.Untreated))
                        .ShouldBeGreaterThanOrEqualTo(before.Walkers.Sum(w => w.Drinks.Count(d => d.Untreated)));
                },
                iter: 1000
            );

    /// <summary>Whoever walked and whatever lay ahead when the snapshot was made: neither is part of it.</summary>
    [Fact]
    public void Folded_on_from_a_snapshot_it_is_the_same_as_from_the_beginning() =>
        Gen.Select(AnyLog, Gen.Int[0, 700], Gen.Int[700, 800])
            .Sample(
                (log, cut, now) =>
                {
                    var until = Log.Morning.AddMinutes(cut);
                    // Corrections reach back: those are folded from the beginning.
                    var plain = Copy(log, log.Lines.Where(l => l.Line!.Corrects is null), log.Batches);
                    var first = Copy(
                        log,
                        plain.Lines.Where(l => l.Line!.At <= until),
                        plain
                            .Batches.Where(b => b.StartedAt <= until)
                            .Select(b => b with { Taps = [.. b.Taps!.Where(t => t.Tap!.At <= until || b.StartedAt > t.Tap.At)] })
                    );
                    // As the page keeps it: written and read.
                    var since = JsonDocument
                        .Parse(Log.Json(first.At(cut, toNobody: true)))
                        .RootElement.GetProperty("snapshot")
                        .Deserialize(ContractJson.Default.Snapshot)!;
                    var rest = Copy(
                        log,
                        plain.Lines.Where(l => l.Line!.At > until),
                        plain.Batches.Where(b => b.StartedAt > until || b.Taps!.Any(t => t.Tap!.At > until))
                    );
                    (Log.Json(rest.At(now, since)) == Log.Json(plain.At(now))).ShouldBeTrue(
                        Log.Json(plain.At(now)) + "\n\n" + Log.Json(rest.At(now, since))
                    );
                },
                iter: 1000
            );
}
