using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Book;

/// <summary>Raw water went into a container.</summary>
/// <param name="ContainerId">Which.</param>
/// <param name="Litres">How much went in, L, 0 to 200; to the brim when left out.</param>
/// <param name="SourceId">From which source of the trip.</param>
/// <param name="Clarity">How clear.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="TemperatureC">How cold, °C, 0 to 40.</param>
public sealed record Filled(
    Guid? ContainerId,
    double? Litres = null,
    Guid? SourceId = null,
    Clarity? Clarity = null,
    WaterColour? Colour = null,
    double? TemperatureC = null
) : BookLine
{
    internal static readonly LineKind Described = new(
        BookLineKind.Filled,
        "Filled",
        new Filled((Guid?)null),
        [LineFields.Container, LineFields.Litres, LineFields.Cold],
        [
            Column<Filled>.Thing("container", "Container", l => l.ContainerId, (l, v) => l with { ContainerId = v }),
            Column<Filled>.Number("litres", "Litres", l => l.Litres, (l, v) => l with { Litres = v }),
            Column<Filled>.Thing("source", "Source", l => l.SourceId, (l, v) => l with { SourceId = v }),
            Column<Filled>.Choice("clarity", "Clarity", l => l.Clarity, (l, v) => l with { Clarity = v }),
            Column<Filled>.Choice("colour", "Colour", l => l.Colour, (l, v) => l with { Colour = v }),
            Column<Filled>.Number("temperature_c", "Temperature, °C", l => l.TemperatureC, (l, v) => l with { TemperatureC = v }),
        ]
    );

    /// <inheritdoc/>
    protected override BookLineKind OwnKind => BookLineKind.Filled;

    /// <inheritdoc/>
    public override string Title(LineNames names, Speaker say)
    {
        var with = Litres is { } litres ? $" with {say?.Of(Quantity.Volume, litres)}" : "";
        var at = names?.Other is { Length: > 0 } source ? $" at {source}" : "";
        return $"Filled {Or(names?.Thing, "a container")}{with}{at}";
    }

    /// <inheritdoc/>
    protected override void CheckOwn(Intake intake)
    {
        ArgumentNullException.ThrowIfNull(intake);
        intake.Present(LineFields.Container, ContainerId);
        intake.Optional(LineFields.Litres, Litres);
        intake.Optional(LineFields.Cold, TemperatureC);
    }

    /// <inheritdoc/>
    protected override IEnumerable<string> OwnDetails(Speaker say)
    {
        ArgumentNullException.ThrowIfNull(say);
        foreach (var look in WaterLook.Spoken(Clarity, Colour))
        {
            yield return look;
        }

        if (TemperatureC is { } cold)
        {
            yield return say.Of(Quantity.Temperature, cold);
        }
    }
}
