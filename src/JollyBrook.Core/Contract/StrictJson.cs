using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Contract;

/// <summary>Reads JSON into a record and answers what cannot be read in words that name the field.</summary>
public static class StrictJson
{
    /// <summary>How the reader's message begins when a record names a kind there is none of.</summary>
    private const string UnknownKind = "Read unrecognized type discriminator";

    private const string KindProperty = "kind";

    /// <returns>The record, or null with <paramref name="problem"/> set.</returns>
    public static T? Read<T>(string json, JsonTypeInfo<T> typeInfo, Func<IReadOnlyList<Field>> fields, out Problem? problem)
    {
        if (ListLimits.FirstWrong(json) is { } wrongList)
        {
            problem = Problem.BadInput([wrongList]);
            return default;
        }

        try
        {
            var read = JsonSerializer.Deserialize(json, typeInfo);
            problem = read is null ? NotAnObject : null;
            return read;
        }
        catch (JsonException wrong)
        {
            problem = WhatIsWrong(json, wrong, typeInfo, fields);
            return default;
        }
        catch (NotSupportedException nameless)
        {
            // One of several kinds that does not say which.
            var path = PathIn(nameless.Message);
            var kinds = ExpectedKind.At(typeInfo, $"{path}.{KindProperty}");
            problem = Problem.BadInput([new FieldProblem(path, $"'{path}' does not say which kind it is: {kinds}.", kinds)]);
            return default;
        }
    }

    /// <summary>The place a message of the reader names, as in "Path: $.lines[0].line | …".</summary>
    private static string PathIn(string message)
    {
        const string before = "Path: $";
        var from = message.IndexOf(before, StringComparison.Ordinal);
        var to = from < 0 ? -1 : message.IndexOf(" |", from, StringComparison.Ordinal);
        return to < 0 ? "" : message[(from + before.Length)..to].TrimStart('.');
    }

    private static Problem NotAnObject => Problem.Unreadable("The request must be a JSON object, starting with '{'.");

    /// <summary>Tells a request that is cut short from one with a field of the wrong kind.</summary>
    private static Problem WhatIsWrong(string json, JsonException wrong, JsonTypeInfo shape, Func<IReadOnlyList<Field>> fields)
    {
        try
        {
            using var document = JsonDocument.Parse(json);
            return document.RootElement.ValueKind == JsonValueKind.Object
                ? Problem.BadInput([Explain(wrong, shape, fields(), SpeakerOf(document.RootElement))])
                : NotAnObject;
        }
        catch (JsonException)
        {
            return Problem.Unreadable(
                "The request is cut short or is not JSON (NaN and Infinity are not JSON either). Send it again, whole."
            );
        }
    }

    private static Speaker SpeakerOf(JsonElement root) =>
        root.TryGetProperty("units", out var units) && units.ValueKind == JsonValueKind.String && units.ValueEquals("us")
            ? Speaker.Us
            : Speaker.Metric;

    private static FieldProblem Explain(JsonException wrong, JsonTypeInfo shape, IReadOnlyList<Field> fields, Speaker say)
    {
        var path = (wrong.Path ?? "$").TrimStart('$').TrimStart('.');
        if (wrong.Message.StartsWith(UnknownKind, StringComparison.Ordinal) && !path.EndsWith(KindProperty, StringComparison.Ordinal))
        {
            path = path.Length == 0 ? KindProperty : $"{path}.{KindProperty}";
        }

        if (fields.FirstOrDefault(f => f.Path == path) is { } field)
        {
            return field.Wrong(field.WrongKind(say), say);
        }

        var expected = ExpectedKind.At(shape, path);
        return new FieldProblem(path, $"'{path}' must be {expected}.", expected);
    }
}
