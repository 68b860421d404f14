using JollyBrook.Core.Clearing;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Scarcity.Makeshift;

/// <summary>
/// The calculation "makeshift": filters, ways to draw off, and vessels for the fire made of what lies about, each in build order with a
/// check at its end (handbook room 90, "Makeshift cards"; times are picks where no room names them).
/// </summary>
public static class MakeshiftCards
{
    private const double DefaultL = 1,
        DefaultVesselL = 1.5;

    /// <summary>A thin hose with a hand's breadth of fall to a forearm's, L/min (pick).</summary>
    private const double SiphonLow = 0.3,
        SiphonHigh = 1;

    /// <summary>A soft bottle of about a litre on its cap, its dregs let out in a few gentle squeezes, min for a litre (pick).</summary>
    private const double SqueezeLow = 1,
        SqueezeHigh = 2;

    /// <summary>What stays with the dregs until they are seen, share: as in the cloudiest water.</summary>
    private static readonly double DregsLoss = DrawOffs.Loss(Clarity.Slurry, null, 1);

    /// <summary>A wick between two cans, L/h (handbook room 90).</summary>
    private const double WickLow = 0.1,
        WickHigh = 0.3;

    /// <summary>A vessel that burns only above its water line, over embers or with hot stones, min for a litre (pick).</summary>
    private const double EmbersLow = 20,
        EmbersHigh = 40;

    private const string NothingAlive = "Bacteria, viruses, parasites, salt and chemicals all stay in. It looks clean and is still unsafe.";

    private const string JudgeAgain = "Judge again how cloudy it is: settling takes it one step on, no farther. Then treat it as that.";

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => MakeshiftFields.All;

    /// <exception cref="BadInputException">A field is out of its range.</exception>
    public static MakeshiftResponse Compute(MakeshiftRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Optional(MakeshiftFields.Litres, request.Litres);
        intake.Optional(MakeshiftFields.Vessel, request.VesselL);
        intake.ThrowIfWrong();
        var (litres, vesselL, say) = (request.Litres ?? DefaultL, request.VesselL ?? DefaultVesselL, intake.Say);
        return new MakeshiftResponse(
            litres,
            vesselL,
            [
                Layers(litres, vesselL, say),
                Wick(litres, say),
                Siphon(litres, say),
                SqueezeOut(litres, say),
                Can(litres, say),
                Bark(litres, say),
                Hanger(),
                Lifter(),
            ]
        );
    }

    private static readonly Caution Hot = new(
        "hot",
        Severity.Warning,
        "Boiling water and steam scald: nothing hangs over a fire that you have not shaken first, empty."
    );

    private static MakeshiftCard Layers(double litres, double vesselL, Speaker say)
    {
        var draw = litres / (1 - ClearingPlan.ImprovisedLoss);
        var minutes = ClearingPlan.ImprovisedMinutesPerL * draw;
        // From below: cloth, sand, charcoal, sand, gravel (handbook room 20); a third left for the water (pick).
        string Part(double share) => say.Of(Quantity.Volume, vesselL * share);
        return Card("layered-filter", "Layered filter", MakeshiftUse.Clear, litres, minutes, minutes, say) with
        {
            Needs =
            [
                "A bottle, can or bag of " + say.Of(Quantity.Volume, vesselL),
                "Cloth",
                "Charcoal of a wood fire, cold",
                "Sand and gravel",
                "Clear water to rinse with",
            ],
            MakeMinutes = 45,
            DrawL = draw,
            Steps =
            [
                "Cut the vessel’s bottom off and turn it over; of a can, punch five small holes into the bottom.",
                "Lay folded cloth over the neck or the holes.",
                $"Wash sand until the water runs clear and fill in {Part(0.1)} of it: it holds the charcoal back.",
                $"Crush cold charcoal to the size of rice, wash it until the water runs clear, and fill in {Part(0.2)} of it.",
                $"Lay {Part(0.2)} of washed sand on top.",
                $"Gravel last, {Part(0.15)}: it spreads the water. The rest stays free for what you pour.",
                "Pour clear water through until it comes out clear; throw that away.",
                $"Pour {say.Of(Quantity.Volume, draw)} slowly, without stirring the layers up. Note how many litres it has had, and "
                    + "build it anew when it runs cloudy or stops.",
            ],
            Check = "A dark mark through the bottle is seen better than before. No clearer: wash the sand again, or pour slower.",
            NotTakenOut = NothingAlive,
            Next = "Water counts what comes out as slightly cloudy at best: then boil it, filter it or dose it.",
            Cautions = [new("ash", Severity.Warning, "Charcoal only, no ash, and none of painted or treated wood.")],
            ToKit = new MakeshiftFilter { Name = "Layered filter" },
        };
    }

