using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Water;

/// <summary>What a container may hold.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ContainerRole>))]
public enum ContainerRole
{
    Clean,
    Dirty,
    Either,
}
