using System.Text.Json;
using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Records;

/// <summary>How a backup is taken in.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<RestoreMode>))]
public enum RestoreMode
{
    /// <summary>What is missing is added; what is here stays as it is.</summary>
    Merge,

    /// <summary>The book becomes what the file says; what is not in it is taken out.</summary>
    Replace,
}

/// <summary>One record of a backup.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id, a version 7 UUID.</param>
/// <param name="Body">Its body, as the kind has it.</param>
/// <param name="Schema">The schema the body is written in; null counts as the first.</param>
public sealed record BackupEntry(string? Kind, Guid? Id, JsonElement? Body, int? Schema = null);

/// <summary>A whole book in one file.</summary>
/// <param name="Format"><see cref="FormatName"/>.</param>
/// <param name="Version"><see cref="CurrentVersion"/>.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Records">Every record, oldest first.</param>
public sealed record BackupFile(string? Format, int? Version, DateTimeOffset? MadeAt, IReadOnlyList<BackupEntry>? Records)
{
    /// <summary>What the file says it is.</summary>
    public const string FormatName = "jolly-brook-backup";

    /// <summary>The version that is written; older ones are read.</summary>
    public const int CurrentVersion = 1;

    /// <summary>The most records a file may hold.</summary>
    public const int MostRecords = ListLimits.MostRecords;

    internal static readonly ChoiceField FormatField = new("format", "Format of the file", [FormatName]);

    internal static readonly ChoiceField VersionField = new(
        "version",
        "Version of the file",
        [CurrentVersion.ToString(System.Globalization.CultureInfo.InvariantCulture)]
    );

    internal static readonly ChoiceField RecordsField = new("records", "Records of the file", [$"a list of up to {MostRecords} records"]);

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields =
    [
        FormatField,
        VersionField,
        new InstantField("madeAt", "When it was made"),
        RecordsField,
    ];
}
