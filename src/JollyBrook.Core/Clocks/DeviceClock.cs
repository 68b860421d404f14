using System.Globalization;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Clocks;

/// <summary>
/// Notices a device clock that is wrong or was changed. Waits are counted between stored instants of that clock: set forward midway
/// it would end a wait too soon.
/// </summary>
public static class DeviceClock
{
    /// <summary>Less than this is a slow line or a clock that drifts, s (pick).</summary>
    public const double SlackSeconds = 60;

    /// <summary>What a line may add to a measured difference, s (pick).</summary>
    private const double LineSeconds = 5;

    /// <exception cref="BadInputException">The time now is missing, or a figure is out of its range.</exception>
    public static DeviceClockResponse Compute(DeviceClockRequest request)
    {
        ArgumentNullException.ThrowIfNull(request);
        var intake = new Intake(Speaker.Metric);
        intake.Present(DeviceClockRequest.NowField, request.Now);
        intake.Optional(DeviceClockRequest.Ahead, request.ServerAheadSeconds);
        intake.Optional(DeviceClockRequest.AheadBefore, request.ServerAheadBeforeSeconds);
        intake.Optional(DeviceClockRequest.Jump, request.JumpSeconds);
        intake.ThrowIfWrong();
        // One line says it: the surest and gravest of what is seen.
        var caution = Changed(request) ?? WentBack(request) ?? Off(request) ?? SleptOrChanged(request);
        return new DeviceClockResponse(caution is null ? [] : [caution]);
    }

    /// <summary>
    /// The server is ahead by another amount than before: one of the two clocks was changed, and the device's is the one that counts.
    /// </summary>
    private static Caution? Changed(DeviceClockRequest request)
    {
        if (
            request.ServerAheadSeconds is not { } now
            || request.ServerAheadBeforeSeconds is not { } before
            || Math.Abs(before - now) <= SlackSeconds
        )
        {
            return null;
        }

        var forward = before - now;
        return forward > 0
            ? new Caution(
                "clock-set-forward",
                request.WaitRunning == true ? Severity.Danger : Severity.Warning,
                $"This device's clock was set forward by {Spoken(forward)}. A wait begun before that ends "
                    + $"{Spoken(forward)} too soon: add it, by a watch."
            )
            : new Caution(
                "clock-set-back",
                Severity.Warning,
                $"This device's clock was set back by {Spoken(-forward)}. A wait begun before that shows "
                    + $"{Spoken(-forward)} too long, never too short."
            );
    }

    private static Caution? WentBack(DeviceClockRequest request)
    {
        var back = request.LatestSeen is { } latest ? (latest - request.Now!.Value).TotalSeconds : 0;
        return back > SlackSeconds
            ? new Caution(
                "clock-went-back",
                Severity.Warning,
                $"This device's clock shows {Spoken(back)} less than it has shown before. Set it right; "
                    + "until then waits may show too long, never too short."
            )
            : null;
    }

    /// <summary>A jump without the server's word for it: sleep and a changed clock look the same from inside.</summary>
    private static Caution? SleptOrChanged(DeviceClockRequest request) =>
        request.WaitRunning == true && request.JumpSeconds > SlackSeconds
            ? new Caution(
                "clock-jumped",
                Severity.Note,
                $"During a wait the clock went {Spoken(request.JumpSeconds.Value)} further than this page "
                    + "could follow. If the device slept, all is well; if its clock was changed, go by a watch."
            )
            : null;

    private static Caution? Off(DeviceClockRequest request) =>
        request.ServerAheadSeconds is { } ahead && Math.Abs(ahead) > SlackSeconds
            ? new Caution(
                "clock-off",
                Severity.Warning,
                $"This device's clock is {Spoken(Math.Abs(ahead))} {(ahead > 0 ? "behind" : "ahead of")} "
                    + "the server's. Times shown are this device's; a wait counted on it is right as long as "
                    + "the clock is not changed midway."
            )
            : null;

    /// <summary>
    /// To the minute, rounded up but for the few seconds a slow line adds: what is to be added to a wait is never told short.
    /// </summary>
    private static string Spoken(double seconds)
    {
        if (seconds < 90)
        {
            return $"{Whole(Math.Ceiling(seconds))} s";
        }

        var minutes = Math.Ceiling((seconds - LineSeconds) / 60);
        var (hours, rest) = (Math.Floor(minutes / 60), minutes % 60);
        return hours >= 48 ? $"{Whole(Math.Ceiling(hours / 24))} days"
            : hours == 0 ? $"{Whole(minutes)} min"
            : rest == 0 ? $"{Whole(hours)} h"
            : $"{Whole(hours)} h {Whole(rest)} min";
    }

    private static string Whole(double number) => number.ToString(CultureInfo.InvariantCulture);
}
