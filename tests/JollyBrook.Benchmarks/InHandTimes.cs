using System.Diagnostics;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Book;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Benchmarks;

/// <summary>What folding the log costs: from nothing, and for one more line, at three sizes of the book.</summary>
internal static class InHandTimes
{
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 8, 0, 0, TimeSpan.Zero);
    private static readonly Guid[] Bottles = [.. Enumerable.Range(1, 6).Select(Id)];

    public static void Run(TextWriter output)
    {
        output.WriteLine(
            "\nin-hand, ms, medians           limits at 20 000 lines: 30 native, 400 in the page; one more 1 and 15; Now opens 1 000, a tap 100"
        );
        output.WriteLine(
            $"{"lines", 9}{"native", 12}{"one more", 12}{"µs a line", 12}{"in page", 12}{"one more", 12}{"Now opens", 12}{"a tap", 10}"
        );
        foreach (var lines in new[] { 200, 2_000, 20_000 })
        {
            var (all, now) = Book(lines);
            var request = Ask(all, now);
            var whole = Median(() => WhatIsInHand.Compute(request));
            var since = WhatIsInHand.Compute(request).Snapshot;
            var one = request with
            {
                Since = since,
                Batches = [],
                Lines = [new KeptLine(Id(9_000_001), new Drank(0.05, ContainerId: Bottles[0]) { At = now.AddMinutes(1) })],
                Now = now.AddMinutes(1),
            };
            var more = Median(() => WhatIsInHand.Compute(one));
            var page = InHandPage.Fold(request, one);
            // Without batches what is drunk is told as untreated, or every drink would be a doubt.
            var told = request.Lines!.Select(l => l.Line is Drank drank ? l with { Line = drank with { Untreated = true } } : l);
            var room = InHandPage.Now(
                request with
                {
                    Batches = [],
                    Lines = [.. told, new KeptLine(Id(9_000_000), new Filled(Bottles[0]) { At = now })],
                }
            );
            output.WriteLine(
                $"{lines, 9}{whole, 12:0.00}{more, 12:0.000}{whole / lines * 1000, 12:0.00}{page.Whole, 12:0}{page.More, 12:0.0}{room.Opens, 12:0}{room.Tap, 10:0}"
            );
        }
    }

    private static InHandRequest Ask((IReadOnlyList<KeptLine> Lines, IReadOnlyList<KeptBatch> Batches) book, DateTimeOffset now) =>
        new(
            UnitSystem.Metric,
            now,
            [.. Bottles.Select((b, i) => new KitEntry(b.ToString(), new Container(1) { Name = $"Bottle {i}" }))],
            Lines: book.Lines,
            Batches: book.Batches
        );

    /// <summary>A year of filling, dosing, drinking and noting: one batch in ten lines.</summary>
    private static ((IReadOnlyList<KeptLine>, IReadOnlyList<KeptBatch>) Book, DateTimeOffset Now) Book(int count)
    {
        List<KeptLine> lines = [];
        List<KeptBatch> batches = [];
        TreatmentStep[] steps =
        [
            new("dose", StepKind.Dose, "", "", "Added"),
            new("wait", StepKind.Contact, "", "", null, StepClock.Gate, 15, DrinkAfter: true),
            new("drink", StepKind.Drink, "", "", "Put by"),
        ];
        for (var i = 0; i < count; i++)
        {
            var (at, bottle) = (Start.AddMinutes(i * 20), Bottles[i / 10 % Bottles.Length]);
            BookLine line = (i % 10) switch
            {
                0 => new Filled(bottle, Clarity: Clarity.Clear),
                < 5 => new Drank(0.2, ContainerId: bottle),
                5 => new UrinePassed(null, 4),
                6 => new Noted { Note = "Up to the saddle" },
                7 => new SourceSeen(Id(500), Flowing: true),
                8 => new Spilt(bottle, All: true),
                _ => new Noted { Note = "Along the ridge" },
            };
            lines.Add(new KeptLine(Id(10_000 + i), line with { At = at }));
            if (i % 10 == 0)
            {
                batches.Add(
                    new KeptBatch(
                        Id(1_000_000 + i),
                        at.AddMinutes(1),
                        "t",
                        "Tablets",
                        1,
                        steps,
                        bottle,
                        Taps: [new KeptTap(Id(2_000_000 + i), new BatchTap(BatchEventKind.Done, "dose", at.AddMinutes(2)))]
                    )
                );
            }
        }

        return ((lines, batches), Start.AddMinutes(count * 20));
    }

    private static double Median(Action run)
    {
        run();
        run();
        var times = Enumerable
            .Range(0, 15)
            .Select(_ =>
            {
                var clock = Stopwatch.StartNew();
                run();
                return clock.Elapsed.TotalMilliseconds;
            })
            .Order()
            .ToList();
        return times[7];
    }

    private static Guid Id(int n) => Guid.Parse($"019c0000-0000-7000-8000-{n:D12}");
}
