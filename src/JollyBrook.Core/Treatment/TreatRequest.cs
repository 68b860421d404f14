using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>Water in a container and the method chosen for it.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Water">What is seen and measured.</param>
/// <param name="Method">"boil", or the id of a chemical profile.</param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="Boil">Choices for boiling.</param>
/// <param name="Chemical">Choices for a chemical.</param>
/// <param name="StartAt">When it would be started; gives the clock time it is drinkable.</param>
public sealed record TreatRequest(
    UnitSystem? Units,
    WaterInput? Water,
    string? Method,
    bool? CountViruses = null,
    BoilOptions? Boil = null,
    ChemicalOptions? Chemical = null,
    DateTimeOffset? StartAt = null);

public static class TreatFields
{
    public static readonly ChoiceField Method = new(
        "method", "Method", [TreatmentMethods.Boil, .. ChemicalProfiles.All.Select(p => p.Id)]);

    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"), Method, .. WaterFields.All, .. BoilFields.All, .. ChemicalFields.All,
        new ChoiceField("countViruses", "Viruses in the target", ["true", "false"]),
        new InstantField("startAt", "Start"),
    ];
}

public static class TreatmentMethods
{
    public const string Boil = "boil";
}
