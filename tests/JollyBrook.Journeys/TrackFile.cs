using System.Text;

namespace JollyBrook.Journeys;

/// <summary>A track file as the server is asked to read it.</summary>
internal static class TrackFile
{
    public static StringContent Asked(string text) =>
        new($$"""{"file":"{{Convert.ToBase64String(Encoding.UTF8.GetBytes(text))}}"}""", Encoding.UTF8, "application/json");
}
