using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;

namespace JollyBrook.Server.Demo;

/// <summary>
/// What the demo party wrote down: a walk two days before with weighings, reports, a service, a sip they should not have taken.
/// </summary>
internal static class DemoBook
{
    /// <summary>UTC; the island, at 28.6° W, is two hours behind.</summary>
    private const int MorningHour = 9;
    private const int CupsADay = 6;

    /// <summary>The share of what a walker has lost that they have drunk, and the hours of the day they drank it in at most.</summary>
    private const double DrunkShare = 0.85;
    private const double DayHours = 11;

    /// <summary>The bladder is not yet ready so many hours ago; three cups of this size, L, are in it.</summary>
    private const double BladderReadyH = 1.75;
    private const double MostOfBladderL = 0.6;

    /// <param name="now">The time now.</param>
    /// <param name="walkers">The walkers: Ilva, Torren and Sorrel.</param>
    /// <param name="thing">Ids of kit and sources by name.</param>
    public static IEnumerable<BookLine> Lines(DateTimeOffset now, IReadOnlyList<Guid> walkers, IReadOnlyDictionary<string, Guid> thing)
    {
        var (ilva, torren, bladder) = (walkers[0], walkers[1], thing["Soft bladder with hose"]);
        // Before any batch that is still in the book, so that its drinks are out of none of them.
        var start = new DateTimeOffset(now.UtcDateTime.Date.AddDays(-2).AddHours(9), TimeSpan.Zero);
        yield return new Drank(0.5, WalkerId: torren, Untreated: true)
        {
            At = now.AddDays(-6),
            Note = "Straight from the beck above the sheepfold",
        };
        yield return new Mishap(thing["Gravity filter"], MishapKind.Dropped) { At = now.AddDays(-4), Note = "Off the table in the hut" };
        yield return new BodyWeighed(ilva, 62.1) { At = start };
        yield return new Drank(0.5, WalkerId: ilva, Untreated: false) { At = start.AddMinutes(50) };
        yield return new SourceSeen(
            thing["Fernhollow spring"],
            Flowing: true,
            FillL: 1,
            FillSeconds: 24,
            Clarity: Clarity.Clear,
            TemperatureC: 9
        )
        {
            At = start.AddMinutes(70),
        };
        yield return new Drank(0.25, WalkerId: ilva, Untreated: false) { At = start.AddMinutes(95) };
        yield return new UrinePassed(ilva, UrineColour: 4, Litres: 0.2) { At = start.AddMinutes(110) };
        yield return new SourceSeen(thing["Sinking brook"], Flowing: false)
        {
            At = start.AddMinutes(150),
            Note = "Gone underground 200 m above the path",
        };
        yield return new Drank(0.5, WalkerId: ilva, Untreated: false) { At = start.AddMinutes(160) };
        yield return new BodyWeighed(ilva, 62) { At = start.AddMinutes(180) };
        yield return new FilterServiced(thing["Squeeze filter"], FilterService.BackFlush, Litres: 14, FillL: 1, FillSeconds: 48)
        {
            At = start.AddHours(8),
        };
        yield return new FuelBurnt(thing["Canister stove"], 22, Litres: 1.6) { At = start.AddHours(10) };
        yield return new Cooked(thing["Aluminium pot with lid"], All: true) { At = now.AddHours(-21) };
        yield return new Drank(UnitTable.LitresPerQuart, All: true, WalkerId: torren, ContainerId: thing["Quart bottle"])
        {
            At = now.AddHours(-14),
        };
        yield return new UrinePassed(ilva, UrineColour: 5) { At = now.AddHours(-2) };
        var tests = DemoTrip.Tests(now, ilva, torren).ToList();
        foreach (
            var cup in walkers.Zip(DemoTrip.Walkers).SelectMany(w => Cups(now, w.First, LostBy(now, w.First, w.Second, tests), bladder))
        )
        {
            yield return cup;
        }

        yield return new Filled(
            thing["Aluminium pot with lid"],
            1,
            SourceId: thing["Fernhollow spring"],
            Clarity: Clarity.Clear,
            TemperatureC: 9
        )
        {
            At = now.AddMinutes(-45),
        };
        yield return new SymptomFelt(torren, FeverC: 37.9, Blood: false)
        {
            At = now.AddMinutes(-50),
            Note = "Cramps, loose bowels since the morning",
        };
        yield return new Noted()
        {
            At = now.AddMinutes(-30),
            Note = "Wind from the west, cloud on the ridge. Good flat ground for the tents by the wall.",
        };
    }

    private static DateTimeOffset MorningOf(DateTimeOffset now)
    {
        var morning = new DateTimeOffset(now.UtcDateTime.Date.AddHours(MorningHour), TimeSpan.Zero);
        return morning > now ? morning.AddDays(-1) : morning;
    }

    /// <summary>What a walker has lost since this morning, L, as their body watch tells it.</summary>
    private static double LostBy(DateTimeOffset now, Guid id, Walker walker, IReadOnlyList<SweatTest> tests) =>
        BodyWatch
            .Compute(
                new WatchRequest(
                    UnitSystem.Metric,
                    walker,
                    [.. tests.Where(t => t.WalkerId == id).Select((t, i) => new SweatTestEntry($"{i}", t))],
                    From: MorningOf(now),
                    Now: now
                )
            )
            .LostL;

    /// <summary>
    /// What a walker drank since this morning: cups from the hut's tap through the day, and the last out of the bladder, which is ready by
    /// then.
    /// </summary>
    private static IEnumerable<Drank> Cups(DateTimeOffset now, Guid walker, double lostL, Guid bladder)
    {
        var hours = Math.Min(DayHours, (now - MorningOf(now)).TotalHours);
        var litres = Math.Round(Math.Max(0.05, lostL * DrunkShare / CupsADay), 2);
        for (var i = 0; i < CupsADay - 1; i++)
        {
            yield return new Drank(litres, WalkerId: walker, Untreated: false)
            {
                At = now.AddHours(-Math.Max(BladderReadyH, hours * (CupsADay - i - 0.5) / CupsADay)),
            };
        }

        yield return new Drank(Math.Min(litres, MostOfBladderL), WalkerId: walker, ContainerId: bladder) { At = now.AddMinutes(-20) };
    }
}
