using JollyBrook.Core.Units;

namespace JollyBrook.Core.Filters;

/// <summary>What an element holds back, and how fast it clogs.</summary>
/// <param name="Element">The element.</param>
/// <param name="Name">By pore size and make.</param>
/// <param name="Bacteria">Log reduction.</param>
/// <param name="Viruses">Log reduction.</param>
/// <param name="Giardia">Log reduction.</param>
/// <param name="Cryptosporidium">Log reduction.</param>
/// <param name="ClogLNtu">Litres × NTU to half flow (pick).</param>
/// <param name="BackFlushes">Whether it is back-flushed; otherwise scrubbed or replaced.</param>
/// <param name="Care">How it is looked after.</param>
/// <param name="TakesOutParticles">Whether the water comes out clear for light and doses; fines pass 1 µm.</param>
public sealed record FilterElementInfo(
    FilterElement Element,
    string Name,
    double Bacteria,
    double Viruses,
    double Giardia,
    double Cryptosporidium,
    double ClogLNtu,
    bool BackFlushes,
    string Care,
    bool TakesOutParticles
);

/// <summary>What each element takes away and how it ages.</summary>
public static class FilterElements
{
    /// <summary>Where the figures come from; shown with the working.</summary>
    public const string Source = "Log reductions by element, handbook room 50; a label's claims replace them, at most 6, 4, 4, 4";

    /// <summary>The table of handbook room 50.</summary>
    public static readonly IReadOnlyList<FilterElementInfo> All =
    [
        new(
            Element: FilterElement.HollowFibre,
            Name: "Hollow fibre, 0.1–0.2 µm absolute",
            Bacteria: 6,
            Viruses: 0,
            Giardia: 3,
            Cryptosporidium: 3,
            ClogLNtu: 300,
            BackFlushes: true,
            Care: "Back-flush often, with clean water only.",
            TakesOutParticles: true
        ),
        new(
            Element: FilterElement.Ceramic,
            Name: "Ceramic, 0.2–0.3 µm",
            Bacteria: 6,
            Viruses: 0,
            Giardia: 3,
            Cryptosporidium: 3,
            ClogLNtu: 900,
            BackFlushes: false,
            Care: "Scrub it gently; never back-flush.",
            TakesOutParticles: true
        ),
        new(
            Element: FilterElement.Pleated,
            Name: "Pleated or glass fibre, 0.3 µm",
            Bacteria: 5,
            Viruses: 0,
            Giardia: 3,
            Cryptosporidium: 3,
            ClogLNtu: 250,
            BackFlushes: false,
            Care: "Rinse it; replace it when it stays slow.",
            TakesOutParticles: true
        ),
        new(
            Element: FilterElement.Purifier,
            Name: "Purifier element, 0.02 µm or adsorptive",
            Bacteria: 6,
            Viruses: 4,
            Giardia: 3,
            Cryptosporidium: 3,
            ClogLNtu: 150,
            BackFlushes: true,
            Care: "Back-flush often, with clean water only.",
            TakesOutParticles: true
        ),
        new(
            Element: FilterElement.OneMicron,
            Name: "1 µm absolute",
            Bacteria: 0,
            Viruses: 0,
            Giardia: 3,
            Cryptosporidium: 2,
            ClogLNtu: 300,
            BackFlushes: true,
            Care: "Rinse it often.",
            TakesOutParticles: false
        ),
        new(
            Element: FilterElement.Carbon,
            Name: "Carbon alone",
            Bacteria: 0,
            Viruses: 0,
            Giardia: 0,
            Cryptosporidium: 0,
            ClogLNtu: 300,
            BackFlushes: false,
            Care: "Replace it by its label; it takes taste, no organism.",
            TakesOutParticles: false
        ),
    ];

    /// <summary>An element's row.</summary>
    public static FilterElementInfo Of(FilterElement element) => All.First(e => e.Element == element);

    /// <summary>What a way of driving water through is called.</summary>
    public static string StyleName(FilterStyle style) =>
        style switch
        {
            FilterStyle.Squeeze => "Squeeze",
            FilterStyle.Gravity => "Gravity",
            FilterStyle.Pump => "Pump",
            FilterStyle.Press => "Press",
            _ => "Drink-through",
        };

    /// <summary>How it works, in a line.</summary>
    public static string StyleHint(FilterStyle style) =>
        style switch
        {
            FilterStyle.Squeeze => "a pouch squeezed by hand; pouches burst",
            FilterStyle.Gravity => "hung up to run by itself",
            FilterStyle.Pump => $"about {Speaker.Both(Quantity.Volume, 1)} a minute of somebody's work; fits seeps",
            FilterStyle.Press => "the bottle itself is pressed",
            _ => "drunk straight through; no water for cooking",
        };
}
