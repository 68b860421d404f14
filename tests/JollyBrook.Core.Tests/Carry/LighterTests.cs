using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>What is offered to make a trip lighter is as light as it says.</summary>
public class LighterTests
{
    /// <summary>The trip with an offer taken.</summary>
    private static PlanRequest Taken(PlanRequest trip, Remedy remedy)
    {
        PlanRequest Day(Func<RouteDay, RouteDay> change) =>
            trip with
            {
                Route = trip.Route! with
                {
                    Days =
                    [
                        .. (trip.Route.Days is { Count: > 0 } days ? days : [new RouteDay()]).Select(
                            (d, i) => i == remedy.Day ? change(d) : d
                        ),
                    ],
                },
            };
        return remedy.Kind switch
        {
            RemedyKind.StartHour => Day(d => d with { StartHour = remedy.Hour }),
            RemedyKind.Rest => Day(d => d with { Rest = new DayRest(Math.Floor(remedy.Hour!.Value * 60) / 60, remedy.Hours) }),
            RemedyKind.MoveCamp => Day(d => d with { EndKm = remedy.AlongKm }),
            RemedyKind.UseSource => trip with
            {
                Sources =
                [
                    .. trip.Sources!.Select(s => s.Id == remedy.SourceId ? s with { Source = s.Source with { OnlyIfNeeded = false } } : s),
                ],
            },
            _ => throw new InvalidOperationException($"{remedy.Kind} is not for weight"),
        };
    }

    [Fact]
    public void Every_offer_is_what_the_plan_says_once_it_is_taken() =>
        Gen.Select(GeneratedTrips.Any, Gen.Double[20, 36])
            .Sample(
                (trip, high) =>
                {
                    var warm = trip with
                    {
                        Route = trip.Route! with { Weather = [new DayWeather(10, high, 45, 0)] },
                        Sources =
                        [
                            .. trip.Sources!.Select((s, i) => i == 0 ? s with { Source = s.Source with { OnlyIfNeeded = true } } : s),
                        ],
                    };
                    var before = Plan.Compute(warm);
                    var offers = Lighter.Compute(warm).Offers;
                    offers.Count.ShouldBeLessThanOrEqualTo(4);
                    foreach (var offer in offers)
                    {
                        var after = Plan.Compute(Taken(warm, offer.Remedy));
                        (before.KgKm - after.KgKm).ShouldBe(offer.KgKmSaved, 0.5, offer.Remedy.Words);
                        after.MostCarriedL.ShouldBe(offer.MostCarriedL, 0.05);
                        after.Feasible.ShouldBeTrue();
                        // What it takes is told like what it saves.
                        offer.Words.Contains("less needed", StringComparison.Ordinal).ShouldBe(offer.LitresSaved >= 0.1);
                        offer.Words.Contains("more needed", StringComparison.Ordinal).ShouldBe(offer.LitresSaved <= -0.1);
                        (after.Promise.Kept || !before.Promise.Kept).ShouldBeTrue();
                        if (!offer.Remedy.Solves)
                        {
                            (offer.KgKmSaved + (TripRoute.DefaultKgKmPerMinute * offer.MinutesSaved)).ShouldBeGreaterThan(1.9);
                        }
                    }
                },
                iter: 40
            );

    [Fact]
    public void Leaving_in_the_cool_is_offered_on_a_hot_walk_and_not_on_a_cool_one()
    {
        PlanRequest Day(double low, double high)
        {
            var level = Routes.Level(26, ("Spring", 20, 1));
            return level with { Route = level.Route! with { Weather = [new DayWeather(low, high, 40, 0)], Days = [new RouteDay(10)] } };
        }

        Lighter.Compute(Day(8, 36)).Offers.ShouldContain(o => o.Remedy.Kind == RemedyKind.StartHour && o.LitresSaved > 0.5);
        Lighter.Compute(Day(2, 6)).Offers.ShouldBeEmpty();
    }

    [Fact]
    public void A_camp_short_of_water_is_offered_to_move_there()
    {
        // Eight litres carried up for a camp, with a sure spring two km on; too far to fetch there and back for nothing.
        var level = Routes.Level(30, ("Low spring", 3, 1), ("High spring", 17, 1));
        var dry = level with
        {
            Route = level.Route! with
            {
                Days = [new RouteDay(8, 14, "Dry terrace", 2, 2, 0.5), new RouteDay(8)],
                Containers = [new CarriedContainer("Bags", 14)],
            },
            Walkers = [new("a", Routes.Ilva), new("b", Routes.Ilva with { Name = "Torren" })],
        };
        var offer = Lighter.Compute(dry).Offers.First(o => o.Remedy.Kind == RemedyKind.MoveCamp);
        offer.Remedy.Words.ShouldBe("Camp at High spring, 3 km further on");
        offer.KgKmSaved.ShouldBeGreaterThan(5);
        offer.Words.ShouldContain("kg·km less to carry");
    }
}
