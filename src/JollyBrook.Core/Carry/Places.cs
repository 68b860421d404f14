using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;

namespace JollyBrook.Core.Carry;

/// <summary>Puts start, sources, camps, ways out and finish in the order of the walk.</summary>
internal static class Places
{
    /// <summary>A source this near a camp is at it: 2 steps, about 100 m.</summary>
    private const int AtCampSteps = 2;

    public static List<Place> Of(PlanRequest request, GroundProfile ground, CountryWeather country)
    {
        var route = request.Route!;
        var camps = Camps(route, ground);
        List<Place> places =
        [
            .. camps,
            .. (route.BailOuts ?? []).Select(
                (b, i) => new Place(StopKind.BailOut, $"way-out-{i}", b.Name ?? "Way out", Timeline.StepAt(ground, b.AlongKm!.Value))
            ),
        ];
        foreach (var (id, source) in (request.Sources ?? []).Where(s => s.Source.Retired != true))
        {
            var step = Timeline.StepAt(ground, source.AlongKm!.Value);
            var place = new Place(
                StopKind.Source,
                id,
                source.Name!,
                step,
                source,
                country.Chance(id, source, request.Now, request.DayOf(DayAt(route, source.AlongKm!.Value)))
            );
            if (camps.FirstOrDefault(c => Math.Abs(c.Step - step) <= AtCampSteps) is { } camp)
            {
                places.Add(place with { Step = camp.Step, Met = MeetingTime.Evening });
                places.Add(place with { Step = camp.Step, Met = MeetingTime.Morning });
            }
            else
            {
                places.Add(place);
            }
        }

        return
        [
            new Place(StopKind.Start, "start", "Start", 0),
            .. places.OrderBy(p => p.Step).ThenBy(Order),
            new Place(StopKind.Finish, "finish", "Finish", ground.Steps),
        ];
    }

    /// <summary>The day of the walk, from 0, on which a place along it is reached.</summary>
    private static int DayAt(TripRoute route, double alongKm) => (route.Days ?? []).SkipLast(1).Count(d => d.EndKm < alongKm);

    private static List<Place> Camps(TripRoute route, GroundProfile ground) =>
        [
            .. (route.Days ?? [])
                .SkipLast(1)
                .Select(
                    (d, i) =>
                        new Place(
                            StopKind.Camp,
                            $"camp-{i}",
                            d.CampName is { Length: > 0 } name ? name : $"Camp {i + 1}",
                            Timeline.StepAt(ground, d.EndKm!.Value)
                        )
                ),
        ];

    private static int Order(Place place) =>
        place switch
        {
            { Kind: StopKind.BailOut } => 0,
            { IsMorning: true } => 3,
            { Kind: StopKind.Camp } => 2,
            _ => 1,
        };
}
