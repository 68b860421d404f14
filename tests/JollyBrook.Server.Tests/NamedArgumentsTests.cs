using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

namespace JollyBrook.Server.Tests;

/// <summary>Nobody counts places: what is made of more than six things says which is which.</summary>
public sealed class NamedArgumentsTests
{
    private const int MostUnnamed = 6;

    [Fact]
    public void What_is_made_of_many_things_names_them()
    {
        var files = Directory
            .EnumerateFiles(Path.Combine(Repository.Root, "src"), "*.cs", SearchOption.AllDirectories)
            .Where(file => !file.Contains($"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}", StringComparison.Ordinal))
            .Where(file => !file.Contains("Migrations", StringComparison.Ordinal))
            .ToList();
        files.Count.ShouldBeGreaterThan(500);
        files
            .SelectMany(file =>
                CSharpSyntaxTree
                    .ParseText(File.ReadAllText(file))
                    .GetRoot()
                    .DescendantNodes()
                    .OfType<ArgumentListSyntax>()
                    .Where(list => list.Parent is BaseObjectCreationExpressionSyntax or ConstructorInitializerSyntax)
                    .Where(list => list.Arguments.Count(a => a.NameColon is null) > MostUnnamed)
                    .Select(list => $"{Path.GetFileName(file)}:{list.GetLocation().GetLineSpan().StartLinePosition.Line + 1}")
            )
            .ShouldBeEmpty();
    }
}
