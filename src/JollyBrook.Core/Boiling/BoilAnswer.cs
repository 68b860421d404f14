namespace JollyBrook.Core.Boiling;

/// <summary>What one school costs on this water.</summary>
/// <param name="School">The school.</param>
/// <param name="Name">Its name.</param>
/// <param name="Reason">What it rests on.</param>
/// <param name="HoldMinutes">Minutes at a rolling boil.</param>
/// <param name="FuelG">Fuel for all pot loads, g.</param>
/// <param name="BoiledAwayL">Water lost as steam, litres.</param>
/// <param name="WaterLeftL">Water left to drink, litres.</param>
/// <param name="Picked">Whether this answer uses it.</param>
public sealed record SchoolCost(
    BoilSchool School,
    string Name,
    string Reason,
    double HoldMinutes,
    double FuelG,
    double BoiledAwayL,
    double WaterLeftL,
    bool Picked
);

/// <summary>Boiling (or holding hot) this water with this burner and pot.</summary>
/// <param name="School">The school it is done by.</param>
/// <param name="TopC">How hot it gets, °C: the boiling point, or less where it is held below.</param>
/// <param name="HoldMinutes">Minutes at a rolling boil, or held below it, per pot load.</param>
/// <param name="BoilingPointC">°C; the highest it can be when the elevation is not known.</param>
/// <param name="Loads">Pot loads.</param>
/// <param name="LoadVolumeL">Water in each load, litres.</param>
/// <param name="HeatMinutes">Minutes from lighting to the boil, per load.</param>
/// <param name="FuelG">Fuel for all loads, g.</param>
/// <param name="BoiledAwayL">Water lost as steam in all loads, litres.</param>
/// <param name="WaterLeftL">Water left to drink, litres.</param>
/// <param name="CoolMinutes">Minutes until a load is at 40 °C; null when it never gets there.</param>
/// <param name="Burner">The burner's name.</param>
/// <param name="Fuel">The fuel's name.</param>
/// <param name="Efficiency">Share of the fuel's heat reaching the pot, 0 to 1.</param>
/// <param name="Schools">The schools side by side.</param>
public sealed record BoilAnswer(
    BoilSchool School,
    double TopC,
    double HoldMinutes,
    double BoilingPointC,
    int Loads,
    double LoadVolumeL,
    double HeatMinutes,
    double FuelG,
    double BoiledAwayL,
    double WaterLeftL,
    double? CoolMinutes,
    string Burner,
    string Fuel,
    double Efficiency,
    IReadOnlyList<SchoolCost> Schools
);
