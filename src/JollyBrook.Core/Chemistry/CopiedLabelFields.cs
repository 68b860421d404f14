using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>The fields of a copied label and their checks.</summary>
internal static class CopiedLabelFields
{
    private const int LongestLine = 200;
    private const int MostLines = 12;
    private const int LongestStrength = 40;
    private const string FromThePack = "Copy it from the label.";

    private static readonly NumberField Amount = new(
        "product.label.amount",
        "Dose on the label",
        Quantity.Plain,
        0.25,
        500,
        "Copy tablets or drops as the label gives them."
    );

    private static readonly NumberField Water = new(
        "product.label.water",
        "Water on the label",
        Quantity.Plain,
        0.1,
        200,
        "Copy it in the label's own unit."
    );

    private static readonly NumberField MgPerL = new(
        "product.label.mgPerL",
        "mg/L on the label",
        Quantity.Plain,
        0.1,
        50,
        "Copy it, or leave it out."
    );
    private static readonly NumberField Mix = new(
        "product.label.mixMinutes",
        "Minutes the mixed parts stand",
        Quantity.Duration,
        0,
        60,
        FromThePack
    );
    private static readonly NumberField Dissolve = new(
        "product.label.dissolveMinutes",
        "Minutes to dissolve",
        Quantity.Duration,
        0,
        120,
        FromThePack
    );
    private static readonly NumberField ColdBelow = new(
        "product.label.cold.belowC",
        "Cold below",
        Quantity.Temperature,
        0,
        30,
        FromThePack
    );
    private static readonly NumberField ColdTimes = new(
        "product.label.cold.times",
        "Times the wait in the cold",
        Quantity.Plain,
        1,
        10,
        FromThePack
    );
    private static readonly NumberField ColdPlus = new(
        "product.label.cold.plusMinutes",
        "Minutes more in the cold",
        Quantity.Duration,
        0,
        1440,
        FromThePack
    );
    private static readonly NumberField CloudyDose = new(
        "product.label.cloudy.doseTimes",
        "Times the dose when cloudy",
        Quantity.Plain,
        1,
        4,
        FromThePack
    );
    private static readonly NumberField CloudyWait = new(
        "product.label.cloudy.waitTimes",
        "Times the wait when cloudy",
        Quantity.Plain,
        1,
        10,
        FromThePack
    );
    private static readonly ChoiceField Strength = new(
        "product.label.strength",
        "Strength on the label",
        [$"up to {LongestStrength} characters"]
    );
    private static readonly ChoiceField Waits = new(
        "product.label.waits",
        "Waits on the label",
        ["minutes for one class of organism at least"]
    );

    private static readonly ChoiceField Lines = new(
        "product.label.steps",
        "Lines of the label",
        [$"up to {MostLines} lines of {LongestLine} characters"]
    );

    /// <summary>Notes what is missing or can't be right.</summary>
    /// <param name="label">As copied.</param>
    /// <param name="template">What filled the form; null when that is wrong itself.</param>
    /// <param name="intake">Takes what is wrong.</param>
    public static void Check(CopiedLabel label, ChemicalProfile? template, Intake intake)
    {
        intake.Required(Amount, label.Amount);
        intake.Required(Water, label.Water);
        intake.Optional(MgPerL, label.MgPerL);
        intake.Optional(Mix, label.MixMinutes);
        intake.Optional(Dissolve, label.DissolveMinutes);
        intake.Optional(ColdBelow, label.Cold?.BelowC);
        intake.Optional(ColdTimes, label.Cold?.Times);
        intake.Optional(ColdPlus, label.Cold?.PlusMinutes);
        intake.Optional(CloudyDose, label.Cloudy?.DoseTimes);
        intake.Optional(CloudyWait, label.Cloudy?.WaitTimes);
        CheckWaits(label.Waits, intake);
        if (label.Strength?.Length > LongestStrength)
        {
            intake.Refuse(Strength, $"Strength on the label must be up to {LongestStrength} characters. Copy the number and its unit.");
        }

        foreach (var lines in new[] { label.Steps, label.Warnings })
        {
            if (lines?.Count > MostLines || lines?.Any(l => l.Length > LongestLine) == true)
            {
                intake.Refuse(
                    Lines,
                    $"Steps and warnings take up to {MostLines} lines of {LongestLine} characters each. Copy the most needed first."
                );
            }
        }

        if (label is { MgPerL: null, Active: { } active } && template is not null && active != template.Active)
        {
            intake.Refuse(
                MgPerL,
                "mg/L on the label is missing: its active ingredient is another than the template's. Copy it from the label."
            );
        }
    }

    private static void CheckWaits(CopiedWaits? waits, Intake intake)
    {
        if (waits is null)
        {
            return;
        }

        var named = new[]
        {
            ("bacteria", waits.Bacteria),
            ("viruses", waits.Viruses),
            ("giardia", waits.Giardia),
            ("cryptosporidium", waits.Cryptosporidium),
        };
        foreach (var (name, minutes) in named)
        {
            intake.Optional(
                new NumberField($"product.label.waits.{name}", $"Wait for {name}", Quantity.Duration, 1, 1440, FromThePack),
                minutes
            );
        }

        if (named.All(n => n.Item2 is null))
        {
            intake.Refuse(
                Waits,
                "Waits on the label name no class of organism. Copy the minutes for one at least, or leave the waits out."
            );
        }
    }
}
