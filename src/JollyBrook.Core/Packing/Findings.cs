using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing;

/// <summary>The seven findings (handbook room 80).</summary>
/// <param name="trip">Filled up.</param>
/// <param name="kit">Everything carried.</param>
/// <param name="chains">Every chain of the kit.</param>
/// <param name="columns">The failures.</param>
/// <param name="budget">What the supplies are enough for.</param>
/// <param name="planned">What the trip's plan takes of them, fill by fill.</param>
/// <param name="say">Puts figures into words.</param>
internal sealed class Findings(
    KitTrip trip,
    IReadOnlyList<KitEntry> kit,
    IReadOnlyList<CarriedChain> chains,
    IReadOnlyList<FailureColumn> columns,
    SupplyBudget budget,
    IReadOnlyList<Carry.PlanSupply> planned,
    Speaker say
)
{
    /// <summary>What a must-have is called in the check.</summary>
    public static string Title(MustHave what) =>
        what switch
        {
            MustHave.Target => "A chain for the worst water",
            MustHave.Second => "A second chain that shares no failure",
            MustHave.Supplies => "Supplies for a quarter more than planned",
            MustHave.Dates => "Dates hold to the last day",
            _ => "Filters: life and clogging",
        };

    private readonly List<CarriedChain> _counted = [.. chains.Where(c => c.Counts)];

    private double NeedL => trip.Litres!.Value;

    /// <summary>What melting takes before anything is treated.</summary>
    public MeltNeed Melt { get; init; } = MeltNeed.None;

    public IReadOnlyList<KitFinding> All() => [Target(), Second(), Supplies(), Dates(), FilterLife(), Volume(), Weight()];

    private KitFinding Target()
    {
        var title = Title(MustHave.Target);
        if (_counted.Count > 0)
        {
            var best = _counted[0];
            return new(
                1,
                title,
                FindingState.Holds,
                $"{best.Chain.Name}: {Sentence.Lower(best.Chain.Headline)} for "
                    + $"{say.Of(Quantity.Volume, CarriedChain.BasisL)}. {_counted.Count} in all.",
                "",
                Ids(best)
            );
        }

        var near = chains.Count > 0 ? chains[0] : null;
        return new(
            1,
            title,
            FindingState.Fails,
            near is null ? "Nothing to treat with is carried." : $"None. Nearest: {near.Chain.Name}. {near.Why}",
            "Take chlorine dioxide tablets, or fuel and a pot for boiling: either meets the target in any clear or cloudy water.",
            near is null ? [] : Ids(near)
        );
    }

    private KitFinding Second()
    {
        var title = Title(MustHave.Second);
        var broken = columns.Where(c => !c.Holds).ToList();
        if (broken.Count == 0)
        {
            return new(2, title, FindingState.Holds, $"Whatever fails, at least {columns.Min(c => c.Survivors)} chains are left.", "", []);
        }

        var figure =
            string.Join(
                ". ",
                broken.Select(c =>
                    $"{c.Name}{(c.Worst is null ? "" : $" ({c.Worst})")}: "
                    + $"{c.Survivors switch { 0 => "no chain is", 1 => "1 chain is", _ => $"{c.Survivors} chains are" }} left"
                )
            ) + ".";
        // What is carried already and falls short by a little mends more than anything new.
        var near = chains.Where(c => c.OnlyTooLittle).ToList();
        var day = say.Of(Quantity.Volume, NeedL / trip.Days);
        var lasts = near.Select(c => $"{c.Chain.Name} ({say.Of(Quantity.Volume, c.Litres)} of {day})");
        var fix = near.Count > 0 ? $"Take more for what is carried already, so that it lasts a day: {string.Join(", ", lasts)}. " : "";
        return new(
            2,
            title,
            FindingState.Fails,
            figure,
            fix + string.Join(" ", broken.Select(c => Mend(c.Failure)).Distinct()),
            [.. near.Concat(_counted).SelectMany(Ids).Distinct()]
        );
    }

    private static string Mend(KitFailure failure) =>
        failure switch
        {
            KitFailure.FlatBattery => "Add a way without a battery.",
            KitFailure.NoFuel => "Add tablets: they need no fuel.",
            KitFailure.Freeze => "Add tablets, or fuel for boiling: frost spoils filters.",
            KitFailure.Breakage => "Add tablets as a spare: they cannot break.",
            KitFailure.Expiry => "Add a way without a date: filter with lamp, or fuel for boiling.",
            _ => "Share it out: tablets in another bag than filter and stove, and name the bag of each piece.",
        };

    private KitFinding Supplies()
    {
        var wanted = NeedL * SupplyMargin.Factor;
        var figure =
            $"Enough for {say.Of(Quantity.Volume, budget.Litres)}; planned {say.Of(Quantity.Volume, NeedL)} "
            + $"× {Speaker.Number(SupplyMargin.Factor, 2)} = {say.Of(Quantity.Volume, wanted)}.";
        if (planned.Count > 0)
        {
            figure += $" The plan takes {string.Join(", ", planned.Where(s => s.Used > 0).Select(s => $"{s.Name}: {s.Words}"))}.";
        }

        if (Melt.SnowL > 0)
        {
            if (Melt.Stove is not { } stove)
            {
                return new(
                    3,
                    Title(MustHave.Supplies),
                    FindingState.Fails,
                    $"{say.Of(Quantity.Volume, Melt.SnowL)} are to be melted from snow: there is no stove.",
                    "Take a stove, fuel and a metal pot.",
                    []
                );
            }

            figure += $" Melting {say.Of(Quantity.Volume, Melt.SnowL)} of snow takes {say.Of(Quantity.FuelMass, Melt.FuelG)} first.";
            if (!Melt.IsMet)
            {
                return new(
                    3,
                    Title(MustHave.Supplies),
                    FindingState.Fails,
                    $"{figure} {stove.Item!.Name} has {say.Of(Quantity.FuelMass, stove.Left!.Value)}.",
                    $"Take {say.Of(Quantity.FuelMass, Melt.FuelG - stove.Left.Value)} of fuel more, for melting alone.",
                    [stove.Id!]
                );
            }

            if (Melt.IsUncounted)
            {
                return new(
                    3,
                    Title(MustHave.Supplies),
                    FindingState.Unknown,
                    $"{figure} What {stove.Item!.Name} holds is not known.",
                    "Weigh the canister.",
                    [stove.Id!]
                );
            }
        }

        var ending = planned.Where(s => s.EndsAt is not null).ToList();
        if (ending.Count > 0)
        {
            return new(
                3,
                Title(MustHave.Supplies),
                FindingState.Fails,
                $"{figure} {string.Join(". ", ending.Select(s => $"{s.Name} ends at {s.EndsAt}"))}.",
                $"Take {string.Join(", ", ending.Select(s => $"{s.Name}: {s.More}"))}.",
                [.. ending.Select(s => s.Id)]
            );
        }

        var uncounted = kit.Where(e => e is { Left: null, Item: ChemicalProduct or UvLamp or Stove { IsOpenFire: false } }).ToList();
        if (budget.Litres >= wanted)
        {
            return new(3, Title(MustHave.Supplies), FindingState.Holds, figure, "", []);
        }

        return uncounted.Count > 0
            ? new(
                3,
                Title(MustHave.Supplies),
                FindingState.Unknown,
                $"{figure} Not counted: {Names(uncounted)}.",
                "Count what is left of them.",
                [.. uncounted.Select(e => e.Id!)]
            )
            : new(
                3,
                Title(MustHave.Supplies),
                FindingState.Fails,
                figure,
                $"Take enough for {say.Of(Quantity.Volume, wanted - budget.Litres)} more.",
                [.. _counted.SelectMany(Ids).Distinct()]
            );
    }

    private KitFinding Dates()
    {
        var title = Title(MustHave.Dates);
        var dated = kit.Where(e => e.Item is ChemicalProduct).ToList();
        var unknown = dated.Where(e => LastDay(e) is null).ToList();
        var past = dated.Where(e => LastDay(e) < trip.LastDay).ToList();
        if (past.Count > 0)
        {
            return new(
                4,
                title,
                FindingState.Fails,
                string.Join(". ", past.Select(e => $"{e.Item!.Name}: good to {Said(LastDay(e))}, the trip ends {Said(trip.LastDay)}"))
                    + ".",
                $"Replace {Names(past)}.",
                [.. past.Select(e => e.Id!)]
            );
        }

        return unknown.Count > 0
            ? new(
                4,
                title,
                FindingState.Unknown,
                $"Not known for {Names(unknown)}: counts as past.",
                "Read the date on the pack.",
                [.. unknown.Select(e => e.Id!)]
            )
            : new(
                4,
                title,
                FindingState.Holds,
                dated.Count == 0 ? "Nothing carried has a date." : $"The first to run out is good to {Said(dated.Min(LastDay))}.",
                "",
                []
            );
    }

    private KitFinding FilterLife()
    {
        var title = Title(MustHave.FilterLife);
        var filters = kit.Where(e => e.Item is WaterFilter { Filter: not null }).ToList();
        if (filters.Count == 0)
        {
            return new(5, title, FindingState.Holds, "No filter is carried.", "", []);
        }

        var judged = filters
            .Select(e => (Entry: e, Judged: FilterOutlook.Of(((WaterFilter)e.Item!).Filter!, e.Filter ?? FilterState.NotKnown, trip, say)))
            .ToList();
        var bad = judged.Where(j => j.Judged.State != FindingState.Holds).ToList();
        return bad.Count == 0
            ? new(5, title, FindingState.Holds, string.Join(" ", judged.Select(j => $"{j.Entry.Item!.Name}: {j.Judged.Figure}")), "", [])
            : new(
                5,
                title,
                bad.Any(b => b.Judged.State == FindingState.Fails) ? FindingState.Fails : FindingState.Unknown,
                string.Join(" ", bad.Select(j => $"{j.Entry.Item!.Name}: {j.Judged.Figure}")),
                string.Join(" ", bad.Select(j => j.Judged.Fix).Distinct()),
                [.. bad.Select(b => b.Entry.Id!)]
            );
    }

    private KitFinding Volume()
    {
        var bottles = kit.Select(e => e.Item).OfType<Container>().ToList();
        var clean = bottles.Where(b => b.Role is not ContainerRole.Dirty).Sum(b => b.VolumeL ?? 0);
        var dirty = bottles.Where(b => b.Role is ContainerRole.Dirty or ContainerRole.Either).Sum(b => b.VolumeL ?? 0);
        var all = bottles.Sum(b => b.VolumeL ?? 0);
        var cook = kit.Any(e => e.Item is CookingPot or Container { HeatSafe: true }) && kit.Any(e => e.Item is Stove);
        List<string> fixes = [];
        if (trip.MostCarriedL is { } carried && clean < carried)
        {
            fixes.Add($"Take {say.Of(Quantity.Volume, carried - clean)} more of clean volume.");
        }

        if (trip.CampL is { } camp && all < camp)
        {
            fixes.Add($"Take {say.Of(Quantity.Volume, camp - all)} more for the camp.");
        }

        if (dirty <= 0 && kit.Any(e => e.Item is WaterFilter { Filter.Style: not FilterStyle.DrinkThrough }))
        {
            fixes.Add("Mark one container for dirty water: a filter is filled from it.");
        }

        if (!cook)
        {
            fixes.Add("Take a pot and a stove to cook with.");
        }

        var figure =
            $"Clean {say.Of(Quantity.Volume, clean)}, dirty or either {say.Of(Quantity.Volume, dirty)}; "
            + $"most carried {Told(trip.MostCarriedL)}, most at a camp {Told(trip.CampL)}; "
            + $"{(cook ? "a way to cook" : "no way to cook")}.";
        return new(
            6,
            "Containers and a way to cook",
            fixes.Count == 0 ? FindingState.Holds : FindingState.Fails,
            figure,
            string.Join(" ", fixes),
            []
        );
    }

    private KitFinding Weight()
    {
        var unweighed = _counted.SelectMany(c => c.Pieces).Where(p => p.Item!.MassKg is null).DistinctBy(p => p.Id).ToList();
        var figure =
            _counted.Count == 0
                ? "No chain counts."
                : string.Join(
                    "; ",
                    _counted.Select(c =>
                        $"{c.Chain.Name} "
                        + $"{(c.WeightKg <= 0 ? "not weighed" : $"{(c.WeightKnown ? "" : "over ")}{say.Of(Quantity.KitMass, c.WeightKg)}")}"
                    )
                ) + ".";
        return unweighed.Count == 0
            ? new(7, "Weight of each chain", FindingState.Holds, figure, "", [])
            : new(7, "Weight of each chain", FindingState.Unknown, figure, $"Weigh {Names(unweighed)}.", [.. unweighed.Select(e => e.Id!)]);
    }

    private static string Said(DateOnly? day) => day is { } known ? Speaker.Day(known) : "a day not known";

    private static DateOnly? LastDay(KitEntry entry) => (entry.Item as ChemicalProduct)?.Product?.LastDay;

    private string Told(double? litres) => litres is { } l ? say.Of(Quantity.Volume, l) : "not known";

    private static string Names(IEnumerable<KitEntry> entries) => string.Join(", ", entries.Select(e => e.Item!.Name));

    private static IReadOnlyList<string> Ids(CarriedChain chain) => [.. chain.Pieces.Select(p => p.Id!)];
}
