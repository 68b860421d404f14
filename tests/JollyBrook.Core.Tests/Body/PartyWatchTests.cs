using CsCheck;
using JollyBrook.Core.Body;
using JollyBrook.Core.Contract;
using JollyBrook.Core.Units;

namespace JollyBrook.Core.Tests.Body;

public class PartyWatchTests
{
    private static readonly DateTimeOffset From = new(2026, 9, 3, 7, 0, 0, TimeSpan.Zero);
    private static readonly Walker Somebody = new("Ilva", 60, 168);

    private static readonly Gen<BodySign[]> AnySigns = Gen.Enum<BodySign>().Array[0, 4];

    private static readonly Gen<PartyMember> AnyMember = Gen.Select(
        Gen.String[Gen.Char['a', 'c'], 1, 3],
        Gen.Int[0, 24],
        Gen.Double[0, 4],
        AnySigns,
        Gen.Bool,
        (name, hours, drunkL, signs, known) =>
            new PartyMember(
                Guid.NewGuid(),
                name,
                Day(hours, drunkL, signs) with
                {
                    Walker = known ? Somebody : Somebody with { MassKg = null },
                }
            )
    );

    private static WatchRequest Day(double hours, double drunkL, params BodySign[] signs) =>
        new(
            null,
            Somebody,
            From: From,
            Drinks: [new Drunk(From, drunkL)],
            Now: From.AddHours(hours),
            Rested: true,
            Signs: signs,
            SignsAt: From.AddHours(hours),
            UrineAt: From.AddHours(hours)
        );

    private static PartyWatchResponse Ask(params PartyMember[] members) =>
        PartyWatch.Compute(new PartyWatchRequest(UnitSystem.Metric, members));

    [Fact]
    public void The_weakest_comes_first()
    {
        var party = Ask(
            new(null, "Well", Day(1, 0.1)),
            new(null, "Faint", Day(1, 0.1, BodySign.Faint)),
            new(null, "Not known", new WatchRequest(null, null)),
            new(null, "Thirsty", Day(1, 0.1, BodySign.Thirst))
        );
        party.Members.Select(m => m.Name).ShouldBe(["Faint", "Not known", "Thirsty", "Well"]);
        party.Members[1].Watch.ShouldBeNull();
        party.Members[1].Missing.ShouldNotBeNull();
    }

    [Fact]
    public void Nobody_is_looked_at_first_while_nothing_is_due() =>
        Ask(new PartyMember(null, "Well", Day(1, 0.1))).LookFirst.ShouldBeNull();

    [Fact]
    public void Who_was_never_looked_at_is_due_after_two_hours()
    {
        var untold = Day(3, 0.3) with { SignsAt = null, UrineAt = From };
        Ask(new PartyMember(null, "Well", Day(3, 0.3)), new(null, "Untold", untold)).LookFirst!.Name.ShouldBe("Untold");
    }

    [Fact]
    public void Nobody_is_lost_and_each_stands_as_alone() =>
        AnyMember
            .Array[0, 6]
            .Sample(members =>
            {
                var party = Ask(members);
                party.Members.Select(m => m.Id!.Value).ShouldBe(members.Select(m => m.Id!.Value), ignoreOrder: true);
                party.Members.Select(m => (int)(m.Watch?.State ?? WaterState.RunningShort)).ShouldBeInOrder(SortDirection.Descending);
                foreach (var (standing, day) in party.Members.Select(m => (m, members.First(o => o.Id == m.Id).Day!)))
                {
                    standing.Watch?.State.ShouldBe(BodyWatch.Compute(day).State);
                }
            });

    /// <summary>A grave sign is an emergency with any other signs, at any hour, whatever was drunk (handbook room 95).</summary>
    [Fact]
    public void Every_combination_with_a_grave_sign_is_an_emergency() =>
        Gen.Select(
                Gen.OneOf<BodySign>(BodySign.Confused, BodySign.Faint, BodySign.Fits, BodySign.HotNotSweating, BodySign.Staggering),
                AnySigns,
                Gen.Double[0, 24],
                Gen.Double[0, 6]
            )
            .Sample(
                (grave, others, hours, drunkL) =>
                {
                    var answer = BodyWatch.Compute(Day(hours, drunkL, [grave, .. others]));
                    answer.State.ShouldBe(WaterState.Emergency);
                    answer.NextLook.At.ShouldBeLessThanOrEqualTo(From.AddHours(hours).AddMinutes(15));
                }
            );

    /// <summary>Signs alone never make anybody better than without them.</summary>
    [Fact]
    public void More_signs_are_never_taken_for_well() =>
        Gen.Select(AnySigns, Gen.Double[0, 24], Gen.Double[0, 6])
            .Sample(
                (signs, hours, drunkL) =>
                {
                    if (BodyWatch.Compute(Day(hours, drunkL)).State != WaterState.Fine)
                    {
                        BodyWatch.Compute(Day(hours, drunkL, signs)).State.ShouldNotBe(WaterState.Fine);
                    }
                }
            );

    /// <summary>Being sick: sips of at most 0.25 L, and never more than without it.</summary>
    [Fact]
    public void Who_is_sick_sips()
    {
        var (dry, sick) = (BodyWatch.Compute(Day(20, 0, BodySign.Thirst)), BodyWatch.Compute(Day(20, 0, BodySign.Thirst, BodySign.Sick)));
        sick.NextDrinkL.ShouldBeLessThanOrEqualTo(0.25);
        dry.NextDrinkL.ShouldBeGreaterThanOrEqualTo(sick.NextDrinkL);
        sick.Actions.ShouldContain(a => a.StartsWith("Being sick", StringComparison.Ordinal));
        dry.Actions.ShouldNotContain(a => a.StartsWith("Being sick", StringComparison.Ordinal));
    }
}
