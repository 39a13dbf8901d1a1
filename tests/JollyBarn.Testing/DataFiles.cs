using JollyBarn.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace JollyBarn.Testing;

/// <summary>A data file seen from outside the program.</summary>
public static class DataFiles
{
    private const string Before = "20261125082428_Judged";

    public static void Run(string path, string sql) => With(path, sql, command => command.ExecuteNonQuery());

    public static long Count(string path, string sql) => With(path, sql, command => (long)command.ExecuteScalar()!);

    /// <summary>Makes it what the program before this one kept.</summary>
    public static async Task MakeOlderAsync(string path)
    {
        SqliteConnection.ClearAllPools();
        await using (var db = new JobDb(Durable.Options(path)))
        {
            await db.GetService<IMigrator>().MigrateAsync(Before);
        }

        SqliteConnection.ClearAllPools();
    }

    private static T With<T>(string path, string sql, Func<SqliteCommand, T> ask)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return ask(command);
    }
}
