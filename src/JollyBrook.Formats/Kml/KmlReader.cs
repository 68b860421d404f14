using JollyBrook.Core.Route;
using JollyBrook.Formats.Places;
using JollyBrook.Formats.Xml;

namespace JollyBrook.Formats.Kml;

/// <summary>KML: the lines and points of its placemarks, whatever folders they lie in. What is not needed is passed over.</summary>
internal sealed class KmlReader
{
    private const string Mend = "it must be longitude −180 to 360, then latitude −90 to 90. Mend it there and try again.";
    private const int MostToldLetters = 40;

    private readonly XmlWalk _walk;
    private readonly List<FileLine> _lines = [];
    private readonly List<FilePlace> _places = [];
    private string _name = "";

    private KmlReader(XmlWalk walk) => _walk = walk;

    /// <summary>Reads on from the root element.</summary>
    /// <exception cref="UnreadableFileException">It names a place that is none.</exception>
    public static FileContent Read(XmlWalk walk)
    {
        var reader = new KmlReader(walk);
        walk.InEach(reader.Container);
        return new FileContent(reader._name, reader._lines, reader._places, null, []);
    }

    private void Container(string element)
    {
        switch (element)
        {
            case "Document" or "Folder":
                _walk.InEach(Container);
                break;
            case "name":
                // The outermost is the file's own.
                _name = _walk.Text() is var said && _name.Length == 0 ? said : _name;
                break;
            case "Placemark":
                Placemark();
                break;
            default:
                _walk.Pass();
                break;
        }
    }

    private void Placemark()
    {
        var (name, words) = ("", "");
        List<IReadOnlyList<GeoPoint>> lines = [];
        List<IReadOnlyList<GeoPoint>> recorded = [];
        List<GeoPoint> points = [];
        _walk.InEach(Inside);
        _lines.AddRange(lines.Where(l => l.Count > 0).Select(l => new FileLine(name, l)));
        _lines.AddRange(recorded.Where(l => l.Count > 0).Select(l => new FileLine(name, l, IsRecorded: true)));
        _places.AddRange(points.Select(p => new FilePlace(p, name, words)));

        void Inside(string element)
        {
            switch (element)
            {
                case "name":
                    name = _walk.Text();
                    break;
                case "description":
                    words = _walk.Text();
                    break;
                case "LineString":
                    lines.Add(Coordinates());
                    break;
                case "Point":
                    points.AddRange(Coordinates());
                    break;
                case "Track":
                    recorded.Add(Coordinates());
                    break;
                case "MultiGeometry" or "MultiTrack":
                    _walk.InEach(Inside);
                    break;
                default:
                    _walk.Pass();
                    break;
            }
        }
    }

    /// <summary>Tuples set apart by blanks, or what a receiver recorded: one to an element, its parts set apart by blanks.</summary>
    private List<GeoPoint> Coordinates()
    {
        List<GeoPoint> points = [];
        _walk.InEach(element =>
        {
            var line = _walk.Line;
            switch (element)
            {
                case "coordinates":
                    points.AddRange(
                        _walk
                            .Text(int.MaxValue)
                            .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
                            .Select(t => Point(t, ',', line))
                    );
                    break;
                case "coord":
                    points.Add(Point(_walk.Text(), ' ', line));
                    break;
                default:
                    _walk.Pass();
                    break;
            }
        });
        return points;
    }

    private static GeoPoint Point(string tuple, char between, int line)
    {
        var parts = tuple.Split(between, StringSplitOptions.RemoveEmptyEntries);
        double? Part(int i) => i < parts.Length ? RouteFile.Number(parts[i]) : null;
        return Part(0) is { } lon && Math.Abs(lon) <= 360 && Part(1) is { } lat && Math.Abs(lat) <= 90
            ? new GeoPoint(lat, RouteFile.Around(lon), RouteFile.Height(Part(2)))
            : throw new UnreadableFileException($"Line {line}: “{tuple[..Math.Min(MostToldLetters, tuple.Length)]}” is no place: {Mend}");
    }
}
