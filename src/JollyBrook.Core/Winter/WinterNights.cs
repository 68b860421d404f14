using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Winter;

/// <summary>
/// The calculation "winter-night": an evening, a night and a morning in the cold (handbook room 80, winter camp): melting as work, the fuel
/// of every use, each bottle against the night, frost guard in its place.
/// </summary>
public static class WinterNights
{
    /// <summary>Up so long before leaving, h (pick): breakfast and packing.</summary>
    private const double UpBeforeH = 1.5;

    /// <summary>Bare steel and moist skin stick below this, °C.</summary>
    private const double SteelSticksC = -20;

    /// <summary>A cup, drunk at once, L (pick).</summary>
    private const double CupL = 0.25;

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [.. NightFields.All, .. KitItem.Fields];

    /// <exception cref="BadInputException">A field is out of its range, or the trip has no such evening.</exception>
    public static WinterNightResponse Compute(WinterNightRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var frame = NightFrame.Of(request, intake);
        var say = intake.Say;
        var night = frame.Night;
        var stove = frame.Kit.Find(e => e.Item is Stove { Burner: not null });
        if (stove is null)
        {
            frame.Assumptions.Add(Melting.NoStove);
            stove = new KitEntry("stove", new Stove(new BurnerSpec(Burners.Default.Id)) { Name = Burners.Default.Name });
        }

        var pots = frame.Kit.Where(BoilingPot.IsOne).Cast<KitEntry?>().DefaultIfEmpty(null).ToList();
        if (pots[0] is null)
        {
            frame.Assumptions.Add(
                new("kit.pot", $"No pot in the kit: reckoned with one of {say.Of(Quantity.Volume, Pot.Assumed.CapacityL)}.")
            );
        }

        List<PotWork> works =
        [
            .. from water in Enum.GetValues<WinterWater>() from pot in pots select PotWork.Of(frame, request, stove, pot, water),
        ];
        DateTimeOffset Done(PotWork work) => night.From!.Value.AddMinutes(work.Minutes);
        bool InTime(PotWork work) => Done(work) <= night.BedAt;
        var ofItsWater = works.Where(w => w.Water == night.Water).ToList();
        // The smallest that does it in the evening; where none does, the quickest.
        var taken = ofItsWater.Where(InTime).OrderBy(w => w.CapacityL).FirstOrDefault() ?? ofItsWater.OrderBy(w => w.Minutes).First();
        var bottles = Bottles(frame, say);
        var left = stove.Item is Stove { IsOpenFire: true } ? null : stove.Left;
        var isEnough = stove.Item is Stove { IsOpenFire: true } || left >= taken.FuelG;
        var total = night.BoilL!.Value + night.FlaskL!.Value + night.DrinkL!.Value;
        night = night with { Bottles = [.. bottles.Select(b => new NightBottle(b.Id, b.Where))] };
        return new WinterNightResponse(
            Headline: Headline(taken, total, say),
            Night: night,
            WaterL: total,
            Uses: taken.Uses,
            FuelG: taken.FuelG,
            FuelLeftG: left,
            IsFuelEnough: isEnough,
            Ways:
            [
                .. works
                    .OrderBy(w => w.Water != night.Water)
                    .ThenBy(w => w.CapacityL)
                    .Select(w => new PotWay(
                        PotId: w.Pot?.Id,
                        Name: w.Name,
                        Water: w.Water,
                        Loads: w.Loads,
                        Minutes: w.Minutes,
                        FuelG: w.FuelG,
                        DoneAt: Done(w),
                        InTime: InTime(w),
                        IsTaken: w == taken
                    )),
            ],
            Bottles: bottles,
            Flask: FlaskOf(night, say),
            Jobs: Jobs(frame, taken, bottles, say),
            DrinkClock: DrinkClock(frame, say),
            Assumptions: frame.Assumptions,
            Cautions: Cautions(frame, left, isEnough, taken, say),
            Working: Working(taken, night)
        );
    }

    private static string Headline(PotWork work, double litres, Speaker say) =>
        litres <= 0
            ? "No water is asked for"
            : $"{Speaker.Minutes(work.Minutes)} at the stove, {say.Of(Quantity.FuelMass, work.FuelG)} "
                + $"of fuel for {say.Of(Quantity.Volume, litres)}";

