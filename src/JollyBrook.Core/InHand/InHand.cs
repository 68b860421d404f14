using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.InHand;

/// <summary>The calculation "in-hand": the log folded into what is so now (handbook room 75).</summary>
public static class WhatIsInHand
{
    /// <summary>How far ahead another device's clock may be before its lines count as still to come (pick).</summary>
    private static readonly TimeSpan ClockSlack = TimeSpan.FromMinutes(2);

    private static readonly ChoiceField LinesField = new("lines", "Lines", ["every line, or those after an earlier fold"]);
    private static readonly InstantField NowField = new("now", "The time now");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [ChoiceField.Of<UnitSystem>("units", "Units"), NowField, LinesField];

    /// <exception cref="BadInputException">The time now is missing, or a line is older than the fold it is to be added to.</exception>
    public static InHandResponse Compute(InHandRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(NowField, request.Now);
        var (standing, replaced) = Standing.Of(request.Lines ?? []);
        if (request.Since is { } since && standing.Exists(s => s.Line.At <= since.UpTo))
        {
            intake.Refuse(LinesField, "A line is older than where the earlier fold ended. Fold all of them from the beginning.");
        }

        intake.ThrowIfWrong();
        var now = request.Now!.Value;
        var batches = Started(request);
        var until = now + ClockSlack;
        var nights = FrostNights.Of(request.Trips ?? [], request.Since?.UpTo ?? DateTimeOffset.MinValue, until);
        var moments = Moments(standing, batches, [.. nights, .. PutAwayFor(standing, request.Since)]);
        var fold = Folded(request, intake.Say, moments.Where(m => m.At <= until), batches);
        var snapshot = fold.Shot();

        // Bad news counts at once, even where its instant is still to come; good news waits for it.
        foreach (var early in moments.OfType<LineMoment>().Where(m => m.At > until && m.IsBadNews))
        {
            fold.Take(early);
        }

        return new Report(request, fold, now, intake.Say) { Nights = nights }.Make(
            [
                .. moments
                    .Where(m => m.At > until && m is not NightMoment)
                    .Select(m => new LineDoubt(
                        m.Id,
                        "Its time is still to come: "
                            + (m is LineMoment { IsBadNews: true } ? "bad news, counted at once." : "not counted until then."),
                        "Correct when it was."
                    )),
            ],
            replaced,
            snapshot
        );
    }

    /// <summary>The nights that kit was put away warm for: each of these was asked about too, whatever the forecast.</summary>
    private static IEnumerable<FrostNight> PutAwayFor(List<StandingLine> standing, Snapshot? since) =>
        [
            .. (since?.Stocks ?? []).Where(s => s.GuardedAt is not null).Select(s => FrostNight.After(s.GuardedAt!.Value, s.Id)),
            .. standing
                .Select(s => s.Line)
                .OfType<GuardedFromFrost>()
                .Where(l => l.ItemId is not null)
                .Select(l => FrostNight.After(l.At!.Value, l.ItemId!.Value)),
        ];

    /// <summary>The batches that were started, each once.</summary>
    internal static List<KeptBatch> Started(InHandRequest request) =>
        [.. (request.Batches ?? []).Where(b => b.StartedAt is not null).DistinctBy(b => b.Id)];

    /// <summary>All that happened, in its order.</summary>
    internal static List<Moment> Moments(List<StandingLine> standing, List<KeptBatch> batches, List<FrostNight> nights)
    {
        List<Moment> lines = new(standing.Count);
        lines.AddRange(standing.Select(s => new LineMoment(s)));
        List<Moment> ofBatches = new((3 * batches.Count) + nights.Count);
        ofBatches.AddRange(nights.Select(n => new NightMoment(n)));
        foreach (var batch in batches)
        {
            ofBatches.Add(new StartMoment(batch));
            ofBatches.AddRange((batch.Taps ?? []).Where(t => t.Tap?.At is not null).Select(t => new TapMoment(batch, t)));
        }

        return Moment.InOrder(lines, ofBatches);
    }

    /// <summary>What moments come to, after an earlier fold where there is one.</summary>
    internal static Fold Folded(InHandRequest request, Speaker say, IEnumerable<Moment> moments, List<KeptBatch> batches)
    {
        var fold = new Fold(request.Kit ?? [], say);
        if (request.Since is { } since)
        {
            fold.Restore(since);
            foreach (var begun in batches.Where(b => b.StartedAt <= since.UpTo))
            {
                fold.Know(begun);
            }

            moments = moments.SkipWhile(m => m.At <= since.UpTo);
        }

        foreach (var moment in moments)
        {
            fold.Take(moment);
        }

        return fold;
    }
}
