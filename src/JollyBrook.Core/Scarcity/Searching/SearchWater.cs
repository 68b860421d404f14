using JollyBrook.Core.Body;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Scarcity.Searching;

/// <summary>
/// The calculation "search-water": where to look first on this ground, what a look costs against its chance, when to stop (handbook room
/// 90).
/// Looks go by chance for a litre: with looks that do not hang together no other order finds water for less. They end where the next would
/// take what the sure way needs.
/// </summary>
public static class SearchWater
{
    private static readonly ChoiceField StandingField = new("standing", "Where you stand", ["as when water is short"]);
    private static readonly NumberField Away = new("seen.awayMinutes", "Walk to it", Quantity.Duration, 0, 600, "One way.");
    private static readonly ChoiceField SignField = ChoiceField.Of<GroundSign>("seen.sign", "Sign");

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static IReadOnlyList<Field> Fields => [SignField, Away, StandingField, .. Triage.Fields];

    /// <exception cref="BadInputException">A field is missing or out of its range.</exception>
    public static SearchResponse Compute(SearchRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        intake.Present(StandingField, request.Standing);
        foreach (var seen in request.Seen ?? [])
        {
            intake.Present(SignField, seen.Sign);
            intake.Optional(Away, seen.AwayMinutes);
        }

        intake.ThrowIfWrong();
        var at = Triage.Check(request.Standing!, intake);
        var say = intake.Say;
        var country = request.Country ?? at.Request.Walk?.Route?.Country ?? new CountrySigns();
        var weather = CountryWeather.Of(
            [.. at.Request.Walk?.Sources ?? [], .. at.Request.Walk?.Neighbours ?? []],
            at.Request.Walk?.Now,
            country
        );
        var digging = new WorkCost(
            at.Request.Walkers is [var first, ..] ? first.Walker : Party.Unnamed,
            at.Effort.TemperatureC!.Value,
            at.Effort.HumidityPercent!.Value,
            at.Effort.Sun ?? SunLoad.Full
        ).LPerH(Work.Dig);
        var looks = (request.Seen ?? [])
            .DistinctBy(s => s.Sign)
            .Select(s => Of(s, at.Need, digging, weather, say))
            .OrderByDescending(l => l.Chance / l.Litres)
            .ThenBy(l => l.Minutes)
            .ToList();
        var sure = WayOut
            .All(at.Request, at.Waters, at.InHandL, at.Need.Now, at.Need, say)
            .FirstOrDefault(w => w is { Sure: true, NeedL: not null, Kind: not WayOutKind.Stay });
        // Looking may make nobody shorter than one still walks well with, when the sure water is reached.
        var spare = at.InHandL + at.Need.Buffer.LitresTo(BodyBuffer.WellPercent) - (sure?.NeedL ?? 0);
        List<SearchLook> within = [];
        var left = spare;
        foreach (var look in looks)
        {
            var isWithin = look.Litres <= left;
            left -= isWithin ? look.Litres : 0;
            within.Add(look with { IsWithin = isWithin });
        }

        var any = 1 - within.Where(l => l.IsWithin).Aggregate(1.0, (none, l) => none * (1 - l.Chance));
        return new SearchResponse(
            Headline: Headline(within, spare),
            Looks: within,
            ChanceOfAny: any,
            SpareL: spare,
            Stop: Stop(within, sure, spare, say),
            Known: GroundSigns.All,
            Country: country,
            Assumptions: Assume(country, sure),
            Cautions: Cautions(within, say),
            Working: Working(within, at, sure, spare)
        );
    }

    private static SearchLook Of(SeenSign seen, Need need, double digLPerH, CountryWeather weather, Speaker say)
    {
        var info = GroundSigns.Of(seen.Sign!.Value);
        var away = seen.AwayMinutes ?? info.AwayMinutes;
        var minutes = (2 * away) + info.LookMinutes;
        // There and back at the party's pace; meanwhile at rest, one of them digging where it is dug for.
        var litres = ((need.NowLPerH * 2 * away) + ((need.RestLPerH + (info.IsDug ? digLPerH : 0)) * info.LookMinutes)) / 60;
        var chance = weather.Moved(info.Chance, info.WeatherShare);
        return new SearchLook(
            Sign: info.Sign,
            Name: info.Name,
            Where: info.Where,
            Chance: chance,
            ChanceWhy: weather.WhyMoved(info.WeatherShare),
            AwayMinutes: away,
            Minutes: minutes,
            Litres: litres,
            IsWithin: false,
            Words: $"{SourceReliability.Percent(chance)} % for {Speaker.Minutes(minutes)} and {say.Of(Quantity.Volume, litres)}"
        );
    }

