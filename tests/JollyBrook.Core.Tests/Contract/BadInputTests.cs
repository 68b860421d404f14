using System.Text.Json;

namespace JollyBrook.Core.Tests.Contract;

/// <summary>What cannot be right is answered by field, with the range and what to do.</summary>
public class BadInputTests
{
    private static JsonElement Problem(string request, string name = "treat", int status = 400)
    {
        var outcome = Calculations.Run(name, request);
        outcome.Status.ShouldBe(status, outcome.Json);
        return JsonDocument.Parse(outcome.Json).RootElement;
    }

    private static string Water(string fields) =>
        """{"method":"boil","water":{FIELDS}}""".Replace("FIELDS", fields, StringComparison.Ordinal);

    [Theory]
    [InlineData("\"volumeL\":0", "water.volumeL", "Water in the container must be 0.05 to 200 L; this says 0 L.")]
    [InlineData("\"volumeL\":-1", "water.volumeL", "this says -1 L.")]
    [InlineData("\"volumeL\":400", "water.volumeL", "this says 400 L.")]
    [InlineData("\"volumeL\":1e999", "water.volumeL", "must be a number, 0.05 to 200 L.")]
    [InlineData("\"volumeL\":\"NaN\"", "water.volumeL", "must be a number, 0.05 to 200 L.")]
    [InlineData("\"volumeL\":\"a litre\"", "water.volumeL", "must be a number, 0.05 to 200 L.")]
    [InlineData("\"clarity\":\"clear\"", "water.volumeL", "Water in the container is missing.")]
    [InlineData("\"volumeL\":1,\"temperatureC\":80", "water.temperatureC", "Water temperature must be 0 to 40 °C; this says 80 °C.")]
    [InlineData("\"volumeL\":1,\"elevationM\":12000", "water.elevationM", "Elevation must be -430 to 9000 m; this says 12\u202f000 m.")]
    [InlineData("\"volumeL\":1,\"clarity\":\"milky\"", "water.clarity", "Clarity must be one of: unknown, clear,")]
    [InlineData("\"volumeL\":1,\"clarity\":3", "water.clarity", "Clarity must be one of:")]
    public void Names_the_field_and_what_is_allowed(string fields, string field, string message)
    {
        var error = Problem(Water(fields)).GetProperty("errors").EnumerateArray().Single();
        error.GetProperty("field").GetString().ShouldBe(field);
        error.GetProperty("message").GetString()!.ShouldContain(message);
        error.GetProperty("allowed").GetString().ShouldNotBeNullOrEmpty();
    }

    /// <summary>Also what no field describes: in lists, in requests within requests, and of several kinds.</summary>
    [Theory]
    [InlineData("search-water", "{\"seen\":[{\"sign\":\"birds\"},{\"sign\":\"ufo\"}]}", "seen[1].sign", "one of: valleyFloor, slopeFold,")]
    [InlineData("top-up", "{\"batch\":{\"water\":{\"clarity\":\"thick\"}}}", "batch.water.clarity", "one of: unknown, clear,")]
    [InlineData("from-here", "{\"plan\":{\"route\":{\"name\":7}}}", "plan.route.name", "text")]
    [InlineData("from-here", "{\"plan\":{\"now\":\"noon\"}}", "plan.now", "an instant, as in 2026-08-21T17:00:00+01:00")]
    [InlineData("party-watch", "{\"members\":[{\"id\":\"me\"}]}", "members[0].id", "a UUID")]
    [InlineData("party-watch", "{\"members\":7}", "members", "a list")]
    [InlineData("kit-check", "{\"trip\":{\"firstDay\":\"soon\"}}", "trip.firstDay", "a day, as in 2026-08-21")]
    [InlineData("choose-kit", "{\"ownedOnly\":\"maybe\"}", "ownedOnly", "true or false")]
    [InlineData("spare", "{\"need\":[]}", "need", "an object")]
    [InlineData("top-up", "{\"steps\":[{\"minutes\":\"x\"}]}", "steps[0].minutes", "a number")]
    [InlineData("spare", "{\"kit\":[{\"item\":{\"kind\":\"dream\"}}]}", "kit[0].item.kind", "one of: container,")]
    [InlineData("spare", "{\"kit\":[{\"item\":{\"name\":\"P\"}}]}", "kit[0].item", "one of: container,")]
    public void Names_any_place_and_what_it_takes(string name, string request, string field, string allowed)
    {
        var error = Problem(request, name).GetProperty("errors").EnumerateArray().Single();
        error.GetProperty("field").GetString().ShouldBe(field);
        error.GetProperty("allowed").GetString()!.ShouldStartWith(allowed);
        error.GetProperty("message").GetString()!.ShouldContain(allowed);
    }

    [Fact]
    public void Says_everything_that_is_wrong_at_once() =>
        Problem("""{"method":"snake-oil","water":{"volumeL":400,"temperatureC":80,"elevationM":12000}}""")
            .GetProperty("errors")
            .EnumerateArray()
            .Select(e => e.GetProperty("field").GetString())
            .ShouldBe(["water.volumeL", "water.temperatureC", "water.elevationM", "method"]);

    [Fact]
    public void Speaks_the_travellers_units() =>
        Problem("""{"units":"us","method":"boil","water":{"volumeL":1,"temperatureC":80}}""")
            .GetProperty("detail")
            .GetString()!
            .ShouldContain("must be 32 to 104 °F; this says 176 °F");

    [Theory]
    [InlineData("""{"method":"boil","water":{"volumeL":1""")]
    [InlineData("""{"method":"boil","water":{"volumeL":NaN}}""")]
    [InlineData("")]
    [InlineData("[1]")]
    public void Broken_json_is_told_apart(string request) =>
        Problem(request).GetProperty("type").GetString().ShouldBe("/problems/unreadable");

    [Fact]
    public void An_unknown_calculation_lists_the_known() =>
        Problem("{}", "divine", 404).GetProperty("detail").GetString()!.ShouldContain("treat");

    [Theory]
    [InlineData("nadcc-8.5", "\"ph\":9.5", "chemical.ph")]
    [InlineData("bleach", "\"bleachStrengthPercent\":12", "chemical.bleachStrengthPercent")]
    [InlineData("bleach", "\"bleachAgeMonths\":-1", "chemical.bleachAgeMonths")]
    [InlineData("bleach", "\"dropCount\":{\"drops\":200,\"millilitres\":1}", "chemical.dropCount.drops")]
    public void Product_fields_are_checked(string method, string options, string field) =>
        Problem(
                """{"method":"METHOD","water":{"volumeL":1},"chemical":{OPTIONS}}"""
                    .Replace("METHOD", method, StringComparison.Ordinal)
                    .Replace("OPTIONS", options, StringComparison.Ordinal)
            )
            .GetProperty("errors")[0]
            .GetProperty("field")
            .GetString()
            .ShouldBe(field);
}
