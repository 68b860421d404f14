using JollyBrook.Data.Parties;

namespace JollyBrook.Server.Parties;

/// <summary>A trip's name.</summary>
public sealed record TripName(string? Name);

/// <summary>A role to give.</summary>
public sealed record RoleGiven(PartyRole? Role);

/// <summary>An invitation that can still be used.</summary>
/// <param name="Id">Which.</param>
/// <param name="Role">What who joins by it becomes.</param>
/// <param name="ExpiresAt">Until when it holds.</param>
/// <param name="UsesLeft">How many may still join by it.</param>
public sealed record InvitationCard(Guid Id, PartyRole Role, DateTimeOffset ExpiresAt, int UsesLeft);

/// <summary>A fresh invitation with its secret, which is shown this once.</summary>
public sealed record FreshInvitation(InvitationCard Invitation, string Secret);

/// <summary>The secret of an invitation's link.</summary>
public sealed record LinkSecret(string? Secret);

/// <summary>What a link invites to.</summary>
public sealed record InvitedTo(Guid TripId, string TripName, PartyRole Role);
