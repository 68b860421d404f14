using System.Numerics;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Packing.Choosing;

/// <summary>
/// The calculation "choose-kit": every set of up to five pieces that treat, owned or usual, run through the trip by the plan's own engine
/// and held against kit check's must-haves (handbook room 80, "Choose a kit").
/// </summary>
public static class ChooseKit
{
    /// <summary>So many sets are offered.</summary>
    private const int Offered = 6;

    private const int MostPieces = 5;

    /// <summary>So many that turn out to lack something are held against kit check before the search is given up.</summary>
    private const int MostChecked = 24;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => ChooseKitFields.All;

    /// <exception cref="BadInputException">A field is out of its range, or neither plan nor litres are given.</exception>
    public static ChooseKitResponse Compute(ChooseKitRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Optional(ChooseKitFields.Pieces, request.MostPieces);
        ChooseKitFields.Check(request.Weights ?? new KitWeights(), intake);
        foreach (var figure in request.Figures ?? [])
        {
            intake.Optional(ChooseKitFields.Price, figure.Price);
            intake.Optional(ChooseKitFields.Bulk, figure.BulkL);
            intake.Optional(ChooseKitFields.Mass, figure.MassKg);
        }

        foreach (var entry in (request.Kit ?? []).Where(e => e is { Id: not null, Item: not null }))
        {
            entry.IsSound(intake);
        }

        intake.ThrowIfWrong();
        return new Choice(request, CheckKit.TripOf(AsChecked(request)), intake.Say).Make();
    }

    /// <summary>The trip without a kit of its own: each set is held against it as if it were the kit.</summary>
    private static KitCheckRequest AsChecked(ChooseKitRequest request) =>
        new(request.Units, [], request.Plan is { } plan ? plan with { Kit = null } : null, request.Trip, request.CountViruses, request.Now);

    private sealed class Choice
    {
        private readonly ChooseKitRequest _request;
        private readonly KitWeights _weights;
        private readonly KitTrip _trip;
        private readonly IReadOnlyList<Assumption> _assumptions;
        private readonly Speaker _say;
        private readonly List<KitEntry> _others;
        private readonly List<Candidate> _all;
        private readonly List<Candidate> _open;
        private readonly List<(CarriedChain Chain, int Mask)> _worst;
        private readonly SetWalk _walk;
        private readonly double _dayL;
        private readonly int _people;

        public Choice(ChooseKitRequest request, CheckedTrip trip, Speaker say)
        {
            (_request, _weights, _trip, _assumptions, _say) = (
                request,
                (request.Weights ?? new KitWeights()).Filled,
                trip.Trip,
                trip.Assumptions,
                say
            );
            _others = [.. KitEntry.Carried(request.Kit).Where(e => !Candidate.Treats(e))];
            _all = [.. Candidate.All(request, _trip, _others)];
            // What is carried stands at the front, so that it can be shown even where some of it is not chosen from.
            _open = [.. _all.Where(c => c.LeftOut.Length == 0 || c.Carried)];
            _dayL = _trip.Litres!.Value / _trip.Days;
            _people = Math.Max(1, request.Plan?.Walkers?.Count ?? 1);
            var kit = _others.Concat(_open.SelectMany(c => c.Entries)).ToList();
            var masks = _open.SelectMany((c, i) => c.Entries.Select(e => (e.Id, Mask: 1 << i))).ToDictionary(e => e.Id!, e => e.Mask);
            _worst =
            [
                .. CheckKit
                    .ChainsOf(AsChecked(request), _trip, kit, _dayL)
                    .Select(c => (c, c.Pieces.Aggregate(0, (all, p) => all | masks.GetValueOrDefault(p.Id!)))),
            ];
            _walk = new SetWalk(
                TripBatch.Of(trip.Run, _trip, (litres, own) => CheckKit.WorstWater(AsChecked(request), _trip, own, litres)),
                _others,
                _open
            );
        }

        private int Largest => (int)(_request.MostPieces ?? MostPieces);

        private bool IsAll => Largest >= MostPieces;

