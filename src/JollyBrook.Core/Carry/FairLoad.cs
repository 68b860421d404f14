using JollyBrook.Core.Body;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>
/// Water shared out fairly: by body mass, each in their own containers, what belongs to nobody with the least laden, and nobody above a
/// quarter of their body mass with the pack unless there is no other way (handbook room 70).
/// </summary>
/// <param name="walkers">Who walks.</param>
/// <param name="containers">What is taken along.</param>
internal sealed class FairLoad(IReadOnlyList<Walker> walkers, IReadOnlyList<CarriedContainer> containers)
{
    /// <summary>Most that anybody should carry, share of body mass.</summary>
    public const double MostShare = 0.25;

    /// <summary>A pack is weighed with its usual water in it (pick: two bottles), kg.</summary>
    public const double UsualWaterKg = 2;

    private const double NothingL = 0.005;

    /// <summary>Whose containers each walker carries, the largest first.</summary>
    private readonly List<CarriedContainer>[] _held = Hold(walkers, containers);

    /// <summary>Litres and containers for each walker, in their order.</summary>
    /// <param name="litres">What there is to carry, L.</param>
    public IReadOnlyList<(double Litres, IReadOnlyList<ContainerShare> Into)> Share(double litres)
    {
        var shares = new double[walkers.Count];
        double[] room = [.. _held.Select(h => containers.Count == 0 ? double.PositiveInfinity : h.Sum(c => c.VolumeL!.Value))];
        // First what nobody is overladen by, then the rest all the same.
        var left = Pour(litres, shares, [.. room.Zip(walkers, (r, w) => Math.Min(r, SpareKg(w)))]);
        Pour(left, shares, room);
        return [.. shares.Select((share, i) => (share, Into(_held[i], share)))];
    }

    /// <summary>What a walker and their share come to, share of body mass, without the usual water that is in the pack's weight.</summary>
    public static double LoadShare(Walker walker, double litres) =>
        (Math.Max(0, walker.LoadKg - UsualWaterKg) + litres) / walker.MassKg!.Value;

    private static double SpareKg(Walker walker) =>
        Math.Max(0, (MostShare * walker.MassKg!.Value) - Math.Max(0, walker.LoadKg - UsualWaterKg));

    /// <summary>Adds litres by body mass up to each one's most; returns what did not fit.</summary>
    private double Pour(double litres, double[] shares, double[] most)
    {
        var left = litres;
        for (var round = 0; left > NothingL && round <= walkers.Count; round++)
        {
            int[] open = [.. Enumerable.Range(0, walkers.Count).Where(i => shares[i] < most[i] - NothingL)];
            var mass = open.Sum(i => walkers[i].MassKg!.Value);
            var before = left;
            foreach (var i in open)
            {
                var more = Math.Min(before * walkers[i].MassKg!.Value / mass, most[i] - shares[i]);
                shares[i] += more;
                left -= more;
            }
        }

        return Math.Max(0, left);
    }

    private static List<CarriedContainer>[] Hold(IReadOnlyList<Walker> walkers, IReadOnlyList<CarriedContainer> containers)
    {
        List<CarriedContainer>[] held = [.. walkers.Select(w => containers.Where(c => c.Walker == w.Name).ToList())];
        foreach (var shared in containers.Where(c => walkers.All(w => w.Name != c.Walker)).OrderByDescending(c => c.VolumeL))
        {
            var least = Enumerable.Range(0, walkers.Count).MinBy(i => LoadShare(walkers[i], held[i].Sum(c => c.VolumeL!.Value)));
            held[least].Add(shared);
        }

        return [.. held.Select(h => h.OrderByDescending(c => c.VolumeL).ToList())];
    }

    private static List<ContainerShare> Into(IEnumerable<CarriedContainer> held, double litres)
    {
        List<ContainerShare> filled = [];
        foreach (var container in held)
        {
            if (litres < NothingL)
            {
                break;
            }

            var into = Math.Min(litres, container.VolumeL!.Value);
            filled.Add(new ContainerShare(container.Name ?? "Container", Math.Round(into, 4)));
            litres -= into;
        }

        return filled;
    }
}
