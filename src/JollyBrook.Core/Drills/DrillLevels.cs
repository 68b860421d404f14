namespace JollyBrook.Core.Drills;

/// <summary>The levels, from one bottle to four dry days.</summary>
public static class DrillLevels
{
    /// <summary>The highest level; the lowest is 1.</summary>
    public const int Most = 6;

    /// <summary>From here on water is carried, too.</summary>
    public const int FirstWithCarry = 5;

    /// <summary>What a level is called.</summary>
    public static string Name(int level) =>
        level switch
        {
            1 => "One bottle",
            2 => "Cold and cloudy",
            3 => "Which water?",
            4 => "The whole kit",
            5 => "A dry day",
            _ => "Four dry days",
        };
}
