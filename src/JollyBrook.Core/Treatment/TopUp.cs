using JollyBrook.Core.Barriers;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Treatment;

/// <summary>
/// The calculation "top-up" (handbook room 40): the water that has no dose yet is dosed, and the contact clock starts anew for all of it.
/// The label is the floor for what is added, the ceiling that for all of it together.
/// </summary>
public static class TopUp
{
    private static readonly ChoiceField BatchField = new("batch", "Batch", ["what Treat was asked for it"]);

    /// <summary>Raw water added, L.</summary>
    public static readonly NumberField Added = new(
        "addedL",
        "Water added",
        Quantity.Volume,
        0.05,
        200,
        "Enter how much raw water went in."
    );

    private static readonly NumberField Held = new(
        "heldL",
        "Water in it already",
        Quantity.Volume,
        0,
        200,
        "Enter what is in it, or leave it out when it is not known."
    );

    /// <summary>What is added where the room in the container is not known, L (pick).</summary>
    public const double UsualL = 0.5;

    /// <summary>Litres no more than this apart are the same, L.</summary>
    private const double SameL = 0.005;

    private const string Instead = "Drink up what is in it first, or treat the new water in another container; already mixed, begin again.";

    /// <summary>Every field a request is checked against, with its bounds.</summary>
    public static readonly IReadOnlyList<Field> Fields = [BatchField, Added, Held, .. TreatFields.All];

    /// <exception cref="BadInputException">The batch is missing, or a field is out of its range.</exception>
    public static TopUpResponse Compute(TopUpRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.For(request.Batch?.Units));
        intake.Present(BatchField, request.Batch);
        var added = intake.Required(Added, request.AddedL);
        intake.Optional(Held, request.HeldL);
        intake.ThrowIfWrong();
        var asked = request.Batch! with { Method = request.Method ?? request.Batch.Method };
        var whole = Treat.Compute(asked);
        return whole is { Dose: { } dose, Contact: { } contact }
            ? Dosed(request, asked, added, dose, contact, intake.Say)
            : Again(request, asked.Water!.VolumeL!.Value, added, intake.Say);
    }

    private static TopUpResponse Dosed(
        TopUpRequest request,
        TreatRequest asked,
        double added,
        DoseAnswer first,
        ContactAnswer contact,
        Speaker say
    )
    {
        var (raw, holdsDosed) = Undosed(request, added, asked.Water!.VolumeL!.Value);
        var litres = raw + added;
        // Topped up before, it may hold more than the batch's own dose: then nothing is counted on that would thin the new one.
        var before = (request.Taps ?? []).Any(t => t.Kind == BatchEventKind.ToppedUp);
        var below =
            holdsDosed && !before && StillHeldL(request, added) is { } held && held > raw ? new DosedWater(held - raw, first.MgPerL) : null;
        var part = Treat.Compute(asked with { Water = asked.Water with { VolumeL = litres } }, below);
        var (all, of) = (say.Of(Quantity.Volume, litres), raw > 0 ? "all that has no dose yet, " : "the ");
        if (part is not { Dose: { } dose, Contact: { } own })
        {
            return Refuse(
                part.Refusal!.Code == RefusalCode.TooStrong
                    ? $"For {of}{all} no whole number is strong enough, and not too strong for what is in it."
                    : $"It can't be dosed for {of}{all}: {part.Refusal.Reason}"
            );
        }

        if (part.Fills > 1)
        {
            return Refuse($"{all} do not fit into it at once.");
        }

        if (Math.Abs(dose.FillL - litres) > SameL)
        {
            return Refuse($"For {of}{all} no whole number fits: {dose.Words} is for {say.Of(Quantity.Volume, dose.FillL)}.");
        }

        var wait = Math.Max(contact.WaitMinutes, own.WaitMinutes);
        return new TopUpResponse(
            TopUpOutcome.Dosed,
            new TopUpDose(dose.Units, dose.Words, dose.HandMeasure, wait),
            $"Add {dose.Words} for {of}{all}; all of it then waits {Speaker.Minutes(wait)} from the beginning.",
            holdsDosed ? "Not onto water that was flavoured: vitamin C ends the disinfection." : null
        );
    }

    /// <summary>
    /// What was in it when the raw water went in, L; null where that is not known. Where there was no room for as much as went in, the rest
    /// had been drunk or spilt and nobody wrote it: counted on, it would thin the dose.
    /// </summary>
    private static double? StillHeldL(TopUpRequest request, double added) =>
        request is { HeldL: { } held, Batch.Container.CapacityL: { } capacity } ? Math.Clamp(capacity - added, 0, held) : request.HeldL;

    /// <summary>What has no dose yet, L; and whether any of it has one.</summary>
    private static (double Litres, bool HoldsDosed) Undosed(TopUpRequest request, double added, double batchL)
    {
        if (request is not { Steps: { Count: > 0 } steps, StartedAt: { } started })
        {
            return (0, true);
        }

        var replay = BatchReplay.Of(steps, started, request.Taps);
        return replay.HoldsDosed
            ? (replay.UndosedL(batchL), true)
            // Nothing of it is dosed: what is in it now is all raw, however much it was begun for.
            : (StillHeldL(request, added) ?? replay.UndosedL(batchL), false);
    }

    /// <summary>Without a residual all of it is raw again; the batch's own steps serve no more than it was begun for.</summary>
    private static TopUpResponse Again(TopUpRequest request, double batchL, double added, Speaker say)
    {
        var all = (StillHeldL(request, added) ?? batchL) + added;
        return all > batchL + SameL
            ? new TopUpResponse(
                TopUpOutcome.Refused,
                null,
                $"All of it is raw water again, and more than this batch was begun for: begin a new one for {say.Of(Quantity.Volume, all)}.",
                null
            )
            : new TopUpResponse(TopUpOutcome.BeginsAgain, null, "All of it is raw water again: treat it from the beginning.", null);
    }

    private static TopUpResponse Refuse(string why) => new(TopUpOutcome.Refused, null, $"{why} {Instead}", null);
}
