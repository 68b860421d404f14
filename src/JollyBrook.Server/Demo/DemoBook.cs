using JollyBrook.Core.Book;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Schedule;
using JollyBrook.Core.Water;

namespace JollyBrook.Server.Demo;

/// <summary>What the demo party wrote down: a walk the day before with weighings, reports, a service, a sip they should not have taken.</summary>
internal static class DemoBook
{
    /// <param name="now">The time now.</param>
    /// <param name="ilva">The walker.</param>
    /// <param name="torren">The walker.</param>
    /// <param name="thing">Ids of kit and sources by name.</param>
    public static IEnumerable<BookEntry> Lines(DateTimeOffset now, Guid ilva, Guid torren, IReadOnlyDictionary<string, Guid> thing)
    {
        var start = new DateTimeOffset(now.UtcDateTime.Date.AddDays(-1).AddHours(9), TimeSpan.Zero);
        yield return new(BookEntryKind.Drink, now.AddDays(-6), torren, Note: "Straight from the beck above the sheepfold", Litres: 0.5, Untreated: true);
        yield return new(BookEntryKind.Mishap, now.AddDays(-4), Note: "Off the table in the hut", ItemId: thing["Gravity filter"], Mishap: MishapKind.Dropped);
        yield return new(BookEntryKind.BodyMass, start, ilva, MassKg: 62.1);
        yield return new(BookEntryKind.Drink, start.AddMinutes(50), ilva, Litres: 0.5);
        yield return new(BookEntryKind.SourceReport, start.AddMinutes(70), SourceId: thing["Fernhollow spring"], Flowing: true, FillL: 1, FillSeconds: 24, Clarity: Clarity.Clear, TemperatureC: 9);
        yield return new(BookEntryKind.Drink, start.AddMinutes(95), ilva, Litres: 0.25);
        yield return new(BookEntryKind.Urine, start.AddMinutes(110), ilva, Litres: 0.2, UrineColour: 4);
        yield return new(BookEntryKind.SourceReport, start.AddMinutes(150), SourceId: thing["Sinking brook"], Flowing: false, Note: "Gone underground 200 m above the path");
        yield return new(BookEntryKind.Drink, start.AddMinutes(160), ilva, Litres: 0.5);
        yield return new(BookEntryKind.BodyMass, start.AddMinutes(180), ilva, MassKg: 62);
        yield return new(BookEntryKind.FilterService, start.AddHours(8), ItemId: thing["Squeeze filter"], Service: FilterService.BackFlush, Litres: 14, FillL: 1, FillSeconds: 48);
        yield return new(BookEntryKind.FuelUsed, start.AddHours(10), Litres: 1.6, ItemId: thing["Canister stove"], FuelG: 22);
        yield return new(BookEntryKind.Drink, now.AddHours(-3), ilva, Litres: 0.5);
        yield return new(BookEntryKind.Drink, now.AddHours(-2), ilva, Litres: 0.25);
        yield return new(BookEntryKind.Urine, now.AddHours(-2), ilva, UrineColour: 5);
        yield return new(BookEntryKind.Drink, now.AddHours(-1), torren, Litres: 0.5);
        yield return new(BookEntryKind.Symptom, now.AddMinutes(-50), torren, Note: "Cramps, loose bowels since the morning", FeverC: 37.9, Blood: false);
        yield return new(BookEntryKind.Note, now.AddMinutes(-30), Note: "Wind from the west, cloud on the ridge. Good flat ground for the tents by the wall.");
    }

    /// <summary>This evening and the next morning, for three.</summary>
    public static DayBook Evening(DateTimeOffset now)
    {
        var from = now.AddMinutes(-now.Minute % 5).AddSeconds(-now.Second);
        return new(
            "Evening at the sheepfold", from,
            [
                new("cooking", "Cooking", 2.5, from.AddMinutes(75), WillBoil: true), new("night", "Bottles by the bed", 1.5, from.AddHours(3)),
                new("breakfast", "Breakfast", 2, from.AddHours(12), WillBoil: true), new("leaving", "Leaving", 6, from.AddHours(13)),
            ],
            2, new WaterInput(null, Clarity.SlightlyCloudy, WaterColour.None, 9, 420), new SkyInput(11));
    }
}
