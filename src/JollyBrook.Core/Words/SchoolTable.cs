namespace JollyBrook.Core.Words;

/// <summary>Where practitioners disagree, and what is done here. Handbook room 00.</summary>
public static class SchoolTable
{
    /// <summary>The questions on which schools differ, with each school's answer.</summary>
    public static readonly IReadOnlyList<SchoolQuestion> All =
    [
        new(
            "boil-time",
            "How long to boil",
            ["A rolling boil is enough (WHO 2015)", "1 minute, 3 above 2 000 m (US public-health advice)", "3, 5, 7 minutes and more"],
            "1 or 3 minutes by default; the others a tap away, always with the fuel and water they cost."
        ),
        new(
            "filter-then-boil",
            "Filter, then boil",
            ["A double barrier for foul water", "A waste of filter life"],
            "Boiling alone meets the target after straining; the second barrier is offered with its cost, not asked for."
        ),
        new(
            "frozen-filter",
            "A filter that may have frozen",
            ["Hollow fibre survives", "Any wet element is suspect"],
            "Suspect: the damage cannot be seen. No credit until it is replaced."
        ),
        new(
            "bleach",
            "Household bleach",
            ["A sound backup", "Too easy to get wrong"],
            "Supported as a backup, with strength, age and drop size asked for; regular unscented only."
        ),
        new(
            "iodine",
            "Iodine",
            ["Handy", "Tastes, and misses Cryptosporidium"],
            "Supported with its contraindications; 0 log for Cryptosporidium, always."
        ),
        new(
            "permanganate",
            "Potassium permanganate",
            ["Dose by the pale pink colour", "No"],
            "Not counted as a barrier; its crystals burn."
        ),
        new("expired", "Expired tablets", ["Weaker but they work", "Don't"], "No credit past the date."),
        new(
            "clean-snow",
            "Fresh clean snow, rain off a clean sheet",
            ["Drink it as it is", "Treat it"],
            "Treated by default; \"fresh and clean, accepted untreated\" is a choice of your own, and is recorded as such."
        ),
        new(
            "improvised",
            "Charcoal and sand, a seep well, a cloth wick",
            ["Looks and tastes clean", "Still unsafe"],
            "Counts as clearing, 0 log, always followed by a barrier."
        ),
        new(
            "solar-still",
            "The solar still",
            ["A lifesaver", "Worth less than the sweat"],
            "Reckoned for the place and the day: its yield against the sweat of digging. In heat it "
                + "often costs more than it gives for two days."
        ),
        new(
            "uv",
            "The UV lamp",
            ["Quickest and complete", "Fails, and batteries go flat"],
            "Full credit in clear water with charge left; carry a second method that needs no battery."
        ),
        new(
            "viruses",
            "Viruses",
            ["Not a concern here", "They always count"],
            "Your own setting, on by default. People or stock upstream put them back whatever it says."
        ),
        new("drinking", "How much to drink", ["Fixed litres a day", "By sweat rate"], "By sweat rate, with the rules of thumb beside it."),
        new("nothing", "Nothing to treat with", ["Never drink it", "Dehydration kills sooner"], "Step by step, the least bad first."),
    ];
}
