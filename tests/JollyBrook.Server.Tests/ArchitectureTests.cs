using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace JollyBrook.Server.Tests;

/// <summary>Arrows point one way: Server → Data → Core; inside the core, from the treatment down to the barriers and the water.</summary>
public class ArchitectureTests
{
    private static readonly System.Reflection.Assembly Core = typeof(Core.Calculations).Assembly;
    private static readonly System.Reflection.Assembly Data = typeof(Data.RecordStore).Assembly;
    private static readonly System.Reflection.Assembly Server = typeof(Program).Assembly;

    private static readonly Architecture Whole = new ArchLoader().LoadAssemblies(Core, Data, Server).Build();

    private static IObjectProvider<IType> In(string room) => Types().That().ResideInNamespaceMatching($@"^JollyBrook\.{room}($|\.)").As(room);

    [Fact]
    public void The_core_refers_to_the_framework_and_nothing_else() =>
        Core.GetReferencedAssemblies().Select(a => a.Name!).ShouldAllBe(name => name.StartsWith("System", StringComparison.Ordinal));

    [Fact]
    public void The_core_knows_no_files_network_or_clock() =>
        Core.GetReferencedAssemblies().Select(a => a.Name!)
            .ShouldNotContain(name => name.Contains("FileSystem") || name.Contains("Net.") || name.Contains("Threading"));

    [Fact]
    public void Data_does_not_know_the_server() =>
        Data.GetReferencedAssemblies().ShouldNotContain(a => a.Name!.StartsWith("JollyBrook.Server", StringComparison.Ordinal));

    [Theory]
    [InlineData(@"Core\.Water", @"Core\.(Boiling|Chemistry|Treatment|Kit|Book|Records|Catalogue)")]
    [InlineData(@"Core\.Boiling", @"Core\.(Chemistry|Treatment|Kit|Book|Records|Catalogue)")]
    [InlineData(@"Core\.Chemistry", @"Core\.(Boiling|Treatment|Kit|Book|Records|Catalogue)")]
    [InlineData(@"Core\.Treatment", @"Core\.(Kit|Book|Records|Catalogue)")]
    [InlineData(@"Core\.Units", @"Core\.(Water|Boiling|Chemistry|Treatment|Kit|Book|Records|Catalogue)")]
    public void Rooms_of_the_core_look_down_only(string room, string above) =>
        Types().That().Are(In(room)).Should().NotDependOnAny(In(above)).Check(Whole);

    [Fact]
    public void Only_the_server_knows_both_the_store_and_the_web() =>
        Types().That().ResideInAssembly(Data).Should().NotDependOnAnyTypesThat().ResideInNamespaceMatching(@"^Microsoft\.AspNetCore").Check(Whole);
}
