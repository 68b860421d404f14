using System.Collections.Concurrent;
using JollyBrook.Core.Contract;

namespace JollyBrook.Server.Accounts;

/// <summary>Too many tries; the rest waits.</summary>
/// <param name="wait">How long.</param>
public sealed class TooManyTriesException(TimeSpan wait) : Exception("Too many tries.")
{
    /// <summary>How long until the next try.</summary>
    public TimeSpan Wait { get; } = wait;

    /// <summary>In words, with the seconds to wait.</summary>
    public Problem Problem =>
        new(
            "/problems/too-many-tries",
            "Too many tries.",
            429,
            $"Too many tries at this name from here. Wait {Math.Ceiling(Wait.TotalMinutes)} min, or "
                + "sign in from another place; a recovery code still works.",
            []
        );
}

/// <summary>
/// Tries at a name's secret, counted by name and address together: who knows a name can't keep its person out. A try is counted when it
/// begins, so that many at once are as many; a right one wipes the count.
/// </summary>
public sealed class NameTries(TimeProvider time)
{
    /// <summary>Tries before there is a wait.</summary>
    public const int Most = 5;

    /// <summary>How long a try counts.</summary>
    public static readonly TimeSpan Counts = TimeSpan.FromMinutes(5);

    /// <summary>Names and addresses remembered at most; the oldest go first.</summary>
    private const int MostRemembered = 20_000;

    private readonly ConcurrentDictionary<string, Tries> _tries = new();

    /// <exception cref="TooManyTriesException">There were too many already.</exception>
    public void Begin(string secret, string name, string address)
    {
        var now = time.GetUtcNow();
        Forget();
        var tries = _tries.AddOrUpdate(
            Key(secret, name, address),
            _ => new Tries(1, now),
            (_, t) => now - t.Since >= Counts ? new Tries(1, now) : t with { Count = t.Count + 1 }
        );
        if (tries.Count > Most)
        {
            throw new TooManyTriesException(tries.Since + Counts - now);
        }
    }

    /// <summary>It was the right one.</summary>
    public void Right(string secret, string name, string address) => _tries.TryRemove(Key(secret, name, address), out _);

    private void Forget()
    {
        if (_tries.Count < MostRemembered)
        {
            return;
        }

        foreach (var (key, _) in _tries.OrderBy(t => t.Value.Since).Take(MostRemembered / 4))
        {
            _tries.TryRemove(key, out _);
        }
    }

    private static string Key(string secret, string name, string address) => $"{secret}\n{PersonNames.Sameness(name)}\n{address}";

    private sealed record Tries(int Count, DateTimeOffset Since);
}
