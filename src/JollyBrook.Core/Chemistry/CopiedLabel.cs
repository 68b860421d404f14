using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Chemistry;

/// <summary>Contact times on a label, minutes, 1 to 1 440; a class left out is one the label does not claim.</summary>
public sealed record CopiedWaits(double? Bacteria = null, double? Viruses = null, double? Giardia = null, double? Cryptosporidium = null);

/// <summary>A label's rule for cold water.</summary>
/// <param name="BelowC">Colder than this, °C, 0 to 30; 10 when left out.</param>
/// <param name="Times">Times the wait, 1 to 10.</param>
/// <param name="PlusMinutes">So many minutes more, 0 to 1 440.</param>
public sealed record CopiedCold(double? BelowC = null, double? Times = null, double? PlusMinutes = null);

/// <summary>A label's rule for cloudy water.</summary>
/// <param name="DoseTimes">Times the dose, 1 to 4.</param>
/// <param name="WaitTimes">Times the wait, 1 to 10.</param>
public sealed record CopiedCloudy(double? DoseTimes = null, double? WaitTimes = null);

/// <summary>
/// A label, copied from the pack in its own words and units. It is the product: every dose, wait and quotation comes from it. What it
/// leaves out is what the template says that filled the form.
/// </summary>
/// <param name="Amount">Tablets, or drops (of each part), 0.25 to 500.</param>
/// <param name="Water">For so much water, in <paramref name="Unit"/>, 0.1 to 200.</param>
/// <param name="Unit">The label's unit of water; litres when left out.</param>
/// <param name="Waits">Contact times by class of organism, which are also what it claims.</param>
/// <param name="Cold">Its rule for cold water.</param>
/// <param name="Cloudy">Its rule for cloudy water.</param>
/// <param name="MgPerL">Disinfectant the dose gives in clear water, mg/L, 0.1 to 50.</param>
/// <param name="Active">Its active ingredient, where it is another than the template's.</param>
/// <param name="Form">How it is counted out, where it is another way than the template's.</param>
/// <param name="Strength">Its strength in the label's words, up to 40 characters.</param>
/// <param name="MixMinutes">Minutes that mixed parts stand, 0 to 60.</param>
/// <param name="DissolveMinutes">Minutes to dissolve or shake, 0 to 120.</param>
/// <param name="MaySplit">Whether the label allows half tablets.</param>
/// <param name="Steps">Its steps in its own words, up to 12 of 200 characters.</param>
/// <param name="Warnings">Its warnings in its own words, up to 12 of 200 characters.</param>
public sealed record CopiedLabel(
    double? Amount,
    double? Water,
    LabelUnit? Unit = null,
    CopiedWaits? Waits = null,
    CopiedCold? Cold = null,
    CopiedCloudy? Cloudy = null,
    double? MgPerL = null,
    ActiveIngredient? Active = null,
    ProductForm? Form = null,
    string? Strength = null,
    double? MixMinutes = null,
    double? DissolveMinutes = null,
    bool? MaySplit = null,
    IReadOnlyList<string>? Steps = null,
    IReadOnlyList<string>? Warnings = null
)
{
    /// <summary>A copy weaker than this share of its template is asked about.</summary>
    private const double DoubtedBelow = 0.5;

    /// <summary>Water in litres; null until it is copied.</summary>
    public double? WaterL => Water * LabelUnits.LitresIn(Unit ?? LabelUnit.Litre);

    /// <summary>The product this label describes; null until dose and water are copied.</summary>
    /// <param name="template">What filled the form.</param>
    /// <param name="stockPercent">Strength of the bottle, % w/v; null takes the template's.</param>
    public ChemicalProfile? Over(ChemicalProfile template, double? stockPercent)
    {
        ArgumentNullException.ThrowIfNull(template);
        if (Amount is not { } amount || WaterL is not { } litres)
        {
            return null;
        }

        var form = Form ?? template.Form;
        var stock = form == ProductForm.Drops ? stockPercent ?? template.StockPercent : null;
        // Where the copy gives no mg/L, a bottle of known strength gives it by the usual drop, and the template's mg in a unit otherwise.
        var mgPerUnit = stock is { } percent ? 10 * percent / ChemicalProfiles.DefaultDropsPerMl : template.MgPerUnit;
        var dose = template.Dose with
        {
            Amount = amount,
            VolumeL = litres,
            Words = DoseOnLabel(amount, form),
            CloudyFactor = Math.Max(1, Cloudy?.DoseTimes ?? template.Dose.CloudyFactor),
            MaySplit = MaySplit ?? template.Dose.MaySplit,
        };
        return template with
        {
            Name =
                Strength is { Length: > 0 } strength && !template.Name.Contains(strength, StringComparison.OrdinalIgnoreCase)
                    ? $"{template.Name} ({strength})"
                    : template.Name,
            Active = Active ?? template.Active,
            Form = form,
            Dose = dose,
            Wait = WaitOver(template.Wait),
            LabelMgPerL = MgPerL ?? (mgPerUnit * dose.PerL),
            // Given mg/L outranks the bottle's strength, except for bleach, whose strength falls with its age.
            StockPercent = MgPerL is null || template.IsHouseholdBleach ? stock : null,
            MixStandMinutes = MixMinutes ?? template.MixStandMinutes,
            DissolveMinutes = DissolveMinutes ?? template.DissolveMinutes,
            Cautions = Warnings is { Count: > 0 } own ? own : template.Cautions,
            Copy = this,
        };
    }

    /// <summary>Asks back where the copy is weaker, or shorter, than half of its template; null otherwise.</summary>
    public string? Doubt(ChemicalProfile template, double? stockPercent)
    {
        ArgumentNullException.ThrowIfNull(template);
        if (Over(template, stockPercent) is not { } copy || copy.Active != template.Active)
        {
            return null;
        }

        if (copy.LabelMgPerL < DoubtedBelow * template.LabelMgPerL)
        {
            return $"Copied right? {copy.Dose.Words} gives {Speaker.Number(copy.LabelMgPerL, 1)} mg/L; such "
                + $"a product usually gives {Speaker.Number(template.LabelMgPerL, 1)}.";
        }

        var clear = new FieldWater(
            VolumeL: 1,
            Clarity: Clarity.Clear,
            Colour: WaterColour.None,
            TemperatureC: ChemicalProfile.ColdBelowC,
            ElevationM: null,
            Ntu: 0,
            Given: new WaterInput(1, Clarity.Clear, WaterColour.None, null, null)
        );
        return OrganismClasses.All.Any(o => copy.Wait.For(o, clear) < DoubtedBelow * template.Wait.For(o, clear))
            ? $"Copied right? {copy.Wait.Words}; such a product usually asks {template.Wait.Words}."
            : null;
    }

    private string DoseOnLabel(double amount, ProductForm form) =>
        $"{DoseWords.Of(form, amount)} per {Speaker.Number(Water ?? 0, 2)} {LabelUnits.Spoken(Unit ?? LabelUnit.Litre)}"
        + (Cloudy?.DoseTimes is > 1 and { } times ? $", {Times(times)} if cloudy" : "");

    private LabelWait WaitOver(LabelWait template)
    {
        var named = Waits is { } w ? new LabelWait(w.Bacteria, w.Viruses, w.Giardia, w.Cryptosporidium, "") : template;
        var cold = Cold is { } rule
            ? new ColdRule(rule.BelowC ?? ChemicalProfile.ColdBelowC, Math.Max(1, rule.Times ?? 1), rule.PlusMinutes ?? 0)
            : template.Cold;
        var wait = named with
        {
            Cold = cold,
            CloudyTimes = Math.Max(1, Cloudy?.WaitTimes ?? template.CloudyTimes),
            RulesReachCryptosporidium = Cold is not null || Cloudy?.WaitTimes is not null || template.RulesReachCryptosporidium,
        };
        return Waits is null && Cold is null && Cloudy?.WaitTimes is null ? template : wait with { Words = WaitOnLabel(wait) };
    }

    private static string WaitOnLabel(LabelWait wait)
    {
        List<string> parts =
        [
            .. new[]
            {
                (OrganismClass.Bacteria, wait.Bacteria),
                (OrganismClass.Viruses, wait.Viruses),
                (OrganismClass.Giardia, wait.Giardia),
                (OrganismClass.Cryptosporidium, wait.Cryptosporidium),
            }
                .Where(c => c.Item2 is not null)
                .GroupBy(c => c.Item2!.Value)
                .OrderBy(g => g.Key)
                .Select(g =>
                    g.Count() == wait.Claims.Count
                        ? $"{Speaker.Number(g.Key, 0)} min"
                        : $"{OrganismClasses.Spoken(g.Select(c => c.Item1))} {Speaker.Number(g.Key, 0)} min"
                ),
        ];
        if (wait.Cold is { } cold)
        {
            string[] longer =
            [
                .. cold.Times > 1 ? [Times(cold.Times)] : Array.Empty<string>(),
                .. cold.PlusMinutes > 0 ? [$"{Speaker.Number(cold.PlusMinutes, 0)} min more"] : Array.Empty<string>(),
            ];
            parts.Add($"below {Speaker.Both(Quantity.Temperature, cold.BelowC)} {string.Join(" and ", longer)}".TrimEnd());
        }

        if (wait.CloudyTimes > 1)
        {
            parts.Add($"cloudy {Times(wait.CloudyTimes)}");
        }

        return string.Join("; ", parts);
    }

    private static string Times(double times) => Math.Abs(times - 2) < 1e-9 ? "double" : $"{Speaker.Number(times, 2)} times";
}
