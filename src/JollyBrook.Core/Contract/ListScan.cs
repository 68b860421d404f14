namespace JollyBrook.Core.Contract;

/// <summary>
/// Walks through JSON for its lists alone, in one loop over its letters: a whole log is looked through here before it is read, in the page
/// by an interpreter, for which a loop is cheap and a call is dear. What is no JSON is left to the reader, which tells why.
/// </summary>
internal sealed class ListScan(string json)
{
    /// <summary>Deeper than this the reader refuses it.</summary>
    private const int Deepest = 64;

    private readonly Level[] _levels = new Level[Deepest];
    private int _depth = -1;

    /// <returns>The first list that is too long or holds an empty entry; null where there is none.</returns>
    public FieldProblem? FirstWrong()
    {
        // Whether a name or an entry may stand here: after what opens an object or a list, and after a comma.
        var isFirst = false;
        for (var i = 0; i < json.Length; i++)
        {
            var letter = json[i];
            if (letter is ' ' or '\n' or '\r' or '\t' or ':')
            {
                continue;
            }

            if (letter is '}' or ']')
            {
                if (_depth < 0)
                {
                    return null;
                }

                _depth--;
                isFirst = false;
                continue;
            }

            if (letter == ',')
            {
                isFirst = _depth >= 0;
                continue;
            }

            if (isFirst && _levels[_depth].IsList)
            {
                if (Entry(letter) is { } wrong)
                {
                    return wrong;
                }

                isFirst = false;
            }

            if (letter == '"')
            {
                var from = i + 1;
                for (i = from; i < json.Length && json[i] != '"'; i++)
                {
                    if (json[i] == '\\')
                    {
                        i++;
                    }
                }

                if (isFirst)
                {
                    (_levels[_depth].NameAt, _levels[_depth].NameLength) = (from, Math.Min(i, json.Length) - from);
                    isFirst = false;
                }
            }
            else if (letter is '{' or '[')
            {
                if (_depth == Deepest - 1)
                {
                    return null;
                }

                Open(isList: letter == '[');
                isFirst = true;
            }
            else if (_depth < 0)
            {
                return null;
            }
        }

        return null;
    }

    /// <summary>An entry begins in the innermost list.</summary>
    private FieldProblem? Entry(char letter)
    {
        ref var list = ref _levels[_depth];
        if (letter == 'n')
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
        return null;
    }

    private void Open(bool isList)
    {
        var name = isList ? ListName() : "";
        _levels[++_depth] = new Level
        {
            IsList = isList,
            List = name,
            Most = isList ? ListLimits.Most(name) : 0,
        };
    }

    /// <summary>A list inside a list goes by the outer one's name.</summary>
    private string ListName() =>
        _depth < 0 ? ""
        : _levels[_depth].IsList ? _levels[_depth].List
        : NameAt(_levels[_depth]);

    private string NameAt(Level level) => json.Substring(level.NameAt, level.NameLength);

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
