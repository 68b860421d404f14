using JollyBrook.Core.Book;

namespace JollyBrook.Core.Learning;

/// <summary>The lines that stand, by kind and day.</summary>
internal sealed class TripBook(LearnRequest request)
{
    private readonly List<BookEntry> _entries = [.. (request.Lines ?? []).Select(l => l.Entry).OfType<BookEntry>().Where(e => e.At is not null && e.StruckOut != true).OrderBy(e => e.At)];

    public IEnumerable<BookEntry> Of(BookEntryKind kind) => _entries.Where(e => e.Kind == kind);

    /// <summary>Stages of this route, or of none that is named.</summary>
    public IEnumerable<BookEntry> Stages => Of(BookEntryKind.Stage).Where(e => e.RouteId is null || e.RouteId == request.RouteId);

    public DateOnly DateOf(BookEntry entry) => DateOnly.FromDateTime(entry.At!.Value.ToOffset(TimeSpan.FromMinutes(request.OffsetMinutes ?? 0)).DateTime);
}
