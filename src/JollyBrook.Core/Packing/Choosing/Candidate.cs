using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing.Choosing;

/// <summary>A piece to choose from, with what it needs beside it: a stove its pot, where none is carried.</summary>
/// <param name="Entries">What it is made of, the barrier first.</param>
/// <param name="Owned">Whether it is owned.</param>
/// <param name="Carried">Whether it is carried now.</param>
/// <param name="Figures">Price, room and mass as carried, with what it holds.</param>
/// <param name="Typical">Which of them are only usual.</param>
/// <param name="LeftOut">Why it is not chosen from; empty where it is.</param>
/// <param name="ToAdd">What of it is not in the kit yet.</param>
internal sealed record Candidate(
    IReadOnlyList<KitEntry> Entries,
    bool Owned,
    bool Carried,
    OwnFigure Figures,
    IReadOnlyList<string> Typical,
    string LeftOut,
    IReadOnlyList<KitItem> ToAdd
)
{
    /// <summary>So many are chosen from at most.</summary>
    public const int Most = 14;

    public string Id => Entries[0].Id!;

    public string Name => Entries[0].Item!.Name ?? "";

    public KitPiece Told =>
        new(
            Id: Id,
            Name: Name,
            Owned: Owned,
            Carried: Carried,
            Figures: Figures,
            Typical: Typical,
            LeftOut: LeftOut,
            Entries: Entries,
            ToAdd: ToAdd
        );

    /// <summary>All that may be chosen from, what is owned first; usual pieces where nothing like them is owned.</summary>
    /// <param name="request">Checked.</param>
    /// <param name="trip">The trip, filled up.</param>
    /// <param name="others">What is taken in any case.</param>
    public static IReadOnlyList<Candidate> All(ChooseKitRequest request, KitTrip trip, IReadOnlyList<KitEntry> others)
    {
        var pot = others.Any(e => e.Item is CookingPot or Container { HeatSafe: true })
            ? null
            : UsualPieces.Fresh(KitTemplates.All.First(t => t.Item is CookingPot), trip.LastDay);
        var owned = (request.Kit ?? []).Where(e => e is { Id: not null, Item: not null } && Treats(e)).ToList();
        var usual =
            request.OwnedOnly == true
                ? []
                : KitTemplates
                    .All.Where(t => !owned.Exists(o => UsualPieces.Alike(o.Item!, t.Item)))
                    .Select(t => UsualPieces.Fresh(t, trip.LastDay))
                    .Where(Treats);
        return
        [
            .. owned
                .Select(e => Of(e, true, request, trip, pot))
                .Concat(usual.Select(e => Of(e, false, request, trip, pot)))
                .Select(
                    (c, i) => i < Most || c.LeftOut.Length > 0 ? c : c with { LeftOut = $"Only the first {Most} pieces are chosen from." }
                ),
        ];
    }

    /// <summary>Whether it is chosen; what is not is taken as it is.</summary>
    public static bool Treats(KitEntry entry)
    {
        ArgumentNullException.ThrowIfNull(entry);
        return entry.Barriers.Any(b => !b.IsForTaste);
    }

    private static Candidate Of(KitEntry entry, bool owned, ChooseKitRequest request, KitTrip trip, KitEntry? pot)
    {
        var carried = owned && entry.Item!.Retired != true;
        // Packed each for itself, so that no bag takes two with it: how it is packed is for the kit's own page.
        KitEntry Apart(KitEntry e) => e with { Item = e.Item! with { Retired = null, Bag = e.Id } };
        IReadOnlyList<KitEntry> entries =
            entry.Item is Stove && pot is not null ? [Apart(entry), Apart(pot with { Id = $"{entry.Id}-pot" })] : [Apart(entry)];
        var told = request.Figures?.FirstOrDefault(f => f.Id == entry.Id);
        var usual = entries.Select(e => UsualPieces.FiguresOf(e.Item!)).ToList();
        var holds = CarriedChain.HoldsKg(entry);
        List<string> typical = [];
        double Figure(string name, double? known, double otherwise)
        {
            if (known is null)
            {
                typical.Add(name);
            }

            return known ?? otherwise;
        }

        var price = Figure(
            "price",
            told?.Price ?? (owned && entries.Count == 1 ? 0 : null),
            usual.Skip(owned ? 1 : 0).Sum(u => u.Price ?? 0)
        );
        var bulk = Figure("bulkL", told?.BulkL, usual.Sum(u => u.BulkL ?? 0));
        var mass = Figure(
            "massKg",
            told?.MassKg ?? (entries.All(e => e.Item!.MassKg is not null) ? entries.Sum(e => e.Item!.MassKg) + holds : null),
            entries.Zip(usual).Sum(p => p.First.Item!.MassKg ?? p.Second.MassKg ?? 0) + holds
        );
        return new Candidate(
            Entries: entries,
            Owned: owned,
            Carried: carried,
            Figures: new OwnFigure(entry.Id, price, bulk, mass),
            Typical: typical,
            LeftOut: Refused(entry, request, trip),
            ToAdd:
            [
                .. entries.Skip(owned ? 1 : 0).Select(e => KitTemplates.All.First(t => t.Id == e.Id || $"{entry.Id}-{t.Id}" == e.Id).Item),
            ]
        );
    }

    private static string Refused(KitEntry entry, ChooseKitRequest request, KitTrip trip) =>
        entry.Item switch
        {
            WaterFilter { Filter.Style: FilterStyle.Gravity } when request.HangPoints != YesNo.Yes => request.HangPoints == YesNo.No
                ? "Nothing to hang its bag from."
                : "Whether there is anything to hang its bag from is not known: counted as nothing.",
            WaterFilter { Filter: { } filter }
                when FilterOutlook.Of(filter, entry.Filter ?? FilterState.NotKnown, trip, Speaker.For(request.Units))
                    is { State: not FindingState.Holds } outlook => Sentence.Capital(outlook.Figure),
            ChemicalProduct { Product.LastDay: null } => "Its date is not known: counts as past.",
            ChemicalProduct { Product.LastDay: { } last } when last < trip.LastDay => $"Good to {Speaker.Day(last)} only.",
            not Stove { IsOpenFire: true } and not WaterFilter when entry.Left is null =>
                "What is left of it is not known: counted as none.",
            _ => "",
        };
}
