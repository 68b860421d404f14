using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Matters.Planning;

/// <summary>Which waters a trip's plan would change over, if somebody found out today whether they run.</summary>
internal static class PlanMatters
{
    /// <summary>Between these chances a report says something new (pick).</summary>
    private const double AsGoodAsDry = 0.02;
    private const double AsGoodAsSure = 0.985;

    /// <exception cref="BadInputException">The trip can't be planned.</exception>
    public static MattersResponse Of(PlanRequest request, IReadOnlySet<string> told)
    {
        var standing = PlanStanding.Of(request);
        var say = Speaker.For(request.Units);
        return Weighing.Of(OpenIn(request).Where(q => !told.Contains(q.Field)), (_, answer) =>
            standing.To(PlanStanding.Of(answer.Put(request)), say)
        );
    }

    private static IEnumerable<Question<PlanRequest>> OpenIn(PlanRequest request)
    {
        foreach (var entry in request.Sources ?? [])
        {
            if (
                entry is not { Id: { } id, Source: { } source }
                || source.IsOutOfUse
                || source.OnlyIfNeeded == true
                || source.Retired == true
            )
            {
                continue;
            }

            var chance = source.ChanceOfRunning(request.Now);
            if (chance is < AsGoodAsDry or > AsGoodAsSure)
            {
                continue;
            }

            yield return new(
                $"sources.{id}",
                $"Find out whether {source.Name} runs",
                $"runs with {Speaker.Number(Math.Floor(chance * 100), 0)} %",
                [
                    new("flowing", null, "Running", r => Reported(r, id, flowing: true)),
                    new("dry", null, "Dry", r => Reported(r, id, flowing: false)),
                ]
            );
        }
    }

    /// <summary>The trip with a report of now on one of its waters; the traveller's own word gives way to it.</summary>
    private static PlanRequest Reported(PlanRequest request, string id, bool flowing) =>
        request with
        {
            Sources =
            [
                .. request.Sources!.Select(e =>
                    e.Id == id
                        ? e with
                        {
                            Source = e.Source! with { Chance = null, ReportedFlowing = flowing, ReportedAt = request.Now },
                        }
                        : e
                ),
            ],
        };
}
