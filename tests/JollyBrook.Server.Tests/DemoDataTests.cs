using System.Text.Json;

namespace JollyBrook.Server.Tests;

public class DemoDataTests : IDisposable
{
    private readonly RunningServer _server = new(demo: true);

    public void Dispose() => _server.Dispose();

    [Fact]
    public async Task Every_demo_record_would_be_taken_from_a_page()
    {
        List<JsonElement> records = [];
        foreach (var book in _server.Owner.About.GetProperty("books").EnumerateArray())
        {
            records.AddRange((await _server.Owner.ChangesAsync(book.GetProperty("id").GetGuid())).GetProperty("records").EnumerateArray());
        }

        records.Count(r => r.GetProperty("kind").GetString() == "batch").ShouldBe(5);
        foreach (var record in records)
        {
            var kind = Core.Records.RecordKinds.Find(record.GetProperty("kind").GetString()!)!;
            kind.Check(record.GetProperty("body").GetRawText()).ShouldBeNull();
        }
    }

    [Fact]
    public async Task It_is_written_once()
    {
        var before = (await _server.ChangesAsync()).GetProperty("revision").GetInt64();
        _server.Restart();
        (await _server.ChangesAsync()).GetProperty("revision").GetInt64().ShouldBe(before);
    }

    [Fact]
    public async Task Own_data_starts_empty()
    {
        using var own = new RunningServer();
        (await own.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(0);
        JsonDocument.Parse(await own.Client.GetStringAsync("/api/about")).RootElement.GetProperty("demo").GetBoolean().ShouldBeFalse();
    }
}
