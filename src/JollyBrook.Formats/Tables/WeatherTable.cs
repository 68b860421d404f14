using System.Globalization;
using CsvHelper;
using JollyBrook.Core.Route;

namespace JollyBrook.Formats.Tables;

/// <summary>The weather of one date.</summary>
public sealed record DatedWeather(DateOnly Date, DayWeather Weather);

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
    /// <param name="text">The table.</param>
    /// <param name="near">A day that it is about, such as the trip's first, for dates in doubt.</param>
    /// <exception cref="UnreadableFileException">A line cannot be right; nothing is taken over. Lines are told by number.</exception>
    public static IReadOnlyList<DatedWeather> Read(string text, DateOnly? near = null)
    {
        ArgumentNullException.ThrowIfNull(text);
        var lines = Lines(text);
        var dates = TableDates.Read([.. lines.Select(l => l.Date)], near);
        List<int> wrong = [.. lines.Where((l, i) => l.Weather is null || dates[i] is null).Select(l => l.Number)];
        if (wrong.Count > 0)
        {
            throw new UnreadableFileException(
                $"{(wrong.Count == 1 ? "Line" : "Lines")} {string.Join(", ", wrong.Take(MostTold))}{(wrong.Count > MostTold ? $" and {wrong.Count - MostTold} more" : "")} "
                    + "can't be right: a date such as 2026-08-21, an hour 0 to 23, −40 to 50 °C, 0 to 100 %. "
                    + "Mend them and try again."
            );
        }

        return lines.Count == 0
            ? throw new UnreadableFileException("The table has no lines below its header. Give at least one hour.")
            :
            [
                .. lines
                    .Zip(dates)
                    .GroupBy(l => l.Second!.Value)
                    .OrderBy(g => g.Key)
                    .Select(g => new DatedWeather(
                        g.Key,
                        Day(g.GroupBy(l => l.First.Hour).ToDictionary(h => h.Key, h => h.Last().First.Weather!))
                    )),
            ];
    }

    /// <summary>
    /// The weather of each day of a trip, by its dates; a day that the table leaves out has the nearest one's, and that is said.
    /// </summary>
    /// <param name="table">Day by day in order.</param>
    /// <param name="start">The trip's first day; null takes the table's days as they come.</param>
    /// <param name="days">How many days the trip has.</param>
    public static ReadWeatherResponse OnTrip(IReadOnlyList<DatedWeather> table, DateOnly? start, int days)
    {
        ArgumentNullException.ThrowIfNull(table);
        if (start is not { } first)
        {
            return new ReadWeatherResponse([.. table.Select(t => t.Weather)], []);
        }

        List<DayWeather> found = [];
        List<string> flags = [];
        for (var date = first; found.Count < days; date = date.AddDays(1))
        {
            var nearest = table.MinBy(t => Math.Abs(t.Date.DayNumber - date.DayNumber))!;
            found.Add(nearest.Weather);
            if (nearest.Date != date)
            {
                flags.Add($"Nothing for {Said(date)}: that of {Said(nearest.Date)} was taken.");
            }
        }

        return new ReadWeatherResponse(found, flags);
    }

    private static string Said(DateOnly date) => date.ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    private sealed record TableLine(int Number, string Date, int Hour, HourWeather? Weather);

    private static List<TableLine> Lines(string text)
    {
        List<TableLine> lines = [];
        try
        {
            using var csv = CsvReader.FromText(text.TrimStart('\uFEFF'), Options);
            csv.ReadHeader();
            if (csv.Headers is null || !Needed.All(c => csv.TryGetFieldIndex(c, out _)))
            {
                throw new UnreadableFileException($"The first line must name the columns: {Columns}. Only the first three are needed.");
            }

            while (csv.Read())
            {
                if (lines.Count == MostLines)
                {
                    throw new UnreadableFileException($"The table has more than {MostLines} lines. Keep the days of the walk.");
                }

                lines.Add(Line(csv));
            }
        }
        catch (CsvFormatException broken)
        {
            throw new UnreadableFileException("It is not a CSV table that can be read. Save it as CSV and try again.", broken);
        }

        return lines;
    }

    private static TableLine Line(CsvReader csv)
    {
        string Text(string column) => csv.TryGetFieldIndex(column, out var index) && index < csv.FieldCount ? csv.GetString(index) : "";
        // A comma before the decimals is one where a semicolon stands between the columns.
        double? Number(string column, double least, double most) =>
            double.TryParse(Text(column).Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
            && value >= least
            && value <= most
                ? value
                : null;
        bool IsWrong(string column, double least, double most) => Text(column).Length > 0 && Number(column, least, most) is null;

        var hour = Number("hour", 0, 23) is { } h && h == Math.Floor(h) ? (int)h : (int?)null;
        var weather =
            hour is null
            || Number("temperature_c", -40, 50) is not { } temperature
            || IsWrong("humidity_percent", 0, 100)
            || IsWrong("cloud_percent", 0, 100)
            || IsWrong("wind_ms", 0, 60)
                ? null
                : new HourWeather(
                    temperature,
                    Number("humidity_percent", 0, 100),
                    Number("cloud_percent", 0, 100) / 100,
                    Number("wind_ms", 0, 60)
                );
        return new TableLine((int)csv.LineNumber, Text("date"), hour ?? 0, weather);
    }

    private static DayWeather Day(Dictionary<int, HourWeather> hours)
    {
        HourWeather[] all = [.. Enumerable.Range(0, 24).Select(h => hours[hours.Keys.MinBy(k => Math.Abs(k - h))])];
        return new DayWeather(
            LowC: all.Min(h => h.TemperatureC),
            HighC: all.Max(h => h.TemperatureC),
            HumidityPercent: all.Average(h => h.HumidityPercent),
            Cloud: all.Average(h => h.Cloud),
            WindMs: all.Average(h => h.WindMs),
            Source: WeatherSource.Table,
            Hours: all
        );
    }
}
