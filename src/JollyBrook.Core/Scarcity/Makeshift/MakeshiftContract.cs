using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity.Makeshift;

/// <summary>What a makeshift thing is for.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<MakeshiftUse>))]
public enum MakeshiftUse
{
    /// <summary>It clears water, and takes no organism away.</summary>
    Clear,

    /// <summary>It gets the clear water off what has settled.</summary>
    Draw,

    /// <summary>It boils, or helps to.</summary>
    Boil,
}

/// <summary>What is to be made, and for how much.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Litres">Water wanted, L, 0.1 to 100; one litre when left out.</param>
/// <param name="VesselL">What the vessel holds that a layered filter is built in, L, 0.3 to 20; 1.5 L when left out.</param>
public sealed record MakeshiftRequest(UnitSystem? Units, double? Litres = null, double? VesselL = null);

/// <summary>One thing that is made of what lies about, as a procedure.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is.</param>
/// <param name="Use">What it is for.</param>
/// <param name="Needs">What it takes.</param>
/// <param name="MakeMinutes">Minutes to make it.</param>
/// <param name="RunMinutesLow">Minutes at its quickest for the litres wanted, once it is made; null where it treats no water
/// itself.</param>
/// <param name="RunMinutesHigh">At its slowest.</param>
/// <param name="DrawL">Water to draw for them, what stays in it counted, L; null where it treats none.</param>
/// <param name="Yield">Time and yield in a line.</param>
/// <param name="Steps">What to do, in build order.</param>
/// <param name="Check">How to see that it is right.</param>
/// <param name="NotTakenOut">What it does not take out.</param>
/// <param name="Next">What comes after it.</param>
/// <param name="Cautions">What can hurt.</param>
/// <param name="ToKit">The thing of the kit it becomes; null where it is none.</param>
public sealed record MakeshiftCard(
    string Id,
    string Name,
    MakeshiftUse Use,
    IReadOnlyList<string> Needs,
    double MakeMinutes,
    double? RunMinutesLow,
    double? RunMinutesHigh,
    double? DrawL,
    string Yield,
    IReadOnlyList<string> Steps,
    string Check,
    string NotTakenOut,
    string Next,
    IReadOnlyList<Caution> Cautions,
    KitItem? ToKit
);

/// <summary>All of them.</summary>
/// <param name="Litres">The water they were reckoned for, L.</param>
/// <param name="VesselL">The vessel they were reckoned for, L.</param>
/// <param name="Cards">Each.</param>
public sealed record MakeshiftResponse(double Litres, double VesselL, IReadOnlyList<MakeshiftCard> Cards);

internal static class MakeshiftFields
{
    public static readonly NumberField Litres = new("litres", "Water wanted", Quantity.Volume, 0.1, 100, "About what you are short of.");
    public static readonly NumberField Vessel = new(
        "vesselL",
        "Vessel for the layers",
        Quantity.Volume,
        0.3,
        20,
        "What it holds to the brim."
    );

    public static IReadOnlyList<Field> All => [ChoiceField.Of<UnitSystem>("units", "Units"), Litres, Vessel];
}
