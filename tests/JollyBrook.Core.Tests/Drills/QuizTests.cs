using CsCheck;
using JollyBrook.Core.Carry.Here;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Drills;
using JollyBrook.Core.Scarcity;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Drills;

/// <summary>The quiz, marked by hand-worked figures.</summary>
public class QuizTests
{
    private static QuizResponse Find(Skill trap, Func<QuizResponse, bool> wanted) =>
        Enumerable.Range(0, 400).Select(s => Quiz.Compute(new(null, s, trap))).First(wanted);

    private static QuizResponse Answer(Skill trap, Func<QuizResponse, bool> wanted, double answer)
    {
        var seed = Enumerable.Range(0, 400).First(s => wanted(Quiz.Compute(new(null, s, trap))));
        return Quiz.Compute(new(null, seed, trap, answer));
    }

    [Theory]
    [InlineData(Skill.Gallon, "1 US gallon,", "8.5 mg", 4)] // 3.785 L at one a litre, rounded up
    [InlineData(Skill.Gallon, "2 US gallons,", "17 mg", 4)] // 7.571 L at one for two
    [InlineData(Skill.Quart, "3 L of clear", "Iodine tincture", 16)] // 3·5/0.946 = 15.85
    [InlineData(Skill.Quart, "2 L of cloudy", "Iodine tincture", 21)] // 2·10/0.946 = 21.13: 22 would pass twice the clear dose
    [InlineData(Skill.Percent, "4 L", "6 %, 0 months", 8)] // 24 mg at 3 mg a drop
    [InlineData(Skill.Percent, "10 L", "8.25 %, 9 months", 18)] // 60 mg at 10·8.25·0.85/20 = 3.506: 17.1
    [InlineData(Skill.Drops, "4 L", "15 drops a mL", 6)] // 24 mg at 60/15 = 4 mg
    [InlineData(Skill.Cloudy, "3 L", "8.5 mg", 6)]
    public void Doses_by_hand(Skill trap, string water, string product, double units)
    {
        var right = Answer(trap, q => q.Given[0].Contains(water) && q.Given[1].Contains(product), units);
        right.Right.ShouldBe(true, $"{string.Join(' ', right.Given)}: {right.Expected}");
        right.Expected.ShouldBe(units);
        right.Working.ShouldNotBeEmpty();
        Answer(trap, q => q.Given[0].Contains(water) && q.Given[1].Contains(product), units - 1).Right.ShouldBe(false);
    }

    [Fact]
    public void Who_falls_into_the_trap_is_told_which()
    {
        var slipped = Answer(Skill.Gallon, q => q.Given[0].Contains("1 US gallon,") && q.Given[1].Contains("8.5 mg"), 1);
        slipped.Right.ShouldBe(false);
        slipped.Why.ShouldContain("a US gallon is 3.785 L");
        slipped.Headline.ShouldBe("Too little: 4 tablets");
    }

    [Fact]
    public void In_the_cold_the_warm_wait_is_too_short_and_longer_is_right()
    {
        var asked = Find(Skill.Cold, q => q.Given[0].Contains("5 °C") && q.Given[1].Contains("8.5 mg"));
        asked.Right.ShouldBeNull();
        asked.Expected.ShouldBeNull();
        bool Is(QuizResponse q) => q.Given.SequenceEqual(asked.Given);
        Answer(Skill.Cold, Is, 30).Right.ShouldBe(false);
        // The label doubles it to 60 min; at 5 °C and pH 8 Giardia's 3 log with 4.5 mg/L need 1.13·0.2828·3·8^2.69·4^0.15 = 317/4.5 = 71
        // min.
        Answer(Skill.Cold, Is, 71).Right.ShouldBe(true);
        Answer(Skill.Cold, Is, 70).Right.ShouldBe(false);
        Answer(Skill.Cold, Is, 500).Right.ShouldBe(true);
    }

