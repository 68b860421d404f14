namespace JollyBrook.Core.Chemistry;

/// <summary>Water that was dosed before and is still in the container that raw water is added to.</summary>
/// <param name="Litres">How much of it, L.</param>
/// <param name="MgPerL">What it was dosed with, mg/L: counted whole, as nobody knows what the water has used up of it since.</param>
internal sealed record DosedWater(double Litres, double MgPerL);
