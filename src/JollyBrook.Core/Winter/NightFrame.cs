using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Winter;

/// <summary>A winter night with nothing left out: what was told, what its trip's plan says, and marked defaults.</summary>
/// <param name="Night">Everything but where bottles are.</param>
/// <param name="Kit">What is carried, as it will be by then.</param>
/// <param name="Next">The day after in the trip's plan; null without one.</param>
/// <param name="Assumptions">What was not known and taken as worse.</param>
internal sealed record NightFrame(WinterNight Night, List<KitEntry> Kit, PlanDay? Next, List<Assumption> Assumptions)
{
    /// <summary>Nobody stays up for water longer than this clock hour, unless told (pick).</summary>
    private const double BedHour = 21;

    private const double AtLeastH = 1;

    /// <summary>Melt that stood: not measured, as cold as it came (pick).</summary>
    private const double MeltFilledC = 1;

    public static NightFrame Of(WinterNightRequest request, Intake intake)
    {
        List<Assumption> assumptions = [];
        var told = request.Night ?? new WinterNight();
        NightFields.Check(told, intake);
        intake.ThrowIfWrong();
        var kit = KitEntry.Carried(request.Kit);
        PlanDay? next = null;
        if (request.Plan is { } plan)
        {
            intake.Required(NightFields.Day, request.Day);
            intake.ThrowIfWrong();
            var run = PlanRun.Of(plan with { Kit = plan.Kit ?? request.Kit });
            CampDay.CheckCamp(run, request.Day!.Value, NightFields.Day, intake, "Reckon a night of its own instead.");
            var day = (int)request.Day!.Value;
            next = Carry.Plan.Days(run.Setup, intake.Say)[day + 1];
            (told, kit) = Planned(told, CampDay.Of(run, day, intake.Say), next, run.Setup);
        }

        var night = Filled(told, request.Now ?? DateTimeOffset.UnixEpoch, assumptions, intake.Say);
        NightFields.CheckHours(night, intake);
        intake.ThrowIfWrong();
        return new NightFrame(night, kit, next, assumptions);
    }

    private static (WinterNight Night, List<KitEntry> Kit) Planned(WinterNight told, CampDayResponse camp, PlanDay next, PlanSetup setup)
    {
        var wants = camp.Day.Wants ?? [];
        var step = setup.Line.Places.First(p => p.Kind == StopKind.Camp && p.Day == next.Day - 1).Step;
        var knowsWeather = next.Weather != WeatherSource.Default;
        return (
            told with
            {
                People = told.People ?? Math.Max(1, setup.Request.Walkers?.Count ?? 1),
                LowC = told.LowC ?? (knowsWeather ? Math.Clamp(next.LowC, -60, 10) : null),
                ElevationM = told.ElevationM ?? Math.Clamp(setup.Ground.ElevationM[step], -430, 9000),
                From = told.From ?? camp.Day.From,
                LeaveAt = told.LeaveAt ?? setup.Request.At(next.Day, next.StartHour),
                BoilL = told.BoilL ?? wants.Where(w => w.WillBoil == true).Sum(w => w.Litres!.Value),
                DrinkL = told.DrinkL ?? wants.Where(w => w.WillBoil != true).Sum(w => w.Litres!.Value),
                Snow = told.Snow ?? camp.Day.Snow,
                Water = told.Water ?? (camp.Day.Snow is null && camp.WaterId is not null ? WinterWater.OpenWater : null),
            },
            [.. camp.Kit]
        );
    }

    private static WinterNight Filled(WinterNight told, DateTimeOffset now, List<Assumption> assumptions, Speaker say)
    {
        var people = told.People ?? 1;
        if (told.LowC is null)
        {
            assumptions.Add(
                new("night.lowC", $"How cold the night gets is not known: counted as {say.Of(Quantity.Temperature, Melting.AssumedC)}.")
            );
        }

        if (told.ElevationM is null)
        {
            assumptions.Add(
                new(
                    "night.elevationM",
                    "Height of the camp not known: counted as sea level, where water gets hottest and takes the most fuel."
                )
            );
        }

        var from = told.From ?? now;
        var bed = told.BedAt
            ?? AtHour(from, BedHour) switch
            {
                var at when at > from.AddHours(AtLeastH) => at,
                _ => from.AddHours(AtLeastH),
            };
        return told with
        {
            People = people,
            LowC = told.LowC ?? Melting.AssumedC,
            ElevationM = told.ElevationM ?? 0,
            From = from,
            BedAt = bed,
            LeaveAt = told.LeaveAt
                ?? AtHour(bed, RouteDay.DefaultStartHour) switch
                {
                    var at when at > bed => at,
                    var at => at.AddDays(1),
                },
            BoilL = told.BoilL
                ?? people * ((RouteDay.DefaultMeals * DrinkPlan.LPerMeal) + (RouteDay.DefaultHotDrinks * DrinkPlan.LPerHotDrink)),
            DrinkL = told.DrinkL ?? people * DrinkPlan.LeastLPerDay,
            FlaskL = told.FlaskL ?? 0,
            Water = told.Water ?? WinterWater.Snow,
            Snow = told.Snow ?? SnowInput.AsColdAs(told.LowC ?? Melting.AssumedC, SnowKind.Unknown),
            BoilAll = told.BoilAll ?? true,
            FilledC = told.FilledC ?? (told.BoilAll ?? true ? Freezing.FromC : MeltFilledC),
        };
    }

    private static DateTimeOffset AtHour(DateTimeOffset day, double hour) => new DateTimeOffset(day.Date, day.Offset).AddHours(hour);
}
