using System.Text.Json;

namespace JollyBrook.Core.Contract;

/// <summary>What the contract calls an enum's value: its name in camel case.</summary>
internal static class ContractName
{
    public static string Of<TEnum>(TEnum value)
        where TEnum : struct, Enum => JsonNamingPolicy.CamelCase.ConvertName(value.ToString());
}
