using System.Globalization;
using System.Security.Claims;

namespace JollyBrook.Server.Access;

/// <summary>Who a request is from, by its cookie.</summary>
internal static class SignedInPerson
{
    /// <exception cref="InvalidOperationException">Nobody is signed in.</exception>
    public static Guid PersonId(this ClaimsPrincipal user) =>
        user.PersonIdOrNull() ?? throw new InvalidOperationException("Nobody is signed in.");

    public static Guid? PersonIdOrNull(this ClaimsPrincipal user) =>
        Guid.TryParse(user.FindFirstValue(ClaimTypes.NameIdentifier), CultureInfo.InvariantCulture, out var id) ? id : null;
}
