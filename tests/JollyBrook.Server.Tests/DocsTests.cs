using System.Text.RegularExpressions;

namespace JollyBrook.Server.Tests;

/// <summary>What the documents point at is there: a newcomer follows them.</summary>
public sealed partial class DocsTests
{
    public static TheoryData<string> Documents =>
        [
            "README.md",
            "CONTRIBUTING.md",
            .. Directory
                .EnumerateFiles(Path.Combine(Repository.Root, "docs"), "*.md", SearchOption.AllDirectories)
                .Select(f => Path.GetRelativePath(Repository.Root, f))
                .Order(StringComparer.Ordinal),
        ];

    [Theory]
    [MemberData(nameof(Documents))]
    public void Every_path_that_a_document_names_is_there(string document)
    {
        var text = File.ReadAllText(Path.Combine(Repository.Root, document));
        var named = Paths()
            .Matches(text)
            .Select(m => m.Groups[1].Value)
            .Concat(
                Links()
                    .Matches(text)
                    .Select(m =>
                        Path.GetRelativePath(
                            Repository.Root,
                            Path.GetFullPath(Path.Combine(Repository.Root, Path.GetDirectoryName(document)!, m.Groups[1].Value))
                        )
                    )
            );

        named.Where(p => !Path.Exists(Path.Combine(Repository.Root, p))).ShouldBeEmpty();
    }

    /// <summary>The worked examples of CONTRIBUTING.md are many: a guide that names nothing would pass the test above.</summary>
    [Fact]
    public void The_guide_names_files() =>
        Paths().Count(File.ReadAllText(Path.Combine(Repository.Root, "CONTRIBUTING.md"))).ShouldBeGreaterThan(20);

    /// <summary>A path of the repository in code marks, without placeholders.</summary>
    [GeneratedRegex(@"`((?:src|tests|docs|scripts|deploy)/[\w./-]*)`")]
    private static partial Regex Paths();

    /// <summary>A link or picture within the repository.</summary>
    [GeneratedRegex(@"\]\((?!http)([\w./-]+)\)")]
    private static partial Regex Links();
}
