using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Learning;

/// <summary>
/// A day on which someone was weighed twice is a sweat test: mass lost, drunk and passed in between. Weighed more often, it is between the
/// two that show the most sweat: the others were at rest.
/// </summary>
internal static class SweatLearning
{
    private const double ShortestH = 0.25;

    public static IEnumerable<Proposal> Of(LearnRequest request, TripBook book, Speaker say, Working working)
    {
        var school = request.Plan?.Route?.Sweat ?? SweatSchool.Gonzalez2009;
        foreach (var (id, walker) in request.Plan?.Walkers ?? request.Walkers ?? [])
        {
            var known = (request.Plan?.Tests ?? request.Tests ?? []).Where(t => t.Test.WalkerId?.ToString() == id).ToList();
            var masses = book.Of<BodyWeighed>().Where(e => e.WalkerId?.ToString() == id);
            foreach (var day in masses.GroupBy(book.DateOf).OrderBy(g => g.Key))
            {
                var tests = Pairs([.. day.OrderBy(m => m.At)])
                    .Select(p => Test(p.Before, p.After, walker, book, request.Plan?.Route))
                    .Select(t => (Test: t, Result: SweatTestResult.Of(t, school, say)))
                    .Where(t => t.Result.Accepted)
                    .ToList();
                if (tests.Count == 0)
                {
                    continue;
                }

                var (test, result) = tests.MaxBy(t => t.Result.SweatLPerH);
                if (known.Exists(t => t.Test.At == test.At))
                {
                    continue;
                }

                var before = Sweat.FactorOf(known, school);
                var after = Sweat.FactorOf([.. known, new SweatTestEntry("new", test)], school);
                working.Add(
                    $"{walker.Name}: sweat factor",
                    "mean of log k: Σ log r/0.15² ÷ (1/0.35² + n/0.15²)",
                    "Handbook room 60",
                    WorkingValue.Of("k", after.K),
                    WorkingValue.Of("r", result.Ratio!.Value),
                    WorkingValue.Of("tests before", known.Count),
                    WorkingValue.Of("k before", before.K),
                    WorkingValue.Of("loss", result.LossL, "L"),
                    WorkingValue.Of("hours", test.Hours!.Value)
                );
                yield return new Proposal(
                    Id: $"sweat-{id}-{day.Key:yyyyMMdd}",
                    Kind: ProposalKind.SweatFactor,
                    Title: $"{walker.Name}: sweat",
                    Before: Factor(before),
                    After: Factor(after),
                    Why: $"{Speaker.Day(day.Key)}: {Weighed(test, say)}: "
                        + $"{say.Of(Quantity.Volume, result.SweatLPerH)} of sweat an hour against "
                        + $"{say.Of(Quantity.Volume, result.PredictedLPerH)} predicted.",
                    RecordId: id,
                    Test: test
                );
            }
        }
    }

    /// <summary>"80 kg before, 79 kg after, 1 L drunk, 0.2 L passed in 3 h"</summary>
    private static string Weighed(SweatTest test, Speaker say)
    {
        string Litres(double? litres) => say.Of(Quantity.Volume, litres ?? 0);
        string Mass(double kg) => say.Of(Quantity.KitMass, kg);
        return $"{Mass(test.BeforeKg!.Value)} before, {Mass(test.AfterKg!.Value)} after, {Litres(test.DrunkL)} drunk, "
            + $"{Litres(test.UrineL)} passed in {Speaker.Minutes(test.Hours!.Value * 60)}";
    }

    private static string Factor(PersonalFactor factor) =>
        $"× {Speaker.Number(factor.K, 2)} ({Speaker.Number(factor.Low, 2)} to {Speaker.Number(factor.High, 2)})";

    /// <summary>Each weighing of a day with the next, far enough apart to tell anything.</summary>
    private static IEnumerable<(BodyWeighed Before, BodyWeighed After)> Pairs(List<BodyWeighed> masses) =>
        masses.Zip(masses.Skip(1)).Where(p => HoursBetween(p.First, p.Second) >= ShortestH);

    private static bool Overlaps(StageWalked stage, BodyWeighed first, BodyWeighed last) =>
        stage.At > first.At && stage.At!.Value.AddHours(-(stage.Hours ?? 0)) < last.At;

    private static double HoursBetween(BodyWeighed first, BodyWeighed last) => (last.At!.Value - first.At!.Value).TotalHours;

    private static SweatTest Test(BodyWeighed first, BodyWeighed last, Walker walker, TripBook book, TripRoute? route)
    {
        var gap = HoursBetween(first, last);
        var date = book.DateOf(first);
        var isOnlyPair = book.Of<BodyWeighed>().Count(m => m.WalkerId == first.WalkerId && book.DateOf(m) == date) == 2;
        var stage = book.Stages.FirstOrDefault(e => book.DateOf(e) == date && (isOnlyPair || Overlaps(e, first, last)));
        var hours = stage?.Hours is { } walked && walked < gap ? walked : gap;
        bool Between(BookLine line, Guid? whose) => line.At > first.At && line.At <= last.At && whose == first.WalkerId;
        // What is not told of the stage is the plan's.
        var effort = Effort.Default.With(route is null ? null : DaysWalk.EffortOn(route, date)).With(stage?.Effort);
        return new SweatTest(
            WalkerId: first.WalkerId,
            At: last.At,
            Hours: hours,
            BeforeKg: first.MassKg,
            AfterKg: last.MassKg,
            DrunkL: book.Of<Drank>().Where(d => Between(d, d.WalkerId)).Sum(d => d.Litres ?? 0),
            UrineL: book.Of<UrinePassed>().Where(u => Between(u, u.WalkerId)).Sum(u => u.Litres ?? 0),
            EatenKg: 0,
            Effort: effort,
            HeightCm: walker.HeightCm,
            Acclimatised: walker.Acclimatised,
            Worn: walker.Worn,
            PackKg: walker.PackKg
        );
    }
}
