using System.Globalization;
using Microsoft.Data.Sqlite;

namespace JollyBrook.Benchmarks;

/// <summary>Records put straight into a stopped server's file, as a restore would.</summary>
internal sealed class RecordFile : IDisposable
{
    private readonly SqliteConnection _connection;
    private readonly SqliteTransaction _transaction;
    private readonly SqliteCommand _command;

    public RecordFile(string folder, Guid book)
    {
        _connection = new SqliteConnection($"Data Source={Path.Combine(folder, "jolly-brook.db")};Pooling=False");
        _connection.Open();
        _transaction = _connection.BeginTransaction();
        _command = _connection.CreateCommand();
        _command.CommandText =
            "INSERT INTO records (BookId, Kind, Id, Revision, Body, Schema, AuthorId, TakenOut, ReceivedAt) VALUES ($book, $kind, $id, $revision, $body, 1, $book, 0, $at)";
        foreach (var name in new[] { "$book", "$kind", "$id", "$revision", "$body", "$at" })
        {
            _command.Parameters.AddWithValue(name, "");
        }

        _command.Parameters["$book"].Value = book.ToString().ToUpperInvariant();
    }

    /// <summary>How many have been put in.</summary>
    public int Count { get; private set; }

    public void Insert(string kind, Guid id, string body, DateTimeOffset at)
    {
        _command.Parameters["$kind"].Value = kind;
        _command.Parameters["$id"].Value = id.ToString().ToUpperInvariant();
        _command.Parameters["$revision"].Value = ++Count;
        _command.Parameters["$body"].Value = body;
        _command.Parameters["$at"].Value = at.ToString("yyyy-MM-dd HH:mm:ss.fffffffzzz", CultureInfo.InvariantCulture);
        _command.ExecuteNonQuery();
    }

    public void Keep() => _transaction.Commit();

    public void Dispose()
    {
        _command.Dispose();
        _transaction.Dispose();
        _connection.Dispose();
    }
}
