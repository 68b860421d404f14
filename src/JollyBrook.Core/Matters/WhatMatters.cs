using System.Text.Json.Serialization;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Matters.Packed;
using JollyBrook.Core.Matters.Planning;
using JollyBrook.Core.Matters.Shortage;
using JollyBrook.Core.Matters.Treating;
using JollyBrook.Core.Packing;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Matters;

/// <summary>What is looked at.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "about")]
[JsonDerivedType(typeof(TreatInQuestion), "treat")]
[JsonDerivedType(typeof(PlanInQuestion), "plan")]
[JsonDerivedType(typeof(KitInQuestion), "kitCheck")]
[JsonDerivedType(typeof(ShortageInQuestion), "shortage")]
public abstract record InQuestion
{
    internal abstract MattersResponse Matters(IReadOnlySet<string> told);
}

/// <summary>One container of water and how it would be treated.</summary>
public sealed record TreatInQuestion(TreatRequest? Request) : InQuestion
{
    internal override MattersResponse Matters(IReadOnlySet<string> told) =>
        TreatMatters.Of(Request ?? new TreatRequest(null, null, null), told);
}

/// <summary>A trip and its plan.</summary>
public sealed record PlanInQuestion(PlanRequest? Request) : InQuestion
{
    internal override MattersResponse Matters(IReadOnlySet<string> told) => PlanMatters.Of(Request ?? new PlanRequest(null, null), told);
}

/// <summary>A kit held against a trip.</summary>
public sealed record KitInQuestion(KitCheckRequest? Request) : InQuestion
{
    internal override MattersResponse Matters(IReadOnlySet<string> told) => KitMatters.Of(Request ?? new KitCheckRequest(null, null), told);
}

/// <summary>A party that is short of water.</summary>
public sealed record ShortageInQuestion(TriageRequest? Request) : InQuestion
{
    internal override MattersResponse Matters(IReadOnlySet<string> told) =>
        TriageMatters.Of(Request ?? new TriageRequest(null, null), told);
}

/// <summary>A situation, and which of its fields somebody told.</summary>
/// <param name="Of">The situation.</param>
/// <param name="Told">The fields that were told, measured or known from the log; every other one is an assumption.</param>
public sealed record MattersRequest(InQuestion? Of, IReadOnlyList<string>? Told = null);

/// <summary>
/// The calculation "what-matters": which of the unknown or assumed things could change what is shown as certain, tried one at a time over
/// the plausible answers. What it does not list may be answered either way without moving verdict, way, dose or wait.
/// </summary>
public static class WhatMatters
{
    /// <summary>Which calculation the question is asked of.</summary>
    public static readonly ChoiceField About = new("of", "What it is about", ["treat", "plan", "kitCheck", "shortage"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [About, .. TreatFields.All, .. Plan.Fields, .. CheckKit.Fields, .. Triage.Fields];

    /// <exception cref="BadInputException">Nothing is asked about, or some field is out of its range.</exception>
    public static MattersResponse Compute(MattersRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        if (request.Of is null)
        {
            var intake = new Intake(Units.Speaker.Metric);
            intake.Refuse(About, About.WrongKind(intake.Say));
            intake.ThrowIfWrong();
        }

        return request.Of!.Matters((request.Told ?? []).ToHashSet(StringComparer.Ordinal));
    }
}
