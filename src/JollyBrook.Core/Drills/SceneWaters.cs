using JollyBrook.Core.Clearing;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Drills;

/// <summary>Draws the waters of a scene.</summary>
internal static class SceneWaters
{
    private static readonly (SourceKind Kind, SourceFlow Flow, string[] Names)[] Kinds =
    [
        (SourceKind.Stream, SourceFlow.Flowing, ["Rowan gill", "Wether beck", "Slate rill", "Foxglove burn"]),
        (SourceKind.Spring, SourceFlow.Flowing, ["Hollow spring", "Thrift well", "Moss eye"]),
        (SourceKind.Lake, SourceFlow.Slow, ["Grey tarn", "Heather loch", "Crater lake"]),
        (SourceKind.Pond, SourceFlow.Stagnant, ["Fold pond", "Peat pool", "Quarry pond"]),
        (SourceKind.River, SourceFlow.Flowing, ["Ash water", "Long river", "Salter water"]),
    ];

    private static readonly Sighting[] ByTheEdge =
    [
        Sighting.Bloom,
        Sighting.FuelSheen,
        Sighting.DeadFish,
        Sighting.MineDrainage,
        Sighting.Pesticide,
    ];

    public static IReadOnlyList<SceneSource> Draw(Dice dice, int level, Skill? focus, Season season)
    {
        var count =
            level <= 2 ? 1
            : level is 4 or 5 ? 2
            : dice.Whole(2, 3);
        // Now and then the right answer is to take none of them.
        var noneGood = level >= 3 && dice.Chance(0.12);
        var bad = level >= 3 && (focus == Skill.Judge || dice.Chance(0.7)) ? dice.Whole(0, count - 1) : -1;
        List<string> taken = [];
        List<SceneSource> all = [];
        for (var i = 0; i < count; i++)
        {
            var (kind, flow, names) = Kinds[level == 1 ? dice.Whole(0, 1) : dice.Whole(0, Kinds.Length - 1)];
            var free = names.Except(taken).ToList();
            var name = dice.Of(free);
            taken.Add(name);
            all.Add(One(dice, "abc"[i].ToString(), name, kind, flow, level, focus, season, noneGood || i == bad));
        }

        return all;
    }

    private static SceneSource One(
        Dice dice,
        string id,
        string name,
        SourceKind kind,
        SourceFlow flow,
        int level,
        Skill? focus,
        Season season,
        bool spoilt
    )
    {
        List<Sighting> seen = [];
        if (spoilt)
        {
            seen.Add(kind is SourceKind.Lake or SourceKind.Pond && dice.Chance(0.3) ? Sighting.Salt : dice.Of(ByTheEdge));
        }
        else if (dice.Chance(0.5))
        {
            seen.Add(Sighting.LivingInsects);
        }

        var upstream = dice.Whole(0, 9);
        if (kind is SourceKind.Stream or SourceKind.River)
        {
            seen.Add(
                upstream switch
                {
                    0 => Sighting.Carcass,
                    1 or 2 => Sighting.Stock,
                    3 or 4 => Sighting.CampOrToilet,
                    _ => Sighting.NobodyAbove,
                }
            );
        }

        var ntu = Ntu(dice, level, focus, kind);
        var cold = level == 2 || focus is Skill.Wait;
        var temperature = season switch
        {
            Season.Winter => dice.Between(0.5, 4, 0.5),
            Season.Summer => cold ? dice.Between(4, 9, 0.5) : dice.Between(8, 20, 0.5),
            _ => cold ? dice.Between(2, 8, 0.5) : dice.Between(5, 13, 0.5),
        };
        var colour = kind is SourceKind.Pond or SourceKind.Lake && dice.Chance(0.3) ? WaterColour.Tea : WaterColour.None;
        return new SceneSource(
            id,
            name,
            new SourceInput(
                kind,
                flow,
                seen,
                YesNo.Yes,
                level > 1 && dice.Chance(0.2) ? YesNo.Yes : YesNo.No,
                seen.Contains(Sighting.Salt) ? dice.Between(2500, 30000, 100) : null
            ),
            new WaterInput(
                VolumeL: null,
                Clarity: Clarity.Unknown,
                Colour: colour,
                TemperatureC: temperature,
                ElevationM: null,
                VanishingDepthCm: null,
                TurbidityNtu: ntu
            ),
            dice.Of([Grit.Sandy, Grit.Silty, Grit.FineSilt, Grit.Clay]),
            dice.Between(0, 25, 5)
        );
    }

    private static double Ntu(Dice dice, int level, Skill? focus, SourceKind kind)
    {
        if (kind == SourceKind.Spring || level == 1)
        {
            return dice.Between(0.5, 4, 0.5);
        }

        if (focus is Skill.Clear || level == 2 || dice.Chance(0.3))
        {
            return dice.Chance(0.3) ? dice.Between(110, 600, 10) : dice.Between(8, 90, 1);
        }

        return dice.Between(1, 28, 0.5);
    }
}
