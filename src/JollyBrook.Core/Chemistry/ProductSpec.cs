using JollyBrook.Core.Barriers;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>A chemical product in the kit: which profile its label fits, its dates, and the traveller's own dropper.</summary>
/// <param name="ProfileId">One of the generic profiles.</param>
/// <param name="BestBefore">The date on the pack; null when not known, which counts as past. Not used for bleach.</param>
/// <param name="PackDate">Bleach: the day it was packed; null counts as too old.</param>
/// <param name="StrengthPercent">Bleach: strength on the label, 5 to 9 %.</param>
/// <param name="DropCount">Drops counted into a measure.</param>
/// <param name="Left">What is left: tablets, or mL (of each part), 0 to 10 000; null when not counted.</param>
/// <param name="Label">The dose as the pack's own label says it.</param>
public sealed record ProductSpec(
    string? ProfileId, DateOnly? BestBefore = null, DateOnly? PackDate = null, double? StrengthPercent = null, DropCount? DropCount = null,
    double? Left = null, CopiedLabel? Label = null)
    : IBarrierSource
{
    private const double DaysInMonth = 365.25 / 12;

    private static readonly ChoiceField Profile = new("product.profileId", "Product", [.. ChemicalProfiles.All.Select(p => p.Id)]);

    private static readonly NumberField Strength = new(
        "product.strengthPercent", "Bleach strength", Quantity.Percent, Bleach.WeakestPercent, Bleach.StrongestPercent,
        "Read it on the bottle; weaker or stronger bleach is not for drinking water.");

    private static readonly NumberField LeftField = new(
        "product.left", "What is left", Quantity.Plain, 0, 10000, "Count the tablets, or read the bottle in mL.");

    /// <summary>The last day it may be counted on; null when not known. Bleach counts for 12 months from its pack date.</summary>
    public DateOnly? LastDay => ProfileId == ChemicalProfiles.BleachId ? PackDate?.AddMonths((int)Bleach.LifeMonths) : BestBefore;

    /// <summary>Drops in a millilitre: the traveller's own count, else the usual.</summary>
    public double DropsPerMl =>
        DropCount is { Drops: { } drops, Millilitres: > 0 and { } millilitres } ? drops / millilitres : ChemicalProfiles.DefaultDropsPerMl;

    public IEnumerable<IBarrier> Barriers(string id, string name) =>
        [new ChemicalBarrier(id, name, ChemicalProfiles.All.First(p => p.Id == ProfileId), this)];

    /// <summary>The options with what the kit knows of the product put in.</summary>
    public ChemicalOptions Fill(ChemicalOptions options, DateOnly? today)
    {
        ArgumentNullException.ThrowIfNull(options);
        return options with
        {
            Date = DateOn(today),
            BleachStrengthPercent = StrengthPercent,
            BleachAgeMonths = AgeMonths(today),
            DropCount = DropCount,
        };
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Listed(Profile, ProfileId, ChemicalProfiles.All, p => p.Id);
        intake.Optional(Strength, StrengthPercent);
        intake.Optional(LeftField, Left);
        Label?.Check(intake);
    }

    private DateCheck DateOn(DateOnly? today) => BestBefore is not { } last || today is not { } day
        ? DateCheck.Unknown
        : day <= last ? DateCheck.InDate : DateCheck.Past;

    private double? AgeMonths(DateOnly? today) => PackDate is not { } packed || today is not { } day
        ? null
        : Math.Max(0, (day.DayNumber - packed.DayNumber) / DaysInMonth);
}
