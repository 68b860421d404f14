using System.Security.Cryptography;
using JollyBrook.Core.Book;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.InHand;

/// <summary>Something that happened, in the order of the log: by its instant, then by what must come first, then by its id.</summary>
/// <param name="At">When.</param>
/// <param name="Rank">At the same instant water goes in first, then a batch begins, then the rest.</param>
/// <param name="Id">The record's id.</param>
internal abstract record Moment(DateTimeOffset At, int Rank, Guid Id)
{
    /// <summary>Moments in their order, each once. Both lists mostly come in order already: then nothing is sorted.</summary>
    public static List<Moment> InOrder(List<Moment> lines, List<Moment> ofBatches)
    {
        Sort(lines);
        Sort(ofBatches);
        List<Moment> moments = new(lines.Count + ofBatches.Count);
        var next = 0;
        foreach (var line in lines)
        {
            while (next < ofBatches.Count && Compare(ofBatches[next], line) < 0)
            {
                moments.Add(ofBatches[next++]);
            }

            moments.Add(line);
        }

        moments.AddRange(ofBatches.Skip(next));
        return Once(moments);
    }

    private static void Sort(List<Moment> moments)
    {
        for (var i = 1; i < moments.Count; i++)
        {
            if (Compare(moments[i - 1], moments[i]) > 0)
            {
                moments.Sort(Compare);
                return;
            }
        }
    }

    private static List<Moment> Once(List<Moment> moments)
    {
        var kept = 0;
        for (var i = 0; i < moments.Count; i++)
        {
            // A record that came twice is one.
            if (kept == 0 || moments[kept - 1].Id != moments[i].Id || moments[kept - 1].Rank != moments[i].Rank)
            {
                moments[kept++] = moments[i];
            }
        }

        moments.RemoveRange(kept, moments.Count - kept);
        return moments;
    }

    public static int Compare(Moment a, Moment b)
    {
        var byInstant = a.At.UtcTicks.CompareTo(b.At.UtcTicks);
        var byRank = byInstant != 0 ? byInstant : a.Rank.CompareTo(b.Rank);
        return byRank != 0 ? byRank : a.Id.CompareTo(b.Id);
    }
}

/// <summary>A line of the log.</summary>
internal sealed record LineMoment(StandingLine Standing) : Moment(Standing.Line.At!.Value, RankOf(Standing.Line), Standing.Id)
{
    /// <summary>Bad news: it counts at once, whatever instant was given for it.</summary>
    public bool IsBadNews =>
        Standing.Line
            is Mishap
                or SourceSeen { Flowing: false }
                or Dipped
                or FilterServiced { Passed: false }
                or FilterLookedOver { Filter: { Frozen: Happened.Yes } or { Dropped: Happened.Yes } };

    private static int RankOf(BookLine line) =>
        line switch
        {
            Counted or CanisterWeighed or Charged or FilterLookedOver => 0,
            Filled => 1,
            Poured => 2,
            _ => 4,
        };
}

/// <summary>A batch was started.</summary>
internal sealed record StartMoment(KeptBatch Batch) : Moment(Batch.StartedAt!.Value, 3, Batch.Id);

/// <summary>
/// A night that froze, or may have, is over. It comes after all that was told of it, and says nothing new when it is taken twice.
/// </summary>
internal sealed record NightMoment(FrostNight Night) : Moment(Night.To, 6, IdOf(Night))
{
    /// <summary>The same night has the same id, whoever asks.</summary>
    private static Guid IdOf(FrostNight night)
    {
        Span<byte> bytes = stackalloc byte[24];
        BitConverter.TryWriteBytes(bytes, night.To.UtcTicks);
        (night.ItemId ?? Guid.Empty).TryWriteBytes(bytes[8..]);
        return new Guid(SHA256.HashData(bytes).AsSpan(0, 16));
    }
}

/// <summary>A tap on a batch.</summary>
internal sealed record TapMoment(KeptBatch Batch, KeptTap Kept) : Moment(BatchShelf.At(Kept, Batch), 5, Kept.Id)
{
    public BatchTap Tap => Kept.Tap!;
}
