using JollyBrook.Core.Units;

namespace JollyBrook.Core.Body.Sips;

/// <summary>Water that may be drunk and whose level can't be seen.</summary>
/// <param name="Id">Its container.</param>
/// <param name="Name">What that is called.</param>
/// <param name="Litres">What the log says is in it, L, 0 to 200.</param>
/// <param name="Since">When that was last known.</param>
/// <param name="DrinkerId">Who drinks from it; null where that is not known: it then counts as the thirstiest of the party.</param>
public sealed record HiddenWater(Guid Id, string? Name, double? Litres, DateTimeOffset? Since, Guid? DrinkerId = null);

/// <summary>Hidden water, and who drinks.</summary>
/// <param name="Units">The units that words are put in; metric when left out.</param>
/// <param name="Now">The time now.</param>
/// <param name="Hidden">What can't be seen.</param>
/// <param name="Members">Who walks, and their day so far.</param>
public sealed record SipsRequest(
    UnitSystem? Units,
    DateTimeOffset? Now,
    IReadOnlyList<HiddenWater>? Hidden = null,
    IReadOnlyList<PartyMember>? Members = null
);

/// <summary>A reminder to drink from one of them.</summary>
/// <param name="ContainerId">From which.</param>
/// <param name="WalkerId">Who; null where that is not known.</param>
/// <param name="Headline">What to do now, or when next.</param>
/// <param name="Words">How much how often, and how long it lasts.</param>
/// <param name="DueL">What should have gone out of it since its level was last known, L, in steps of 0.05.</param>
/// <param name="IsDue">Whether that is a reminder's worth.</param>
/// <param name="NextAt">When it is, or was.</param>
/// <param name="EmptyAt">When it is empty, drunk as it should be; null while nothing is lost.</param>
public sealed record SipReminder(
    Guid ContainerId,
    Guid? WalkerId,
    string Headline,
    string Words,
    double DueL,
    bool IsDue,
    DateTimeOffset NextAt,
    DateTimeOffset? EmptyAt
);

/// <summary>Every reminder, what is due first.</summary>
public sealed record SipsResponse(IReadOnlyList<SipReminder> Reminders);
