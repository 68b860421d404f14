using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Water;

/// <summary>What a container may hold.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ContainerRole>))]
public enum ContainerRole
{
    /// <summary>For treated water alone.</summary>
    Clean,

    /// <summary>For raw water alone.</summary>
    Dirty,

    /// <summary>For both.</summary>
    Either,
}
