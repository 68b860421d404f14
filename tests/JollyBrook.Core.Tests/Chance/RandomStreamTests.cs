using CsCheck;
using JollyBrook.Core.Chance;

namespace JollyBrook.Core.Tests.Chance;

/// <summary>The draws that the chance of a plan rests on.</summary>
public class RandomStreamTests
{
    /// <summary>The reference implementation's first numbers from the seed 1 234 567.</summary>
    private static readonly ulong[] Reference =
    [
        6457827717110365317,
        3203168211198807973,
        9817491932198370423,
        4593380528125082431,
        16408922859458223821,
    ];

    [Fact]
    public void The_draws_are_those_of_the_published_generator()
    {
        var stream = new RandomStream(1234567);
        foreach (var number in Reference)
        {
            // 53 bits of it, as a share of one.
            stream.Uniform().ShouldBe((number >> 11) / 9007199254740992.0);
        }
    }

    [Fact]
    public void A_seed_gives_the_same_draws_again_and_another_seed_others() =>
        Gen.Select(Gen.ULong, Gen.ULong)
            .Sample(
                (seed, other) =>
                {
                    static List<double> Draws(ulong seed)
                    {
                        var stream = new RandomStream(seed);
                        return [.. Enumerable.Range(0, 8).Select(i => i % 2 == 0 ? stream.Uniform() : stream.Normal())];
                    }

                    Draws(seed).ShouldBe(Draws(seed));
                    if (seed != other)
                    {
                        Draws(seed).ShouldNotBe(Draws(other));
                    }
                }
            );

    /// <summary>Mean ½ and variance 1/12; mean 0 and variance 1, and 68.27 % within one deviation: each within five standard errors.</summary>
    [Fact]
    public void Each_has_the_moments_of_its_kind()
    {
        const int draws = 100_000;
        var stream = new RandomStream(7);
        List<double> even = [.. Enumerable.Range(0, draws).Select(_ => stream.Uniform())];
        List<double> normal = [.. Enumerable.Range(0, draws).Select(_ => stream.Normal())];
        even.ShouldAllBe(u => u >= 0 && u < 1);
        even.Average().ShouldBe(0.5, 5 * Math.Sqrt(1.0 / 12 / draws));
        even.Average(u => (u - 0.5) * (u - 0.5)).ShouldBe(1.0 / 12, 0.002);
        normal.ShouldAllBe(n => double.IsFinite(n));
        normal.Average().ShouldBe(0, 5 / Math.Sqrt(draws));
        normal.Average(n => n * n).ShouldBe(1, 5 * Math.Sqrt(2.0 / draws));
        normal.Average(n => Math.Abs(n) < 1 ? 1.0 : 0).ShouldBe(0.6827, 5 * Math.Sqrt(0.6827 * 0.3173 / draws));
        // The pair that one draw of two makes has nothing to do with each other.
        normal.Zip(normal.Skip(1)).Average(p => p.First * p.Second).ShouldBe(0, 5 / Math.Sqrt(draws));
    }
}
