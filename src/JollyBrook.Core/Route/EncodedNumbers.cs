using System.Text;

namespace JollyBrook.Core.Route;

/// <summary>
/// A list of whole numbers as text: each one's difference from the one before, in groups of five bits, lowest first, each group a
/// letter from '?' on (the open encoded-polyline scheme). A route of ten thousand heights fits in as many letters.
/// </summary>
public static class EncodedNumbers
{
    private const int Base = 63;

    /// <summary>Writes whole numbers as short text.</summary>
    public static string Encode(IEnumerable<long> numbers)
    {
        ArgumentNullException.ThrowIfNull(numbers);
        var text = new StringBuilder();
        long before = 0;
        foreach (var number in numbers)
        {
            var left = (ulong)((number - before) << 1 ^ (number - before) >> 63);
            before = number;
            for (; left >= 32; left >>= 5)
            {
                text.Append((char)((32 | (int)(left & 31)) + Base));
            }

            text.Append((char)((int)left + Base));
        }

        return text.ToString();
    }

    /// <returns>The numbers, or null when the text is not of this kind.</returns>
    public static List<long>? Decode(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var numbers = new List<long>(text.Length);
        long number = 0;
        ulong value = 0;
        var shift = 0;
        foreach (var letter in text)
        {
            var group = letter - Base;
            if (group is < 0 or > 63 || shift > 55)
            {
                return null;
            }

            value |= (ulong)(group & 31) << shift;
            shift += 5;
            if (group < 32)
            {
                number += (long)(value >> 1) ^ -(long)(value & 1);
                numbers.Add(number);
                (value, shift) = (0, 0);
            }
        }

        return shift == 0 ? numbers : null;
    }
}
