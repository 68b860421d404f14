namespace JollyBrook.Core.Carry;

/// <summary>
/// A trip solved: laid out, walked at the median, and every fill treated. The plan, its evenings and kit check are views of it.
/// </summary>
/// <param name="Setup">The trip laid out.</param>
/// <param name="Walk">Where it fills, and how much.</param>
/// <param name="Treated">How each fill is treated, with what is left by then.</param>
internal sealed record PlanRun(PlanSetup Setup, PlannedWalk Walk, TreatedWalk Treated)
{
    /// <exception cref="Contract.BadInputException">A field is missing or out of its range.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static PlanRun Of(PlanRequest request, CancellationToken cancellation = default)
    {
        PlanSetup.Check(request);
        var setup = new PlanSetup(request) { Cancellation = cancellation };
        var walk = PlanSolver.Solve(setup);
        return new PlanRun(setup, walk, TreatedWalk.Of(setup, walk.Fills));
    }
}
