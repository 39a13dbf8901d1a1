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

    public DbSet<ClassRow> Classes => Set<ClassRow>();

    public DbSet<LearnerRow> Learners => Set<LearnerRow>();

    public DbSet<AnswerRow> Answers => Set<AnswerRow>();

    /// <summary>Saves, with the sums of rows that have one.</summary>
    public override int SaveChanges(bool acceptAllChangesOnSuccess)
    {
        foreach (var entry in ChangeTracker.Entries().Where(e => e.State is EntityState.Added or EntityState.Modified))
        {
            switch (entry.Entity)
            {
                case JobRow job:
                    job.Sum = job.Summed;
                    break;
                case BoxRow box:
                    box.Sum = box.Summed;
                    break;
                case ClassRow one:
                    one.Sum = one.Summed;
                    break;
                case LearnerRow learner:
                    learner.Sum = learner.Summed;
                    break;
                case AnswerRow answer:
                    answer.Sum = answer.Summed;
                    break;
            }
        }

        return base.SaveChanges(acceptAllChangesOnSuccess);
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<JobRow>(job =>
        {
            job.HasKey(j => j.Id);
            job.Property(j => j.Sum).HasDefaultValue("");
        });
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
        modelBuilder.Entity<ClassRow>(one =>
        {
            one.HasKey(c => c.Id);
            one.HasIndex(c => c.Code).IsUnique();
        });
        modelBuilder.Entity<LearnerRow>().HasKey(l => new { l.ClassId, l.Number });
        modelBuilder.Entity<AnswerRow>(answer =>
        {
            answer.HasKey(a => new
            {
                a.ClassId,
                a.Learner,
                a.Item,
            });
            answer.HasIndex(a => a.Job);
        });
    }
}
