using JollyBrook.Core.Contract;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Book;

/// <summary>What a source was like when someone stood at it.</summary>
/// <param name="SourceId">Which.</param>
/// <param name="Flowing">Whether it ran; null where it is not told.</param>
/// <param name="FillL">What was filled to time it, L, 0.05 to 50.</param>
/// <param name="FillSeconds">How long that took, s, 1 to 7 200.</param>
/// <param name="Clarity">How clear.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="TemperatureC">How cold, °C, 0 to 40.</param>
/// <param name="Photo">A small picture, as a data address of at most 120 000 characters.</param>
/// <param name="Seen">What was seen there or upstream of it.</param>
public sealed record SourceSeen(
    Guid? SourceId,
    bool? Flowing = null,
    double? FillL = null,
    double? FillSeconds = null,
    Clarity? Clarity = null,
    WaterColour? Colour = null,
    double? TemperatureC = null,
    string? Photo = null,
    IReadOnlyList<Sighting>? Seen = null
) : BookLine
{
    private const int LongestPhoto = 120_000;
    private const string PhotoStart = "data:image/jpeg;base64,";

    private static readonly ChoiceField PhotoField = new("photo", "Picture", ["a small JPEG"]);

    internal static readonly LineKind Described = new(
        BookLineKind.SourceSeen,
        "Source report",
        new SourceSeen((Guid?)null),
        [
            LineFields.Source,
            LineFields.Fill,
            LineFields.Seconds,
            LineFields.Cold,
            PhotoField,
            ChoiceField.Of<Clarity>("clarity", "Clarity"),
            ChoiceField.Of<WaterColour>("colour", "Colour"),
            ChoiceField.Of<Sighting>("seen", "What is seen"),
        ],
        [
            Column<SourceSeen>.Thing("source", "Source", l => l.SourceId, (l, v) => l with { SourceId = v }),
            Column<SourceSeen>.Truth("flowing", "Running", l => l.Flowing, (l, v) => l with { Flowing = v }),
            Column<SourceSeen>.Number("fill_l", "Filled, L", l => l.FillL, (l, v) => l with { FillL = v }),
            Column<SourceSeen>.Number("fill_seconds", "In seconds", l => l.FillSeconds, (l, v) => l with { FillSeconds = v }),
            Column<SourceSeen>.Choice("clarity", "Clarity", l => l.Clarity, (l, v) => l with { Clarity = v }),
            Column<SourceSeen>.Choice("colour", "Colour", l => l.Colour, (l, v) => l with { Colour = v }),
            Column<SourceSeen>.Number("temperature_c", "Temperature, °C", l => l.TemperatureC, (l, v) => l with { TemperatureC = v }),
            Column<SourceSeen>.Choices("seen", "What is seen", l => l.Seen, (l, v) => l with { Seen = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.SourceSeen;

    /// <inheritdoc/>
    protected override double? TimedFlow => LineFields.Flow(FillL, FillSeconds);

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) =>
        $"{Or(names?.Thing, "Source")}: {Flowing switch { true => "running", false => "dry", _ => "state not told" }}";

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Optional(LineFields.Fill, FillL);
        intake.Optional(LineFields.Seconds, FillSeconds);
        intake.Optional(LineFields.Cold, TemperatureC);
        if (Photo is not null && (Photo.Length > LongestPhoto || !Photo.StartsWith(PhotoStart, StringComparison.Ordinal)))
        {
            intake.Refuse(PhotoField, "The picture is too large or no JPEG. Take another.");
        }
    }

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        if (FlowLPerMin is { } flow)
        {
            yield return say.Of(Quantity.Flow, flow);
        }

        if (TemperatureC is { } cold)
        {
            yield return say.Of(Quantity.Temperature, cold);
        }

        foreach (var look in WaterLook.Spoken(Clarity, Colour))
        {
            yield return look;
        }

        foreach (var sign in (Seen ?? []).Distinct().Select(SourceSigns.Of))
        {
            yield return Sentence.Lower(sign.Name);
        }
    }
}
