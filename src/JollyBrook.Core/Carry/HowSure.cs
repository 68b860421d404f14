using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>The calculation "how-sure": the plan walked many times with what is not known drawn at random.</summary>
public static class HowSure
{
    /// <summary>Walks drawn where no other number is asked for.</summary>
    public const int DefaultRuns = 10_000;

    /// <summary>The seed they are drawn with where none is given: the same request gets the same answer.</summary>
    public const int DefaultSeed = 20_260_821;

    private static readonly Policy[] Others = [Policy.WhenUnderHalf, Policy.FixedLitres];

    private static readonly NumberField Runs = new("runs", "Simulated walks", Quantity.Plain, 100, 100_000, "10 000 are usual.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields =>
        [Runs, new NumberField("seed", "Seed", Quantity.Plain, 0, int.MaxValue, "Any whole number."), .. Plan.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static HowSureResponse Compute(HowSureRequest request) => Compute(request, CancellationToken.None);

    /// <exception cref="OperationCanceledException">Nobody waits for the answer any more.</exception>
    public static HowSureResponse Compute(HowSureRequest request, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(request);
        var plan = request.Plan ?? new PlanRequest(null, null);
        var intake = new Intake(Speaker.For(plan.Units));
        intake.Optional(Runs, request.Runs);
        intake.ThrowIfWrong();
        PlanSetup.Check(plan);

        var (runs, seed) = (request.Runs ?? DefaultRuns, (ulong)Math.Max(0, request.Seed ?? DefaultSeed));
        var walk = new Walks(plan, cancellation);
        var planned = walk.Tally(Policy.Plan, runs, seed);
        var places = Places(walk, planned);
        var worst = Enumerable.Range(0, places.Count).MaxBy(p => planned.Shorts[p]);
        var ever = planned.RunsShort > 0;
        var share = (double)planned.RunsShort / runs;
        return new HowSureResponse(
            Headline: Headline(share, walk.Setup.Certainty),
            ShortChance: share,
            ErrorOfChance: Math.Sqrt(share * (1 - share) / runs),
            Runs: runs,
            Places: places,
            WorstStretch: ever ? $"from {places[worst].Name} to {places[Math.Min(worst + 1, places.Count - 1)].Name}" : null,
            WorstHour: ever ? Enumerable.Range(0, 24).MaxBy(h => planned.ShortHours[h]) : null,
            Policies:
            [
                Result(Policy.Plan, planned, runs, intake.Say),
                .. (request.Compare == false ? [] : Others).Select(p => Result(p, walk.Tally(p, runs, seed), runs, intake.Say)),
            ],
            Working: Steps(walk, runs)
        );
    }

    private static string Headline(double share, double certainty) =>
        share switch
        {
            0 => "No simulated walk runs short",
            < PlanPromise.Rare => $"{char.ToUpperInvariant(PlanPromise.RareWords[0])}{PlanPromise.RareWords[1..]}",
            _ => PlanPromise.InHundred(share, certainty),
        };

    private static List<SimulatedPlace> Places(Walks walk, SimulationTally tally) =>
        [
            .. walk.Setup.Line.Places.Select(
                (p, k) =>
                    new SimulatedPlace(
                        p.Id,
                        p.FullName,
                        p.Step * walk.Setup.Ground.StepKm,
                        Of(q => tally.ArriveQuantile(k, q)),
                        Of(q => tally.LeaveQuantile(k, q)),
                        (double)tally.Shorts[k] / tally.Runs
                    )
            ),
        ];

    private static Spread Of(Func<double, double> quantile) => new(quantile(0.05), quantile(0.5), quantile(0.95));

    private static PolicyResult Result(Policy policy, SimulationTally tally, int runs, Speaker say) =>
        new(policy, Policies.Name(policy, say), (double)tally.RunsShort / runs, tally.KgKm / runs, tally.Minutes / runs);

    private static IReadOnlyList<WorkingStep> Steps(Walks walk, int runs)
    {
        var working = new Working();
        working.Add(
            "Drawn for each walk",
            "each walker's factor; pace; each day's temperature; each source",
            "handbook room 70: σ 12 % pace, 2.5 °C a day: picks",
            WorkingValue.Of("walks", runs),
            [
                WorkingValue.Of("σ of log factor", walk.Setup.Party.Spread().Max(s => s.Deviation)),
                WorkingValue.Of("σ of pace", WalkDraws.PaceDeviation),
                WorkingValue.Of("σ of temperature", WalkDraws.TemperatureDeviationC, "°C"),
                WorkingValue.Of("sources", walk.Sources),
            ]
        );
        return working.Steps;
    }

    private sealed class Walks
    {
        private readonly PlannedWalk _walk;
        private readonly CarrySimulation _simulation;
        private readonly PolicyWay _way;
        private readonly CancellationToken _cancellation;

        public Walks(PlanRequest plan, CancellationToken cancellation)
        {
            cancellation.ThrowIfCancellationRequested();
            _cancellation = cancellation;
            Setup = new PlanSetup(plan);
            _walk = PlanSolver.Solve(Setup);
            _way = new PolicyWay(Setup);
            _simulation = CarrySimulation.Of(Setup, _way);
        }

        public PlanSetup Setup { get; }

        public int Sources => Setup.Line.Places.Where(p => p.HasWater).DistinctBy(p => p.Id).Count();

        public SimulationTally Tally(Policy policy, int runs, ulong seed) =>
            _simulation.Run(Decision(policy), runs, seed, cancellation: _cancellation);

        private LeaveWith Decision(Policy policy)
        {
            var fixedL = Math.Min(Setup.CleanL, Policies.FixedLPerWalker * Setup.Party.Count);
            // A camp draws its own litres wherever it can.
            double? AtLeast(double wanted, int k, double hand) =>
                Math.Max(wanted, hand - _way.Problem.Places[k].NightL) is var leave && (leave > hand || _way.Problem.Places[k].NightL > 0)
                    ? leave
                    : null;
            return policy switch
            {
                Policy.Plan => _walk.Decide,
                Policy.WhenUnderHalf => (k, j, hand) =>
                    AtLeast(hand < Setup.CleanL / 2 ? _way.Problem.Places[k].Waters[j].CapacityL : 0, k, hand),
                _ => (k, j, hand) => AtLeast(Math.Min(_way.Problem.Places[k].Waters[j].CapacityL, fixedL), k, hand),
            };
        }
    }
}
