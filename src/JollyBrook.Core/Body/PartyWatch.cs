using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body;

/// <summary>A walker of the party and their day.</summary>
/// <param name="Id">The walker.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Day">Their day so far.</param>
public sealed record PartyMember(Guid? Id, string? Name, WatchRequest? Day);

/// <summary>The whole party's day.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Members">Who walks.</param>
public sealed record PartyWatchRequest(UnitSystem? Units, IReadOnlyList<PartyMember>? Members = null);

/// <summary>How one walker stands within the party.</summary>
/// <param name="Id">The walker.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Watch">How they stand; null where their details are not enough to tell.</param>
/// <param name="Missing">What is missing or can't be right, where it is null.</param>
public sealed record MemberStanding(Guid? Id, string Name, WatchResponse? Watch, string? Missing);

/// <summary>The party, the weakest first.</summary>
/// <param name="Members">Everybody; who can't be told comes before who is known to be well.</param>
/// <param name="LookFirst">Whose signs to look for now; null while nobody's are due.</param>
public sealed record PartyWatchResponse(IReadOnlyList<MemberStanding> Members, MemberStanding? LookFirst);

/// <summary>The calculation "party-watch": everybody's water through the day, the weakest first (handbook room 95).</summary>
public static class PartyWatch
{
    /// <exception cref="BadInputException">Never: a walker whose details are wrong is listed with what is wrong.</exception>
    public static PartyWatchResponse Compute(PartyWatchRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        List<MemberStanding> members =
        [
            .. (request.Members ?? [])
                .Select(m => Standing(m, request.Units))
                .OrderByDescending(Rank)
                .ThenByDescending(m => m.Watch?.DeficitPercent ?? 0)
                .ThenBy(m => m.Name, StringComparer.Ordinal)
                .ThenBy(m => m.Id),
        ];
        return new PartyWatchResponse(members, members.Find(m => m.Watch is { IsLookDue: true }));
    }

    private static MemberStanding Standing(PartyMember member, UnitSystem? units)
    {
        var name = member.Name is { Length: > 0 } given ? given : "Walker";
        try
        {
            return new MemberStanding(
                member.Id,
                name,
                BodyWatch.Compute((member.Day ?? new WatchRequest(units, null)) with { Units = units }),
                null
            );
        }
        catch (BadInputException wrong)
        {
            return new MemberStanding(member.Id, name, null, wrong.Errors[0].Message);
        }
    }

    /// <summary>Not known counts as short of water.</summary>
    private static int Rank(MemberStanding member) => (int)(member.Watch?.State ?? WaterState.RunningShort);
}
