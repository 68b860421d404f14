using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>Says what a fold came to.</summary>
internal sealed class Report(InHandRequest request, Fold fold, DateTimeOffset now, Speaker say)
{
    /// <summary>Nights that freeze, or may, up to tonight.</summary>
    public IReadOnlyList<FrostNight> Nights { get; init; } = [];

    public InHandResponse Make(IReadOnlyList<LineDoubt> early, IReadOnlyList<ReplacedLine> replaced, Snapshot snapshot)
    {
        List<ContainerInHand> containers = [.. fold.Vessels.All.Where(v => v.Item.Retired != true || !v.IsEmpty).Select(Container)];
        var drinkable = containers.Where(MayBeDrunk).Sum(c => c.Litres);
        var underWay = containers.Where(c => c.Water is UnderWay).Sum(c => c.Litres);
        var all = containers.Sum(c => c.Litres);
        var walkers = request.Walkers?.Count ?? 0;
        var sums = fold.Vessels.Sums();
        var tripSources = TripSources();
        List<KitEntry> kit = [];
        List<SupplyInHand> supplies = [];
        List<FrostJob> frost = [];
        foreach (var entry in request.Kit ?? [])
        {
            if (entry.Item is not { } known || !Guid.TryParse(entry.Id, out var id))
            {
                kit.Add(entry);
                continue;
            }

            var stock = fold.Stocks.Now(id, entry);
            kit.Add(stock.Entry);
            if (known.Retired != true && stock.Entry.IsSound(new Intake(say)) && Supply(id, stock) is { } supply)
            {
                supplies.Add(supply);
                if (FrostJob.Of(id, stock, Nights, fold.ToldAt, now, say) is { } job)
                {
                    frost.Add(job);
                }
            }
        }

        return new InHandResponse(
            Headline: Headline(
                drinkable,
                containers.Where(c => MayBeDrunk(c) && c.Water is CleanWater { ShortOf.Count: > 0 }).Sum(c => c.Litres),
                underWay
            ),
            DrinkableL: drinkable,
            UnderWayL: underWay,
            RawL: Math.Max(0, all - drinkable - underWay),
            PerWalkerL: walkers > 0 ? drinkable / walkers : null,
            Containers: containers,
            Supplies: supplies,
            Kit: kit,
            Walkers: Walkers(),
            Sources: [.. fold.Sources.OrderBy(s => s.Id)],
            TripSources: tripSources,
            FoundWorse: [.. (request.Sources ?? []).Zip(tripSources).Select(s => FoundWorse(s.First, s.Second)).OfType<SourceFoundWorse>()],
            Frost: frost,
            Next: Next(containers),
            TreatIn: TreatIn(containers),
            Doubts: [.. fold.Vessels.Doubts, .. early],
            Replaced: replaced,
            Balance: new WaterBalance(sums.InL, sums.DrunkL, sums.CookedL, sums.SpiltL, fold.Vessels.All.Sum(v => v.Litres)),
            Place: fold.Place,
            Walked: fold.Walkers.WalkedBy(now),
            Snapshot: snapshot
        );
    }

    private static bool MayBeDrunk(ContainerInHand container) => container is { Water: CleanWater { Stale: false }, CleanSideDirty: false };

    private string Headline(double drinkable, double shortL, double underWay) =>
        drinkable > Vessel.NothingL ? $"{Litres(drinkable)} to drink{OfTheTarget(drinkable, shortL)}"
        : underWay > Vessel.NothingL ? "Nothing to drink yet"
        : "Nothing to drink";

    private string OfTheTarget(double drinkable, double shortL) =>
        shortL <= Vessel.NothingL ? ""
        : shortL >= drinkable - Vessel.NothingL ? ", short of the target"
        : $", {Litres(shortL)} of it short";

