using JollyBrook.Core.Book;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.InHand;

/// <summary>
/// Water going in and out of containers (handbook room 75). What cannot be is counted the worse way and told as a doubt; litres are never
/// made or lost.
/// </summary>
internal sealed class Vessels(IEnumerable<KitEntry> kit, BatchShelf batches, FoldClock clock, Speaker say)
{
    /// <summary>What a hand's measure may be out by, L.</summary>
    private const double SlackL = 0.011;

    private readonly Dictionary<Guid, Vessel> _all = kit.Where(e => e.Item is Container or CookingPot && Guid.TryParse(e.Id, out _))
        .DistinctBy(e => Guid.Parse(e.Id!))
        .ToDictionary(e => Guid.Parse(e.Id!), e => new Vessel(Guid.Parse(e.Id!), e.Item!, clock));

    private readonly List<ThrownAway> _thrownAway = [];

    public IEnumerable<Vessel> All => _all.Values;

    public List<LineDoubt> Doubts { get; } = [];

    public double InL { get; private set; }

    public double DrunkL { get; private set; }

    public double CookedL { get; private set; }

    public double SpiltL { get; private set; }

    public IReadOnlyList<ThrownAway> ThrownAway => _thrownAway;

    public void Restore(IEnumerable<VesselShot> shots, IEnumerable<ThrownAway> thrownAway, LitresShot sums)
    {
        _thrownAway.AddRange(thrownAway.Where(t => _all.ContainsKey(t.ContainerId)));
        foreach (var shot in shots)
        {
            if (_all.TryGetValue(shot.Id, out var vessel))
            {
                vessel.Restore(shot);
            }
        }

        (InL, DrunkL, CookedL, SpiltL) = (sums.InL, sums.DrunkL, sums.CookedL, sums.SpiltL);
    }

    public LitresShot Sums() => new(InL, DrunkL, CookedL, SpiltL);

    public void Take(Filled line, Guid by)
    {
        if (Find(line.ContainerId, by) is not { } vessel)
        {
            return;
        }

        var room = vessel.RoomL;
        var told = line.Litres ?? room;
        if (line.Litres > room + SlackL || (line.Litres is null && room <= SlackL))
        {
            Doubt(
                by,
                $"{vessel.Name} holds {Say(vessel.CapacityL)} and had {Say(vessel.Litres)} in it: counted as full.",
                "Write what was drunk or spilt before it was filled."
            );
        }

        var raw = new Raw(line.SourceId, line.Clarity, line.Colour, line.TemperatureC);
        if (vessel.IsCleanOnly)
        {
            vessel.CleanSideDirty = true;
            Doubt(
                by,
                $"{vessel.Name} is for clean water only: its threads and cap count as dirty until rinsed with treated water.",
                "Rinse it with treated water and write that down."
            );
        }

        if (vessel.IsEmpty || vessel.RoomL > Vessel.NothingL)
        {
            Into(vessel, Math.Min(told, room), raw, by);
        }
        else
        {
            // Something went in, whatever was there: none of it counts as treated.
            vessel.Become(vessel.Content is OfBatches ? raw with { SourceId = null } : vessel.Content, by);
        }
    }

    public void Take(Poured line, Guid by)
    {
        var (from, into) = (Find(line.FromId, by), Find(line.IntoId, by));
        if (from is null || into is null)
        {
            return;
        }

        var told = line.Litres ?? Math.Min(from.Litres, into.RoomL);
        if (told > from.Litres + SlackL)
        {
            Doubt(by, $"{from.Name} had {Say(from.Litres)} in it: only that much counts as poured.", $"Write when {from.Name} was filled.");
        }

        if (told > into.RoomL + SlackL)
        {
            Doubt(
                by,
                $"{into.Name} had room for {Say(into.RoomL)}: only that much counts as poured.",
                $"Write what was drunk or spilt from {into.Name}, or what ran over."
            );
        }

        var content = from.Content;
        if (content is Raw && into.IsCleanOnly)
        {
            into.CleanSideDirty = true;
            Doubt(
                by,
                $"{into.Name} is for clean water only: its threads and cap count as dirty until rinsed with treated water.",
                "Rinse it with treated water and write that down."
            );
        }

        // What comes over a dirty side is no longer treated.
        var poured = content is OfBatches && from.CleanSideDirty ? new Raw(null, null, null, null) : content;
        var litres = Math.Min(told, into.RoomL);
        into.Add(from.Take(litres, by), poured, by);
    }

    public void Take(Cooked line, Guid by) => CookedL += Out(line.ContainerId, line.Litres, by, "used for cooking");

