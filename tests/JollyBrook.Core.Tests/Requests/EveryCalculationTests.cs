using System.Text.Json;
using CsCheck;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Requests;

/// <summary>What holds of every calculation, whatever is asked of it.</summary>
public sealed class EveryCalculationTests
{
    private const int Requests = 2_500;

    private static readonly Lazy<IReadOnlyList<(string Name, string Json)>> Drawn = new(Draw);

    private static readonly Lazy<IReadOnlyList<(int Status, string Json)>> Answers = new(() => [.. Drawn.Value.Select(Run)]);

    /// <summary>What is drawn reaches all of them: a calculation that the two hosts never met would differ unseen.</summary>
    [Fact]
    public void Each_is_asked_and_answers()
    {
        var answered = Drawn.Value.Zip(Answers.Value).Where(a => a.Second.Status == 200).Select(a => a.First.Name).ToHashSet();
        var silent = Calculations.All.Select(c => c.Name).Except(answered).ToHashSet();
        // The rarest may all have been refused by chance: drawn again, a few times over.
        for (var again = 0; again < 8 && silent.Count > 0; again++)
        {
            silent.ExceptWith(Draw().Where(r => silent.Contains(r.Name) && Run(r).Status == 200).Select(r => r.Name).ToList());
        }

        silent.ShouldBeEmpty();
    }

    /// <summary>Nothing is remembered from one to the next, and nothing shared between two at once.</summary>
    [Fact]
    public void The_same_request_gets_the_same_answer_at_any_time_and_beside_any_other()
    {
        var again = new string[Drawn.Value.Count];
        Parallel.For(0, again.Length, i => again[^(i + 1)] = Run(Drawn.Value[^(i + 1)]).Json);
        for (var i = 0; i < again.Length; i++)
        {
            again[i].ShouldBe(Answers.Value[i].Json, Drawn.Value[i].Json);
        }
    }

    /// <summary>A person's units are how an answer is told, not what it is: no dose, wait or litre hangs on them.</summary>
    [Fact]
    public void Units_change_words_alone()
    {
        // What the catalogue tells of units are their figures; a drill and the quiz set their scenes in both.
        string[] ofUnits = ["catalogue"];
        foreach (var (name, json) in Drawn.Value.Where(r => !ofUnits.Contains(r.Name)))
        {
            if (AskedIn.Units(UnitSystem.Metric, name, json) is { } metric && AskedIn.Units(UnitSystem.Us, name, json) is { } us)
            {
                Different(Run((name, metric)).Json, Run((name, us)).Json, words: false).ShouldBeEmpty(us);
            }
        }
    }

    /// <summary>Said not to be known, left empty or left out: all three count the same.</summary>
    [Fact]
    public void Unknown_empty_and_left_out_are_one()
    {
        var differences = Drawn
            .Value.Zip(Answers.Value)
            .Select(r => (r.First, r.Second.Json, LeftOut: AskedIn.LeftOut(r.First.Json)))
            .Where(r => r.LeftOut is not null)
            .SelectMany(r =>
                Different(r.Json, Run((r.First.Name, r.LeftOut!)).Json, words: true).Take(1).Select(d => $"{r.First.Name} {d}")
            );
        differences.ShouldBeEmpty();
    }

    /// <summary>What things are called is how they are told: two of one name are two, and no figure hangs on it.</summary>
    [Fact]
    public void Names_change_words_alone()
    {
        foreach (var (name, json) in Drawn.Value)
        {
            if (AskedIn.Named(json, _ => "Alike") is { } alike && AskedIn.Named(json, i => $"Name {i}") is { } apart)
            {
                Different(Run((name, alike)).Json, Run((name, apart)).Json, words: false).ShouldBeEmpty(alike);
            }
        }
    }

    /// <summary>Bad input names the field, and says what is allowed or what to do.</summary>
    [Fact]
    public void Whatever_is_refused_says_which_field_and_what_is_allowed()
    {
        var refused = Answers.Value.Where(a => a.Status != 200).ToList();
        refused.ShouldNotBeEmpty();
        foreach (var (status, json) in refused)
        {
            status.ShouldBe(400, json);
            using var problem = JsonDocument.Parse(json);
            var errors = problem.RootElement.GetProperty("errors").EnumerateArray().ToList();
            (errors.Count > 0 || problem.RootElement.GetProperty("detail").GetString() is { Length: > 0 }).ShouldBeTrue(json);
            foreach (var error in errors)
            {
                error.GetProperty("field").GetString().ShouldNotBeNullOrWhiteSpace(json);
                error.GetProperty("message").GetString()!.ShouldEndWith(".", Case.Sensitive, json);
                error.GetProperty("allowed").GetString().ShouldNotBeNullOrWhiteSpace(json);
            }
        }
    }

    private static IReadOnlyList<(string Name, string Json)> Draw() =>
        [.. RequestGen.Any.Array[Requests].Single().Where(r => Calculations.All.Any(c => c.Name == r.Name))];

    private static (int Status, string Json) Run((string Name, string Json) request)
    {
        var outcome = Calculations.Run(request.Name, request.Json);
        return (outcome.Status, outcome.Json);
    }

    /// <summary>Where two answers differ in shape or figures, and where asked, in words.</summary>
    private static IEnumerable<string> Different(string one, string other, bool words)
    {
        using var a = JsonDocument.Parse(one);
        using var b = JsonDocument.Parse(other);
        return [.. Different(a.RootElement, b.RootElement, "$", words)];
    }

    private static IEnumerable<string> Different(JsonElement a, JsonElement b, string path, bool words)
    {
        if (a.ValueKind != b.ValueKind || a.ValueKind == JsonValueKind.Array && a.GetArrayLength() != b.GetArrayLength())
        {
            return [$"{path}: {a} or {b}"];
        }

        return a.ValueKind switch
        {
            JsonValueKind.Object => a.EnumerateObject()
                .Zip(b.EnumerateObject())
                .SelectMany(p =>
                    p.First.Name == p.Second.Name
                        ? Different(p.First.Value, p.Second.Value, $"{path}.{p.First.Name}", words)
                        : [$"{path}.{p.First.Name}"]
                ),
            JsonValueKind.Array => a.EnumerateArray()
                .Zip(b.EnumerateArray())
                .SelectMany(p => Different(p.First, p.Second, $"{path}[]", words)),
            JsonValueKind.String when !words => [],
            _ => a.GetRawText() == b.GetRawText() ? [] : [$"{path}: {a} or {b}"],
        };
    }
}
