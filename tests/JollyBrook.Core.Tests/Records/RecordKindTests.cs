using JollyBrook.Core.Records;

namespace JollyBrook.Core.Tests.Records;

public class RecordKindTests
{
    [Theory]
    [InlineData("kit-item", """{"kind":"container","name":"Bottle","volumeL":1}""", null)]
    [InlineData("kit-item", """{"kind":"container","name":"","volumeL":1}""", "name")]
    [InlineData("kit-item", """{"kind":"container","name":"Bottle","volumeL":0}""", "volumeL")]
    [InlineData("kit-item", """{"kind":"pot","name":"Pot","volumeL":1}""", "massKg")]
    [InlineData(
        "batch-event",
        """{"batchId":"01a20b7b-e3c2-74a2-848c-b87c5b442bf5","kind":"done","at":"2026-08-21T14:00:00Z"}""",
        "stepId"
    )]
    [InlineData(
        "batch-event",
        """{"batchId":"01a20b7b-e3c2-74a2-848c-b87c5b442bf5","kind":"discarded","at":"2026-08-21T14:00:00Z"}""",
        null
    )]
    [InlineData("batch-event", """{"batchId":"x","kind":"done","stepId":"dose","at":"2026-08-21T14:00:00Z"}""", "batchId")]
    [InlineData("batch", """{"container":"Bottle","startedAt":"2026-08-21T14:00:00Z","request":{}}""", "answer")]
    [InlineData("settings", """{"units":"us","theme":"dusk","countViruses":true,"shortcuts":true}""", null)]
    [InlineData("settings", """{"units":"imperial"}""", "units")]
    public void Bodies_are_checked_before_anything_is_kept(string kind, string body, string? wrong) =>
        RecordKinds.Find(kind)!.Check(body)?.Errors[0].Field.ShouldBe(wrong);

    [Fact]
    public void The_log_only_appends()
    {
        RecordKinds.Find("batch")!.AppendOnly.ShouldBeTrue();
        RecordKinds.Find("batch-event")!.AppendOnly.ShouldBeTrue();
        RecordKinds.Find("settings")!.AppendOnly.ShouldBeFalse();
    }
}
