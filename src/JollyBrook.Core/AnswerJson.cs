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
using JollyBrook.Core.Kit;
using JollyBrook.Core.Learning;
using JollyBrook.Core.Matters;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Packing.Sparing;
using JollyBrook.Core.Packing.Ways;
using JollyBrook.Core.Records;
using JollyBrook.Core.Route;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Scarcity.Searching;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Winter;
using JollyBrook.Core.Words;

namespace JollyBrook.Core;

/// <summary>
/// How answers are written: generated code alone, with none of the metadata that reading needs. Building that metadata for the
/// large answers is what a first calculation in the browser would spend most of its time on.
/// </summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    GenerationMode = JsonSourceGenerationMode.Serialization
)]
[JsonSerializable(typeof(CatalogueResponse))]
[JsonSerializable(typeof(TreatResponse))]
[JsonSerializable(typeof(BatchProgressResponse))]
[JsonSerializable(typeof(ChainListResponse))]
[JsonSerializable(typeof(MattersResponse))]
[JsonSerializable(typeof(JudgeResponse))]
[JsonSerializable(typeof(WordsResponse))]
[JsonSerializable(typeof(KitItemResponse))]
[JsonSerializable(typeof(BookLineResponse))]
[JsonSerializable(typeof(BookDayResponse))]
[JsonSerializable(typeof(BringUpResponse))]
[JsonSerializable(typeof(FromHereResponse))]
[JsonSerializable(typeof(BookTableResponse))]
[JsonSerializable(typeof(LearnResponse))]
[JsonSerializable(typeof(LookBackResponse))]
[JsonSerializable(typeof(TopUpResponse))]
[JsonSerializable(typeof(WatchResponse))]
[JsonSerializable(typeof(DaysWalkResponse))]
[JsonSerializable(typeof(PartyWatchResponse))]
[JsonSerializable(typeof(SipsResponse))]
[JsonSerializable(typeof(EveningsResponse))]
[JsonSerializable(typeof(SearchResponse))]
[JsonSerializable(typeof(WinterNightResponse))]
[JsonSerializable(typeof(KitCheckResponse))]
[JsonSerializable(typeof(SpareResponse))]
[JsonSerializable(typeof(DeviceClockResponse))]
[JsonSerializable(typeof(BackupCheckResponse))]
[JsonSerializable(typeof(SweatResponse))]
[JsonSerializable(typeof(ReadRoute))]
[JsonSerializable(typeof(RouteLineResponse))]
[JsonSerializable(typeof(RoutePlacesResponse))]
[JsonSerializable(typeof(PlanResponse))]
[JsonSerializable(typeof(HowSureResponse))]
[JsonSerializable(typeof(LighterResponse))]
[JsonSerializable(typeof(CarryWaysResponse))]
[JsonSerializable(typeof(LapsResponse))]
[JsonSerializable(typeof(TriageResponse))]
[JsonSerializable(typeof(MakeResponse))]
[JsonSerializable(typeof(CallResponse))]
[JsonSerializable(typeof(DrillResponse))]
[JsonSerializable(typeof(QuizResponse))]
[JsonSerializable(typeof(ProgressResponse))]
public sealed partial class AnswerJson : JsonSerializerContext;
