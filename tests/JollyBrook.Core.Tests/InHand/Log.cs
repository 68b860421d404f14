using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Book;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Light;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.InHand;

/// <summary>A log written by hand, and the kit it is about.</summary>
internal sealed class Log
{
    public static readonly DateTimeOffset Morning = new(2026, 8, 21, 8, 0, 0, TimeSpan.Zero);

    public static readonly Guid Bottle = Of(1);
    public static readonly Guid Steel = Of(2);
    public static readonly Guid Bladder = Of(3);
    public static readonly Guid Pot = Of(4);
    public static readonly Guid Tablets = Of(11);
    public static readonly Guid Gravity = Of(12);
    public static readonly Guid Stove = Of(13);
    public static readonly Guid Lamp = Of(14);
    public static readonly Guid Layered = Of(15);
    public static readonly Guid Ilva = Of(21);
    public static readonly Guid Torren = Of(22);
    public static readonly Guid Spring = Of(31);

    public static readonly IReadOnlyList<KitEntry> Kit =
    [
        Entry(Bottle, new Container(1) { Name = "Litre bottle", At = CarriedAt.Belt }),
        Entry(Steel, new Container(0.75) { Name = "Steel bottle" }),
        Entry(Bladder, new Container(2, Role: ContainerRole.Clean, HasHose: true) { Name = "Bladder" }),
        Entry(Pot, Kits.Pot),
        Kits.Entry(new ProductSpec("nadcc-8.5", new DateOnly(2028, 1, 1)), Tablets.ToString(), 20, "Tablets"),
        Kits.Entry(
            new FilterAsIs(
                FilterElement.Ceramic,
                FilterStyle.Gravity,
                0.25,
                2000,
                100,
                90,
                0,
                Happened.Yes,
                Happened.No,
                Happened.No,
                false
            ),
            Gravity.ToString(),
            "Gravity filter"
        ),
        Kits.Burner(Burners.Default.Id, 164, Stove.ToString()),
        Kits.Entry(new LampAsIs(1, 90, 22, Battery.Lithium), Lamp.ToString()),
        Entry(Layered, new MakeshiftFilter { Name = "Layered filter" }),
    ];

    private int _next = 1000;

    public List<KeptLine> Lines { get; } = [];

    public List<KeptBatch> Batches { get; } = [];

    public List<DatedTrip> Trips { get; } = [];

    public static Guid Of(int n) => Guid.Parse($"019c0000-0000-7000-8000-{n:D12}");

    /// <summary>A line, so many minutes after the morning. Returns its id.</summary>
    public Guid Write(double minutes, BookLine line)
    {
        var id = Of(_next++);
        Lines.Add(new KeptLine(id, line with { At = Morning.AddMinutes(minutes) }));
        return id;
    }

    /// <summary>Tablets into a container: measured and dosed at once, then half an hour's contact.</summary>
    public Guid Dose(
        double minutes,
        Guid container,
        double litres,
        double tablets = 1,
        double contactMinutes = 30,
        params (double Minutes, BatchEventKind Kind, string? Step)[] taps
    )
    {
        var id = Of(_next++);
        List<KeptTap> kept = [new(Of(_next++), new BatchTap(BatchEventKind.Done, "dose", Morning.AddMinutes(minutes + 1)))];
        kept.AddRange(
            taps.Select(t => new KeptTap(
                Of(_next++),
                new BatchTap(t.Kind, t.Step, Morning.AddMinutes(t.Minutes), AddedL: t.Kind == BatchEventKind.ToppedUp ? 0.5 : null)
            ))
        );
        Batches.Add(
            new KeptBatch(
                id,
                Morning.AddMinutes(minutes),
                Tablets.ToString(),
                "Tablets",
                litres,
                [
                    new("dose", StepKind.Dose, "Dose", "", "Added"),
                    new("contact", StepKind.Contact, "Wait", "", null, StepClock.Gate, contactMinutes, DrinkAfter: true),
                    new("drink", StepKind.Drink, "Drink", "", "Put by"),
                ],
                container,
                Use: new BatchUse(DoseUnits: tablets),
                Taps: kept
            )
        );
        return id;
    }

    /// <summary>
    /// What is in hand so many minutes after the morning, told to two walkers on the way to a spring, or to nobody in particular.
    /// </summary>
    public InHandResponse At(double minutes, Snapshot? since = null, bool toNobody = false) =>
        WhatIsInHand.Compute(
            new InHandRequest(
                UnitSystem.Metric,
                Morning.AddMinutes(minutes),
                Kit,
                toNobody ? [] : [new(Ilva, "Ilva"), new(Torren, "Torren")],
                toNobody ? [] : [new(Spring.ToString(), new TripSource("Spring", SourceClass.Perennial, 3, true, Morning.AddDays(-1)))],
                Lines,
                Batches,
                since,
                Trips
            )
        );

    public static string Json(InHandResponse response) => ContractWriter.Write(response, ContractJson.Default.InHandResponse);

    private static KitEntry Entry(Guid id, KitItem item) => new(id.ToString(), item);
}

internal static class LogReading
{
    public static ContainerInHand In(this InHandResponse state, Guid container) => state.Containers.Single(c => c.Id == container);

    public static SupplyInHand Supply(this InHandResponse state, Guid item) => state.Supplies.Single(s => s.Id == item);

    public static WalkerInHand Of(this InHandResponse state, Guid walker) => state.Walkers.Single(w => w.Id == walker);
}
