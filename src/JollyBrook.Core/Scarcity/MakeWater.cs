using JollyBrook.Core.Body;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Scarcity.Ways;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity;

/// <summary>
/// The calculation "make-water": what every way of making water yields here, what its work costs, and whether it pays (handbook room 90).
/// </summary>
public static class MakeWater
{
    /// <summary>Farther than this nobody looks for a way to pay, days (pick).</summary>
    public const int LongestDays = 14;

    private const double DefaultWaterC = 10;
    private const double LongestWorkday = 10;
    private const double MinL = 0.05;

    private static ScarceDefaults Usual => ScarceDefaults.Usual;

    private static readonly Func<Place, double?, WayPlan>[] All =
    [
        CaughtWays.Rain,
        CaughtWays.DewByCloth,
        CaughtWays.DewPit,
        CaughtWays.LeafBag,
        StillWays.Ground,
        StillWays.PotWithGreens,
        StillWays.Tent,
        StillWays.SteamInCloth,
        StillWays.PotAndTube,
        DugWays.Seep,
        DugWays.DryBed,
        DugWays.Beach,
        CaughtWays.Sap,
        SnowWays.Melt,
        SnowWays.BodyHeat,
        DugWays.Wick,
    ];

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => MakeFields.All;

    /// <exception cref="BadInputException">A field is out of its range, or a chosen way is none there is.</exception>
    public static MakeResponse Compute(MakeRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var place = Check(request, intake);
        var walker = request.Walker ?? Party.Unnamed;
        walker.Check(intake);
        var chosen = (request.Chosen ?? []).ToList();
        foreach (var way in chosen)
        {
            intake.Optional(MakeFields.Count, way.Count);
        }

        intake.ThrowIfWrong();
        // What is not known counts as worse: no sun on a still, and full sun on whoever works.
        var cost = new WorkCost(walker, place.AirC, place.HumidityPercent, request.Sun ?? SunLoad.Full);
        var plans = All.Select(way => (Way: way, Plan: way(place, null)))
            .Select(w => chosen.Find(c => c.Id == w.Plan.Id)?.Count is { } n ? w.Way(place, n) : w.Plan)
            .ToList();
        var unknown = new ChoiceField("chosen.id", "Way of making water", [.. plans.Select(p => p.Id)]);
        foreach (var way in chosen)
        {
            intake.Listed(unknown, way.Id, plans, p => p.Id);
        }

        intake.ThrowIfWrong();
        var ways = plans
            .Select(p => Answer(p, cost, place.Say))
            .OrderByDescending(w => w.Possible)
            .ThenByDescending(w => w.NetLowL + w.NetHighL)
            .ToList();
        var together = chosen.Select(c => ways.First(w => w.Id == c.Id)).Where(w => w.Possible).ToList();
        return new MakeResponse(
            ways,
            chosen.Count == 0 ? null : Total(together, place, request.NeedLPerDay),
            cost.DigLPerH,
            cost.LightLPerH,
            Assume(request, place.Say),
            [
                new("natural-water", Severity.Warning, "All but distillate and clean rain is surface water: judge, clear, treat."),
                new("cool-hours", Severity.Note, "Dig and carry in the cool hours; rest in shade through the heat."),
            ]
        );
    }

    private static Place Check(MakeRequest request, Intake intake)
    {
        intake.Optional(MakeFields.Air, request.AirTemperatureC);
        intake.Optional(MakeFields.Humidity, request.HumidityPercent);
        intake.Optional(MakeFields.Rain, request.RainMm);
        intake.Optional(MakeFields.Sheet, request.SheetM2);
        intake.Optional(MakeFields.Bags, request.Bags);
        intake.Optional(MakeFields.Fuel, request.FuelG);
        intake.Optional(MakeFields.Water, request.WaterTemperatureC);
        intake.Optional(MakeFields.Elevation, request.ElevationM);
        intake.Optional(MakeFields.Hours, request.Hours);
        intake.Optional(MakeFields.Need, request.NeedLPerDay);
        intake.Optional(SnowFields.Temperature, request.Snow?.TemperatureC);
        var burner = request.Burner is null ? null : intake.Listed(MakeFields.Burner, request.Burner, Burners.All, b => b.Id);
        // Who carries a burner carries something to set on it.
        var pot =
            request.Pot is not null ? BoilSetup.Check(new BoilOptions(Pot: request.Pot), intake, []).Pot
            : burner is null ? null
            : Pot.Assumed;
        // An open fire's wood has no end that could be weighed.
        var fuel = burner?.Id == Burners.OpenFireId ? null : request.FuelG;
        return new Place(
            Given: request,
            AirC: request.AirTemperatureC ?? Usual.AirC,
            HumidityPercent: request.HumidityPercent ?? Usual.HumidityPercent,
            Sun: request.Sun ?? SunLoad.None,
            RainMm: request.RainMm ?? Usual.RainMm,
            SheetM2: request.SheetM2 ?? Usual.SheetM2,
            Bags: (int)(request.Bags ?? Usual.Bags),
            Burner: burner,
            FuelG: fuel,
            Pot: pot,
            WaterC: request.WaterTemperatureC ?? DefaultWaterC,
            BoilC: BoilingPoint.AtElevationC(request.ElevationM ?? 0),
            Hours: request.Hours ?? Usual.Hours,
            Say: intake.Say
        );
    }