        public ChooseKitResponse Make()
        {
            var may = _open.Select((c, i) => c.LeftOut.Length == 0 ? 1 << i : 0).Sum();
            List<(KitSet Set, int Mask)> sets = [];
            var (tried, noTarget) = (0, 0);
            foreach (var mask in Subsets(may, Largest))
            {
                tried++;
                if (!_worst.Exists(c => c.Chain.Counts && (c.Mask & ~mask) == 0))
                {
                    noTarget++;
                    continue;
                }

                sets.Add((Of(mask), mask));
            }

            var offered = Best(sets);
            var carried = _open.Select((c, i) => c.Carried ? 1 << i : 0).Sum();
            var present = carried == 0 ? null : Checked(Of(carried), carried);
            return new ChooseKitResponse(
                Headline: Headline(offered),
                Sets: [.. offered.Select(o => o.Set)],
                Present: present,
                Pieces: [.. _all.Select(c => c.Told)],
                Tried: tried,
                NoTarget: noTarget,
                IsAll: IsAll,
                NeedL: _trip.Litres!.Value,
                Days: _trip.Days,
                Weights: _weights,
                Assumptions: Assume(),
                Working: offered.Count == 0 ? [] : Working(offered[0].Set)
            );
        }

        /// <summary>All that are not worse in every respect than another, the best first; each held against kit check itself.</summary>
        private List<(KitSet Set, int Mask)> Best(List<(KitSet Set, int Mask)> sets)
        {
            List<(KitSet Set, int Mask)> offered = [],
                nearest = [];
            foreach (var (found, mask) in sets.OrderBy(s => Precedence(s.Set)))
            {
                if (
                    offered.Count >= Offered
                    || nearest.Count >= MostChecked
                    || (offered.Count > 0 && found.Lacks.Count > offered[0].Set.Lacks.Count)
                )
                {
                    break;
                }

                if (offered.Exists(o => KitSteps.IsNoWorse(o.Set, found)))
                {
                    continue;
                }

                var set = Checked(found, mask);
                (set.Lacks.Count <= found.Lacks.Count ? offered : nearest).Add((set, mask));
            }

            // Where the plan made with each of them asks for more than any has, the one that lacks least is still told.
            return offered.Count > 0 ? offered : [.. nearest.OrderBy(n => Precedence(n.Set)).Take(Offered)];
        }

        /// <summary>
        /// What puts sets in order, the least first: what they lack, and of those that lack as much, water that nothing treats, failures
        /// that leave nothing, those that leave one way; then the steps.
        /// </summary>
        private static (int Lacks, bool HasGap, int LeavesNothing, int LeavesOne, double Steps, double MassKg, int Pieces) Precedence(
            KitSet set
        ) => (set.Lacks.Count, set.GapAt is not null, set.LeavesNothing.Count, set.LeavesOne.Count, set.Steps, set.MassKg, set.Ids.Count);

        /// <summary>
        /// What it lacks by kit check, which plans the trip with this very set; a first answer, of small sets alone, does without.
        /// </summary>
        private KitSet Checked(KitSet set, int mask)
        {
            if (!IsAll)
            {
                return set;
            }

            var kit = _others.Concat(Taken(mask).SelectMany(c => c.Entries)).ToList();
            var check = CheckKit.Compute(AsChecked(_request) with { Kit = kit });
            return set with
            {
                Lacks =
                [
                    .. check.Findings.Where(f => f.State != FindingState.Holds && Enum.IsDefined((MustHave)f.Number)).Select(f => f.Title),
                ],
            };
        }

        private List<Candidate> Taken(int mask) => [.. _open.Where((_, i) => (mask & (1 << i)) != 0)];

