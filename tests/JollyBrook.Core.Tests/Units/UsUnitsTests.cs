using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Units;

/// <summary>Whose thermometer shows °F is told °F: alone, or beside °C where the words are the same for everybody.</summary>
public sealed partial class UsUnitsTests
{
    public static TheoryData<string> Names => [.. Calculations.All.Select(c => c.Name)];

    /// <summary>
    /// Asked with nothing but the units, each answers with its defaults, or with what it misses and how that is found out.
    /// </summary>
    [Theory]
    [MemberData(nameof(Names))]
    public void No_answer_and_no_problem_speaks_of_celsius_alone(string name) =>
        InCelsiusAlone(Calculations.Run(name, """{"units":"us"}""").Json).ShouldBeEmpty();

    [Fact]
    public void Nor_do_a_pot_held_below_the_boil_an_empty_trip_or_melted_snow()
    {
        TreatResponse Boil(BoilSchool school) =>
            Ask.Boil(Ask.Water(1, temperatureC: null), new BoilOptions(school, HeldC: 70, Thermometer: true), UnitSystem.Us);
        var plan = Plan.Compute(Routes.Level(20, ("Spring", 8, 0.98)) with { Units = UnitSystem.Us });
        foreach (var json in new[] { Json(Boil(BoilSchool.Pasteurise)), Json(Boil(BoilSchool.OneOrThree)), Json(plan) })
        {
            InCelsiusAlone(json).ShouldBeEmpty();
        }

        // 70 °C × 1.8 + 32
        Boil(BoilSchool.Pasteurise).Steps.ShouldContain(s => s.Title == "Heat to 158 °F by the thermometer");
    }

    private static string Json<T>(T answer) => JsonSerializer.Serialize(answer, AnswerJson.Default.Options);

    /// <summary>
    /// Every sentence with °C that is not followed by °F in brackets; formulas are written in the units they are published in.
    /// </summary>
    private static List<string> InCelsiusAlone(string json)
    {
        List<string> found = [];
        void Look(JsonNode? node, string? name)
        {
            if (node is JsonObject thing)
            {
                thing.Where(p => p.Key is not ("working" or "formula")).ToList().ForEach(p => Look(p.Value, p.Key));
            }
            else if (node is JsonArray list)
            {
                list.ToList().ForEach(item => Look(item, name));
            }
            else if (node is JsonValue value && value.TryGetValue<string>(out var text) && CelsiusAlone().IsMatch(text))
            {
                found.Add($"{name}: {text}");
            }
        }

        Look(JsonNode.Parse(json), null);
        return found;
    }

    [GeneratedRegex(@"°C(?! \(−?[\d.]+ °F\))")]
    private static partial Regex CelsiusAlone();
}