    private static MakeshiftCard Wick(double litres, Speaker say) =>
        Card("wick", "Wick between two cans", MakeshiftUse.Clear, litres, litres / WickHigh * 60, litres / WickLow * 60, say) with
        {
            Needs = ["Two vessels", "A strip of clean cotton or wool, two fingers wide"],
            MakeMinutes = 5,
            DrawL = litres,
            Steps =
            [
                "Stand the cloudy water a hand’s breadth above the empty vessel.",
                "Wet the strip and wring it out.",
                "Lay one end to the bottom of the cloudy water, hang the other into the empty vessel, below the upper one’s bottom.",
                "Cover both. It drips by itself; leave it overnight.",
            ],
            Check = "It drips at the lower end, and what has come over is clear. Nothing drips: hang the end lower, wet it again.",
            NotTakenOut = NothingAlive,
            Next = "Water counts what comes over as slightly cloudy at best: then treat it.",
            Cautions = [new("soap", Severity.Note, "Cloth that was washed with soap tastes of it: rinse it first.")],
        };

    private static MakeshiftCard Siphon(double litres, Speaker say) =>
        Card("siphon", "Siphon off the top", MakeshiftUse.Draw, litres, litres / SiphonHigh, litres / SiphonLow, say) with
        {
            Needs = ["A hose", "A clean vessel lower than the settled one"],
            MakeMinutes = 3,
            DrawL = WithDregs(litres),
            Steps =
            [
                $"Let {say.Of(Quantity.Volume, WithDregs(litres))} settle; do not move the vessel any more.",
                "Stand the clean vessel lower, beside it.",
                "Fill the hose with clean water and close both ends with your thumbs: never suck it.",
                "Put one end a hand’s breadth below the surface and well above what has settled, the other into the clean vessel; let go.",
                "Stop when the level comes near the dregs.",
            ],
            Check = "What runs is as clear as the top was. Cloudy: lift the end, let it settle again.",
            NotTakenOut = NothingAlive,
            Next = JudgeAgain,
            Cautions = [],
        };

    private static MakeshiftCard SqueezeOut(double litres, Speaker say) =>
        Card("squeeze-out", "Squeeze the dregs out", MakeshiftUse.Draw, litres, litres * SqueezeLow, litres * SqueezeHigh, say) with
        {
            Needs = ["A soft-walled bottle with a tight cap"],
            MakeMinutes = 1,
            DrawL = WithDregs(litres),
            Steps =
            [
                $"Fill soft bottles with {say.Of(Quantity.Volume, WithDregs(litres))} in all, to the brim, caps tight.",
                "Stand them on their caps and let them settle: the dregs lie in the neck.",
                "Hold the bottle as it stands, squeeze gently, and crack the cap: the dregs run out.",
                "Close it before you let go, or air goes back and stirs it. Again until what runs out is clear.",
                "Wipe cap and threads: the dregs ran over them.",
            ],
            Check = "What is left is clear down to the cap. A rigid bottle can’t be squeezed: siphon instead.",
            NotTakenOut = NothingAlive,
            Next = JudgeAgain,
            Cautions = [],
        };

    private static MakeshiftCard Can(double litres, Speaker say) =>
        Card("can", "Can with a wire handle", MakeshiftUse.Boil, null, null, null, say) with
        {
            Needs = ["A metal can, lid off", "Wire, two arm’s lengths", "Something pointed"],
            MakeMinutes = 10,
            Yield =
                "10 min to make; then it boils as a pot without a lid does: Water tells the time and fuel "
                + $"for {say.Of(Quantity.Volume, litres)}.",
            Steps =
            [
                "Burn it out empty in the fire, until no lining smokes any more, and scour it.",
                "Punch two holes opposite each other, below the rim.",
                "Pull the wire through both and twist it back onto itself; leave the bow a hand’s breadth high.",
                "Fill it, and shake it over the ground before it goes over the fire.",
            ],
            Check = "Full, it hangs level and the twists do not turn.",
            NotTakenOut = "Boiling kills what lives; salt, metals, fuel and other chemicals stay in.",
            Next = "In the kit it counts as a pot without a lid.",
            Cautions =
            [
                Hot,
                new(
                    "lining",
                    Severity.Warning,
                    "No can that held paint, fuel or poison, and none with plastic lining that has not burnt off."
                ),
            ],
            ToKit = new Container(0.8, Opaque: true, HeatSafe: true) { Name = "Can with a wire handle" },
        };

