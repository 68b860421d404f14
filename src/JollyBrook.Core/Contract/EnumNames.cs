using System.Collections;
using System.Text.Json;

namespace JollyBrook.Core.Contract;

/// <summary>
/// The names of an enum as the contract writes them. Looked up when first read and not before: asking the runtime for names is
/// slow in the browser, and most lists are read only when something is wrong.
/// </summary>
internal sealed class EnumNames<TEnum> : IReadOnlyList<string>
    where TEnum : struct, Enum
{
    public static readonly EnumNames<TEnum> All = new();

    private string[]? _names;

    private string[] Names => _names ??= [.. Enum.GetNames<TEnum>().Select(JsonNamingPolicy.CamelCase.ConvertName)];

    public int Count => Names.Length;

    public string this[int index] => Names[index];

    public IEnumerator<string> GetEnumerator() => ((IEnumerable<string>)Names).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => Names.GetEnumerator();
}