        private KitSet Of(int mask)
        {
            var taken = Taken(mask);
            var counted = _worst.Where(c => c.Chain.Counts && (c.Mask & ~mask) == 0).Select(c => c.Chain).ToList();
            var columns = FailureGrid.Over(counted).Select(g => g.Column).ToList();
            var melt = MeltNeed.Of(AsChecked(_request), _trip, [.. _others, .. taken.SelectMany(c => c.Entries)]);
            var covered = new SupplyBudget(counted, melt).Litres;
            var walked = _walk.Walk(mask);
            var work = walked.WorkMinutes / _trip.Days;
            List<string> lacks = [];
            void Lack(bool isLacking, MustHave what)
            {
                if (isLacking)
                {
                    lacks.Add(Findings.Title(what));
                }
            }

            Lack(counted.Count == 0, MustHave.Target);
            Lack(columns.Exists(c => !c.Holds), MustHave.Second);
            Lack(
                !melt.IsMet
                    || melt.IsUncounted
                    || covered < _trip.Litres!.Value * SupplyMargin.Factor
                    || walked.GapAt is not null
                    || walked.SomethingEnds,
                MustHave.Supplies
            );
            var set = new KitSet(
                Ids: [.. taken.Select(c => c.Id)],
                Names: [.. taken.Select(c => c.Name)],
                Lacks: lacks,
                MassKg: taken.Sum(c => c.Figures.MassKg!.Value),
                BulkL: taken.Sum(c => c.Figures.BulkL!.Value),
                Price: taken.Sum(c => c.Figures.Price!.Value),
                IsTypical: taken.Exists(c => c.Typical.Count > 0),
                WorkMinutesPerDay: work,
                WorkMinutesEach: work / _people,
                WaitMinutes: walked.WaitMinutes,
                WaitAt: walked.WaitAt ?? "",
                Taste: walked.Taste,
                TasteSteps: (int)walked.Taste,
                TasteWords: Sentence.Capital(ChainList.TasteWords(walked.Taste)),
                CoveredL: covered,
                GapAt: walked.GapAt,
                LitresToGap: walked.TreatedL,
                LeavesNothing: [.. columns.Where(c => c.Survivors == 0).Select(c => c.Name)],
                LeavesOne: [.. columns.Where(c => c.Survivors == 1).Select(c => c.Name)],
                Waste: Waste(walked),
                Mostly: walked.Ways.Count == 0 ? "" : walked.Ways.MaxBy(w => w.Value).Key,
                Steps: 0
            );
            return set with { Steps = KitSteps.Of(set, _weights) };
        }

        private string Waste(WalkedSet walked)
        {
            var parts = _walk
                .Used(walked)
                .Where(u => u.Used > 0)
                .Select(u =>
                    u.Entry.Item switch
                    {
                        ChemicalProduct { Product.Profile.Form: Chemistry.ProductForm.Tablet } =>
                            $"{Speaker.Number(Math.Ceiling(u.Used - 1e-9), 0)} empty foils",
                        Stove { IsOpenFire: false } stove when u.Entry.Left is { } left && u.Used > left * AlmostAll =>
                            $"an empty canister of {stove.Name}",
                        WaterFilter or UvLamp or Stove => null,
                        var item => $"{item!.Amount(u.Used, _say)} of {item.Name}",
                    }
                )
                .OfType<string>()
                .ToList();
            return parts.Count == 0 ? "nothing" : string.Join(", ", parts);
        }

        /// <summary>A canister with less than a tenth in it is empty to whoever packs for the next trip.</summary>
        private const double AlmostAll = 0.9;

        private static string Headline(List<(KitSet Set, int Mask)> offered)
        {
            if (offered.Count == 0)
            {
                return "Nothing of this reaches the target in the worst water";
            }

            var best = offered[0].Set;
            var names = string.Join(" + ", best.Names);
            return best.Lacks.Count == 0 ? names : $"No set is whole. Nearest: {names}";
        }

        private List<Assumption> Assume()
        {
            List<Assumption> all = [.. _assumptions];
            if (_request.HangPoints is null or Sources.YesNo.Unknown)
            {
                all.Add(new("hangPoints", "Whether there is anything to hang a bag from is not known: counted as nothing."));
            }

            if (_open.Exists(c => !c.Owned))
            {
                all.Add(
                    new(
                        "figures",
                        "What is not owned counts as it usually comes: a full pack, good until after the trip, "
                            + "at a middling price and mass. Check the label before you buy."
                    )
                );
            }

            return all;
        }

        private static IReadOnlyList<WorkingStep> Working(KitSet best)
        {
            var working = new Working();
            working.Add(
                "Steps of the best set",
                "mass/100 g + room/0.5 L + price/10 + work a day/5 min + longest wait/30 min + taste, each by its weight/2",
                "Pick: what is weighed alike",
                WorkingValue.Of("steps", best.Steps),
                WorkingValue.Of("mass", best.MassKg, "kg"),
                WorkingValue.Of("room", best.BulkL, "L"),
                WorkingValue.Of("price", best.Price),
                WorkingValue.Of("work a day", best.WorkMinutesPerDay, "min"),
                WorkingValue.Of("longest wait", best.WaitMinutes, "min")
            );
            return working.Steps;
        }

        /// <summary>Every set of 1 to so many of the open pieces.</summary>
        private static IEnumerable<int> Subsets(int open, int most)
        {
            for (var mask = open; mask > 0; mask = (mask - 1) & open)
            {
                if (BitOperations.PopCount((uint)mask) <= most)
                {
                    yield return mask;
                }
            }
        }
    }
}
