using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBrook.Core;
using JollyBrook.Core.Body;
using JollyBrook.Core.Book;
using JollyBrook.Core.Carry;
using JollyBrook.Core.Contract;
using JollyBrook.Core.InHand;
using JollyBrook.Core.Kit;
using JollyBrook.Core.Route;
using JollyBrook.Core.Sources;
using JollyBrook.Core.Units;

namespace JollyBrook.Server.Tests;

/// <summary>The demo's four-day trip as the page would ask for its plan.</summary>
internal static class DemoPlan
{
    /// <param name="records">Every record of the demo's books, as the server sends them.</param>
    public static PlanRequest Of(IReadOnlyCollection<JsonElement> records)
    {
        IEnumerable<(Guid Id, T Body)> All<T>(string kind, JsonTypeInfo<T> type) =>
            records
                .Where(r => r.GetProperty("kind").GetString() == kind)
                .Select(r => (r.GetProperty("id").GetGuid(), r.GetProperty("body").Deserialize(type)!));
        var (route, body) = All("route", ContractJson.Default.TripRoute).Single(r => r.Body.Days is { Count: 4 });
        var state = WhatIsInHand.Compute(
            new InHandRequest(
                UnitSystem.Metric,
                DateTimeOffset.UtcNow,
                [.. All("kit-item", ContractJson.Default.KitItem).Select(i => new KitEntry(i.Id.ToString(), i.Body))],
                Lines: [.. All("book-line", ContractJson.Default.BookLine).Select(l => new KeptLine(l.Id, l.Body))]
            )
        );
        var sources = All("trip-source", ContractJson.Default.TripSource).Where(s => s.Body.RouteId == route).OrderBy(s => s.Body.AlongKm);
        return new PlanRequest(
            UnitSystem.Metric,
            body,
            [.. sources.Select(s => new TripSourceEntry(s.Id.ToString(), s.Body))],
            [.. All("walker", ContractJson.Default.Walker).Select(w => new WalkerEntry(w.Id.ToString(), w.Body))],
            [.. All("sweat-test", ContractJson.Default.SweatTest).Select(t => new SweatTestEntry(t.Id.ToString(), t.Body))],
            DateTimeOffset.UtcNow,
            state.Kit,
            true
        );
    }
}
