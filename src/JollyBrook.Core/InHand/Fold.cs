using JollyBrook.Core.Book;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.InHand;

/// <summary>
/// The log folded into what is so: moments in the order they happened, each moving containers, supplies, walkers and sources. The order in
/// which they arrived makes no difference.
/// </summary>
internal sealed class Fold
{
    private readonly Dictionary<Guid, SourceInHand> _sources = [];
    private readonly FoldClock _clock = new();
    private DateTimeOffset _upTo = DateTimeOffset.MinValue;

    public Fold(IReadOnlyList<KitEntry> kit, Speaker say)
    {
        Batches = new BatchShelf();
        Vessels = new Vessels(kit, Batches, _clock, say);
        Stocks = new Stocks(kit);
        Walkers = new WalkersFold();
    }

    public BatchShelf Batches { get; }

    public Vessels Vessels { get; }

    public Stocks Stocks { get; }

    public WalkersFold Walkers { get; }

    /// <summary>Every drink since the fold began.</summary>
    public List<Drink> Drinks { get; } = [];

    public IEnumerable<SourceInHand> Sources => _sources.Values;

    /// <summary>Where somebody last stood at a source; null where the log does not tell.</summary>
    public PlaceInHand? Place { get; private set; }

    /// <summary>Takes up where an earlier fold ended.</summary>
    public void Restore(Snapshot since)
    {
        _upTo = since.UpTo;
        foreach (var batch in since.Batches.Where(b => b.StartedAt is not null))
        {
            Batches.Put(batch, since.UpTo);
        }

        Vessels.Restore(since.Vessels, since.ThrownAway, since.Sums);
        Vessels.Doubts.AddRange(since.Doubts);
        Stocks.Restore(since.Stocks);
        Walkers.Restore(since.Walkers, since.Walked ?? []);
        Place = since.Place;
        foreach (var source in since.Sources)
        {
            _sources[source.Id] = source with { Reports = source.Reports ?? [] };
        }
    }

    /// <summary>A batch that began before this fold: known as far as its taps until then brought it.</summary>
    public void Know(KeptBatch batch) => Batches.Put(batch, _upTo);

    public void Take(Moment moment)
    {
        _clock.At = moment.At;
        switch (moment)
        {
            case LineMoment { Standing: var standing }:
                Take(standing.Line, standing.Id);
                break;
            case StartMoment { Batch: var batch }:
                Batches.Put(batch);
                Vessels.Start(batch);
                break;
            case TapMoment tap:
                Take(tap);
                break;
            case NightMoment { Night: var night }:
                // The log reaches no further for it: a night nobody wrote in says nothing about the next.
                if (night.IsLived(_upTo))
                {
                    Stocks.Sleep(night);
                }

                return;
            default:
                break;
        }

        _upTo = moment.At > _upTo ? moment.At : _upTo;
    }

    /// <summary>When the log last told of anything.</summary>
    public DateTimeOffset ToldAt => _upTo;

    public Snapshot Shot()
    {
        var held = Vessels.All.Select(v => v.Content).OfType<OfBatches>().SelectMany(o => o.Ids).Distinct().Order();
        return new Snapshot(
            UpTo: _upTo,
            Vessels: [.. Vessels.All.OrderBy(v => v.Id).Select(v => v.Shot())],
            Stocks: Stocks.Shots(),
            Walkers: Walkers.Shots(),
            Sources: [.. _sources.Values.OrderBy(s => s.Id)],
            Batches: [.. held.Select(Batches.Find).OfType<KeptBatch>()],
            ThrownAway: [.. Vessels.ThrownAway],
            Doubts: [.. Vessels.Doubts],
            Sums: Vessels.Sums(),
            Place: Place,
            Walked: [.. Walkers.Walked]
        );
    }

    private void Take(TapMoment moment)
    {
        foreach (var use in Batches.Take(moment))
        {
            Stocks.Use(moment.Batch, use);
        }

        switch (moment.Tap)
        {
            case { Kind: BatchEventKind.Discarded }:
                Vessels.ThrowAway(moment.Batch.Id, moment.Id);
                break;
            case { Kind: BatchEventKind.Undone, StepId: null }:
                Vessels.BringBack(moment.Batch.Id, moment.Id);
                break;
            case { Kind: BatchEventKind.ToppedUp }:
                Vessels.TopUp(moment.Batch, moment.Tap.AddedL, moment.Id);
                break;
            default:
                break;
        }
    }

    private void Take(BookLine line, Guid id)
    {
        switch (line)
        {
            case Filled filled:
                Vessels.Take(filled, id);
                See(filled, id);
                break;
            case Poured poured:
                Vessels.Take(poured, id);
                break;
            case Cooked cooked:
                Vessels.Take(cooked, id);
                break;
            case Spilt spilt:
                Vessels.Take(spilt, id);
                break;
            case Rinsed rinsed:
                Vessels.Take(rinsed, id);
                break;
            case Dipped dipped:
                Vessels.Take(dipped, id);
                break;
            case Drank drank:
                var drawn = Vessels.Take(drank, id);
                Drinks.Add(new Drink(drank, drawn.Untreated, drawn.BatchIds));
                // Out of no container of the kit it is what was told; out of one it is what was in it.
                Walkers.Drank(
                    drank.WalkerId,
                    new DrinkTold(
                        id,
                        drank.At!.Value,
                        drawn.From.Count == 0
                            ? drank.ContainerId is null
                                ? drank.Litres ?? 0
                                : 0
                            : drawn.Litres,
                        drawn.Untreated,
                        drawn.From
                    )
                );
                break;
            case UrinePassed urine:
                Walkers.Take(urine);
                break;
            case BodyWeighed weighed:
                Walkers.Take(weighed);
                break;
            case StageWalked { Hours: { } hours } stage:
                Walkers.Take(stage, hours);
                break;
            case SignsLookedFor looked:
                Walkers.Take(looked);
                break;
            case SourceSeen seen:
                See(seen, id);
                break;
            case PassedBy passed:
                StandAt(passed.SourceId, passed.At!.Value, id);
                break;
            default:
                Stocks.Take(line, id);
                break;
        }
    }

    private void See(BookLine line, Guid by)
    {
        if (SourceReport.Of(line) is { } found)
        {
            var source = found.SourceId;
            _sources[source] = (_sources.GetValueOrDefault(source) ?? SourceInHand.NotSeen(source)).With(found);
            StandAt(source, found.At, by);
        }
    }

    private void StandAt(Guid? source, DateTimeOffset at, Guid by) => Place = source is { } id ? new PlaceInHand(id, at, by) : Place;
}
