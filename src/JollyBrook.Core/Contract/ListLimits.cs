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
        ["records"] = Records.BackupFile.MostRecords,
    };

    /// <summary>The most entries a list of this name may hold.</summary>
    public static int Most(string name) => Named.GetValueOrDefault(name, Usual);

    /// <summary>The first list that is too long, or holds an entry that is null; null when all are well, or the text is no JSON.</summary>
    public static FieldProblem? FirstWrong(string json)
    {
        var reader = new Utf8JsonReader(Encoding.UTF8.GetBytes(json));
        var open = new Stack<Level>();
        try
        {
            while (reader.Read())
            {
                if (Step(ref reader, open) is { } wrong)
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

    private static FieldProblem? Step(ref Utf8JsonReader reader, Stack<Level> open)
    {
        switch (reader.TokenType)
        {
            case JsonTokenType.PropertyName:
                open.Peek().Name = reader.GetString()!;
                return null;
            case JsonTokenType.EndObject or JsonTokenType.EndArray:
                open.Pop();
                return null;
        }

        if (open.TryPeek(out var holder) && holder.IsList && holder.Enter(open, reader.TokenType == JsonTokenType.Null) is { } wrong)
        {
            return wrong;
        }

        if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
        {
            open.Push(new Level(reader.TokenType == JsonTokenType.StartArray, ListName(open)));
        }

        return null;
    }

    /// <summary>A list inside a list goes by the outer one's name.</summary>
    private static string ListName(Stack<Level> open) => !open.TryPeek(out var holder) ? "" : holder.IsList ? holder.List : holder.Name;

    private sealed class Level(bool isList, string list)
    {
        private int _count;

        public bool IsList => isList;

        /// <summary>The name of the list this is, or stands in.</summary>
        public string List => list;

        /// <summary>The property that is being read.</summary>
        public string Name { get; set; } = "";

        public FieldProblem? Enter(Stack<Level> open, bool isNull)
        {
            var most = Most(list);
            var path = string.Concat(open.Skip(1).Reverse().Select(Piece)).TrimStart('.');
            if (isNull)
            {
                return new FieldProblem($"{path}[{_count}]", $"Entry {_count + 1} of '{list}' is empty. Fill it in or leave it out.", null);
            }

            return ++_count <= most ? null : new FieldProblem(path, $"'{list}' may hold at most {most} entries. Leave some out.", $"up to {most} entries");
        }

        private static string Piece(Level level) => level.IsList ? level._count > 0 ? $"[{level._count - 1}]" : "" : level.Name.Length > 0 ? "." + level.Name : "";
    }
}
