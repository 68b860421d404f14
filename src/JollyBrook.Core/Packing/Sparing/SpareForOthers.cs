using JollyBrook.Core.Barriers;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing.Sparing;

/// <summary>
/// The calculation "spare": what another party can be given for their need, as cards with dose, wait and cautions, and what remains for us
/// (handbook room 80, "Spare to give away").
/// </summary>
public static class SpareForOthers
{
    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => SpareFields.All;

    /// <exception cref="BadInputException">A field is out of its range, or neither plan nor litres are given.</exception>
    public static SpareResponse Compute(SpareRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var say = Speaker.For(request.Units);
        var intake = new Intake(say);
        var need = request.Need ?? new OthersNeed();
        intake.Optional(SpareFields.People, need.People);
        intake.Optional(SpareFields.Days, need.Days);
        intake.Optional(SpareFields.Water, need.WaterC);
        intake.Optional(SpareFields.Bottle, need.BottleL);
        intake.Optional(SpareFields.Along, request.AlongKm);
        intake.ThrowIfWrong();
        var ours = new KitCheckRequest(request.Units, request.Kit, Rest(request), request.Trip, request.CountViruses, request.Now);
        return new Giving(request, need.Filled, ours, CheckKit.TripOf(ours), say).Answer();
    }

    /// <summary>What is left of the trip; the whole of it before the walk, none past its finish.</summary>
    private static Carry.PlanRequest? Rest(SpareRequest request)
    {
        if (request.Plan is not { } plan || request.AlongKm is not { } km)
        {
            return request.Plan;
        }

        Carry.PlanSetup.Check(plan);
        return CutTrip.Of(plan, Math.Min(km, CutTrip.FurthestKm(plan.Route!)), 0).Request;
    }

    private sealed class Giving(SpareRequest request, OthersNeed need, KitCheckRequest ours, CheckedTrip trip, Speaker say)
    {
        private const double ColdC = 1;
        private readonly List<KitEntry> _kit = KitEntry.Carried(request.Kit);

        private double OursL => trip.Trip.Litres!.Value * SupplyMargin.Factor;

        /// <summary>Now, or the trip's first day: without a date no tablet is counted on.</summary>
        private DateTimeOffset? StartAt =>
            request.Now ?? (trip.Trip.FirstDay is { } first ? new DateTimeOffset(first, TimeOnly.MinValue, TimeSpan.Zero) : null);

        private double BottleL => need.BottleL!.Value;

        private double TheirL => Math.Ceiling((need.Litres / BottleL) - 1e-9) * BottleL;

        public SpareResponse Answer()
        {
            var now = Ours(_kit);
            List<SpareCard> cards = [.. Boil(), .. Tablets(now.Columns), .. Here(now.Counted)];
            List<SpareCard> inOrder =
            [
                .. cards
                    .OrderBy(c => c.IsTight)
                    .ThenByDescending(c => c.MeetsTarget)
                    .ThenByDescending(c => c.IsEnough)
                    .ThenBy(c => c.Kind)
                    .ThenBy(c => c.Amount),
            ];
            return new SpareResponse(Headline(inOrder), need, TheirL, OursL, inOrder, Assume());
        }

        private static string Headline(List<SpareCard> cards) =>
            cards switch
            {
                [] => "Nothing of ours can be spared: share treated water, and go out together",
                [{ Kind: SpareKind.Boil }, ..] => "They can boil their own",
                [{ Kind: SpareKind.Tablets, IsTight: true, Give: var give }, ..] =>
                    $"None to spare: with {give} given we have less than we should",
                [{ Kind: SpareKind.Tablets, Give: var give }, ..] => $"Give them {give}",
                [var here, ..] => $"Treat {here.Give} for them here",
            };

        private List<Assumption> Assume()
        {
            List<Assumption> all = [.. trip.Assumptions];
            if (need.HasClearWater is null or YesNo.Unknown)
            {
                all.Add(new("need.hasClearWater", "Whether their water is clear is not known: counted as cloudy."));
            }

            if (need.HasPot is null or YesNo.Unknown)
            {
                all.Add(new("need.hasPot", "Whether they can boil is not known: counted as not."));
            }

            if (need.WaterC is null)
            {
                all.Add(new("need.waterC", "How cold their water is, is not known: counted as near freezing."));
            }

            return all;
        }

