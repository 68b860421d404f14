using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Records;

/// <summary>Every kind of record, listed once.</summary>
public static class RecordKinds
{
    public static readonly IReadOnlyList<RecordKind> All =
    [
        new RecordKind<BatchRecord>("batch", true, ContractJson.Default.BatchRecord, BatchRecord.Fields, BatchRecord.Check),
        new RecordKind<BatchEventRecord>(
            "batch-event", true, ContractJson.Default.BatchEventRecord, BatchEventRecord.Fields, BatchEventRecord.Check),
        new RecordKind<KitItem>("kit-item", false, ContractJson.Default.KitItem, KitItem.Fields, KitItem.Check),
        new RecordKind<TripSource>("trip-source", false, ContractJson.Default.TripSource, TripSource.Fields, TripSource.Check),
        new RecordKind<PersonSettings>("settings", false, ContractJson.Default.PersonSettings, PersonSettings.Fields, _ => { }),
    ];

    public static RecordKind? Find(string name) => All.FirstOrDefault(k => k.Name == name);
}
