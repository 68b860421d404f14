using CsCheck;
using JollyBrook.Core.Clocks;
using JollyBrook.Core.Contract;

namespace JollyBrook.Core.Tests.Clocks;

public class DeviceClockTests
{
    private static readonly DateTimeOffset Noon = new(2026, 8, 21, 12, 0, 0, TimeSpan.Zero);

    private static string[] Codes(DeviceClockRequest request) => [.. DeviceClock.Compute(request).Cautions.Select(c => c.Code)];

    private static string Message(DeviceClockRequest request) =>
        string.Join(" ", DeviceClock.Compute(request).Cautions.Select(c => c.Message));

    [Fact]
    public void A_clock_nobody_has_looked_at_is_not_complained_of() => Codes(new(Noon)).ShouldBeEmpty();

    [Theory]
    [InlineData(30)]
    [InlineData(-60)]
    public void A_slow_line_is_no_wrong_clock(double ahead) => Codes(new(Noon, Noon.AddSeconds(20), ahead, 0, ahead, true)).ShouldBeEmpty();

    [Theory]
    [InlineData(720, "is 12 min behind the server's")]
    [InlineData(-720, "is 12 min ahead of the server's")]
    [InlineData(-75, "is 75 s ahead of the server's")]
    [InlineData(7200, "is 2 h behind the server's")]
    [InlineData(5403, "is 1 h 30 min behind the server's")] // three seconds are the line's
    [InlineData(5410, "is 1 h 31 min behind the server's")]
    [InlineData(259200, "is 3 days behind the server's")]
    public void A_clock_that_is_off_says_by_how_much(double serverAhead, string words)
    {
        Codes(new(Noon, null, serverAhead, serverAhead)).ShouldBe(["clock-off"]);
        Message(new(Noon, null, serverAhead, serverAhead)).ShouldContain(words);
    }

    [Fact]
    public void Set_forward_midway_it_ends_a_wait_too_soon()
    {
        // The server was level with it and is now 40 min behind: the device was put on by 40 min.
        var request = new DeviceClockRequest(Noon, null, -2400, 0, null, true);
        DeviceClock
            .Compute(request)
            .Cautions[0]
            .ShouldBe(
                new Caution(
                    "clock-set-forward",
                    Severity.Danger,
                    "This device's clock was set forward by 40 min. A wait begun before that ends 40 min too soon: add it, by a watch."
                )
            );
        DeviceClock.Compute(request with { WaitRunning = false }).Cautions[0].Severity.ShouldBe(Severity.Warning);
    }

    [Fact]
    public void Set_right_after_being_wrong_it_was_still_set()
    {
        Codes(new(Noon, null, 0, 2400)).ShouldBe(["clock-set-forward"]);
        Codes(new(Noon, null, 0, -2400)).ShouldBe(["clock-set-back"]);
    }

    [Fact]
    public void One_line_says_it()
    {
        // Set forward, off and jumped at once; then back, off and less than before.
        Codes(new(Noon, null, -2400, 0, 2400, true)).ShouldBe(["clock-set-forward"]);
        Codes(new(Noon, Noon.AddHours(1), 3600, 0, null, true)).ShouldBe(["clock-set-back"]);
        Codes(new(Noon, Noon.AddHours(1), 3600, 3600)).ShouldBe(["clock-went-back"]);
    }

    [Fact]
    public void Showing_less_than_before_it_went_back()
    {
        Codes(new(Noon, Noon.AddMinutes(90))).ShouldBe(["clock-went-back"]);
        Message(new(Noon, Noon.AddMinutes(90))).ShouldContain("1 h 30 min less than it has shown before");
    }

    [Fact]
    public void A_jump_matters_only_in_a_wait()
    {
        Codes(new(Noon, JumpSeconds: 600, WaitRunning: true)).ShouldBe(["clock-jumped"]);
        Codes(new(Noon, JumpSeconds: 600, WaitRunning: false)).ShouldBeEmpty();
        Codes(new(Noon, JumpSeconds: -600, WaitRunning: true)).ShouldBeEmpty(); // back: that is told by the stored instants
    }

    [Theory]
    [InlineData(2e9)]
    [InlineData(double.NaN)]
    public void What_no_clock_is_off_by_is_refused(double ahead) =>
        Should
            .Throw<BadInputException>(() => DeviceClock.Compute(new(Noon, ServerAheadSeconds: ahead)))
            .Errors.ShouldHaveSingleItem()
            .Field.ShouldBe("serverAheadSeconds");

    [Fact]
    public void The_time_now_must_be_told() =>
        Should.Throw<BadInputException>(() => DeviceClock.Compute(new(null))).Errors.ShouldHaveSingleItem().Field.ShouldBe("now");

    [Fact]
    public void More_put_forward_is_never_said_less_gravely() =>
        Gen.Select(Gen.Double[-5000, 5000], Gen.Double[0, 5000])
            .Sample(
                (ahead, more) =>
                {
                    var (less, further) = (
                        Gravest(new(Noon, null, ahead, 0, null, true)),
                        Gravest(new(Noon, null, ahead - more, 0, null, true))
                    );
                    return ahead > 0 || further >= less;
                }
            );

    private static int Gravest(DeviceClockRequest request) =>
        DeviceClock.Compute(request).Cautions.Select(c => (int)c.Severity + 1).DefaultIfEmpty(0).Max();
}
