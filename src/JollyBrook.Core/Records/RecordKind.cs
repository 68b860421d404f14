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
public abstract class RecordKind(string name, string title, RecordPlace place)
{
    /// <summary>The name in <c>/api/records/{kind}/{id}</c>.</summary>
    public string Name { get; } = name;

    /// <summary>What a person calls several of them.</summary>
    public string Title { get; } = title;

    /// <summary>Log entries only append: a body, once written, stays.</summary>
    public bool AppendOnly { get; } = place == RecordPlace.Log;

    /// <summary>Whether it is a person's own, and has no place in a trip's book.</summary>
    public bool PersonalOnly { get; } = place == RecordPlace.Personal;

    public abstract Type BodyType { get; }

    /// <summary>Null when the body is fit to keep; otherwise what is wrong with it.</summary>
    public abstract Problem? Check(string bodyJson);
}

/// <inheritdoc/>
public sealed class RecordKind<TBody>(
    string name, string title, RecordPlace place, JsonTypeInfo<TBody> json, IReadOnlyList<Field> fields, Action<TBody> check)
    : RecordKind(name, title, place)
{
    public override Type BodyType => typeof(TBody);

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
