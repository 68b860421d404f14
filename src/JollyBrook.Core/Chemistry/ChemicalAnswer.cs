using JollyBrook.Core.Barriers;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>How much to put in.</summary>
/// <param name="Units">Tablets, or drops of each part.</param>
/// <param name="Words">"1 tablet", "68 drops", "7 + 7 drops".</param>
/// <param name="HandMeasure">Millilitres and spoons when there are too many drops to count; null otherwise.</param>
/// <param name="MgPerL">Strength it gives, mg/L.</param>
/// <param name="LabelMgPerL">What the label asks for in this water, mg/L.</param>
/// <param name="LabelWords">As the label says it.</param>
/// <param name="Computed">Whether more than the label is asked for.</param>
/// <param name="Why">Which rule raised the dose; null when none did.</param>
/// <param name="FillHint">Which fill makes a whole number of tablets; null when this one does.</param>
/// <param name="NeutraliserMg">Vitamin C that takes the residual away after contact, mg; null where no figure is known.</param>
/// <param name="FillL">The water they are for, litres: other than was asked about where only that fill takes a whole number.</param>
public sealed record DoseAnswer(
    double Units,
    string Words,
    string? HandMeasure,
    double MgPerL,
    double LabelMgPerL,
    string LabelWords,
    bool Computed,
    string? Why,
    string? FillHint,
    double? NeutraliserMg,
    double FillL
);

/// <summary>How long to wait.</summary>
/// <param name="WaitMinutes">Label or computed, whichever is longer; whole minutes.</param>
/// <param name="LabelMinutes">The label's contact time for everything it claims.</param>
/// <param name="LabelWords">As the label says it.</param>
/// <param name="ComputedMinutes">By CT, whole minutes; null when no claimed class needs one.</param>
/// <param name="Computed">Whether the computed wait is longer than the label's.</param>
/// <param name="LongestFor">The class that takes longest by CT.</param>
/// <param name="DemandMgPerL">What the water uses up, mg/L.</param>
/// <param name="ResidualMgPerL">What is left to work, mg/L.</param>
/// <param name="MixStandMinutes">Minutes the mixed parts stand first.</param>
/// <param name="DissolveMinutes">Minutes to dissolve or shake.</param>
/// <param name="Note">Why the wait is longer than the dose alone would need; null when it is not.</param>
/// <param name="Shorter">A shorter wait that meets everything but Cryptosporidium; null where there is none.</param>
public sealed record ContactAnswer(
    double WaitMinutes,
    double LabelMinutes,
    string LabelWords,
    double? ComputedMinutes,
    bool Computed,
    OrganismClass? LongestFor,
    double DemandMgPerL,
    double ResidualMgPerL,
    double MixStandMinutes,
    double DissolveMinutes,
    string? Note,
    ShorterWait? Shorter
);

/// <summary>A chemical plan for one fill of water: a dose and a wait with their ledger, or a refusal.</summary>
public sealed record ChemicalResult(
    ChemicalProfile Profile,
    FieldWater Water,
    DoseAnswer? Dose,
    ContactAnswer? Contact,
    IReadOnlyList<LedgerRow> Ledger,
    Refusal? Refusal,
    IReadOnlyList<Contract.Assumption> Assumptions,
    IReadOnlyList<Contract.Caution> Cautions,
    Contract.Working Working
);