    [Fact]
    public void Every_question_can_be_answered_and_none_by_what_is_unsafe() =>
        Gen.Select(Gen.Int[0, 1_000_000], Gen.OneOf(Skills.Traps.ToArray()))
            .Sample(
                (seed, trap) =>
                {
                    var (question, solution) = QuizQuestion.Draw(seed, trap, Speaker.Metric);
                    var asked = Quiz.Compute(new(UnitSystem.Metric, seed, trap));
                    switch (question, solution)
                    {
                        case (NumberQuestion number, NumberSolution right):
                            var unsafeSide = right.Side == SafeSide.Less ? right.Expected + 1 : 0;
                            Quiz.Compute(new(UnitSystem.Metric, seed, trap, unsafeSide)).Right.ShouldBe(false);
                            Quiz.Compute(new(UnitSystem.Metric, seed, trap, right.Expected)).Right.ShouldBe(true);
                            number.Naive!.Value.Answer.ShouldBeLessThanOrEqualTo(100);
                            right.Expected.ShouldBeGreaterThan(0);
                            asked.Choices.ShouldBeEmpty();
                            break;
                        case (ChoiceQuestion choice, ChoiceSolution right):
                            var marked = choice
                                .Choices.Select(c => Quiz.Compute(new(UnitSystem.Metric, seed, trap, Choice: c.Id)))
                                .ToList();
                            marked.Count(m => m.Right == true).ShouldBe(1);
                            marked.ShouldAllBe(m => m.ExpectedChoice == right.Expected && m.Why.Length > 0);
                            (asked.Unit, asked.ExpectedChoice).ShouldBe(("", null));
                            // A number is no answer to it.
                            Quiz.Compute(new(UnitSystem.Metric, seed, trap, 1)).Right.ShouldBeNull();
                            break;
                        default:
                            throw new InvalidOperationException($"{trap} is answered by what it does not ask for.");
                    }

                    if (question is DoseQuestion dose)
                    {
                        Treat.Compute(dose.Treat).Outcome.ShouldNotBe(TreatOutcome.Refused);
                        ChemicalProfiles.All.ShouldContain(p => p.Id == dose.Treat.Method);
                    }
                },
                iter: 300
            );

    private static QuizResponse Chosen(Skill trap, Func<QuizResponse, bool> wanted, string choice)
    {
        var seed = Enumerable.Range(0, 2000).First(s => wanted(Quiz.Compute(new(null, s, trap))));
        return Quiz.Compute(new(null, seed, trap, Choice: choice));
    }

    /// <summary>
    /// Handbook room 95: a grave sign outranks all; alike signs with more drunk than lost are too much water; heavy sweat with dizziness is
    /// heat.
    /// </summary>
    [Theory]
    [InlineData("Confused", "help", "drink", "One grave sign is enough")]
    [InlineData("Staggering", "help", "noWater", "One grave sign is enough")]
    public void A_grave_sign_is_an_emergency_in_the_quiz_too(string sign, string right, string wrong, string slip)
    {
        bool Is(QuizResponse q) => q.Given[0].Contains(sign, StringComparison.OrdinalIgnoreCase);
        Chosen(Skill.Signs, Is, right).Right.ShouldBe(true);
        var slipped = Chosen(Skill.Signs, Is, wrong);
        (slipped.Right, slipped.ExpectedChoice).ShouldBe((false, right));
        slipped.Why.ShouldStartWith(slip);
        slipped.Headline.ShouldBe("No: call for help now");
    }

    [Fact]
    public void Too_much_water_looks_like_thirst()
    {
        bool Is(QuizResponse q) => q.Given[0] == "Headache." && q.Given[1].Contains("too much");
        var slipped = Chosen(Skill.Signs, Is, "drink");
        (slipped.Right, slipped.ExpectedChoice).ShouldBe((false, "noWater"));
        slipped.Why.ShouldContain("more was drunk than lost");
    }

    [Fact]
    public void Every_state_comes_up_in_the_quiz() =>
        Enumerable
            .Range(0, 200)
            .Select(s => ((ChoiceSolution)QuizQuestion.Draw(s, Skill.Signs, Speaker.Metric).Solution).Expected)
            .Distinct()
            .ShouldBe(["nothing", "drink", "noWater", "cool", "help"], ignoreOrder: true);

