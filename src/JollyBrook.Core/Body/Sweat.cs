using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>The calculation "sweat": prediction, personal factor from tests, and what to drink.</summary>
public static class Sweat
{
    private const int ColdestC = -10;
    private const int HottestC = 42;
    private const int StepC = 2;
    private const double HoursUntilSalt = 2;

    private static readonly NumberField Share = new(
        "replaceShare",
        "Share replaced while walking",
        Quantity.Share,
        0.3,
        1,
        "Most people manage 80 %."
    );

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        ChoiceField.Of<SweatSchool>("school", "Sweat equation"),
        Share,
        .. Body.Effort.FieldsAt("effort"),
    ];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static SweatResponse Compute(SweatRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var walker = request.Walker ?? new Walker(null, null, null);
        walker.Check(intake);
        var effort = Body.Effort.Check(request.Effort, "effort", intake);
        intake.Optional(Share, request.ReplaceShare);
        foreach (var entry in request.Tests ?? [])
        {
            entry.Test.Check(intake);
        }

        intake.ThrowIfWrong();
        return Answer(request, walker, effort, intake.Say);
    }

    /// <summary>The personal factor of a walker from their tests, refused ones left out.</summary>
    public static PersonalFactor FactorOf(IEnumerable<SweatTestEntry> tests, SweatSchool school) =>
        PersonalFactor.After([.. tests.Select(t => SweatTestResult.Of(t.Test, school, Speaker.Metric).Says).OfType<SweatRatio>()]);

    private static SweatResponse Answer(SweatRequest request, Walker walker, Effort effort, Speaker say)
    {
        var school = request.School ?? SweatSchool.Gonzalez2009;
        var other = school == SweatSchool.Gonzalez2009 ? SweatSchool.Shapiro1982 : SweatSchool.Gonzalez2009;
        var tests = Judge(request.Tests ?? [], school, say);
        var factor = PersonalFactor.After([.. tests.Select(t => t.Result.Says).OfType<SweatRatio>()]);
        var loss = Loss.Of(walker, effort, school);
        var sweat = BandOf(loss.SweatLPerH, factor, walker.IsAcclimatised);
        var total = new Band(sweat.Low + loss.BreathedLPerH, sweat.Middle + loss.BreathedLPerH, sweat.High + loss.BreathedLPerH);
        var share = request.ReplaceShare ?? DrinkPlan.DefaultReplaceShare;
        var rest = DrinkPlan.RestLPerH(walker.MassKg!.Value, effort.TemperatureC!.Value, effort.ElevationM!.Value);
        var planned = loss.LPerH(factor.Planned, walker.IsAcclimatised);
        var drink = DrinkPlan.WalkingLPerH(planned, share, rest);
        var working = SweatWorking.Steps(walker, effort, school, loss, factor, tests.Count(t => t.Result.Accepted), share, drink);
        return new SweatResponse(
            SweatLPerH: sweat,
            BreathedLPerH: loss.BreathedLPerH,
            LossLPerH: total,
            OtherSchoolLPerH: BandOf(Loss.Of(walker, effort, other).SweatLPerH, factor, walker.IsAcclimatised).Middle,
            OtherSchool: other,
            DrinkLPerH: drink,
            AtCampLPerH: Math.Max(0, planned - drink),
            RestLPerH: rest,
            Headline: $"Drink {say.Of(Quantity.Volume, drink)} an hour",
            MetabolicW: loss.MetabolicW,
            PandolfW: MetabolicRate.Pandolf(
                walker.MassKg!.Value,
                walker.LoadKg,
                effort.SpeedMs,
                effort.GradePercent!.Value,
                Terrains.Factor(effort.Terrain!.Value)
            ),
            PriorFactor: BandOf(1, PersonalFactor.Unknown),
            Factor: BandOf(1, factor),
            Tests: tests,
            AirC: effort.TemperatureC!.Value,
            ByTemperature:
            [
                .. Temperatures()
                    .Select(t => new SweatPoint(
                        t,
                        BandOf(Loss.Of(walker, effort with { TemperatureC = t }, school).SweatLPerH, factor, walker.IsAcclimatised)
                    )),
            ],
            RulesOfThumb: Body.RulesOfThumb.For(say),
            Assumptions: Assume(walker, effort, factor, say),
            Cautions: Caution(total.High, effort, say),
            Working: working
        );
    }

    private static IEnumerable<int> Temperatures()
    {
        for (var t = ColdestC; t <= HottestC; t += StepC)
        {
            yield return t;
        }
    }

    private static List<JudgedSweatTest> Judge(IReadOnlyList<SweatTestEntry> tests, SweatSchool school, Speaker say)
    {
        List<JudgedSweatTest> judged = [];
        List<SweatRatio> ratios = [];
        foreach (var (id, test) in tests)
        {
            var result = SweatTestResult.Of(test, school, say);
            if (result.Says is { } ratio)
            {
                ratios.Add(ratio);
            }

            judged.Add(new JudgedSweatTest(id, result, BandOf(1, PersonalFactor.After(ratios))));
        }

        return judged;
    }

    private static Band BandOf(double value, PersonalFactor factor) => new(value * factor.Low, value * factor.K, value * factor.High);

    /// <summary>The band of a sweat rate: no factor takes a body above its ceiling.</summary>
    private static Band BandOf(double lPerH, PersonalFactor factor, bool acclimatised)
    {
        var ceiling = Sweating.Ceiling(acclimatised);
        return new Band(Math.Min(ceiling, lPerH * factor.Low), Math.Min(ceiling, lPerH * factor.K), Math.Min(ceiling, lPerH * factor.High));
    }

    /// <summary>What the plan counts where nobody has told what is worn.</summary>
    internal static Assumption ClothingNotTold(string field, double airC) =>
        new(
            field,
            $"Clothing not told: {ClothingResistance.Name(ClothingForAir.Usual(airC)).ToLowerInvariant()} "
                + "in such air, or what is worn a step warmer or cooler where that asks for more water."
        );

    private static List<Assumption> Assume(Walker walker, Effort effort, PersonalFactor factor, Speaker say)
    {
        List<Assumption> assumed = [];
        if (!factor.Tested)
        {
            assumed.Add(
                new(
                    "tests",
                    "No sweat test in warmth counts yet: what to drink is reckoned for a walker who sweats more than four in five."
                )
            );
        }

        if (walker.Worn is null)
        {
            assumed.Add(ClothingNotTold("walker.worn", effort.TemperatureC!.Value));
        }

        if (walker.Acclimatised is null)
        {
            assumed.Add(new("walker.acclimatised", "Whether used to heat is not known: taken as used to it, which sweats more."));
        }

        if (walker.PackKg is null)
        {
            assumed.Add(new("walker.packKg", $"Pack not given: taken as {say.Of(Quantity.KitMass, Walker.DefaultPackKg)}."));
        }

        return assumed;
    }

    private static List<Caution> Caution(double highLPerH, Effort effort, Speaker say)
    {
        List<Caution> cautions =
        [
            new(
                "over-drinking",
                Severity.Note,
                $"Never more than {say.Of(Quantity.Volume, DrinkPlan.CeilingLPerH)} an hour or "
                    + $"{say.Of(Quantity.Volume, DrinkPlan.CeilingLPerDay)} a day, nor more than is lost: over-drinking "
                    + "thins the blood's salt."
            ),
            new("salt", Severity.Note, $"Past {HoursUntilSalt} h of sweating, 0.5–0.7 g sodium for each litre, or salty food."),
        ];
        if (effort.TemperatureC < DrinkPlan.ThirstHidesBelowC)
        {
            cautions.Add(DrinkPlan.ThirstHides);
        }

        if (highLPerH > DrinkPlan.MostPlannedLPerH)
        {
            cautions.Add(
                new(
                    "more-than-drinkable",
                    Severity.Warning,
                    "The loss may be more than can be drunk walking: slow down, start earlier, rest in shade."
                )
            );
        }

        return cautions;
    }
}
