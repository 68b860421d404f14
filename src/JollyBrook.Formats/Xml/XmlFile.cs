using System.Xml;
using JollyBrook.Formats.Gpx;
using JollyBrook.Formats.Kml;

namespace JollyBrook.Formats.Xml;

/// <summary>An XML file: by its root element GPX, KML, or what it is named as and refused.</summary>
internal static class XmlFile
{
    /// <exception cref="UnreadableFileException">It is of another kind, is not whole, or names a place that is none.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static FileContent Read(string text, CancellationToken cancellation)
    {
        try
        {
            using var reader = XmlReader.Create(
                new StringReader(text),
                new XmlReaderSettings
                {
                    DtdProcessing = DtdProcessing.Prohibit,
                    XmlResolver = null,
                    MaxCharactersInDocument = RouteFile.MostLetters,
                    IgnoreComments = true,
                    IgnoreProcessingInstructions = true,
                    IgnoreWhitespace = true,
                }
            );
            reader.MoveToContent();
            var walk = new XmlWalk(reader, cancellation);
            return reader.LocalName switch
            {
                "gpx" => GpxReader.Read(walk),
                "kml" => KmlReader.Read(walk),
                "TrainingCenterDatabase" => throw new UnreadableFileException(
                    "It is TCX, which cannot be read here. Export the track as GPX and drop that."
                ),
                "html" => throw new UnreadableFileException("It is a web page and no track. Download the GPX itself and drop that."),
                var other => throw new UnreadableFileException(
                    $"It is XML of another kind (“{other}”). Export the track as GPX and drop that."
                ),
            };
        }
        catch (XmlException wrong)
        {
            throw new UnreadableFileException(
                wrong.LineNumber > 0
                    ? $"The file is broken at line {wrong.LineNumber}: it is cut short, or a mark there is not "
                        + "closed. Export it again and try once more."
                    : "The file is broken. Export it again and try once more.",
                wrong
            );
        }
    }
}
