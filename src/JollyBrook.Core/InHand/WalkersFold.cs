using JollyBrook.Core.Body;
using JollyBrook.Core.Book;

namespace JollyBrook.Core.InHand;

/// <summary>What each walker drank and showed, and when all of them walked, as far back as it matters.</summary>
internal sealed class WalkersFold
{
    /// <summary>A drink older than this says nothing about today.</summary>
    private static readonly TimeSpan Remembered = TimeSpan.FromHours(36);

    private readonly Dictionary<Guid, Told> _all = [];

    /// <summary>Stretches that were walked, as they were told.</summary>
    public List<WalkedStretch> Walked { get; } = [];

    public void Restore(IEnumerable<WalkerShot> shots, IEnumerable<WalkedStretch> walked)
    {
        Walked.AddRange(walked);
        foreach (var shot in shots)
        {
            var told = Of(shot.Id);
            told.Drinks.AddRange(shot.Drinks);
            (told.UrineColour, told.UrineAt, told.MassKg, told.MassAt) = (shot.UrineColour, shot.UrineAt, shot.MassKg, shot.MassAt);
            (told.Signs, told.SignsAt) = (shot.Signs, shot.SignsAt);
        }
    }

    public IReadOnlyList<WalkerShot> Shots() =>
        [
            .. _all.OrderBy(w => w.Key)
                .Select(w => new WalkerShot(
                    Id: w.Key,
                    Drinks: [.. w.Value.Drinks],
                    UrineColour: w.Value.UrineColour,
                    UrineAt: w.Value.UrineAt,
                    MassKg: w.Value.MassKg,
                    MassAt: w.Value.MassAt,
                    Signs: w.Value.Signs,
                    SignsAt: w.Value.SignsAt
                )),
        ];

    public void Drank(Guid? walker, DrinkTold drink)
    {
        var told = Of(walker);
        // Drinks come in their order: the oldest stand first.
        var old = 0;
        while (old < told.Drinks.Count && told.Drinks[old].At < drink.At - Remembered)
        {
            old++;
        }

        told.Drinks.RemoveRange(0, old);
        told.Drinks.Add(drink);
    }

    public void Take(UrinePassed line)
    {
        var told = Of(line.WalkerId);
        // Measured without a word on its colour it was urine all the same: the last colour known stands.
        (told.UrineColour, told.UrineAt) = (line.UrineColour ?? told.UrineColour, line.At);
    }

    public void Take(BodyWeighed line)
    {
        var told = Of(line.WalkerId);
        (told.MassKg, told.MassAt) = (line.MassKg, line.At);
    }

    /// <summary>A stage is told when it is over.</summary>
    public void Take(StageWalked line, double hours)
    {
        var at = line.At!.Value;
        Walked.RemoveAll(w => w.Until < at - Remembered);
        Walked.Add(new WalkedStretch(at.AddHours(-hours), at, line.Effort));
    }

    /// <summary>Stretches that still matter at an instant.</summary>
    public IReadOnlyList<WalkedStretch> WalkedBy(DateTimeOffset now) => [.. Walked.Where(w => w.Until > now - Remembered)];

    public void Take(SignsLookedFor line)
    {
        var told = Of(line.WalkerId);
        (told.Signs, told.SignsAt) = (line.Signs ?? [], line.At);
    }

    /// <summary>A walker now; the party's own drinks are under an empty id.</summary>
    public WalkerInHand Now(Guid id, string name, DateTimeOffset now)
    {
        var told = _all.TryGetValue(id, out var known) ? known : new Told();
        List<DrinkTold> drinks = [.. told.Drinks.Where(d => d.At > now - Remembered)];
        return new WalkerInHand(
            Id: id,
            Name: name,
            DrunkL: drinks.Where(d => d.At > now.AddHours(-24)).Sum(d => d.Litres),
            Drinks: drinks,
            UrineColour: told.UrineColour,
            UrineAt: told.UrineAt,
            MassKg: told.MassKg,
            MassAt: told.MassAt,
            Signs: told.Signs,
            SignsAt: told.SignsAt
        );
    }

    /// <summary>Whether anything was drunk by the party together.</summary>
    public bool HasParty => _all.TryGetValue(Guid.Empty, out var party) && party.Drinks.Count > 0;

    private Told Of(Guid? walker) => _all.TryGetValue(walker ?? Guid.Empty, out var told) ? told : _all[walker ?? Guid.Empty] = new Told();

    private sealed class Told
    {
        public List<DrinkTold> Drinks { get; } = [];

        public double? UrineColour { get; set; }

        public DateTimeOffset? UrineAt { get; set; }

        public double? MassKg { get; set; }

        public DateTimeOffset? MassAt { get; set; }

        public IReadOnlyList<BodySign> Signs { get; set; } = [];

        public DateTimeOffset? SignsAt { get; set; }
    }
}
