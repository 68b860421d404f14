namespace JollyBrook.Server.Access;

/// <summary>Who may call an endpoint.</summary>
public enum Audience
{
    /// <summary>Anyone who can reach the server.</summary>
    Anyone,

    /// <summary>Anyone with an account, about themselves.</summary>
    SignedIn,

    /// <summary>The person whose book it is, or anyone in the trip's party.</summary>
    Reader,

    /// <summary>The same without followers.</summary>
    Writer,

    /// <summary>The person whose book it is, or the trip's keeper.</summary>
    Keeper,
}

/// <summary>The rule of one endpoint, carried by it.</summary>
public sealed record AccessRule(Audience Audience);

/// <summary>Gives endpoints their rules. One without a rule is closed to everyone who is not signed in, and fails a test.</summary>
internal static class AccessRules
{
    public static TBuilder For<TBuilder>(this TBuilder endpoint, Audience audience)
        where TBuilder : IEndpointConventionBuilder
    {
        endpoint.Add(builder => builder.Metadata.Add(new AccessRule(audience)));
        if (audience == Audience.Anyone)
        {
            return endpoint.AllowAnonymous();
        }

        endpoint.RequireAuthorization();
        return audience == Audience.SignedIn ? endpoint : endpoint.AddEndpointFilter(new BookGate(audience));
    }
}