    private static MakeshiftCard Bark(double litres, Speaker say) =>
        Card("bark-vessel", "Bark or bamboo vessel", MakeshiftUse.Boil, litres, EmbersLow * litres, EmbersHigh * litres, say) with
        {
            Needs =
            [
                "Outer birch bark without a knot hole, or a green bamboo segment",
                "Thorns or split twigs as pins",
                "Embers, or clean dry stones",
            ],
            MakeMinutes = 30,
            DrawL = litres,
            Steps =
            [
                "Bark: warm it until it bends, fold the corners in to a box, outer side in, and pin them above the water line.",
                "Bamboo: cut below one wall and above the next, and open it at the top.",
                "Fill it: it burns only above the water line.",
                "Over embers, never over flames; or drop in stones from the fire one by one, with two "
                    + "sticks, and take them out as they cool.",
                "Keep it at a rolling boil for as long as Water says.",
            ],
            Check = "The whole surface churns; steam alone is no boil.",
            NotTakenOut = "Boiling kills what lives; salt, metals and chemicals stay in.",
            Next = "It is good for a few boils, then make another.",
            Cautions =
            [
                Hot,
                new("stones", Severity.Danger, "Stones from a river or wet ground burst in the fire: dry ones only, and stand back."),
            ],
        };

    private static MakeshiftCard Hanger() =>
        new(
            Id: "pot-hanger",
            Name: "Pot hanger",
            Use: MakeshiftUse.Boil,
            Needs: ["A green pole as long as you are", "A forked stick", "A heavy stone"],
            MakeMinutes: 10,
            RunMinutesLow: null,
            RunMinutesHigh: null,
            DrawL: null,
            Yield: "10 min to make; it holds what a green pole holds: try it with a full pot on the ground first.",
            Steps:
            [
                "Push the forked stick in an arm’s length from the fire.",
                "Lay the pole over the fork, its thick end under the stone.",
                "Cut a notch where the pot’s handle hangs, so that it can’t slide.",
                "Hang the full pot beside the fire first; then turn it over.",
            ],
            Check: "The pot hangs still and a hand’s breadth above the embers; the stone does not lift.",
            NotTakenOut: "It treats nothing.",
            Next: "Boil as Water says.",
            Cautions: [Hot],
            ToKit: null
        );

    private static MakeshiftCard Lifter() =>
        new(
            Id: "bottle-lifter",
            Name: "Lifter for a hot bottle",
            Use: MakeshiftUse.Boil,
            Needs: ["A cord or wire", "A stick, an arm’s length"],
            MakeMinutes: 5,
            RunMinutesLow: null,
            RunMinutesHigh: null,
            DrawL: null,
            Yield: "5 min to make; for a single-wall metal bottle that stands in the fire.",
            Steps:
            [
                "Tie a loop round the neck, under its rim, before the bottle goes into the fire; wire, or wet cord.",
                "Tie both ends to the stick’s middle, a hand’s breadth above.",
                "Cap off: a closed bottle bursts.",
                "Lift it with both hands on the stick, and stand it on flat ground.",
            ],
            Check: "Full, it lifts straight and does not tip.",
            NotTakenOut: "It treats nothing.",
            Next: "Boil as Water says; in the kit the bottle counts as a pot without a lid.",
            Cautions:
            [
                Hot,
                new(
                    "closed",
                    Severity.Danger,
                    "Never a closed bottle, a double-walled one or one of plastic in a fire: it bursts or melts."
                ),
            ],
            ToKit: null
        );

    private static double WithDregs(double litres) => litres / (1 - DregsLoss);

    private static string Between(double quickest, double slowest) =>
        slowest - quickest < 1
            ? Speaker.Minutes(Math.Ceiling(slowest))
            : $"{Speaker.Minutes(Math.Floor(quickest))} to {Speaker.Minutes(Math.Ceiling(slowest))}";

    private static MakeshiftCard Card(string id, string name, MakeshiftUse use, double? litres, double? low, double? high, Speaker say) =>
        new(
            Id: id,
            Name: name,
            Use: use,
            Needs: [],
            MakeMinutes: 0,
            RunMinutesLow: low,
            RunMinutesHigh: high,
            DrawL: null,
            Yield: litres is { } wanted && low is { } quickest && high is { } slowest
                ? $"{say.Of(Quantity.Volume, wanted)} in {Between(quickest, slowest)}, once it {(use == MakeshiftUse.Draw ? "has settled" : "is made")}"
                : "",
            Steps: [],
            Check: "",
            NotTakenOut: "",
            Next: "",
            Cautions: [],
            ToKit: null
        );
}
