namespace JollyBrook.Core.Words;

/// <summary>Asks for the words; nothing is to be told.</summary>
public sealed record WordsRequest;

/// <summary>A word of the field and what it means.</summary>
public sealed record Word(string Term, string Meaning);

/// <summary>A question on which practitioners disagree, and what is done here.</summary>
/// <param name="Id">A stable name.</param>
/// <param name="Question">The question.</param>
/// <param name="Schools">The schools.</param>
/// <param name="Pick">What is done here, and why.</param>
public sealed record SchoolQuestion(string Id, string Question, IReadOnlyList<string> Schools, string Pick);

/// <summary>The words of the field.</summary>
/// <param name="Words">Each with what it means here.</param>
/// <param name="Schools">Questions on which schools differ.</param>
/// <param name="Rules">The rules that hold everywhere.</param>
public sealed record WordsResponse(IReadOnlyList<Word> Words, IReadOnlyList<SchoolQuestion> Schools, IReadOnlyList<string> Rules);

/// <summary>The calculation "words": the vocabulary and the schools of handbook room 00.</summary>
public static class WordList
{
    /// <summary>All of them.</summary>
    public static WordsResponse Compute(WordsRequest request) => new(Vocabulary, SchoolTable.All, Rules);

    private static readonly string[] Rules =
    [
        "The label wins upward: what is computed may ask for more than a label, never for less.",
        "Unknown counts as worse, and the screen says which assumption was made.",
    ];

    private static readonly Word[] Vocabulary =
    [
        new("Strain", "Take out what the eye sees: a cloth over the mouth of the bottle. It takes no organism away."),
        new("Clear", "Settle or flocculate, so that light and chemicals reach what is left. Clear is not safe."),
        new(
            "Filter",
            "Pass through pores small enough to hold protozoa and bacteria: 0.2 to 0.3 µm absolute or less. Most let viruses through."
        ),
        new("Pre-filter", "A coarse screen that only spares the filter."),
        new("Disinfect", "Kill or inactivate: heat, chemical or UV."),
        new("Purify", "Reach the full target for bacteria, viruses and protozoan cysts."),
        new("Contact time", "Minutes between the dose and the first sip."),
        new("CT", "Concentration in mg/L times contact time in minutes."),
        new("Residual", "Disinfectant left after the water has used up its own share."),
        new("Barrier", "One step that takes organisms away."),
        new("Log", "A tenfold step: 3 log is 99.9 % taken away."),
        new("Batch", "One container of water going through its steps together."),
        new("Dirty and clean side", "What has touched untreated water, and what never may."),
        new("NTU", "Turbidity: clear is under 5, muddy over 100."),
    ];
}