    private static WayAnswer Answer(WayPlan plan, WorkCost cost, Speaker say)
    {
        var possible = plan.WhyNot is null;
        var spent = plan.LabourHours * cost.LPerH(plan.Work);
        var (netLow, netHigh) = (plan.LowL - spent, plan.HighL - spent);
        var (evenLow, evenHigh) = (BreakEven(plan.LowL, spent, plan.LabourRepeats), BreakEven(plan.HighL, spent, plan.LabourRepeats));
        return new WayAnswer(
            Id: plan.Id,
            Name: plan.Name,
            Possible: possible,
            WhyNot: plan.WhyNot ?? "",
            Count: plan.Count,
            CountName: plan.CountName,
            LowL: plan.LowL,
            HighL: plan.HighL,
            LabourHours: plan.LabourHours,
            SpentL: spent,
            NetLowL: netLow,
            NetHighL: netHigh,
            BreakEvenDayLow: evenLow,
            BreakEvenDayHigh: evenHigh,
            Headline: possible ? Headline(netLow, netHigh, evenLow, evenHigh, say) : plan.WhyNot!,
            FuelG: plan.FuelG,
            FuelGPerL: plan.FuelGPerL,
            SheetM2: plan.SheetM2,
            Setup: plan.Setup,
            Mistakes: plan.Mistakes,
            Cautions: plan.Cautions,
            Treat: new TreatAs(
                Kind: plan.Kind,
                Flow: plan.Flow,
                Clarity: plan.Clarity,
                Colour: WaterColour.None,
                Snow: plan.Snow,
                VolumeL: Math.Max(MinL, plan.LowL > 0 ? plan.LowL : plan.HighL),
                Words: plan.After
            ),
            Working: Working(plan, cost, spent, netLow, netHigh)
        );
    }

    /// <summary>The day on which what it has given passes what it has cost; null when not within two weeks.</summary>
    private static int? BreakEven(double perDayL, double spentL, bool repeats)
    {
        var paid = repeats ? perDayL - spentL : perDayL;
        if (paid <= 0)
        {
            return perDayL >= spentL ? 1 : null;
        }

        var days = repeats ? 1 : Math.Max(1, (int)Math.Ceiling((spentL / perDayL) - 1e-9));
        return days <= LongestDays ? days : null;
    }

    private static string Headline(double netLow, double netHigh, int? low, int? high, Speaker say)
    {
        var net = $"Net {Signed(netLow, say)} to {Signed(netHigh, say)} on the first day";
        return netHigh < 0
                ? $"{net}: costs more than it gives"
                    + (
                        high is { } day
                            ? $"; has paid on day {day} at the earliest{(low is { } late ? $", day {late} at the latest" : ", perhaps never")}."
                            : "; it never pays."
                    )
            : netLow < 0 ? $"{net}: may cost more than it gives{(low is { } later ? $"; has paid by day {later} at the latest" : "")}."
            : $"{net}: it pays.";
    }

    private static string Signed(double litres, Speaker say) =>
        litres < 0 ? $"−{say.Of(Quantity.Volume, -litres)}" : say.Of(Quantity.Volume, litres);