    public void Take(Spilt line, Guid by) => SpiltL += Out(line.ContainerId, line.Litres, by, "spilt");

    public void Take(Rinsed line, Guid by) => Side(line.ContainerId, isDirty: false, by);

    public void Take(Dipped line, Guid by) => Side(line.ContainerId, isDirty: true, by);

    /// <summary>A treatment begins: what stands in its container is that batch's from now on.</summary>
    public void Start(KeptBatch batch)
    {
        if (batch.ContainerId is not { } id || !_all.TryGetValue(id, out var vessel))
        {
            return;
        }

        var wanted = batch.VolumeL ?? 0;
        if (batch.FromId is { } fromId && fromId != id && _all.TryGetValue(fromId, out var from))
        {
            // Out of one and into the other; what a treatment was told of beyond that came straight from the source.
            var treated = new OfBatches([batch.Id]);
            var moved = from.Take(Math.Min(wanted, vessel.RoomL), batch.Id);
            vessel.Add(moved, treated, batch.Id);
            Into(vessel, Math.Min(wanted - moved, vessel.RoomL), treated, batch.Id);
            return;
        }

        if (vessel.Litres > wanted + SlackL)
        {
            Doubt(
                batch.Id,
                $"{vessel.Name} had {Say(vessel.Litres)} in it and was treated for {Say(wanted)}: all of it counts as raw.",
                "Treat it again for what it holds, or write what was drunk or spilt before."
            );
            vessel.Become(new Raw(null, null, null, null), batch.Id);
            return;
        }

        // What a treatment was told of went in, written down or not.
        Into(
            vessel,
            Math.Min(Math.Max(0, wanted - vessel.Litres), vessel.RoomL),
            new Raw(batch.SourceId, batch.Clarity, null, null),
            batch.Id
        );
        vessel.Become(new OfBatches([batch.Id]), batch.Id);
    }

    /// <summary>Raw water went onto a running batch, whose steps begin anew.</summary>
    public void TopUp(KeptBatch batch, double? addedL, Guid by)
    {
        if (batch.ContainerId is not { } id || !_all.TryGetValue(id, out var vessel))
        {
            return;
        }

        var added = addedL ?? vessel.RoomL;
        if (added > vessel.RoomL + SlackL)
        {
            Doubt(
                by,
                $"{vessel.Name} had room for {Say(vessel.RoomL)}: only that much counts as added.",
                "Write what was drunk or spilt before."
            );
        }

        // The batch's own clock counts for all of it from here on; water of another batch or raw water stays the worse.
        var of = new OfBatches([batch.Id]);
        var content = vessel.IsEmpty ? of : vessel.Content;
        Into(vessel, Math.Min(added, vessel.RoomL), of, by);
        vessel.Become(content, by);
    }

    /// <summary>A batch was thrown away, wherever it was.</summary>
    public void ThrowAway(Guid batch, Guid by)
    {
        foreach (var vessel in _all.Values.Where(v => v.Content is OfBatches of && of.Ids.Contains(batch)))
        {
            var (litres, content) = (vessel.Litres, vessel.Content);
            SpiltL += vessel.Take(litres, by);
            _thrownAway.Add(new ThrownAway(batch, vessel.Id, litres, content));
        }
    }

    /// <summary>A batch was not thrown away after all: it is back where there is still room for it.</summary>
    public void BringBack(Guid batch, Guid by)
    {
        foreach (var thrown in _thrownAway.FindAll(t => t.BatchId == batch))
        {
            var vessel = _all[thrown.ContainerId];
            var back = Math.Min(thrown.Litres, vessel.RoomL);
            SpiltL -= back;
            vessel.Add(back, thrown.Content, by);
        }

        _thrownAway.RemoveAll(t => t.BatchId == batch);
    }

