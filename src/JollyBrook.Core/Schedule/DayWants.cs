using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Schedule;

/// <summary>A day of a trip whose water is to be scheduled.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Plan">The trip.</param>
/// <param name="Day">Which day, from 0.</param>
/// <param name="OffsetMinutes">The clock's offset from UTC there, min.</param>
public sealed record DayWantsRequest(UnitSystem? Units, PlanRequest? Plan, double? Day, double? OffsetMinutes = null);

/// <summary>What a day asks for.</summary>
/// <param name="From">When the first of it is at hand: arriving at camp, or the day's start.</param>
/// <param name="Wants">Litres by time.</param>
/// <param name="People">How many walk.</param>
/// <param name="ElevationM">Where the water is treated, m.</param>
/// <param name="LowC">The night's cold, °C.</param>
public sealed record DayWantsResponse(DateTimeOffset From, IReadOnlyList<WantedWater> Wants, double People, double? ElevationM, double? LowC);

/// <summary>The calculation "day-wants": what the plan wants ready on an evening and by the next start.</summary>
public static class DayWants
{
    /// <summary>A meal is cooked so long after arriving, h (pick).</summary>
    private const double CookingAfterH = 1.5;

    /// <summary>Breakfast is so long before leaving, h (pick).</summary>
    private const double BreakfastBeforeH = 1;

    private static readonly NumberField DayField = new("day", "Day of the trip", Quantity.Plain, 0, 60, "Choose one of its days.");
    private static readonly NumberField Offset = new("offsetMinutes", "Offset from UTC", Quantity.Plain, -840, 840, "The device gives it.");
    private static readonly ChoiceField PlanField = new("plan", "Trip", ["a trip with a route"]);

    public static readonly IReadOnlyList<Field> Fields = [ChoiceField.Of<UnitSystem>("units", "Units"), DayField, Offset, PlanField];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static DayWantsResponse Compute(DayWantsRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(PlanField, request.Plan);
        intake.Required(DayField, request.Day);
        intake.Optional(Offset, request.OffsetMinutes);
        intake.ThrowIfWrong();
        var plan = Plan.Compute(request.Plan!);
        var index = Math.Min((int)request.Day!.Value, plan.Days.Count - 1);
        var day = plan.Days[index];
        var date = day.Date ?? DateOnly.FromDateTime((request.Plan!.Now ?? DateTimeOffset.UnixEpoch).DateTime);
        DateTimeOffset At(int days, double hour) =>
            new DateTimeOffset(date.AddDays(days), TimeOnly.MinValue, TimeSpan.FromMinutes(request.OffsetMinutes ?? 0)).AddMinutes(Math.Round(hour * 60));
        List<WantedWater> wants = [];
        var next = index + 1 < plan.Days.Count ? plan.Days[index + 1] : null;
        var people = Math.Max(1, request.Plan!.Walkers?.Count ?? 1);
        if (next is null)
        {
            // The last evening has no camp to cook at: what is left is the day's own water, by its start.
            var start = plan.Stops.Where(s => s.Day == index && s.Planned).MinBy(s => s.AlongKm);
            Want(wants, "leaving", "Leaving", start?.LeaveL ?? day.WalkL, At(0, day.StartHour));
            return new DayWantsResponse(At(0, day.StartHour - 12), wants, people, start?.ElevationM, day.LowC);
        }

        // Drawn at the camp in the morning, or fetched for it the evening before.
        var morning = plan.Stops.Where(s => s.Day == index + 1 && s.AlongKm <= day.ToKm + 0.05 && s.Planned).MaxBy(s => s.LeaveL)
            ?? plan.Stops.FirstOrDefault(s => s is { Kind: StopKind.Camp, Planned: true } && s.Day == index);
        // Half of a camp's water goes into the evening, half into night and breakfast (pick). What will boil goes to the pot.
        var (boil, drink) = (day.BoilL / 2, (day.CampL - day.BoilL) / 2);
        Want(wants, "cooking", "Cooking tonight", boil, At(0, day.ArriveHour + CookingAfterH), willBoil: true);
        Want(wants, "drinking", "Drinking and washing tonight", drink, At(0, day.ArriveHour + CookingAfterH));
        Want(wants, "night", "Drinking until morning", drink, At(1, next.StartHour - BreakfastBeforeH));
        Want(wants, "breakfast", "Breakfast", boil, At(1, next.StartHour - BreakfastBeforeH), willBoil: true);
        Want(wants, "leaving", "Leaving", morning?.LeaveL ?? next.WalkL, At(1, next.StartHour));
        return new DayWantsResponse(At(0, day.ArriveHour), wants, people, morning?.ElevationM, next.LowC);
    }

    private static void Want(List<WantedWater> wants, string id, string name, double litres, DateTimeOffset by, bool? willBoil = null)
    {
        if (litres >= 0.1)
        {
            // To the next quarter litre: what is measured out in camp.
            wants.Add(new WantedWater(id, name, Math.Ceiling((litres - 1e-9) * 4) / 4, by, willBoil));
        }
    }
}