    private static IReadOnlyList<WorkingStep> Working(WayPlan plan, WorkCost cost, double spent, double netLow, double netHigh)
    {
        var working = new Working();
        working.Add(
            "Yield in a day",
            plan.Formula,
            "Handbook room 90",
            WorkingValue.Of("yield", $"{Speaker.Number(plan.LowL, 2)} to {Speaker.Number(plan.HighL, 2)} L"),
            [.. plan.Inputs]
        );
        working.Add(
            "Water the work costs",
            "hours × (lost at that work − lost at rest in shade)",
            plan.Work == Work.Dig
                ? $"Digging {WorkCost.DiggingW:0} W; sweat and breath as in handbook room 60"
                : $"Light work {WorkCost.LightW:0} W (pick); sweat and breath as in handbook room 60",
            WorkingValue.Of("spent", spent, "L"),
            WorkingValue.Of("hours", plan.LabourHours, "h"),
            WorkingValue.Of("at work", cost.WorkingLPerH(plan.Work), "L/h"),
            WorkingValue.Of("at rest", cost.RestingLPerH, "L/h")
        );
        working.Add(
            "Net on the first day",
            "yield − spent",
            "Handbook room 90",
            WorkingValue.Of("net", $"{Speaker.Number(netLow, 2)} to {Speaker.Number(netHigh, 2)} L")
        );
        return working.Steps;
    }

    private static DayTotal Total(List<WayAnswer> ways, Place place, double? need)
    {
        var (low, high, spent, labour, fuel, sheet) = (
            ways.Sum(w => w.LowL),
            ways.Sum(w => w.HighL),
            ways.Sum(w => w.SpentL),
            ways.Sum(w => w.LabourHours),
            ways.Sum(w => w.FuelG ?? 0),
            ways.Sum(w => w.SheetM2)
        );
        List<string> conflicts = [];
        if (sheet > place.SheetM2 + 1e-9)
        {
            conflicts.Add($"The sheet is wanted twice: {Speaker.Number(sheet, 1)} m² of {Speaker.Number(place.SheetM2, 1)}.");
        }

        if (place.FuelG is { } left && fuel > left + 1e-6)
        {
            conflicts.Add($"The fuel is wanted twice: {place.Say.Of(Quantity.FuelMass, fuel)} of {place.Say.Of(Quantity.FuelMass, left)}.");
        }

        if (ways.Find(w => w.Id == CaughtWays.LeafBagId)?.Count > place.Bags)
        {
            conflicts.Add($"Only {place.Bags} bags are here.");
        }

        if (labour > LongestWorkday)
        {
            conflicts.Add($"{Speaker.Minutes(labour * 60)} of work: more than one person’s day.");
        }

        var (netLow, netHigh) = (low - spent, high - spent);
        bool? covers = need is { } wanted ? netLow >= wanted && conflicts.Count == 0 : null;
        var words = $"Net {Signed(netLow, place.Say)} to {Signed(netHigh, place.Say)} today";
        return new DayTotal(
            LowL: low,
            HighL: high,
            SpentL: spent,
            NetLowL: netLow,
            NetHighL: netHigh,
            LabourHours: labour,
            FuelG: fuel,
            SheetM2: sheet,
            Headline: need is not { } n ? $"{words}."
                : netHigh >= n && conflicts.Count > 0
                    ? $"{words}: would cover the {place.Say.Of(Quantity.Volume, n)} needed, but not all of it can be done."
                : netLow >= n ? $"{words}: covers the {place.Say.Of(Quantity.Volume, n)} needed."
                : netHigh >= n ? $"{words}: covers the {place.Say.Of(Quantity.Volume, n)} needed only at its best."
                : $"{words}: short of the {place.Say.Of(Quantity.Volume, n)} needed.",
            Covers: covers,
            Conflicts: conflicts
        );
    }

    private static List<Assumption> Assume(MakeRequest request, Speaker say)
    {
        List<Assumption> all = [];
        if (request.AirTemperatureC is null)
        {
            all.Add(new("airTemperatureC", "Air temperature not known: taken as a warm day."));
        }

        if (request.Sun is null)
        {
            all.Add(new("sun", "Sun not known: stills are counted as giving nothing, and work as done in full sun."));
        }

        if (request.Soil is null or Soil.Unknown && request.Features?.Contains(PlaceFeature.BesideWater) == true)
        {
            all.Add(new("soil", "Soil not known: dug as far off as in sand."));
        }

        if (request.Pot is null && request.Burner is not null)
        {
            all.Add(new("pot", $"Pot not told: taken as {say.Of(Quantity.Volume, Pot.Assumed.CapacityL)} of aluminium."));
        }

        if (request.FuelG is null && request.Burner is not null && request.Burner != Burners.OpenFireId)
        {
            all.Add(new("fuelG", "Fuel left not known: weigh it before counting on it."));
        }

        return all;
    }
}