    /// <summary>
    /// A drink: from the container named, or the batch's, or those with treated water in the order carried. One with a dirty side is not
    /// passed over: nobody said that it was not that one.
    /// </summary>
    public Drawn Take(Drank line, Guid by)
    {
        var at = line.At!.Value;
        var named = line.ContainerId is { } id ? Find(id, by) : null;
        if (line.ContainerId is not null && named is null)
        {
            return new Drawn(0, line.Untreated != false, [], []);
        }

        List<Vessel> from =
            named is not null ? [named]
            : line.BatchId is { } batch ? [.. InOrder(v => v.Content is OfBatches of && of.Ids.Contains(batch))]
            : line.Untreated == true ? []
            : [.. InOrder(v => v.Content is OfBatches && IsReady(v, at))];
        if (from.Count == 0)
        {
            // Straight from a source, a tap or another's bottle: nothing here is emptier for it.
            return new Drawn(0, line.Untreated ?? line.BatchId is null, [], line.BatchId is { } told ? [told] : []);
        }

        var wanted = line.All == true ? from.Sum(v => v.Litres) : line.Litres ?? 0;
        var (taken, untreated) = (0.0, line.Untreated == true);
        List<Guid> used = new(1);
        List<Guid> ofBatches = new(1);
        foreach (var vessel in from)
        {
            if (wanted - taken <= Vessel.NothingL)
            {
                break;
            }

            if (vessel.IsEmpty)
            {
                continue;
            }

            var unfit = vessel.Content is not OfBatches || vessel.CleanSideDirty || !IsReady(vessel, at);
            untreated |= unfit;
            if (unfit && line.Untreated != true)
            {
                Doubt(
                    by,
                    $"{vessel.Name}: {Why(vessel, at)}. Counted as untreated.",
                    "If it was treated, write the treatment down, or correct which bottle it was. Watch for illness over the next weeks."
                );
            }

            if (vessel.Content is OfBatches of)
            {
                ofBatches.AddRange(of.Ids);
            }

            taken += vessel.Take(wanted - taken, by);
            used.Add(vessel.Id);
        }

        DrunkL += taken;
        if (wanted - taken > SlackL)
        {
            var name = named?.Name ?? "The bottles";
            Doubt(
                by,
                $"{name} had only {Say(taken)} left: the other {Say(wanted - taken)} counts as untreated water from elsewhere.",
                "Write when it was filled, or correct which bottle it was."
            );
            untreated = true;
        }

        return new Drawn(taken, untreated, used, ofBatches);
    }

    private IEnumerable<Vessel> InOrder(Func<Vessel, bool> fits) =>
        _all
            .Values.Where(v => !v.IsEmpty && v.Item.Retired != true && fits(v))
            .OrderBy(v => v.IsPot)
            .ThenBy(v => Reach(v.Item.At))
            .ThenBy(v => v.Id);

    /// <summary>What is in the hand is drunk before what is in the pack.</summary>
    internal static int Reach(CarriedAt? at) =>
        at switch
        {
            CarriedAt.Hand => 0,
            CarriedAt.Vest => 1,
            CarriedAt.Belt => 2,
            _ => 3,
        };

    private bool IsReady(Vessel vessel, DateTimeOffset at) => vessel.Content is OfBatches of && AreReady(of.Ids, at);

    private bool AreReady(IReadOnlyList<Guid> ids, DateTimeOffset at)
    {
        for (var i = 0; i < ids.Count; i++)
        {
            if (!batches.IsReady(ids[i], at))
            {
                return false;
            }
        }

        return true;
    }

    private string Why(Vessel vessel, DateTimeOffset at) =>
        vessel switch
        {
            { Content: Raw } => "what was in it was raw water",
            { CleanSideDirty: true } => "its threads or cap had touched raw water",
            { Content: OfBatches of } when of.Ids.Any(id => batches.IsStale(id, at)) => "it had stood longer than it keeps",
            _ => "it was not ready yet",
        };

    private double Out(Guid? id, double? litres, Guid by, string what)
    {
        if (Find(id, by) is not { } vessel)
        {
            return 0;
        }

        var told = litres ?? vessel.Litres;
        if (told > vessel.Litres + SlackL)
        {
            Doubt(
                by,
                $"{vessel.Name} had {Say(vessel.Litres)} in it: only that much counts as {what}.",
                $"Write when {vessel.Name} was filled."
            );
        }

        return vessel.Take(told, by);
    }

    private void Side(Guid? id, bool isDirty, Guid by)
    {
        if (Find(id, by) is { } vessel)
        {
            vessel.CleanSideDirty = isDirty;
            vessel.Tell(by);
        }
    }

    private void Into(Vessel vessel, double litres, Content content, Guid by)
    {
        var before = vessel.Litres;
        vessel.Add(litres, content, by);
        InL += vessel.Litres - before;
    }

    private Vessel? Find(Guid? id, Guid by)
    {
        if (id is { } known && _all.TryGetValue(known, out var vessel))
        {
            if (vessel.Item.Retired == true)
            {
                Doubt(
                    by,
                    $"{vessel.Name} is no longer carried: the line is kept, and counts.",
                    "Bring it back to the kit, or correct which container it was."
                );
            }

            return vessel;
        }

        Doubt(
            by,
            "The container is not in the kit: the line is kept, and no bottle is fuller or emptier for it.",
            "Correct which container it was."
        );
        return null;
    }

    private void Doubt(Guid by, string words, string offer) => Doubts.Add(new LineDoubt(by, words, offer));

    private string Say(double litres) => say.Of(Quantity.Volume, litres);
}
