using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Packing.Ways;

/// <summary>A way of carrying water on the body.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<CarryWayKind>))]
public enum CarryWayKind
{
    HandBottle,
    Belt,
    VestFlasks,
    HoseBladder,
    PackBottles,
}

/// <summary>What a way of carrying is good for, each from 0 (bad) to 1 (good) (pick, after handbook room 70's list).</summary>
/// <param name="HandsFree">Both hands free, and a sip without stopping.</param>
/// <param name="Steady">No slosh, and no pull to one side.</param>
/// <param name="Cool">No further layer on the back.</param>
/// <param name="SeesLevel">The level is seen at a glance.</param>
/// <param name="Refills">Treated water goes in without taking the pack apart.</param>
/// <param name="Squeezes">It can be pressed through a filter.</param>
/// <param name="FrostProof">Nothing thin freezes shut.</param>
internal readonly record struct WayTraits(
    double HandsFree,
    double Steady,
    double Cool,
    double SeesLevel,
    double Refills,
    double Squeezes,
    double FrostProof
);

/// <summary>A way of carrying, as it is usually had.</summary>
/// <param name="Kind">Which.</param>
/// <param name="Name">Its name.</param>
/// <param name="Vessel">What one of its containers is called.</param>
/// <param name="VesselL">What one holds, L.</param>
/// <param name="VesselKg">One empty, kg.</param>
/// <param name="Most">How many one walker carries so.</param>
/// <param name="Traits">What it is good for.</param>
internal sealed record CarryWay(CarryWayKind Kind, string Name, string Vessel, double VesselL, double VesselKg, int Most, WayTraits Traits)
{
    /// <summary>Whether it is worn beside a full pack: a vest and a belt sit where the pack sits.</summary>
    public bool GoesWithPack => Kind is not (CarryWayKind.Belt or CarryWayKind.VestFlasks);

    public static readonly IReadOnlyList<CarryWay> All =
    [
        new(CarryWayKind.HandBottle, "Bottle in the hand", "Hand bottle", 0.5, 0.08, 1, new(0, 0.6, 1, 1, 1, 0.6, 0.6)),
        new(CarryWayKind.Belt, "Belt with a bottle", "Belt bottle", 0.6, 0.12, 1, new(0.9, 0.5, 0.8, 0.7, 0.9, 0.3, 0.5)),
        new(CarryWayKind.VestFlasks, "Vest with soft flasks", "Soft flask", 0.5, 0.05, 2, new(1, 0.9, 0.5, 0.9, 0.8, 1, 0.5)),
        new(CarryWayKind.HoseBladder, "Bladder with a hose", "Bladder with hose", 2, 0.17, 1, new(1, 0.6, 0.4, 0, 0.3, 0.4, 0)),
        new(CarryWayKind.PackBottles, "Bottles in the pack", "Pack bottle", 1, 0.1, 4, new(0.3, 0.8, 0.9, 1, 1, 0.3, 0.8)),
    ];
}
