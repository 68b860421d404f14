using System.Diagnostics;
using System.Text;
using JollyBrook.Core.Route;
using JollyBrook.Formats;
using JollyBrook.Formats.Tables;

namespace JollyBrook.Benchmarks;

/// <summary>What a hundred thousand mutated files came to.</summary>
/// <param name="Read">Read.</param>
/// <param name="Refused">Refused with a reason.</param>
/// <param name="Unhandled">Ended in something nobody foresaw.</param>
/// <param name="First">The first of these.</param>
/// <param name="SlowestMs">The longest that one took, ms.</param>
/// <param name="MostBytes">The most that one took up, bytes allocated in all.</param>
internal sealed record FuzzResult(int Read, int Refused, int Unhandled, string? First, double SlowestMs, long MostBytes);

/// <summary>
/// Files with a few bytes changed, cut out, doubled or swapped between them: each is read or refused, and nothing else happens.
/// </summary>
internal static class FileFuzz
{
    public const int Inputs = 100_000;
    private static readonly RouteFileOptions Options = new(new DateOnly(2026, 11, 27));
    private static readonly PlacedLine Line = PlacedLine.Of(
        Track.Of([.. Enumerable.Range(0, 50).Select(i => new GeoPoint(46.19 + (i * 0.001), -28.6, 100))])!
    );
    private static readonly Lock Gate = new();

    public static FuzzResult Run(string folder)
    {
        byte[][] seeds =
        [
            .. Directory.GetFiles(folder).Where(f => new FileInfo(f).Length is > 0 and < 16_384).Order().Select(File.ReadAllBytes),
        ];
        var sum = new FuzzResult(0, 0, 0, null, 0, 0);
        Parallel.For(0, Inputs, i =>
        {
            var one = One(Mutated(seeds, new Random(i)), i);
            lock (Gate)
            {
                sum = new FuzzResult(
                    sum.Read + one.Read,
                    sum.Refused + one.Refused,
                    sum.Unhandled + one.Unhandled,
                    sum.First ?? one.First,
                    Math.Max(sum.SlowestMs, one.SlowestMs),
                    Math.Max(sum.MostBytes, one.MostBytes)
                );
            }
        });
        return sum;
    }

    private static FuzzResult One(byte[] file, int i)
    {
        var (watch, before) = (Stopwatch.StartNew(), GC.GetAllocatedBytesForCurrentThread());
        FuzzResult Result(int read, int refused, int unhandled, string? what) =>
            new(read, refused, unhandled, what, watch.Elapsed.TotalMilliseconds, GC.GetAllocatedBytesForCurrentThread() - before);
        try
        {
            var text = FileText.Of(file);
            switch (i % 10)
            {
                case 0:
                    WeatherTable.Read(text);
                    break;
                case 1 or 2 or 3:
                    RouteFile.Places(text, Line, Options.Today, null);
                    break;
                default:
                    RouteFile.Read(text, Options);
                    break;
            }

            return Result(1, 0, 0, null);
        }
        catch (UnreadableFileException)
        {
            return Result(0, 1, 0, null);
        }
#pragma warning disable CA1031 // Finding what nobody foresaw is the point.
        catch (Exception wrong)
        {
            return Result(0, 0, 1, $"{i}: {wrong.GetType().Name}: {wrong.Message}");
        }
#pragma warning restore CA1031
    }

    private static byte[] Mutated(byte[][] seeds, Random random)
    {
        List<byte> file = [.. seeds[random.Next(seeds.Length)]];
        for (var n = random.Next(1, 6); n > 0 && file.Count > 1; n--)
        {
            var at = random.Next(file.Count);
            switch (random.Next(5))
            {
                case 0:
                    file[at] = (byte)random.Next(256);
                    break;
                case 1:
                    file.RemoveRange(at, Math.Min(random.Next(1, 30), file.Count - at));
                    break;
                case 2:
                    file.InsertRange(at, file.GetRange(at, Math.Min(random.Next(1, 40), file.Count - at)));
                    break;
                case 3:
                    file.InsertRange(
                        at,
                        Encoding.UTF8.GetBytes(
                            random.Next(4) switch
                            {
                                0 => "1e999",
                                1 => "-",
                                2 => "\ud83d\udca7",
                                _ => "\0",
                            }
                        )
                    );
                    break;
                default:
                    var other = seeds[random.Next(seeds.Length)];
                    var from = random.Next(other.Length);
                    file.InsertRange(at, other.AsSpan(from, Math.Min(random.Next(1, 200), other.Length - from)).ToArray());
                    break;
            }
        }

        return [.. file];
    }
}
