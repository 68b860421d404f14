namespace JollyBrook.Data.Parties;

/// <summary>A trip a party shares. Its id is also the id of its book.</summary>
public sealed class Trip
{
    public Guid Id { get; set; }

    public required string Name { get; set; }

    public DateTimeOffset CreatedAt { get; set; }
}

/// <summary>A person in a trip's party.</summary>
public sealed class TripPerson
{
    public Guid TripId { get; set; }

    public Guid PersonId { get; set; }

    public PartyRole Role { get; set; }

    public DateTimeOffset JoinedAt { get; set; }

    /// <summary>The keeper made their role a lower one: no link raises it again.</summary>
    public bool HeldDown { get; set; }
}

/// <summary>A person whom the keeper took out of a party: no link brings them back, only the keeper.</summary>
public sealed class RemovedPerson
{
    public Guid TripId { get; set; }

    public Guid PersonId { get; set; }

    public DateTimeOffset At { get; set; }
}

/// <summary>A link that lets whoever holds it join a party, until it is used up, withdrawn or past its date.</summary>
public sealed class Invitation
{
    public Guid Id { get; set; }

    public Guid TripId { get; set; }

    /// <summary>Member or follower.</summary>
    public PartyRole Role { get; set; }

    /// <summary>SHA-256 of the link's secret; the secret itself is not kept.</summary>
    public required string SecretHash { get; set; }

    public DateTimeOffset ExpiresAt { get; set; }

    /// <summary>How many may still join by it.</summary>
    public int UsesLeft { get; set; }
}
