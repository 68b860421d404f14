using System.Globalization;
using System.Xml;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats.Gpx;

/// <summary>
/// GPX of any version and namespace, in one pass whose cost grows with its length alone. What is not needed is passed over, whatever is
/// wrong in it; a place that is nowhere is refused with its line.
/// </summary>
internal sealed class GpxReader
{
    /// <summary>GPX itself is 6 deep, and extensions in use not much more.</summary>
    private const int MostDeep = 64;

    /// <summary>Nodes between two looks at whether anyone still waits.</summary>
    private const int LookEvery = 4096;

    /// <summary>Longest text of one element that is kept, letters.</summary>
    private const int MostLettersOfOne = 10_000;

    private readonly XmlReader _reader;
    private readonly CancellationToken _cancellation;
    private readonly List<FileLine> _tracks = [];
    private readonly List<FileLine> _routes = [];
    private readonly List<FilePlace> _places = [];
    private readonly List<string> _flags = [];
    private string _name = "";
    private TripRoute? _whole;
    private DateTimeOffset? _lastTime;
    private bool _isOutOfOrder;
    private int _nodes;

    private GpxReader(XmlReader reader, CancellationToken cancellation) => (_reader, _cancellation) = (reader, cancellation);

    /// <exception cref="UnreadableFileException">It is no GPX, is not whole, or names a place that is none.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static FileContent Read(string text, CancellationToken cancellation)
    {
        try
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
            return new GpxReader(reader, cancellation).Whole();
        }
        catch (XmlException wrong)
        {
            throw new UnreadableFileException(
                wrong.LineNumber > 0
                    ? $"The GPX is broken at line {wrong.LineNumber}: it is cut short, or a mark there is not closed. Export it again and try once more."
                    : "The GPX is broken. Export it again and try once more.",
                wrong);
        }
    }

    private FileContent Whole()
    {
        _reader.MoveToContent();
        if (_reader.LocalName != "gpx")
        {
            throw new UnreadableFileException(_reader.LocalName switch
            {
                "kml" => "It is KML, which cannot be read here. Export the track as GPX and drop that.",
                "TrainingCenterDatabase" => "It is TCX, which cannot be read here. Export the track as GPX and drop that.",
                "html" => "It is a web page and no track. Download the GPX itself and drop that.",
                var other => $"It is XML of another kind (“{other}”). Export the track as GPX and drop that.",
            });
        }

        InEach(name =>
        {
            switch (name)
            {
                case "metadata":
                    InEach(Metadata);
                    break;
                case "name":
                    _name = Text();
                    break;
                case "wpt":
                    Place();
                    break;
                case "trk":
                    Line(_tracks, "trkpt");
                    break;
                case "rte":
                    Line(_routes, "rtept");
                    break;
                case "extensions":
                    InEach(Own);
                    break;
                default:
                    Pass();
                    break;
            }
        });
        if (_isOutOfOrder)
        {
            _flags.Add("Its times are out of order; they are not used.");
        }

        // A route beside a track is mostly the same way drawn more coarsely.
        return new FileContent(_name, _tracks.Count > 0 ? _tracks : _routes, _places, _whole, _flags);

        void Metadata(string name)
        {
            switch (name)
            {
                case "name":
                    _name = Text();
                    break;
                case "extensions":
                    InEach(Own);
                    break;
                default:
                    Pass();
                    break;
            }
        }

        void Own(string name)
        {
            if (_reader.NamespaceURI == OwnParts.Namespace && name == OwnParts.Route)
            {
                _whole = OwnParts.ReadRoute(Text(int.MaxValue));
            }
            else
            {
                Pass();
            }
        }
    }

    private void Line(List<FileLine> into, string point)
    {
        var name = "";
        List<GeoPoint> points = [];
        _lastTime = null;
        InEach(Inside);
        if (points.Count > 0)
        {
            into.Add(new FileLine(name, points, _lastTime is not null));
        }

        void Inside(string element)
        {
            if (element == point)
            {
                points.Add(Point());
            }
            else if (element == "name")
            {
                name = Text();
            }
            else if (element == "trkseg")
            {
                InEach(Inside);
            }
            else
            {
                Pass();
            }
        }
    }

    private GeoPoint Point()
    {
        var (latitude, longitude) = Where();
        var height = double.NaN;
        InEach(name =>
        {
            switch (name)
            {
                case "ele":
                    height = Height(Text());
                    break;
                case "time":
                    Time(Text());
                    break;
                default:
                    Pass();
                    break;
            }
        });
        return new GeoPoint(latitude, longitude, height);
    }

    private void Place()
    {
        var (latitude, longitude) = Where();
        var (name, words, kind, height) = ("", "", "", double.NaN);
        TripSource? own = null;
        var isStop = false;
        InEach(Inside);
        if (!isStop)
        {
            _places.Add(new FilePlace(new GeoPoint(latitude, longitude, height), name, words.Trim(), kind.Trim(), Own: own));
        }

        void Inside(string element)
        {
            switch (element)
            {
                case "name":
                    name = Text();
                    break;
                case "desc" or "cmt":
                    words += "\n" + Text();
                    break;
                case "type" or "sym":
                    kind += " " + Text();
                    break;
                case "ele":
                    height = Height(Text());
                    break;
                case "extensions":
                    InEach(Ours);
                    break;
                default:
                    Pass();
                    break;
            }
        }

        void Ours(string element)
        {
            if (_reader.NamespaceURI != OwnParts.Namespace)
            {
                Pass();
            }
            else if (element == OwnParts.Source)
            {
                own = OwnParts.ReadSource(Text(int.MaxValue));
            }
            else
            {
                isStop |= element == OwnParts.Stop;
                Pass();
            }
        }
    }

    private void Time(string said)
    {
        if (DateTimeOffset.TryParse(said, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var time))
        {
            _isOutOfOrder |= time < _lastTime;
            _lastTime = time;
        }
    }

    /// <summary>A height that is no number is as good as none.</summary>
    private static double Height(string said) => RouteFile.Height(RouteFile.Number(said));

    private (double Latitude, double Longitude) Where()
    {
        var line = ((IXmlLineInfo)_reader).LineNumber;
        var (latitude, longitude) = (RouteFile.Number(_reader.GetAttribute("lat")), RouteFile.Number(_reader.GetAttribute("lon")));
        return latitude is { } lat && Math.Abs(lat) <= 90 && longitude is { } lon && Math.Abs(lon) <= 360
            ? (lat, RouteFile.Around(lon))
            : throw new UnreadableFileException(
                $"Line {line}: latitude “{_reader.GetAttribute("lat")}”, longitude “{_reader.GetAttribute("lon")}” is no place: latitude must be −90 to 90, longitude −180 to 360. Mend it there and try again.");
    }

    /// <summary>Goes through the elements right inside this one; each must be read or passed over. Ends past its own end.</summary>
    private void InEach(Action<string> each)
    {
        Look();
        if (_reader.IsEmptyElement)
        {
            _reader.Read();
            return;
        }

        var depth = _reader.Depth;
        _reader.Read();
        while (_reader.Depth > depth)
        {
            if (_reader.NodeType == XmlNodeType.Element)
            {
                each(_reader.LocalName);
            }
            else
            {
                _reader.Read();
            }
        }

        if (_reader.NodeType == XmlNodeType.EndElement && _reader.Depth == depth)
        {
            _reader.Read();
        }
    }

    /// <summary>The element's text, and past its end.</summary>
    private string Text(int most = MostLettersOfOne)
    {
        var said = "";
        InText(value => said += said.Length < most ? value[..Math.Min(value.Length, most - said.Length)] : "");
        return said.Trim();
    }

    private void Pass() => InText(_ => { });

    private void InText(Action<string> each)
    {
        Look();
        if (_reader.IsEmptyElement)
        {
            _reader.Read();
            return;
        }

        var depth = _reader.Depth;
        while (_reader.Read() && _reader.Depth > depth)
        {
            Look();
            if (_reader.NodeType is XmlNodeType.Text or XmlNodeType.CDATA)
            {
                each(_reader.Value);
            }
        }

        _reader.Read();
    }

    private void Look()
    {
        if (_nodes++ % LookEvery == 0)
        {
            _cancellation.ThrowIfCancellationRequested();
        }

        if (_reader.Depth > MostDeep)
        {
            throw new UnreadableFileException("The file is nested deeper than a track ever is. Export it again, without extensions, and try once more.");
        }
    }
}
