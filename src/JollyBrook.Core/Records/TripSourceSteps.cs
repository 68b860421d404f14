using System.Text.Json.Nodes;

namespace JollyBrook.Core.Records;

/// <summary>Brings sources of a trip up from one schema to the next.</summary>
internal static class TripSourceSteps
{
    /// <summary>1 to 2: how its water is treated is worked out, not typed.</summary>
    public static void TreatedByTheEngine(JsonObject body)
    {
        foreach (var typed in new[] { "treatBy", "waitMinutes", "handsOnMinutesPerL" })
        {
            body.Remove(typed);
        }
    }
}
