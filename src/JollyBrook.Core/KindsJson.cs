using System.Text.Json.Serialization;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Packing.Choosing;
using JollyBrook.Core.Scarcity.Makeshift;
using JollyBrook.Core.Schedule;

namespace JollyBrook.Core;

/// <summary>How answers that hold one of several kinds are written: each kind with its name.</summary>
[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, GenerationMode = JsonSourceGenerationMode.Metadata)]
[JsonSerializable(typeof(InHandResponse))]
[JsonSerializable(typeof(CampDayResponse))]
[JsonSerializable(typeof(ScheduleResponse))]
[JsonSerializable(typeof(KitTemplatesResponse))]
[JsonSerializable(typeof(ChooseKitResponse))]
[JsonSerializable(typeof(MakeshiftResponse))]
public sealed partial class KindsJson : JsonSerializerContext;
