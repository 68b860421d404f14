using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Records;

/// <summary>Brings a body from one schema to the next, in place. Small, and never changed once it has shipped.</summary>
/// <param name="body">The body as the earlier schema has it.</param>
public delegate void SchemaStep(JsonObject body);

/// <summary>
/// The schema a kind's bodies are written in: a number that rises by one with every change of their shape, and the steps that bring
/// older ones up.
/// </summary>
/// <param name="steps">From 1 to 2, from 2 to 3 and so on.</param>
public sealed class RecordSchema(params IReadOnlyList<SchemaStep> steps)
{
    /// <summary>What a body without a number is of.</summary>
    public const int First = 1;

    private static readonly JsonDocumentOptions EachNameOnce = new() { AllowDuplicateProperties = false };

    /// <summary>What is written now.</summary>
    public int Current { get; } = First + steps.Count;

    /// <summary>A body as the current schema has it.</summary>
    /// <param name="bodyJson">The body, JSON.</param>
    /// <param name="schema">What it was written in, from <see cref="First"/>; null where it does not say, which counts as the
    /// first.</param>
    /// <param name="problem">Why it can't be read: of a newer schema than this program knows, or no JSON object.</param>
    /// <returns>Null with <paramref name="problem"/> set when it can't be read.</returns>
    public string? BringUp(string bodyJson, int? schema, out Problem? problem)
    {
        var from = schema ?? First;
        problem = from < First || from > Current ? Unknown(from) : null;
        if (problem is not null || from == Current)
        {
            return problem is null ? bodyJson : null;
        }

        if (Read(bodyJson) is not { } body)
        {
            problem = Problem.Unreadable("The record is cut short or is no JSON object. Send it again, whole.");
            return null;
        }

        for (var at = from; at < Current; at++)
        {
            steps[at - First](body);
        }

        return body.ToJsonString();
    }

    private static JsonObject? Read(string bodyJson)
    {
        try
        {
            return JsonNode.Parse(bodyJson, documentOptions: EachNameOnce) as JsonObject;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private Problem Unknown(int schema) =>
        new(
            "/problems/unknown-schema",
            "The record is of another version.",
            400,
            $"The record is of schema {schema}; this program knows "
                + $"{(Current == First ? $"{First}" : $"{First} to {Current}")}. Update the program, then "
                + "try again. Nothing of the record is lost.",
            [
                new FieldProblem(
                    "schema",
                    $"This program knows {(Current == First ? $"schema {First}" : $"schemas {First} to {Current}")}. Update it.",
                    $"{First} to {Current}"
                ),
            ]
        );
}
