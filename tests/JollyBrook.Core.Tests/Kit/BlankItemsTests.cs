using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;

namespace JollyBrook.Core.Tests.Kit;

public sealed class BlankItemsTests
{
    [Fact]
    public void There_is_one_of_each_kind_and_each_has_a_name()
    {
        BlankItems.All.Select(i => i.Kind).ShouldBe(Enum.GetValues<KitItemKind>(), ignoreOrder: true);
        BlankItems.All.Select(i => i.Name).ShouldBeUnique();
        KitTemplates.Compute(new KitTemplatesRequest()).Blanks.ShouldBe(BlankItems.All);
    }

    /// <summary>What only a label or an owner can tell is left open, and no more is asked for before it is kept.</summary>
    [Fact]
    public void Only_what_its_own_label_tells_is_missing()
    {
        var asked = BlankItems.All.SelectMany(Missing).ToList();

        asked.ShouldBe(
            ["filter.ratedFlowLPerMin", "lamp.volumePerCycleL", "lamp.secondsPerCycle", "flocculant.labelDrops"],
            ignoreOrder: true
        );
    }

    private static IEnumerable<string> Missing(KitItem item)
    {
        try
        {
            DescribeItem.Compute(new KitItemRequest(null, item));
            return [];
        }
        catch (BadInputException bad)
        {
            return bad.Errors.Select(e => e.Field);
        }
    }
}