        private WaterInput Water(double litres) =>
            new(
                litres,
                need.HasClearWater == YesNo.Yes ? Clarity.Clear : Clarity.Cloudy,
                need.HasClearWater == YesNo.Yes ? WaterColour.None : WaterColour.Unknown,
                need.WaterC ?? ColdC,
                trip.Trip.HighestM
            );

        /// <summary>Their own pot needs nothing of ours.</summary>
        private IEnumerable<SpareCard> Boil()
        {
            if (need.HasPot != YesNo.Yes)
            {
                yield break;
            }

            var boiled = Treat.Compute(new TreatRequest(request.Units, Water(BottleL), TreatmentMethods.Boil, request.CountViruses));
            yield return Card(SpareKind.Boil, "Boil it", TheirL, boiled, boiled.Headline, "") with
            {
                Remains = "Nothing of ours is given.",
            };
        }

        private IEnumerable<SpareCard> Tablets(IReadOnlyList<FailureColumn> now)
        {
            foreach (var entry in _kit.Where(e => e.Item is ChemicalProduct { Product.Profile.Form: ProductForm.Tablet } && e.Left >= 1))
            {
                var treated = Treat.Compute(
                    new TreatRequest(
                        request.Units,
                        Water(BottleL),
                        entry.Id,
                        request.CountViruses,
                        StartAt: StartAt,
                        Kit: [entry.WithPlenty]
                    )
                );
                if (treated.Outcome is TreatOutcome.Refused || treated.Dose is not { } dose)
                {
                    continue;
                }

                var each = Math.Ceiling(dose.Units - 1e-9);
                var wanted = each * Math.Round(TheirL / BottleL);
                var may = MostToSpare(entry, now, Math.Min(wanted, Math.Floor(entry.Left!.Value)));
                var isTight = may < each;
                // Where nothing can be spared by our own rule, a strip for the way out is still theirs to ask for, and ours to weigh.
                var given = Math.Floor((isTight ? Math.Min(wanted, Math.Floor(entry.Left!.Value)) : may) / each) * each;
                if (given < each)
                {
                    continue;
                }

                var left = entry.Left.Value - given;
                yield return Card(
                    SpareKind.Tablets,
                    entry.Item!.Name ?? "",
                    given / each * BottleL,
                    treated,
                    $"{entry.Item.Amount(each, say)} in each {say.Of(Quantity.Volume, BottleL)}",
                    $"Wait {Speaker.Minutes(treated.Steps.Where(s => s.Kind == StepKind.Contact).Sum(s => s.Minutes))} before drinking"
                ) with
                {
                    ItemId = entry.Id,
                    Give = entry.Item.Amount(given, say),
                    Amount = given,
                    IsTight = isTight,
                    LeftAfter = left,
                    Remains =
                        $"{entry.Item.Amount(left, say)} of {entry.Item.Amount(entry.Left.Value, say)} are left "
                        + $"for us: with the rest enough for {say.Of(Quantity.Volume, Covered(With(entry, left)))} "
                        + $"of the {say.Of(Quantity.Volume, OursL)} we should have.",
                };
            }
        }

