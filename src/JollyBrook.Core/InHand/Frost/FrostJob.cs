using System.Globalization;
using System.Text.Json.Serialization;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.InHand;

/// <summary>What frost asks of somebody now (handbook room 50, frost guard).</summary>
/// <param name="ItemId">The piece of kit.</param>
/// <param name="Headline">In a line.</param>
/// <param name="Words">What to do, or what follows.</param>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "is")]
[JsonDerivedType(typeof(PutAwayWarm), "putAwayWarm")]
[JsonDerivedType(typeof(SayIfItStayedWarm), "sayIfItStayedWarm")]
public abstract record FrostJob(Guid ItemId, string Headline, string Words)
{
    internal static string NotTold(DateTimeOffset night) =>
        $"It may have frozen in the night to {Date(night)}: nobody has said whether it stayed warm. Not counted until somebody does.";

    /// <summary>The job a piece of kit gives now; null for none. What is suspect already needs no guard.</summary>
    /// <param name="id">The piece.</param>
    /// <param name="stock">As it is now.</param>
    /// <param name="nights">Nights that freeze, or may.</param>
    /// <param name="toldAt">When the log last told of anything.</param>
    /// <param name="now">The time now.</param>
    /// <param name="say">Puts figures in words.</param>
    internal static FrostJob? Of(
        Guid id,
        StockNow stock,
        IReadOnlyList<FrostNight> nights,
        DateTimeOffset toldAt,
        DateTimeOffset now,
        Speaker say
    )
    {
        var name = stock.Entry.Item!.Name ?? "Filter";
        if (stock.AskedSince is { } over)
        {
            return new SayIfItStayedWarm(
                id,
                $"{name}: did it stay warm all night?",
                $"The night to {Date(over)}. No, or not sure: it is not counted until it is replaced. Damage "
                    + "by frost cannot be seen, and no check clears it."
            );
        }

        var tonight = nights.FirstOrDefault(n => n.Evening <= now && now < n.To && n.IsLived(toldAt));
        var isAtRisk =
            stock.Entry is { Item: WaterFilter filter, Filter: { Frozen: Happened.No } been }
            && FilterCredit.IsSpoiledByFrost(filter.Filter, been);
        if (tonight is null || !isAtRisk || stock.GuardedAt >= tonight.Evening)
        {
            return null;
        }

        var night = tonight.LowC is { } low ? $"{say.Of(Quantity.Temperature, low)} tonight" : "Tonight it may freeze: no forecast";
        return new PutAwayWarm(id, $"{night}. {name}: put it away warm", $"{FilterCredit.KeepFromFrost} In the morning you are asked.");
    }

    private static string Date(DateTimeOffset at) => at.ToString("d MMM", CultureInfo.InvariantCulture);
}

/// <summary>In the evening: a wet element is to be kept from frost.</summary>
public sealed record PutAwayWarm(Guid ItemId, string Headline, string Words) : FrostJob(ItemId, Headline, Words);

/// <summary>In the morning: nobody has said whether it stayed warm, and until then it counts as frozen.</summary>
public sealed record SayIfItStayedWarm(Guid ItemId, string Headline, string Words) : FrostJob(ItemId, Headline, Words);