    /// <summary>What the quiz calls right is what the triage and the walk say of the same place.</summary>
    [Fact]
    public void Dry_sources_and_stops_are_answered_as_elsewhere()
    {
        HashSet<string> dry = [],
            stops = [];
        for (var seed = 0; seed < 60; seed++)
        {
            var (question, solution) = QuizQuestion.Draw(seed, Skill.DrySource, Speaker.Metric);
            ContractName.Of(Triage.Compute(((DrySourceQuestion)question).Asked).Best).ShouldBe(((ChoiceSolution)solution).Expected);
            dry.Add(((ChoiceSolution)solution).Expected);
            (question, solution) = QuizQuestion.Draw(seed, Skill.FromHere, Speaker.Metric);
            ContractName.Of(FromHere.Compute(((FromHereQuestion)question).Asked).Act).ShouldBe(((ChoiceSolution)solution).Expected);
            stops.Add(((ChoiceSolution)solution).Expected);
        }

        dry.Count.ShouldBeGreaterThan(1);
        stops.ShouldBe(["stop", "walkBy"], ignoreOrder: true);
    }

    [Fact]
    public void What_is_none_of_the_choices_is_named()
    {
        var wrong = Should.Throw<BadInputException>(() => Quiz.Compute(new(null, 3, Skill.Signs, Choice: "pray"))).Errors.Single();
        wrong.Field.ShouldBe("choice");
        wrong.Message.ShouldContain("drink");
    }

    /// <summary>
    /// A litre of fresh snow holds 0.1 L, of settled 0.25, of wind-packed 0.4, of firn 0.55; a pot takes 0.8 of its brim.
    /// </summary>
    [Theory]
    [InlineData("1 L of water are wanted from fresh", "0.75 L", 17)] // 10/0.6 = 16.7
    [InlineData("2 L of water are wanted from settled", "1 L", 10)] // 8/0.8
    [InlineData("3 L of water are wanted from old", "1.3 L", 8)] // 7.5/1.04 = 7.2
    [InlineData("1 L of water are wanted from firn", "1 L", 3)] // 1.82/0.8 = 2.3
    public void Loads_of_snow_by_hand(string water, string pot, double loads)
    {
        bool Is(QuizResponse q) => q.Given[0].StartsWith(water) && q.Given[1].Contains($"holds {pot} ");
        Answer(Skill.Snow, Is, loads).Right.ShouldBe(true);
        Answer(Skill.Snow, Is, loads - 1).Headline.ShouldBe($"Too little: {loads:0} loads");
    }

    /// <summary>20/|Ta|·1.3 h: 2.17 h at −12 °C, 3.25 h at −8 °C, three times that in the pack; sooner is safe, later is not.</summary>
    [Theory]
    [InlineData("-12 °C", "bare", 2)]
    [InlineData("-12 °C", "pack", 6)]
    [InlineData("-8 °C", "bare", 3)]
    [InlineData("-8 °C", "pack", 9)]
    public void Hours_until_ice_by_hand(string air, string where, double hours)
    {
        bool Is(QuizResponse q) => q.Given[0].Contains(air) && q.Given[1].Contains(where);
        Answer(Skill.Frost, Is, hours).Right.ShouldBe(true);
        Answer(Skill.Frost, Is, 0).Right.ShouldBe(true);
        Answer(Skill.Frost, Is, hours + 1).Headline.ShouldBe($"Too late: {hours:0} h");
    }

    [Fact]
    public void Topping_up_begins_the_wait_anew()
    {
        bool Is(QuizResponse q) => q.Given[0].Contains("for 20 min") && q.Given[1].Contains("8.5 mg");
        // The label's half hour from now on, not the ten minutes that were left of it.
        var slipped = Answer(Skill.TopUp, Is, 10);
        slipped.Right.ShouldBe(false);
        slipped.Why.ShouldStartWith("The clock begins anew");
        slipped.Expected!.Value.ShouldBeGreaterThanOrEqualTo(30);
        Answer(Skill.TopUp, Is, slipped.Expected.Value + 5).Right.ShouldBe(true);
    }

    [Fact]
    public void Bad_fields_are_named() =>
        Should
            .Throw<BadInputException>(() => Quiz.Compute(new(null, -3, Skill.Carry, -1)))
            .Errors.Select(e => e.Field)
            .ShouldBe(["seed", "answer", "trap"]);
}
