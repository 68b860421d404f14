using System.Diagnostics;
using System.Security.Cryptography;
using System.Text;
using System.Text.RegularExpressions;
using JollyBrook.Journeys;
using Microsoft.CodeAnalysis.CSharp;

namespace JollyBrook.Benchmarks.Mutants;

/// <summary>A copy of the core with faults in it, compiled once, beside a copy of its tests.</summary>
internal sealed partial class Workshop
{
    private const int RunSeconds = 90;

    private static readonly string Folder = Repository.Artifact("mutants");
    public static readonly string CoreFolder = Path.Combine(Repository.Root, "src/JollyBrook.Core");
    private static readonly string Tests = Path.Combine(Folder, "tests");

    private const string Switch = """
        namespace JollyBrook.Core;

        internal static class MutantSwitch
        {
            private static readonly int On = int.Parse(System.Environment.GetEnvironmentVariable("JOLLY_BROOK_MUTANT") ?? "-1", System.Globalization.CultureInfo.InvariantCulture);

            public static bool Is(int id) => id == On;
        }
        """;

    private Workshop(IReadOnlyList<Mutant> mutants) => Mutants = mutants;

    public IReadOnlyList<Mutant> Mutants { get; }

    /// <summary>Draws faults from each room and builds them in; those that do not compile are dropped.</summary>
    /// <param name="rooms">Rooms, and how many faults are drawn from each.</param>
    /// <param name="known">Faults that are always among them: file and change.</param>
    /// <param name="changed">The lines to draw from; null for all.</param>
    public static Workshop Build(
        IReadOnlyList<(string Name, int Faults)> rooms,
        int seed,
        IReadOnlyList<(string File, string Change)> known,
        ChangedLines? changed
    )
    {
        if (Directory.Exists(Folder))
        {
            Directory.Delete(Folder, recursive: true);
        }

        Copy(CoreFolder, Path.Combine(Folder, "JollyBrook.Core"));
        Copy(Path.Combine(Repository.Root, "tests/JollyBrook.Core.Tests/bin/Release/net10.0"), Tests);
        File.WriteAllText(Path.Combine(Folder, "JollyBrook.Core", "MutantSwitch.cs"), Switch);
        var draw = Draw(rooms, seed, known, changed);
        var dropped = new HashSet<int>();
        while (true)
        {
            var mutants = Write(draw, dropped);
            var errors = Compile();
            if (errors.Count == 0)
            {
                return new Workshop(mutants);
            }

            var before = dropped.Count;
            foreach (var (file, line) in errors)
            {
                var code = File.ReadAllLines(Path.Combine(Folder, "JollyBrook.Core", file))[line - 1];
                dropped.UnionWith(
                    SwitchedOn()
                        .Matches(code)
                        .Select(m => int.Parse(m.Groups[1].ValueSpan, System.Globalization.CultureInfo.InvariantCulture))
                );
                dropped.UnionWith(mutants.Where(m => m.Constant is { } name && Regex.IsMatch(code, $@"\b{name}\b")).Select(m => m.Id));
            }

            if (dropped.Count == before)
            {
                throw new InvalidOperationException(
                    $"The faulty core does not compile: {errors[0].File}:{errors[0].Line}; see {Path.Combine(Folder, "build.log")}."
                );
            }
        }
    }

    /// <summary>Whether the tests fail with this fault on; one that never ends has failed.</summary>
    public static bool Fails(int mutant, params string[] filter)
    {
        var start = new ProcessStartInfo(Path.Combine(Tests, "JollyBrook.Core.Tests"), ["-noLogo", "-noColor", "-stopOnFail", .. filter])
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        start.Environment["JOLLY_BROOK_MUTANT"] = mutant.ToString(System.Globalization.CultureInfo.InvariantCulture);
        using var run = Process.Start(start)!;
        run.OutputDataReceived += (_, _) => { };
        run.ErrorDataReceived += (_, _) => { };
        run.BeginOutputReadLine();
        run.BeginErrorReadLine();
        if (run.WaitForExit(TimeSpan.FromSeconds(RunSeconds)))
        {
            return run.ExitCode != 0;
        }

        run.Kill(entireProcessTree: true);
        return true;
    }

