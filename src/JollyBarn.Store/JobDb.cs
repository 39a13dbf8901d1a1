using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>The SQLite file.</summary>
public sealed class JobDb(DbContextOptions<JobDb> options) : DbContext(options)
{
    public DbSet<JobRow> Jobs => Set<JobRow>();

    public DbSet<EditRow> Edits => Set<EditRow>();

    public DbSet<SnapshotRow> Snapshots => Set<SnapshotRow>();

    public DbSet<BoxRow> Boxes => Set<BoxRow>();

    public DbSet<PhotoRow> Photos => Set<PhotoRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<JobRow>().HasKey(j => j.Id);
        modelBuilder.Entity<EditRow>(edit =>
        {
            edit.HasKey(e => e.Id);
            edit.HasIndex(e => new { e.JobId, e.Version }).IsUnique();
            edit.HasIndex(e => new { e.JobId, e.EditId }).IsUnique();
        });
        modelBuilder.Entity<SnapshotRow>(snapshot =>
        {
            snapshot.HasKey(s => s.Id);
            snapshot.HasIndex(s => new { s.JobId, s.Version }).IsUnique();
        });
        modelBuilder.Entity<BoxRow>().HasKey(b => new { b.JobId, b.BoxId });
        modelBuilder.Entity<PhotoRow>().HasKey(p => new { p.JobId, p.Sha });
    }
}
