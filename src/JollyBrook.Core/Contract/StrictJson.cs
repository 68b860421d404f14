using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Contract;

/// <summary>Reads JSON into a record and answers what cannot be read in words that name the field.</summary>
public static class StrictJson
{
    /// <returns>The record, or null with <paramref name="problem"/> set.</returns>
    public static T? Read<T>(string json, JsonTypeInfo<T> typeInfo, Func<IReadOnlyList<Field>> fields, out Problem? problem)
    {
        problem = null;
        var say = Speaker.Metric;
        try
        {
            // Syntax first: a cut-off request is told apart from a field of the wrong kind.
            using var document = JsonDocument.Parse(json);
            if (document.RootElement.ValueKind != JsonValueKind.Object)
            {
                problem = Problem.Unreadable("The request must be a JSON object, starting with '{'.");
                return default;
            }

            say = SpeakerOf(document.RootElement);
        }
        catch (JsonException)
        {
            problem = Problem.Unreadable(
                "The request is cut short or is not JSON (NaN and Infinity are not JSON either). Send it again, whole.");
            return default;
        }

        try
        {
            return JsonSerializer.Deserialize(json, typeInfo);
        }
        catch (JsonException wrong)
        {
            problem = Problem.BadInput([Explain(wrong, fields(), say)]);
            return default;
        }
    }

    private static Speaker SpeakerOf(JsonElement root) =>
        root.TryGetProperty("units", out var units) && units.ValueKind == JsonValueKind.String && units.ValueEquals("us")
            ? Speaker.Us
            : Speaker.Metric;

    private static FieldProblem Explain(JsonException wrong, IReadOnlyList<Field> fields, Speaker say)
    {
        var path = (wrong.Path ?? "$").TrimStart('$').TrimStart('.');
        var field = fields.FirstOrDefault(f => f.Path == path);
        return field is null
            ? new FieldProblem(path, $"'{path}' does not hold what is expected there. See the API document.", null)
            : field.Wrong(field.WrongKind(say), say);
    }
}
