using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Learning;

/// <summary>The calculation "learn": planned against lived, and what the book proposes (handbook room 80).</summary>
public static class Learn
{
    private static readonly NumberField Offset = new("offsetMinutes", "Offset from UTC", Quantity.Plain, -840, 840, "The device gives it.");
    private static readonly InstantField NowField = new("now", "The time now");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [ChoiceField.Of<UnitSystem>("units", "Units"), Offset, NowField];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static LearnResponse Compute(LearnRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(NowField, request.Now);
        intake.Optional(Offset, request.OffsetMinutes);
        foreach (var entry in request.Kit ?? [])
        {
            entry.IsSound(intake);
        }

        foreach (var walker in request.Walkers ?? [])
        {
            walker.Walker.Check(intake);
        }

        foreach (var test in request.Tests ?? [])
        {
            test.Test.Check(intake);
        }

        intake.ThrowIfWrong();
        var plan = request.Plan is { } trip ? Plan.Compute(trip) : null;
        var book = new TripBook(request);
        var working = new Working();
        List<Proposal> proposals =
        [
            .. SweatLearning.Of(request, book, intake.Say, working),
            .. PaceLearning.Of(request, plan, book, working),
            .. SourceLearning.Of(request, book, intake.Say),
        ];
        return new LearnResponse(
            proposals.Count == 0 ? "Nothing new to learn" : $"{proposals.Count} {(proposals.Count == 1 ? "thing" : "things")} to take over",
            plan is null ? [] : [.. plan.Days.Select(d => Lived(d, PlannedStage.Of(plan, d), book))],
            Facts(book, request, intake.Say),
            proposals,
            working.Steps
        );
    }

    private static LivedDay Lived(PlanDay day, PlannedStage planned, TripBook book)
    {
        bool IsOfIt(BookLine line) => day.Date is { } date && book.DateOf(line) == date;
        List<double> used =
        [
            .. book.Of<Drank>().Where(IsOfIt).Select(d => d.Litres ?? 0),
            .. book.Of<Cooked>().Where(IsOfIt).Select(c => c.Litres ?? 0),
        ];
        return new LivedDay(
            day.Day,
            day.Date,
            day.WalkL + day.CampL,
            used.Count == 0 ? null : used.Sum(),
            planned.Hours,
            book.HoursWalked(day)
        );
    }

    private static List<LearntFact> Facts(TripBook book, LearnRequest request, Speaker say)
    {
        List<LearntFact> facts = [];
        var heated = book.Of<FuelBurnt>().Where(e => e.Litres > 0).ToList();
        if (heated.Count > 0)
        {
            var (fuel, litres) = (heated.Sum(e => e.FuelG ?? 0), heated.Sum(e => e.Litres!.Value));
            facts.Add(
                new(
                    "Fuel for a litre",
                    $"{say.Of(Quantity.FuelMass, fuel / litres)}: {say.Of(Quantity.FuelMass, fuel)} for {say.Of(Quantity.Volume, litres)}"
                )
            );
        }

        foreach (
            var service in book.Of<FilterServiced>()
                .Where(e => e.FlowLPerMin is not null)
                .GroupBy(e => e.ItemId)
                .Select(g => g.MaxBy(e => e.At)!)
        )
        {
            var item = request.Kit?.FirstOrDefault(k => k.Id == service.ItemId?.ToString())?.Item;
            var share = (item as WaterFilter)?.Filter?.RatedFlowLPerMin is { } rated
                ? $", {Speaker.Number(service.FlowLPerMin!.Value / rated * 100, 0)} % of new"
                : "";
            facts.Add(new($"Flow of {item?.Name ?? "the filter"}", $"{say.Of(Quantity.Flow, service.FlowLPerMin!.Value)}{share}"));
        }

        return facts;
    }
}
