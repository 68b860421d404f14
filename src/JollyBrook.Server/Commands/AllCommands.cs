namespace JollyBrook.Server.Commands;

/// <summary>What the program does instead of serving, by its first argument.</summary>
internal static class AllCommands
{
    private static readonly Dictionary<string, Func<IConfiguration, int>> ByName = new()
    {
        [BackupCommand.Name] = BackupCommand.Run,
        [RestoreCommand.Name] = RestoreCommand.Run,
        [VerifyCommand.Name] = VerifyCommand.Run,
        [PeopleCommand.Name] = PeopleCommand.Run,
        [TripsCommand.Name] = TripsCommand.Run,
    };

    /// <returns>How it ended; null when the arguments name no command.</returns>
    public static int? Run(string[] args) =>
        args switch
        {
            [var name, .. var rest] when ByName.TryGetValue(name, out var run) => run(
                new ConfigurationBuilder().AddCommandLine(rest).Build()
            ),
            [['-', ..], ..] or [] => null,
            [var unknown, ..] => StoreFile.Fail(
                $"There is no command '{unknown}'. Known: {string.Join(", ", ByName.Keys)}; without one the server starts."
            ),
        };
}
