using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Sources;

/// <summary>The four verdicts.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Verdict>))]
public enum Verdict
{
    /// <summary>Good enough to treat as usual.</summary>
    Use,

    /// <summary>To be treated, with a caution.</summary>
    UseWithCare,

    /// <summary>Only where there is no other.</summary>
    LastResort,

    /// <summary>No treatment here makes it safe.</summary>
    DoNotUse,
}

/// <summary>One reason for a verdict.</summary>
/// <param name="Code">A stable name.</param>
/// <param name="Weight">How much it weighs.</param>
/// <param name="Reason">What it is.</param>
/// <param name="Change">What would change it; empty where nothing needs to.</param>
public sealed record VerdictReason(string Code, SignWeight Weight, string Reason, string Change);

/// <summary>A source judged.</summary>
/// <param name="Verdict">Use, use with care, last resort, do not use.</param>
/// <param name="Reasons">Every reason, the gravest first.</param>
/// <param name="VirusesCountAnyway">Whether people or stock above put viruses back into the target.</param>
/// <param name="Foul">Whether it is foul enough that a second barrier is worth offering.</param>
public sealed record SourceVerdict(Verdict Verdict, IReadOnlyList<VerdictReason> Reasons, bool VirusesCountAnyway, bool Foul)
{
    /// <summary>The verdict in words.</summary>
    public static string Words(Verdict verdict) =>
        verdict switch
        {
            Verdict.Use => "Use it, treated",
            Verdict.UseWithCare => "Use with care, treated",
            Verdict.LastResort => "Last resort",
            _ => "Do not use",
        };
}
