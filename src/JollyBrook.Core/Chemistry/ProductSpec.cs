using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>A chemical product in the kit: its label as copied from the pack, its dates, and the traveller's own dropper.</summary>
/// <param name="ProfileId">The template that filled the form.</param>
/// <param name="BestBefore">The date on the pack; null when not known, which counts as past. Not used for bleach.</param>
/// <param name="PackDate">Bleach: the day it was packed; null counts as too old.</param>
/// <param name="StrengthPercent">Bleach and other drops: strength on the label, % w/v; bleach 5 to 9.</param>
/// <param name="DropCount">Drops counted into a measure.</param>
/// <param name="Label">The label as copied; null takes the template for it.</param>
/// <param name="OpenedOn">The day it was opened; null while it is closed.</param>
/// <param name="KeepsOpenDays">Days it lasts once opened, 1 to 3 650; null where the label names none.</param>
public sealed record ProductSpec(
    string? ProfileId,
    DateOnly? BestBefore = null,
    DateOnly? PackDate = null,
    double? StrengthPercent = null,
    DropCount? DropCount = null,
    CopiedLabel? Label = null,
    DateOnly? OpenedOn = null,
    double? KeepsOpenDays = null
)
{
    private const double DaysInMonth = 365.25 / 12;

    private static readonly ChoiceField TemplateField = new("product.profileId", "Product", [.. ChemicalProfiles.All.Select(p => p.Id)]);

    private static readonly NumberField Strength = new(
        "product.strengthPercent",
        "Bleach strength",
        Quantity.Percent,
        Bleach.WeakestPercent,
        Bleach.StrongestPercent,
        "Read it on the bottle; weaker or stronger bleach is not for drinking water."
    );

    private static readonly NumberField KeepsField = new(
        "product.keepsOpenDays",
        "Days it lasts once opened",
        Quantity.Plain,
        1,
        3650,
        "Copy it from the label."
    );

    /// <summary>The template the form was filled from.</summary>
    public ChemicalProfile Template => ChemicalProfiles.Find(ProfileId) ?? ChemicalProfiles.All[0];

    /// <summary>The product: its copied label, or the template where none was copied.</summary>
    public ChemicalProfile Profile => Label?.Over(Template, StrengthPercent) ?? Template;

    /// <summary>Where the copy looks as if it had gone wrong; null otherwise.</summary>
    public string? Doubt => Label?.Doubt(Template, StrengthPercent);

    /// <summary>The last day it may be counted on; null when not known. Bleach counts for 12 months from its pack date.</summary>
    public DateOnly? LastDay =>
        (ProfileId == ChemicalProfiles.BleachId ? PackDate?.AddMonths((int)Bleach.LifeMonths) : BestBefore) is { } last
            ? OpenUntil < last
                ? OpenUntil
                : last
            : null;

    /// <summary>The last day by when it was opened; null while it is closed, or where the label names no days.</summary>
    public DateOnly? OpenUntil => KeepsOpenDays is { } days ? OpenedOn?.AddDays((int)days) : null;

    /// <summary>Drops in a millilitre: the traveller's own count, else the usual.</summary>
    public double DropsPerMl =>
        DropCount is { Drops: { } drops, Millilitres: > 0 and { } millilitres } ? drops / millilitres : ChemicalProfiles.DefaultDropsPerMl;

    /// <summary>The options with what the kit knows of the product put in.</summary>
    public ChemicalOptions Fill(ChemicalOptions options, DateOnly? today)
    {
        ArgumentNullException.ThrowIfNull(options);
        return options with
        {
            Date = DateOn(today),
            BleachStrengthPercent = ProfileId == ChemicalProfiles.BleachId ? StrengthPercent : null,
            BleachAgeMonths = AgeMonths(today),
            DropCount = DropCount,
        };
    }

    /// <summary>Notes what is missing or can't be right.</summary>
    public void Check(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Listed(TemplateField, ProfileId, ChemicalProfiles.All, p => p.Id);
        intake.Optional(Strength, StrengthPercent);
        intake.Optional(KeepsField, KeepsOpenDays);
        if (Label is { } label)
        {
            CopiedLabelFields.Check(label, ChemicalProfiles.Find(ProfileId), intake);
        }
    }

    private DateCheck DateOn(DateOnly? today)
    {
        if (today is not { } day)
        {
            return DateCheck.Unknown;
        }

        // Opened for too long is past, whatever the pack's own date.
        if (day > OpenUntil)
        {
            return DateCheck.Past;
        }

        return BestBefore is not { } last ? DateCheck.Unknown
            : day <= last ? DateCheck.InDate
            : DateCheck.Past;
    }

    private double? AgeMonths(DateOnly? today)
    {
        if (PackDate is not { } packed || today is not { } day)
        {
            return null;
        }

        return day > OpenUntil ? Bleach.LifeMonths + 1 : Math.Max(0, (day.DayNumber - packed.DayNumber) / DaysInMonth);
    }
}
