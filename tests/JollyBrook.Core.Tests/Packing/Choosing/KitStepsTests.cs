using JollyBrook.Core.Barriers;
using JollyBrook.Core.Packing.Choosing;
using JollyBrook.Core.Treatment;

namespace JollyBrook.Core.Tests.Packing.Choosing;

/// <summary>Which set is at least as good as another.</summary>
public class KitStepsTests
{
    private static readonly KitSet Plain = new(
        Ids: ["a"],
        Names: ["A"],
        Lacks: ["x"],
        MassKg: 1,
        BulkL: 1,
        Price: 50,
        IsTypical: false,
        WorkMinutesPerDay: 20,
        WorkMinutesEach: 10,
        WaitMinutes: 30,
        WaitAt: "",
        Taste: Taste.Flat,
        TasteSteps: 1,
        TasteWords: "",
        CoveredL: 40,
        GapAt: null,
        LitresToGap: 40,
        LeavesNothing: ["freeze"],
        LeavesOne: ["fuel"],
        Waste: "",
        Mostly: "",
        Steps: 1
    );

    /// <summary>Worse in one respect each, and in no other.</summary>
    public static TheoryData<string> Respects => [.. Worse.Keys];

    private static readonly Dictionary<string, KitSet> Worse = new()
    {
        ["lacks"] = Plain with { Lacks = ["x", "y"] },
        ["mass"] = Plain with { MassKg = 1.01 },
        ["bulk"] = Plain with { BulkL = 1.01 },
        ["price"] = Plain with { Price = 50.01 },
        ["work"] = Plain with { WorkMinutesPerDay = 20.1 },
        ["wait"] = Plain with { WaitMinutes = 31 },
        ["taste"] = Plain with { Taste = Taste.Faint },
        ["leaves nothing"] = Plain with { LeavesNothing = ["freeze", "bag"] },
        ["leaves one"] = Plain with { LeavesOne = ["fuel", "bag"] },
    };

    [Theory]
    [MemberData(nameof(Respects))]
    public void Worse_in_one_respect_is_worse(string respect)
    {
        KitSteps.IsNoWorse(Worse[respect], Plain).ShouldBeFalse();
        KitSteps.IsNoWorse(Plain, Worse[respect]).ShouldBeTrue();
        // Better in all the others makes up for none.
        foreach (var (_, other) in Worse.Where(w => w.Key != respect))
        {
            KitSteps.IsNoWorse(Worse[respect], other).ShouldBeFalse();
        }
    }

    [Fact]
    public void A_set_is_no_worse_than_itself() => KitSteps.IsNoWorse(Plain, Plain).ShouldBeTrue();
}
