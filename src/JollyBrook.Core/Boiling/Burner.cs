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

    /// <summary>The burners that can be picked, the one taken without a word first.</summary>
    public static readonly IReadOnlyList<Burner> All =
    [
        new(
            Id: "canister-sheltered",
            Name: "Canister stove, sheltered",
            Fuel: "butane–propane gas",
            HeatingValueMJPerKg: 45.6,
            Efficiency: 0.50,
            NetPowerW: 1000,
            Source: Table
        ),
        new(
            Id: "canister-windy",
            Name: "Canister stove, in wind",
            Fuel: "butane–propane gas",
            HeatingValueMJPerKg: 45.6,
            Efficiency: 0.30,
            NetPowerW: 1000,
            Source: Table
        ),
        new(
            Id: "canister-exchanger",
            Name: "Canister stove, heat-exchanger pot",
            Fuel: "butane–propane gas",
            HeatingValueMJPerKg: 45.6,
            Efficiency: 0.70,
            NetPowerW: 1000,
            Source: Table
        ),
        new(
            Id: "liquid-white-gas",
            Name: "Liquid-fuel stove, white gas",
            Fuel: "white gas",
            HeatingValueMJPerKg: 44,
            Efficiency: 0.45,
            NetPowerW: 1200,
            Source: Table
        ),
        new(
            Id: "liquid-kerosene",
            Name: "Liquid-fuel stove, kerosene",
            Fuel: "kerosene",
            HeatingValueMJPerKg: 43,
            Efficiency: 0.45,
            NetPowerW: 1200,
            Source: Table
        ),
        new(
            Id: "alcohol-ethanol",
            Name: "Alcohol stove, ethanol",
            Fuel: "ethanol",
            HeatingValueMJPerKg: 26.8,
            Efficiency: 0.45,
            NetPowerW: 500,
            Source: Table
        ),
        new(
            Id: "alcohol-methanol",
            Name: "Alcohol stove, methanol",
            Fuel: "methanol",
            HeatingValueMJPerKg: 19.9,
            Efficiency: 0.45,
            NetPowerW: 500,
            Source: Table
        ),
        new(
            Id: "hexamine",
            Name: "Solid-fuel stove, hexamine",
            Fuel: "hexamine tablets",
            HeatingValueMJPerKg: 30,
            Efficiency: 0.40,
            NetPowerW: 400,
            Source: TablePick
        ),
        new(
            Id: OpenFireId,
            Name: "Open fire, dry wood",
            Fuel: "dry wood",
            HeatingValueMJPerKg: 16,
            Efficiency: 0.12,
            NetPowerW: 1500,
            Source: Table
        ),
    ];

    /// <summary>The burner counted with when none is told.</summary>
    public static Burner Default => All[0];
}
