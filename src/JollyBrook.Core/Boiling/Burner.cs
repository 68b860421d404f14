namespace JollyBrook.Core.Boiling;

/// <summary>A burner with its fuel: how much heat a gram holds and how much of it reaches the pot.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Fuel">The fuel burnt.</param>
/// <param name="HeatingValueMJPerKg">Lower heating value, MJ/kg.</param>
/// <param name="Efficiency">Share of the heat that reaches the water and pot, 0 to 1.</param>
/// <param name="NetPowerW">Heat reaching the pot at full flame, W.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record Burner(
    string Id,
    string Name,
    string Fuel,
    double HeatingValueMJPerKg,
    double Efficiency,
    double NetPowerW,
    string Source
);

/// <summary>The burners known by type. A traveller's own weighing replaces the efficiency.</summary>
public static class Burners
{
    /// <summary>Burns what lies about: its fuel has no end that could be weighed.</summary>
    public const string OpenFireId = "open-fire";

    private const string Table = "Lower heating values and field efficiencies by stove type, handbook room 30";
    private const string TablePick = Table + "; efficiency and power for this fuel: pick, below the alcohol stove's";

    public static readonly IReadOnlyList<Burner> All =
    [
        new("canister-sheltered", "Canister stove, sheltered", "butane–propane gas", 45.6, 0.50, 1000, Table),
        new("canister-windy", "Canister stove, in wind", "butane–propane gas", 45.6, 0.30, 1000, Table),
        new("canister-exchanger", "Canister stove, heat-exchanger pot", "butane–propane gas", 45.6, 0.70, 1000, Table),
        new("liquid-white-gas", "Liquid-fuel stove, white gas", "white gas", 44, 0.45, 1200, Table),
        new("liquid-kerosene", "Liquid-fuel stove, kerosene", "kerosene", 43, 0.45, 1200, Table),
        new("alcohol-ethanol", "Alcohol stove, ethanol", "ethanol", 26.8, 0.45, 500, Table),
        new("alcohol-methanol", "Alcohol stove, methanol", "methanol", 19.9, 0.45, 500, Table),
        new("hexamine", "Solid-fuel stove, hexamine", "hexamine tablets", 30, 0.40, 400, TablePick),
        new(OpenFireId, "Open fire, dry wood", "dry wood", 16, 0.12, 1500, Table),
    ];

    public static Burner Default => All[0];
}
