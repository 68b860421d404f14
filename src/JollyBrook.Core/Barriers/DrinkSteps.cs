namespace JollyBrook.Core.Barriers;

/// <summary>How every treatment ends: taste, which stays locked until the water is safe, and drinking.</summary>
internal static class DrinkSteps
{
    public static TreatmentStep Flavour(string detail) =>
        new("flavour", StepKind.Flavour, "Flavour it", detail, "Flavoured", Optional: true);

    public static TreatmentStep Drink() =>
        new("drink", StepKind.Drink, "Drink", "From the clean side only. What is drunk is told by the bottle, on Now.", "Put by");
}
