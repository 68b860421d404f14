using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Records;

/// <summary>A kind of record that is kept: its body, and whether it may change once written.</summary>
public abstract class RecordKind(string name, bool appendOnly)
{
    /// <summary>The name in <c>/api/records/{kind}/{id}</c>.</summary>
    public string Name { get; } = name;

    /// <summary>Log entries only append: a body, once written, stays.</summary>
    public bool AppendOnly { get; } = appendOnly;

    public abstract Type BodyType { get; }

    /// <summary>Null when the body is fit to keep; otherwise what is wrong with it.</summary>
    public abstract Problem? Check(string bodyJson);
}

/// <inheritdoc/>
public sealed class RecordKind<TBody>(
    string name, bool appendOnly, JsonTypeInfo<TBody> json, IReadOnlyList<Field> fields, Action<TBody> check)
    : RecordKind(name, appendOnly)
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
