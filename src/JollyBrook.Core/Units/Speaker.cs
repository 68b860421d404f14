using System.Globalization;

namespace JollyBrook.Core.Units;

/// <summary>Puts figures into words in the traveller's units, alike on both hosts.</summary>
public sealed class Speaker
{
    /// <summary>Litres, kilometres, kilograms, °C.</summary>
    public static readonly Speaker Metric = new(UnitSystem.Metric);

    /// <summary>US quarts, miles, pounds, °F.</summary>
    public static readonly Speaker Us = new(UnitSystem.Us);

    private Speaker(UnitSystem system) => System = system;

    /// <summary>Whose units.</summary>
    public UnitSystem System { get; }

    /// <summary>The speaker of a system; metric where none is told.</summary>
    public static Speaker For(UnitSystem? system) => system is UnitSystem.Us ? Us : Metric;

    /// <summary>A figure with its unit, rounded to what is worth showing.</summary>
    public string Of(Quantity quantity, double inside)
    {
        var scale = UnitTable.ForShowing(quantity, System, inside);
        return With(Number(scale.Shown(inside), scale.Decimals), scale.Symbol);
    }

    /// <summary>A figure with its unit, rounded down: what has to be reached is never named higher than it can be.</summary>
    public string Down(Quantity quantity, double inside)
    {
        var scale = UnitTable.ForShowing(quantity, System, inside);
        var step = Math.Pow(10, scale.Decimals);
        return With(Number(Math.Floor((scale.Shown(inside) * step) + 1e-6) / step, scale.Decimals), scale.Symbol);
    }

    /// <summary>A figure with its unit in both systems, for words that are the same for everybody: "70 °C (158 °F)".</summary>
    public static string Both(Quantity quantity, double inside) => $"{Metric.Of(quantity, inside)} ({Us.Of(quantity, inside)})";

    /// <summary>A figure in the unit it is typed in.</summary>
    public string Entered(Quantity quantity, double inside)
    {
        var scale = UnitTable.ForEntry(quantity, System);
        return With(Number(scale.Shown(inside), Math.Max(scale.Decimals, 2)), scale.Symbol);
    }

    /// <summary>"0.05 to 200 L", in the unit the field is typed in.</summary>
    public string Range(Quantity quantity, double min, double max)
    {
        var scale = UnitTable.ForEntry(quantity, System);
        // Rounded inward, so that both ends named are themselves allowed.
        var step = Math.Pow(10, scale.Decimals);
        var least = Math.Ceiling((scale.Shown(min) * step) - 1e-6) / step;
        var most = Math.Floor((scale.Shown(max) * step) + 1e-6) / step;
        return With($"{Number(least, scale.Decimals)} to {Number(most, scale.Decimals)}", scale.Symbol);
    }

    /// <summary>A clock time: "7:05"; an hour past 24 is of the day after.</summary>
    /// <param name="hour">h after midnight, from 0.</param>
    public static string Clock(double hour)
    {
        var minutes = (int)Math.Round(hour * 60) % (24 * 60);
        return string.Create(CultureInfo.InvariantCulture, $"{minutes / 60}:{minutes % 60:00}");
    }

    /// <summary>A day of the calendar: "22 Jul 2026"; with the month in letters nobody takes it for the day.</summary>
    public static string Day(DateOnly day) => day.ToString("d MMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>Whole minutes as "45 min" or "4 h 27 min".</summary>
    public static string Minutes(double minutes)
    {
        var whole = (long)Math.Ceiling(minutes - 1e-9);
        return whole < 60 ? $"{whole} min"
            : whole % 60 == 0 ? $"{whole / 60} h"
            : $"{whole / 60} h {whole % 60} min";
    }

    /// <summary>A number with at most the given decimals, no trailing zeros, a thin space for thousands.</summary>
    public static string Number(double value, int decimals)
    {
        // Adding zero turns a negative zero into a plain one.
        var rounded = Math.Round(value, decimals, MidpointRounding.AwayFromZero) + 0.0;
        var text = rounded.ToString("0." + new string('#', decimals), CultureInfo.InvariantCulture);
        if (Math.Abs(rounded) < 10000)
        {
            return text;
        }

        var grouped = rounded.ToString("#,0." + new string('#', decimals), CultureInfo.InvariantCulture);
        return grouped.Replace(',', '\u202f');
    }

    private static string With(string number, string symbol) => symbol.Length == 0 ? number : $"{number} {symbol}";
}
