using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Clearing;

/// <summary>How the clear water is got off the sediment. Never by pouring.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<DrawOff>))]
public enum DrawOff
{
    /// <summary>Through a hose from above the sludge.</summary>
    Siphon,

    /// <summary>The sludge is let into the cap of a bottle stood on its head.</summary>
    InvertedBottle,

    /// <summary>An empty bottle, squeezed first, draws the clear water from near the top.</summary>
    SqueezedBottle,

    /// <summary>Pumped from near the top.</summary>
    Pump,
}

/// <summary>What each way of drawing off loses.</summary>
public static class DrawOffs
{
    /// <summary>Where the losses come from; shown with the working.</summary>
    public const string LossSource =
        "5 % of clear-ish water stays with the sediment, 15 % of mud, 25 % of slurry until the sludge's depth is read off";

    private const double MuddyLoss = 0.15;
    private const double SlurryLoss = 0.25;
    private const double ClearishLoss = 0.05;

    /// <summary>Nobody draws off the last of it: at most this share is sludge.</summary>
    private const double MostLoss = 0.9;

    /// <summary>Share left behind with the sediment, 0 to 1 (handbook room 20).</summary>
    /// <param name="clarity">The water before clearing.</param>
    /// <param name="sludgeCm">Depth of the sludge as read off, cm; null until then.</param>
    /// <param name="depthCm">Depth of the water, cm.</param>
    public static double Loss(Clarity clarity, double? sludgeCm, double depthCm) =>
        clarity switch
        {
            Clarity.Slurry => sludgeCm is { } read ? Math.Clamp(read / depthCm, ClearishLoss, MostLoss) : SlurryLoss,
            Clarity.Muddy => MuddyLoss,
            _ => ClearishLoss,
        };

    /// <summary>What it is called.</summary>
    public static string Name(DrawOff way) =>
        way switch
        {
            DrawOff.Siphon => "Siphon",
            DrawOff.InvertedBottle => "Inverted bottle",
            DrawOff.SqueezedBottle => "Squeezed bottle",
            _ => "Pump",
        };

    /// <summary>How it is done.</summary>
    public static string How(DrawOff way) =>
        way switch
        {
            DrawOff.Siphon =>
                "Fill the hose first, its outlet lower than the inlet, the inlet held off the sludge; tilt the vessel for the last of it.",
            DrawOff.InvertedBottle => "It has settled in a squeezable bottle stood on its cap: crack the cap under a gentle "
                + "squeeze, let the sludge out, close before air goes back.",
            DrawOff.SqueezedBottle => "Squeeze an empty bottle, hold its mouth in the clear water near the top, and let it draw.",
            _ => "Pump from near the top, the intake well above the sediment.",
        };
}
