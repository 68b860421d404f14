using System.Globalization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Illness;

/// <summary>
/// The calculation "look-back": which agents could fit an illness, and which water fell short for them (handbook room 95).
/// </summary>
public static class LookBack
{
    private const double HighFeverC = 38.5;
    private const double LongDays = 3;

    private static readonly InstantField Onset = new("onsetAt", "When it began");
    private static readonly InstantField NowField = new("now", "The time now");
    private static readonly NumberField Fever = new(
        "feverC",
        "Body temperature",
        Quantity.Temperature,
        33,
        43,
        "Under the tongue or in the ear."
    );
    private static readonly NumberField Offset = new("offsetMinutes", "Offset from UTC", Quantity.Plain, -840, 840, "The device gives it.");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [Onset, NowField, Fever, Offset];

    private static readonly string[] CareLines =
    [
        "Drink small sips often; oral rehydration salts, or 6 level teaspoons of sugar and half a teaspoon of salt in "
            + $"{Speaker.Both(Quantity.Volume, 1)} of safe water.",
        "Rest in the shade; keep apart from the cooking; wash hands with soap, also after every toilet.",
        "No urine for 8 h, confused, fainting, fast pulse: an emergency, call for help.",
    ];

    private static readonly string[] HygieneLines =
    [
        "Hands: soap after the toilet and before food?",
        "Shared bags of food, shared bottles and pipes?",
        "Pots, cups and spoons: rinsed with untreated water?",
        "Bottle threads and mouthpieces: dirty hands on them, dirty water under the cap?",
        "Teeth brushed, dishes rinsed with untreated water? Swallowed while swimming?",
        "Food kept warm, eaten at a hut or farm?",
        "Someone in the party ill before?",
    ];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static LookBackResponse Compute(LookBackRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(Onset, request.OnsetAt);
        intake.Present(NowField, request.Now);
        intake.Optional(Fever, request.FeverC);
        intake.Optional(Offset, request.OffsetMinutes);
        intake.ThrowIfWrong();
        var drunk = DrunkWater.In(request, intake.Say);
        var agents = Agents
            .All.Select(a => Fit(a, drunk, request.OnsetAt!.Value))
            .Where(f => f.Fits.Count > 0)
            .OrderByDescending(f => f.Fits[0].ShortByLogs)
            .ThenBy(f => f.FromDays)
            .ToList();
        var shortFits = agents.Where(a => a.Fits[0].ShortByLogs > 0).ToList();
        var clinician = Clinician(request, intake.Say);
        var headline =
            agents.Count == 0 ? "No water written in the book fits in time; what was drunk and not written may"
            : shortFits.Count == 0 ? "All the water that fits in time met the target: look at hands and food first"
            : $"Could fit: {string.Join(", ", shortFits.Take(3).Select(a => a.Name))}{(shortFits.Count > 3 ? $" and {shortFits.Count - 3} more" : "")}";
        return new LookBackResponse(
            Headline: headline,
            Agents: agents,
            SeeClinician: clinician,
            Care: CareLines,
            Hygiene: HygieneLines,
            Letter: Letter(request, agents, clinician),
            Cautions:
            [
                new Caution(
                    "no-diagnosis",
                    Severity.Warning,
                    "This says what could fit, never what it is. Food and hands are commoner causes than water; only a clinician can tell."
                ),
            ]
        );
    }

    private static CouldFit Fit(Agent agent, List<DrunkWater> drunk, DateTimeOffset onset)
    {
        var target = LogTarget.Standard(agent.Organism);
        var fits = drunk
            .Select(d => new SuspectWater(
                d.BatchId,
                d.Words,
                d.WorstAt(agent, onset),
                (onset - d.WorstAt(agent, onset)).TotalDays,
                Math.Max(0, target - d.Logs(agent.Organism)),
                d.Untreated
            ))
            .Where(d => d.DaysBefore >= agent.FromDays && d.DaysBefore <= agent.ToDays)
            .OrderByDescending(d => d.Untreated)
            .ThenByDescending(d => d.ShortByLogs)
            .ThenBy(d => d.DaysBefore)
            .ToList();
        var words =
            $"{agent.Name} shows {Days(agent.FromDays)} to {Days(agent.ToDays)} days after: "
            + (
                fits.Count == 0
                    ? "nothing drunk then."
                    : $"{fits.Count} drunk then, {fits.Count(f => f.ShortByLogs > 0)} short for {OrganismClasses.Spoken(agent.Organism)}."
            );
        return new CouldFit(agent.Name, agent.Organism, agent.FromDays, agent.ToDays, fits, words);
    }

    private static List<string> Clinician(LookBackRequest request, Speaker say)
    {
        List<string> why = [];
        if (request.Blood == true)
        {
            why.Add("Blood: see a clinician now.");
        }

        if (request.FeverC > HighFeverC)
        {
            why.Add($"Fever above {say.Of(Quantity.Temperature, HighFeverC)}: see a clinician.");
        }

        if ((request.Now!.Value - request.OnsetAt!.Value).TotalDays > LongDays)
        {
            why.Add("Longer than 3 days: see a clinician.");
        }

        if (request.Dehydrated == true)
        {
            why.Add("Signs of dehydration: see a clinician; no urine for 8 h or confusion is an emergency.");
        }

        if (request.AtRisk == true)
        {
            why.Add("Pregnant, a small child, older or immune-compromised: see a clinician early.");
        }

        return why;
    }

    private static string Letter(LookBackRequest request, List<CouldFit> agents, List<string> clinician)
    {
        var offset = TimeSpan.FromMinutes(request.OffsetMinutes ?? 0);
        string At(DateTimeOffset at) => at.ToOffset(offset).ToString("yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture);
        List<string> lines =
        [
            "Illness after drinking wild water: what the traveller's book holds. Not a diagnosis.",
            "",
            $"Onset: {At(request.OnsetAt!.Value)}",
            $"Symptoms: {(string.IsNullOrWhiteSpace(request.Symptoms) ? "not written" : request.Symptoms)}",
            "Body temperature: "
                + $"{(request.FeverC is { } fever ? Speaker.Both(Quantity.Temperature, fever) : "not measured")}; "
                + $"blood: {Told(request.Blood)}; signs of dehydration: {Told(request.Dehydrated)}; at risk "
                + $"(pregnancy, age, immunity): {Told(request.AtRisk)}",
            .. clinician,
            "",
            "Water drunk within the usual windows, furthest short of the target first:",
        ];
        foreach (var agent in agents)
        {
            lines.Add(
                $"{agent.Name} ({Days(agent.FromDays)} to {Days(agent.ToDays)} days; "
                    + $"{OrganismClasses.Spoken(agent.Organism)}, target "
                    + $"{Speaker.Number(LogTarget.Standard(agent.Organism), 0)} log):"
            );
            lines.AddRange(
                agent
                    .Fits.Take(5)
                    .Select(f =>
                        $"  {At(f.DrunkAt)}, {Speaker.Number(f.DaysBefore, 1)} days before: {f.Words}; short by "
                        + $"{Speaker.Number(f.ShortByLogs, 1)} log"
                    )
            );
            if (agent.Fits.Count > 5)
            {
                lines.Add($"  and {agent.Fits.Count - 5} more");
            }
        }

        if (agents.Count == 0)
        {
            lines.Add("  none");
        }

        lines.AddRange(["", "Food, hands and contact with the ill are commoner causes and are not in this book."]);
        return string.Join('\n', lines);
    }

    private static string Told(bool? told) =>
        told switch
        {
            true => "yes",
            false => "no",
            _ => "not told",
        };

    private static string Days(double days) => Speaker.Number(days, 2);
}
