namespace JollyBrook.Core.Carry;

/// <summary>
/// Solves a plan with the times that Treat gives for the litres it fills: how much is taken sets how long it is treated, and that sets
/// where to wait. A time once found is never made shorter, so it settles.
/// </summary>
internal static class PlanSolver
{
    private const int MostRounds = 5;

    public static (CarrySolution Solution, Func<CarryStop, CarryFill> WayOn) Solve(PlanSetup setup)
    {
        var solved = CarrySolver.SolveWithWaysOn(setup.Problem);
        for (var round = 0; round < MostRounds && setup.Treatment.CanTell && setup.TreatAsFilled(solved.Solution); round++)
        {
            solved = CarrySolver.SolveWithWaysOn(setup.Problem);
        }

        return solved;
    }
}