    private static List<BottleNight> Bottles(NightFrame frame, Speaker say)
    {
        var night = frame.Night;
        var placed = (night.Bottles ?? []).Where(b => b.Id is not null).ToLookup(b => b.Id!, b => b.Where);
        List<BottleNight> bottles = [];
        foreach (
            var (id, item) in frame
                .Kit.Where(e => e.Item is Container { VolumeL: > 0, Role: not Water.ContainerRole.Dirty })
                .Select(e => (e.Id!, (Container)e.Item!))
        )
        {
            var where = placed[id].LastOrDefault() ?? SleepsWhere.Bare;
            var hours = Freezing.HoursToIce(item.VolumeL!.Value, night.FilledC!.Value, night.LowC!.Value, where);
            var at = hours is { } h ? night.BedAt!.Value.AddHours(h) : (DateTimeOffset?)null;
            var freezes = at < night.LeaveAt ? at : null;
            bottles.Add(
                new BottleNight(
                    Id: id,
                    Name: item.Name ?? "Bottle",
                    VolumeL: item.VolumeL.Value,
                    Where: where,
                    HoursToIce: hours,
                    FreezesAt: freezes,
                    Words: freezes is { } ice
                            ? $"Ice from about {ice:HH:mm}: "
                                + $"{(hours < 0.25 ? "at once" : $"after {Speaker.Minutes(Math.Floor(hours!.Value * 4) * 15)}")}."
                        : hours is null ? "Stays water."
                        : "Stays water until you leave."
                )
            );
        }

        return bottles;
    }

    private static FlaskNight? FlaskOf(WinterNight night, Speaker say)
    {
        if (night.FlaskL is not > 0)
        {
            return null;
        }

        // Together they hold that; each is reckoned as a litre at most, which cools sooner than a larger one.
        var (filled, hours) = (BoilingPoint.AtElevationC(night.ElevationM!.Value), (night.LeaveAt!.Value - night.From!.Value).TotalHours);
        var morning = Flask.After(hours, Math.Min(1, night.FlaskL.Value), filled, night.LowC!.Value);
        return new FlaskNight(
            night.FlaskL.Value,
            filled,
            morning,
            $"Filled at {say.Of(Quantity.Temperature, filled)}, about {say.Of(Quantity.Temperature, morning)} "
                + "when you leave, left out in the cold."
        );
    }

    private static List<NightJob> Jobs(NightFrame frame, PotWork work, List<BottleNight> bottles, Speaker say)
    {
        var night = frame.Night;
        var (from, bed, leave) = (night.From!.Value, night.BedAt!.Value, night.LeaveAt!.Value);
        List<NightJob> jobs = [];
        var done = from.AddMinutes(work.Minutes);
        if (work.Uses.Count > 0)
        {
            jobs.Add(
                work.Water == WinterWater.Snow
                    ? new NightJob(
                        from,
                        null,
                        "Gather clean snow",
                        "White, from below the top, a bag beside the stove. Never coloured snow; upwind and away from tents."
                    )
                    : new NightJob(
                        from,
                        null,
                        "Open the ice and fill up",
                        "Test the ice, stay on its edge, kneel. Cover the hole with snow: it stays open."
                    )
            );
            jobs.Add(
                new NightJob(
                    from,
                    done,
                    work.Water == WinterWater.Snow
                        ? $"Melt and heat, {(work.Loads == 1 ? "1 load" : $"{work.Loads} loads")} in {Sentence.Lower(work.Name)}"
                        : $"Heat in {Sentence.Lower(work.Name)}",
                    work.Water == WinterWater.Snow
                        ? "Keep a little water in the pot, or it scorches. Somebody stays with it, and takes turns."
                        : "Lid on, flame sheltered."
                )
            );
        }

        if (night.FlaskL > 0)
        {
            jobs.Add(
                new NightJob(
                    done < bed ? done : bed,
                    null,
                    "Fill the flasks boiling hot",
                    "Warm them first with a little hot water. Lids dry, or they freeze shut."
                )
            );
        }

        var icing = bottles.Where(b => b.FreezesAt is not null).ToList();
        jobs.Add(
            new NightJob(
                bed,
                null,
                icing.Count == 0
                    ? "Bottles are where they stay water"
                    : $"{string.Join(", ", icing.Select(b => b.Name))}: take {(icing.Count == 1 ? "it" : "them")} into the sleeping bag",
                "Lids tight and checked, upside down: ice then forms away from the mouth. One filled warm also heats the bag."
            )
        );
        foreach (
            var filter in frame.Kit.Where(e =>
                night.LowC <= 0 && e.Item is WaterFilter filter && FilterCredit.IsSpoiledByFrost(filter.Filter, e.Filter)
            )
        )
        {
            var name = filter.Item!.Name ?? "The filter";
            jobs.Add(new NightJob(bed, null, $"{name}: put it away warm", FilterCredit.KeepFromFrost));
            jobs.Add(
                new NightJob(
                    leave.AddHours(-UpBeforeH),
                    null,
                    $"{name}: did it stay warm?",
                    "No, or no answer: it is not counted until it is replaced."
                )
            );
        }

        jobs.Add(
            new NightJob(
                leave.AddHours(-UpBeforeH),
                leave,
                "Breakfast and bottles",
                "From the flasks and the night's bottles first: the stove then has less to do."
            )
        );
        return [.. jobs.OrderBy(j => j.At)];
    }

