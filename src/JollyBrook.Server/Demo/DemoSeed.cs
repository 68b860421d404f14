using System.Text.Json;
using JollyBrook.Core;
using JollyBrook.Core.Barriers;
using JollyBrook.Core.Boiling;
using JollyBrook.Core.Book;
using JollyBrook.Core.Chemistry;
using JollyBrook.Core.Records;
using JollyBrook.Core.Treatment;
using JollyBrook.Core.Units;
using JollyBrook.Core.Water;
using JollyBrook.Data.Parties;
using JollyBrook.Data.Records;
using JollyBrook.Data.Store;
using JollyBrook.Server.Accounts;

namespace JollyBrook.Server.Demo;

/// <summary>
/// The demo data: a party of three on an invented limestone island in mid-ocean, late summer. Two batches are running, one of them a
/// companion's, and three are in the book, the newest started minutes ago.
/// </summary>
internal sealed class DemoSeed(JollyBrookDb db, RecordStore store, BookInHand book, PartyStore parties, AccountService accounts)
{
    private const string Walker = "Ilva";
    private const string Companion = "Torren";
    private const string AtHome = "Maud";
    private const string TripName = "Four days across the island";

    /// <summary>Writes it whole or not at all.</summary>
    public async Task WriteAsync(Guid owner, DateTimeOffset now, CancellationToken cancellation)
    {
        await using var transaction = await WriteTransaction.BeginAsync(db.Database, cancellation);
        var trip = Guid.CreateVersion7(now.AddDays(-2));
        var companion = await MakeTripAsync(trip, owner);
        book.Open(owner);
        Dictionary<string, Guid> things = [];
        foreach (var item in DemoKit.Items(DateOnly.FromDateTime(now.UtcDateTime)))
        {
            things[item.Name!] = await PutAsync(owner, "kit-item", item, ContractJson.Default.KitItem);
        }

        foreach (var line in DemoKit.Counts(now.AddDays(-8), things))
        {
            await PutAsync(owner, "book-line", line, ContractJson.Default.BookLine, line.At);
        }

        foreach (var batch in Batches.Where(b => !b.ByCompanion))
        {
            await WriteBatchAsync(owner, batch, things, now);
        }

        foreach (var result in DemoDrills.Results(now))
        {
            await PutAsync(owner, "drill-result", result, ContractJson.Default.DrillResult, result.At);
        }

        book.Open(trip);
        await WriteRoutesAsync(owner, now, things);

        foreach (var batch in Batches.Where(b => b.ByCompanion))
        {
            await WriteBatchAsync(companion, batch, things, now);
        }

        await transaction.CommitAsync(cancellation);
    }

    private async Task WriteRoutesAsync(Guid owner, DateTimeOffset now, Dictionary<string, Guid> things)
    {
        var today = DateOnly.FromDateTime(now.UtcDateTime);
        var route = await PutAsync(owner, "route", DemoTrip.Route(today, DemoTrip.Line()), ContractJson.Default.TripRoute, now.AddDays(-2));
        foreach (var source in DemoTrip.Sources(now, route))
        {
            things[source.Name!] = await PutAsync(owner, "trip-source", source, ContractJson.Default.TripSource);
        }

        await PutAsync(owner, "route", DemoTrip.Ridge(today, DemoTrip.RidgeLine()), ContractJson.Default.TripRoute);
        List<Guid> walkers = [];
        foreach (var walker in DemoTrip.Walkers)
        {
            walkers.Add(await PutAsync(owner, "walker", walker, ContractJson.Default.Walker, now.AddDays(-3).AddSeconds(walkers.Count)));
        }

        foreach (var test in DemoTrip.Tests(now, walkers[0], walkers[1]))
        {
            await PutAsync(owner, "sweat-test", test, ContractJson.Default.SweatTest, test.At);
        }

        foreach (var line in DemoBook.Lines(now, walkers, things))
        {
            await PutAsync(owner, "book-line", line, ContractJson.Default.BookLine, line.At);
        }
    }

    private async Task<Guid> MakeTripAsync(Guid trip, Guid owner)
    {
        var (companion, atHome) = (Guid.CreateVersion7(), Guid.CreateVersion7());
        await accounts.MakeForDemoAsync(owner, Walker, isOwner: true);
        await accounts.MakeForDemoAsync(companion, Companion, isOwner: false);
        await accounts.MakeForDemoAsync(atHome, AtHome, isOwner: false);
        await parties.NameTripAsync(trip, TripName, owner, CancellationToken.None);
        foreach (var (person, role) in new[] { (companion, PartyRole.Member), (atHome, PartyRole.Follower) })
        {
            var (invitation, secret) = await parties.InviteAsync(trip, role, CancellationToken.None);
            await parties.AcceptAsync(secret, person, CancellationToken.None);
            await parties.WithdrawAsync(trip, invitation.Id, CancellationToken.None);
        }

        return companion;
    }

