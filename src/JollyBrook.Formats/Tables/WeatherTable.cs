using System.Globalization;
using CsvHelper;
using JollyBrook.Core.Route;

namespace JollyBrook.Formats.Tables;

/// <summary>
/// Weather by the hour from a CSV table: date, hour, temperature_c, and where given humidity_percent, cloud_percent, wind_ms.
/// </summary>
public static class WeatherTable
{
    /// <summary>The columns, in the words of the header line.</summary>
    public const string Columns = "date,hour,temperature_c,humidity_percent,cloud_percent,wind_ms";
    private const int MostLines = 24 * 200;
    private const int MostTold = 5;

    private static readonly string[] Needed = ["date", "hour", "temperature_c"];

    private static readonly CsvReaderOptions Options = new()
    {
        HasHeader = true,
        Separator = null,
        TrimWhitespace = true,
        SkipEmptyLines = true,
        TrackLineNumbers = true,
        NormalizeHeaderName = name => name.Trim().ToLowerInvariant(),
        MalformedData = CsvMalformedDataHandling.Throw,
    };

    /// <returns>Day by day in order; hours without a line are taken from the nearest one that has.</returns>
    /// <exception cref="UnreadableFileException">A line cannot be right; nothing is taken over. Lines are told by number.</exception>
    public static IReadOnlyList<DayWeather> Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        List<string> wrong = [];
        SortedDictionary<DateOnly, SortedDictionary<int, HourWeather>> days = [];
        try
        {
            using var csv = CsvReader.FromText(text.TrimStart('\uFEFF'), Options);
            csv.ReadHeader();
            if (csv.Headers is not { } headers || !Needed.All(c => headers.Contains(c)))
            {
                throw new UnreadableFileException($"The first line must name the columns: {Columns}. Only the first three are needed.");
            }

            for (var lines = 0; csv.Read(); lines++)
            {
                if (lines == MostLines)
                {
                    throw new UnreadableFileException($"The table has more than {MostLines} lines. Keep the days of the walk.");
                }

                if (Line(csv) is { } line)
                {
                    days.TryAdd(line.Date, []);
                    days[line.Date][line.Hour] = line.Weather;
                }
                else
                {
                    wrong.Add(csv.LineNumber.ToString(CultureInfo.InvariantCulture));
                }
            }
        }
        catch (CsvFormatException broken)
        {
            throw new UnreadableFileException("It is not a CSV table that can be read. Save it as CSV and try again.", broken);
        }

        if (wrong.Count > 0)
        {
            throw new UnreadableFileException(
                $"{(wrong.Count == 1 ? "Line" : "Lines")} {string.Join(", ", wrong.Take(MostTold))}{(wrong.Count > MostTold ? $" and {wrong.Count - MostTold} more" : "")} can't be right: a date such as 2026-08-21, an hour 0 to 23, −40 to 50 °C, 0 to 100 %. Mend them and try again.");
        }

        return days.Count == 0
            ? throw new UnreadableFileException("The table has no lines below its header. Give at least one hour.")
            : [.. days.Values.Select(Day)];
    }

    private static (DateOnly Date, int Hour, HourWeather Weather)? Line(CsvReader csv)
    {
        string Text(string column) => csv.TryGetFieldIndex(column, out var index) && index < csv.FieldCount ? csv.GetString(index) : "";
        double? Number(string column, double least, double most) =>
            double.TryParse(Text(column), NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && value >= least && value <= most ? value : null;
        bool IsWrong(string column, double least, double most) => Text(column).Length > 0 && Number(column, least, most) is null;

        var date = DateOnly.TryParse(Text("date"), CultureInfo.InvariantCulture, out var parsed) ? parsed : (DateOnly?)null;
        var hour = Number("hour", 0, 23) is { } h && h == Math.Floor(h) ? (int)h : (int?)null;
        if (date is null || hour is null || Number("temperature_c", -40, 50) is not { } temperature
            || IsWrong("humidity_percent", 0, 100) || IsWrong("cloud_percent", 0, 100) || IsWrong("wind_ms", 0, 60))
        {
            return null;
        }

        return (date.Value, hour.Value, new HourWeather(temperature, Number("humidity_percent", 0, 100), Number("cloud_percent", 0, 100) / 100, Number("wind_ms", 0, 60)));
    }

    private static DayWeather Day(SortedDictionary<int, HourWeather> hours)
    {
        HourWeather[] all = [.. Enumerable.Range(0, 24).Select(h => hours[hours.Keys.MinBy(k => Math.Abs(k - h))])];
        return new DayWeather(all.Min(h => h.TemperatureC), all.Max(h => h.TemperatureC), all.Average(h => h.HumidityPercent), all.Average(h => h.Cloud), all.Average(h => h.WindMs), WeatherSource.Table, all);
    }
}
