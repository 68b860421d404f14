using CsCheck;
using JollyBrook.Formats.Places;

namespace JollyBrook.Formats.Tests.Places;

/// <summary>A state and its date become a report; of all it may mean it is taken as the worse.</summary>
public class ReportWordsTests
{
    private static readonly DateOnly Today = new(2026, 11, 27);

    private static WordedReport? Newest(string words) => ReportWords.Newest(new PlaceText(words), Today);

    [Theory]
    [InlineData("Ledge spring. Dry as of 20 Nov", false, "2026-11-20")]
    [InlineData("flowing well 8/14", true, "2026-08-14")]
    [InlineData("14/8 running", true, "2026-08-14")]
    [InlineData("Trickle on Nov. 3rd, 2025", true, "2025-11-03")]
    [InlineData("2026-10-01: dry", false, "2026-10-01")]
    [InlineData("trocken am 5.11.26", false, "2026-11-05")]
    [InlineData("fließt, 3. März 2026", true, "2026-03-03")]
    [InlineData("coule le 12 août", true, "2026-08-12")]
    [InlineData("seca el 2 de octubre de 2026", false, "2026-10-02")]
    [InlineData("sem água 15 de setembro", false, "2026-09-15")]
    [InlineData("tørr 1. november", false, "2026-11-01")]
    [InlineData("水場 11月20日 涸れ", false, "2026-11-20")]
    [InlineData("flowing 2 Dec", true, "2025-12-02")] // 2 December is to come: it was last year's
    [InlineData("Dry 20 Nov, flowing well 8/14", false, "2026-11-20")]
    [InlineData("8/14: flowing. 20 Nov: dry", false, "2026-11-20")]
    [InlineData("8/14: dry. 20 Nov: flowing", true, "2026-11-20")]
    [InlineData("dry 1 Oct 2026 and running 1 Oct 2026", false, "2026-10-01")]
    public void A_state_with_a_date_is_a_report(string words, bool isFlowing, string on) =>
        Newest(words)
            .ShouldBe(
                new WordedReport(isFlowing, DateOnly.ParseExact(on, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture))
            );

    /// <summary>3 February or 2 March: running is taken as the older, dry as the newer. A month alone likewise.</summary>
    [Theory]
    [InlineData("flowing 3/2", true, "2026-02-03")]
    [InlineData("dry 3/2", false, "2026-03-02")]
    [InlineData("flowing in August 2026", true, "2026-08-01")]
    [InlineData("dry August 2026", false, "2026-08-31")]
    [InlineData("dry November 2026", false, "2026-11-01")] // its last day is to come; the first is not
    public void What_may_be_either_is_taken_as_the_worse(string words, bool isFlowing, string on) =>
        A_state_with_a_date_is_a_report(words, isFlowing, on);

    [Theory]
    [InlineData("Dry Spring")]
    [InlineData("seco. Corre 14 ago")]
    [InlineData("dry 5 May 2027")]
    public void Dry_without_a_day_gone_by_is_dry_today(string words) => Newest(words).ShouldBe(new WordedReport(false, null));

    [Theory]
    [InlineData("flowing well")]
    [InlineData("flowing 5 May 2027")]
    [InlineData("Visited 20 Nov")]
    [InlineData("1/2 mile W, running")]
    [InlineData("Hut, 12 beds, 1200 m")]
    public void Without_a_day_gone_by_running_is_no_report(string words) => Newest(words).ShouldBeNull();

    /// <summary>Whatever else is said, a report is of a day gone by, and dryness is never read as running.</summary>
    [Fact]
    public void No_report_is_of_a_day_to_come() =>
        Gen.Select(Gen.String, Gen.Int[1, 31], Gen.Int[1, 12], Gen.Int[2000, 2030], Gen.Bool)
            .Sample(
                (words, d, m, y, dry) =>
                {
                    var report = Newest($"{words} {(dry ? "dry" : "flowing")} {y}-{m:00}-{d:00}");
                    (report?.On is null || report.Value.On <= Today).ShouldBeTrue();
                    if (dry)
                    {
                        report.ShouldNotBeNull();
                    }
                }
            );
}
