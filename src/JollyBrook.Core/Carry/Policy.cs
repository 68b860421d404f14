using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Carry;

/// <summary>How a walker decides at running water.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<Policy>))]
public enum Policy
{
    /// <summary>As planned, topping up wherever the water in hand no longer reaches the next planned fill.</summary>
    Plan,

    /// <summary>Fill up whenever less than half full.</summary>
    WhenUnderHalf,

    /// <summary>Carry 3 L each away from every water.</summary>
    FixedLitres,
}

/// <summary>The plan and the habits it is compared with: what each is called.</summary>
public static class Policies
{
    /// <summary>The fixed litres for each walker, L.</summary>
    public const double FixedLPerWalker = 3;

    /// <summary>In the person's units.</summary>
    public static string Name(Policy policy, Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        return policy switch
        {
            Policy.Plan => "This plan",
            Policy.WhenUnderHalf => "Fill when under half",
            _ => $"Always carry {say.Of(Quantity.Volume, FixedLPerWalker)} each",
        };
    }
}
