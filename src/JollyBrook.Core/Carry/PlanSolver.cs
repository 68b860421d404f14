using JollyBrook.Core.Carry.Promise;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Carry;

/// <summary>Plans as the route asks: for the middle, or so that the promised certainty is kept.</summary>
internal static class PlanSolver
{
    public static PlannedWalk Solve(PlanSetup setup)
    {
        // First, so that what Treat says of the litres is known before the many.
        var middle = MiddleWalk.Solve(setup);
        // The shortest path always fills up at the start.
        if (setup.Certainty <= TripRoute.Middle && setup.StartL is null)
        {
            return middle;
        }

        // How each fill is treated hangs on its litres: found coarsely, and then for good.
        var coarse = setup.Treatment.CanTell ? Promised(setup, SearchEffort.Coarse) : null;
        if (coarse is not null)
        {
            setup.TreatAsFilled(coarse);
        }

        return Promised(setup, SearchEffort.Full, coarse?.Policy.ShortPrice);
    }

    private static PromisedWalk Promised(PlanSetup setup, SearchEffort effort, double? nearPrice = null)
    {
        var way = new PolicyWay(setup);
        var trial = new PolicyTrial(setup, way, effort);
        return PromisedWalk.Of(setup, way, trial.Find(nearPrice), trial.Judge);
    }
}
