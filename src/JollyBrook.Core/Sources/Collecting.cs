namespace JollyBrook.Core.Sources;

/// <summary>How to draw water here. Handbook room 10, "Collect".</summary>
public static class Collecting
{
    /// <summary>What to do, in order, for a kind of source and the way it moves.</summary>
    public static IReadOnlyList<string> Advice(SourceKind? kind, SourceFlow? flow)
    {
        List<string> lines = kind switch
        {
            SourceKind.Seep =>
            [
                "Set a leaf, bark or foil as a lip and let it run over that into the bottle, or scoop with a cup.",
                "Let the pool refill and clear before the second draw.",
            ],
            SourceKind.Well =>
            [
                "With a clean bucket and rope, or the pump: let the first of it run off.",
                "Look in: a drowned animal makes it a last resort. Cover it again.",
            ],
            SourceKind.Pothole =>
            [
                "Scoop with a cup from the top; do not stir what lies at the bottom.",
                "Leave some for who comes after: it fills only with rain.",
            ],
            SourceKind.Tap => ["Let it run until it is cold. Untreated unless a sign says otherwise."],
            SourceKind.Lake or SourceKind.Pond =>
            [
                "From below the skin of the surface, an arm's length out, away from scum and shore.",
                "Do not stir the bottom.",
            ],
            SourceKind.Tank =>
            [
                "From the tap if it has one; let it run first. Otherwise from below the surface.",
                "Look in: a drowned animal makes it a last resort.",
            ],
            SourceKind.Snow =>
            [
                "White snow from below the top layer, away from tracks, huts and rock. Never coloured snow.",
                "Prefer open water under ice: half the fuel.",
            ],
            SourceKind.Distilled =>
            [
                "Into a clean cup, after the first mouthful has rinsed the tube or sheet.",
                "Taste it: salty means it boiled over or ran in, then don't.",
            ],
            SourceKind.FromPlants => ["Off plants you can name, never sprayed or by a road; strain it through a clean cloth."],
            SourceKind.Rain => ["Off a clean sheet, after the first minutes have rinsed it. Not off a roof with droppings."],
            _ =>
            [
                flow == SourceFlow.Flowing
                    ? "Near the surface where it moves, the bottle's mouth pointing downstream."
                    : "Near the surface where it moves most, without stirring the bed.",
                "Stand below where you draw; do not stir the bed.",
            ],
        };
        lines.Add("Into the dirty container only. Keep the clean side capped.");
        return lines;
    }
}
