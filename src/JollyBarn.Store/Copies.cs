using System.Globalization;
using Microsoft.Data.Sqlite;

namespace JollyBarn.Store;

/// <summary>Whole copies of a data file beside it, made by SQLite itself and opened before they count.</summary>
public static class Copies
{
    private const int Kept = 5;
    private const string Mark = ".copy-";
    private const string Unfinished = ".unfinished";
    private const string Coming = ".coming";
    private static readonly string[] Parts = ["", "-wal", "-shm"];

    /// <summary>Ends of names that are no copies: one being made, and what SQLite lays beside one while it is open.</summary>
    private static readonly string[] Beside = [Unfinished, "-wal", "-shm", "-journal"];

    private static readonly TimeSpan Every = TimeSpan.FromHours(6);

    /// <summary>Copies of a file, newest first.</summary>
    public static IReadOnlyList<string> Of(string path)
    {
        var folder = Path.GetDirectoryName(Path.GetFullPath(path))!;
        return Directory.Exists(folder)
            ?
            [
                .. Directory
                    .EnumerateFiles(folder, Path.GetFileName(path) + Mark + "*")
                    .Where(f => !Beside.Any(b => f.EndsWith(b, StringComparison.Ordinal)))
                    .OrderDescending(StringComparer.Ordinal),
            ]
            : [];
    }

    public static string? Newest(string path) => Of(path) is [var newest, ..] ? newest : null;

    /// <summary>Makes one when the newest is old, and lets go of the oldest.</summary>
    /// <param name="says">Hears why there is none.</param>
    public static void Roll(string path, DateTimeOffset now, Action<string> says)
    {
        if (Newest(path) is { } newest && now - File.GetLastWriteTimeUtc(newest) < Every)
        {
            return;
        }

        try
        {
            Make(path, now);
        }
        catch (Exception problem) when (problem is SqliteException or IOException or UnauthorizedAccessException or StoreException)
        {
            says($"No copy of {path} could be made: {problem.Message}");
            return;
        }

        foreach (var old in Of(path).Skip(Kept))
        {
            File.Delete(old);
        }
    }

    /// <summary>Makes a copy of a file of which only the log counts as kept: what others have not read yet is in it too.</summary>
    /// <exception cref="StoreException">The copy does not read, or there is no room for it.</exception>
    public static string Make(string path, DateTimeOffset now)
    {
        var copy = $"{path}{Mark}{now.UtcDateTime.ToString("yyyyMMdd'T'HHmmssfff", CultureInfo.InvariantCulture)}";
        var making = copy + Unfinished;
        foreach (var left in Directory.EnumerateFiles(Path.GetDirectoryName(path)!, Path.GetFileName(path) + Mark + "*" + Unfinished + "*"))
        {
            File.Delete(left);
        }

        try
        {
            using (var from = Open(path))
            {
                Run(from, "VACUUM INTO $to", ("$to", making));
            }

            if (Check(making) is { } wrong)
            {
                throw new StoreException($"The copy of {path} does not read: {wrong}. Nothing was changed.");
            }

            if (!OperatingSystem.IsWindows())
            {
                File.SetUnixFileMode(making, FileClaim.Private);
            }

            File.Move(making, copy);
            return copy;
        }
        finally
        {
            File.Delete(making);
        }
    }

    /// <summary>Puts a copy in the place of a file; what was there is kept beside it.</summary>
    /// <returns>Where that lies now; null when there was none.</returns>
    /// <exception cref="StoreException">The copy does not read.</exception>
    public static string? PutBack(string path, string copy, DateTimeOffset now)
    {
        if (!File.Exists(copy))
        {
            throw new StoreException($"There is no copy {copy}. --copies lists those there are.");
        }

        if (Check(copy) is { } wrong)
        {
            throw new StoreException($"The copy {copy} does not read: {wrong}. Nothing was changed.");
        }

        var aside = $"{path}.replaced-{now.UtcDateTime.ToString("yyyyMMdd'T'HHmmss", CultureInfo.InvariantCulture)}";
        var was = File.Exists(path);
        foreach (var part in Parts.Where(p => File.Exists(path + p)))
        {
            File.Copy(path + part, aside + part, true);
        }

        File.Copy(copy, path + Coming + Unfinished, true);
        // From here on it is decided: whoever comes next ends it.
        File.Move(path + Coming + Unfinished, path + Coming, true);
        EndPutBack(path);
        return was ? aside : null;
    }

    /// <summary>Ends what a kill came between: a copy that was to come into the place of a file does.</summary>
    /// <returns>True when there was one.</returns>
    internal static bool EndPutBack(string path)
    {
        if (!File.Exists(path + Coming))
        {
            return false;
        }

        // What SQLite had laid beside the old file would be read into the new one.
        foreach (var part in Parts.Where(p => p.Length > 0))
        {
            File.Delete(path + part);
        }

        File.Move(path + Coming, path, true);
        return true;
    }

    /// <summary>What is wrong with a file by SQLite's quick check, or null.</summary>
    internal static string? Check(string path)
    {
        try
        {
            using var connection = Open(path);
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA quick_check(1)";
            return command.ExecuteScalar() as string is "ok" ? null : "SQLite finds it damaged";
        }
        catch (SqliteException problem)
        {
            return problem.Message;
        }
    }

    /// <summary>Gives a file its write-ahead log: a copy has none, and a connection that only reads could not make one.</summary>
    internal static void KeepLog(string path)
    {
        using var connection = Open(path);
        Run(connection, "PRAGMA journal_mode=WAL");
    }

    private static SqliteConnection Open(string path)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Pooling = false,
                Mode = SqliteOpenMode.ReadWrite,
            }.ToString()
        );
        connection.Open();
        return connection;
    }

    private static void Run(SqliteConnection connection, string sql, params ReadOnlySpan<(string Name, object Value)> values)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        foreach (var (name, value) in values)
        {
            command.Parameters.AddWithValue(name, value);
        }

        command.ExecuteNonQuery();
    }
}
