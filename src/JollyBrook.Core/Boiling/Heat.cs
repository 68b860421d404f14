namespace JollyBrook.Core.Boiling;

/// <summary>The heat arithmetic of a pot of water. Masses in kg, temperatures in °C, energy in J, power in W.</summary>
public static class Heat
{
    /// <summary>Specific heat of water, J/(kg·K).</summary>
    public const double WaterSpecificHeat = 4186;

    /// <summary>Heat of vaporisation of water, J/kg.</summary>
    public const double Vaporisation = 2.257e6;

    /// <summary>Share of full power that keeps a boil with the lid on and the flame turned down.</summary>
    public const double LidHoldFraction = 0.3;

    /// <summary>Share of full power with no lid and the flame left up.</summary>
    public const double OpenHoldFraction = 1.0;

    /// <summary>Share of full power that goes off as steam on the way to the boil without a lid (pick).</summary>
    public const double OpenClimbFraction = 0.1;

    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Sensible heat of water and pot; latent heat of vaporisation 2.257 MJ/kg";

    /// <summary>E = m·4186·(Tb − T0) + m_pot·c_pot·(Tb − T0), J.</summary>
    public static double ToBoilJ(double waterKg, Pot pot, double fromC, double boilC)
    {
        ArgumentNullException.ThrowIfNull(pot);
        return ((waterKg * WaterSpecificHeat) + (pot.MassKg * pot.SpecificHeat)) * (boilC - fromC);
    }

    /// <summary>Water boiled away while holding, kg: P·t/2.257e6, t in minutes.</summary>
    public static double BoiledAwayKg(double holdPowerW, double minutes) => holdPowerW * minutes * 60 / Vaporisation;

    /// <summary>Fuel burnt for an energy in J, g: E/(η·H), H in MJ/kg.</summary>
    public static double FuelG(double energyJ, double efficiency, double heatingValueMJPerKg) =>
        energyJ / (efficiency * heatingValueMJPerKg * 1e6) * 1000;

    /// <summary>The efficiency a weighing shows: heat that went into water and pot over heat in the fuel burnt.</summary>
    public static double EfficiencyFromWeighing(double energyJ, double fuelG, double heatingValueMJPerKg) =>
        energyJ / (fuelG / 1000 * heatingValueMJPerKg * 1e6);
}
