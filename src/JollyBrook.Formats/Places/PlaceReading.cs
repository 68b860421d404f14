using System.Globalization;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Formats.Places;

/// <summary>
/// Makes a file's place into a source that may be: first what says that it is dry, then the file's own tags and type, then its words; a
/// state with a date is its report. What tells of no water is kept as of unknown kind, and not ticked.
/// </summary>
internal static class PlaceReading
{
    /// <summary>Further off the line than this a place is not ticked from the first, km (pick: an hour there).</summary>
    public const double FarOffKm = 3;

    /// <summary>Within this a place is on the line, km: as well as receivers and maps tell.</summary>
    private const double OnLineKm = 0.05;

    /// <summary>An easy pace off the line, km/h (pick).</summary>
    private const double DetourKmH = 3;
    private const double MostDetourMinutes = 600;
    private const double SamePlaceKm = 0.001;

    /// <summary>
    /// A source of ours this near to where its own distance along is stands there still: the nearest place of a winding line may be
    /// another, km.
    /// </summary>
    private const double SameStretchKm = 1;
    private const int LongestName = 80;

    /// <param name="place">The place.</param>
    /// <param name="line">The line.</param>
    /// <param name="today">The day it is read.</param>
    /// <param name="say">The units of the words.</param>
    public static FoundPlace Of(FilePlace place, PlacedLine line, DateOnly today, Speaker say)
    {
        var at = line.Of(place.At);
        var now = new DateTimeOffset(today, TimeOnly.MinValue, TimeSpan.Zero);
        if (place.Own is { } own)
        {
            return Kept(OnLine(own, place.At, line, at), at.OffKm, now);
        }

        var (name, words) = (new PlaceText(place.Name), new PlaceText(place.Words));
        var report = ReportWords.Newest(new PlaceText($"{place.Name}\n{place.Words}"), today);
        List<string> why = [];
        var kind = report is { On: null } ? SourceClass.ReportedDry : KindOf(place, name, words, why);
        if (report is { } seen)
        {
            why.Add(
                seen.On is { } on
                    ? $"its words: {(seen.IsFlowing ? "running" : "dry")} on {on.ToString("d MMM yyyy", CultureInfo.InvariantCulture)}"
                    : "its words say dry"
            );
        }

        var wordedM = DetourWords.MetresIn(words) ?? DetourWords.MetresIn(name);
        if (wordedM is { } metres)
        {
            why.Add($"its words: {say.Of(Quantity.Distance, metres / 1000)} off the way");
        }

        var off = Math.Max(at.OffKm > OnLineKm ? at.OffKm : 0, (wordedM ?? 0) / 1000);
        var source = new TripSource(
            Shown(place.Name),
            kind ?? SourceClass.Unknown,
            at.AlongKm,
            report is { On: not null } dated ? dated.IsFlowing : null,
            report?.On is { } day ? new DateTimeOffset(day, TimeOnly.MinValue, TimeSpan.Zero) : null,
            DetourMinutes: off > 0 ? Math.Min(MostDetourMinutes, Math.Ceiling((off / DetourKmH * 60) - 1e-9)) : 0,
            LatitudeDeg: place.At.LatitudeDeg,
            LongitudeDeg: place.At.LongitudeDeg
        );
        return new FoundPlace(
            place.Name,
            at.OffKm,
            source,
            source.ChanceOfRunning(now),
            why,
            kind is not (null or SourceClass.ReportedDry) && source.ReportedFlowing != false && at.OffKm <= FarOffKm
        );
    }

    /// <summary>Our own source as it was, for a route without a line to put it on; null for anybody else's place.</summary>
    public static FoundPlace? AsKept(FilePlace place, DateOnly today) =>
        place.Own is { } own ? Kept(own, 0, new DateTimeOffset(today, TimeOnly.MinValue, TimeSpan.Zero)) : null;

    private static FoundPlace Kept(TripSource own, double offKm, DateTimeOffset now) =>
        new(own.Name ?? "", offKm, own, own.ChanceOfRunning(now), [own.IsOutOfUse ? "as it was kept: do not use" : "as it was kept"], true);

    /// <summary>
    /// Our own source as it was, where it still stands where it stood; put on this line anew where it was moved, or the line is another.
    /// </summary>
    private static TripSource OnLine(TripSource own, GeoPoint place, PlacedLine line, LinePosition at)
    {
        var isMoved = own is { LatitudeDeg: { } lat, LongitudeDeg: { } lon } && new GeoPoint(lat, lon).KmTo(place) > SamePlaceKm;
        var isHere = own.AlongKm is { } km && line.At(km).KmTo(place) <= at.OffKm + SameStretchKm;
        var keeps = isHere && !isMoved;
        return own with
        {
            AlongKm = keeps ? own.AlongKm : at.AlongKm,
            LatitudeDeg = keeps ? own.LatitudeDeg : place.LatitudeDeg,
            LongitudeDeg = keeps ? own.LongitudeDeg : place.LongitudeDeg,
            RouteId = null,
        };
    }

    private static SourceClass? KindOf(FilePlace place, PlaceText name, PlaceText words, List<string> why)
    {
        if (place.Tags is { } tags && MapTags.Water(tags) is { } tagged)
        {
            why.Add($"its tag {tagged.Tag}");
            return tagged.Class;
        }

        var kind = new PlaceText(place.Kind);
        if (WaterWords.NoSourceIn(kind) is { } other)
        {
            why.Add($"its type “{other}” is no water");
            return null;
        }

        if (WaterWords.In(kind) is { IsOfNoKind: false } typed)
        {
            why.Add($"its type “{typed.Word}”");
            return typed.Class;
        }

        // Of name and description the one that runs less surely counts.
        var told = new[]
        {
            (Where: "name", Word: WaterWords.In(name)),
            (Where: "words", Word: WaterWords.In(words)),
            (Where: "type", Word: WaterWords.In(kind)),
        }
            .Where(t => t.Word is not null)
            .OrderBy(t => t.Word!.Value.IsOfNoKind)
            .ThenBy(t => SourceReliability.OfClass(t.Word!.Value.Class))
            .ToList();
        if (told.Count > 0)
        {
            why.Add($"“{told[0].Word!.Value.Word}” in its {told[0].Where}");
            return told[0].Word!.Value.Class;
        }

        why.Add(WaterWords.NoSourceIn(name) is { } named ? $"“{named}” in its name is no water" : "nothing tells of water");
        return null;
    }

    private static string Shown(string name) =>
        name.Trim() is { Length: > 0 } said ? said[..Math.Min(LongestName, said.Length)] : "Unnamed water";
}
