using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Kit;

[JsonConverter(typeof(CamelCaseEnumConverter<MishapKind>))]
public enum MishapKind
{
    Froze,
    Dropped,

    /// <summary>What comes out is no longer clear.</summary>
    RunsCloudy,
}
