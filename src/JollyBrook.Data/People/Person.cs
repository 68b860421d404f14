using Microsoft.AspNetCore.Identity;

namespace JollyBrook.Data.People;

/// <summary>A person with an account. Their id is also the id of their own book.</summary>
public sealed class Person : IdentityUser<Guid>
{
    /// <summary>Whether this is the person the store was set up for.</summary>
    public bool IsOwner { get; set; }

    /// <summary>When the account was made, UTC.</summary>
    public DateTimeOffset CreatedAt { get; set; }
}
