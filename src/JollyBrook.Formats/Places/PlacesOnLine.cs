using JollyBrook.Core.Route;
using JollyBrook.Core.Units;

namespace JollyBrook.Formats.Places;

/// <summary>Puts a file's places on a route's line. Those of another walk are left out, and that is said.</summary>
internal static class PlacesOnLine
{
    /// <summary>Further off than this a place has nothing to do with the walk, km (pick: a day there and back).</summary>
    private const double OtherWalkKm = 20;

    /// <returns>In the order of the walk, with what is odd about them.</returns>
    public static (IReadOnlyList<FoundPlace> Places, IReadOnlyList<string> Flags) Of(
        IReadOnlyList<FilePlace> places,
        PlacedLine line,
        DateOnly today,
        Speaker say
    )
    {
        List<FoundPlace> all = [.. places.Select(p => PlaceReading.Of(p, line, today, say)).OrderBy(p => p.Source.AlongKm)];
        return (all.FindAll(p => p.OffKm <= OtherWalkKm), [.. all.Where(p => p.OffKm > PlaceReading.FarOffKm).Select(p => FarOff(p, say))]);
    }

    private static string FarOff(FoundPlace place, Speaker say) =>
        $"{(place.Name.Length > 0 ? place.Name : "A place")} is {say.Of(Quantity.Distance, place.OffKm)} "
        + $"off the line{(place.OffKm > OtherWalkKm ? ": left out" : "")}.";
}
