using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Records;

/// <summary>Every kind of record, listed once.</summary>
public static class RecordKinds
{
    private const int Kilobyte = 1024;

    /// <summary>Every kind of record.</summary>
    public static readonly IReadOnlyList<RecordKind> All =
    [
        new RecordKind<BatchRecord>(
            name: "batch",
            title: "Batches",
            place: RecordPlace.Log,
            mostBytes: 128 * Kilobyte,
            json: ContractJson.Default.BatchRecord,
            fields: BatchRecord.Fields,
            check: BatchRecord.Check
        ),
        new RecordKind<BatchEventRecord>(
            name: "batch-event",
            title: "Taps on batches",
            place: RecordPlace.Log,
            mostBytes: 4 * Kilobyte,
            json: ContractJson.Default.BatchEventRecord,
            fields: BatchEventRecord.Fields,
            check: BatchEventRecord.Check
        ),
        new RecordKind<KitItem>(
            name: "kit-item",
            title: "Pieces of kit",
            place: RecordPlace.Personal,
            mostBytes: 32 * Kilobyte,
            json: ContractJson.Default.KitItem,
            fields: KitItem.Fields,
            check: KitItem.Check
        ),
        new RecordKind<TripSource>(
            name: "trip-source",
            title: "Sources",
            place: RecordPlace.Plan,
            mostBytes: 16 * Kilobyte,
            json: ContractJson.Default.TripSource,
            fields: TripSource.Fields,
            check: TripSource.Check
        )
        {
            Schema = new(TripSourceSteps.TreatedByTheEngine),
        },
        new RecordKind<TripRoute>(
            name: "route",
            title: "Routes",
            place: RecordPlace.Plan,
            mostBytes: 900 * Kilobyte,
            json: ContractJson.Default.TripRoute,
            fields: TripRoute.Fields,
            check: TripRoute.Check
        ),
        new RecordKind<Walker>(
            name: "walker",
            title: "Walkers",
            place: RecordPlace.Plan,
            mostBytes: 4 * Kilobyte,
            json: ContractJson.Default.Walker,
            fields: Walker.Fields,
            check: Walker.Check
        ),
        new RecordKind<SweatTest>(
            name: "sweat-test",
            title: "Sweat tests",
            place: RecordPlace.Log,
            mostBytes: 8 * Kilobyte,
            json: ContractJson.Default.SweatTest,
            fields: SweatTest.Fields,
            check: SweatTest.Check
        ),
        new RecordKind<BookLine>(
            name: "book-line",
            title: "Lines of the book",
            place: RecordPlace.Log,
            mostBytes: 160 * Kilobyte,
            json: ContractJson.Default.BookLine,
            fields: LineKinds.Fields,
            check: BookLine.Check
        ),
        new RecordKind<DayBook>(
            name: "day",
            title: "Days",
            place: RecordPlace.Plan,
            mostBytes: 128 * Kilobyte,
            json: ContractJson.Default.DayBook,
            fields: DayBook.Fields,
            check: DayBook.Check
        ),
        new RecordKind<DrillResult>(
            name: "drill-result",
            title: "Drills done",
            place: RecordPlace.Personal,
            mostBytes: 16 * Kilobyte,
            json: ContractJson.Default.DrillResult,
            fields: DrillResult.Fields,
            check: DrillResult.Check
        ),
        new RecordKind<PersonSettings>(
            name: "settings",
            title: "Settings",
            place: RecordPlace.Personal,
            mostBytes: 4 * Kilobyte,
            json: ContractJson.Default.PersonSettings,
            fields: PersonSettings.Fields,
            check: PersonSettings.Check
        ),
    ];

    /// <summary>The kind of that name; null where there is none.</summary>
    public static RecordKind? Find(string name) => All.FirstOrDefault(k => k.Name == name);
}
