using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Data.Parties;

namespace JollyBrook.Server.Accounts;

/// <summary>Whether anyone is signed in.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<AccountState>))]
public enum AccountState
{
    /// <summary>The store has no owner yet: the first visit makes the account.</summary>
    NeedsOwner,

    /// <summary>Nobody is signed in.</summary>
    SignedOut,

    /// <summary>Somebody is.</summary>
    SignedIn,
}

/// <summary>A person by name.</summary>
public sealed record PersonCard(Guid Id, string Name);

/// <summary>A person in a party.</summary>
public sealed record PartyCard(Guid Id, string Name, PartyRole Role);

/// <summary>A book the person may open.</summary>
/// <param name="Id">The book.</param>
/// <param name="Name">The trip's name; null for the person's own.</param>
/// <param name="Role">What they may do in it.</param>
/// <param name="Party">Who shares it; the person alone for their own.</param>
public sealed record BookCard(Guid Id, string? Name, PartyRole Role, IReadOnlyList<PartyCard> Party);

/// <summary>What a page must know before anything else.</summary>
/// <param name="StoreId">Which store this is; a page keeps one local store for each, and each person.</param>
/// <param name="Epoch">New whenever the store may have gone back in time, by a restore: what a device knows of revisions then means nothing
/// any more.</param>
/// <param name="Demo">Whether it holds the demo data.</param>
/// <param name="State">Whether anyone is signed in.</param>
/// <param name="WantsCode">Whether making the owner's account wants the code printed where the server runs.</param>
/// <param name="Person">Who; null when nobody is.</param>
/// <param name="Books">The books they may open: their own, then their trips.</param>
/// <param name="FormToken">Goes with everything that changes something, in the header X-Form-Token.</param>
/// <param name="ServerTime">What the server's clock shows.</param>
public sealed record About(
    Guid StoreId,
    Guid Epoch,
    bool Demo,
    AccountState State,
    bool WantsCode,
    PersonCard? Person,
    IReadOnlyList<BookCard> Books,
    string FormToken,
    DateTimeOffset ServerTime
);

/// <param name="Name">The owner's name.</param>
/// <param name="Passphrase">Their passphrase.</param>
/// <param name="Code">The code printed where the server runs; not needed on the same machine.</param>
public sealed record MakeOwner(string? Name, string? Passphrase, string? Code);

/// <summary>What is given to sign in: the account's name and its passphrase.</summary>
/// <param name="Name">The account's name.</param>
/// <param name="Passphrase">Its passphrase.</param>
public sealed record SignIn(string? Name, string? Passphrase);

/// <param name="Now">The passphrase as it is.</param>
/// <param name="Next">The new one.</param>
public sealed record ChangePassphrase(string? Now, string? Next);

/// <summary>Given again before what can't be undone.</summary>
/// <param name="Passphrase">The passphrase of whoever is signed in.</param>
public sealed record ProvePassphrase(string? Passphrase);

/// <param name="Name">The person's name.</param>
/// <param name="Code">One of their recovery codes; it is used up.</param>
/// <param name="Passphrase">The new passphrase.</param>
public sealed record Recover(string? Name, string? Code, string? Passphrase);

/// <param name="Secret">The secret of an invitation's link.</param>
/// <param name="Name">The new person's name.</param>
/// <param name="Passphrase">Their passphrase.</param>
public sealed record JoinByLink(string? Secret, string? Name, string? Passphrase);

/// <summary>Recovery codes, shown once.</summary>
public sealed record FreshCodes(IReadOnlyList<string> Codes);
