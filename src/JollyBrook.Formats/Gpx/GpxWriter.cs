using System.Globalization;
using System.Text;
using System.Xml;
using JollyBrook.Core.Route;

namespace JollyBrook.Formats.Gpx;

/// <summary>GPX 1.1: a waypoint for each source and stop, the line as a track.</summary>
internal static class GpxWriter
{
    private const string Space = "http://www.topografix.com/GPX/1/1";

    public static string Write(PlacedTrip trip)
    {
        var text = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        using (
            var xml = XmlWriter.Create(
                text,
                new XmlWriterSettings
                {
                    OmitXmlDeclaration = true,
                    Indent = true,
                    CheckCharacters = false,
                }
            )
        )
        {
            xml.WriteStartElement("gpx", Space);
            xml.WriteAttributeString("version", "1.1");
            xml.WriteAttributeString("creator", "Jolly Brook");
            xml.WriteStartElement("metadata", Space);
            Element(xml, "name", trip.Name);
            if (trip.Route is { } route)
            {
                Own(xml, OwnParts.Route, OwnParts.Write(route));
            }

            xml.WriteEndElement();
            foreach (var (source, at, words) in trip.Sources)
            {
                Begin(xml, "wpt", at);
                Element(xml, "name", source.Name!);
                Element(xml, "desc", SourceSaid.Of(source, words));
                Element(xml, "type", SourceSaid.Kind(source));
                Own(xml, OwnParts.Source, OwnParts.Write(source));
                xml.WriteEndElement();
            }

            foreach (var (name, at, words) in trip.Stops)
            {
                Begin(xml, "wpt", at);
                Element(xml, "name", name);
                Element(xml, "desc", words);
                Own(xml, OwnParts.Stop, "");
                xml.WriteEndElement();
            }

            Line(xml, trip);
            xml.WriteEndElement();
        }

        return text.ToString();
    }

    private static void Line(XmlWriter xml, PlacedTrip trip)
    {
        if (trip.Line.Count == 0)
        {
            return;
        }

        xml.WriteStartElement("trk", Space);
        Element(xml, "name", trip.Name);
        xml.WriteStartElement("trkseg", Space);
        foreach (var point in trip.Line)
        {
            Begin(xml, "trkpt", point);
            xml.WriteEndElement();
        }

        xml.WriteEndElement();
        xml.WriteEndElement();
    }

    private static void Begin(XmlWriter xml, string tag, LineOnMapPoint at)
    {
        xml.WriteStartElement(tag, Space);
        xml.WriteAttributeString("lat", at.LatitudeDeg.ToString("0.#######", CultureInfo.InvariantCulture));
        xml.WriteAttributeString("lon", at.LongitudeDeg.ToString("0.#######", CultureInfo.InvariantCulture));
        if (double.IsFinite(at.ElevationM))
        {
            Element(xml, "ele", at.ElevationM.ToString("0.0", CultureInfo.InvariantCulture));
        }
    }

    private static void Own(XmlWriter xml, string part, string text)
    {
        xml.WriteStartElement("extensions", Space);
        xml.WriteElementString(part, OwnParts.Namespace, text);
        xml.WriteEndElement();
    }

    private static void Element(XmlWriter xml, string tag, string text)
    {
        if (text.Length > 0)
        {
            xml.WriteElementString(tag, Space, Clean(text));
        }
    }

    /// <summary>Letters that XML has no way to write are left out.</summary>
    private static string Clean(string text) =>
        string.Concat(
            text.Where(
                (c, i) =>
                    XmlConvert.IsXmlChar(c)
                    || (char.IsHighSurrogate(c) && i + 1 < text.Length && char.IsLowSurrogate(text[i + 1]))
                    || (char.IsLowSurrogate(c) && i > 0 && char.IsHighSurrogate(text[i - 1]))
            )
        );
}
