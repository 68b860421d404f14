using System.IO.Compression;
using System.Text;

namespace JollyBrook.Formats;

/// <summary>A file's bytes as text: unpacked where it is a zip or gzip, in the encoding it declares.</summary>
internal static class FileText
{
    private const int DeclarationBytes = 200;
    private static readonly string[] Readable = [".gpx", ".geojson", ".json", ".csv", ".kml"];

    static FileText() => Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);

    /// <exception cref="UnreadableFileException">It is of a kind that is not read, is packed wrongly, or is too large.</exception>
    public static string Of(byte[] file)
    {
        ArgumentNullException.ThrowIfNull(file);
        try
        {
            return file switch
            {
                [0x1F, 0x8B, ..] => Decoded(Unpacked(new GZipStream(new MemoryStream(file), CompressionMode.Decompress))),
                [(byte)'P', (byte)'K', 3, 4, ..] => Decoded(FromZip(file)),
                [_, _, _, _, _, _, _, _, (byte)'.', (byte)'F', (byte)'I', (byte)'T', ..] => throw new UnreadableFileException(
                    "It is a FIT file, as sports watches write them; it cannot be read here. Export the track as GPX and drop that."
                ),
                [(byte)'%', (byte)'P', (byte)'D', (byte)'F', ..] => throw new UnreadableFileException(
                    "It is a PDF, which holds a picture of a map and no track. Export the track as GPX and drop that."
                ),
                [0x89, (byte)'P', (byte)'N', (byte)'G', ..] or [0xFF, 0xD8, ..] => throw new UnreadableFileException(
                    "It is a picture. Export the track as GPX and drop that."
                ),
                _ => Decoded(file),
            };
        }
        catch (InvalidDataException broken)
        {
            throw new UnreadableFileException(
                "The packed file is broken: it cannot be unpacked. Unpack it by hand, or export it again, and try once more.",
                broken
            );
        }
    }

    private static byte[] FromZip(byte[] file)
    {
        using var zip = new ZipArchive(new MemoryStream(file), ZipArchiveMode.Read);
        var inside = zip.Entries.FirstOrDefault(e => Readable.Any(r => e.Name.EndsWith(r, StringComparison.OrdinalIgnoreCase)));
        return inside is null
            ? throw new UnreadableFileException(
                "The zip holds neither GPX nor GeoJSON nor a CSV table. Unpack it, export the track as GPX, and drop that."
            )
            : Unpacked(inside.Open());
    }

    /// <summary>Never more than can be read at all, however small it is packed.</summary>
    private static byte[] Unpacked(Stream packed)
    {
        using (packed)
        {
            var whole = new MemoryStream();
            var piece = new byte[64 * 1024];
            for (int read; (read = packed.Read(piece, 0, piece.Length)) > 0; )
            {
                whole.Write(piece, 0, read);
                if (whole.Length > RouteFile.MostLetters)
                {
                    throw RouteFile.TooLarge;
                }
            }

            return whole.ToArray();
        }
    }

    private static string Decoded(byte[] bytes)
    {
        if (bytes.Length > 2 * RouteFile.MostLetters)
        {
            throw RouteFile.TooLarge;
        }

        return bytes switch
        {
            [0xEF, 0xBB, 0xBF, .. var rest] => Encoding.UTF8.GetString(rest),
            [0xFF, 0xFE, .. var rest] => Encoding.Unicode.GetString(rest),
            [0xFE, 0xFF, .. var rest] => Encoding.BigEndianUnicode.GetString(rest),
            [(byte)'<', 0, ..] => Encoding.Unicode.GetString(bytes),
            [0, (byte)'<', ..] => Encoding.BigEndianUnicode.GetString(bytes),
            _ => (Declared(bytes) ?? Guessed(bytes)).GetString(bytes),
        };
    }

    /// <summary>What the XML declaration names; null without one, or where it names none there is.</summary>
    private static Encoding? Declared(byte[] bytes)
    {
        var head = Encoding.ASCII.GetString(bytes, 0, Math.Min(DeclarationBytes, bytes.Length));
        var end = head.IndexOf("?>", StringComparison.Ordinal);
        var at = head.IndexOf("encoding=", StringComparison.Ordinal);
        if (!head.StartsWith("<?xml", StringComparison.Ordinal) || at < 0 || end < at)
        {
            return null;
        }

        var said = head[(at + "encoding=".Length)..end].Trim();
        var close = said.Length > 0 ? said.IndexOf(said[0], 1) : -1;
        if (close < 0)
        {
            return null;
        }

        var name = said[1..close];
        try
        {
            // Its own declaration was read byte by byte: of two bytes a letter it cannot be, whatever it says.
            return
                Encoding.GetEncoding(name)
                    is { IsSingleByte: true }
                        or { WebName: "shift_jis" or "euc-jp" or "gb18030" or "big5" or "euc-kr" }
                ? Encoding.GetEncoding(name)
                : null;
        }
        catch (Exception unknown) when (unknown is ArgumentException or NotSupportedException)
        {
            return null;
        }
    }

    /// <summary>UTF-8 where it is that throughout, else the old western page that most older tables are in.</summary>
    private static Encoding Guessed(byte[] bytes)
    {
        try
        {
            _ = new UTF8Encoding(false, throwOnInvalidBytes: true).GetCharCount(bytes);
            return Encoding.UTF8;
        }
        catch (DecoderFallbackException)
        {
            return Encoding.GetEncoding(1252);
        }
    }
}