    /// <summary>Thirst hides in the cold: a cup at a time, by the clock.</summary>
    private static string DrinkClock(NightFrame frame, Speaker say)
    {
        if (frame.Next is not { WalkHours: > 0, WalkL: > 0 } next)
        {
            return "";
        }

        var perHour = next.WalkL / next.WalkHours / frame.Night.People!.Value;
        // Down to five minutes: never later than the need asks.
        var minutes = Math.Clamp(Math.Floor(CupL / perHour * 60 / 5) * 5, 10, SignClock.ColdHours * 60);
        return $"Tomorrow {say.Of(Quantity.Volume, CupL)} each every {Speaker.Minutes(minutes)} on the "
            + "way, thirsty or not: thirst hides in the cold.";
    }

    private static List<Caution> Cautions(NightFrame frame, double? left, bool isEnough, PotWork work, Speaker say)
    {
        var night = frame.Night;
        List<Caution> cautions = [];
        if (!isEnough)
        {
            cautions.Add(
                left is { } grams
                    ? new(
                        "fuel",
                        Severity.Danger,
                        $"{say.Of(Quantity.FuelMass, grams)} of fuel are left: {say.Of(Quantity.FuelMass, work.FuelG - grams)} "
                            + "short. Use open water, boil less, or go down."
                    )
                    : new("fuel", Severity.Warning, "How much fuel is left is not known: counts as too little. Weigh the canister.")
            );
        }

        cautions.Add(
            new(
                "carbon-monoxide",
                Severity.Danger,
                "A stove in a closed tent or snow shelter kills unseen: outside, or with a wide opening above and below."
            )
        );
        cautions.Add(new("hot-bottle", Severity.Warning, "Hot bottles scald: a wall that takes it, lid tight, a sock around it."));
        if (PotWork.FilterFreezesInUse(night) && frame.Kit.Exists(e => e.Item is WaterFilter))
        {
            cautions.Add(
                new(
                    "filter-in-use",
                    Severity.Warning,
                    $"At about {say.Of(Quantity.Temperature, PotWork.FilterFreezesInUseC)} and colder a filter freezes in use: boil, or dose."
                )
            );
        }

        if (night.LowC <= SteelSticksC)
        {
            cautions.Add(new("steel", Severity.Warning, "Bare steel and moist skin stick: gloves for bottles, cups and pump."));
        }

        cautions.Add(
            new(
                "body-heat",
                Severity.Note,
                $"Snow in a bottle between layers, while moving only: about {say.Of(Quantity.Volume, 0.1)} "
                    + $"from {say.Of(Quantity.Volume, 0.5)} of snow. Never asleep or chilled; never eat snow."
            )
        );
        return cautions;
    }

    private static IReadOnlyList<WorkingStep> Working(PotWork work, WinterNight night)
    {
        var working = new Working();
        foreach (var use in work.Uses)
        {
            working.Add(
                use.Name,
                "fuel and minutes as Treat has them, melting first",
                use.Way,
                WorkingValue.Of("V", use.Litres, "L"),
                WorkingValue.Of("fuel", use.FuelG, "g"),
                WorkingValue.Of("t", use.Minutes, "min")
            );
        }

        working.Add(
            "Hours until ice begins",
            Freezing.Formula,
            Freezing.Source,
            WorkingValue.Of("T0", night.FilledC!.Value, "°C"),
            WorkingValue.Of("Ta", night.LowC!.Value, "°C")
        );
        working.Add("Flasks", Flask.Formula, Flask.Source, WorkingValue.Of("V", night.FlaskL!.Value, "L"));
        return working.Steps;
    }
}
