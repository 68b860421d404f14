using JollyBrook.Core.Body;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>Time and effort over runs of profile steps.</summary>
internal sealed class Pieces
{
    private const double GradeStep = 0.5;
    private const double SteepestPercent = 100;
    private readonly GroundProfile _ground;
    private readonly WalkSchool _school;
    private readonly double _pace;
    private readonly (int FromStep, Terrain Terrain)[] _terrain;

    /// <summary>Metabolic rate for one kg by terrain and grade; many steps share a grade, and the equation is slow.</summary>
    private readonly double[]?[] _perKg = new double[Enum.GetValues<Terrain>().Length][];

    public Pieces(TripRoute route, GroundProfile ground)
    {
        (_ground, _school, _pace) = (ground, route.School ?? WalkSchool.Tobler, route.Pace ?? 1);
        _terrain =
        [
            .. (route.Terrain ?? [])
                .OrderBy(t => t.FromKm)
                .Select(t => (Timeline.StepAt(ground, t.FromKm!.Value), t.Terrain ?? Terrain.GoodPath)),
        ];
    }

    /// <summary>Walking hours, mean metabolic rate and climb work for one kg over them, and ascent.</summary>
    public (double Hours, double PerKgW, double ClimbPerKgW, double AscentM) Between(int from, int to) => Walk(from, to, 1);

    /// <summary>The same the other way: every rise a fall.</summary>
    public (double Hours, double PerKgW, double ClimbPerKgW, double AscentM) Back(int from, int to) => Walk(from, to, -1);

    private (double Hours, double PerKgW, double ClimbPerKgW, double AscentM) Walk(int from, int to, int way)
    {
        double hours = 0,
            energy = 0,
            climb = 0,
            ascent = 0;
        var height = _ground.ElevationM;
        var km = _ground.StepKm;
        for (var i = from; i < to; i++)
        {
            var terrain = TerrainAt(i);
            var rise = way * (height[i + 1] - height[i]);
            var h = WalkingTime.Hours(_school, km, rise, Terrains.IsOffPath(terrain)) * _pace;
            hours += h;
            energy += h * PerKg(terrain, rise / (km * 10));
            climb += Math.Max(0, rise) * HeatBalance.Gravity / 3600;
            ascent += Math.Max(0, rise);
        }

        return (hours, energy / hours, climb / hours, ascent);
    }

    /// <summary>Walking hours alone.</summary>
    public double Hours(int from, int to)
    {
        var hours = 0.0;
        var height = _ground.ElevationM;
        for (var i = from; i < to; i++)
        {
            hours += WalkingTime.Hours(_school, _ground.StepKm, height[i + 1] - height[i], Terrains.IsOffPath(TerrainAt(i))) * _pace;
        }

        return hours;
    }

    /// <summary>What is walked on at a profile step.</summary>
    public Terrain TerrainAt(int step)
    {
        var terrain = Terrain.GoodPath;
        foreach (var (from, kind) in _terrain)
        {
            if (from > step)
            {
                break;
            }

            terrain = kind;
        }

        return terrain;
    }

    private double PerKg(Terrain terrain, double gradePercent)
    {
        var table = _perKg[(int)terrain] ??= new double[(int)(2 * SteepestPercent / GradeStep) + 2];
        var at = (Math.Clamp(gradePercent, -SteepestPercent, SteepestPercent) + SteepestPercent) / GradeStep;
        var i = (int)at;
        return Entry(terrain, table, i) + ((at - i) * (Entry(terrain, table, i + 1) - Entry(terrain, table, i)));
    }

    private double Entry(Terrain terrain, double[] table, int i)
    {
        if (table[i] == 0)
        {
            var grade = (i * GradeStep) - SteepestPercent;
            var hoursPerKm = WalkingTime.Hours(_school, 1, grade * 10, Terrains.IsOffPath(terrain)) * _pace;
            table[i] = MetabolicRate.OnFootPerKg(1 / hoursPerKm / 3.6, Math.Clamp(grade, -40, 40), terrain);
        }

        return table[i];
    }
}
