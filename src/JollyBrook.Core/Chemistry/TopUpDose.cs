namespace JollyBrook.Core.Chemistry;

/// <summary>What is dosed for water that was added to a batch, and how long all of it waits then.</summary>
/// <param name="Units">Tablets, or drops of each part, 0 to 100 000.</param>
/// <param name="Words">"1 tablet", "7 + 7 drops"; up to 100 characters.</param>
/// <param name="HandMeasure">Millilitres and spoons where there are too many drops to count, up to 100 characters; null otherwise.</param>
/// <param name="WaitMinutes">Contact for all of it, from the dose on, min, 0 to 10 080.</param>
public sealed record TopUpDose(double Units, string Words, string? HandMeasure, double WaitMinutes);
