using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity;

/// <summary>The triage in words: each stage with its figures, and the one thing to do.</summary>
internal static class StageWords
{
    private const string CareLine =
        "Illness comes days later and can be treated: write down when and from where, and see a clinician as soon as you are out.";

    public static string Headline(Standing at, Speaker say) =>
        at.Stage switch
        {
            0 when at.HereTreatable => "There is water here: treat it and drink",
            0 when at.ShortNow > Standing.Accepted => $"Enough for now: {Hours(at.RestingHours)} at rest",
            0 when at.Choices[0].Kind == WayOutKind.Stay =>
                $"Enough to wait for help, with {say.Of(Quantity.Volume, Math.Max(0, at.Choices[0].LeftL ?? 0))} to spare",
            0 => $"Enough: to {at.Choices[0].Towards!.Name} with {say.Of(Quantity.Volume, Math.Max(0, at.Choices[0].LeftL ?? 0))} to spare",
            1 when at.ShortSpared > Standing.Accepted => at.Choices[0] is { Kind: not WayOutKind.Stay, Towards: { } near }
                ? $"Little water, but {near.Name} is in reach: {Speaker.Minutes(near.Hours * 60)}"
                : "Little water, but help is near enough",
            1 => $"Tight: {Hours(at.InHandL / at.Need.NowLPerH)} of walking left",
            2 => $"Short: {Hours(at.InHandL / at.Need.NowLPerH)} of walking, {Hours(at.RestingHours)} at rest",
            _ => at.InHandL <= 0 ? "No water left" : $"Very short: {Hours(at.RestingHours)} left at rest",
        };

    public static string Action(Standing at, Speaker say) =>
        at.Stage switch
        {
            0 when at.HereTreatable => "Treat what is here, drink, fill everything, then go on.",
            0 when at.ShortNow > Standing.Accepted => "Use the time: find out which water runs, and go there in the cool hours.",
            0 => $"{at.Choices[0].Name}, drinking by need.",
            1 when at.ShortSpared > Standing.Accepted => at.Choices[0].Kind == WayOutKind.Stay
                ? "Stay in the shade for help; drink what there is by need."
                : $"Go to {at.Choices[0].Towards!.Name} now, slowly, in shade where there is some: about "
                    + $"{Speaker.Number(at.Choices[0].ArrivePercent ?? 0, 1)} % of body mass short on arrival, "
                    + "which a body bears.",
            1 when at.Need.Sparing is { } walk && walk.SpeedKmH < at.Need.SpeedKmH =>
                $"Rest in shade now; walk in the cool hours, slower: {say.Of(Quantity.Volume, walk.LPerH)} "
                    + $"an hour instead of {say.Of(Quantity.Volume, at.Need.NowLPerH)}.",
            1 => $"Rest in shade now; walk in the cool hours: {say.Of(Quantity.Volume, at.Need.Sparing!.Value.LPerH)} "
                + $"an hour instead of {say.Of(Quantity.Volume, at.Need.NowLPerH)}.",
            2 when at.TooFar >= 1 => "No way is sure: find out which water runs, or when help can come, while you rest in shade.",
            2 => $"{at.Spared[0].Name}{(at.Spared[0].Kind == WayOutKind.Stay ? "" : ", in the cool hours")}: "
                + $"the surest, too far with {WayOut.Percent(at.TooFar)} %.{(at.CallForHelp ? " Call for help now." : "")}",
            3 => "Call for help now, rest in shade, and collect what pays.",
            4 => "Clear the water here and use the barrier you have: the weakest is better than none. Call for help.",
            _ => $"Drink from the best source here, and call for help. {CareLine}",
        };

    public static IReadOnlyList<StageAnswer> All(Standing at, Speaker say)
    {
        var stage = at.Stage;
        StageAnswer Of(
            int number,
            string name,
            IReadOnlyList<string> figures,
            IReadOnlyList<string> actions,
            IReadOnlyList<StageCondition>? conditions = null
        ) =>
            new(
                Number: number,
                Name: name,
                Reached: stage >= number && !(at.HereTreatable && number > 0),
                Now: stage == number,
                Figures: figures,
                Actions: actions,
                Conditions: conditions ?? []
            );
        return
        [
            Of(0, "Enough", [Covered(at, say)], ["Drink by need. Fill at every water you can treat."]),
            Of(
                1,
                "Stop losing",
                [.. Sparing(at, say)],
                [
                    "Shade, cool hours, slow down, cover up from sun and wind.",
                    "Don’t eat much without water.",
                    "Don’t ration to collapse: drink what you have by need.",
                ]
            ),
            Of(
                2,
                "Choose: on, back or stay",
                [.. at.Choices.Select(c => $"{c.Name}: {c.Words}")],
                [$"{at.Spared[0].Name} is the surest: by what the body is short of on arrival, not by hope."]
            ),
            Of(
                3,
                "Collect what pays",
                [$"Missing on the surest way: {Missing(at, say)}."],
                [
                    "See what could be made here; leave alone what costs more sweat than it gives.",
                    "Work in shade and in the cool hours only.",
                ]
            ),
            Of(
                4,
                "Any barrier at all",
                [Covered(at, say)],
                [
                    "Clear it first: settle, strain, filter through sand and cloth.",
                    "Then any barrier: the weakest is better than none.",
                    "Write down what was used.",
                ],
                [
                    new("There is water here, and none of the never-drink kinds", at.HereUsable),
                    new("A barrier that falls short is at hand", at.Request.Means == Means.Weak),
                    new("No way on, back or by staying is better than a coin", at.TooFar > Standing.Hopeless),
                ]
            ),
            Of(
                5,
                "Nothing to treat with",
                [Covered(at, say)],
                stage == 5 ? ["Drink the best source here untreated: clear, moving, nobody and no stock above it.", CareLine] : [],
                at.LastConditions
            ),
        ];
    }

    private static string Covered(Standing at, Speaker say) =>
        $"{say.Of(Quantity.Volume, at.InHandL)} in hand: {Hours(at.InHandL / at.Need.NowLPerH)} "
        + $"walking at {say.Of(Quantity.Volume, at.Need.NowLPerH)} an hour, "
        + $"{Hours(at.RestingHours)} at rest.";

    private static IEnumerable<string> Sparing(Standing at, Speaker say)
    {
        if (at.Need.Sparing is not { } walk)
        {
            yield return "It is cool already: walking later spares nothing.";
            yield break;
        }

        var pace = walk.SpeedKmH < at.Need.SpeedKmH ? $" and at {say.Of(Quantity.Speed, walk.SpeedKmH)}" : "";
        yield return $"In the cool hours{pace}: {say.Of(Quantity.Volume, walk.LPerH)} an hour instead of "
            + $"{say.Of(Quantity.Volume, at.Need.NowLPerH)}; the water lasts {Hours(at.InHandL / walk.LPerH)}.";
        yield return $"The surest way then runs short with {WayOut.Percent(at.ShortSpared)} % instead of {WayOut.Percent(at.ShortNow)} %.";
    }

    private static string Missing(Standing at, Speaker say) =>
        at.Spared[0].LeftL is { } left
            ? say.Of(Quantity.Volume, Math.Max(0, -left))
            : $"no water is known to be in reach, so {say.Of(Quantity.Volume, at.Need.RestLPerDay)} a day at rest";

    private static string Hours(double hours) => Speaker.Minutes(Math.Floor(hours * 60));
}
