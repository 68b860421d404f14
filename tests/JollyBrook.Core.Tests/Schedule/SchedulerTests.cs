using CsCheck;
using JollyBrook.Core.Schedule;

namespace JollyBrook.Core.Tests.Schedule;

/// <summary>The clock line by itself: what may never happen, and how near it comes to the best there is.</summary>
public class SchedulerTests(ITestOutputHelper output)
{
    private static readonly string[] Things = ["filter", "burner", "lamp"];
    private static readonly string[] Bottles = ["a", "b", "c", "d", "e", "f"];

    private static readonly Gen<Segment> AnySegment = Gen.Select(Gen.Int[1, 40], Gen.Bool, (minutes, hands) =>
        new Segment("s", hands ? Math.Min(minutes, 15) : minutes * 3, hands)
    );

    private static readonly Gen<Block> AnyBlock = Gen.Select(
        AnySegment.Array[1, 2],
        Gen.Frequency((2, Gen.Const(Array.Empty<string>())), (3, Gen.Int[0, 2].Select(t => new[] { Things[t] }))),
        (segments, equipment) => new Block(segments, equipment)
    );

    private static Gen<ShopProblem> Problems(int mostJobs, int mostBlocks, bool quiet) =>
        Gen.Select(
            Gen.Select(
                AnyBlock.Array[1, mostBlocks],
                Gen.Int[0, 5].Select(b => Bottles[b]),
                Gen.Int[60, 600],
                Gen.Int[0, 40],
                Gen.Bool
            ).Array[1, mostJobs],
            Gen.Int[1, 2],
            Gen.Int[30, 200],
            (jobs, people, rest) =>
                new ShopProblem(
                    [.. jobs.Select((j, i) => new Job($"j{i}", j.Item1, j.Item2, j.Item3, j.Item4, j.Item5 ? j.Item3 : 0))],
                    people,
                    quiet ? [(rest, rest + 90)] : []
                )
        );

    [Fact]
    public void Nothing_is_double_booked_out_of_order_or_before_its_time() =>
        Problems(14, 3, quiet: true)
            .Sample(
                problem =>
                {
                    var solution = Scheduler.Solve(problem);
                    Sound(problem, solution);
                },
                iter: 300
            );

    [Fact]
    public void The_same_day_gives_the_same_schedule() =>
        Problems(8, 3, quiet: false)
            .Sample(
                problem => Scheduler.Solve(problem).Starts.SelectMany(s => s).ShouldBe(Scheduler.Solve(problem).Starts.SelectMany(s => s)),
                iter: 30
            );

    [Fact]
    public void A_small_day_is_late_only_when_it_cannot_be_helped_and_ends_within_a_tenth_of_the_soonest()
    {
        var (cases, ratio, late, missed) = (0, 0.0, 0, new List<string>());
        Problems(4, 2, quiet: true)
            .Sample(
                problem =>
                {
                    var best = ConstraintSchedule.Best(problem);
                    var found = Scheduler.Solve(problem);
                    Sound(problem, found);
                    lock (missed)
                    {
                        cases++;
                        if (best.Late > 0)
                        {
                            late++;
                            found.LateMinutes(problem).ShouldBeGreaterThanOrEqualTo(best.Late);
                        }
                        else if (found.LateMinutes(problem) > 0)
                        {
                            missed.Add($"{found.LateMinutes(problem)} min");
                        }
                        else
                        {
                            ratio += (double)found.Makespan / Math.Max(1, best.Makespan);
                        }
                    }
                },
                iter: 250
            );
        output.WriteLine(
            $"{cases} days, {late} that no schedule can keep; the others end at {ratio / Math.Max(1, cases - late):0.000} of the soonest"
        );
        missed.ShouldBeEmpty();
        (ratio / (cases - late)).ShouldBeInRange(1 - 1e-9, 1.10);
    }

    [Fact]
    public void Two_people_boil_and_filter_at_once_and_one_does_them_in_turn()
    {
        // 10 min of boiling on the burner, 6 min at the filter.
        Job[] jobs = [new("boil", [Hands(10, "burner")], "a", 60), new("filter", [Hands(6, "filter")], "b", 60)];
        Scheduler.Solve(new(jobs, 2, [])).Makespan.ShouldBe(10);
        Scheduler.Solve(new(jobs, 1, [])).Makespan.ShouldBe(16);
    }

    [Fact]
    public void Hands_are_free_while_tablets_work()
    {
        // 5 min dosing, 30 min contact; meanwhile 12 min of filtering: ready after 35, not 47.
        Job[] jobs =
        [
            new("dose", [new Block([new("dose", 5, true), new("contact", 30, false)], [])], "a", 60),
            new("filter", [Hands(12, "filter")], "b", 60),
        ];
        Scheduler.Solve(new(jobs, 1, [])).Makespan.ShouldBe(35);
    }

    [Fact]
    public void A_bottle_that_is_kept_until_morning_is_not_filled_again()
    {
        // Filled by minute 5 and kept until 300: the same bottle serves again only then.
        Job[] jobs = [new("night", [Hands(5)], "a", 5, HoldUntil: 300), new("more", [Hands(5)], "a", 400)];
        var found = Scheduler.Solve(new(jobs, 1, []));
        found.Starts[1][0].ShouldBe(300);
    }

    private static Block Hands(int minutes, params string[] equipment) => new([new Segment("work", minutes, true)], equipment);

    private static void Sound(ShopProblem problem, ShopSolution solution)
    {
        List<(string Thing, int From, int Until)> held = [];
        for (var j = 0; j < problem.Jobs.Count; j++)
        {
            var job = problem.Jobs[j];
            var at = job.NotBefore;
            for (var b = 0; b < job.Blocks.Count; b++)
            {
                solution.Starts[j][b].ShouldBeGreaterThanOrEqualTo(at);
                at = solution.Starts[j][b] + job.Blocks[b].Minutes;
                held.AddRange(job.Blocks[b].Equipment.Select(id => (id, solution.Starts[j][b], at)));
            }

            solution.Ready[j].ShouldBe(at);
            held.Add(("bottle " + job.Container, solution.Starts[j][0], Math.Max(at, job.HoldUntil)));
        }

        foreach (var thing in held.GroupBy(h => h.Thing))
        {
            var inOrder = thing.OrderBy(h => h.From).ThenBy(h => h.Until).ToList();
            for (var i = 1; i < inOrder.Count; i++)
            {
                inOrder[i].From.ShouldBeGreaterThanOrEqualTo(inOrder[i - 1].Until, $"{thing.Key} is used twice at once");
            }
        }

        var work = HandsBoard.Stretches(problem, solution).ToList();
        foreach (var piece in work)
        {
            work.Count(w => w.From <= piece.From && w.Until > piece.From).ShouldBeLessThanOrEqualTo(problem.People);
            problem.Quiet.ShouldAllBe(q => piece.Until <= q.From || piece.From >= q.Until);
        }

        // Everybody's own stretches follow one another.
        var hands = HandsBoard.Of(problem, solution);
        Enumerable.Range(1, problem.People).SelectMany(hands.Of).Count().ShouldBe(work.Count);
    }
}
