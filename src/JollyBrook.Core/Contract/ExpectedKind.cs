using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace JollyBrook.Core.Contract;

/// <summary>What a place of a request takes, for places that no <see cref="Field"/> describes.</summary>
internal static class ExpectedKind
{
    private const string Unlisted = "as in the API document";

    /// <summary>In words, found by following the request's shape along a path such as <c>seen[0].sign</c>.</summary>
    public static string At(JsonTypeInfo shape, string path)
    {
        var type = shape.Type;
        foreach (var part in path.Split('.', StringSplitOptions.RemoveEmptyEntries))
        {
            var lists = part.Count(c => c == '[');
            var name = lists == 0 ? part : part[..part.IndexOf('[', StringComparison.Ordinal)];
            if (KindsOf(shape.Options, type, name) is { } kinds)
            {
                return OneOf(kinds);
            }

            if (PropertyOf(shape.Options, type, name) is not { } property)
            {
                return Unlisted;
            }

            type = property;
            for (var i = 0; i < lists; i++)
            {
                type = ItemOf(type);
            }
        }

        return Words(Required(type));
    }

    /// <summary>The kinds there are, where that is the property that says which.</summary>
    private static IEnumerable<string>? KindsOf(JsonSerializerOptions options, Type type, string name) =>
        options.TryGetTypeInfo(Required(type), out var info)
        && info.PolymorphismOptions is { } several
        && several.TypeDiscriminatorPropertyName == name
            ? several.DerivedTypes.Select(kind => $"{kind.TypeDiscriminator}")
            : null;

    private static string OneOf(IEnumerable<string> names) => $"one of: {string.Join(", ", names)}";

    /// <summary>The type of a property, of one of the kinds where there are several.</summary>
    private static Type? PropertyOf(JsonSerializerOptions options, Type type, string name)
    {
        if (!options.TryGetTypeInfo(Required(type), out var info))
        {
            return null;
        }

        return info.Properties.FirstOrDefault(p => p.Name == name)?.PropertyType
            ?? info.PolymorphismOptions?.DerivedTypes.Select(kind => PropertyOf(options, kind.DerivedType, name))
                .FirstOrDefault(t => t is not null);
    }

    /// <summary>What may be left out.</summary>
    private static Type Required(Type type) => Nullable.GetUnderlyingType(type) ?? type;

    /// <summary>What a list is of; anything else is itself.</summary>
    private static Type ItemOf(Type type) => type.IsGenericType ? type.GetGenericArguments()[^1] : type;

    private static string Words(Type type) =>
        type.IsEnum ? OneOf(Enum.GetNames(type).Select(JsonNamingPolicy.CamelCase.ConvertName))
        : type == typeof(bool) ? "true or false"
        : type == typeof(double) ? "a number"
        : type == typeof(int) || type == typeof(long) ? "a whole number"
        : type == typeof(string) ? "text"
        : type == typeof(Guid) ? "a UUID"
        : type == typeof(DateOnly) ? "a day, as in 2026-08-21"
        : type == typeof(DateTimeOffset) ? "an instant, as in 2026-08-21T17:00:00+01:00"
        : type.IsGenericType ? "a list"
        : type.IsClass ? "an object"
        : Unlisted;
}
