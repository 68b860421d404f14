using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Kit;

/// <summary>What befell a piece of kit.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<MishapKind>))]
public enum MishapKind
{
    /// <summary>It froze while wet.</summary>
    Froze,

    /// <summary>It fell.</summary>
    Dropped,

    /// <summary>What comes out is no longer clear.</summary>
    RunsCloudy,
}
