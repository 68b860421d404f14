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
        ["carried"] = 2_000,
        ["stops"] = 1_000,
        ["reports"] = 300,
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
        ArgumentNullException.ThrowIfNull(json);
        return new ListScan(json).FirstWrong();
    }
}
