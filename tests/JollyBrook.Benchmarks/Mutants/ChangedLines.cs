using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;

namespace JollyBrook.Benchmarks.Mutants;

/// <summary>Lines of the core that differ from an earlier commit, those not committed yet included.</summary>
internal sealed partial class ChangedLines
{
    private readonly HashSet<(string File, int Line)> _lines = [];

    /// <returns>Null where there is no such commit.</returns>
    public static ChangedLines? Since(string commit)
    {
        var start = new ProcessStartInfo("git", ["diff", "--unified=0", "--no-color", "--relative", commit, "--", "."])
        {
            WorkingDirectory = Workshop.CoreFolder,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        using var git = Process.Start(start)!;
        var diff = git.StandardOutput.ReadToEnd();
        git.WaitForExit();
        return git.ExitCode == 0 ? Of(diff) : null;
    }

    /// <param name="file">Path under the core's folder.</param>
    /// <param name="line">From 1.</param>
    public bool Has(string file, int line) => _lines.Contains((file, line));

    private static ChangedLines Of(string diff)
    {
        var (changed, file) = (new ChangedLines(), "");
        foreach (var line in diff.Split('\n'))
        {
            if (line.StartsWith("+++ b/", StringComparison.Ordinal))
            {
                file = line[6..].TrimEnd();
            }
            else if (Hunk().Match(line) is { Success: true } hunk)
            {
                var (first, count) = (Number(hunk.Groups[1]), hunk.Groups[2].Success ? Number(hunk.Groups[2]) : 1);
                changed._lines.UnionWith(Enumerable.Range(first, count).Select(l => (file, l)));
            }
        }

        return changed;
    }

    private static int Number(Group digits) => int.Parse(digits.ValueSpan, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"^@@ -\S+ \+(\d+)(?:,(\d+))? @@")]
    private static partial Regex Hunk();
}
