using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>Plans as the route asks: for the middle, or so that the promised certainty is kept.</summary>
internal static class PlanSolver
{
    /// <summary>The best of many on the walks it was chosen by is a little worse on others (pick).</summary>
    private const double Careful = 0.85;

    public static PlannedWalk Solve(PlanSetup setup)
    {
        // First, so that what Treat says of the litres is known before the many.
        var middle = MiddleWalk.Solve(setup);
        // The shortest path always fills up at the start.
        if (setup.Certainty <= TripRoute.Middle && setup.StartL is null)
        {
            return middle;
        }

        var promised = Promised(setup);
        return setup.Treatment.CanTell && setup.TreatAsFilled(promised) ? Promised(setup) : promised;
    }

    private static PromisedWalk Promised(PlanSetup setup)
    {
        var way = new PolicyWay(setup);
        var trial = new PolicyTrial(setup, way);

        // As it is walked in the end, the reserve at the median kept.
        bool Confirms(TriedPolicy policy) => trial.Confirms(PromisedWalk.Of(setup, way, policy).Decide, setup.Certainty);
        return PromisedWalk.Of(setup, way, PromiseSearch.Find(way.Problem, Careful * (1 - setup.Certainty), trial.Try, Confirms));
    }
}
