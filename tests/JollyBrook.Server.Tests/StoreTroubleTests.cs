using System.Data.Common;
using System.Net;
using System.Text.Json;
using JollyBrook.Data.Store;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.Extensions.DependencyInjection;

namespace JollyBrook.Server.Tests;

/// <summary>A store that can't take anything, and one that is busy taking in much: both say so or make way.</summary>
public class StoreTroubleTests
{
    private static string Bottle(string name) => $$"""{"kind":"container","name":"{{name}}","volumeL":1}""";

    [Fact]
    public async Task A_full_disk_is_said_in_words_and_reading_goes_on()
    {
        var disk = new SmallDisk();
        using var server = new RunningServer(services: s => s.ConfigureDbContext<JollyBrookDb>(db => db.AddInterceptors(disk)));
        await server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle("Kept"));
        disk.IsFull = true;
        HttpResponseMessage answer;
        var kept = 1;
        do
        {
            answer = await server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle(new string('x', 60)));
            kept++;
        } while (answer.IsSuccessStatusCode && kept < 2000);

        answer.StatusCode.ShouldBe(HttpStatusCode.InsufficientStorage);
        var problem = JsonDocument.Parse(await answer.Content.ReadAsStringAsync()).RootElement;
        problem.GetProperty("type").GetString().ShouldBe("/problems/server-full");
        problem.GetProperty("detail").GetString()!.ShouldContain("stays on this device");
        // Reading needs no room, what was acknowledged is there, and once there is room writing goes on.
        server.Execute("SELECT COUNT(*) FROM records").ShouldBe((long)(kept - 1));
        (await server.ChangesAsync()).GetProperty("records").GetArrayLength().ShouldBe(Math.Min(kept - 1, 1000));
        disk.IsFull = false;
        (await server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle("Room again"))).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    /// <summary>Between the slices of a large backup others write: none waits for the whole of it.</summary>
    [Fact]
    public async Task While_a_backup_is_taken_in_others_write()
    {
        var slices = new AfterEachSlice();
        using var server = new RunningServer(services: s => s.ConfigureDbContext<JollyBrookDb>(db => db.AddInterceptors(slices)));
        slices.Meanwhile = () => server.PutAsync("kit-item", Guid.CreateVersion7(), Bottle("Meanwhile"));
        var records = string.Join(
            ',',
            Enumerable
                .Range(0, 1200)
                .Select(_ => $$"""{"kind":"kit-item","id":"{{Guid.CreateVersion7()}}","body":{{Bottle("Of the file")}}}""")
        );
        var file = $$"""{"format":"jolly-brook-backup","version":1,"madeAt":"2026-08-21T14:00:00Z","records":[{{records}}]}""";

        var counts = await server.Owner.PostForAsync($"/api/books/{server.Owner.PersonId}/restore?mode=merge", file);

        counts.GetProperty("added").GetInt32().ShouldBe(1200);
        slices.Answers.ShouldBe([HttpStatusCode.OK, HttpStatusCode.OK, HttpStatusCode.OK]);
        server.Execute("SELECT COUNT(*) FROM records WHERE Body LIKE '%Meanwhile%'").ShouldBe(3L);
    }

    /// <summary>A disk on which the store can't grow.</summary>
    private sealed class SmallDisk : DbConnectionInterceptor
    {
        public bool IsFull { get; set; }

        public override Task ConnectionOpenedAsync(
            DbConnection connection,
            ConnectionEndEventData eventData,
            CancellationToken cancellationToken = default
        )
        {
            using var command = connection.CreateCommand();
            // SQLite takes the size there is for a smaller one.
            command.CommandText = $"PRAGMA max_page_count={(IsFull ? 1 : 1_000_000)}";
            command.ExecuteScalar();
            return Task.CompletedTask;
        }
    }

    /// <summary>Does something each time a slice of a backup has been laid on the shelf.</summary>
    private sealed class AfterEachSlice : SaveChangesInterceptor
    {
        private const int LargestOtherwise = 10;

        public Func<Task<HttpResponseMessage>> Meanwhile { get; set; } = () => throw new InvalidOperationException();

        public List<HttpStatusCode> Answers { get; } = [];

        public override async ValueTask<int> SavedChangesAsync(
            SaveChangesCompletedEventData eventData,
            int result,
            CancellationToken cancellationToken = default
        )
        {
            if (eventData.EntitiesSavedCount > LargestOtherwise)
            {
                using var answer = await Meanwhile();
                Answers.Add(answer.StatusCode);
            }

            return result;
        }
    }
}
