using JollyBrook.Core.Chance;

namespace JollyBrook.Core.Drills;

/// <summary>Draws for a scene; the same on every host for the same seed.</summary>
internal sealed class Dice(ulong seed)
{
    private RandomStream _stream = new(seed);

    /// <summary>Between two numbers, to a given step.</summary>
    public double Between(double from, double to, double step) => Math.Round((from + (_stream.Uniform() * (to - from))) / step) * step;

    public int Whole(int from, int to) => from + (int)(_stream.Uniform() * (to - from + 1));

    public bool Chance(double share) => _stream.Uniform() < share;

    public T Of<T>(IReadOnlyList<T> list) => list[(int)(_stream.Uniform() * list.Count)];

    /// <summary>Mixes numbers into a seed, so that near seeds give unlike scenes.</summary>
    public static ulong Mix(double seed, params int[] with)
    {
        var mixed = (ulong)seed;
        foreach (var n in with)
        {
            mixed = (mixed * 6364136223846793005) + (ulong)(n + 1442695041);
            mixed ^= mixed >> 29;
        }

        return mixed;
    }
}
