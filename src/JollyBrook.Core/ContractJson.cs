using System.Text.Json.Serialization;
using JollyBrook.Core.Body;
using JollyBrook.Core.Body.Sips;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Catalogue;
using JollyBrook.Core.Clocks;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Illness;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Learning;
using JollyBrook.Core.Matters;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Packing.Choosing;
using JollyBrook.Core.Packing.Sparing;
using JollyBrook.Core.Records;
using JollyBrook.Core.Route;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Scarcity.Makeshift;
using JollyBrook.Core.Scarcity.Searching;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Winter;
using JollyBrook.Core.Words;

namespace JollyBrook.Core;

/// <summary>
/// How requests and records are read, and how answers that hold one of several kinds are written, each kind with its name: generated at
/// build time so that the trimmed browser core needs no reflection. What is both read and written is described once.
/// </summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    GenerationMode = JsonSourceGenerationMode.Metadata,
    AllowDuplicateProperties = false,
    RespectNullableAnnotations = true,
    AllowOutOfOrderMetadataProperties = true
)]
[JsonSerializable(typeof(CatalogueRequest))]
[JsonSerializable(typeof(TreatRequest))]
[JsonSerializable(typeof(MattersRequest))]
[JsonSerializable(typeof(BatchProgressRequest))]
[JsonSerializable(typeof(JudgeRequest))]
[JsonSerializable(typeof(WordsRequest))]
[JsonSerializable(typeof(KitItemRequest))]
[JsonSerializable(typeof(KitTemplatesRequest))]
[JsonSerializable(typeof(KitCheckRequest))]
[JsonSerializable(typeof(ChooseKitRequest))]
[JsonSerializable(typeof(SpareRequest))]
[JsonSerializable(typeof(MakeshiftRequest))]
[JsonSerializable(typeof(SearchRequest))]
[JsonSerializable(typeof(WinterNightRequest))]
[JsonSerializable(typeof(ScheduleRequest))]
[JsonSerializable(typeof(CampDayRequest))]
[JsonSerializable(typeof(EveningsRequest))]
[JsonSerializable(typeof(LapsRequest))]
[JsonSerializable(typeof(FromHereRequest))]
[JsonSerializable(typeof(BookLine))]
[JsonSerializable(typeof(BookLineRequest))]
[JsonSerializable(typeof(InHandRequest))]
[JsonSerializable(typeof(BookDayRequest))]
[JsonSerializable(typeof(BookTableRequest))]
[JsonSerializable(typeof(BookImportRequest))]
[JsonSerializable(typeof(BringUpRequest))]
[JsonSerializable(typeof(LearnRequest))]
[JsonSerializable(typeof(LookBackRequest))]
[JsonSerializable(typeof(TopUpRequest))]
[JsonSerializable(typeof(WatchRequest))]
[JsonSerializable(typeof(DaysWalkRequest))]
[JsonSerializable(typeof(PartyWatchRequest))]
[JsonSerializable(typeof(SipsRequest))]
[JsonSerializable(typeof(DayBook))]
[JsonSerializable(typeof(TripSource))]
[JsonSerializable(typeof(BatchRecord))]
[JsonSerializable(typeof(BatchEventRecord))]
[JsonSerializable(typeof(KitItem))]
[JsonSerializable(typeof(PersonSettings))]
[JsonSerializable(typeof(DeviceClockRequest))]
[JsonSerializable(typeof(BackupFile))]
[JsonSerializable(typeof(Walker))]
[JsonSerializable(typeof(SweatTest))]
[JsonSerializable(typeof(TripRoute))]
[JsonSerializable(typeof(SweatRequest))]
[JsonSerializable(typeof(LegsRequest))]
[JsonSerializable(typeof(RoutePlacesRequest))]
[JsonSerializable(typeof(PlanRequest))]
[JsonSerializable(typeof(HowSureRequest))]
[JsonSerializable(typeof(TriageRequest))]
[JsonSerializable(typeof(MakeRequest))]
[JsonSerializable(typeof(CallRequest))]
[JsonSerializable(typeof(DrillRequest))]
[JsonSerializable(typeof(QuizRequest))]
[JsonSerializable(typeof(ProgressRequest))]
[JsonSerializable(typeof(DrillResult))]
[JsonSerializable(typeof(InHandResponse))]
[JsonSerializable(typeof(CampDayResponse))]
[JsonSerializable(typeof(ScheduleResponse))]
[JsonSerializable(typeof(KitTemplatesResponse))]
[JsonSerializable(typeof(ChooseKitResponse))]
[JsonSerializable(typeof(MakeshiftResponse))]
[JsonSerializable(typeof(BookImportResponse))]
public sealed partial class ContractJson : JsonSerializerContext;
