using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Clearing;

/// <summary>How the clear water is got off the sediment. Never by pouring.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<DrawOff>))]
public enum DrawOff
{
    Siphon,
    InvertedBottle,
    SqueezedBottle,
    Pump,
}

public static class DrawOffs
{
    /// <summary>Share left behind with the sediment: within the 5 to 15 % of handbook room 20, by method (pick).</summary>
    public static double Loss(DrawOff way) => way switch
    {
        DrawOff.InvertedBottle => 0.05,
        DrawOff.SqueezedBottle => 0.15,
        _ => 0.10,
    };

    public static string Name(DrawOff way) => way switch
    {
        DrawOff.Siphon => "Siphon",
        DrawOff.InvertedBottle => "Inverted bottle",
        DrawOff.SqueezedBottle => "Squeezed bottle",
        _ => "Pump",
    };

    public static string How(DrawOff way) => way switch
    {
        DrawOff.Siphon => "Siphon into a lower container, the hose's end well above the sediment.",
        DrawOff.InvertedBottle =>
            "It has settled in a squeezable bottle stood on its cap: crack the cap under a gentle squeeze, let the sludge out, close before air goes back.",
        DrawOff.SqueezedBottle => "Squeeze an empty bottle, hold its mouth in the clear water near the top, and let it draw.",
        _ => "Pump from near the top, the intake well above the sediment.",
    };
}
