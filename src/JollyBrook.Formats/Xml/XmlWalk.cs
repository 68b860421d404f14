using System.Xml;

namespace JollyBrook.Formats.Xml;

/// <summary>
/// Walks through an XML file in one pass whose cost grows with its length alone: each element is read or passed over, whatever is wrong in
/// it, as long as the whole is no deeper than such files are and somebody still waits for it.
/// </summary>
internal sealed class XmlWalk(XmlReader reader, CancellationToken cancellation)
{
    /// <summary>Tracks are 6 deep, and extensions in use not much more.</summary>
    private const int MostDeep = 64;

    /// <summary>Nodes between two looks at whether anyone still waits.</summary>
    private const int LookEvery = 4096;

    /// <summary>Longest text of one element that is kept, letters.</summary>
    private const int MostLettersOfOne = 10_000;

    private int _nodes;

    public string Namespace => reader.NamespaceURI;

    public int Line => ((IXmlLineInfo)reader).LineNumber;

    public string? Attribute(string name) => reader.GetAttribute(name);

    /// <summary>Goes through the elements right inside this one; each must be read or passed over. Ends past its own end.</summary>
    public void InEach(Action<string> each)
    {
        Look();
        if (reader.IsEmptyElement)
        {
            reader.Read();
            return;
        }

        var depth = reader.Depth;
        reader.Read();
        while (reader.Depth > depth)
        {
            if (reader.NodeType == XmlNodeType.Element)
            {
                each(reader.LocalName);
            }
            else
            {
                reader.Read();
            }
        }

        if (reader.NodeType == XmlNodeType.EndElement && reader.Depth == depth)
        {
            reader.Read();
        }
    }

    /// <summary>The element's text, and past its end.</summary>
    public string Text(int most = MostLettersOfOne)
    {
        var said = "";
        InText(value => said += said.Length < most ? value[..Math.Min(value.Length, most - said.Length)] : "");
        return said.Trim();
    }

    public void Pass() => InText(_ => { });

    private void InText(Action<string> each)
    {
        Look();
        if (reader.IsEmptyElement)
        {
            reader.Read();
            return;
        }

        var depth = reader.Depth;
        while (reader.Read() && reader.Depth > depth)
        {
            Look();
            if (reader.NodeType is XmlNodeType.Text or XmlNodeType.CDATA)
            {
                each(reader.Value);
            }
        }

        reader.Read();
    }

    private void Look()
    {
        if (_nodes++ % LookEvery == 0)
        {
            cancellation.ThrowIfCancellationRequested();
        }

        if (reader.Depth > MostDeep)
        {
            throw new UnreadableFileException(
                "The file is nested deeper than a track ever is. Export it again, without extensions, and try once more."
            );
        }
    }
}
