using System.Text.Json.Serialization.Metadata;

namespace JollyBrook.Core.Contract;

/// <summary>What a calculation gave a host: an HTTP-like status and a JSON body (the response or a problem).</summary>
public readonly record struct CalculationOutcome(int Status, string Json)
{
    /// <summary>The problem as an outcome, with its status.</summary>
    public static CalculationOutcome Of(Problem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return new(problem.Status, ContractWriter.Write(problem, ProblemJson.Default.Problem));
    }
}

/// <summary>A pure function of one request record to one response record, known by name to both hosts.</summary>
public abstract class Calculation(string name, string summary)
{
    /// <summary>The name in <c>POST /api/calc/{name}</c> and in the browser's <c>calculate(name, request)</c>.</summary>
    public string Name { get; } = name;

    /// <summary>What it works out, in a line, for the description of the interface.</summary>
    public string Summary { get; } = summary;

    /// <summary>What it takes.</summary>
    public abstract Type RequestType { get; }

    /// <summary>What it gives.</summary>
    public abstract Type ResponseType { get; }

    /// <summary>Whether it may take long, so that a host with many callers lets them wait in line.</summary>
    public bool IsLong { get; init; }

    /// <summary>Whether the request carries a whole log, so that a host takes more of it than is usual.</summary>
    public bool TakesLog { get; init; }

    /// <summary>Whether the request carries a file, which may be larger still.</summary>
    public bool TakesFile { get; init; }

    /// <summary>Runs on a JSON request. Never throws for bad input: the outcome then holds a problem.</summary>
    /// <exception cref="OperationCanceledException">Nobody waits for the answer any more; only long ones look.</exception>
    public abstract CalculationOutcome Run(string json, CancellationToken cancellation = default);
}

/// <inheritdoc/>
/// <param name="name">The public name.</param>
/// <param name="summary">One line for the API document.</param>
/// <param name="compute">The function.</param>
/// <param name="requestJson">How the request is read; asked for at its first use, since building it takes time.</param>
/// <param name="responseJson">How the response is written.</param>
/// <param name="fields">The request's fields, so that a value of the wrong kind is answered by name and range; asked for only then.</param>
public sealed class Calculation<TRequest, TResponse>(
    string name,
    string summary,
    Func<TRequest, CancellationToken, TResponse> compute,
    Func<JsonTypeInfo<TRequest>> requestJson,
    Func<JsonTypeInfo<TResponse>> responseJson,
    Func<IReadOnlyList<Field>> fields
) : Calculation(name, summary)
{
    /// <summary>A calculation from its pieces.</summary>
    public Calculation(
        string name,
        string summary,
        Func<TRequest, TResponse> compute,
        Func<JsonTypeInfo<TRequest>> requestJson,
        Func<JsonTypeInfo<TResponse>> responseJson,
        Func<IReadOnlyList<Field>> fields
    )
        : this(name, summary, (request, _) => compute(request), requestJson, responseJson, fields) { }

    /// <inheritdoc/>
    public override Type RequestType => typeof(TRequest);

    /// <inheritdoc/>
    public override Type ResponseType => typeof(TResponse);

    /// <inheritdoc/>
    public override CalculationOutcome Run(string json, CancellationToken cancellation = default)
    {
        var read = StrictJson.Read(json, requestJson(), fields, out var problem);
        if (problem is not null)
        {
            return CalculationOutcome.Of(problem);
        }

        try
        {
            return new CalculationOutcome(200, ContractWriter.Write(compute(read!, cancellation), responseJson()));
        }
        catch (BadInputException bad)
        {
            return CalculationOutcome.Of(Problem.BadInput(bad.Errors));
        }
    }
}
