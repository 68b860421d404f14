using CsCheck;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Chemistry;

public class ChemicalPropertiesTests
{
    private static readonly ChemicalOptions Options = Ask.InDateInShade with { BleachStrengthPercent = 6, BleachAgeMonths = 3 };

    private static readonly Gen<ChemicalProfile> Profile = Gen.OneOf(ChemicalProfiles.All.ToArray());
    private static readonly Gen<double> Litres = Gen.Double[0.05, 200];
    private static readonly Gen<double> Temperature = Gen.Double[0, 40];
    private static readonly Gen<WaterColour> Colour = Gen.OneOf(WaterColour.None, WaterColour.Tea, WaterColour.Green, WaterColour.Unknown);
    private static readonly Gen<Clarity> Doseable = Gen.OneOf(Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy, Clarity.Unknown);

    [Fact]
    public void Colder_never_waits_less_at_the_same_dose() =>
        Gen.Select(Profile, Litres, Doseable, Colour, Temperature, Temperature)
            .Sample(
                (profile, litres, clarity, colour, a, b) =>
                {
                    var cold = Ask.Chemical(profile.Id, Ask.Water(litres, clarity, Math.Min(a, b), colour), Options);
                    var warm = Ask.Chemical(profile.Id, Ask.Water(litres, clarity, Math.Max(a, b), colour), Options);
                    if (cold.Dose is null || warm.Dose is null || cold.Dose.Units != warm.Dose.Units)
                    {
                        return;
                    }

                    cold.Contact!.WaitMinutes.ShouldBeGreaterThanOrEqualTo(warm.Contact!.WaitMinutes);
                    warm.ShortOf.ShouldBeSubsetOf(cold.ShortOf);
                }
            );

    [Fact]
    public void Cloudier_never_doses_less() =>
        Gen.Select(Profile, Litres, Doseable, Doseable, Temperature, Colour)
            .Sample(
                (profile, litres, a, b, temperature, colour) =>
                {
                    var (clearer, cloudier) = Rank(a) <= Rank(b) ? (a, b) : (b, a);
                    var less = Ask.Chemical(profile.Id, Ask.Water(litres, clearer, temperature, colour), Options);
                    var more = Ask.Chemical(profile.Id, Ask.Water(litres, cloudier, temperature, colour), Options);
                    if (less.Dose is not null && more.Dose is not null)
                    {
                        more.Dose.Units.ShouldBeGreaterThanOrEqualTo(less.Dose.Units);
                    }
                }
            );

    [Fact]
    public void Never_below_the_label_and_never_past_the_ceiling() =>
        Gen.Select(Profile, Litres, Doseable, Temperature, Colour)
            .Sample(
                (profile, litres, clarity, temperature, colour) =>
                {
                    var answer = Ask.Chemical(profile.Id, Ask.Water(litres, clarity, temperature, colour), Options);
                    if (answer.Dose is null)
                    {
                        return;
                    }

                    // The label's own number holds for 6 % more water than it names; nothing passes twice the clear dose.
                    answer.Dose.MgPerL.ShouldBeGreaterThanOrEqualTo((answer.Dose.LabelMgPerL / 1.06) - 1e-6);
                    // A fill is poured to the centilitre.
                    (answer.Dose.MgPerL * (answer.Dose.FillL - 0.01) / answer.Dose.FillL).ShouldBeLessThanOrEqualTo(
                        (2 * profile.LabelMgPerL) + 1e-6
                    );
                    answer.Contact!.WaitMinutes.ShouldBeGreaterThanOrEqualTo(answer.Contact.LabelMinutes);
                    answer.Contact.LabelMinutes.ShouldBeGreaterThanOrEqualTo(profile.Wait.Bacteria!.Value);
                }
            );

    [Fact]
    public void Every_claimed_class_reaches_its_target_or_is_named() =>
        Gen.Select(Profile, Litres, Doseable, Temperature, Colour)
            .Sample(
                (profile, litres, clarity, temperature, colour) =>
                {
                    var answer = Ask.Chemical(profile.Id, Ask.Water(litres, clarity, temperature, colour), Options);
                    foreach (var row in answer.Ledger)
                    {
                        row.TotalLogs.ShouldBeInRange(0, LogTarget.Cap);
                        row.Meets.ShouldBe(row.TotalLogs >= LogTarget.Standard(row.Organism) - 1e-9);
                        answer.ShortOf.Contains(row.Organism).ShouldBe(!row.Meets);
                    }

                    (answer.Outcome == TreatOutcome.Meets).ShouldBe(answer.ShortOf.Count == 0);
                }
            );

    [Fact]
    public void Not_knowing_is_never_better_than_knowing() =>
        Gen.Select(Profile, Litres, Temperature, Gen.OneOf(Clarity.Clear, Clarity.SlightlyCloudy, Clarity.Cloudy))
            .Sample(
                (profile, litres, temperature, clarity) =>
                {
                    var known = Ask.Chemical(profile.Id, Ask.Water(litres, clarity, temperature), Options);
                    var unknown = Ask.Chemical(profile.Id, new WaterInput(litres, null, null, null, null), Options);
                    if (known.Dose is not null && unknown.Dose is not null)
                    {
                        unknown.Dose.Units.ShouldBeGreaterThanOrEqualTo(known.Dose.Units);
                        unknown.Assumptions.Count.ShouldBeGreaterThan(known.Assumptions.Count);
                    }
                }
            );

    private static int Rank(Clarity clarity) => clarity == Clarity.Unknown ? (int)Clarity.Cloudy : (int)clarity;
}