    private ContainerInHand Container(Vessel vessel)
    {
        var water = Water(vessel);
        var container = new ContainerInHand(
            Id: vessel.Id,
            Name: vessel.Name,
            CapacityL: vessel.CapacityL,
            Litres: vessel.Litres,
            Water: water,
            Words: Words(vessel, water),
            CleanSideDirty: vessel.CleanSideDirty,
            IsPot: vessel.IsPot,
            Story: vessel.Story
        );
        return vessel.Item is Kit.Container { HidesItsLevel: true } && MayBeDrunk(container)
            ? container with
            {
                Hidden = Hidden(vessel),
            }
            : container;
    }

    /// <summary>Nobody drinks from it before it is ready, and what was drunk since is not known.</summary>
    private HiddenLevel Hidden(Vessel vessel)
    {
        var ready = vessel.Content is OfBatches of ? of.Ids.Select(fold.Batches.Find).OfType<KeptBatch>().Max(b => Stand(b).SafeAt) : null;
        var moved = vessel.MovedAt ?? DateTimeOffset.MinValue;
        var last = (request.Walkers ?? [])
            .SelectMany(w => fold.Walkers.Now(w.Id, "", now).Drinks.Select(d => (Walker: w.Id, Drink: d)))
            .Where(d => d.Drink.FromIds.Contains(vessel.Id))
            .OrderBy(d => d.Drink.At)
            .LastOrDefault();
        return new HiddenLevel(ready > moved ? ready.Value : moved, last.Drink is null ? null : last.Walker);
    }

    private WaterInHand Water(Vessel vessel)
    {
        if (vessel.Content is OfBatches of)
        {
            var stands = of
                .Ids.Select(fold.Batches.Find)
                .OfType<KeptBatch>()
                .Where(b => b.Steps is { Count: > 0 })
                .Select(b => (Batch: b, Progress: Stand(b)))
                .ToList();
            var ready = stands.Count == of.Ids.Count && stands.TrueForAll(s => IsSafe(s.Progress));
            if (!ready)
            {
                var waiting = stands.Where(s => !IsSafe(s.Progress)).ToList();
                return new UnderWay(
                    of.Ids,
                    stands.Count == of.Ids.Count && waiting.TrueForAll(s => s.Progress.SafeAt is not null)
                        ? waiting.Max(s => s.Progress.SafeAt)
                        : null
                );
            }

            var drinkBy = stands.Min(s => s.Progress.DrinkBy);
            return new CleanWater(of.Ids, [.. stands.SelectMany(s => s.Batch.ShortOf ?? []).Distinct().Order()], drinkBy, drinkBy < now);
        }

        return vessel.Content is Raw raw && !vessel.IsEmpty
            ? new RawWater(raw.SourceId, raw.Clarity, raw.Colour, raw.TemperatureC)
            : new NoWater();
    }

    private BatchProgressResponse Stand(KeptBatch batch) =>
        BatchProgress.Compute(
            new BatchProgressRequest(
                batch.Steps,
                batch.ShortOf,
                [.. (batch.Taps ?? []).Select(t => t.Tap!)],
                batch.StartedAt,
                now,
                batch.DrinkWithinHours
            )
        );

    private static bool IsSafe(BatchProgressResponse progress) => progress.State is BatchState.Drinkable or BatchState.Finished;

    private string Words(Vessel vessel, WaterInHand water) =>
        water switch
        {
            NoWater => "empty",
            RawWater => $"{Litres(vessel.Litres)}, raw: not to drink",
            UnderWay { ReadyAt: { } at } => $"{Litres(vessel.Litres)}, ready in {Speaker.Minutes(Math.Max(0, (at - now).TotalMinutes))}",
            UnderWay => $"{Litres(vessel.Litres)}, waits for a hand",
            CleanWater { Stale: true } => $"{Litres(vessel.Litres)}, stood too long: treat it again",
            CleanWater when vessel.CleanSideDirty => $"{Litres(vessel.Litres)}, but the threads are dirty: rinse them with treated water",
            CleanWater { ShortOf: { Count: > 0 } shortOf } =>
                $"{Litres(vessel.Litres)}, short of the target on {OrganismClasses.Spoken(shortOf)}",
            _ => $"{Litres(vessel.Litres)} to drink",
        };

