using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>The calculation "drill": a seeded scene, the decisions it asks for, and what they come to, by Treat's own engine.</summary>
public static class Drill
{
    /// <summary>The answer that takes none of the sources.</summary>
    public const string GoOn = "none";

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => DrillFields.All;

    /// <exception cref="BadInputException">A field is out of its range, or a decision is none that can be taken.</exception>
    public static DrillResponse Compute(DrillRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var seed = Math.Floor(intake.Required(DrillFields.Seed, request.Seed));
        var level = (int)(intake.Optional(DrillFields.Level, request.Level) ?? 1);
        KitEntry.Carried(request.Kit).ForEach(e => e.IsSound(intake));
        intake.ThrowIfWrong();
        var (scene, better) = SceneMaker.Make(seed, level, request.Focus, OwnLabels.In(request.Kit));
        var answers = request.Answers ?? new DrillAnswers();
        Check(scene, answers, intake);
        intake.ThrowIfWrong();
        var say = intake.Say;
        var steps = DrillSteps.Of(scene, answers, say);
        var next = steps.FirstOrDefault(s => s.Answer is null)?.Id;
        return new DrillResponse(
            Seed: seed,
            Level: level,
            LevelName: DrillLevels.Name(level),
            Title: $"{scene.Sources[0].Name}, {Month(scene.Season)}",
            Story: [.. Story(scene, say)],
            Kit: [.. scene.Kit.Select(k => SceneKit.Line(k.Item!))],
            Sources: [.. scene.Sources.Select(s => Looks.At(s, answers.Looks ?? [], say))],
            Steps: steps,
            Next: next,
            Minutes: Debriefing.MinutesBefore(scene, answers),
            Debrief: next is null ? new Debriefing(scene, better, answers, say).Make() : null
        );
    }

    private static void Check(Scene scene, DrillAnswers answers, Intake intake)
    {
        intake.Optional(DrillFields.Dose, answers.Dose);
        intake.Optional(DrillFields.Wait, answers.WaitMinutes);
        intake.Optional(DrillFields.Carry, answers.CarryL);
        List<string> sources = [.. scene.Sources.Select(s => s.Id)];
        foreach (var look in answers.Looks ?? [])
        {
            if (look.Look is null || look.Source is null || !sources.Contains(look.Source))
            {
                var field = new ChoiceField("answers.looks.source", "Source looked at", sources);
                intake.Refuse(field, field.WrongKind(intake.Say));
            }
        }

        if (answers.Source is { } drawn && drawn != GoOn && !sources.Contains(drawn))
        {
            var field = new ChoiceField("answers.source", "Source", [.. sources, GoOn]);
            intake.Refuse(field, field.WrongKind(intake.Say));
        }

        if (answers.Clear is { } clear && !DrillSteps.CanClear(scene, clear))
        {
            intake.Refuse(new ChoiceField("answers.clear", "Clearing", []), "There is no flocculant in this kit. Clear it another way.");
        }

        if (answers.Method is { } method && !DrillSteps.IsMethod(scene, method))
        {
            var field = new ChoiceField("answers.method", "Way of treating", [.. scene.Kit.Select(k => k.Id!)]);
            intake.Refuse(field, field.WrongKind(intake.Say));
        }
    }

    private static IEnumerable<string> Story(Scene scene, Speaker say)
    {
        yield return $"{scene.Now.Day} {Month(scene.Season)}, {scene.Now.Hour}:00; "
            + $"{say.Of(Quantity.Temperature, scene.AirC)} in the shade, "
            + $"{say.Of(Quantity.Elevation, scene.ElevationM)} up. Dark in {Speaker.Minutes(scene.MinutesLeft)}.";
        yield return $"{(scene.People == 1 ? "You are alone" : $"You are {scene.People}")}. To fill: a "
            + $"{scene.Container.ToLowerInvariant()}.";
        if (scene.HasCarry)
        {
            yield return $"Then on: {say.Of(Quantity.Volume, scene.WalkingLPerH)} an hour walking, all together"
                + (scene.Ahead.Any(w => w.Nights > 0) ? $", {say.Of(Quantity.Volume, scene.CampL)} for each night." : ".");
            yield return $"Water ahead: {string.Join("; ", scene.Ahead.Select(Ahead))}.";
        }
    }

    private static string Ahead(WaterAhead water)
    {
        var nights =
            water.Nights == 0 ? ""
            : water.Nights == 1 ? " and 1 night"
            : $" and {water.Nights} nights";
        return $"{water.Name} after {Speaker.Number(water.WalkingHours, 1)} h{nights}, {Sentence.Lower(SourceReliability.Name(water.Class))}";
    }

    private static string Month(Season season) =>
        season switch
        {
            Season.Spring => "May",
            Season.Summer => "August",
            Season.Autumn => "October",
            _ => "February",
        };
}
