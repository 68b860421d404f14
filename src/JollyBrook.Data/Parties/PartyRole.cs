using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;

namespace JollyBrook.Data.Parties;

/// <summary>What a person may do in a trip's book.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<PartyRole>))]
public enum PartyRole
{
    /// <summary>Reads.</summary>
    Follower,

    /// <summary>Logs and plans.</summary>
    Member,

    /// <summary>Also invites, removes and names the trip. One a trip.</summary>
    Keeper,
}
