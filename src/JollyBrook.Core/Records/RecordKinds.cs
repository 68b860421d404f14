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

    public static readonly IReadOnlyList<RecordKind> All =
    [
        new RecordKind<BatchRecord>(
            "batch",
            "Batches",
            RecordPlace.Log,
            128 * Kilobyte,
            ContractJson.Default.BatchRecord,
            BatchRecord.Fields,
            BatchRecord.Check
        ),
        new RecordKind<BatchEventRecord>(
            "batch-event",
            "Taps on batches",
            RecordPlace.Log,
            4 * Kilobyte,
            ContractJson.Default.BatchEventRecord,
            BatchEventRecord.Fields,
            BatchEventRecord.Check
        ),
        new RecordKind<KitItem>(
            "kit-item",
            "Pieces of kit",
            RecordPlace.Personal,
            32 * Kilobyte,
            ContractJson.Default.KitItem,
            KitItem.Fields,
            KitItem.Check
        ),
        new RecordKind<TripSource>(
            "trip-source",
            "Sources",
            RecordPlace.Plan,
            16 * Kilobyte,
            ContractJson.Default.TripSource,
            TripSource.Fields,
            TripSource.Check
        )
        {
            Schema = new(TripSourceSteps.TreatedByTheEngine),
        },
        new RecordKind<TripRoute>(
            "route",
            "Routes",
            RecordPlace.Plan,
            900 * Kilobyte,
            ContractJson.Default.TripRoute,
            TripRoute.Fields,
            TripRoute.Check
        ),
        new RecordKind<Walker>(
            "walker",
            "Walkers",
            RecordPlace.Plan,
            4 * Kilobyte,
            ContractJson.Default.Walker,
            Walker.Fields,
            Walker.Check
        ),
        new RecordKind<SweatTest>(
            "sweat-test",
            "Sweat tests",
            RecordPlace.Log,
            8 * Kilobyte,
            ContractJson.Default.SweatTest,
            SweatTest.Fields,
            SweatTest.Check
        ),
        new RecordKind<BookLine>(
            "book-line",
            "Lines of the book",
            RecordPlace.Log,
            160 * Kilobyte,
            ContractJson.Default.BookLine,
            LineKinds.Fields,
            BookLine.Check
        ),
        new RecordKind<DayBook>(
            "day",
            "Days",
            RecordPlace.Plan,
            128 * Kilobyte,
            ContractJson.Default.DayBook,
            DayBook.Fields,
            DayBook.Check
        ),
        new RecordKind<DrillResult>(
            "drill-result",
            "Drills done",
            RecordPlace.Personal,
            16 * Kilobyte,
            ContractJson.Default.DrillResult,
            DrillResult.Fields,
            DrillResult.Check
        ),
        new RecordKind<PersonSettings>(
            "settings",
            "Settings",
            RecordPlace.Personal,
            4 * Kilobyte,
            ContractJson.Default.PersonSettings,
            PersonSettings.Fields,
            PersonSettings.Check
        ),
    ];

    public static RecordKind? Find(string name) => All.FirstOrDefault(k => k.Name == name);
}
