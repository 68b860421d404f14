using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Matters;

/// <summary>What another answer would move, the gravest first.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<StakeKind>))]
public enum StakeKind
{
    /// <summary>Whether the source is to be used at all, or whether a party goes on.</summary>
    Verdict,

    /// <summary>Whether the target is met, a finding, or whether the promise is kept.</summary>
    Outcome,

    /// <summary>Which way is best, where to fill, or what to do next.</summary>
    Way,

    /// <summary>How much: tablets, drops, litres carried.</summary>
    Dose,

    /// <summary>How long.</summary>
    Wait,

    /// <summary>Nothing that is shown as certain.</summary>
    Nothing,
}

/// <summary>What one possible answer would change against what is counted now.</summary>
/// <param name="Kind">The gravest thing it moves.</param>
/// <param name="IsWorse">Whether it would be for the worse: then what is shown now promises too much.</param>
/// <param name="Size">How far it moves, in the unit of its kind (minutes, litres, steps of a verdict); from 0.</param>
/// <param name="Words">What would then be so.</param>
public sealed record Stake(StakeKind Kind, bool IsWorse, double Size, string Words)
{
    /// <summary>Whatever is answered, nothing changes.</summary>
    public static readonly Stake Nothing = new(StakeKind.Nothing, false, 0, "Changes nothing.");

    /// <summary>Gravest kind first; of one kind what is worse first, then the greater change.</summary>
    internal static int Compare(Stake a, Stake b)
    {
        var kind = a.Kind.CompareTo(b.Kind);
        var worse = kind != 0 ? kind : b.IsWorse.CompareTo(a.IsWorse);
        return worse != 0 ? worse : b.Size.CompareTo(a.Size);
    }
}
