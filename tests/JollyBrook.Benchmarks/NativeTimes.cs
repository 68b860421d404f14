using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Columns;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Loggers;
using BenchmarkDotNet.Running;
using BenchmarkDotNet.Toolchains.InProcess.Emit;
using JollyBrook.Core;

namespace JollyBrook.Benchmarks;

/// <summary>How long each calculation takes on .NET itself.</summary>
public class NativeTimes
{
    [ParamsSource(nameof(Cases))]
    public Request Case { get; set; } = null!;

    public static IEnumerable<Request> Cases => Requests.All;

    /// <summary>Median milliseconds by request name.</summary>
    public static IReadOnlyDictionary<string, double> Measure()
    {
        var config = ManualConfig
            .CreateEmpty()
            .AddJob(Job.ShortRun.WithToolchain(InProcessEmitToolchain.DontLogOutput))
            .AddColumnProvider(DefaultColumnProviders.Instance)
            .AddLogger(NullLogger.Instance)
            .WithArtifactsPath(Path.Combine(Path.GetTempPath(), "jolly-brook-bench"));
        var summary = BenchmarkRunner.Run<NativeTimes>(config);
        return summary.Reports.ToDictionary(
            report => ((Request)report.BenchmarkCase.Parameters["Case"]).Name,
            report => report.ResultStatistics!.Median / 1e6
        );
    }

    [Benchmark]
    public int Run() => Calculations.Run(Case.Calculation, Case.Json).Json.Length;
}