    private static readonly DemoBatch[] Batches =
    [
        new(
            "Soft bladder with hose",
            TimeSpan.FromHours(5.5),
            new TreatRequest(
                UnitSystem.Metric,
                new WaterInput(2, Clarity.Clear, WaterColour.None, 11, 340),
                "clo2-tablet",
                Chemical: new ChemicalOptions(DateCheck.InDate, BottleLight.ShadeOrOpaque)
            ),
            Finish: true
        ),
        new(
            "Aluminium pot with lid",
            TimeSpan.FromHours(22),
            new TreatRequest(
                UnitSystem.Metric,
                new WaterInput(1.1, Clarity.SlightlyCloudy, WaterColour.Tea, 9, 1180),
                TreatmentMethods.Boil,
                Boil: new BoilOptions(
                    School: BoilSchool.OneOrThree,
                    LongMinutes: null,
                    BurnerId: "canister-sheltered",
                    Pot: new PotInput(1.3, 0.19, PotMaterial.Aluminium),
                    LidOn: true,
                    Calibration: null,
                    Cooling: CoolingPlace.Stream,
                    AirTemperatureC: 12
                )
            ),
            Finish: true
        ),
        new(
            "Quart bottle",
            TimeSpan.FromHours(19),
            new TreatRequest(
                UnitSystem.Metric,
                new WaterInput(UnitTable.LitresPerQuart, Clarity.Clear, WaterColour.None, 9, 1180),
                "iodine-tablet",
                Chemical: new ChemicalOptions(DateCheck.InDate, BottleLight.ShadeOrOpaque)
            ),
            Finish: true
        ),
        new(
            "Camp bag",
            TimeSpan.FromMinutes(95),
            new TreatRequest(
                UnitSystem.Metric,
                new WaterInput(10, Clarity.Clear, WaterColour.None, 8, 1180),
                "clo2-drops",
                Chemical: new ChemicalOptions(DateCheck.InDate, BottleLight.ShadeOrOpaque)
            ),
            Finish: false,
            ByCompanion: true
        ),
        new(
            "Litre bottle, wide mouth",
            TimeSpan.FromMinutes(21),
            new TreatRequest(
                UnitSystem.Metric,
                new WaterInput(1, Clarity.SlightlyCloudy, WaterColour.None, 9, 1040),
                "nadcc-8.5",
                Chemical: new ChemicalOptions(DateCheck.InDate, BottleLight.ShadeOrOpaque)
            ),
            Finish: false
        ),
    ];

    private sealed record DemoBatch(string Container, TimeSpan Ago, TreatRequest Request, bool Finish, bool ByCompanion = false);

    private async Task WriteBatchAsync(Guid author, DemoBatch batch, Dictionary<string, Guid> things, DateTimeOffset now)
    {
        var startedAt = now - batch.Ago;
        var request = batch.Request with { StartAt = startedAt };
        var answer = Treat.Compute(request);
        var record = new BatchRecord(batch.Container, startedAt, request, answer, things[batch.Container]);
        var id = await PutAsync(author, "batch", record, ContractJson.Default.BatchRecord, startedAt);
        var at = startedAt;
        foreach (var step in answer.Steps)
        {
            if (step.Clock == StepClock.Gate)
            {
                at = at.AddMinutes(step.Minutes);
                continue;
            }

            var beyondWait = answer.Steps.TakeWhile(s => s.Id != step.Id).Any(s => s.Kind == StepKind.Contact);
            if (beyondWait && !batch.Finish)
            {
                break;
            }

            at = at.AddMinutes(step.Clock == StepClock.Guide ? step.Minutes : 1);
            var tap = new BatchEventRecord(id, BatchEventKind.Done, step.Id, at);
            await PutAsync(author, "batch-event", tap, ContractJson.Default.BatchEventRecord, at);
        }
    }

    private async Task<Guid> PutAsync<T>(
        Guid author,
        string kind,
        T body,
        System.Text.Json.Serialization.Metadata.JsonTypeInfo<T> json,
        DateTimeOffset? madeAt = null
    )
    {
        var id = madeAt is { } at ? Guid.CreateVersion7(at) : Guid.CreateVersion7();
        await store.PutAsync(
            new RecordWrite(kind, id, JsonSerializer.Serialize(body, json), null, false)
            {
                Schema = RecordKinds.Find(kind)!.Schema.Current,
            },
            author,
            CancellationToken.None
        );
        return id;
    }
}
