using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Barriers;

/// <summary>How the water tastes after a barrier, best first.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Taste>))]
public enum Taste
{
    /// <summary>As it came.</summary>
    AsItIs,

    /// <summary>Flat from boiling, or warm from the sun.</summary>
    Flat,

    /// <summary>Faint, as of chlorine dioxide.</summary>
    Faint,

    /// <summary>Of chlorine.</summary>
    Chlorine,

    /// <summary>Of iodine.</summary>
    Iodine,
}

/// <summary>What a barrier uses up.</summary>
/// <param name="Words">"1 tablet", "2 cycles", "17 g of gas".</param>
/// <param name="Weight">How much it is missed, so that unlike supplies can be put in order: 1 is a tablet (pick).</param>
/// <param name="Used">How much of it this water takes, in its own measure: tablets, mL, cycles, g, litres of filter life.</param>
/// <param name="Left">How much of it there is, in the same measure; null when that is not known.</param>
public sealed record Supply(string Words, double Weight, double Used, double? Left)
{
    /// <summary>Uses of this size that what is left is enough for; null when not known.</summary>
    public double? UsesLeft => Left is { } left ? (Used > 0 ? left / Used : double.PositiveInfinity) : null;
}

/// <summary>What one barrier does to one water: what it takes away, costs and asks for, and how.</summary>
/// <param name="Credits">One credit for each class, in the order of <see cref="OrganismClasses.All"/>.</param>
/// <param name="Refusal">Why nothing is credited or given; null otherwise.</param>
/// <param name="Headline">The answer in a few words.</param>
/// <param name="HandsOnMinutes">Minutes of somebody's work.</param>
/// <param name="MinutesToSip">Minutes from its start until the water may go on; null when it never cools.</param>
/// <param name="Supplies">What it uses up.</param>
/// <param name="Taste">How the water tastes after it.</param>
/// <param name="Risks">What can go wrong here, each a few words.</param>
/// <param name="After">The water as it leaves the barrier.</param>
/// <param name="Steps">What to do, in order; made only when asked for.</param>
/// <param name="FlavourAdvice">What helps the taste, and when.</param>
/// <param name="Storage">How to keep it clean, each a sentence.</param>
/// <param name="DrinkWithinHours">Drink it within so many hours; null where a residual keeps it.</param>
/// <param name="MinutesToTarget">Minutes that would reach the target, per class, where time is what does it.</param>
/// <param name="Assumptions">What was unknown and taken as worse.</param>
/// <param name="Cautions">What to mind.</param>
/// <param name="Working">The arithmetic.</param>
/// <param name="Detail">The room's own answer, for its own part of the screen.</param>
public sealed record BarrierResult(
    IReadOnlyList<LogCredit> Credits,
    Refusal? Refusal,
    string Headline,
    double HandsOnMinutes,
    double? MinutesToSip,
    IReadOnlyList<Supply> Supplies,
    Taste Taste,
    IReadOnlyList<string> Risks,
    FieldWater After,
    Func<IReadOnlyList<TreatmentStep>> Steps,
    string FlavourAdvice,
    IReadOnlyList<string> Storage,
    double? DrinkWithinHours,
    IReadOnlyList<double?> MinutesToTarget,
    IReadOnlyList<Assumption> Assumptions,
    IReadOnlyList<Caution> Cautions,
    Working Working,
    object? Detail
)
{
    private static readonly double?[] NoMinutes = new double?[OrganismClasses.All.Count];

    /// <summary>No class needs a time of its own.</summary>
    public static IReadOnlyList<double?> Untimed => NoMinutes;

    /// <summary>No credit against any class of organism, for one reason.</summary>
    public static IReadOnlyList<LogCredit> Nothing(string barrier, string reason) =>
        [.. OrganismClasses.All.Select(_ => new LogCredit(barrier, 0, reason))];

    /// <summary>Credits in the order bacteria, viruses, Giardia, Cryptosporidium.</summary>
    public static IReadOnlyList<LogCredit> Of(
        string barrier,
        string reason,
        double bacteria,
        double viruses,
        double giardia,
        double cryptosporidium
    ) =>
        [
            new(barrier, bacteria, reason),
            new(barrier, viruses, reason),
            new(barrier, giardia, reason),
            new(barrier, cryptosporidium, reason),
        ];

    /// <summary>A barrier that gives nothing here, and why.</summary>
    public static BarrierResult Refused(
        string name,
        FieldWater water,
        Refusal refusal,
        IReadOnlyList<Assumption>? assumptions = null,
        IReadOnlyList<Caution>? cautions = null,
        Working? working = null,
        object? detail = null
    )
    {
        ArgumentNullException.ThrowIfNull(refusal);
        return new(
            Credits: Nothing(name, refusal.Reason),
            Refusal: refusal,
            Headline: "No answer for this water",
            HandsOnMinutes: 0,
            MinutesToSip: null,
            Supplies: [],
            Taste: Taste.AsItIs,
            Risks: [],
            After: water,
            Steps: () => [],
            FlavourAdvice: "",
            Storage: [],
            DrinkWithinHours: null,
            MinutesToTarget: Untimed,
            Assumptions: assumptions ?? [],
            Cautions: cautions ?? [],
            Working: working ?? new Working(),
            Detail: detail
        );
    }
}
