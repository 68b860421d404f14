using System.Globalization;
using CsCheck;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>Numbers as requests write them.</summary>
internal static class NumberRequestGen
{
    /// <summary>A number in its range; where others are named, now and then one of them.</summary>
    public static Gen<string> Number(double from, double to, params string[] others)
    {
        var inRange = Gen.Double[from, to].Select(n => Math.Round(n, 3).ToString(CultureInfo.InvariantCulture));
        return others.Length == 0 ? inRange : Gen.Frequency((12, inRange), (1, Gen.OneOf(others)));
    }
}