    private SupplyInHand? Supply(Guid id, StockNow stock)
    {
        var (piece, since) = (stock.Entry, stock.SuspectSince);
        var item = piece.Item!;
        if (item is WaterFilter { Filter: { Element: { } element } filter })
        {
            var been = piece.Filter ?? FilterState.NotKnown;
            var suspect = (stock.AskedSince is { } night ? FrostJob.NotTold(night) : null)
                ?? FilterCredit.Frozen(filter, been, [])
                ?? FilterCredit.Dropped(filter, been, [])
                ?? FilterCredit.PastLife(filter, been, 0, []);
            return new SupplyInHand(
                Id: id,
                Name: item.Name ?? "",
                Kind: item.Kind,
                Words: piece.Words(say),
                Left: null,
                FlowShare: been.Wear(FilterElements.Of(element)).FlowShare,
                Suspect: suspect,
                SuspectSince: suspect is null ? null : since
            );
        }

        if (item is MakeshiftFilter)
        {
            return new SupplyInHand(
                Id: id,
                Name: item.Name ?? "",
                Kind: item.Kind,
                Words: piece.Words(say),
                Left: null,
                FlowShare: null,
                Suspect: MakeshiftFilter.Clears(piece) ? null : "Runs cloudy: not counted on until its layers are washed or built anew.",
                SuspectSince: since
            );
        }

        return item is ChemicalProduct or UvLamp or Stove or Portions or FlocculantPack
            ? new SupplyInHand(
                Id: id,
                Name: item.Name ?? "",
                Kind: item.Kind,
                Words: piece.Words(say),
                Left: piece.Left,
                FlowShare: null,
                Suspect: piece.Left is null or > 0 ? null : "Used up.",
                SuspectSince: null
            )
            : null;
    }

    private List<WalkerInHand> Walkers()
    {
        List<WalkerInHand> walkers = [.. (request.Walkers ?? []).Select(w => fold.Walkers.Now(w.Id, w.Name ?? "", now))];
        if (fold.Walkers.HasParty)
        {
            walkers.Add(fold.Walkers.Now(Guid.Empty, "The party", now));
        }

        return walkers;
    }

    /// <summary>
    /// A source found dry, fouled, cloudier, coloured or colder is so at once; what was found better waits to be taken over (handbook 00, rule 3).
    /// </summary>
    private List<TripSourceEntry> TripSources()
    {
        var found = fold.Sources.ToDictionary(s => s.Id.ToString());
        return
        [
            .. (request.Sources ?? []).Select(e =>
                found.GetValueOrDefault(e.Id)?.Since(e.Source.ReportedAt) is { } seen ? e with { Source = Worse(e.Source, seen) } : e
            ),
        ];
    }

    /// <summary>Null where it is as it says itself.</summary>
    private SourceFoundWorse? FoundWorse(TripSourceEntry told, TripSourceEntry now)
    {
        var (before, after) = (told.Source, now.Source);
        List<string?> found =
        [
            after.ReportedFlowing == false && before.ReportedFlowing != false ? "dry" : null,
            after.Clarity != before.Clarity && after.Clarity is { } clarity ? Turbidity.Spoken(clarity) : null,
            after.Colour != before.Colour ? WaterColours.Spoken(after.Colour) : null,
            after.TemperatureC != before.TemperatureC && after.TemperatureC is { } celsius ? say.Of(Quantity.Temperature, celsius) : null,
            .. (after.Seen ?? []).Except(before.Seen ?? []).Select(s => Sentence.Lower(SourceSigns.Of(s).Name)),
        ];
        var words = string.Join(", ", found.OfType<string>());
        return words.Length == 0
            ? null
            : new SourceFoundWorse(
                told.Id,
                $"The book has it worse: {words}. The plan counts with that until a later report says otherwise, or you take it over under "
                    + "What it taught."
            );
    }

