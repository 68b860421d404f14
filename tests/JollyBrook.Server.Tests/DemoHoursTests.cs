using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Server.Demo;

namespace JollyBrook.Server.Tests;

/// <summary>The demo's log makes sense at whatever hour it is started.</summary>
public class DemoHoursTests
{
    [Theory]
    [InlineData(0.5)]
    [InlineData(4)]
    [InlineData(7.5)]
    [InlineData(9.2)]
    [InlineData(12)]
    [InlineData(15)]
    [InlineData(19)]
    [InlineData(22.5)]
    public async Task Every_drink_was_there_to_be_drunk(double utcHour)
    {
        var ahead = TimeSpan.FromDays(1) + TimeSpan.FromHours(utcHour) - DateTimeOffset.UtcNow.TimeOfDay;
        using var server = new RunningServer(demo: true, ahead: ahead);
        List<JsonElement> records = [];
        foreach (var book in server.Owner.About.GetProperty("books").EnumerateArray())
        {
            records.AddRange((await server.Owner.ChangesAsync(book.GetProperty("id").GetGuid())).GetProperty("records").EnumerateArray());
        }

        IEnumerable<(Guid Id, T Body)> All<T>(string kind, JsonTypeInfo<T> type) =>
            records
                .Where(r => r.GetProperty("kind").GetString() == kind)
                .Select(r => (r.GetProperty("id").GetGuid(), r.GetProperty("body").Deserialize(type)!));
        var taps = All("batch-event", ContractJson.Default.BatchEventRecord)
            .ToLookup(t => t.Body.BatchId!.Value, t => new KeptTap(t.Id, new BatchTap(t.Body.Kind, t.Body.StepId, t.Body.At)));
        var state = WhatIsInHand.Compute(
            new InHandRequest(
                UnitSystem.Metric,
                server.Time.GetUtcNow(),
                [.. All("kit-item", ContractJson.Default.KitItem).Select(i => new KitEntry(i.Id.ToString(), i.Body))],
                Lines: [.. All("book-line", ContractJson.Default.BookLine).Select(l => new KeptLine(l.Id, l.Body))],
                Batches:
                [
                    .. All("batch", ContractJson.Default.BatchRecord)
                        .Select(b => new KeptBatch(
                            b.Id,
                            b.Body.StartedAt,
                            b.Body.Answer!.Method,
                            b.Body.Answer.MethodName,
                            b.Body.Request!.Water!.VolumeL,
                            b.Body.Answer.Steps,
                            b.Body.ContainerId,
                            DrinkWithinHours: b.Body.Answer.DrinkWithinHours,
                            Taps: [.. taps[b.Id]]
                        )),
                ]
            )
        );
        state.Doubts.Select(d => d.Words).ShouldBeEmpty();
        state.DrinkableL.ShouldBeGreaterThan(0);
        state.UnderWayL.ShouldBeGreaterThan(0);
    }

    /// <param name="mornings">The hour, UTC, at which a device's day begins: on the island, and on a device set to UTC.</param>
    /// <param name="worst">How short of water somebody may be.</param>
    [Theory]
    [InlineData(9, WaterState.DrinkSoon)]
    [InlineData(7, WaterState.RunningShort)]
    public void Nobody_has_drunk_more_than_they_lost_nor_gone_short(int mornings, WaterState worst)
    {
        var day = new DateTimeOffset(2026, 8, 20, 0, 0, 0, TimeSpan.Zero);
        Guid[] walkers = [.. DemoTrip.Walkers.Select(_ => Guid.NewGuid())];
        for (var now = day; now < day.AddDays(1); now = now.AddMinutes(5))
        {
            var things = DemoKit
                .Items(DateOnly.FromDateTime(now.UtcDateTime))
                .Select(i => i.Name!)
                .Concat(DemoTrip.Sources(now, Guid.NewGuid()).Select(s => s.Name!))
                .ToDictionary(name => name, _ => Guid.NewGuid());
            var drinks = DemoBook.Lines(now, walkers, things).OfType<Drank>().ToLookup(d => d.WalkerId!.Value);
            var morning = day.AddHours(mornings) is var today && today <= now ? today : today.AddDays(-1);
            foreach (var (id, walker) in walkers.Zip(DemoTrip.Walkers))
            {
                var watch = BodyWatch.Compute(
                    new WatchRequest(
                        UnitSystem.Metric,
                        walker,
                        [
                            .. DemoTrip
                                .Tests(now, walkers[0], walkers[1])
                                .Where(t => t.WalkerId == id)
                                .Select(t => new SweatTestEntry("", t)),
                        ],
                        From: morning,
                        Drinks: [.. drinks[id].Where(d => d.At >= morning).Select(d => new Drunk(d.At, d.Litres))],
                        UrineAt: now.AddHours(-2),
                        Now: now
                    )
                );
                (watch.State <= worst).ShouldBeTrue($"{walker.Name} at {now:HH:mm}: {watch.DeficitPercent:0.0} %");
            }
        }
    }
}
