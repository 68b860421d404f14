using System.Text;
using JollyBrook.Formats;
using JollyBrook.Formats.Tables;

namespace JollyBrook.Benchmarks;

/// <summary>Files with a few letters changed, cut out, doubled or swapped between them: each is read or refused, and nothing else happens.</summary>
internal static class FileFuzz
{
    public const int Inputs = 100_000;
    private static readonly RouteFileOptions Options = new(new DateOnly(2026, 11, 27));

    /// <returns>How many were read, refused, and ended in something nobody foresaw (with the first of these).</returns>
    public static (int Read, int Refused, int Unhandled, string? First) Run(string folder)
    {
        string[] seeds = [.. Directory.GetFiles(folder).Where(f => new FileInfo(f).Length < 4096).Order().Select(File.ReadAllText)];
        int read = 0, refused = 0, unhandled = 0;
        string? first = null;
        Parallel.For(0, Inputs, i =>
        {
            var text = Mutated(seeds, new Random(i));
            try
            {
                if (i % 10 == 0)
                {
                    WeatherTable.Read(text);
                }
                else
                {
                    RouteFile.Read(text, Options);
                }

                Interlocked.Increment(ref read);
            }
            catch (UnreadableFileException)
            {
                Interlocked.Increment(ref refused);
            }
#pragma warning disable CA1031 // Finding what nobody foresaw is the point.
            catch (Exception wrong)
            {
                Interlocked.Increment(ref unhandled);
                Interlocked.CompareExchange(ref first, $"{i}: {wrong.GetType().Name}: {wrong.Message}", null);
            }
#pragma warning restore CA1031
        });
        return (read, refused, unhandled, first);
    }

    private static string Mutated(string[] seeds, Random random)
    {
        var text = new StringBuilder(seeds[random.Next(seeds.Length)]);
        for (var n = random.Next(1, 6); n > 0 && text.Length > 1; n--)
        {
            var at = random.Next(text.Length);
            switch (random.Next(5))
            {
                case 0:
                    text[at] = (char)random.Next(9, 256);
                    break;
                case 1:
                    text.Remove(at, Math.Min(random.Next(1, 30), text.Length - at));
                    break;
                case 2:
                    text.Insert(at, text.ToString(at, Math.Min(random.Next(1, 40), text.Length - at)));
                    break;
                case 3:
                    text.Insert(at, random.Next(3) switch { 0 => "1e999", 1 => "-", _ => "\0" });
                    break;
                default:
                    var other = seeds[random.Next(seeds.Length)];
                    var from = random.Next(other.Length);
                    text.Insert(at, other.AsSpan(from, Math.Min(random.Next(1, 200), other.Length - from)));
                    break;
            }
        }

        return text.ToString();
    }
}
