using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Carry.Here;

/// <summary>A container that may be filled.</summary>
/// <param name="Id">The kit item.</param>
/// <param name="Name">Its name.</param>
/// <param name="RoomL">Room left in it, L.</param>
public sealed record FreeRoom(string? Id, string? Name, double? RoomL);

/// <summary>Where a party stands on its walk, and what it has.</summary>
/// <param name="Plan">The trip with everything as it is now: sources as they were found, the kit as it is left.</param>
/// <param name="AlongKm">Where it stands, km along, 0 to 5 000.</param>
/// <param name="InHandL">Litres that may be drunk, L, 0 to 200.</param>
/// <param name="Free">Containers with room, in the order they are to be filled.</param>
/// <param name="Before">The plan as it was made, before anything was found; null compares with nothing.</param>
public sealed record FromHereRequest(
    PlanRequest? Plan,
    double? AlongKm,
    double? InHandL,
    IReadOnlyList<FreeRoom>? Free = null,
    PlannedBefore? Before = null
);

/// <summary>What to do where one stands.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<HereAct>))]
public enum HereAct
{
    /// <summary>Stop here and take water.</summary>
    Stop,

    /// <summary>There is water here, and no need of it.</summary>
    WalkBy,

    /// <summary>No water here: on to the next.</summary>
    WalkOn,

    /// <summary>What is in hand does not reach the next water.</summary>
    TooLittle,
}

/// <summary>So much into one container.</summary>
public sealed record BottleFill(string Id, string Name, double Litres);

/// <summary>The next water on the way.</summary>
/// <param name="Id">The source.</param>
/// <param name="Name">Its name.</param>
/// <param name="AlongKm">km along the trip.</param>
/// <param name="OnKm">How far on, km.</param>
/// <param name="Hours">How long that takes, h.</param>
/// <param name="Chance">That it runs, 0 to 1.</param>
/// <param name="InHandL">In hand there, L.</param>
/// <param name="Words">In a line.</param>
public sealed record NextWater(
    string Id,
    string Name,
    double AlongKm,
    double OnKm,
    double Hours,
    double Chance,
    double InHandL,
    string Words
);

/// <summary>How far on one may go and still get back to water.</summary>
/// <param name="ToName">The water behind.</param>
/// <param name="AlongKm">The last place to turn, km along; null where even from here it does not reach.</param>
/// <param name="By">When that is reached; null with it.</param>
/// <param name="Words">In a line.</param>
public sealed record TurnBack(string ToName, double? AlongKm, DateTimeOffset? By, string Words);

/// <summary>What to do from here.</summary>
/// <param name="Headline">The answer.</param>
/// <param name="Act">What kind of answer it is.</param>
/// <param name="AlongKm">Where that is, km along.</param>
/// <param name="Here">The water here and what to do at it; null where there is none.</param>
/// <param name="Assumed">What the answer goes by that nobody has said: that the water here runs; null where there is no such thing.</param>
/// <param name="Bottles">Into which containers what is taken goes.</param>
/// <param name="NoRoomL">What there is no room for, L; 0 when all fits.</param>
/// <param name="ReadyAt">When what is taken is drinkable; null where nothing is, or no time can be given.</param>
/// <param name="Next">The next water; null when there is none before the finish.</param>
/// <param name="TurnBack">How far one may go and still get back; null at the start, or with no sure water behind.</param>
/// <param name="Changes">What is otherwise than planned, and what follows.</param>
/// <param name="Ahead">The stops that are left, km along the whole trip.</param>
/// <param name="Promise">How sure the rest is.</param>
/// <param name="Cautions">What to heed.</param>
public sealed record FromHereResponse(
    string Headline,
    HereAct Act,
    double AlongKm,
    PlanStop? Here,
    string? Assumed,
    IReadOnlyList<BottleFill> Bottles,
    double NoRoomL,
    DateTimeOffset? ReadyAt,
    NextWater? Next,
    TurnBack? TurnBack,
    IReadOnlyList<string> Changes,
    IReadOnlyList<PlanStop> Ahead,
    PlanPromise Promise,
    IReadOnlyList<Caution> Cautions
);
