using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Boiling;

/// <summary>What a pot is made of.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<PotMaterial>))]
public enum PotMaterial
{
    /// <summary>Takes up the most heat for its mass; counted where the material is not told.</summary>
    Aluminium,

    /// <summary>Takes up the least heat for its mass.</summary>
    Steel,

    /// <summary>A little more than steel for its mass, and lighter.</summary>
    Titanium,
}

/// <summary>A pot, which is heated along with the water.</summary>
/// <param name="CapacityL">Brim volume, litres.</param>
/// <param name="MassKg">Mass with its lid, kg.</param>
/// <param name="Material">Sets the specific heat.</param>
public sealed record Pot(double CapacityL, double MassKg, PotMaterial Material)
{
    /// <summary>A pot is filled to this share of its brim, so that a rolling boil stays in it.</summary>
    public const double FillShare = 0.9;

    /// <summary>What is assumed when no pot is named: big and heavy rather than light.</summary>
    public static Pot Assumed { get; } = new(1.5, 0.25, PotMaterial.Aluminium);

    /// <summary>J/(kg·K): aluminium 900, steel 500, titanium 520.</summary>
    public double SpecificHeat =>
        Material switch
        {
            PotMaterial.Aluminium => 900,
            PotMaterial.Steel => 500,
            _ => 520,
        };

    /// <summary>How many pot loads a volume in litres takes, at least one.</summary>
    public int Loads(double volumeL) => Math.Max(1, (int)Math.Ceiling((volumeL / (CapacityL * FillShare)) - 1e-9));
}
