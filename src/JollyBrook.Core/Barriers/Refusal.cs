namespace JollyBrook.Core.Barriers;

/// <summary>Why no dose is given, and what would work instead.</summary>
/// <param name="Code">The reason.</param>
/// <param name="Reason">The reason in a sentence.</param>
/// <param name="Remedies">What to do, each a sentence.</param>
public sealed record Refusal(RefusalCode Code, string Reason, IReadOnlyList<string> Remedies)
{
    /// <summary>Whether clearing the water first would take the reason away.</summary>
    public bool AsksForClearing => Code is RefusalCode.Muddy or RefusalCode.TooCloudyForLight;
}
