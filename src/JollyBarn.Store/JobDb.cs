using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>The SQLite file: jobs, classes, and the people of the crew.</summary>
public sealed class JobDb(DbContextOptions<JobDb> options) : IdentityUserContext<Person>(options)
{
    public DbSet<JobRow> Jobs => Set<JobRow>();

    public DbSet<EditRow> Edits => Set<EditRow>();

    public DbSet<SnapshotRow> Snapshots => Set<SnapshotRow>();

    public DbSet<BoxRow> Boxes => Set<BoxRow>();

    public DbSet<PhotoRow> Photos => Set<PhotoRow>();

    public DbSet<ClassRow> Classes => Set<ClassRow>();

    public DbSet<LearnerRow> Learners => Set<LearnerRow>();

    public DbSet<AnswerRow> Answers => Set<AnswerRow>();

    public DbSet<GrantRow> Grants => Set<GrantRow>();

    public DbSet<InvitationRow> Invitations => Set<InvitationRow>();

    public DbSet<SessionRow> Sessions => Set<SessionRow>();

    public DbSet<AuditRow> Audit => Set<AuditRow>();

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

    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        builder.Entity<Person>(person =>
        {
            person.ToTable("People");
            person.Property(p => p.Role).HasConversion<string>();
        });
        builder.Entity<GrantRow>().HasKey(g => new { g.PersonId, g.JobId });
        builder.Entity<InvitationRow>().Property(i => i.Role).HasConversion<string>();
        builder.Entity<SessionRow>().HasIndex(s => s.PersonId);
        builder.Entity<AuditRow>().Property(a => a.What).HasConversion<string>();
        builder.Entity<JobRow>(job =>
        {
            job.HasKey(j => j.Id);
            job.Property(j => j.Sum).HasDefaultValue("");
        });
        builder.Entity<EditRow>(edit =>
        {
            edit.HasKey(e => e.Id);
            edit.HasIndex(e => new { e.JobId, e.Version }).IsUnique();
            edit.HasIndex(e => new { e.JobId, e.EditId }).IsUnique();
        });
        builder.Entity<SnapshotRow>(snapshot =>
        {
            snapshot.HasKey(s => s.Id);
            snapshot.HasIndex(s => new { s.JobId, s.Version }).IsUnique();
        });
        builder.Entity<BoxRow>().HasKey(b => new { b.JobId, b.BoxId });
        builder.Entity<PhotoRow>().HasKey(p => new { p.JobId, p.Sha });
        builder.Entity<ClassRow>(one =>
        {
            one.HasKey(c => c.Id);
            one.HasIndex(c => c.Code).IsUnique();
        });
        builder.Entity<LearnerRow>().HasKey(l => new { l.ClassId, l.Number });
        builder.Entity<AnswerRow>(answer =>
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
