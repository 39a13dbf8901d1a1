using JollyBarn.Store;

namespace JollyBarn.Web.Tests;

/// <summary>What time does to sessions, invitations and the audit.</summary>
public sealed class CrewStoreTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-crew-store-").FullName;

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, true);
    }

    private sealed class Later : TimeProvider
    {
        public TimeSpan By { get; set; }

        public override DateTimeOffset GetUtcNow() => new DateTimeOffset(2026, 10, 5, 8, 0, 0, TimeSpan.Zero) + By;
    }

    [Fact]
    public async Task What_is_past_lets_nobody_in_and_goes_after_a_month()
    {
        var clock = new Later();
        await using var store = new JobStore(Path.Combine(folder, "test.db"), clock);
        var crew = store.Crew;
        var now = clock.GetUtcNow();
        crew.Begin(
            new SessionRow
            {
                Id = "s",
                PersonId = "p",
                Device = "phone",
                Began = CrewStore.Text(now),
                Seen = CrewStore.Text(now),
                Ends = CrewStore.Text(now.AddHours(12)),
            }
        );
        crew.Invite(
            new InvitationRow
            {
                Id = "i",
                Role = CrewRole.Works,
                Jobs = "*",
                By = "Mara",
                Made = CrewStore.Text(now),
                Ends = CrewStore.Text(now.AddHours(24)),
            }
        );
        crew.Note(AuditOf.Invited, "Mara", null, null);
        clock.By = TimeSpan.FromHours(11);
        Assert.NotNull(crew.Session("s"));
        Assert.NotNull(crew.Invited("i"));
        clock.By = TimeSpan.FromHours(12);
        Assert.Null(crew.Session("s"));
        clock.By = TimeSpan.FromHours(24);
        Assert.Null(crew.Invited("i"));
        Assert.Null(crew.Take("i"));
        crew.Tidy();
        Assert.Equal((1, 1), Rows(store));
        clock.By = TimeSpan.FromDays(32);
        crew.Tidy();
        Assert.Equal((0, 0), Rows(store));
        Assert.Single(crew.Audit(10));
    }

    private static (int Sessions, int Invitations) Rows(JobStore store)
    {
        using var db = store.Db();
        return (db.Sessions.Count(), db.Invitations.Count());
    }
}
