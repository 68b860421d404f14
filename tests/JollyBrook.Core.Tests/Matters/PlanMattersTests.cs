using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Matters;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Tests.Carry;

namespace JollyBrook.Core.Tests.Matters;

public class PlanMattersTests
{
    private static readonly DateTimeOffset Now = new(2026, 8, 20, 18, 0, 0, TimeSpan.Zero);

    private static MattersResponse Ask(PlanRequest request, params string[] told) =>
        WhatMatters.Compute(new MattersRequest(new PlanInQuestion(request), told));

    /// <summary>
    /// Twenty level kilometres with one water in the middle that may be dry: known to run it halves what is carried; known dry, all of it
    /// is carried from the start.
    /// </summary>
    [Fact]
    public void The_one_doubtful_water_in_the_middle_decides_what_is_carried()
    {
        var request = Routes.Level(20, ("Halfway", 10, 0.6)) with { Now = Now };

        var question = Ask(request).Questions.ShouldHaveSingleItem();

        question.Field.ShouldBe("sources.Halfway");
        question.CountedAs.ShouldBe("runs with 60 %");
        var running = question.Tried.Single(t => t.Id == "flowing").Stake;
        running.Kind.ShouldBe(StakeKind.Dose);
        running.IsWorse.ShouldBeFalse();
        question.Tried.Single(t => t.Id == "dry").Stake.Kind.ShouldBe(StakeKind.Nothing, "it was not counted on");
    }

    [Fact]
    public void A_sure_water_and_one_that_is_not_used_are_nothing_to_find_out()
    {
        var request = Routes.Level(20, ("Sure", 10, 0.99)) with { Now = Now };
        var closed = request.Sources![0] with { Source = request.Sources[0].Source with { Chance = 0.5, DoNotUse = true } };

        Ask(request).Questions.ShouldBeEmpty();
        Ask(request with { Sources = [closed] }).Questions.ShouldBeEmpty();
    }

    [Fact]
    public void What_was_found_out_today_is_not_asked_again() =>
        Ask(Routes.Level(20, ("Halfway", 10, 0.6)) with { Now = Now }, "sources.Halfway").Questions.ShouldBeEmpty();

    /// <summary>What is said of a report is what the plan itself says with that report in it.</summary>
    [Fact]
    public void A_report_changes_what_the_plan_says_it_changes() =>
        GeneratedTrips.Any.Sample(
            trip =>
            {
                var request = trip with { Now = Now, Route = trip.Route! with { Certainty = 0.9 } };
                var before = Plan.Compute(request);
                foreach (var question in Ask(request).Questions)
                {
                    foreach (var tried in question.Tried)
                    {
                        var then = Plan.Compute(
                            request with
                            {
                                Sources =
                                [
                                    .. request.Sources!.Select(e =>
                                        $"sources.{e.Id}" != question.Field
                                            ? e
                                            : e with
                                            {
                                                Source = e.Source with
                                                {
                                                    Chance = null,
                                                    ReportedFlowing = tried.Id == "flowing",
                                                    ReportedAt = Now,
                                                },
                                            }
                                    ),
                                ],
                            }
                        );
                        (tried.Stake.Kind == StakeKind.Verdict).ShouldBe(then.Feasible != before.Feasible);
                        if (tried.Stake.Kind == StakeKind.Nothing)
                        {
                            then.MostCarriedL.ShouldBe(before.MostCarriedL, 0.25 + 1e-9);
                            then.Promise.Kept.ShouldBe(before.Promise.Kept);
                        }
                    }
                }
            },
            iter: 25
        );
}
