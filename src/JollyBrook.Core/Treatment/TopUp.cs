using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Treatment;

/// <summary>Raw water added to a dosed container.</summary>
/// <param name="Batch">What Treat was asked for the batch.</param>
/// <param name="Method">The chain it runs by.</param>
/// <param name="AddedL">Raw water added, litres, 0.05 to 200.</param>
public sealed record TopUpRequest(TreatRequest? Batch, string? Method, double? AddedL);

/// <summary>What topping up asks for: a dose for what was added, and the whole wait anew for all of it.</summary>
/// <param name="Dose">"1 tablet": for the added water; null where nothing is dosed.</param>
/// <param name="WaitMinutes">Contact for all of it, from the dose on; null without one.</param>
/// <param name="Words">Both, in a line.</param>
public sealed record TopUpResponse(string? Dose, double? WaitMinutes, string Words);

/// <summary>
/// The calculation "top-up" (handbook room 40): the added volume is dosed, and the contact clock starts anew for all of it.
/// </summary>
public static class TopUp
{
    private static readonly ChoiceField BatchField = new("batch", "Batch", ["what Treat was asked for it"]);
    private static readonly NumberField Added = new(
        "addedL",
        "Water added",
        Quantity.Volume,
        0.05,
        200,
        "Enter how much raw water went in."
    );

    /// <summary>What is added where the room in the container is not known, L (pick).</summary>
    public const double UsualL = 0.5;

    public static readonly IReadOnlyList<Field> Fields = [BatchField, Added, .. TreatFields.All];

    /// <exception cref="BadInputException">The batch is missing, or a field is out of its range.</exception>
    public static TopUpResponse Compute(TopUpRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Batch?.Units));
        intake.Present(BatchField, request.Batch);
        var added = intake.Required(Added, request.AddedL);
        intake.ThrowIfWrong();
        var asked = request.Batch! with { Method = request.Method ?? request.Batch.Method };
        var (whole, part) = (Treat.Compute(asked), Treat.Compute(asked with { Water = asked.Water! with { VolumeL = added } }));
        if (whole.Contact is not { } contact || part is not { Dose: { } dose, Contact: { } own })
        {
            return new TopUpResponse(
                null,
                null,
                part.Refusal is { } refusal
                    ? $"The added water can't be treated this way: {refusal.Reason} Pour it all back and begin again."
                    : "All of it is raw water again: treat it from the beginning."
            );
        }

        var wait = Math.Max(contact.WaitMinutes, own.WaitMinutes);
        var litres = intake.Say.Of(Quantity.Volume, added);
        return new TopUpResponse(
            dose.Words,
            wait,
            $"Add {dose.Words} for the {litres}; all of it then waits {Speaker.Minutes(wait)} from the beginning."
        );
    }
}
