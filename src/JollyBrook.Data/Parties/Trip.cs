namespace JollyBrook.Data.Parties;

/// <summary>A trip a party shares. Its id is also the id of its book.</summary>
public sealed class Trip
{
    /// <summary>The trip, which is also its book.</summary>
    public Guid Id { get; set; }

    /// <summary>What its people call it.</summary>
    public required string Name { get; set; }

    /// <summary>When it was made, UTC.</summary>
    public DateTimeOffset CreatedAt { get; set; }
}

/// <summary>A person in a trip's party.</summary>
public sealed class TripPerson
{
    /// <summary>Of which trip.</summary>
    public Guid TripId { get; set; }

    /// <summary>Who.</summary>
    public Guid PersonId { get; set; }

    /// <summary>What that person may do.</summary>
    public PartyRole Role { get; set; }

    /// <summary>Since when, UTC.</summary>
    public DateTimeOffset JoinedAt { get; set; }

    /// <summary>The keeper made their role a lower one: no link raises it again.</summary>
    public bool HeldDown { get; set; }
}

/// <summary>A person whom the keeper took out of a party: no link brings them back, only the keeper.</summary>
public sealed class RemovedPerson
{
    /// <summary>From which trip.</summary>
    public Guid TripId { get; set; }

    /// <summary>Who.</summary>
    public Guid PersonId { get; set; }

    /// <summary>When, UTC.</summary>
    public DateTimeOffset At { get; set; }
}

/// <summary>A link that lets whoever holds it join a party, until it is used up, withdrawn or past its date.</summary>
public sealed class Invitation
{
    /// <summary>The invitation, as its maker lists it.</summary>
    public Guid Id { get; set; }

    /// <summary>To which trip.</summary>
    public Guid TripId { get; set; }

    /// <summary>Member or follower.</summary>
    public PartyRole Role { get; set; }

    /// <summary>SHA-256 of the link's secret; the secret itself is not kept.</summary>
    public required string SecretHash { get; set; }

    /// <summary>Good until, UTC.</summary>
    public DateTimeOffset ExpiresAt { get; set; }

    /// <summary>How many may still join by it.</summary>
    public int UsesLeft { get; set; }
}
