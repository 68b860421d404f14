using JollyBrook.Core.Body;

namespace JollyBrook.Core.Scarcity.Ways;

/// <summary>
/// What sun does to stills and leaf bags: full sun gives the top of a range, part sun three fifths of it, none nothing (pick).
/// </summary>
internal static class Sunlit
{
    public static double Share(Place place) => place.Sun == SunLoad.Full ? 1 : 0.6;

    public static string? WhyNot(Place place) => place.Sun == SunLoad.None ? "No sun: it gives nothing." : null;
}
