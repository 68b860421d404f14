using System.Text.Json.Serialization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Book;

/// <summary>What is done to a filter.</summary>
[JsonConverter(typeof(CamelCaseEnumConverter<FilterService>))]
public enum FilterService
{
    /// <summary>Clean water was pushed through backwards.</summary>
    BackFlush,

    /// <summary>The element was scrubbed under water.</summary>
    Scrub,

    /// <summary>It was tested for damage.</summary>
    IntegrityCheck,

    /// <summary>The element was replaced.</summary>
    NewElement,
}

/// <summary>A filter was looked after.</summary>
/// <param name="ItemId">Which.</param>
/// <param name="Service">What was done.</param>
/// <param name="Passed">Whether the integrity check was passed.</param>
/// <param name="Litres">Through it since the last time, L, 0 to 200.</param>
/// <param name="FillL">What was filled to time its flow, L, 0.05 to 50.</param>
/// <param name="FillSeconds">How long that took, s, 1 to 7 200.</param>
public sealed record FilterServiced(
    Guid? ItemId,
    FilterService? Service,
    bool? Passed = null,
    double? Litres = null,
    double? FillL = null,
    double? FillSeconds = null
) : BookLine
{
    private static readonly ChoiceField ServiceField = ChoiceField.Of<FilterService>("service", "What was done");

    internal static readonly LineKind Described = new(
        BookLineKind.FilterServiced,
        "Filter service",
        new FilterServiced(null, null),
        [LineFields.Item, ServiceField, LineFields.Litres, LineFields.Fill, LineFields.Seconds],
        [
            Column<FilterServiced>.Thing("item", "Piece of kit", l => l.ItemId, (l, v) => l with { ItemId = v }),
            Column<FilterServiced>.Choice("service", "What was done", l => l.Service, (l, v) => l with { Service = v }),
            Column<FilterServiced>.Truth("passed", "Check passed", l => l.Passed, (l, v) => l with { Passed = v }),
            Column<FilterServiced>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
            Column<FilterServiced>.Number("fill_l", "Filled, L", l => l.FillL, (l, v) => l with { FillL = v }),
            Column<FilterServiced>.Number("fill_seconds", "In seconds", l => l.FillSeconds, (l, v) => l with { FillSeconds = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.FilterServiced;

    /// <inheritdoc/>
    protected override double? TimedFlow => LineFields.Flow(FillL, FillSeconds);

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say) => $"{Or(names?.Thing, "Filter")}: {Words}";

    private string Words =>
        Service switch
        {
            FilterService.BackFlush => "back-flushed",
            FilterService.Scrub => "scrubbed",
            FilterService.NewElement => "new element or layers",
            _ => Passed switch
            {
                true => "air hardly passes the wet element",
                false => "air passes: broken",
                _ => "checked",
            },
        };

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(ServiceField, Service);
        intake.Optional(LineFields.Litres, Litres);
        intake.Optional(LineFields.Fill, FillL);
        intake.Optional(LineFields.Seconds, FillSeconds);
    }

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        if (FlowLPerMin is { } flow)
        {
            yield return say.Of(Quantity.Flow, flow);
        }

        if (Litres is { } through)
        {
            yield return $"{say.Of(Quantity.Volume, through)} since the last";
        }
    }
}
