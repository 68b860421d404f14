using JollyBrook.Core.Barriers;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Illness;

/// <summary>Something drunk.</summary>
/// <param name="BatchId">The batch it was of; null for water that was not treated.</param>
/// <param name="Words">What it was.</param>
/// <param name="From">When, or from when on where nobody told.</param>
/// <param name="Until">The same, or until when it may have been.</param>
/// <param name="Logs">What was taken away of a class.</param>
/// <param name="Untreated">Whether it counts as untreated.</param>
internal sealed record DrunkWater(
    Guid? BatchId,
    string Words,
    DateTimeOffset From,
    DateTimeOffset Until,
    Func<OrganismClass, double> Logs,
    bool Untreated
)
{
    /// <summary>Water of which no drink was told was drunk within so many days of being ready (pick).</summary>
    private const double UntoldDays = 2;

    /// <summary>Every drink that was told, and every batch of which none was and that may have been drunk all the same.</summary>
    public static List<DrunkWater> In(LookBackRequest request, Speaker say)
    {
        var (log, now) = (request.Log ?? new InHandRequest(request.Units, request.Now), request.Now!.Value);
        var drinks = DrinksTold.In(log, now, say);
        var ledgers = (request.Ledgers ?? []).DistinctBy(l => l.Id).ToDictionary(l => l.Id);
        var told = drinks.SelectMany(d => d.BatchIds).ToHashSet();
        return
        [
            .. WhatIsInHand
                .Started(log)
                .Where(b => !told.Contains(b.Id))
                .Select(b => Untold(b, ledgers.GetValueOrDefault(b.Id), now))
                .OfType<DrunkWater>(),
            // Told to be treated and of no batch, it is somebody else's safe water.
            .. drinks.Where(d => d.Untreated || d.BatchIds.Count > 0).Select(d => Told(d, log, ledgers, say)),
        ];
    }

    /// <summary>The instant of it nearest to the middle of an agent's window before the onset.</summary>
    public DateTimeOffset WorstAt(Agent agent, DateTimeOffset onset)
    {
        var middle = onset.AddDays(-(agent.FromDays + agent.ToDays) / 2);
        return middle < From ? From
            : middle > Until ? Until
            : middle;
    }

    private static DrunkWater Told(Drink drink, InHandRequest log, Dictionary<Guid, BatchLedger> ledgers, Speaker say)
    {
        var (line, litres) = (drink.Line, say.Of(Quantity.Volume, drink.Line.Litres ?? 0));
        var note = line.Note is { Length: > 0 } words ? $": {words}" : "";
        if (drink.Untreated)
        {
            var why = line.Untreated == true ? "untreated" : "not told how treated, or not ready: counted as untreated";
            return new DrunkWater(null, $"{litres} {why}{note}", line.At!.Value, line.At.Value, _ => 0, Untreated: true);
        }

        var ids = drink.BatchIds.Distinct().ToList();
        var batches = ids.Select(id => (Ledger: ledgers.GetValueOrDefault(id), Batch: log.Batches?.FirstOrDefault(b => b.Id == id)))
            .ToList();
        var from = string.Join(" and ", batches.Select(b => Named(b.Batch, b.Ledger)).Distinct());
        return new DrunkWater(
            ids[0],
            $"{litres} of {from}{note}",
            line.At!.Value,
            line.At.Value,
            o => batches.Min(b => Reached(b.Ledger, o)),
            Untreated: false
        );
    }

    /// <summary>Null for one that was thrown away or was never to be drunk by now.</summary>
    private static DrunkWater? Untold(KeptBatch batch, BatchLedger? ledger, DateTimeOffset now)
    {
        var steps = batch.Steps ?? [];
        var replay = BatchReplay.Of(steps, batch.StartedAt!.Value, BatchShelf.InOrder(batch).Select(t => t.Tap!));
        var putBy = steps.FirstOrDefault(s => s.Kind == StepKind.Drink) is { } drink ? replay.DoneAt(drink.Id) : null;
        return replay.DiscardedAt is null && (putBy ?? ledger?.DrinkableAt) is { } from && from <= now
            ? new DrunkWater(
                batch.Id,
                $"{Named(batch, ledger)}; when it was drunk is not told",
                from,
                from.AddDays(UntoldDays) is var until && until < now ? until : now,
                o => Reached(ledger, o),
                Untreated: false
            )
            : null;
    }

    private static string Named(KeptBatch? batch, BatchLedger? ledger) =>
        $"{ledger?.Container ?? "a batch"}: {batch?.MethodName ?? "not told how treated"}";

    /// <summary>What is not known to have been reached was not.</summary>
    private static double Reached(BatchLedger? ledger, OrganismClass organism) =>
        (ledger?.Ledger ?? []).Where(r => r.Organism == organism).Select(r => r.Logs).DefaultIfEmpty(0).First();
}
