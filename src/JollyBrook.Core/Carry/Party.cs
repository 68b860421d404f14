using JollyBrook.Core.Body;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>The walkers with what is known of their sweat.</summary>
internal sealed class Party
{
    /// <summary>Steps of the temperature that the slope of need is taken over, °C.</summary>
    public const double ProbeC = 2.5;

    private readonly (Walker Walker, PersonalFactor Factor, double TotalKg, double SurfaceM2)[] _walkers;
    private readonly SweatSchool _school;
    private readonly double _share;

    public Party(PlanRequest request)
    {
        _school = request.Route!.Sweat ?? SweatSchool.Gonzalez2009;
        _share = request.Route.ReplaceShare ?? DrinkPlan.DefaultReplaceShare;
        var given = request.Walkers is { Count: > 0 } some ? some : [new WalkerEntry("", Unnamed)];
        _walkers =
        [
            .. given.Select(w =>
            {
                var factor = FactorOf(w.Id, request.Tests);
                return (w.Walker, factor, w.Walker.MassKg!.Value + w.Walker.LoadKg, w.Walker.SurfaceM2);
            }),
        ];
    }

    /// <summary>Stands in where nobody is entered.</summary>
    public static Walker Unnamed { get; } = new("One walker", 75, 175);

    /// <summary>Who walks.</summary>
    public IReadOnlyList<Walker> Walkers => [.. _walkers.Select(w => w.Walker)];

    public int Count => _walkers.Length;

    /// <summary>Standard deviation of each walker's log factor, and their share of the party's sweat at an ordinary effort.</summary>
    public IReadOnlyList<(double Deviation, double Share)> Spread()
    {
        var effort = Effort.Default;
        double[] litres = [.. _walkers.Select(w => w.Factor.K * Loss.Of(w.Walker, effort, _school).SweatLPerH)];
        return [.. _walkers.Select((w, i) => (w.Factor.LogDeviation, litres[i] / litres.Sum()))];
    }

    /// <summary>Whether nobody has told what some of them wear.</summary>
    public bool ClothingUntold => _walkers.Any(w => w.Walker.Worn is null);

    /// <summary>Whether some of them have no honest sweat test, so that a single figure counts the 80th centile.</summary>
    public bool SomeUntested => _walkers.Any(w => !w.Factor.Tested);

    /// <summary>
    /// Litres an hour the party loses walking, and what of it is planned to be drunk: with single figures, as a plan counts. An hour of
    /// walking never needs less than an hour of rest.
    /// </summary>
    /// <param name="perKgW">Metabolic rate for one kg, W.</param>
    /// <param name="climbPerKgW">Climb work for one kg, W.</param>
    /// <param name="air">The air.</param>
    /// <param name="elevationM">Height above the sea, m.</param>
    public (double LossLPerH, double PlannedLPerH) Walking(double perKgW, double climbPerKgW, Air air, double elevationM)
    {
        double loss = 0,
            planned = 0;
        foreach (var (walker, factor, total, surface) in _walkers)
        {
            var own = Loss.Of(walker, surface, perKgW * total, climbPerKgW * total, air, _school);
            var litres = own.LPerH(factor.Planned, walker.IsAcclimatised);
            loss += litres;
            planned += DrinkPlan.WalkingLPerH(litres, _share, RestOf(walker, air.TemperatureC, elevationM));
        }

        return (loss, planned);
    }

    /// <summary>
    /// What a simulated walk wants to drink, L/h: at the middle of each factor, which is drawn, and without the planned ceiling.
    /// </summary>
    public double MedianWantedLPerH(double perKgW, double climbPerKgW, Air air, double elevationM)
    {
        var wanted = 0.0;
        foreach (var (walker, factor, total, surface) in _walkers)
        {
            var own = Loss.Of(walker, surface, perKgW * total, climbPerKgW * total, air, _school);
            var litres = own.LPerH(factor.K, walker.IsAcclimatised);
            wanted += Math.Max(RestOf(walker, air.TemperatureC, elevationM), litres * _share);
        }

        return wanted;
    }

    public double RestLPerH(double temperatureC, double elevationM) => _walkers.Sum(w => RestOf(w.Walker, temperatureC, elevationM));

    /// <summary>Body mass of all of them, kg.</summary>
    public double BodyKg => _walkers.Sum(w => w.Walker.MassKg!.Value);

    /// <summary>A day out takes at least this much drink, L.</summary>
    public double LeastLPerDay => Count * DrinkPlan.LeastLPerDay;

    /// <summary>Most the party may drink in a day, L.</summary>
    public double CeilingLPerDay => Count * DrinkPlan.CeilingLPerDay;

    /// <summary>Litres for the camp's cooking and washing, whole party.</summary>
    public double CampL(RouteDay day) => BoilL(day) + (Count * (day.WashL ?? DrinkPlan.LPerWash));

    /// <summary>Of them what will boil: meals and hot drinks.</summary>
    public double BoilL(RouteDay day) =>
        Count
        * (
            ((day.Meals ?? RouteDay.DefaultMeals) * DrinkPlan.LPerMeal)
            + ((day.HotDrinks ?? RouteDay.DefaultHotDrinks) * DrinkPlan.LPerHotDrink)
        );

    private static double RestOf(Walker walker, double temperatureC, double elevationM) =>
        DrinkPlan.RestLPerH(walker.MassKg!.Value, temperatureC, elevationM);

    private PersonalFactor FactorOf(string id, IReadOnlyList<SweatTestEntry>? tests) =>
        Sweat.FactorOf((tests ?? []).Where(t => t.Test.WalkerId?.ToString() == id), _school);
}
