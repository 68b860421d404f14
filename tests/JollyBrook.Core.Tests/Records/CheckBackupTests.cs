using System.Text.Json;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Records;

namespace JollyBrook.Core.Tests.Records;

public class CheckBackupTests
{
    private static readonly Guid Id = Guid.Parse("01980000-0000-7000-8000-000000000001");

    private static BackupEntry Entry(string body, string? kind = "kit-item", Guid? id = null) =>
        new(kind, id ?? Guid.CreateVersion7(), JsonSerializer.Deserialize<JsonElement>(body));

    private static BackupEntry Bottle(Guid? id = null) => Entry("""{"kind":"container","name":"Bottle","volumeL":1}""", id: id);

    private static BackupCheckResponse Check(params BackupEntry?[] records) =>
        CheckBackup.Compute(new BackupFile(BackupFile.FormatName, BackupFile.CurrentVersion, null, [.. records!]));

    [Fact]
    public void A_sound_file_says_what_it_holds()
    {
        var check = Check(Bottle(), Bottle(), Entry("""{"name":"Seep","class":"seep","alongKm":3}""", "trip-source"));
        check.Sound.ShouldBeTrue();
        check.Words.ShouldBe("The backup is sound: 3 records.");
        check.Counts.ShouldBe([new("kit-item", "Pieces of kit", 2), new("trip-source", "Sources", 1)]);
        Check().Words.ShouldBe("The backup is sound, and empty.");
    }

    [Fact]
    public void Every_record_is_held_to_its_kinds_own_rules()
    {
        var check = Check(Bottle(), Entry("""{"kind":"container","name":"Bottle","volumeL":-1}"""), Entry("7"), Entry("{}", "potion"));
        check.Sound.ShouldBeFalse();
        check.FaultCount.ShouldBe(3);
        check.Faults.Select(f => f.Number).ShouldBe([2, 3, 4]);
        check.Faults[0].Message.ShouldStartWith("Volume must be");
        check.Words.ShouldBe("3 records of 4 can't be kept, so none is taken in.");
    }

    [Fact]
    public void An_id_stands_once_and_is_of_the_kind_that_sorts_by_time()
    {
        Check(Bottle(Id), Bottle(Id)).Faults.ShouldHaveSingleItem().Message.ShouldContain("twice");
        Check(Bottle(Guid.NewGuid())).Faults.ShouldHaveSingleItem().Message.ShouldContain("version 7 UUID");
        Check([null]).Faults.ShouldHaveSingleItem().Number.ShouldBe(1);
    }

    [Fact]
    public void Only_the_first_twenty_faults_are_told_and_all_are_counted()
    {
        var check = Check([.. Enumerable.Range(0, 500).Select(_ => Entry("{}"))]);
        (check.Faults.Count, check.FaultCount).ShouldBe((20, 500));
    }

    [Theory]
    [InlineData("other", 1, "format")]
    [InlineData("jolly-brook-backup", 2, "version")]
    [InlineData("jolly-brook-backup", null, "version")]
    public void Another_format_or_version_is_refused_by_name(string format, int? version, string field) =>
        Should
            .Throw<BadInputException>(() => CheckBackup.Compute(new BackupFile(format, version, null, [])))
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe(field);

    [Fact]
    public void A_file_without_records_is_none() =>
        Should
            .Throw<BadInputException>(() => CheckBackup.Compute(new BackupFile(BackupFile.FormatName, 1, null, null)))
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("records");
}