        /// <summary>Water that we treat for them with what is not handed over.</summary>
        private IEnumerable<SpareCard> Here(List<CarriedChain> counted)
        {
            var budget = new SupplyBudget(counted, MeltNeed.Of(ours, trip.Trip, _kit));
            var left = budget.Litres - OursL;
            var (chain, share) = budget
                .Shares.Where(s => s.Chain.Barriers.All(b => b.Item is not ChemicalProduct))
                .Select(s => (s.Chain, s.Litres))
                .FirstOrDefault();
            if (chain is null)
            {
                yield break;
            }

            var litres = Math.Min(TheirL, Math.Floor(Math.Min(left, share)));
            if (litres < 1)
            {
                yield break;
            }

            var kit = chain.Pieces.Concat(_kit.Where(e => !Choosing.Candidate.Treats(e))).DistinctBy(e => e.Id).ToList();
            var treated = Treat.Compute(
                new TreatRequest(
                    request.Units,
                    Water(litres),
                    chain.Chain.Id,
                    request.CountViruses,
                    Boil: BoilingPot.Options(BoilingPot.Of(kit)),
                    StartAt: StartAt,
                    Container: BatchContainer.Of(kit),
                    Kit: kit
                )
            );
            if (treated.Outcome is not TreatOutcome.Meets || treated.DrinkableMinutes is not { } minutes)
            {
                yield break;
            }

            yield return Card(
                SpareKind.TreatHere,
                chain.Chain.Name,
                litres,
                treated,
                treated.Headline,
                $"Ready in {Speaker.Minutes(minutes)}"
            ) with
            {
                ItemId = chain.Barriers[0].Id,
                Give = say.Of(Quantity.Volume, litres),
                Remains =
                    $"It takes us {Speaker.Minutes(treated.HandsOnMinutes)} of work; "
                    + $"{say.Of(Quantity.Volume, budget.Litres - litres)} of what we can treat remain for the "
                    + $"{say.Of(Quantity.Volume, OursL)} we should have.",
            };
        }

        /// <summary>The most of it that leaves us no worse: all that we should have, and as many ways whatever fails.</summary>
        private double MostToSpare(KitEntry entry, IReadOnlyList<FailureColumn> now, double wanted)
        {
            bool IsFine(double given)
            {
                var kit = With(entry, entry.Left!.Value - given);
                var (after, counted) = Ours(kit);
                return new SupplyBudget(counted, MeltNeed.Of(ours, trip.Trip, kit)).Litres >= OursL - 1e-9
                    && after.Zip(now).All(c => c.First.Holds || !c.Second.Holds);
            }

            var (low, high) = (0.0, wanted);
            while (low < high)
            {
                var middle = Math.Ceiling((low + high) / 2);
                (low, high) = IsFine(middle) ? (middle, high) : (low, middle - 1);
            }

            return low;
        }

        private List<KitEntry> With(KitEntry entry, double left) => [.. _kit.Select(e => e.Id == entry.Id ? e with { Left = left } : e)];

        private double Covered(List<KitEntry> kit) => new SupplyBudget(Ours(kit).Counted, MeltNeed.Of(ours, trip.Trip, kit)).Litres;

        private (IReadOnlyList<FailureColumn> Columns, List<CarriedChain> Counted) Ours(List<KitEntry> kit)
        {
            var counted = CheckKit.ChainsOf(ours, trip.Trip, kit, trip.Trip.Litres!.Value / trip.Trip.Days).Where(c => c.Counts).ToList();
            return ([.. FailureGrid.Over(counted).Select(g => g.Column)], counted);
        }

        /// <summary>A card with what Treat says, for nothing given.</summary>
        private SpareCard Card(SpareKind kind, string title, double litres, TreatResponse treated, string dose, string wait)
        {
            List<string> steps =
            [
                .. treated
                    .Steps.Where(s => s.Kind is not StepKind.Drink && !s.Optional)
                    .Select(s => $"{s.Title}: {Sentence.Lower(s.Detail)}"),
            ];
            List<string> cautions = [.. treated.Cautions.Select(c => c.Message), .. treated.Storage ?? []];
            if (treated.ShortOf.Count > 0)
            {
                cautions.Insert(0, $"Falls short on {OrganismClasses.Spoken(treated.ShortOf)}: better than nothing, no more.");
            }

            if (kind == SpareKind.Tablets)
            {
                cautions.Add("The pack’s own label comes first. Not for anyone allergic to what is in it.");
            }

            IEnumerable<string> lines = [title, dose, wait, .. steps, .. cautions];
            return new SpareCard(
                Kind: kind,
                ItemId: null,
                Title: title,
                Give: "",
                Amount: 0,
                Litres: litres,
                IsEnough: litres >= TheirL - 1e-9,
                MeetsTarget: treated.ShortOf.Count == 0,
                Dose: dose,
                Wait: wait,
                Steps: steps,
                Cautions: cautions,
                Remains: "",
                IsTight: false,
                LeftAfter: null,
                Spoken: string.Join(". ", lines.Where(s => s.Length > 0).Select(s => s.TrimEnd('.'))) + "."
            );
        }
    }
}
