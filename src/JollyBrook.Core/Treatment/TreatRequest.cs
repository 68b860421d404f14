using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Treatment;

/// <summary>Water in a container, what there is to treat it with, and the method chosen for it.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Water">What is seen and measured.</param>
/// <param name="Method">
/// One or two barriers joined by "+": the id of a kit item, "boil", or the id of a chemical profile. The best one when left out.
/// </param>
/// <param name="CountViruses">Whether viruses are part of the target; true when left out.</param>
/// <param name="Boil">Choices for boiling.</param>
/// <param name="Chemical">Choices for a chemical.</param>
/// <param name="StartAt">When it would be started; gives the clock time it is drinkable.</param>
/// <param name="Source">Where the water is from; not judged when left out.</param>
/// <param name="Clearing">Choices for clearing.</param>
/// <param name="Container">What the treated water stands in.</param>
/// <param name="Sky">Air, place, date and cloud.</param>
/// <param name="Snow">Snow or ice to be melted first; null for water.</param>
/// <param name="Kit">What there is to treat with; the generic methods when it holds none.</param>
/// <param name="BeyondKit">Whether the generic methods are offered beside the kit's.</param>
/// <param name="AcceptCleanSnowOrRain">The traveller's own choice: fresh clean snow, or rain off a clean sheet, drunk untreated.</param>
public sealed record TreatRequest(
    UnitSystem? Units,
    WaterInput? Water,
    string? Method,
    bool? CountViruses = null,
    BoilOptions? Boil = null,
    ChemicalOptions? Chemical = null,
    DateTimeOffset? StartAt = null,
    SourceInput? Source = null,
    ClearingOptions? Clearing = null,
    ContainerInput? Container = null,
    SkyInput? Sky = null,
    SnowInput? Snow = null,
    IReadOnlyList<KitEntry>? Kit = null,
    bool? BeyondKit = null,
    bool? AcceptCleanSnowOrRain = null
);

/// <summary>The fields of a treatment.</summary>
public static class TreatFields
{
    /// <summary>Boiling, or which of the generic products.</summary>
    public static readonly ChoiceField Method = new("method", "Method", [TreatmentMethods.Boil, .. ChemicalProfiles.All.Select(p => p.Id)]);

    /// <summary>Every field of a treatment.</summary>
    public static readonly IReadOnlyList<Field> All =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        Method,
        .. WaterFields.All,
        .. BoilFields.All,
        .. ChemicalFields.All,
        .. SourceFields.All,
        .. ClearingFields.All,
        .. SettingFields.All,
        .. SnowFields.All,
        new ChoiceField("countViruses", "Viruses in the target", ["true", "false"]),
        new InstantField("startAt", "Start"),
    ];
}

/// <summary>Ways to treat that need no piece of kit.</summary>
public static class TreatmentMethods
{
    /// <summary>Boiling.</summary>
    public const string Boil = BoilBarrier.GenericId;
}
