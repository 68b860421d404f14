using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using JollyBrook.Core.Book;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Records;

namespace JollyBrook.Core.Tests.Records;

/// <summary>Bodies of every schema that ever shipped are read: by small steps, or not at all and said so.</summary>
public class RecordSchemaTests
{
    /// <summary>A kind that has moved twice: litres were once in mL, and a name was once a title.</summary>
    private static readonly RecordSchema Moved = new(
        body =>
        {
            body["litres"] = body["millilitres"]!.GetValue<double>() / 1000;
            body.Remove("millilitres");
        },
        body =>
        {
            body["name"] = body["title"]!.GetValue<string>();
            body.Remove("title");
        }
    );

    [Theory]
    [InlineData(1, """{"title":"Flask","millilitres":750}""")]
    [InlineData(null, """{"title":"Flask","millilitres":750}""")]
    [InlineData(2, """{"title":"Flask","litres":0.75}""")]
    [InlineData(3, """{"name":"Flask","litres":0.75}""")]
    public void Steps_bring_every_earlier_body_up(int? schema, string body)
    {
        Moved.Current.ShouldBe(3);
        JsonNode
            .DeepEquals(JsonNode.Parse(Moved.BringUp(body, schema, out var problem)!), JsonNode.Parse("""{"name":"Flask","litres":0.75}"""))
            .ShouldBeTrue();
        problem.ShouldBeNull();
    }

    [Theory]
    [InlineData(4)]
    [InlineData(0)]
    [InlineData(-1)]
    [InlineData(int.MaxValue)]
    public void A_schema_this_program_does_not_know_is_refused_by_its_field(int schema)
    {
        Moved.BringUp("""{"name":"Flask","litres":0.75}""", schema, out var problem).ShouldBeNull();
        problem!.Type.ShouldBe("/problems/unknown-schema");
        problem.Errors.ShouldHaveSingleItem().Allowed.ShouldBe("1 to 3");
    }

    [Theory]
    [InlineData("""{"title":"Flask","millilit""")]
    [InlineData("[1]")]
    [InlineData("""{"title":"Flask","title":"Cup","millilitres":750}""")]
    public void What_is_no_whole_object_is_refused(string body)
    {
        Moved.BringUp(body, 1, out var problem).ShouldBeNull();
        problem.ShouldNotBeNull();
    }

    [Fact]
    public void A_kind_checks_what_its_steps_made()
    {
        var kind = new RecordKind<PersonSettings>(
            "settings",
            "Settings",
            RecordPlace.Personal,
            1024,
            ContractJson.Default.PersonSettings,
            PersonSettings.Fields,
            PersonSettings.Check
        )
        {
            Schema = new RecordSchema(body =>
            {
                body["theme"] = body["look"]!.DeepClone();
                body.Remove("look");
            }),
        };
        kind.Canonical("""{"look":"dusk"}""", 1, out _).ShouldBe("""{"theme":"dusk"}""");
        kind.Canonical("""{"look":"neon"}""", 1, out var problem).ShouldBeNull();
        problem!.Errors.ShouldHaveSingleItem().Field.ShouldBe("theme");
    }

    public static TheoryData<string> Samples =>
        [
            .. typeof(RecordSchemaTests)
                .Assembly.GetManifestResourceNames()
                .Where(n => n.StartsWith("sample/", StringComparison.Ordinal))
                .Order(),
        ];

    /// <summary>A sample, once written, is never changed: a new shape gets a step and a folder of its own.</summary>
    [Theory]
    [MemberData(nameof(Samples))]
    public void Every_shape_that_ever_shipped_is_read(string sample)
    {
        var (kind, schema, body) = Read(sample);
        var up = kind.Canonical(body, schema, out var problem);
        problem.ShouldBeNull();
        // What a step made is what is written now: bringing it up again changes nothing.
        kind.Canonical(up!, kind.Schema.Current, out _).ShouldBe(up);
    }

    [Fact]
    public void There_is_a_sample_of_every_kind_in_every_schema()
    {
        var there = Samples.Select(s => (string)s).ToHashSet();
        foreach (var kind in RecordKinds.All.SelectMany(Shapes))
        {
            there.ShouldContain(kind);
        }
    }

    [Fact]
    public void A_device_brings_up_what_it_kept_in_order_and_hears_what_could_not_be()
    {
        var (_, _, walker) = Read("sample/1/walker");
        var asked = new BringUpRequest([
            new BackupEntry("walker", null, JsonElement.Parse(walker), 1),
            new BackupEntry("walker", null, JsonElement.Parse("{}"), 9),
            new BackupEntry("yeti", null, null),
        ]);
        var up = BringUpRecords.Compute(asked).Records;
        up[0].Problem.ShouldBeNull();
        JsonElement.DeepEquals(up[0].Body!.Value, JsonElement.Parse(walker)).ShouldBeTrue();
        up[1].ShouldSatisfyAllConditions(u => u.Body.ShouldBeNull(), u => u.Schema.ShouldBe(9), u => u.Problem!.ShouldContain("Update"));
        up[2].Body.ShouldBeNull();
    }

    private static IEnumerable<string> Shapes(RecordKind kind)
    {
        var names =
            kind.BodyType == typeof(KitItem) || kind.BodyType == typeof(BookLine)
                ? kind
                    .BodyType.GetCustomAttributes(typeof(JsonDerivedTypeAttribute), false)
                    .Cast<JsonDerivedTypeAttribute>()
                    .Select(d => $"{kind.Name}.{d.TypeDiscriminator}")
                : [kind.Name];
        return names.SelectMany(name =>
            Enumerable.Range(RecordSchema.First, kind.Schema.Current).Select(schema => $"sample/{schema}/{name}")
        );
    }

    private static (RecordKind Kind, int Schema, string Body) Read(string sample)
    {
        var parts = sample.Split('/');
        using var stream = typeof(RecordSchemaTests).Assembly.GetManifestResourceStream(sample)!;
        using var reader = new StreamReader(stream);
        return (
            RecordKinds.Find(parts[2].Split('.')[0])!,
            int.Parse(parts[1], System.Globalization.CultureInfo.InvariantCulture),
            reader.ReadToEnd()
        );
    }
}