    private static TripSource Worse(TripSource source, SourceReport found) =>
        source with
        {
            ReportedFlowing = found.Flowing == false ? false : source.ReportedFlowing,
            ReportedAt = found.Flowing == false ? found.At : source.ReportedAt,
            Clarity = found.Clarity > FieldWater.Counted(source.Clarity) ? found.Clarity : source.Clarity,
            Colour = found.Colour > FieldWater.Counted(source.Colour) ? found.Colour : source.Colour,
            TemperatureC = found.TemperatureC < (source.TemperatureC ?? VeryColdC) ? found.TemperatureC : source.TemperatureC,
            Seen = Together(source.Seen, found.Seen),
        };

    private static IReadOnlyList<Sighting>? Together(IReadOnlyList<Sighting>? told, IReadOnlyList<Sighting>? found)
    {
        List<Sighting> bad = [.. (found ?? []).Where(s => SourceSigns.Of(s).Weight != SignWeight.Good)];
        return bad.Count == 0 ? told : [.. (told ?? []).Concat(bad).Distinct()];
    }

    /// <summary>Water that nobody had measured counts as what it probably is; below this it is colder than that, °C.</summary>
    private const double VeryColdC = 5;

    /// <summary>
    /// Raw water first, then stale, then what is empty: bottles before bags for dirty water, what is at hand before what is in the pack,
    /// the larger first.
    /// </summary>
    private Guid? TreatIn(List<ContainerInHand> containers) =>
        Carried(containers)
            .Where(c => !c.IsPot)
            .Select(c =>
                (
                    c.Id,
                    VesselOf(c).Item.At,
                    c.CapacityL,
                    Rank: c.Water switch
                    {
                        RawWater => 0,
                        CleanWater { Stale: true } => 1,
                        NoWater => VesselOf(c).Role switch
                        {
                            ContainerRole.Dirty => 4,
                            ContainerRole.Clean => 3,
                            _ => 2,
                        },
                        _ => 9,
                    }
                )
            )
            .Where(c => c.Rank < 9)
            .OrderBy(c => c.Rank)
            .ThenBy(c => Vessels.Reach(c.At))
            .ThenByDescending(c => c.CapacityL)
            .ThenBy(c => c.Id)
            .Select(c => (Guid?)c.Id)
            .FirstOrDefault();

    private Vessel VesselOf(ContainerInHand container) => fold.Vessels.All.First(v => v.Id == container.Id);

    private List<ContainerInHand> Carried(List<ContainerInHand> containers) => [.. containers.Where(c => VesselOf(c).Item.Retired != true)];

    private NextThing Next(List<ContainerInHand> containers)
    {
        var carried = Carried(containers);
        if (carried.Find(c => c.Water is UnderWay { ReadyAt: null }) is { Water: UnderWay { BatchIds: [var due, ..] } } hand)
        {
            return new StepDue($"{hand.Name}: a step waits for a hand", due, hand.Id);
        }

        if (carried.Find(c => c.Water is CleanWater { Stale: true } || c is { Water: RawWater, IsPot: false }) is { } raw)
        {
            return new TreatThis($"Treat the {Litres(raw.Litres)} in {raw.Name}", raw.Id);
        }

        if (carried.Find(MayBeDrunk) is { } clean)
        {
            return new DrinkFrom($"{Litres(clean.Litres)} to drink in {clean.Name}", clean.Id);
        }

        if (
            carried.Where(c => c.Water is UnderWay).MinBy(c => ((UnderWay)c.Water).ReadyAt) is
            { Water: UnderWay { BatchIds: [var first, ..] } way } soon
        )
        {
            return new WaitFor(
                $"{soon.Name} is ready in {Speaker.Minutes(Math.Max(0, (way.ReadyAt!.Value - now).TotalMinutes))}",
                first,
                way.ReadyAt
            );
        }

        return new FillUp(
            "Nothing is in hand: fill up at the next good source",
            carried.Find(c => c is { Water: NoWater, IsPot: false })?.Id
        );
    }

    private string Litres(double litres) => say.Of(Quantity.Volume, litres);
}