    private static Dictionary<(string Room, string File), Dictionary<int, int>> Draw(
        IReadOnlyList<(string Name, int Faults)> rooms,
        int seed,
        IReadOnlyList<(string File, string Change)> known,
        ChangedLines? changed
    )
    {
        var (drawn, id) = (new Dictionary<(string, string), Dictionary<int, int>>(), 0);
        foreach (var (room, faults) in rooms)
        {
            var all = Files(room)
                .SelectMany(file =>
                {
                    var counter = new Seeder(room, file, _ => null);
                    counter.Visit(CSharpSyntaxTree.ParseText(File.ReadAllText(Path.Combine(CoreFolder, file))).GetRoot());
                    return counter.Possible.Select(
                        (fault, at) =>
                            (file, at, fault.Line, IsKnown: known.Contains((file, fault.Change)), Lot: Lot(seed, file, fault.Change, at))
                    );
                })
                .Where(f => f.IsKnown || changed is null || changed.Has(f.file, f.Line))
                .ToArray();
            foreach (
                var (file, at, _, _, _) in all.OrderByDescending(f => f.IsKnown).ThenBy(f => f.Lot, StringComparer.Ordinal).Take(faults)
            )
            {
                if (!drawn.TryGetValue((room, file), out var places))
                {
                    drawn[(room, file)] = places = [];
                }

                places[at] = id++;
            }
        }

        return drawn;
    }

    /// <summary>A fault keeps its lot when others come and go, so that two runs can be compared.</summary>
    private static string Lot(int seed, string file, string change, int at) =>
        Convert.ToHexString(
            SHA256.HashData(
                Encoding.UTF8.GetBytes(
                    string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{seed} {file} {change} {at / 10}")
                )
            )
        );

    private static List<Mutant> Write(Dictionary<(string Room, string File), Dictionary<int, int>> drawn, HashSet<int> dropped)
    {
        var written = new List<Mutant>();
        foreach (var ((room, file), places) in drawn)
        {
            var seeder = new Seeder(room, file, at => places.TryGetValue(at, out var id) && !dropped.Contains(id) ? id : null);
            var faulty = seeder.Visit(CSharpSyntaxTree.ParseText(File.ReadAllText(Path.Combine(CoreFolder, file))).GetRoot())!;
            File.WriteAllText(Path.Combine(Folder, "JollyBrook.Core", file), faulty.ToFullString());
            written.AddRange(seeder.Written);
        }

        return written;
    }

    private static List<(string File, int Line)> Compile()
    {
        var project = Path.Combine(Folder, "JollyBrook.Core");
        var start = new ProcessStartInfo(
            "dotnet",
            [
                "build",
                project,
                "-c",
                "Release",
                "-nologo",
                "-v",
                "quiet",
                "-o",
                Path.Combine(Folder, "built"),
                "-p:TreatWarningsAsErrors=false",
                "-p:RunAnalyzers=false",
                "-p:EnforceCodeStyleInBuild=false",
                "-p:GenerateDocumentationFile=false",
                "-p:WarningLevel=0",
            ]
        )
        {
            RedirectStandardOutput = true,
        };
        using var build = Process.Start(start)!;
        var output = build.StandardOutput.ReadToEnd();
        build.WaitForExit();
        File.WriteAllText(Path.Combine(Folder, "build.log"), output);
        if (build.ExitCode == 0)
        {
            File.Copy(Path.Combine(Folder, "built", "JollyBrook.Core.dll"), Path.Combine(Tests, "JollyBrook.Core.dll"), overwrite: true);
            return [];
        }

        var errors = ErrorAt()
            .Matches(output)
            .Select(m =>
                (
                    Path.GetRelativePath(project, m.Groups[1].Value),
                    int.Parse(m.Groups[2].ValueSpan, System.Globalization.CultureInfo.InvariantCulture)
                )
            )
            .Distinct()
            .ToList();
        return errors.Count > 0
            ? errors
            : throw new InvalidOperationException($"The faulty core does not build; see {Path.Combine(Folder, "build.log")}.");
    }

    private static IEnumerable<string> Files(string room) =>
        Directory
            .EnumerateFiles(Path.Combine(CoreFolder, room), "*.cs", SearchOption.AllDirectories)
            .Where(f => !f.EndsWith("Fields.cs", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal)
            .Select(f => Path.GetRelativePath(CoreFolder, f));

    private static void Copy(string from, string to)
    {
        foreach (var file in Directory.EnumerateFiles(from, "*", SearchOption.AllDirectories))
        {
            var name = Path.GetRelativePath(from, file);
            if (name.StartsWith("bin", StringComparison.Ordinal) || name.StartsWith("obj", StringComparison.Ordinal))
            {
                continue;
            }

            var target = Path.Combine(to, name);
            Directory.CreateDirectory(Path.GetDirectoryName(target)!);
            File.Copy(file, target, overwrite: true);
        }
    }

    [GeneratedRegex(@"MutantSwitch\.Is\((\d+)\)")]
    private static partial Regex SwitchedOn();

    [GeneratedRegex(@"^\s*(/[^(\r\n]+\.cs)\((\d+),\d+\): error", RegexOptions.Multiline)]
    private static partial Regex ErrorAt();
}
