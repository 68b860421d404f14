using JollyBrook.Core.Route;

namespace JollyBrook.Benchmarks;

/// <summary>The climb read from made-up tracks against that of the ground they were made from.</summary>
internal static class ClimbErrors
{
    private const double Km = 20;
    private const int StepM = 10;

    public static void Print()
    {
        Console.WriteLine();
        Console.WriteLine(
            "Climb of 20 km, read against the ground            limits: 8 % rolling from 400 m and fractal, 60 m on the flat"
        );
        Console.WriteLine($"{"", -46}{"ground", 10}{"drawn", 10}{"recorded", 12}{"error", 18}");
        foreach (var length in (double[])[200, 400, 600, 1000, 2000])
        {
            Line($"rolling, {length:0} m from top to top, 20 m high", m => 500 + (10 * Math.Sin(2 * Math.PI * m / length)));
        }

        foreach (var seed in (int[])[1, 2, 3])
        {
            Line($"fractal hills {seed}", Fractal(seed));
        }

        Line("flat", _ => 500);
    }

    private static void Line(string name, Func<double, double> ground)
    {
        var truth = Climb(ground);
        var (drawn, recorded) = (Read(ground, null), Read(ground, 1));
        string Off(double read) => truth > 0 ? $"{(read - truth) / truth * 100, 5:+0.0;−0.0} %" : $"{read, 5:0} m";
        Console.WriteLine($"{name, -46}{truth, 8:0} m{drawn, 8:0} m{recorded, 10:0} m   {Off(drawn)} {Off(recorded)}");
    }

    /// <summary>Point by point 2 m of noise, and 2 m that drifts over 80 m.</summary>
    private static double Read(Func<double, double> ground, int? noise)
    {
        var random = new Random(noise ?? 0);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var keep = Math.Exp(-StepM / 80.0);
        var drift = 0.0;
        List<GeoPoint> points = [];
        for (var i = 0; i <= Km * 1000 / StepM; i++)
        {
            drift = (keep * drift) + (2 * Math.Sqrt(1 - (keep * keep)) * Normal());
            points.Add(new GeoPoint(46 + (i * StepM / 111_195.0), -28, ground(i * StepM) + (noise is null ? 0 : drift + (2 * Normal()))));
        }

        return Track.Of(points, noise is not null)!.Profile().AscentM;
    }

    private static double Climb(Func<double, double> ground)
    {
        var (climb, before) = (0.0, ground(0));
        for (var m = 1; m <= Km * 1000; m++)
        {
            var at = ground(m);
            climb += Math.Max(0, at - before);
            before = at;
        }

        return climb;
    }

    /// <summary>Waves from 400 m to 13 km, each half as long and a little more than half as high as the one before.</summary>
    private static Func<double, double> Fractal(int seed)
    {
        var random = new Random(seed);
        List<(double Length, double Height, double Phase)> waves = [];
        for (var (length, height) = (12_800.0, 150.0); length >= 400; length /= 2, height *= 0.55)
        {
            waves.Add((length * (0.9 + (0.2 * random.NextDouble())), height, 2 * Math.PI * random.NextDouble()));
        }

        return m => 800 + waves.Sum(w => w.Height * Math.Sin((2 * Math.PI * m / w.Length) + w.Phase));
    }
}
