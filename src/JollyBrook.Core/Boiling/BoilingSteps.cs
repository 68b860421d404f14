using JollyBrook.Core.Barriers;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Boiling;

/// <summary>The steps of boiling: heat and hold (each pot load by itself), pour into a clean container, cool.</summary>
internal static class BoilingSteps
{
    public static IReadOnlyList<TreatmentStep> For(BoilResult result, Speaker say)
    {
        var boil = result.Answer;
        var steps = new List<TreatmentStep>();
        for (var load = 1; load <= boil.Loads; load++)
        {
            AddLoad(steps, boil, load, say);
        }

        steps.Add(
            new(
                Id: "cool",
                Kind: StepKind.Cool,
                Title: "Let it cool, closed",
                Detail: result.Cooling == CoolingPlace.Stream
                    ? "Stand it in the stream, mouth well above the water."
                    : "Lid on. It is safe already, only hot.",
                Done: "Cool enough",
                Clock: StepClock.Guide,
                Minutes: Math.Ceiling((boil.CoolMinutes ?? 0) - 1e-9)
            )
        );
        return steps;
    }

    private static void AddLoad(List<TreatmentStep> steps, BoilAnswer boil, int load, Speaker say)
    {
        var which = boil.Loads > 1 ? $", load {load} of {boil.Loads}" : "";
        if (boil.School == BoilSchool.Pasteurise)
        {
            AddHeld(steps, boil, load, which, say);
            return;
        }

        steps.Add(
            new(
                Id: $"heat-{load}",
                Kind: StepKind.Heat,
                Title: $"Bring to a rolling boil{which}",
                Detail: $"About {Speaker.Minutes(boil.HeatMinutes)}. The clock starts when big bubbles churn the whole pot.",
                Done: "The whole pot churns",
                Clock: StepClock.Guide,
                Minutes: Math.Ceiling(boil.HeatMinutes - 1e-9),
                DrinkAfter: boil.HoldMinutes <= 0
            )
        );
        if (boil.HoldMinutes > 0)
        {
            steps.Add(
                new(
                    Id: $"boil-{load}",
                    Kind: StepKind.Boil,
                    Title: $"Keep it boiling {Speaker.Minutes(boil.HoldMinutes)}{which}",
                    Detail: "Lid on, flame turned down as far as it still churns.",
                    Done: null,
                    Clock: StepClock.Gate,
                    Minutes: boil.HoldMinutes,
                    DrinkAfter: true
                )
            );
        }

        steps.Add(Pour(load, which));
    }

    private static void AddHeld(List<TreatmentStep> steps, BoilAnswer boil, int load, string which, Speaker say)
    {
        // No pot gets hotter than it boils; the minutes of what is a tenth below are the same.
        var top = say.Down(Quantity.Temperature, boil.TopC);
        steps.Add(
            new(
                Id: $"heat-{load}",
                Kind: StepKind.Heat,
                Title: $"Heat to {top} by the thermometer{which}",
                Detail: $"About {Speaker.Minutes(boil.HeatMinutes)}. Stir, then measure in the middle.",
                Done: $"It shows {top}",
                Clock: StepClock.Guide,
                Minutes: Math.Ceiling(boil.HeatMinutes - 1e-9)
            )
        );
        steps.Add(
            new(
                Id: $"boil-{load}",
                Kind: StepKind.Boil,
                Title: $"Keep it at {top} or more for {Speaker.Minutes(boil.HoldMinutes)}{which}",
                Detail: "Lid on, small flame, thermometer in. Falls below: begin the minutes anew.",
                Done: null,
                Clock: StepClock.Gate,
                Minutes: boil.HoldMinutes,
                DrinkAfter: true
            )
        );
        steps.Add(Pour(load, which));
    }

    private static TreatmentStep Pour(int load, string which) =>
        new(
            $"pour-{load}",
            StepKind.Pour,
            $"Pour into the clean container{which}",
            "Over the pot's rim, which is clean. The bottle you dipped with is not: its threads are dirty. Hot: hold it with cloth.",
            "Poured"
        );
}
