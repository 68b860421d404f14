using System.Globalization;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Formats.Places;
using JollyBrook.Formats.Xml;

namespace JollyBrook.Formats.Gpx;

/// <summary>
/// GPX of any version and namespace, in one pass whose cost grows with its length alone. What is not needed is passed over, whatever is
/// wrong in it; a place that is nowhere is refused with its line.
/// </summary>
internal sealed class GpxReader
{
    private readonly XmlWalk _walk;
    private readonly List<FileLine> _tracks = [];
    private readonly List<FileLine> _routes = [];
    private readonly List<FilePlace> _places = [];
    private readonly List<string> _flags = [];
    private string _name = "";
    private TripRoute? _whole;
    private DateTimeOffset? _lastTime;
    private bool _isOutOfOrder;

    private GpxReader(XmlWalk walk) => _walk = walk;

    /// <summary>Reads on from the root element.</summary>
    /// <exception cref="UnreadableFileException">It names a place that is none.</exception>
    public static FileContent Read(XmlWalk walk) => new GpxReader(walk).Whole();

    private FileContent Whole()
    {
        _walk.InEach(name =>
        {
            switch (name)
            {
                case "metadata":
                    _walk.InEach(Metadata);
                    break;
                case "name":
                    _name = _walk.Text();
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
                    _walk.InEach(Own);
                    break;
                default:
                    _walk.Pass();
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
                    _name = _walk.Text();
                    break;
                case "extensions":
                    _walk.InEach(Own);
                    break;
                default:
                    _walk.Pass();
                    break;
            }
        }

        void Own(string name)
        {
            if (_walk.Namespace == OwnParts.Namespace && name == OwnParts.Route)
            {
                _whole = OwnParts.ReadRoute(_walk.Text(int.MaxValue));
            }
            else
            {
                _walk.Pass();
            }
        }
    }

    private void Line(List<FileLine> into, string point)
    {
        var name = "";
        List<GeoPoint> points = [];
        _lastTime = null;
        _walk.InEach(Inside);
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
                name = _walk.Text();
            }
            else if (element == "trkseg")
            {
                _walk.InEach(Inside);
            }
            else
            {
                _walk.Pass();
            }
        }
    }

    private GeoPoint Point()
    {
        var (latitude, longitude) = Where();
        var height = double.NaN;
        _walk.InEach(name =>
        {
            switch (name)
            {
                case "ele":
                    height = Height(_walk.Text());
                    break;
                case "time":
                    Time(_walk.Text());
                    break;
                default:
                    _walk.Pass();
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
        _walk.InEach(Inside);
        if (!isStop)
        {
            _places.Add(new FilePlace(new GeoPoint(latitude, longitude, height), name, words.Trim(), kind.Trim(), Own: own));
        }

        void Inside(string element)
        {
            switch (element)
            {
                case "name":
                    name = _walk.Text();
                    break;
                case "desc" or "cmt":
                    words += "\n" + _walk.Text();
                    break;
                case "type" or "sym":
                    kind += " " + _walk.Text();
                    break;
                case "ele":
                    height = Height(_walk.Text());
                    break;
                case "extensions":
                    _walk.InEach(Ours);
                    break;
                default:
                    _walk.Pass();
                    break;
            }
        }

        void Ours(string element)
        {
            if (_walk.Namespace != OwnParts.Namespace)
            {
                _walk.Pass();
            }
            else if (element == OwnParts.Source)
            {
                own = OwnParts.ReadSource(_walk.Text(int.MaxValue));
            }
            else
            {
                isStop |= element == OwnParts.Stop;
                _walk.Pass();
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
        var line = _walk.Line;
        var (latitude, longitude) = (RouteFile.Number(_walk.Attribute("lat")), RouteFile.Number(_walk.Attribute("lon")));
        return latitude is { } lat && Math.Abs(lat) <= 90 && longitude is { } lon && Math.Abs(lon) <= 360
            ? (lat, RouteFile.Around(lon))
            : throw new UnreadableFileException(
                $"Line {line}: latitude “{_walk.Attribute("lat")}”, longitude “{_walk.Attribute("lon")}” "
                    + "is no place: latitude must be −90 to 90, longitude −180 to 360. Mend it there and try again."
            );
    }
}
