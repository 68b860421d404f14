using System.Globalization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Records;

/// <summary>How many records of one kind a backup holds.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Name">What a person calls them.</param>
/// <param name="Count">How many.</param>
public sealed record BackupCount(string Kind, string Name, int Count);

/// <summary>A record of a backup that can't be kept.</summary>
/// <param name="Number">Which one, counted from 1.</param>
/// <param name="Message">What is wrong with it.</param>
public sealed record BackupFault(int Number, string Message);

/// <summary>What a backup holds, and whether it may be taken in.</summary>
/// <param name="Sound">Whether every record can be kept; if not, none is.</param>
/// <param name="Words">The same in a line.</param>
/// <param name="MadeAt">When it was made; null when it does not say.</param>
/// <param name="Counts">What it holds, by kind.</param>
/// <param name="Faults">The first of the records that can't be kept.</param>
/// <param name="FaultCount">How many can't.</param>
public sealed record BackupCheckResponse(
    bool Sound,
    string Words,
    DateTimeOffset? MadeAt,
    IReadOnlyList<BackupCount> Counts,
    IReadOnlyList<BackupFault> Faults,
    int FaultCount
);

/// <summary>Checks a backup whole, before anything is touched.</summary>
public static class CheckBackup
{
    private const int MostFaultsTold = 20;

    /// <exception cref="BadInputException">It is no backup of this program, or of a version this one does not know.</exception>
    public static BackupCheckResponse Compute(BackupFile file)
    {
        ArgumentNullException.ThrowIfNull(file);
        var records = Open(file);
        var counts = new Dictionary<string, int>();
        var seen = new HashSet<(string, Guid)>();
        var faults = new List<BackupFault>();
        for (var i = 0; i < records.Count; i++)
        {
            if (Fault(records[i], seen) is { } message)
            {
                faults.Add(new(i + 1, message));
            }
            else
            {
                counts[records[i].Kind!] = counts.GetValueOrDefault(records[i].Kind!) + 1;
            }
        }

        return new BackupCheckResponse(
            faults.Count == 0,
            Words(records.Count, faults.Count),
            file.MadeAt,
            [.. RecordKinds.All.Where(k => counts.ContainsKey(k.Name)).Select(k => new BackupCount(k.Name, k.Title, counts[k.Name]))],
            [.. faults.Take(MostFaultsTold)],
            faults.Count
        );
    }

    private static IReadOnlyList<BackupEntry> Open(BackupFile file)
    {
        var intake = new Intake(Speaker.Metric);
        if (file.Format != BackupFile.FormatName)
        {
            intake.Refuse(BackupFile.FormatField, "This is not a Jolly Brook backup. Choose a file that was made here under Backup.");
        }
        else if (file.Version != BackupFile.CurrentVersion)
        {
            intake.Refuse(
                BackupFile.VersionField,
                $"This backup is of version {file.Version?.ToString(CultureInfo.InvariantCulture) ?? "unknown"}; "
                    + $"this program reads version {BackupFile.CurrentVersion}. Update the program, or make the backup again."
            );
        }
        else if (file.Records is not { Count: <= BackupFile.MostRecords })
        {
            intake.Refuse(
                BackupFile.RecordsField,
                $"The backup must hold a list of records, at most {BackupFile.MostRecords}. Choose another file."
            );
        }

        intake.ThrowIfWrong();
        return file.Records!;
    }

    private static string? Fault(BackupEntry? entry, HashSet<(string Kind, Guid Id)> seen)
    {
        if (entry?.Kind is not { } name || RecordKinds.Find(name) is not { } kind)
        {
            return $"There is no kind of record called '{Shorten(entry?.Kind)}'.";
        }

        if (entry.Id is not { Version: 7 } id)
        {
            return $"The id of a record under '{name}' must be a version 7 UUID.";
        }

        if (!seen.Add((name, id)))
        {
            return $"The record {id} under '{name}' stands in the file twice.";
        }

        if (entry.Body is not { } body)
        {
            return $"The record {id} under '{name}' has no body.";
        }

        kind.Canonical(body.GetRawText(), entry.Schema, out var problem);
        return problem?.Detail;
    }

    private static string Shorten(string? text) => text is { Length: > 40 } ? text[..40] + "…" : text ?? "";

    private static string Words(int records, int faults) =>
        faults switch
        {
            0 when records == 0 => "The backup is sound, and empty.",
            0 => $"The backup is sound: {Count(records)}.",
            _ => $"{Count(faults)} of {records} can't be kept, so none is taken in.",
        };

    private static string Count(int records) => records == 1 ? "1 record" : $"{records} records";
}
