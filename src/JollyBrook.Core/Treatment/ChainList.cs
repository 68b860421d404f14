using System.Text.Json.Serialization;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sky;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>A way to put chains in order.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<ChainSort>))]
public enum ChainSort
{
    /// <summary>The one the app would take.</summary>
    Best,

    /// <summary>The soonest to drink.</summary>
    Soonest,

    /// <summary>The fewest minutes of work.</summary>
    LeastWork,

    /// <summary>The least used up.</summary>
    LeastSupplies,

    /// <summary>The best taste.</summary>
    BestTaste,
}

/// <summary>One class of a chain's ledger, short.</summary>
public sealed record ClassLogs(OrganismClass Organism, double Logs, double ShortByLogs);

/// <summary>A chain beside the others.</summary>
/// <param name="Id">What "method" takes.</param>
/// <param name="Name">Its barriers in order.</param>
/// <param name="Headline">The answer in a few words.</param>
/// <param name="Outcome">Whether it meets the target.</param>
/// <param name="Why">Why it falls short or gives no answer; what speaks for it otherwise.</param>
/// <param name="Classes">Its ledger, short.</param>
/// <param name="ClearFirst">What clearing it needs first; empty for straining.</param>
/// <param name="HandsOnMinutes">Minutes of work.</param>
/// <param name="DrinkableMinutes">Minutes to the first sip; null when there is none.</param>
/// <param name="Supplies">What it uses up.</param>
/// <param name="Taste">How it tastes, in words.</param>
/// <param name="Risks">What can go wrong here.</param>
/// <param name="Parts">What is done after one another until it may be drunk; empty where there is no answer.</param>
/// <param name="IsOutdone">Whether another way is as good or better in every respect: target, wait, work, supplies and taste.</param>
public sealed record ChainSummary(
    string Id,
    string Name,
    string Headline,
    TreatOutcome Outcome,
    string Why,
    IReadOnlyList<ClassLogs> Classes,
    string ClearFirst,
    double HandsOnMinutes,
    double? DrinkableMinutes,
    string Supplies,
    string Taste,
    IReadOnlyList<string> Risks,
    IReadOnlyList<WayPart> Parts,
    bool IsOutdone
);

/// <summary>A part of a way: melting, clearing, one barrier.</summary>
/// <param name="Name">What it is.</param>
/// <param name="HandsOnMinutes">Minutes of it that somebody works; at most all of it.</param>
/// <param name="Minutes">Minutes it takes, waiting included.</param>
public sealed record WayPart(string Name, double HandsOnMinutes, double Minutes);

/// <summary>The ids of all chains in one order: those that meet the target, those that fall short, those refused.</summary>
public sealed record ChainOrder(ChainSort Sort, string Name, IReadOnlyList<string> Ids);

/// <summary>Every chain on the same water.</summary>
/// <param name="Best">The id of the best one; null when all are refused.</param>
/// <param name="BestReason">Why it is on top.</param>
/// <param name="Chains">All of them, best first.</param>
/// <param name="Orders">The same in other orders.</param>
/// <param name="MayAcceptUntreated">Whether it may be drunk as it is: the traveller has chosen so, and this water is of that kind.</param>
/// <param name="Darks">The dark while the ways run; empty where start and place are not known.</param>
public sealed record ChainListResponse(
    string? Best,
    string BestReason,
    IReadOnlyList<ChainSummary> Chains,
    IReadOnlyList<ChainOrder> Orders,
    bool MayAcceptUntreated,
    IReadOnlyList<DarkSpan> Darks
);

/// <summary>The calculation "chains".</summary>
public static class ChainList
{
    /// <exception cref="BadInputException">Some field is out of its range.</exception>
    public static ChainListResponse Compute(TreatRequest request)
    {
        var situation = Situation.Of(request);
        var chains = Chains.All(situation);
        var usable = chains.Where(c => c.Refusal is null).ToList();
        return new ChainListResponse(
            usable.FirstOrDefault()?.Id,
            // There is always one: what can be carried without a kit, or the sun beside it.
            usable.Count == 0
                ? chains[0].Refusal!.Reason
                : Praise(usable[0], usable),
            [.. chains.Select(c => Summary(c, situation, IsOutdone(c, usable, situation)))],
            [
                Order(ChainSort.Best, "Best", chains),
                Order(ChainSort.Soonest, "Soonest", chains.OrderBy(Chains.Rank).ThenBy(c => c.Minutes ?? double.MaxValue)),
                Order(ChainSort.LeastWork, "Least work", chains.OrderBy(Chains.Rank).ThenBy(c => c.HandsOnMinutes)),
                Order(ChainSort.LeastSupplies, "Least supplies", chains.OrderBy(Chains.Rank).ThenBy(c => c.SupplyWeight)),
                Order(ChainSort.BestTaste, "Best taste", chains.OrderBy(Chains.Rank).ThenBy(c => c.Taste)),
            ],
            situation.MayAcceptUntreated,
            situation.Setting.SunFrom(0) is var (from, latitude, longitude)
                ? Daylight.Darks(from, latitude, longitude, usable.Max(c => c.Minutes) ?? 0)
                : []
        );
    }

    /// <summary>
    /// Whether another way is at least as good in every respect. The best is not, and a double barrier over foul water is more than its
    /// figures.
    /// </summary>
    private static bool IsOutdone(Chain chain, List<Chain> usable, Situation situation)
    {
        if (chain.Refusal is not null || ReferenceEquals(chain, usable[0]) || (chain.Barriers.Count > 1 && situation.Judged?.Foul == true))
        {
            return false;
        }

        var at = usable.IndexOf(chain);
        return usable.Where((other, i) => i != at && IsNoWorse(other, chain) && (i < at || !IsNoWorse(chain, other))).Any();
    }

