using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace JollyBrook.Server.Tests;

/// <summary>
/// Arrows point one way: Server → Data, Formats, StandIns → Core; inside the core, from the treatment down to the barriers and the water.
/// </summary>
public class ArchitectureTests
{
    private static readonly System.Reflection.Assembly Core = typeof(Core.Calculations).Assembly;
    private static readonly System.Reflection.Assembly Data = typeof(Data.Records.RecordStore).Assembly;
    private static readonly System.Reflection.Assembly Formats = typeof(Formats.RouteFile).Assembly;
    private static readonly System.Reflection.Assembly StandIns = typeof(StandIns.IWaterProbe).Assembly;
    private static readonly System.Reflection.Assembly Server = typeof(Program).Assembly;

    private static readonly Architecture Whole = new ArchLoader().LoadAssemblies(Core, Data, Formats, StandIns, Server).Build();

    private static IObjectProvider<IType> In(string room) =>
        Types().That().ResideInNamespaceMatching($@"^JollyBrook\.{room}($|\.)").As(room);

    [Fact]
    public void The_core_refers_to_the_framework_and_nothing_else() =>
        Core.GetReferencedAssemblies().Select(a => a.Name!).ShouldAllBe(name => name.StartsWith("System", StringComparison.Ordinal));

    [Fact]
    public void The_core_knows_no_files_network_or_clock() =>
        Core.GetReferencedAssemblies()
            .Select(a => a.Name!)
            .ShouldNotContain(name =>
                name.Contains("FileSystem")
                || name.Contains("Net.")
                || (name.Contains("Threading") && name != "System.Threading.Tasks.Parallel")
            );

    /// <summary>In the page's copy of the core a pattern fails as soon as it is used.</summary>
    [Fact]
    public void The_core_reads_without_patterns() =>
        Core.GetReferencedAssemblies().ShouldNotContain(a => a.Name == "System.Text.RegularExpressions");

    [Fact]
    public void Data_does_not_know_the_server() =>
        Data.GetReferencedAssemblies().ShouldNotContain(a => a.Name!.StartsWith("JollyBrook.Server", StringComparison.Ordinal));

    /// <summary>
    /// The rooms of the core from the ground up, as docs/architecture.md draws them: a room knows those of lower floors and none of its own
    /// or above. The lists of all calculations, records and their JSON stand over every room, in the root.
    /// </summary>
    private static readonly string[][] Floors =
    [
        // One room in two folders: quantities are part of the contract, which speaks in them.
        ["(Contract|Units)", "Sky", "Chance", "Words"],
        ["Body", "Clocks", "Water"],
        ["Barriers", "Sources"],
        ["Boiling", "Chemistry", "Clearing", "Filters", "Light", "Route"],
        ["Kit"],
        ["Treatment"],
        ["Book", "Carry"],
        ["InHand", "Learning", "Packing", "Scarcity", "Schedule"],
        ["Catalogue", "Illness", "Winter"],
        ["Drills", "Matters"],
        ["Records"],
    ];

    public static TheoryData<string> Rooms => [.. Floors.SelectMany(f => f)];

    [Theory]
    [MemberData(nameof(Rooms))]
    public void A_room_of_the_core_looks_down_only(string room)
    {
        var floor = Array.FindIndex(Floors, f => f.Contains(room));
        var notBelow = string.Join('|', Floors.Skip(floor).SelectMany(f => f).Where(r => r != room));
        if (notBelow.Length > 0)
        {
            Types().That().Are(In($@"Core\.{room}")).Should().NotDependOnAny(In($@"Core\.({notBelow})")).Check(Whole);
        }
    }

    [Fact]
    public void Every_room_of_the_core_stands_on_a_floor()
    {
        var rooms = Core.GetTypes()
            .Select(t => t.Namespace ?? "")
            .Where(n => n.StartsWith("JollyBrook.Core.", StringComparison.Ordinal))
            .Select(n => n.Split('.')[2])
            .Distinct()
            .Order(StringComparer.Ordinal);
        rooms.ShouldBe(Floors.SelectMany(f => f).SelectMany(r => r.Trim('(', ')').Split('|')).Order(StringComparer.Ordinal));
    }

    [Fact]
    public void What_lists_them_all_is_known_to_records_alone() =>
        Types()
            .That()
            .ResideInNamespaceMatching(@"^JollyBrook\.Core\.(?!Records)")
            .Should()
            .NotDependOnAny(Types().That().ResideInNamespaceMatching("^JollyBrook\\.Core$").As("the root"))
            .Check(Whole);

    [Fact]
    public void Stand_ins_know_neither_the_store_nor_the_web() =>
        StandIns
            .GetReferencedAssemblies()
            .Select(a => a.Name!)
            .ShouldNotContain(n =>
                n.StartsWith("JollyBrook.Data", StringComparison.Ordinal)
                || n.StartsWith("JollyBrook.Server", StringComparison.Ordinal)
                || n.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal)
            );

    [Fact]
    public void Formats_know_neither_the_store_nor_the_web() =>
        Formats
            .GetReferencedAssemblies()
            .Select(a => a.Name!)
            .ShouldNotContain(n =>
                n.StartsWith("JollyBrook.Data", StringComparison.Ordinal)
                || n.StartsWith("JollyBrook.Server", StringComparison.Ordinal)
                || n.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal)
            );

    [Fact]
    public void Only_the_server_knows_both_the_store_and_the_web() =>
        Types()
            .That()
            .ResideInAssembly(Data)
            .Should()
            .NotDependOnAnyTypesThat()
            .ResideInNamespaceMatching(@"^Microsoft\.AspNetCore\.(?!Identity)")
            .Check(Whole);
}
