using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Records;

/// <summary>Where a kind of record belongs, and whether it may change.</summary>
public enum RecordPlace
{
    /// <summary>A log entry, in any book; it only appends.</summary>
    Log,

    /// <summary>A plan, in any book; it may change.</summary>
    Plan,

    /// <summary>A person's own, in their book alone; it may change.</summary>
    Personal,
}

/// <summary>A kind of record that is kept: its body, and whether it may change once written.</summary>
/// <param name="name">Its name in addresses.</param>
/// <param name="title">What a person calls several of them.</param>
/// <param name="place">Where it belongs.</param>
/// <param name="mostBytes">The most its body may take, bytes of UTF-8 without blanks.</param>
public abstract class RecordKind(string name, string title, RecordPlace place, int mostBytes)
{
    /// <summary>The name in <c>/api/records/{kind}/{id}</c>.</summary>
    public string Name { get; } = name;

    /// <summary>What a person calls several of them.</summary>
    public string Title { get; } = title;

    /// <summary>Log entries only append: a body, once written, stays.</summary>
    public bool AppendOnly { get; } = place == RecordPlace.Log;

    /// <summary>Whether it is a person's own, and has no place in a trip's book.</summary>
    public bool PersonalOnly { get; } = place == RecordPlace.Personal;

    /// <summary>The most its body may take, bytes of UTF-8 without blanks.</summary>
    public int MostBytes { get; } = mostBytes;

    /// <summary>What its bodies are written in, and how older ones are brought up.</summary>
    public RecordSchema Schema { get; init; } = new();

    /// <summary>What a record of this kind holds.</summary>
    public abstract Type BodyType { get; }

    /// <summary>
    /// A body as it is kept: brought up to the current schema, checked, without blanks, every property once, in the order it came. What
    /// reads the same is kept the same.
    /// </summary>
    /// <param name="sentJson">The body, JSON.</param>
    /// <param name="schema">The schema it was written in; null counts as the first.</param>
    /// <param name="problem">Why it is not fit to keep.</param>
    /// <returns>Null with <paramref name="problem"/> set when the body is not fit to keep.</returns>
    public string? Canonical(string sentJson, int? schema, out Problem? problem)
    {
        if (Schema.BringUp(sentJson, schema, out problem) is not { } bodyJson)
        {
            return null;
        }

        problem = Check(bodyJson);
        if (problem is not null)
        {
            return null;
        }

        var body = WithoutBlanks(bodyJson);
        if (body.WrittenCount > MostBytes)
        {
            problem = Problem.BadInput([
                new FieldProblem(
                    "body",
                    $"This record has {body.WrittenCount / 1024} KB; at most {MostBytes / 1024} KB can be kept under {Title}. Shorten it.",
                    $"up to {MostBytes / 1024} KB"
                ),
            ]);
            return null;
        }

        return Encoding.UTF8.GetString(body.WrittenSpan);
    }

    private static ArrayBufferWriter<byte> WithoutBlanks(string json)
    {
        using var document = JsonDocument.Parse(json);
        var written = new ArrayBufferWriter<byte>(json.Length);
        using var writer = new Utf8JsonWriter(written, new JsonWriterOptions { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping });
        document.RootElement.WriteTo(writer);
        writer.Flush();
        return written;
    }

    /// <summary>Null when the body is fit to keep; otherwise what is wrong with it.</summary>
    public abstract Problem? Check(string bodyJson);
}

/// <inheritdoc/>
public sealed class RecordKind<TBody>(
    string name,
    string title,
    RecordPlace place,
    int mostBytes,
    JsonTypeInfo<TBody> json,
    IReadOnlyList<Field> fields,
    Action<TBody> check
) : RecordKind(name, title, place, mostBytes)
{
    /// <inheritdoc/>
    public override Type BodyType => typeof(TBody);

    /// <inheritdoc/>
    public override Problem? Check(string bodyJson)
    {
        var body = StrictJson.Read(bodyJson, json, () => fields, out var problem);
        if (problem is not null)
        {
            return problem;
        }

        try
        {
            check(body!);
            return null;
        }
        catch (BadInputException bad)
        {
            return Problem.BadInput(bad.Errors);
        }
    }
}
