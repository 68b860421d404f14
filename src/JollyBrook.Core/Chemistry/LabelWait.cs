using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>A label's rule for cold water: below so many °C wait so many times as long, and so many minutes more.</summary>
/// <param name="BelowC">Colder than this, °C.</param>
/// <param name="Times">Times the wait, 1 or more.</param>
/// <param name="PlusMinutes">And so many minutes more, 0 or more.</param>
public sealed record ColdRule(double BelowC, double Times, double PlusMinutes = 0)
{
    /// <summary>A wait in cold water, minutes.</summary>
    public double On(double minutes) => (minutes * Times) + PlusMinutes;
}

/// <summary>The contact times a label names, minutes by class of organism; a class without one is not claimed.</summary>
/// <param name="Bacteria">For bacteria.</param>
/// <param name="Viruses">For viruses.</param>
/// <param name="Giardia">For Giardia.</param>
/// <param name="Cryptosporidium">For Cryptosporidium.</param>
/// <param name="Words">As the label says it.</param>
/// <param name="Cold">Its rule for cold water; null when it names none.</param>
/// <param name="CloudyTimes">Times the wait in cloudy water, 1 when it names none.</param>
/// <param name="RulesReachCryptosporidium">Whether the cold and cloudy rules lengthen the wait for Cryptosporidium, too.</param>
public sealed record LabelWait(
    double? Bacteria,
    double? Viruses,
    double? Giardia,
    double? Cryptosporidium,
    string Words,
    ColdRule? Cold = null,
    double CloudyTimes = 1,
    bool RulesReachCryptosporidium = true
)
{
    /// <summary>One wait for bacteria, viruses and Giardia.</summary>
    public static LabelWait ForThree(double minutes, string words, ColdRule? cold = null) =>
        new(minutes, minutes, minutes, null, words, cold);

    /// <summary>What the label claims to reach, given its minutes.</summary>
    public IReadOnlyList<OrganismClass> Claims { get; } =
    [.. OrganismClasses.All.Zip([Bacteria, Viruses, Giardia, Cryptosporidium]).Where(c => c.Second is not null).Select(c => c.First)];

    /// <summary>The shortest contact the label names in this water, minutes: no rule goes below it.</summary>
    public double LeastFor(FieldWater water) => Claims.Select(c => For(c, water)!.Value).DefaultIfEmpty(0).Min();

    /// <summary>The label's contact time for a class in this water, minutes; null when it does not claim it.</summary>
    public double? For(OrganismClass organism, FieldWater water)
    {
        ArgumentNullException.ThrowIfNull(water);
        if (Named(organism) is not { } minutes)
        {
            return null;
        }

        if (organism == OrganismClass.Cryptosporidium && !RulesReachCryptosporidium)
        {
            return minutes;
        }

        var cold = Cold is { } rule && water.TemperatureC < rule.BelowC ? rule.On(minutes) : minutes;
        return Math.Max(cold, water.Clarity >= Clarity.Cloudy ? minutes * CloudyTimes : minutes);
    }

    private double? Named(OrganismClass organism) =>
        organism switch
        {
            OrganismClass.Bacteria => Bacteria,
            OrganismClass.Viruses => Viruses,
            OrganismClass.Giardia => Giardia,
            _ => Cryptosporidium,
        };
}
