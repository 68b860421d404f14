namespace JollyBrook.Core.Barriers;

/// <summary>Why no dose is given, and what would work instead.</summary>
/// <param name="Code">Stable name of the reason.</param>
/// <param name="Reason">The reason in a sentence.</param>
/// <param name="Remedies">What to do, each a sentence.</param>
public sealed record Refusal(string Code, string Reason, IReadOnlyList<string> Remedies);
