using System.Globalization;
using System.Text;
using System.Xml;

namespace JollyBrook.Formats;

/// <summary>
/// GPX brought to what the reader needs, in one pass over the text whose cost grows with its length alone: version 1.0 under the name of
/// 1.1, without extensions, comments and blanks, and without heights that are no numbers, for which the reader would refuse the whole file.
/// </summary>
internal static class GpxText
{
    private const string Gpx10 = "http://www.topografix.com/GPX/1/0";
    private const string Gpx11 = "http://www.topografix.com/GPX/1/1";

    /// <summary>GPX itself is 6 deep, and extensions in use not much more.</summary>
    private const int MostDeep = 64;

    /// <summary>Nodes between two looks at whether anyone still waits.</summary>
    private const int LookEvery = 4096;

    /// <summary>Longest text of one element that is kept, letters.</summary>
    private const int MostLettersOfOne = 10_000;

    /// <exception cref="XmlException">It is no XML.</exception>
    /// <exception cref="UnreadableFileException">It is nested deeper than any track is.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static string Plain(string text, CancellationToken cancellation)
    {
        using var reader = XmlReader.Create(new StringReader(text), new XmlReaderSettings
        {
            DtdProcessing = DtdProcessing.Prohibit,
            XmlResolver = null,
            MaxCharactersInDocument = RouteFile.MostLetters,
            IgnoreComments = true,
            IgnoreProcessingInstructions = true,
            IgnoreWhitespace = true,
        });
        var plain = new StringBuilder(Math.Min(text.Length, 1 << 20));
        using (var writer = XmlWriter.Create(plain, new XmlWriterSettings { OmitXmlDeclaration = true }))
        {
            Copy(reader, writer, cancellation);
        }

        return plain.ToString();
    }

    private static void Copy(XmlReader reader, XmlWriter writer, CancellationToken cancellation)
    {
        // How deep below something left out the reader stands.
        var leftOut = -1;
        for (var nodes = 0; reader.Read(); nodes++)
        {
            if (nodes % LookEvery == 0)
            {
                cancellation.ThrowIfCancellationRequested();
            }

            if (reader.Depth > MostDeep)
            {
                throw new UnreadableFileException("The file is nested deeper than a track ever is. Export it again, without extensions, and try once more.");
            }

            if (leftOut >= 0)
            {
                leftOut = reader.NodeType == XmlNodeType.EndElement && reader.Depth == leftOut ? -1 : leftOut;
                continue;
            }

            switch (reader.NodeType)
            {
                case XmlNodeType.Element when reader.LocalName == "extensions":
                    leftOut = reader.IsEmptyElement ? -1 : reader.Depth;
                    break;
                case XmlNodeType.Element when reader.LocalName == "ele":
                    CopyHeight(reader, writer);
                    break;
                case XmlNodeType.Element:
                    Begin(reader, writer);
                    break;
                case XmlNodeType.EndElement:
                    writer.WriteEndElement();
                    break;
                case XmlNodeType.Text or XmlNodeType.CDATA:
                    writer.WriteString(reader.Value.Length <= MostLettersOfOne ? reader.Value : reader.Value[..MostLettersOfOne]);
                    break;
            }
        }
    }

    private static void Begin(XmlReader reader, XmlWriter writer)
    {
        writer.WriteStartElement(reader.LocalName, Named(reader.NamespaceURI));
        var isEmpty = reader.IsEmptyElement;
        while (reader.MoveToNextAttribute())
        {
            if (reader.Prefix.Length == 0 && reader.LocalName != "xmlns")
            {
                writer.WriteAttributeString(reader.LocalName, reader.Value);
            }
        }

        if (isEmpty)
        {
            writer.WriteEndElement();
        }
    }

    /// <summary>A height that is no number is as good as none.</summary>
    private static void CopyHeight(XmlReader reader, XmlWriter writer)
    {
        var (name, space) = (reader.LocalName, Named(reader.NamespaceURI));
        if (reader.IsEmptyElement)
        {
            return;
        }

        var depth = reader.Depth;
        var said = "";
        while (reader.Read() && !(reader.NodeType == XmlNodeType.EndElement && reader.Depth == depth))
        {
            said = reader.NodeType is XmlNodeType.Text or XmlNodeType.CDATA && said.Length == 0 ? reader.Value : said;
        }

        if (double.TryParse(said.AsSpan().Trim(), NumberStyles.Float, CultureInfo.InvariantCulture, out var metres) && double.IsFinite(metres))
        {
            writer.WriteElementString(name, space, said.Trim());
        }
    }

    private static string Named(string space) => space == Gpx10 ? Gpx11 : space;
}
