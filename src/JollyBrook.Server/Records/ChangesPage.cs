using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using JollyBrook.Data.Records;

namespace JollyBrook.Server.Records;

/// <summary>
/// A page of what was written after a revision, sent as it is read, so that a book of any size costs the server no more than a record at a
/// time. A page ends after so many records or bytes.
/// </summary>
internal sealed class ChangesPage(RecordStore store, long since) : IResult
{
    private const int MostRecords = 1000;
    private const int MostBytes = 1024 * 1024;

    public async Task ExecuteAsync(HttpContext httpContext)
    {
        var response = httpContext.Response;
        var cancellation = httpContext.RequestAborted;
        // What is latest when the page begins; a record written meanwhile comes with the next.
        var latest = await store.LatestRevisionAsync(cancellation);
        response.ContentType = "application/json; charset=utf-8";
        await using var json = new Utf8JsonWriter(
            response.BodyWriter,
            new JsonWriterOptions { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping }
        );
        var (revision, count, bytes, more) = (since, 0, 0L, false);
        json.WriteStartObject();
        json.WriteStartArray("records");
        await foreach (var record in store.ChangesAsync(since).WithCancellation(cancellation))
        {
            if (count == MostRecords || bytes > MostBytes)
            {
                more = true;
                break;
            }

            Write(json, record);
            (revision, count, bytes) = (record.Revision, count + 1, bytes + Encoding.UTF8.GetByteCount(record.Body));
            if (json.BytesPending > 64 * 1024)
            {
                await json.FlushAsync(cancellation);
            }
        }

        json.WriteEndArray();
        json.WriteNumber("revision", revision);
        json.WriteBoolean("more", more);
        json.WriteNumber("latest", count > 0 ? Math.Max(latest, revision) : latest);
        var size = await store.BytesAsync(cancellation);
        json.WriteNumber("bytes", size);
        json.WriteNumber("mostBytes", BookSize.Most);
        json.WriteBoolean("nearlyFull", size >= BookSize.NearlyFull);
        json.WriteEndObject();
        await json.FlushAsync(cancellation);
    }

    private static void Write(Utf8JsonWriter json, StoredRecord record)
    {
        json.WriteStartObject();
        json.WriteString("kind", record.Kind);
        json.WriteString("id", record.Id);
        json.WriteNumber("revision", record.Revision);
        if (record.AuthorId is { } author)
        {
            json.WriteString("author", author);
        }
        else
        {
            json.WriteNull("author");
        }

        json.WriteNumber("schema", record.Schema);
        json.WritePropertyName("body");
        json.WriteRawValue(record.TakenOut ? "null" : record.Body, skipInputValidation: true);
        json.WriteEndObject();
    }
}
