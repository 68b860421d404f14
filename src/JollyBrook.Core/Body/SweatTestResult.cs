using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>What a sweat test says, and whether it counts.</summary>
/// <param name="LossL">Lost in all, L.</param>
/// <param name="LossLPerH">Lost, L/h.</param>
/// <param name="BreathedLPerH">Of that breathed out, L/h.</param>
/// <param name="SweatLPerH">Measured sweat, L/h.</param>
/// <param name="PredictedLPerH">Predicted sweat for the same walk, L/h.</param>
/// <param name="Ratio">Measured over predicted; null when refused.</param>
/// <param name="AtFloor">Whether the prediction sat on its floor (cool air, little heat to lose): it then says little about
/// sweating.</param>
/// <param name="Accepted">Whether it counts.</param>
/// <param name="Refusals">Why not.</param>
/// <param name="Warnings">What to heed.</param>
public sealed record SweatTestResult(
    double LossL,
    double LossLPerH,
    double BreathedLPerH,
    double SweatLPerH,
    double PredictedLPerH,
    double? Ratio,
    bool AtFloor,
    bool Accepted,
    IReadOnlyList<string> Refusals,
    IReadOnlyList<string> Warnings
)
{
    private const double ShortestH = 0.25;

    /// <summary>A longer walk is no sweat test, h (handbook room 60).</summary>
    public const double LongestH = 8;

    private const double MostLossLPerH = 4;
    private const double MostChange = 0.08;
    private const double MuchLost = 0.03;

    /// <summary>
    /// loss = before − after + drunk + eaten − urine; the rate without what was breathed out is sweat (handbook room 60).
    /// </summary>
    /// <param name="test">Checked.</param>
    /// <param name="school">The equation it is held against.</param>
    /// <param name="say">Puts it into words.</param>
    public static SweatTestResult Of(SweatTest test, SweatSchool school, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(test);
        ArgumentNullException.ThrowIfNull(say);
        var (before, after, hours) = (test.BeforeKg!.Value, test.AfterKg!.Value, test.Hours!.Value);
        var loss = before - after + (test.DrunkL ?? 0) + (test.EatenKg ?? 0) - (test.UrineL ?? 0);
        var effort = Body.Effort.Check(test.Effort, "effort", new Intake(Speaker.Metric));
        // A test is held against what is usually worn in such air, not against the thirstiest.
        var walker = new Walker(
            "",
            before,
            test.HeightCm,
            test.Acclimatised,
            test.Worn ?? ClothingForAir.Usual(effort.TemperatureC!.Value),
            test.PackKg
        );
        var predicted = Loss.Of(walker, effort, school);
        var sweat = (loss / hours) - predicted.BreathedLPerH;

        List<string> refusals = [],
            warnings = [];
        if (hours is < ShortestH or > LongestH)
        {
            refusals.Add($"It lasted {Speaker.Number(hours, 2)} h; 0.25 to 8 h can be counted.");
        }

        if (loss < 0)
        {
            refusals.Add("More came in than went out: check the weights, and what was drunk and eaten.");
        }
        else if (loss / hours > MostLossLPerH)
        {
            refusals.Add(
                $"{say.Entered(Quantity.Volume, loss / hours)} an hour is more than a body can lose "
                    + $"({say.Of(Quantity.Volume, MostLossLPerH)}): check the weights."
            );
        }
        else if (sweat <= 0)
        {
            refusals.Add("No sweat is left after what was breathed out: the walk was too easy or too cold to learn from.");
        }

        var change = (after - before) / before;
        if (Math.Abs(change) > MostChange)
        {
            refusals.Add($"Body mass changed by {Speaker.Number(change * 100, 1)} %; more than 8 % is a slip of the scale.");
        }
        else if (-change > MuchLost)
        {
            warnings.Add($"{Speaker.Number(-change * 100, 1)} % of body mass was lost: drink more on the way.");
        }

        if (after > before && refusals.Count == 0)
        {
            warnings.Add("Heavier than before: more was drunk than lost. Over-drinking thins the blood's salt.");
        }

        var atFloor = predicted.Heat.IsAtFloor(school);
        if (atFloor && refusals.Count == 0)
        {
            warnings.Add(
                "Too cool, or too easy, to tell much of sweating: it is kept and moves the factor little. Do one in warmth, at a good pace."
            );
        }

        return new SweatTestResult(
            LossL: loss,
            LossLPerH: loss / hours,
            BreathedLPerH: predicted.BreathedLPerH,
            SweatLPerH: sweat,
            PredictedLPerH: predicted.SweatLPerH,
            Ratio: refusals.Count == 0 ? sweat / predicted.SweatLPerH : null,
            AtFloor: atFloor,
            Accepted: refusals.Count == 0,
            Refusals: refusals,
            Warnings: warnings
        );
    }

    /// <summary>What the test says of the personal factor; null when refused.</summary>
    public SweatRatio? Says => Ratio is { } ratio ? new SweatRatio(ratio, AtFloor) : null;
}
