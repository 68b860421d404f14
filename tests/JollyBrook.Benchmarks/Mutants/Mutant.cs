namespace JollyBrook.Benchmarks.Mutants;

/// <summary>One small fault put into the core.</summary>
/// <param name="Id">What switches it on.</param>
/// <param name="Room">The room of the core.</param>
/// <param name="File">Path under the core's folder.</param>
/// <param name="Line">From 1.</param>
/// <param name="Change">What it was and what it became.</param>
internal sealed record Mutant(int Id, string Room, string File, int Line, string Change)
{
    /// <summary>A constant's name, where the fault is in its value.</summary>
    public string? Constant { get; init; }

    public override string ToString() => $"{File}:{Line}  {Change}";
}
