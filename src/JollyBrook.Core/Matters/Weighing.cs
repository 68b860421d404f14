using JollyBrook.Core.Units;

namespace JollyBrook.Core.Matters;

/// <summary>Tries every plausible answer to every open question and puts the questions in order.</summary>
internal static class Weighing
{
    /// <param name="questions">What is open.</param>
    /// <param name="stakeOf">What an answer to a question would change.</param>
    public static MattersResponse Of<TRequest>(
        IEnumerable<Question<TRequest>> questions,
        Func<Question<TRequest>, PossibleAnswer<TRequest>, Stake> stakeOf
    )
    {
        List<MattersQuestion> asked = [];
        List<SettledAssumption> settled = [];
        foreach (var question in questions)
        {
            var tried = Tried(question, stakeOf);
            var gravest =
                tried.Count == 0 ? null : tried.Aggregate((most, next) => Stake.Compare(next.Stake, most.Stake) < 0 ? next : most);
            if (gravest is null || (gravest.Stake.Kind == StakeKind.Nothing && !question.IsAlwaysAsked))
            {
                settled.Add(new SettledAssumption(question.Field, question.CountedAs));
                continue;
            }

            asked.Add(new MattersQuestion(question.Field, question.Ask, question.CountedAs, gravest.Stake, Say(gravest, tried), tried));
        }

        // What is always asked comes first of its kind; otherwise the order of the questions stands between equals.
        return new MattersResponse([.. asked.OrderBy(q => q.Stake, Comparer<Stake>.Create(Stake.Compare))], settled);
    }

    /// <summary>
    /// Every answer; of a measure that runs one way and changes nothing at its two ends only those (the property over the whole range holds
    /// it).
    /// </summary>
    private static List<TriedAnswer> Tried<TRequest>(
        Question<TRequest> question,
        Func<Question<TRequest>, PossibleAnswer<TRequest>, Stake> stakeOf
    )
    {
        TriedAnswer Try(PossibleAnswer<TRequest> answer) => new(answer.Id, answer.Value, answer.Name, stakeOf(question, answer));

        if (question.RunsOneWay && question.Answers.Count > 2 && question.Answers.All(a => a.Value is not null))
        {
            List<TriedAnswer> ends = [Try(question.Answers[0]), Try(question.Answers[^1])];
            return ends.TrueForAll(e => e.Stake.Kind == StakeKind.Nothing)
                ? ends
                : [ends[0], .. question.Answers.Skip(1).SkipLast(1).Select(Try), ends[1]];
        }

        return [.. question.Answers.Select(Try)];
    }

    private static string Say(TriedAnswer gravest, List<TriedAnswer> tried)
    {
        if (gravest.Stake.Kind == StakeKind.Nothing)
        {
            return "to be looked at, whatever it says";
        }

        if (gravest.Stake.Kind != StakeKind.Wait)
        {
            return $"{gravest.Name}: {Sentence.Lower(gravest.Stake.Words)}";
        }

        var waits = tried.Where(t => t.Stake.Kind == StakeKind.Wait).Select(t => t.Stake).ToList();
        var longer = waits.Where(s => s.IsWorse).Select(s => s.Size).DefaultIfEmpty(0).Max();
        var shorter = waits.Where(s => !s.IsWorse).Select(s => s.Size).DefaultIfEmpty(0).Max();
        return (longer, shorter) switch
        {
            (> 0, > 0) => $"could save {Speaker.Minutes(shorter)}, or take {Speaker.Minutes(longer)} longer",
            (> 0, _) => $"could take {Speaker.Minutes(longer)} longer",
            _ => $"could save {Speaker.Minutes(shorter)}",
        };
    }
}
