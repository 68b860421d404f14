using JollyBrook.Core.Kit;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.InHand;

/// <summary>A container while the log is folded.</summary>
/// <param name="id">The kit item's id.</param>
/// <param name="item">The kit item.</param>
/// <param name="clock">The instant the fold has come to.</param>
internal sealed class Vessel(Guid id, KitItem item, FoldClock clock)
{
    /// <summary>Less than this is nothing: what clings to the wall.</summary>
    public const double NothingL = 1e-6;

    /// <summary>More lines than this make nobody wiser.</summary>
    private const int LongestStory = 60;

    private readonly List<Guid> _story = [];

    public Guid Id { get; } = id;

    public KitItem Item { get; } = item;

    public string Name => Item.Name ?? "Container";

    public double CapacityL =>
        Item switch
        {
            Container container => container.VolumeL ?? 0,
            CookingPot pot => pot.VolumeL ?? 0,
            _ => 0,
        };

    public bool IsPot => Item is CookingPot;

    public ContainerRole Role => (Item as Container)?.Role ?? ContainerRole.Either;

    public bool IsCleanOnly => Role == ContainerRole.Clean;

    public double Litres { get; private set; }

    public Content Content { get; private set; } = NoContent.It;

    public bool CleanSideDirty { get; set; }

    /// <summary>When water last went in or out, or became something else; null for never.</summary>
    public DateTimeOffset? MovedAt { get; private set; }

    public IReadOnlyList<Guid> Story => _story;

    public double RoomL => Math.Max(0, CapacityL - Litres);

    public bool IsEmpty => Litres <= NothingL;

    public void Restore(VesselShot shot)
    {
        (Litres, Content, CleanSideDirty, MovedAt) = (shot.Litres, shot.Content, shot.CleanSideDirty, shot.MovedAt);
        _story.AddRange(shot.Story);
    }

    public VesselShot Shot() => new(Id, Litres, Content, CleanSideDirty, [.. _story], MovedAt);

    /// <summary>A line, batch or tap that has to do with what is in it.</summary>
    public void Tell(Guid by)
    {
        if (_story.Count > 0 && _story[^1] == by)
        {
            return;
        }

        if (_story.Count == LongestStory)
        {
            _story.RemoveAt(0);
        }

        _story.Add(by);
    }

    /// <summary>Water goes in. What it becomes is the worse of both: raw on anything is raw.</summary>
    public void Add(double litres, Content content, Guid by)
    {
        if (litres <= NothingL)
        {
            return;
        }

        if (IsEmpty)
        {
            _story.Clear();
        }

        Content = IsEmpty ? content : Mixed(Content, content);
        Litres += litres;
        Move(by);
    }

    /// <summary>Water goes out, as much as there is. Returns how much.</summary>
    public double Take(double litres, Guid by)
    {
        var taken = Math.Min(Math.Max(0, litres), Litres);
        Litres -= taken;
        Move(by);
        if (IsEmpty)
        {
            (Litres, Content) = (0, NoContent.It);
        }

        return taken;
    }

    /// <summary>All that is in it becomes something else.</summary>
    public void Become(Content content, Guid by)
    {
        Content = IsEmpty ? NoContent.It : content;
        Move(by);
    }

    private void Move(Guid by)
    {
        MovedAt = clock.At;
        Tell(by);
    }

    private static Content Mixed(Content there, Content added) =>
        (there, added) switch
        {
            (NoContent, _) => added,
            (_, NoContent) => there,
            (Raw a, Raw b) => a.With(b),
            (Raw a, _) => a with { SourceId = null },
            (_, Raw b) => b with { SourceId = null },
            (OfBatches a, OfBatches b) => new OfBatches([.. a.Ids.Union(b.Ids).Order()]),
            _ => new Raw(null, null, null, null),
        };
}