    private static string Headline(List<SearchLook> looks, double spare) =>
        looks switch
        {
            [] => "Tick what you see from here",
            _ when looks.Find(l => l.IsWithin) is { } first => $"First: {Sentence.Lower(first.Name)}",
            _ => spare <= 0 ? "Do not look around any more" : "None of these is worth its water",
        };

    private static string Stop(List<SearchLook> looks, WayOutAnswer? sure, double spare, Speaker say)
    {
        var then = sure is { Towards: { } water }
            ? $"go {(sure.Kind == WayOutKind.On ? "on" : "back")} to {water.Name}: "
                + $"{say.Of(Quantity.Volume, sure.NeedL!.Value)}, {Speaker.Minutes(sure.Hours!.Value * 60)}"
            : "rest in the shade and call for help: no sure water is known";
        return spare <= 0 ? $"There is nothing to spare: {then}."
            : looks.Count == 0 ? $"{say.Of(Quantity.Volume, spare)} may be spent on looking. Then {then}."
            : $"Stop when {say.Of(Quantity.Volume, spare)} are spent, at the latest after these "
                + $"{Speaker.Minutes(looks.Where(l => l.IsWithin).Sum(l => l.Minutes))}. Then {then}.";
    }

    private static List<Assumption> Assume(CountrySigns country, WayOutAnswer? sure)
    {
        List<Assumption> all = [];
        if (country.RainLastWeek is null && country.HotDryMonth is null)
        {
            all.Add(
                new(
                    "country",
                    "How wet the country has been is not told: rain in the last week would make these likelier, "
                        + "a hot dry month less likely."
                )
            );
        }

        if (sure is null)
        {
            all.Add(
                new("standing.sources", "No sure water is known within reach: looking ends where you would be 3 % of body mass short.")
            );
        }

        return all;
    }

    private static List<Caution> Cautions(List<SearchLook> looks, Speaker say)
    {
        List<Caution> all =
        [
            new("together", Severity.Warning, "Stay together, mark the way back, and be back before dark. Best in the cool hours."),
        ];
        if (looks.Exists(l => GroundSigns.Of(l.Sign).IsDug))
        {
            all.Add(
                new(
                    "dig",
                    Severity.Warning,
                    $"A hole without damp at {say.Of(Quantity.Length, GroundSigns.DeepestM * 100)} is given up; walls of sand fall in."
                )
            );
        }

        all.Add(new("treat", Severity.Note, "What is found is judged and treated like any other water."));
        return all;
    }

    private static IReadOnlyList<WorkingStep> Working(List<SearchLook> looks, TriageStart at, WayOutAnswer? sure, double spare)
    {
        var working = new Working();
        working.Add(
            "What may be spent on looking",
            "in hand + what one may be short and walk well − the sure way",
            "Handbook room 90; 3 % of body mass: pick",
            WorkingValue.Of("spare", spare, "L"),
            WorkingValue.Of("in hand", at.InHandL, "L"),
            WorkingValue.Of("to 3 %", at.Need.Buffer.LitresTo(BodyBuffer.WellPercent), "L"),
            WorkingValue.Of("the sure way", sure?.NeedL ?? 0, "L")
        );
        foreach (var look in looks)
        {
            working.Add(
                look.Name,
                "(2·away·need + at it·(rest + digging))/60; looks in the order of chance for a litre",
                "Chance by sign: pick; moved as a source's, handbook room 70",
                WorkingValue.Of("chance", look.Chance),
                WorkingValue.Of("litres", look.Litres, "L"),
                WorkingValue.Of("chance for a litre", look.Chance / look.Litres)
            );
        }

        return working.Steps;
    }
}
