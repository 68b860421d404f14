using System.Text;
using System.Text.Json;

namespace JollyBrook.Core.Contract;

/// <summary>
/// How long a list in a request or record may be, by its name: what a party on a long trip could come to, several times over. The same in
/// both hosts and in the API document, and looked at before anything is computed, so that no request costs more than its longest lists.
/// </summary>
public static class ListLimits
{
    /// <summary>Lists that are not named here, entries.</summary>
    public const int Usual = 200;

    /// <summary>Records of a backup.</summary>
    public const int MostRecords = 200_000;

    private static readonly Dictionary<string, int> Named = new()
    {
        ["kit"] = 100,
        ["sources"] = 300,
        ["trip"] = 300,
        ["containers"] = 60,
        ["walkers"] = 40,
        ["tests"] = 500,
        ["taps"] = 1_000,
        ["legs"] = 40_000,
        ["points"] = 2_000,
        ["entries"] = 50_000,
        ["lines"] = 50_000,
        ["batches"] = 20_000,
        ["names"] = 2_000,
        ["rows"] = 20_000,
        ["results"] = 20_000,
        ["drinks"] = 500,
        ["doubts"] = 50_000,
        ["records"] = MostRecords,
    };

    /// <summary>The most entries a list of this name may hold.</summary>
    public static int Most(string name) => Named.GetValueOrDefault(name, Usual);

    /// <summary>The first list that is too long, or holds an entry that is null; null when all are well, or the text is no JSON.</summary>
    public static FieldProblem? FirstWrong(string json)
    {
        var bytes = Encoding.UTF8.GetBytes(json);
        var reader = new Utf8JsonReader(bytes);
        var open = new Open(bytes);
        try
        {
            while (reader.Read())
            {
                if (open.Step(ref reader) is { } wrong)
                {
                    return wrong;
                }
            }
        }
        catch (JsonException)
        {
            // Reading it tells why.
        }

        return null;
    }

    /// <summary>
    /// The objects and lists that are open where the reader stands. Names and paths stay places in the text until one is wanted: a whole
    /// log is read through here, in the page by an interpreter.
    /// </summary>
    private sealed class Open(byte[] json)
    {
        private readonly Level[] _levels = new Level[66];
        private int _depth = -1;

        public FieldProblem? Step(ref Utf8JsonReader reader)
        {
            switch (reader.TokenType)
            {
                case JsonTokenType.PropertyName:
                    ref var level = ref _levels[_depth];
                    level.NameAt = (int)reader.TokenStartIndex + 1;
                    level.NameLength = reader.ValueSpan.Length;
                    return null;
                case JsonTokenType.EndObject or JsonTokenType.EndArray:
                    _depth--;
                    return null;
            }

            if (_depth >= 0 && _levels[_depth].IsList)
            {
                ref var list = ref _levels[_depth];
                if (reader.TokenType == JsonTokenType.Null)
                {
                    return new FieldProblem(
                        $"{Path()}[{list.Count}]",
                        $"Entry {list.Count + 1} of '{list.List}' is empty. Fill it in or leave it out.",
                        null
                    );
                }

                if (list.Count == list.Most)
                {
                    return new FieldProblem(
                        Path(),
                        $"'{list.List}' may hold at most {list.Most} entries. Leave some out.",
                        $"up to {list.Most} entries"
                    );
                }

                list.Count++;
            }

            switch (reader.TokenType)
            {
                case JsonTokenType.StartObject:
                    _levels[++_depth] = default;
                    break;
                case JsonTokenType.StartArray:
                    var name = ListName();
                    _levels[++_depth] = new Level
                    {
                        IsList = true,
                        List = name,
                        Most = Most(name),
                    };
                    break;
            }

            return null;
        }

        /// <summary>A list inside a list goes by the outer one's name.</summary>
        private string ListName() =>
            _depth < 0 ? ""
            : _levels[_depth].IsList ? _levels[_depth].List
            : NameAt(_levels[_depth]);

        private string NameAt(Level level) => Encoding.UTF8.GetString(json, level.NameAt, level.NameLength);

        /// <summary>Where the innermost list stands.</summary>
        private string Path() => string.Concat(_levels.Take(_depth).Select(Piece)).TrimStart('.');

        private string Piece(Level level) =>
            level.IsList
                ? level.Count > 0
                    ? $"[{level.Count - 1}]"
                    : ""
                : level.NameLength > 0
                    ? "." + NameAt(level)
                    : "";
    }

    private struct Level
    {
        public bool IsList;

        /// <summary>The name of the list this is, or stands in.</summary>
        public string List;

        public int Most;

        /// <summary>Entries so far.</summary>
        public int Count;

        /// <summary>Where the property that is being read has its name.</summary>
        public int NameAt;

        public int NameLength;
    }
}
