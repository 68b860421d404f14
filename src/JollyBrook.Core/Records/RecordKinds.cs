using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Records;

/// <summary>Every kind of record, listed once.</summary>
public static class RecordKinds
{
    public static readonly IReadOnlyList<RecordKind> All =
    [
        new RecordKind<BatchRecord>(
            "batch", "Batches", RecordPlace.Log, ContractJson.Default.BatchRecord, BatchRecord.Fields, BatchRecord.Check),
        new RecordKind<BatchEventRecord>(
            "batch-event", "Taps on batches", RecordPlace.Log,
            ContractJson.Default.BatchEventRecord, BatchEventRecord.Fields, BatchEventRecord.Check),
        new RecordKind<KitItem>("kit-item", "Pieces of kit", RecordPlace.Personal, ContractJson.Default.KitItem, KitItem.Fields, KitItem.Check),
        new RecordKind<TripSource>(
            "trip-source", "Sources", RecordPlace.Plan, ContractJson.Default.TripSource, TripSource.Fields, TripSource.Check),
        new RecordKind<TripRoute>("route", "Routes", RecordPlace.Plan, ContractJson.Default.TripRoute, TripRoute.Fields, TripRoute.Check),
        new RecordKind<Walker>("walker", "Walkers", RecordPlace.Plan, ContractJson.Default.Walker, Walker.Fields, Walker.Check),
        new RecordKind<SweatTest>("sweat-test", "Sweat tests", RecordPlace.Log, ContractJson.Default.SweatTest, SweatTest.Fields, SweatTest.Check),
        new RecordKind<BookEntry>("book-entry", "Lines of the book", RecordPlace.Log, ContractJson.Default.BookEntry, BookEntry.Fields, BookEntry.Check),
        new RecordKind<DayBook>("day", "Days", RecordPlace.Plan, ContractJson.Default.DayBook, DayBook.Fields, DayBook.Check),
        new RecordKind<DrillResult>(
            "drill-result", "Drills done", RecordPlace.Personal, ContractJson.Default.DrillResult, DrillResult.Fields, DrillResult.Check),
        new RecordKind<PersonSettings>(
            "settings", "Settings", RecordPlace.Personal, ContractJson.Default.PersonSettings, PersonSettings.Fields, PersonSettings.Check),
    ];

    public static RecordKind? Find(string name) => All.FirstOrDefault(k => k.Name == name);
}
