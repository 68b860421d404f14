using CsCheck;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Route;
using JollyBrook.Core.Tests.Carry;
using JollyBrook.Journeys;
using JollyBrook.Server.Tests;

namespace JollyBrook.Benchmarks;

/// <summary>
/// The promised plan beside the shortest path over what is trusted, as plans were made before: as it is, and with its reserve raised until
/// as few walks run short, all on the same walks.
/// </summary>
internal static class OldAndNew
{
    private const int Trips = 50;
    private const int Walks = 2_000;
    private const double Wanted = 0.95;
    private const double StepL = 0.25;
    private const double MostL = 4;

    public static void Print(PlanRequest demo)
    {
        Console.WriteLine();
        Console.WriteLine("The demo trip, the shortest path and the policy            kg·km, minutes stopped, walks short");
        Line("shortest path as it is", [At(demo, TripRoute.Middle, null)]);
        Line("policy for 95 %", [At(demo, Wanted, null)]);
        if (Raised(demo) is { } raised)
        {
            Line("shortest path, reserve raised to 95 %", [raised]);
        }

        Console.WriteLine();
        Console.WriteLine(
            $"{Trips} generated trips, the shortest path and the policy            means: kg·km, minutes stopped, walks short"
        );
        List<(PolicyResult Path, PolicyResult? Raised, PolicyResult Policy)> all =
        [
            .. GeneratedTrips.Any.Array[Trips].Single().Select(t => (At(t, TripRoute.Middle, null), Raised(t), At(t, Wanted, null))),
        ];
        Line("shortest path as it is, all", all.ConvertAll(a => a.Path));
        Line("policy for 95 %, all", all.ConvertAll(a => a.Policy));
        var kept = all.FindAll(a => a.Raised is not null && a.Policy.ShortChance <= 1 - Wanted + Error);
        Line($"shortest path, reserve raised to 95 %, {kept.Count} trips", kept.ConvertAll(a => a.Raised!));
        Line($"policy for 95 %, the same {kept.Count} trips", kept.ConvertAll(a => a.Policy));
        Console.WriteLine(
            $"  95 % kept by the policy on {all.Count(a => a.Policy.ShortChance <= 1 - Wanted + Error)} trips, by a raised reserve on {all.Count(a => a.Raised is not null)}"
        );
    }

    /// <summary>The demo's four-day trip as the page would ask for it.</summary>
    public static PlanRequest Demo()
    {
        using var server = new AppServer(demo: true);
        using var owner = new ServerClient(server.Address);
        owner.AskAboutAsync().GetAwaiter().GetResult();
        return DemoPlan.Of([.. owner.Books.SelectMany(b => owner.RecordsAsync(b).GetAwaiter().GetResult())]);
    }

    private static double Error => 2 * Math.Sqrt((1 - Wanted) * Wanted / Walks);

    private static PolicyResult? Raised(PlanRequest trip)
    {
        for (var each = StepL; each <= MostL; each += StepL)
        {
            if (At(trip, TripRoute.Middle, each * trip.Walkers!.Count) is var result && result.ShortChance <= 1 - Wanted + Error)
            {
                return result;
            }
        }

        return null;
    }

    private static PolicyResult At(PlanRequest trip, double certainty, double? reserveL) =>
        HowSure
            .Compute(
                new HowSureRequest(
                    trip with
                    {
                        Route = trip.Route! with { Certainty = certainty, ReserveL = reserveL },
                    },
                    Walks,
                    Compare: false
                )
            )
            .Policies[0];

    private static void Line(string name, List<PolicyResult> results) =>
        Console.WriteLine(
            $"  {name, -56}{results.Average(r => r.KgKm), 8:0}{results.Average(r => r.StopMinutes), 8:0}{results.Average(r => r.ShortChance), 9:0.0%}"
        );
}
