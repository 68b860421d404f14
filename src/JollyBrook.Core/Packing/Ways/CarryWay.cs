using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Packing.Ways;

/// <summary>A way of carrying water on the body.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<CarryWayKind>))]
public enum CarryWayKind
{
    /// <summary>A bottle in the hand.</summary>
    HandBottle,

    /// <summary>Bottles on a belt.</summary>
    Belt,

    /// <summary>Flasks on a vest's straps.</summary>
    VestFlasks,

    /// <summary>A bladder with a hose.</summary>
    HoseBladder,

    /// <summary>Bottles in the pack, for which the walk stops.</summary>
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
        new(
            Kind: CarryWayKind.HandBottle,
            Name: "Bottle in the hand",
            Vessel: "Hand bottle",
            VesselL: 0.5,
            VesselKg: 0.08,
            Most: 1,
            Traits: new(HandsFree: 0, Steady: 0.6, Cool: 1, SeesLevel: 1, Refills: 1, Squeezes: 0.6, FrostProof: 0.6)
        ),
        new(
            Kind: CarryWayKind.Belt,
            Name: "Belt with a bottle",
            Vessel: "Belt bottle",
            VesselL: 0.6,
            VesselKg: 0.12,
            Most: 1,
            Traits: new(HandsFree: 0.9, Steady: 0.5, Cool: 0.8, SeesLevel: 0.7, Refills: 0.9, Squeezes: 0.3, FrostProof: 0.5)
        ),
        new(
            Kind: CarryWayKind.VestFlasks,
            Name: "Vest with soft flasks",
            Vessel: "Soft flask",
            VesselL: 0.5,
            VesselKg: 0.05,
            Most: 2,
            Traits: new(HandsFree: 1, Steady: 0.9, Cool: 0.5, SeesLevel: 0.9, Refills: 0.8, Squeezes: 1, FrostProof: 0.5)
        ),
        new(
            Kind: CarryWayKind.HoseBladder,
            Name: "Bladder with a hose",
            Vessel: "Bladder with hose",
            VesselL: 2,
            VesselKg: 0.17,
            Most: 1,
            Traits: new(HandsFree: 1, Steady: 0.6, Cool: 0.4, SeesLevel: 0, Refills: 0.3, Squeezes: 0.4, FrostProof: 0)
        ),
        new(
            Kind: CarryWayKind.PackBottles,
            Name: "Bottles in the pack",
            Vessel: "Pack bottle",
            VesselL: 1,
            VesselKg: 0.1,
            Most: 4,
            Traits: new(HandsFree: 0.3, Steady: 0.8, Cool: 0.9, SeesLevel: 1, Refills: 1, Squeezes: 0.3, FrostProof: 0.8)
        ),
    ];
}
