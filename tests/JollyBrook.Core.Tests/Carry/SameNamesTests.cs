using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Water;

namespace JollyBrook.Core.Tests.Carry;

/// <summary>Half the waters of a map are called "Stream": each is planned for as itself.</summary>
public sealed class SameNamesTests
{
    private static readonly KitEntry Dioxide = Kits.Entry(
        new ProductSpec("clo2-tablet", new DateOnly(2028, 1, 1)),
        left: 200,
        name: "Tablets"
    );

    /// <summary>
    /// A cold and cloudy stream waits hours for its tablets, a clear and warm one after it half an hour: each as it would under a name of
    /// its own.
    /// </summary>
    [Fact]
    public void Two_streams_take_the_time_that_each_of_them_takes()
    {
        var walk = Routes.Level(30, ("First", 8, 1), ("Second", 20, 1));
        PlanRequest Called(string first, string second) =>
            walk with
            {
                Kit = [Dioxide],
                Sources = [Water(walk.Sources![0], first, Clarity.Cloudy, 3), Water(walk.Sources[1], second, Clarity.Clear, 18)],
            };
        var alike = Minutes(Called("Stream", "Stream"));
        alike.ShouldBe(Minutes(Called("First", "Second")));
        // Tablets work the longer the colder the water.
        alike.Distinct().Count().ShouldBeGreaterThan(1);
    }

    [Fact]
    public void No_plan_hangs_on_what_its_waters_are_called() =>
        Gen.Select(GeneratedTrips.Any, Gen.Enum<Clarity>().Array[8], Gen.Double[1, 20].Array[8])
            .Sample(
                (trip, clarities, temperatures) =>
                {
                    PlanRequest Called(Func<int, string> name) =>
                        trip with
                        {
                            Kit = [Dioxide],
                            Sources = [.. trip.Sources!.Select((s, i) => Water(s, name(i), clarities[i % 8], temperatures[i % 8]))],
                        };
                    Minutes(Called(_ => "Stream")).ShouldBe(Minutes(Called(i => $"Stream {i}")));
                },
                iter: 25
            );

    private static TripSourceEntry Water(TripSourceEntry entry, string name, Clarity clarity, double celsius) =>
        entry with
        {
            Source = entry.Source with
            {
                Name = name,
                Drinkable = null,
                Clarity = clarity,
                Colour = WaterColour.None,
                TemperatureC = celsius,
            },
        };

    private static IReadOnlyList<(double TakeL, double Minutes, double ArriveHour)> Minutes(PlanRequest request) =>
        [.. Plan.Compute(request).Stops.Select(s => (s.TakeL, s.StopMinutes, s.ArriveHour))];
}
