using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace JollyBarn.Store;

/// <summary>Sets and checks, on every connection that opens, what an acknowledged edit relies on: write-ahead log and full
/// synchronisation.</summary>
public sealed class Durable : DbConnectionInterceptor
{
    public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
    {
        ArgumentNullException.ThrowIfNull(connection);
        Run(connection, "PRAGMA busy_timeout=5000; PRAGMA synchronous=FULL; PRAGMA foreign_keys=ON;");
        if (Ask(connection, "PRAGMA journal_mode=WAL;") is not "wal")
        {
            throw new StoreException("The data file cannot keep a write-ahead log where it is. Put it on a local disk with --data.");
        }

        if (Ask(connection, "PRAGMA synchronous;") is not "2")
        {
            throw new StoreException(
                "The data file cannot be kept safe against a power cut where it is. Put it on a local disk with --data."
            );
        }
    }

    /// <summary>Options for a file. Waits up to five seconds for a lock.</summary>
    public static DbContextOptions<JobDb> Options(string path)
    {
        var connection = new SqliteConnectionStringBuilder
        {
            DataSource = path,
            DefaultTimeout = 5,
            Pooling = true,
        }.ToString();
        return new DbContextOptionsBuilder<JobDb>().UseSqlite(connection).AddInterceptors(new Durable()).Options;
    }

    private static void Run(DbConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    private static string? Ask(DbConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return Convert.ToString(command.ExecuteScalar(), System.Globalization.CultureInfo.InvariantCulture);
    }
}

/// <summary>Something about the file that a person has to mend, as a sentence.</summary>
public sealed class StoreException : Exception
{
    public StoreException() { }

    public StoreException(string message)
        : base(message) { }

    public StoreException(string message, Exception inner)
        : base(message, inner) { }

    /// <summary>The sentence for a failure of the file underneath, or null when it is none.</summary>
    public static StoreException? From(Exception failure)
    {
        for (Exception? at = failure; at is not null; at = at.InnerException)
        {
            if (at is StoreException known)
            {
                return known;
            }

            if (at is SqliteException sqlite && Sentence(sqlite.SqliteErrorCode) is { } says)
            {
                return new StoreException(says, failure);
            }
        }

        return null;
    }

    private static string? Sentence(int code) =>
        code switch
        {
            5 or 6 => "Another program holds the data file. Close it and try again; nothing was changed.",
            8 => "The data file may only be read, not written. Give write permission or choose another with --data.",
            10 => "The disk did not take the data. Check the disk; nothing was changed.",
            11 or 26 => "The data file is damaged or is not a data file of this program. Choose another with --data, or put back a copy.",
            13 => "The disk is full. Make room and try again; nothing was changed.",
            14 => "The data file cannot be opened. Check that the folder exists and may be written, or choose another with --data.",
            _ => null,
        };
}

/// <summary>For the migrations tool only.</summary>
public sealed class JobDbFactory : IDesignTimeDbContextFactory<JobDb>
{
    public JobDb CreateDbContext(string[] args) => new(Durable.Options("design.db"));
}
