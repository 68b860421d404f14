using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Filters;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Packing.Ways;

/// <summary>What an outing asks of the way its water is carried.</summary>
/// <param name="BetweenL">Most that one walker has to carry at once, L.</param>
/// <param name="LPerH">What the thirstiest walker drinks in a walking hour, L.</param>
/// <param name="Fills">Fills on the way.</param>
/// <param name="IsRun">Whether most of it is run.</param>
/// <param name="HighC">The warmest hour, °C.</param>
/// <param name="LowC">The coldest hour, °C.</param>
/// <param name="Squeezes">Whether a filter is carried that bottles are squeezed through.</param>
/// <param name="HasPack">Whether somebody carries a full pack.</param>
internal sealed record Outing(double BetweenL, double LPerH, int Fills, bool IsRun, double HighC, double LowC, bool Squeezes, bool HasPack)
{
    private const double MostlyRun = 0.5;

    /// <summary>A running vest holds no more than this, kg (pick).</summary>
    private const double FullPackKg = 6;

    /// <summary>Nobody carries more at once, L (pick).</summary>
    private const double MostL = 24;

    public static Outing Of(PlanRequest request)
    {
        var (setup, walk, _) = WithRoomEnough(request);
        var pieces = setup.Line.Timeline.Walk.Where(w => !w.IsRest).ToList();
        var hours = pieces.Sum(w => w.EndHour - w.StartHour);
        var runHours = pieces
            .Where(w => (w.ToStep - w.FromStep) * setup.Ground.StepKm / w.WalkHours > MetabolicRate.RunningAboveKmH)
            .Sum(w => w.EndHour - w.StartHour);
        var loads = new FairLoad(setup.Party.Walkers, []);
        return new Outing(
            BetweenL: walk.Fills.Select(f => loads.Share(f.CarriedL).Max(s => s.Litres)).Max(),
            LPerH: pieces.Sum(w => w.MedianL) / hours * setup.Party.Walkers.Max(w => w.MassKg!.Value) / setup.Party.BodyKg,
            Fills: walk.Fills.Count - 1,
            IsRun: runHours > MostlyRun * hours,
            HighC: pieces.Max(w => w.AirC),
            LowC: pieces.Min(w => w.AirC),
            Squeezes: KitEntry.Carried(request.Kit).Any(e => e.Item is WaterFilter { Filter.Style: FilterStyle.Squeeze }),
            HasPack: setup.Party.Walkers.Any(w => w.LoadKg > FullPackKg)
        );
    }

    /// <summary>
    /// The walk planned as if there were room for what it asks for: what is carried now must not say what there is to carry, nor must what is
    /// assumed where nothing is named.
    /// </summary>
    private static PlanRun WithRoomEnough(PlanRequest request)
    {
        PlanRun With(IReadOnlyList<CarriedContainer>? room) =>
            PlanRun.Of(request with { Route = request.Route! with { Containers = room } });

        var run = With(null);
        for (var litres = 2 * PlanSetup.DefaultCapacityLPerWalker; !IsEnough(run) && litres <= MostL; litres *= 2)
        {
            run = With([.. run.Setup.Party.Walkers.Select(_ => new CarriedContainer("Room", litres))]);
        }

        return run;
    }

    private static bool IsEnough(PlanRun run) =>
        run.Walk.IsFeasible && (run.Setup.Certainty <= TripRoute.Middle || PlanPromise.IsKept(run.Walk.ShortChance, run.Setup.Certainty));
}
