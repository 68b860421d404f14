using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>The dose a label names: so many tablets or drops for so much clear water.</summary>
/// <param name="Amount">Tablets or drops (of each part).</param>
/// <param name="VolumeL">The volume they are for, litres.</param>
/// <param name="Words">As the label says it.</param>
/// <param name="CloudyFactor">The label's own multiplier for cloudy water; 1 when it names none.</param>
/// <param name="DoublesWhenColoured">Whether coloured water takes the cloudy dose.</param>
/// <param name="DoublesWhenVeryCold">Whether very cold water takes the cloudy dose.</param>
/// <param name="MaySplit">Whether the label allows half tablets.</param>
public sealed record LabelDose(
    double Amount,
    double VolumeL,
    string Words,
    double CloudyFactor = 1,
    bool DoublesWhenColoured = false,
    bool DoublesWhenVeryCold = false,
    bool MaySplit = false
)
{
    /// <summary>Tablets or drops for a litre of clear water.</summary>
    public double PerL => Amount / VolumeL;
}

/// <summary>A product as its label describes it: one of the generic templates, or the traveller's own copy.</summary>
/// <param name="Id">Stable name of the template it was filled from.</param>
/// <param name="Name">Active ingredient, form and strength.</param>
/// <param name="Active">What does the work.</param>
/// <param name="Form">How it is counted out.</param>
/// <param name="Dose">The label's dose.</param>
/// <param name="Wait">The label's contact times, by class of organism: those it names are those it claims.</param>
/// <param name="LabelMgPerL">Disinfectant the label's clear-water dose gives, mg/L.</param>
/// <param name="StockPercent">Strength of a liquid whose drops are measured, % w/v; null otherwise.</param>
/// <param name="MixStandMinutes">Minutes the mixed parts stand before dosing; 0 for one part.</param>
/// <param name="DissolveMinutes">Minutes to dissolve or shake.</param>
/// <param name="Cautions">The label's warnings, one line each.</param>
/// <param name="Copy">What was copied from the pack; null for a plain template.</param>
public sealed record ChemicalProfile(
    string Id,
    string Name,
    ActiveIngredient Active,
    ProductForm Form,
    LabelDose Dose,
    LabelWait Wait,
    double LabelMgPerL,
    double? StockPercent,
    double MixStandMinutes,
    double DissolveMinutes,
    IReadOnlyList<string> Cautions,
    CopiedLabel? Copy = null
)
{
    /// <summary>Water colder than this is "cold" for label rules, °C, unless a label says otherwise.</summary>
    public const double ColdBelowC = 10;

    /// <summary>Water colder than this is "very cold": dissolving slows, and bleach is doubled, °C.</summary>
    public const double VeryColdBelowC = 5;

    /// <summary>Whether the strength is the household's own bottle's, asked for with its age.</summary>
    public bool IsHouseholdBleach => Id == ChemicalProfiles.BleachId;

    /// <summary>Whether its drops are of no exact size, so that the nose has the last word: chlorine dosed by drops.</summary>
    public bool AsksTheNose => Active == ActiveIngredient.FreeChlorine && Form != ProductForm.Tablet;

    /// <summary>mg of disinfectant in one tablet, or one drop (of each part) as the label counts it.</summary>
    public double MgPerUnit => LabelMgPerL / Dose.PerL;

    /// <summary>The label in a line: "4 drops per 1 US gal; 30 min".</summary>
    public string Words => $"{Dose.Words}; {Wait.Words}";

    /// <summary>The template written out as a label, to fill the form from.</summary>
    public CopiedLabel AsLabel() =>
        new(
            Amount: Dose.Amount,
            Water: Dose.VolumeL / LabelUnits.LitresIn(DoseUnitOfWater),
            Unit: DoseUnitOfWater,
            Waits: new CopiedWaits(Wait.Bacteria, Wait.Viruses, Wait.Giardia, Wait.Cryptosporidium),
            Cold: Wait.Cold is { } cold && Wait.RulesReachCryptosporidium
                ? new CopiedCold(cold.BelowC, cold.Times, cold.PlusMinutes)
                : null,
            Cloudy: Dose.CloudyFactor > 1 ? new CopiedCloudy(Dose.CloudyFactor) : null,
            MgPerL: IsHouseholdBleach ? null : Math.Round(LabelMgPerL, 2),
            MixMinutes: MixStandMinutes > 0 ? MixStandMinutes : null,
            DissolveMinutes: DissolveMinutes
        );

    private LabelUnit DoseUnitOfWater =>
        Math.Abs(Dose.VolumeL - LabelUnits.LitresIn(LabelUnit.UsQuart)) < 1e-9 ? LabelUnit.UsQuart : LabelUnit.Litre;

    /// <summary>Classes the label claims.</summary>
    public IReadOnlyList<OrganismClass> Claims => Wait.Claims;
}
