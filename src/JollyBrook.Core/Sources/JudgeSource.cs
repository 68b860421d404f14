using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Sources;

/// <summary>A trip's source with its id.</summary>
public sealed record TripSourceEntry(string Id, [property: JsonRequired] TripSource Source);

/// <summary>A source to judge.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Source">What is seen of the place.</param>
/// <param name="Water">What is seen of the water; its volume is not used here.</param>
/// <param name="Trip">The loaded trip's sources; null or empty without a trip.</param>
/// <param name="Now">The time now, for the age of reports.</param>
/// <param name="Country">How wet the trip's country has been.</param>
public sealed record JudgeRequest(
    UnitSystem? Units,
    SourceInput? Source,
    WaterInput? Water,
    IReadOnlyList<TripSourceEntry>? Trip = null,
    DateTimeOffset? Now = null,
    CountrySigns? Country = null
);

/// <summary>The next source of the trip.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Words">How far on, and how sure it is.</param>
/// <param name="Reliability">The chance that it runs, 0 to 1.</param>
/// <param name="Trusted">Whether it may be counted on.</param>
public sealed record NextSource(string Id, string Name, string Words, double Reliability, bool Trusted);

/// <summary>The verdict with its reasons and what to do.</summary>
/// <param name="Verdict">One of four.</param>
/// <param name="Words">The verdict in a few words.</param>
/// <param name="Explanation">One line on what it means.</param>
/// <param name="Reasons">Every reason, the gravest first, each with what would change it.</param>
/// <param name="Collect">How to draw water here; empty when it is not to be used.</param>
/// <param name="VirusesCountAnyway">Whether viruses are back in the target whatever the setting.</param>
/// <param name="Next">The next source; null without a trip or at its end.</param>
/// <param name="GoOn">What to do when it is not to be used; empty otherwise.</param>
public sealed record JudgeResponse(
    Verdict Verdict,
    string Words,
    string Explanation,
    IReadOnlyList<VerdictReason> Reasons,
    IReadOnlyList<string> Collect,
    bool VirusesCountAnyway,
    NextSource? Next,
    string GoOn
);

/// <summary>The calculation "judge".</summary>
public static class JudgeSource
{
    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        ChoiceField.Of<UnitSystem>("units", "Units"),
        .. SourceFields.All,
        .. WaterFields.All,
        new InstantField("now", "The time now"),
    ];

    /// <exception cref="BadInputException">A field is out of its range.</exception>
    public static JudgeResponse Compute(JudgeRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Units));
        var water = FieldWater.Check((request.Water ?? new(null, null, null, null, null)) with { VolumeL = 1 }, intake);
        intake.Optional(SourceFields.Conductivity, request.Source?.ConductivityUsCm);
        intake.ThrowIfWrong();
        var judged = SourceJudge.Judge(request.Source, water);
        var stop = judged.Verdict == Verdict.DoNotUse;
        var next = Next(request);
        return new JudgeResponse(
            Verdict: judged.Verdict,
            Words: SourceVerdict.Words(judged.Verdict),
            Explanation: Explain(judged.Verdict),
            Reasons: judged.Reasons,
            Collect: stop ? [] : Collecting.Advice(request.Source?.Kind, request.Source?.Flow),
            VirusesCountAnyway: judged.VirusesCountAnyway,
            Next: next,
            GoOn: !stop ? ""
                : next is null ? "No trip is loaded, or this is its last source: take the next one on the map."
                : $"Go on to {next.Name}: {next.Words}."
        );
    }

    private static string Explain(Verdict verdict) =>
        verdict switch
        {
            Verdict.Use => "Nothing speaks against it. It still needs treating: no look, smell or elevation makes water safe.",
            Verdict.UseWithCare => "It can be made safe. See to the reasons, or prefer another place.",
            Verdict.LastResort => "Only when there is nothing else within reach: clear it well and treat it against everything.",
            _ => "Treating does not help: nothing carried here takes this out, and boiling concentrates most of it.",
        };

    private static NextSource? Next(JudgeRequest request)
    {
        var trip = (request.Trip ?? []).OrderBy(s => s.Source.AlongKm).ToList();
        var here = trip.FindIndex(s => s.Id == request.Source?.Here);
        if (here < 0 || here + 1 >= trip.Count)
        {
            return null;
        }

        var (at, next) = (trip[here].Source, trip[here + 1]);
        var sure = CountryWeather.Of(trip, request.Now, request.Country).Chance(next.Id, next.Source, request.Now);
        var km = (next.Source.AlongKm ?? 0) - (at.AlongKm ?? 0);
        var distance = Speaker.For(request.Units).Of(Quantity.Distance, km);
        var trusted = sure >= SourceReliability.Trusted;
        return new NextSource(
            next.Id,
            next.Source.Name ?? "",
            $"{distance} on, runs with a chance of {SourceReliability.Percent(sure)} %{(trusted ? "" : ", not to be counted on")}",
            sure,
            trusted
        );
    }
}
