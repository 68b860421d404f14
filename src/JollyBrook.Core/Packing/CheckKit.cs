using JollyBrook.Core.Barriers;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Packing;

/// <summary>The calculation "kit-check": whether a kit is enough for a trip (handbook room 80).</summary>
public static class CheckKit
{
    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        .. KitTrip.Fields,
        .. KitItem.Fields,
    ];

    /// <exception cref="BadInputException">A field is out of its range, or neither plan nor litres are given.</exception>
    public static KitCheckResponse Compute(KitCheckRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = Check(request);
        var (trip, _, plan, assumptions) = Filled(request);
        return Answer(request, trip, KitEntry.Carried(request.Kit), plan, assumptions, intake.Say);
    }

    private static Intake Check(KitCheckRequest request)
    {
        var intake = new Intake(Speaker.For(request.Units));
        var told = request.Trip ?? new KitTrip();
        told.Check(intake);
        if (request.Plan is null && told.Litres is null)
        {
            intake.Required(KitTrip.LitresField, null);
        }

        intake.ThrowIfWrong();
        return intake;
    }

    /// <summary>What a trip asks of any kit.</summary>
    /// <exception cref="BadInputException">A field is out of its range, or neither plan nor litres are given.</exception>
    internal static CheckedTrip TripOf(KitCheckRequest request)
    {
        Check(request);
        return Filled(request);
    }

    private static CheckedTrip Filled(KitCheckRequest request)
    {
        List<Assumption> assumptions = [];
        var run = request.Plan is { } route
            ? PlanRun.Of(route with { Kit = route.Kit ?? request.Kit, CountViruses = route.CountViruses ?? request.CountViruses })
            : null;
        var plan = run is null ? null : Plan.Of(run);
        var today = request.Now is { } now ? DateOnly.FromDateTime(now.DateTime) : (DateOnly?)null;
        return new CheckedTrip(
            TripNeeds.Fill(request.Trip ?? new KitTrip(), request.Plan?.Sources, plan, today, assumptions),
            run,
            plan,
            assumptions
        );
    }

    private static KitCheckResponse Answer(
        KitCheckRequest request,
        KitTrip trip,
        List<KitEntry> kit,
        PlanResponse? plan,
        IReadOnlyList<Assumption> assumptions,
        Speaker say
    )
    {
        var dayL = trip.Litres!.Value / trip.Days;
        // In the order of Treat's own list.
        var chains = ChainsOf(request, trip, kit, dayL);
        var counted = chains.Where(c => c.Counts).ToList();
        var grid = FailureGrid.Over(counted);
        var columns = grid.Select(g => g.Column).ToList();
        var melt = MeltNeed.Of(request, trip, kit);
        var budget = new SupplyBudget(counted, melt);
        var findings = new Findings(
            trip: trip,
            kit: kit,
            chains: chains,
            columns: columns,
            budget: budget,
            planned: plan?.Supplies ?? [],
            say: say
        )
        {
            Melt = melt,
        }.All();
        var wrong = findings.Where(f => f.State != FindingState.Holds).ToList();
        return new KitCheckResponse(
            Headline: wrong.Count == 0 ? "The kit is enough" : $"{wrong.Count} of 7 to mend before you leave",
            Enough: wrong.Count == 0,
            Trip: trip,
            Findings: findings,
            Columns: columns,
            Chains:
            [
                .. chains
                    .OrderBy(c => c.Counts ? 0 : 1)
                    .Select(c => new ChainInKit(
                        Id: c.Chain.Id,
                        Name: c.Chain.Name,
                        Headline: c.Chain.Headline,
                        Counts: c.Counts,
                        Why: c.Why,
                        Litres: double.IsInfinity(c.Litres) ? null : c.Litres,
                        WeightKg: c.WeightKg,
                        WeightKnown: c.WeightKnown,
                        Survives: [.. grid.Select(g => g.Stands(c))]
                    )),
            ],
            Spare: Spare(trip, budget, say),
            Assumptions: assumptions,
            Working: Working(trip, budget, dayL)
        );
    }

    /// <summary>Every chain of a kit in the trip's worst water.</summary>
    internal static List<CarriedChain> ChainsOf(KitCheckRequest request, KitTrip trip, List<KitEntry> kit, double dayL)
    {
        var pot = BoilingPot.Of(kit);
        var situation = Situation.Of(WorstWater(request, trip, kit, CarriedChain.BasisL));
        return
        [
            .. Chains
                .All(situation)
                // Only what is carried: neither the generic methods nor the sun, which no one can promise.
                .Select(chain => (chain, pieces: chain.Barriers.Select(b => kit.Find(e => e.Id == b.Id)).ToList()))
                .Where(c => c.pieces.TrueForAll(p => p is not null))
                .Where(c => pot is not null || c.chain.Barriers.All(b => b.Stage != BarrierStage.Heat))
                .Select(c => new CarriedChain(
                    c.chain,
                    [.. c.pieces.Select(p => p!)],
                    c.chain.Barriers.Any(b => b.Stage == BarrierStage.Heat) ? pot : null,
                    dayL,
                    Speaker.For(request.Units)
                )),
        ];
    }

    /// <summary>Treat's question about so many litres of the trip's worst water on its last day.</summary>
    internal static TreatRequest WorstWater(KitCheckRequest request, KitTrip trip, IReadOnlyList<KitEntry> kit, double litres) =>
        new(
            request.Units,
            new WaterInput(
                Math.Clamp(litres, WaterFields.Volume.Min, WaterFields.Volume.Max),
                trip.WorstClarity,
                trip.Colour,
                trip.ColdestWaterC,
                trip.HighestM
            ),
            null,
            request.CountViruses,
            Boil: BoilingPot.Options(BoilingPot.Of(kit)),
            StartAt: trip.LastDay is { } last ? new DateTimeOffset(last, TimeOnly.MinValue, TimeSpan.Zero) : null,
            Container: BatchContainer.Of(kit),
            Sky: new SkyInput(trip.ColdestAirC),
            Kit: kit
        );

    private static List<SpareWater> Spare(KitTrip trip, SupplyBudget budget, Speaker say)
    {
        var left = budget.Litres - (trip.Litres!.Value * SupplyMargin.Factor);
        List<SpareWater> spare = [];
        foreach (var (chain, litres) in budget.Shares.Reverse())
        {
            var given = Math.Floor(Math.Min(left, litres));
            if (given >= 1)
            {
                spare.Add(new(chain.Chain.Name, given, $"{say.Of(Quantity.Volume, given)} by {Sentence.Lower(chain.Chain.Name)}"));
                left -= given;
            }
        }

        return spare;
    }

    private static IReadOnlyList<WorkingStep> Working(KitTrip trip, SupplyBudget budget, double dayL)
    {
        var working = new Working();
        working.Add(
            "A day’s water",
            "litres/days",
            "Handbook room 80",
            WorkingValue.Of("day", dayL, "L"),
            WorkingValue.Of("litres", trip.Litres!.Value, "L"),
            WorkingValue.Of("days", trip.Days)
        );
        foreach (var (chain, litres) in budget.Shares)
        {
            working.Add(
                $"Enough for: {chain.Chain.Name}",
                "min over its supplies of left/used × batch, less what the chains before it take",
                "Doses of the worst water; batch of 2 L (pick)",
                WorkingValue.Of("litres", litres, "L"),
                [
                    .. chain
                        .Chain.Results.SelectMany(r => r.Supplies)
                        .Select(s => WorkingValue.Of(s.Words, s.Left is { } left ? $"{Speaker.Number(left, 1)} left" : "left not known")),
                ]
            );
        }

        working.Add(
            "Wanted",
            $"planned × {Speaker.Number(SupplyMargin.Factor, 2)}",
            "Handbook room 80",
            WorkingValue.Of("wanted", trip.Litres.Value * SupplyMargin.Factor, "L"),
            WorkingValue.Of("all chains", budget.Litres, "L")
        );
        return working.Steps;
    }
}