    private static bool IsNoWorse(Chain one, Chain other) =>
        one.ShortByLogs <= other.ShortByLogs
        && Chains.Rank(one) <= Chains.Rank(other)
        && (one.Minutes ?? double.MaxValue) <= (other.Minutes ?? double.MaxValue)
        && one.HandsOnMinutes <= other.HandsOnMinutes
        && one.SupplyWeight <= other.SupplyWeight
        && one.Taste <= other.Taste;

    private static List<WayPart> Parts(Chain chain, Situation situation)
    {
        List<WayPart> parts = [];
        if (chain.Minutes is null)
        {
            return parts;
        }

        if (chain.Melt is { } melt)
        {
            parts.Add(new WayPart("Melt it", melt.Minutes, Math.Ceiling(melt.Minutes - 1e-9)));
        }

        var clearing = chain.Clearing.Answer;
        if (clearing.Minutes > 0)
        {
            parts.Add(new WayPart("Clear it", Math.Min(clearing.HandsOnMinutes, clearing.Minutes), clearing.Minutes));
        }

        parts.AddRange(
            chain.Barriers.Zip(chain.Results, (barrier, result) =>
                new WayPart(barrier.Name, Math.Min(result.HandsOnMinutes, result.MinutesToSip!.Value), result.MinutesToSip!.Value)
            )
        );
        return parts;
    }

    /// <summary>A taste in words.</summary>
    public static string TasteWords(Taste taste) =>
        taste switch
        {
            Taste.AsItIs => "tastes as it came",
            Taste.Flat => "tastes flat",
            Taste.Faint => "faint taste",
            Taste.Chlorine => "tastes of chlorine",
            _ => "tastes of iodine",
        };

    private static ChainOrder Order(ChainSort sort, string name, IEnumerable<Chain> chains) =>
        new(sort, name, [.. chains.Select(c => c.Id)]);

    private static ChainSummary Summary(Chain chain, Situation situation, bool isOutdone) =>
        new(
            Id: chain.Id,
            Name: chain.Name,
            Headline: chain.Headline,
            Outcome: chain.Outcome,
            Why: Why(chain),
            Classes: [.. chain.Ledger.Select(r => new ClassLogs(r.Organism, r.TotalLogs, r.ShortByLogs))],
            ClearFirst: chain.Clearing.Answer.SettleMinutes is not null
            || chain.Clearing.Answer.Flocculant is not null
            || chain.Clearing.Answer.Way == Clearing.ClearingWay.ImprovisedFilter
                ? chain.Clearing.Answer.Words
                : "",
            HandsOnMinutes: chain.HandsOnMinutes,
            DrinkableMinutes: chain.Minutes,
            Supplies: Supplies(chain, situation),
            Taste: TasteWords(chain.Taste),
            Risks: chain.Risks,
            Parts: Parts(chain, situation),
            IsOutdone: isOutdone
        );

    internal static string Supplies(Chain chain, Situation situation) => string.Join(", ", SupplyWords(chain, situation));

    internal static IReadOnlyList<string> SupplyWords(Chain chain, Situation situation)
    {
        List<string> words = [.. chain.Results.SelectMany(r => r.Supplies).Select(s => s.Words)];
        if (chain.Melt is { } melt)
        {
            words.Insert(0, $"{situation.Setting.Say.Of(Quantity.FuelMass, melt.Result.Answer.FuelG)} of fuel to melt it");
        }

        if (chain.Clearing.Answer.Flocculant is { } flocculant)
        {
            words.Insert(0, flocculant);
        }

        return words;
    }

    private static string Why(Chain chain)
    {
        if (chain.Refusal is { } refusal)
        {
            return refusal.Reason;
        }

        if (chain.ShortOf.Count == 0)
        {
            return "Meets the target in every class.";
        }

        var gaps = chain
            .Ledger.Where(r => !r.Meets)
            .Select(r => $"{OrganismClasses.Spoken(r.Organism)} by {Speaker.Number(r.ShortByLogs, 1)} log");
        return $"Short on {string.Join(", ", gaps)}.";
    }

    private static string Praise(Chain best, List<Chain> usable)
    {
        var peers = usable.Where(c => Chains.Rank(c) == Chains.Rank(best)).ToList();
        List<string> virtues = [];
        if (peers.All(c => (c.Minutes ?? double.MaxValue) >= (best.Minutes ?? double.MaxValue)))
        {
            virtues.Add("the soonest to drink");
        }

        if (peers.All(c => c.HandsOnMinutes >= best.HandsOnMinutes))
        {
            virtues.Add("the least work");
        }

        if (peers.All(c => c.SupplyWeight >= best.SupplyWeight))
        {
            virtues.Add("the least supplies");
        }

        var meets =
            best.ShortOf.Count == 0
                ? "Meets the target in every class"
                : $"Nothing here meets the whole target; this comes nearest (short on {OrganismClasses.Spoken(best.ShortOf)})";
        return peers.Count == 1 && best.ShortOf.Count == 0 ? $"{meets}; the only one here that does."
            : virtues.Count == 0 ? $"{meets}; the best balance of wait, work and supplies."
            : $"{meets}; {string.Join(", ", virtues)}.";
    }
}
