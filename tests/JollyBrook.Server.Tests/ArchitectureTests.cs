using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace JollyBrook.Server.Tests;

/// <summary>Arrows point one way: Server → Data, Formats, StandIns → Core; inside the core, from the treatment down to the barriers and the water.</summary>
public class ArchitectureTests
{
    private static readonly System.Reflection.Assembly Core = typeof(Core.Calculations).Assembly;
    private static readonly System.Reflection.Assembly Data = typeof(Data.Records.RecordStore).Assembly;
    private static readonly System.Reflection.Assembly Formats = typeof(Formats.RouteFile).Assembly;
    private static readonly System.Reflection.Assembly StandIns = typeof(StandIns.IWaterProbe).Assembly;
    private static readonly System.Reflection.Assembly Server = typeof(Program).Assembly;

    private static readonly Architecture Whole = new ArchLoader().LoadAssemblies(Core, Data, Formats, StandIns, Server).Build();

    private static IObjectProvider<IType> In(string room) => Types().That().ResideInNamespaceMatching($@"^JollyBrook\.{room}($|\.)").As(room);

    [Fact]
    public void The_core_refers_to_the_framework_and_nothing_else() =>
        Core.GetReferencedAssemblies().Select(a => a.Name!).ShouldAllBe(name => name.StartsWith("System", StringComparison.Ordinal));

    [Fact]
    public void The_core_knows_no_files_network_or_clock() =>
        Core.GetReferencedAssemblies().Select(a => a.Name!)
            .ShouldNotContain(name => name.Contains("FileSystem") || name.Contains("Net.") || (name.Contains("Threading") && name != "System.Threading.Tasks.Parallel"));

    [Fact]
    public void Data_does_not_know_the_server() =>
        Data.GetReferencedAssemblies().ShouldNotContain(a => a.Name!.StartsWith("JollyBrook.Server", StringComparison.Ordinal));

    [Theory]
    [InlineData(@"Core\.Units", @"Core\.(Water|Barriers|Sources|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Water", @"Core\.(Barriers|Sources|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Barriers", @"Core\.(Sources|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Sources", @"Core\.(Barriers|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Clearing", @"Core\.(Sources|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Boiling", @"Core\.(Sources|Clearing|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Chemistry", @"Core\.(Sources|Clearing|Boiling|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Filters", @"Core\.(Sources|Clearing|Boiling|Chemistry|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Light", @"Core\.(Sources|Clearing|Boiling|Chemistry|Filters|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Kit", @"Core\.(Sources|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Treatment", @"Core\.(Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Sky", @"Core\.(Water|Barriers|Sources|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Clocks", @"Core\.(Water|Barriers|Sources|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Body|Route|Carry)")]
    [InlineData(@"Core\.Body", @"Core\.(Sources|Barriers|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Route|Carry)")]
    [InlineData(@"Core\.Route", @"Core\.(Barriers|Clearing|Boiling|Chemistry|Filters|Light|Kit|Treatment|Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Carry)")]
    [InlineData(@"Core\.Carry", @"Core\.(Book|InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.Packing", @"Core\.(Book|InHand|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.Schedule", @"Core\.(Book|InHand|Packing|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.InHand", @"Core\.(Packing|Schedule|Winter|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words|Carry)")]
    [InlineData(@"Core\.Winter", @"Core\.(Book|InHand|Packing|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.Book", @"Core\.(InHand|Packing|Schedule|Learning|Illness|Scarcity|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.Learning", @"Core\.(Packing|Schedule|Illness|Scarcity|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.Scarcity", @"Core\.(Book|InHand|Packing|Schedule|Learning|Illness|Drills|Records|Catalogue|Words)")]
    [InlineData(@"Core\.Drills", @"Core\.(Book|InHand|Packing|Schedule|Learning|Illness|Records|Catalogue|Words)")]
    public void Rooms_of_the_core_look_down_only(string room, string above) =>
        Types().That().Are(In(room)).Should().NotDependOnAny(In(above)).Check(Whole);

    [Fact]
    public void Stand_ins_know_neither_the_store_nor_the_web() =>
        StandIns.GetReferencedAssemblies().Select(a => a.Name!).ShouldNotContain(
            n => n.StartsWith("JollyBrook.Data", StringComparison.Ordinal) || n.StartsWith("JollyBrook.Server", StringComparison.Ordinal)
                || n.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal));

    [Fact]
    public void Formats_know_neither_the_store_nor_the_web() =>
        Formats.GetReferencedAssemblies().Select(a => a.Name!).ShouldNotContain(
            n => n.StartsWith("JollyBrook.Data", StringComparison.Ordinal) || n.StartsWith("JollyBrook.Server", StringComparison.Ordinal)
                || n.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal));

    [Fact]
    public void Only_the_server_knows_both_the_store_and_the_web() =>
        Types().That().ResideInAssembly(Data).Should().NotDependOnAnyTypesThat().ResideInNamespaceMatching(@"^Microsoft\.AspNetCore\.(?!Identity)").Check(Whole);
}
