namespace JollyBrook.Core.Kit;

/// <summary>What a layered filter has been through since its layers were built or washed.</summary>
/// <param name="UsedL">Poured through it, L.</param>
/// <param name="RunsCloudy">Whether what comes out is no longer clearer: it is then not counted on.</param>
public sealed record LayersState(double UsedL, bool RunsCloudy)
{
    /// <summary>Just laid: nothing has gone through.</summary>
    public static readonly LayersState New = new(0, false);
}
