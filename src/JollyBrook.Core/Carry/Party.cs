using JollyBrook.Core.Body;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>The walkers with what is known of their sweat.</summary>
internal sealed class Party
{
    /// <summary>Steps of the temperature that the slope of need is taken over, °C.</summary>
    public const double ProbeC = 2.5;

    private readonly (Walker Walker, PersonalFactor Factor, double TotalKg, double SurfaceM2, double K)[] _walkers;
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
                return (w.Walker, factor, w.Walker.MassKg!.Value + w.Walker.LoadKg, w.Walker.SurfaceM2, factor.K);
            }),
        ];
        Names = [.. given.Select(w => w.Walker.Name!)];
    }

    /// <summary>Stands in where nobody is entered.</summary>
    public static Walker Unnamed { get; } = new("One walker", 75, 175);

    public IReadOnlyList<string> Names { get; }

    public int Count => _walkers.Length;

    /// <summary>Standard deviation of each walker's log factor, and their share of the party's sweat at an ordinary effort.</summary>
    public IReadOnlyList<(double Deviation, double Share)> Spread()
    {
        var effort = Effort.Default;
        double[] litres = [.. _walkers.Select(w => w.Factor.K * Loss.Of(w.Walker, effort, _school).SweatLPerH)];
        return [.. _walkers.Select((w, i) => (w.Factor.LogDeviation, litres[i] / litres.Sum()))];
    }

    /// <summary>Litres an hour the party loses walking, and what of it is planned to be drunk.</summary>
    /// <param name="perKgW">Metabolic rate for one kg, W.</param>
    /// <param name="climbPerKgW">Climb work for one kg, W.</param>
    /// <param name="air">The air.</param>
    public (double LossLPerH, double WantedLPerH, double PlannedLPerH) Walking(double perKgW, double climbPerKgW, Air air)
    {
        double loss = 0, wanted = 0, planned = 0;
        foreach (var (walker, _, total, surface, k) in _walkers)
        {
            var own = Loss.Of(walker, surface, perKgW * total, climbPerKgW * total, air, _school);
            var litres = Math.Min(Sweating.Ceiling(walker.IsAcclimatised), own.SweatLPerH * k) + own.BreathedLPerH;
            loss += litres;
            wanted += litres * _share;
            planned += DrinkPlan.WalkingLPerH(litres, _share);
        }

        return (loss, wanted, planned);
    }

    public double RestLPerH(double temperatureC, double elevationM) =>
        _walkers.Sum(w => DrinkPlan.RestLPerH(w.Walker.MassKg!.Value, temperatureC, elevationM));

    /// <summary>Most the party may drink in a day, L.</summary>
    public double CeilingLPerDay => Count * DrinkPlan.CeilingLPerDay;

    /// <summary>Litres for the camp's cooking and washing, whole party.</summary>
    public double CampL(RouteDay day) => Count
        * (((day.Meals ?? RouteDay.DefaultMeals) * DrinkPlan.LPerMeal) + ((day.HotDrinks ?? RouteDay.DefaultHotDrinks) * DrinkPlan.LPerHotDrink) + (day.WashL ?? DrinkPlan.LPerWash));

    private PersonalFactor FactorOf(string id, IReadOnlyList<SweatTestEntry>? tests) =>
        Sweat.FactorOf((tests ?? []).Where(t => t.Test.WalkerId?.ToString() == id), _school);
}
