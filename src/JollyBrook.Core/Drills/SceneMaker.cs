using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Drills;

/// <summary>Draws a whole scene from its seed. A scene that the kit cannot solve is drawn again: every drill has an answer.</summary>
internal static class SceneMaker
{
    private const int MostDraws = 60;

    private static readonly (string Name, double Litres)[] Containers =
    [
        ("Litre bottle", 1),
        ("Two-litre bladder", 2),
        ("Quart bottle", UnitTable.LitresPerQuart),
        ("Gallon jug", UnitTable.LitresPerGallon),
        ("Four-litre bag", 4),
    ];

    /// <returns>The scene with its better hand.</returns>
    public static (Scene Scene, BetterHand Reference) Make(double seed, int level, Skill? focus, OwnLabels? own = null)
    {
        // A label of one's own may leave nothing to solve: then the generic one is practised with.
        for (var draw = 0; draw < 2 * MostDraws; draw++)
        {
            var scene = Draw(
                new Dice(Dice.Mix(seed, level, focus is { } f ? (int)f : -1, draw % MostDraws)),
                level,
                focus,
                draw < MostDraws && own is not null ? own : OwnLabels.None
            );
            if (BetterHand.Of(scene) is { } reference)
            {
                return (scene, reference);
            }
        }

        throw new InvalidOperationException($"No scene of level {level} from seed {seed} has an answer.");
    }

    private static Scene Draw(Dice dice, int level, Skill? focus, OwnLabels own)
    {
        Season[] seasons = [Season.Spring, Season.Summer, Season.Autumn, Season.Winter];
        var season = level == 1 ? Season.Summer : dice.Of(seasons);
        var now = new DateTimeOffset(
            year: 2026,
            month: season switch
            {
                Season.Spring => 5,
                Season.Summer => 8,
                Season.Autumn => 10,
                _ => 2,
            },
            day: dice.Whole(3, 25),
            hour: dice.Whole(9, 17),
            minute: 0,
            second: 0,
            offset: TimeSpan.Zero
        );
        var air = season switch
        {
            Season.Winter => dice.Between(-8, 4, 1),
            Season.Summer => dice.Between(14, 30, 1),
            _ => dice.Between(4, 16, 1),
        };
        var elevation = dice.Between(50, level >= 4 ? 2600 : 1400, 50);
        var people = level switch
        {
            1 => 1,
            >= 5 => dice.Whole(1, 2),
            _ => dice.Whole(1, 3),
        };
        var container = level switch
        {
            1 => Containers[0],
            _ => focus == Skill.Dose ? Containers[dice.Whole(1, Containers.Length - 1)] : dice.Of(Containers),
        };
        var kit = SceneKit.Draw(dice, level, DateOnly.FromDateTime(now.DateTime), own);
        var waters = SceneWaters.Draw(dice, level, focus, season);
        var walker = Party.Unnamed;
        var effort = Effort.Default with
        {
            TemperatureC = air,
            Sun = season == Season.Summer ? SunLoad.Part : SunLoad.None,
            ElevationM = elevation,
        };
        var loss = Loss.Of(walker, effort, SweatSchool.Gonzalez2009);
        var walking = Math.Round(
            people
                * DrinkPlan.WalkingLPerH(
                    loss.SweatLPerH + loss.BreathedLPerH,
                    1,
                    DrinkPlan.RestLPerH(walker.MassKg!.Value, air, elevation)
                ),
            1
        );
        var camp = Math.Round(
            people * (DrinkPlan.LPerMeal + DrinkPlan.LPerHotDrink + (12 * DrinkPlan.RestLPerH(walker.MassKg!.Value, air, elevation))),
            1
        );
        return new Scene(
            Level: level,
            Season: season,
            AirC: air,
            ElevationM: elevation,
            People: people,
            MinutesLeft: dice.Between(90, 300, 15),
            Container: container.Name,
            VolumeL: container.Litres,
            Kit: kit,
            Sources: [.. waters.Select(w => w with { Water = w.Water with { ElevationM = elevation } })],
            Ahead: level >= DrillLevels.FirstWithCarry || focus == Skill.Carry ? Ahead(dice, level) : [],
            WalkingLPerH: Math.Max(0.1, walking),
            CampL: camp,
            Now: now
        );
    }

    /// <summary>Doubtful water first, sure water farther on: the trap is to plan on the first.</summary>
    private static IReadOnlyList<WaterAhead> Ahead(Dice dice, int level)
    {
        SourceClass[] doubtful = [SourceClass.SeasonalLate, SourceClass.SeasonalInSeason, SourceClass.Seep, SourceClass.ReportedDry];
        (string Name, SourceClass Class)[] sure =
        [
            ("Deep spring", SourceClass.Perennial),
            ("Chapel spring", SourceClass.Perennial),
            ("Heron tarn", SourceClass.Lake),
        ];
        var (name, kind) = dice.Of(sure);
        var first = dice.Between(1.5, 3.5, 0.5);
        if (level < DrillLevels.Most)
        {
            return [new("Stony gill", first, 0, dice.Of(doubtful)), new(name, dice.Between(first + 1.5, 7, 0.5), 0, kind)];
        }

        var second = dice.Between(first + 2, 7, 0.5);
        return
        [
            new("Stony gill", first, 0, dice.Of(doubtful)),
            new("Ledge seep", second, 0, SourceClass.Seep),
            new(name, dice.Between(second + 2, 13, 0.5), 1, kind),
            new("Shore rill", 24, 3, dice.Of(doubtful)),
        ];
    }
}
