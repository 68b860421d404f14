using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;

namespace JollyBrook.Core.Learning;

/// <summary>The lines that stand, by kind and day.</summary>
internal sealed class TripBook(LearnRequest request)
{
    private readonly List<BookLine> _lines =
    [
        .. (request.Lines ?? [])
            .Select(l => l.Line)
            .OfType<BookLine>()
            .Where(l => l is { At: not null } and not TakenBack)
            .OrderBy(l => l.At),
    ];

    public IEnumerable<T> Of<T>()
        where T : BookLine => _lines.OfType<T>();

    /// <summary>Stages of this route, or of none that is named.</summary>
    public IEnumerable<StageWalked> Stages => Of<StageWalked>().Where(s => s.RouteId is null || s.RouteId == request.RouteId);

    /// <summary>What was walked on a day, all its stages together, h; null where none was told.</summary>
    public double? HoursWalked(PlanDay day)
    {
        var stages = Stages.Where(s => s.Hours is not null && s.Day is { } told && (int)told == day.Day).ToList();
        return stages.Count == 0 ? null : stages.Sum(s => s.Hours!.Value);
    }

    public DateOnly DateOf(BookLine line) => DateOf(line.At!.Value);

    public DateOnly DateOf(DateTimeOffset at) =>
        DateOnly.FromDateTime(at.ToOffset(TimeSpan.FromMinutes(request.OffsetMinutes ?? 0)).DateTime);
}
