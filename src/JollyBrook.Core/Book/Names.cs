namespace JollyBrook.Core.Book;

/// <summary>Names of walkers, pieces of kit, sources and trips by id, and ids by name.</summary>
/// <param name="pairs">Ids with their names.</param>
internal sealed class Names(IEnumerable<(Guid Id, string Name)> pairs)
{
    private readonly ILookup<string, Guid> _ids = pairs.ToLookup(p => Plain(p.Name), p => p.Id, StringComparer.OrdinalIgnoreCase);

    /// <summary>
    /// A name by which it is found again; its id where it has none, or shares it: two bottles of a kind are often called the same.
    /// </summary>
    public string Of(Guid? id) =>
        id is null ? ""
        : _ids.FirstOrDefault(n => n.Contains(id.Value)) is { } named && IsIts(named, id.Value) ? named.Key
        : id.Value.ToString();

    /// <summary>Who or what has that name or id; null where nothing has, or more than one.</summary>
    public Guid? Find(string text)
    {
        if (Guid.TryParse(text, out var id))
        {
            return id;
        }

        return Called(text) is [var found] ? found : null;
    }

    /// <summary>Whether more than one has that name.</summary>
    public bool IsShared(string text) => Called(text).Count > 1;

    private List<Guid> Called(string text) => [.. _ids[Plain(text)].Distinct()];

    private static bool IsIts(IGrouping<string, Guid> named, Guid id) =>
        named.Key.Length > 0 && !Guid.TryParse(named.Key, out _) && named.All(other => other == id);

    private static string Plain(string name) => name.Trim();
}
