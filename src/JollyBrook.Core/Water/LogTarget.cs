namespace JollyBrook.Core.Water;

/// <summary>The log reduction water must reach before it is called drinkable.</summary>
/// <remarks>
/// US EPA Guide Standard and Protocol for Testing Microbiological Water Purifiers (1987): bacteria 6 log, viruses 4 log,
/// protozoan cysts 3 log. A traveller may switch the virus target off for a trip; it is on by default.
/// </remarks>
public sealed record LogTarget
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "US EPA Guide Standard for microbiological water purifiers, 1987";

    /// <summary>No barrier is credited with more than this for any class.</summary>
    public const double Cap = 6;

    private LogTarget(bool viruses) => CountsViruses = viruses;

    /// <summary>6 log of bacteria, 4 of viruses, 3 of cysts.</summary>
    public static LogTarget Full { get; } = new(true);

    /// <summary>The same, viruses not counted: a traveller's own choice.</summary>
    public static LogTarget WithoutViruses { get; } = new(false);

    /// <summary>Whether viruses count.</summary>
    public bool CountsViruses { get; }

    /// <summary>The full target, or the one without viruses.</summary>
    public static LogTarget With(bool viruses) => viruses ? Full : WithoutViruses;

    /// <summary>The purifier's figure for a class, whether or not it is switched off.</summary>
    public static double Standard(OrganismClass organism) =>
        organism switch
        {
            OrganismClass.Bacteria => 6,
            OrganismClass.Viruses => 4,
            _ => 3,
        };

    /// <summary>The log reduction wanted for a class, or null where the traveller switched it off.</summary>
    public double? For(OrganismClass organism) => organism == OrganismClass.Viruses && !CountsViruses ? null : Standard(organism);
}
