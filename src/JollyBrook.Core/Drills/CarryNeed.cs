using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>Litres to the next water that may be counted on, with the reserve of handbook room 70.</summary>
/// <param name="To">The water carried to.</param>
/// <param name="Litres">To carry, L.</param>
/// <param name="ReserveL">Of which reserve: 0.25 L each.</param>
internal sealed record CarryNeed(WaterAhead To, double Litres, double ReserveL)
{
    /// <summary>More than this over the need is only weight (pick).</summary>
    private const double GenerousShare = 1.3;
    private const double GenerousL = 0.5;

    private const double ReadingL = 0.05;

    public double MostL => (Litres * GenerousShare) + GenerousL;

    public static CarryNeed? Of(Scene scene)
    {
        if (scene.Ahead.FirstOrDefault(w => w.Chance >= SourceReliability.Trusted) is not { } sure)
        {
            return null;
        }

        var reserve = PlanSetup.ReserveLPerWalker * scene.People;
        return new CarryNeed(sure, (sure.WalkingHours * scene.WalkingLPerH) + (sure.Nights * scene.CampL) + reserve, reserve);
    }

    public StepVerdict Judge(double given, Scene scene, Speaker say)
    {
        var (litres, most) = (say.Of(Quantity.Volume, Litres), say.Of(Quantity.Volume, MostL));
        var better = $"{litres} to {To.Name}";
        var doubtful = scene.Ahead.TakeWhile(w => w != To).Select(w => $"{w.Name} ({SourceReliability.Percent(w.Chance)} %)").ToList();
        var relied = scene
            .Ahead.TakeWhile(w => w != To)
            .Any(w => Math.Abs(given - (w.WalkingHours * scene.WalkingLPerH)) < ReserveL + GenerousL);
        var why =
            given < Litres - ReadingL
                ? $"Short by {say.Of(Quantity.Volume, Litres - given)}. "
                    + $"{(relied ? "That plans on water that may not run. " : "")}{Reckoned(scene, say)}{Doubt(doubtful)}"
            : given > MostL ? $"More than {most} is only weight. {Reckoned(scene, say)}"
            : Reckoned(scene, say);
        return new StepVerdict(
            Skill.Carry,
            given >= Litres - ReadingL && given <= MostL,
            say.Of(Quantity.Volume, given),
            better,
            why,
            (given - Litres) / Litres * 100
        );
    }

    public void Explain(Working working, Scene scene) =>
        working.Add(
            "Litres to carry",
            "hours·need + nights·camp + reserve",
            "Handbook room 70: only water that runs with 95 % and more is planned on; reserve 0.25 L each",
            WorkingValue.Of("litres", Litres, "L"),
            WorkingValue.Of("hours", To.WalkingHours, "h"),
            WorkingValue.Of("need", scene.WalkingLPerH, "L/h"),
            WorkingValue.Of("nights", To.Nights),
            WorkingValue.Of("camp", scene.CampL, "L"),
            WorkingValue.Of("reserve", ReserveL, "L")
        );

    private string Reckoned(Scene scene, Speaker say) =>
        $"{Speaker.Number(To.WalkingHours, 1)} h at {say.Of(Quantity.Volume, scene.WalkingLPerH)} an hour"
        + (To.Nights > 0 ? $", {To.Nights} {(To.Nights == 1 ? "night" : "nights")} at {say.Of(Quantity.Volume, scene.CampL)}" : "")
        + $", reserve {say.Of(Quantity.Volume, ReserveL)}.";

    private static string Doubt(List<string> doubtful) =>
        doubtful.Count == 0 ? "" : $" Not to be counted on: {string.Join(", ", doubtful)}.";
}
