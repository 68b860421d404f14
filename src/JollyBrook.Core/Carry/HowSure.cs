using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>The calculation "how-sure": the plan walked many times with what is not known drawn at random.</summary>
public static class HowSure
{
    public const int DefaultRuns = 10_000;
    public const int DefaultSeed = 20_260_821;
    private const int ReserveRuns = 2_000;
    private const double ReserveStepL = 0.25;

    private static readonly Policy[] Others = [Policy.WhenUnderHalf, Policy.FixedLitres];

    private static readonly NumberField Runs = new("runs", "Simulated walks", Quantity.Plain, 100, 100_000, "10 000 are usual.");
    private static readonly NumberField Target = new("target", "Wanted chance of running short", Quantity.Share, 0.001, 0.5, "5 % is usual.");

    public static IReadOnlyList<Field> Fields =>
        [Runs, Target, new NumberField("seed", "Seed", Quantity.Plain, 0, int.MaxValue, "Any whole number."), .. Plan.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static HowSureResponse Compute(HowSureRequest request) => Compute(request, CancellationToken.None);

    /// <exception cref="OperationCanceledException">Nobody waits for the answer any more.</exception>
    public static HowSureResponse Compute(HowSureRequest request, CancellationToken cancellation)
    {
        ArgumentNullException.ThrowIfNull(request);
        var plan = request.Plan ?? new PlanRequest(null, null);
        var intake = new Intake(Speaker.For(plan.Units));
        intake.Optional(Runs, request.Runs);
        intake.Optional(Target, request.Target);
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
            Headline(share), share, Math.Sqrt(share * (1 - share) / runs), runs, places,
            ever ? $"from {places[worst].Name} to {places[Math.Min(worst + 1, places.Count - 1)].Name}" : null,
            ever ? Enumerable.Range(0, 24).MaxBy(h => planned.ShortHours[h]) : null,
            [Result(Policy.Plan, planned, runs), .. (request.Compare == false ? [] : Others).Select(p => Result(p, walk.Tally(p, runs, seed), runs))],
            request.Target is { } target ? Reserve(plan, target, seed, cancellation) : null,
            Steps(walk, runs));
    }

    private static string Headline(double share) => share switch
    {
        0 => "No simulated walk runs dry",
        < 0.005 => "Fewer than 1 walk in 200 runs dry",
        _ => $"{Speaker.Number(Math.Ceiling(share * 100), 0)} walks in 100 run dry",
    };

    private static List<SimulatedPlace> Places(Walks walk, SimulationTally tally) =>
    [
        .. walk.Setup.Line.Places.Select((p, k) => new SimulatedPlace(
            p.Id, p.FullName, p.Step * walk.Setup.Ground.StepKm, Of(q => tally.ArriveQuantile(k, q)), Of(q => tally.LeaveQuantile(k, q)),
            (double)tally.Shorts[k] / tally.Runs)),
    ];

    private static Spread Of(Func<double, double> quantile) => new(quantile(0.05), quantile(0.5), quantile(0.95));

    private static PolicyResult Result(Policy policy, SimulationTally tally, int runs) =>
        new(policy, Policies.Name(policy), (double)tally.RunsShort / runs, tally.KgKm / runs, tally.Minutes / runs);

    /// <summary>More reserve never makes short more likely, so the smallest that is enough is found by halving, to a quarter litre.</summary>
    private static ReserveFor Reserve(PlanRequest plan, double target, ulong seed, CancellationToken cancellation)
    {
        var most = (int)Math.Floor(new PlanSetup(plan).CleanL / ReserveStepL);
        Walks With(int steps) => new(plan with { Route = plan.Route! with { ReserveL = steps * ReserveStepL } }, cancellation);
        double ShortWith(int steps) => (double)With(steps).Tally(Policy.Plan, ReserveRuns, seed).RunsShort / ReserveRuns;
        // Reserve that leaves no plan feasible helps nobody.
        while (most > 0 && !With(most).IsFeasible)
        {
            most = most > 8 ? most * 3 / 4 : most - 1;
        }

        var (low, high) = (0, most);
        var best = ShortWith(high);
        var say = Speaker.For(plan.Units);
        var aim = $"{Speaker.Number((1 - target) * 100, 1)} % sure";
        if (best > target)
        {
            return new ReserveFor(
                false, high * ReserveStepL, best,
                $"No reserve that can be carried makes it {aim}: with {say.Of(Quantity.Volume, high * ReserveStepL)} still {Speaker.Number(Math.Ceiling(best * 1000) / 10, 1)} % run dry. A source that may fail, or too little room, is behind it.");
        }

        while (low < high)
        {
            var middle = (low + high) / 2;
            var share = ShortWith(middle);
            if (share <= target)
            {
                (high, best) = (middle, share);
            }
            else
            {
                low = middle + 1;
            }
        }

        return new ReserveFor(true, high * ReserveStepL, best, $"{aim} with a reserve of {say.Of(Quantity.Volume, high * ReserveStepL)}");
    }

    private static IReadOnlyList<WorkingStep> Steps(Walks walk, int runs)
    {
        var working = new Working();
        working.Add(
            "Drawn for each walk", "each walker's factor; pace; each day's temperature; each source", "handbook room 70: σ 12 % pace, 2.5 °C a day: picks",
            WorkingValue.Of("walks", runs),
            [
                WorkingValue.Of("σ of log factor", walk.Setup.Party.Spread().Max(s => s.Deviation)), WorkingValue.Of("σ of pace", WalkDraws.PaceDeviation),
                WorkingValue.Of("σ of temperature", WalkDraws.TemperatureDeviationC, "°C"), WorkingValue.Of("sources", walk.Route.Chance.Length),
            ]);
        return working.Steps;
    }

    private sealed class Walks
    {
        private readonly CarrySimulation _simulation;
        private readonly CancellationToken _cancellation;

        public Walks(PlanRequest plan, CancellationToken cancellation)
        {
            cancellation.ThrowIfCancellationRequested();
            _cancellation = cancellation;
            Setup = new PlanSetup(plan, forSimulation: true);
            var (solution, _) = PlanSolver.Solve(Setup);
            IsFeasible = solution.IsFeasible;
            Route = SimulatedRoute.Of(Setup, solution);
            var (spread, days) = (Setup.Party.Spread(), Setup.Line.Timeline.Days.Count);
            _simulation = new CarrySimulation(Route, () => new WalkDraws(spread, days, Route.Chance), Setup.CleanL, Setup.Party.Count);
        }

        public PlanSetup Setup { get; }

        public SimulatedRoute Route { get; }

        public bool IsFeasible { get; }

        public SimulationTally Tally(Policy policy, int runs, ulong seed) => _simulation.Run(policy, runs, seed, _cancellation);
    }
}
